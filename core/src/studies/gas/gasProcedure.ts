import { capital } from '../../common/capital';
import { forAnyReader } from '../../common/reader';
import type { RackEvent } from '../../seeing/rack/rackShape';
import { blankStep, procedureSchema } from '../../planning/procedure/procedure';
import type { Procedure, Step } from '../../planning/procedure/procedure';
import type { AnyPortion } from '../../vessel/portion';
import type { Amounts, Taken } from './amounts';
import { plainFormula } from '../../matter/formula/plainFormula';
import { chargeOrder, reagentText } from './attempt';
import type { RouteReagent } from './attempt';
import { collectionNames } from './collection';
import type { CollectionMethod } from './collection';
import { gasCautions } from './gasCautions';
import { gasName } from './findGas';
import { proofOf } from './proof';
import type { Route } from './route';
import { testReagents } from './testReagents';
import { atMostFigures } from '../../common/formatNumber';
import { formatSetTemperature } from '../../common/temperature';

/** A gas preparation as it goes into a lab day. */
export interface GasPreparation {
  readonly id: string;
  readonly name: string;
  readonly route: Route;
  readonly amounts: Amounts;
  readonly method: CollectionMethod;
  readonly checklist: readonly string[];
  /** Gas that is let go before collecting, mL. */
  readonly discardMl: number;
  /** Tubes, jars or syringes wanted, and mL in each. */
  readonly count: number;
  readonly eachMl: number;
  /** Reagents the gas is passed through, by id. */
  readonly reagents: readonly string[];
  /** Minutes until the last one is full. */
  readonly minutes: number;
}

const suckBack =
  'as the apparatus cools it draws water back up the tube onto hot glass, which cracks';
const generator = 'generator';
const collected = 'collected';
/** Gas that a test is done with, mmol: a test tube full. */
const tubeMmol = 1;
const mostVessels = 12;

/**
 * A gas preparation as a procedure: what must be ready, the apparatus checked part by part, the first gas let go, the order in which
 * heat and delivery tube go away, the proof, and the reagents it is passed through. The order guard of the bench holds each.
 */
export const gasProcedure = forAnyReader(function gasProcedure(plan: GasPreparation): Procedure {
  const { route, method, reagents } = plan;
  const gas = route.gas;
  const isHot = route.heatedToC !== undefined;
  const passed = testReagents.filter(({ id }) => reagents.includes(id));
  const vesselFor = (id: string): string =>
    id === generator || id === collected ? `${id} tube` : id;
  return procedureSchema.parse({
    id: plan.id,
    name: plainFormula(plan.name).slice(0, 100),
    kind:
      method === 'syringe'
        ? 'gasInSyringes'
        : passed.length > 0
          ? 'gasThroughReagents'
          : 'gasChoice',
    purpose:
      `${gasName(gas)} from ${route.reagents.map(named).join(' and ')}, ${collectionNames[method].how}: ${plainFormula(route.equation ?? '')}`.slice(
        0,
        600,
      ),
    vessels: [
      { name: generator, container: isHot && isDry(route) ? 'testTube' : 'flask' },
      { name: collected, container: 'testTube' },
      ...passed
        .slice(0, mostVessels - 2)
        .map(({ id }) => ({ name: vesselFor(id), container: 'testTube' })),
    ],
    apparatus: apparatusOf(plan),
    steps: [
      ready(plan),
      ...(passed.length > 0
        ? [
            {
              ...blankStep('tubes'),
              text: `Fill a tube each with ${passed.map(({ name }) => name).join(', ')}.`.slice(
                0,
                400,
              ),
              events: passed.flatMap(({ id, contents }) =>
                contents.map((portion): RackEvent => ({
                  vessel: vesselFor(id),
                  action: { do: 'add', portion },
                })),
              ),
              minutes: 4,
              ...caution(passed.flatMap((one) => one.caution ?? [])),
              record: ['colours before'],
            },
          ]
        : []),
      assembleStep(plan),
      chargeStep(plan),
      purgeStep(plan),
      collectStep(plan),
      ...stopSteps(plan),
      proofStep(plan),
      ...passed.map(({ id, name, gasMmol }): Step => ({
        ...blankStep(`through-${id}`),
        text: `Lead the gas through ${name}, slowly, until it changes no more.`,
        events: [{ vessel: vesselFor(id), action: { do: 'bubble', gas, amountMmol: gasMmol } }],
        minutes: 2,
        needs: [{ step: 'tubes', because: 'the tube stands ready before the gas is led in' }],
        record: ['colour before and after', 'anything that settles'],
      })),
    ],
    questions: [
      'Write the equation, and name what stays behind in the generator.',
      `Why is it collected ${collectionNames[method].how}?${method === 'syringe' ? '' : ' Give both names of the way.'}`,
      'Why is the first gas let go?',
    ],
    disposal:
      'Stop the generator with water or by drawing the acid off, in the hood where the gas is toxic; what is left goes to the bottle the waste plan names.',
  });
});

const isDry = ({ reagents }: Route): boolean => reagents.every(({ use }) => use === 'solid');

function caution(texts: readonly string[]): { caution?: string } {
  const text = [...new Set(texts)].join(' ').slice(0, 400);
  return text ? { caution: text } : {};
}

function apparatusOf({ method, count, route, reagents }: GasPreparation): Procedure['apparatus'] {
  const kit: (readonly [string, number])[] = [
    ['delivery tube', 1],
    ['clamp and stand', method === 'syringe' ? 2 : 1],
    ['splint', 2],
    ['litmus paper, red and blue', 2],
    ...(method === 'syringe'
      ? ([
          ['gas syringe', count + 1],
          ['three-way tap', 1],
        ] as const)
      : method === 'overWater'
        ? ([
            ['water trough', 1],
            ['gas jar or tube with lid', count + 1],
          ] as const)
        : ([['dry gas jar with lid', count + 1]] as const)),
    ...(isDry(route) ? [] : ([['thistle or dropping funnel', 1]] as const)),
    ...(reagents.length > 0 ? ([['test-tube rack', 1]] as const) : []),
  ];
  return kit.map(([name, n]) => ({ name, count: Math.min(100, Math.max(1, Math.round(n))) }));
}

function ready({ method, count, route }: GasPreparation): Step {
  const hot = route.heatedToC !== undefined;
  const list = [
    method === 'syringe'
      ? 'spare syringe, greased, plunger just off the bottom'
      : 'lids, and a spare jar',
    ...(method === 'overWater'
      ? [`${count + 1} tubes or jars full of water, no air at the top`]
      : []),
    'splint and damp litmus papers',
    ...(hot ? ['burner at arm’s length, not lit'] : []),
  ];
  return {
    ...blankStep('ready'),
    text: `Have ready before anything is mixed or lit: ${list.join('; ')}.`.slice(0, 400),
    ready: list.map((one) => one.slice(0, 120)),
    minutes: 4,
  };
}

function assembleStep({ checklist, route, method }: GasPreparation): Step {
  const dips = isDry(route)
    ? 'the tube’s mouth points away from people'
    : 'the funnel dips below the liquid, the delivery tube does not';
  return {
    ...blankStep('assemble'),
    text: `Put the apparatus together and check it part by part: ${dips}; ${method === 'syringe' ? 'clamps loose, plunger moves freely' : 'all joints tight'}.`.slice(
      0,
      400,
    ),
    minutes: 5,
    needs: [{ step: 'ready', because: 'once gas comes there is no hand free to fetch anything' }],
    record: checklist.slice(0, 8).map((one) => one.slice(0, 160)),
  };
}

/** A reagent as a step has it, which is plain text. */
const named = (reagent: RouteReagent): string => plainFormula(reagentText(reagent));

const amountText = ({ reagent, massG, volumeMl, drops, words }: Taken): string =>
  words ??
  (massG !== undefined
    ? `${atMostFigures(massG, 2)} g of ${plainFormula(reagent.kept)}`
    : drops !== undefined
      ? `${drops} drops of ${named(reagent)}`
      : `${atMostFigures(volumeMl ?? 0, 2)} mL of ${named(reagent)}`);

/** What the engine is given of a reagent; what is too little or too much for a vessel is left to words. */
function portionOf({ reagent, massG, volumeMl }: Taken): AnyPortion | undefined {
  if (massG !== undefined) return { substance: reagent.kept, massG: Number(massG.toPrecision(3)) };
  if (volumeMl === undefined) return undefined;
  const ml = Math.min(1000, Math.max(0.05, Number(volumeMl.toPrecision(3))));
  if (reagent.substance === 'H2O') return { substance: 'water', volumeMl: ml };
  return reagent.use === 'solution' && reagent.concentrationM !== undefined
    ? { substance: reagent.substance, concentrationM: reagent.concentrationM, volumeMl: ml }
    : { substance: reagent.substance, volumeMl: ml };
}

const isFollowed = ({ from, heatedToC, reagents }: Route): boolean =>
  from.kind === 'engine' ||
  (heatedToC !== undefined && reagents.every(({ use }) => use === 'solid'));

function put(taken: readonly Taken[]): RackEvent[] {
  return taken.flatMap((one): RackEvent[] => {
    const portion =
      one.reagent.role === 'catalyst' && one.massG === undefined
        ? { substance: one.reagent.kept, massG: 0.1 }
        : portionOf(one);
    return portion ? [{ vessel: generator, action: { do: 'add', portion } }] : [];
  });
}

function chargeStep({ route, amounts }: GasPreparation): Step {
  const { first } = chargeOrder(amounts.taken);
  return {
    ...blankStep('charge'),
    text: `Put ${first.map((one) => (one.words ? `${plainFormula(one.reagent.kept)} (${one.words})` : amountText(one))).join(' and ')} into the generator.`,
    events: isFollowed(route) ? put(first) : [],
    minutes: 2,
    uses: { balance: 1 },
    ...caution(route.cautions),
  };
}

function purgeStep(plan: GasPreparation): Step {
  const { route, amounts, discardMl } = plan;
  const liquids = chargeOrder(amounts.taken).later;
  const start = [
    ...(liquids.length > 0
      ? [
          `add ${liquids.map((one) => (one.words ? named(one.reagent) : amountText(one))).join(' and ')} a little at a time`,
        ]
      : []),
    ...(route.heatedToC !== undefined
      ? [`warm it to about ${formatSetTemperature(route.heatedToC)}, the flame moving`]
      : []),
  ].join(', then ');
  return {
    ...blankStep('purge'),
    text: `In the hood where the gas is toxic, ${start}. Let the first ${Math.round(discardMl)} mL go: it is air.`.slice(
      0,
      400,
    ),
    events: isFollowed(route)
      ? [
          ...put(liquids),
          ...(route.heatedToC === undefined
            ? []
            : [{ vessel: generator, action: { do: 'heat' as const, toC: route.heatedToC } }]),
        ]
      : [],
    minutes: 3,
    uses: { ...(route.heatedToC !== undefined && { burner: 1 }), hood: 1 },
    needs: [
      { step: 'assemble', because: 'a leak is found before there is gas to leak' },
      {
        step: 'charge',
        because:
          'what lies in the generator is in before the other liquid or the flame comes to it',
      },
      ...(plan.reagents.length > 0
        ? [{ step: 'tubes', because: 'the gas must have somewhere to go' }]
        : []),
    ],
    ...caution(gasCautions(route.gas)),
    record: ['pace of the gas', 'volume let go, mL'],
    ...(isFollowed(route)
      ? {}
      : {
          notPredicted:
            'This reaction is written down in a table; the engine does not follow it at the bench.',
        }),
  };
}

function collectStep({ method, count, eachMl, minutes, route }: GasPreparation): Step {
  const things = method === 'syringe' ? 'syringes' : 'tubes or jars';
  return {
    ...blankStep('collect'),
    text: `Collect the gas ${collectionNames[method].how}${method === 'syringe' ? '' : ` (${collectionNames[method].alsoCalled})`}: ${count} ${things} of ${Math.round(eachMl)} mL, one after the other, each closed as it is full.`,
    minutes: Math.min(60, Math.max(1, Math.ceil(minutes))),
    uses: { ...(route.heatedToC !== undefined && { burner: 1 }), hood: 1 },
    needs: [{ step: 'purge', because: 'the first gas is air' }],
    ...(method === 'syringe' && { ready: ['the next syringe within reach'] }),
    record: ['how many were filled', 'time for each'],
    measures: [{ name: 'gas collected', quantity: 'volume' }],
  };
}

function stopSteps({ route, method }: GasPreparation): Step[] {
  const isHot = route.heatedToC !== undefined;
  if (!isHot)
    return [
      {
        ...blankStep('stop'),
        text: 'Take the last one away, close it, and stop the generator: draw the acid off or flood it with water. Let a thumbed tube go only slowly: it is under pressure.',
        minutes: 2,
        needs: [{ step: 'collect', because: 'gas is still being caught' }],
      },
    ];
  if (method === 'syringe')
    return [
      {
        ...blankStep('flame-off'),
        text: 'Take the flame away before the last syringe is full: gas runs on for a while.',
        minutes: 1,
        needs: [{ step: 'collect', because: 'gas is still being caught' }],
      },
      {
        ...blankStep('open'),
        text: 'Open the tap to the air as it cools, so that no plunger is sucked in.',
        minutes: 3,
        after: [{ step: 'flame-off', maxWaitMin: 2 }],
        needs: [
          { step: 'flame-off', because: 'the plunger creeps back as soon as the tube cools' },
        ],
      },
    ];
  return [
    {
      ...blankStep('lift'),
      text:
        method === 'overWater'
          ? 'Lift the delivery tube out of the water, the flame still under the generator.'
          : 'Take the jar away and close it.',
      minutes: 1,
      needs: [{ step: 'collect', because: 'gas is still being caught' }],
    },
    {
      ...blankStep('flame-off'),
      text: 'Only now take the flame away.',
      minutes: 1,
      needs: [
        {
          step: 'lift',
          because:
            method === 'overWater'
              ? `the delivery tube is out before the heat goes: ${suckBack}`.slice(0, 200)
              : 'a cooling generator draws air and gas back',
        },
      ],
    },
  ];
}

function proofStep({ route }: GasPreparation): Step {
  const { gas } = route;
  const proof = proofOf(gas);
  return {
    ...blankStep('prove'),
    text: `Prove it: ${proof ? `${proof.method}; ${proof.positive}` : 'by what it does to litmus and a splint'}.`.slice(
      0,
      400,
    ),
    events: [
      { vessel: collected, action: { do: 'add', portion: { gas, amountMmol: tubeMmol } } },
      ...(proof ? [{ vessel: collected, action: { do: 'test' as const, test: proof.test } }] : []),
    ],
    minutes: 2,
    needs: [{ step: 'collect', because: 'there is nothing to test before' }],
    ...caution([
      ...(proof?.but ? [`${capital(proof.but)}.`] : []),
      ...(gas === 'H2'
        ? ['One small tube, away from the generator: never a flame near the apparatus.']
        : []),
    ]),
    record: ['test and result'],
  };
}
