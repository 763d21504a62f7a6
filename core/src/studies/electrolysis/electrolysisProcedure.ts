import { forAnyReader } from '../../common/reader';
import { blankStep, procedureSchema } from '../../planning/procedure/procedure';
import type { Procedure, Step } from '../../planning/procedure/procedure';
import { hazardsOf } from '../../safety/hazards';
import { dropNames } from '../../vessel/pour';
import { cellContainer, indicatorDrops } from './cell';
import type { CellRequest } from './cellRequest';
import type { PredictedCell } from './predictCell';
import { formatNumber } from '../../common/formatNumber';

/** A cell as it goes into a lab day. */
export interface ElectrolysisPlan {
  readonly id: string;
  /** What it is called; after what is in the cell where nothing is said. */
  readonly name?: string;
  readonly request: CellRequest;
  readonly cell: PredictedCell;
  readonly currentA: number;
  readonly minutes: number;
}

const vessel = 'cell';
const mostNameLetters = 100;

/**
 * An electrolysis as a procedure: what is expected is computed from its events at every bench, tests of the products stand as
 * steps, and what is weighed and read is measured.
 */
export const electrolysisProcedure = forAnyReader(function electrolysisProcedure(
  plan: ElectrolysisPlan,
): Procedure {
  const { id, request, cell } = plan;
  if ('molten' in request.electrolyte) throw new Error('A melt does not go to the benches.');
  const salts = request.electrolyte.map(({ substance }) => substance).join(' and ');
  const materials = `${cell.cathode.electrode.material} and ${cell.anode.electrode.material}`;
  const name = (plan.name ?? `A current through ${salts}, ${materials}`).slice(0, mostNameLetters);
  const { electrolyte } = request;
  const volumeMl = Math.min(1000, Math.round(cell.volumeMl * 10) / 10);
  const gases = [cell.cathode, cell.anode].flatMap(({ products }) =>
    products.filter(({ state }) => state === 'g').map(({ formula }) => formula),
  );
  const weighed =
    !cell.anode.electrode.inert || cell.cathode.products.some(({ state }) => state === 's');
  const toxic =
    gases.includes('Cl2') || cell.anode.products.some(({ formula }) => formula === 'Br2');
  const caution = cautionOf(gases, toxic);
  const saltCaution = saltCautionOf(electrolyte);
  const portions = portionsOf(electrolyte, volumeMl);
  const indicator = indicatorIn(request, volumeMl);
  return procedureSchema.parse({
    id,
    name,
    kind: cell.anode.electrode.inert ? 'electrolysisOfSalts' : 'electrodesCompared',
    purpose:
      `A current through ${salts} between ${cell.cathode.electrode.material} at minus and ${cell.anode.electrode.material} at plus: ${cell.overall ?? 'what comes off, and what stays behind'}.`.slice(
        0,
        600,
      ),
    vessels: [{ name: vessel, container: cellContainer(volumeMl) }],
    apparatus: [
      { name: 'power supply', count: 1 },
      { name: 'ammeter', count: 1 },
      { name: `${cell.cathode.electrode.material} electrode`, count: 1 },
      { name: `${cell.anode.electrode.material} electrode`, count: 1 },
      { name: 'leads, marked plus and minus', count: 2 },
    ],
    steps: [
      ...(weighed ? [weighing('before')] : []),
      {
        ...blankStep('fill'),
        text: `Put ${formatNumber(volumeMl)} mL of the solution of ${salts} into the cell${indicator.length > 0 ? ` with ${request.indicator ?? ''}` : ''}.`,
        events: [...portions, ...indicator],
        minutes: 3,
        ...(saltCaution && { caution: saltCaution.slice(0, 400) }),
        record: ['colour'],
      },
      {
        ...blankStep('connect'),
        text: `Electrodes in, not touching; ${cell.cathode.electrode.material} to minus, ${cell.anode.electrode.material} to plus, leads marked, the supply still off.`,
        minutes: 2,
      },
      runStep(plan, caution, toxic),
      ...productTests(cell),
      ...(weighed ? [weighing('after')] : []),
    ],
    questions: ['Half-equations for both electrodes?', 'What stays behind in the solution?'],
    disposal:
      'The solution is kept for the next class where it stays clean; otherwise to the bottle the waste plan names.',
  });
});

type Electrolyte = Exclude<CellRequest['electrolyte'], { readonly molten: string }>;

/** What has to be said before the current is switched on. */
function cautionOf(gases: readonly string[], isToxic: boolean): string {
  return [
    'Switch off before touching the circuit; the electrodes must not touch.',
    gases.includes('H2') && gases.length > 1
      ? 'Never lead both gases into one tube; no flame near the cell.'
      : '',
    isToxic
      ? 'A toxic halogen comes off at plus: hood or a covered drop, and stop after a short time.'
      : '',
  ]
    .filter((one) => one !== '')
    .join(' ');
}

/** What the salts do to whoever spills them. */
function saltCautionOf(electrolyte: Electrolyte): string {
  return electrolyte
    .map(({ substance }) => ({ substance, text: hazardsOf(substance).statements[0]?.text }))
    .filter(({ text }) => text !== undefined)
    .map(({ substance, text }) => `${substance}: ${text?.toLowerCase() ?? ''}`)
    .join('; ');
}

/** The solution, salt by salt. */
function portionsOf(electrolyte: Electrolyte, volumeMl: number) {
  return electrolyte.map(({ substance, concentrationM }) => ({
    vessel,
    action: {
      do: 'add' as const,
      // Each brings its part of the volume at the strength that leaves the whole as it is meant.
      portion: {
        substance,
        concentrationM: Number((concentrationM * electrolyte.length).toPrecision(4)),
        volumeMl: volumeMl / electrolyte.length,
      },
    },
  }));
}

/** The indicator, where there is one. */
function indicatorIn(request: CellRequest, volumeMl: number) {
  return request.indicator && dropNames.includes(request.indicator)
    ? [
        {
          vessel,
          action: {
            do: 'add' as const,
            portion: {
              indicator: request.indicator,
              drops: Math.min(100, Math.max(1, Math.round((indicatorDrops * volumeMl) / 100))),
            },
          },
        },
      ]
    : [];
}

/** Both electrodes on the balance. */
function weighing(when: 'before' | 'after') {
  return {
    ...blankStep(`weigh-${when}`),
    text:
      when === 'before'
        ? 'Clean both electrodes, rinse, dip in propanone, dry in air, weigh each and mark which is which.'
        : 'Rinse both electrodes by dipping, dip in propanone, dry in air, weigh each. Do not wipe.',
    minutes: 6,
    uses: { balance: 1 },
    caution: 'Propanone is highly flammable: no flame in the room.',
    ...(when === 'after' && {
      needs: [{ step: 'run', because: 'the change of mass is what the current did' }],
    }),
    measures: [
      { name: `minus ${when}`, quantity: 'mass' },
      { name: `plus ${when}`, quantity: 'mass' },
    ],
  } satisfies Step;
}

/** Tests of what came off or settled, each a step. */
function productTests(cell: PredictedCell): Step[] {
  return [['minus', cell.cathode] as const, ['plus', cell.anode] as const].flatMap(
    ([
      where,
      {
        products: [main],
      },
    ]): Step[] =>
      main?.test && main.state !== 'aq'
        ? [
            {
              ...blankStep(`test-${where}`),
              text: `Prove what came off or settled at ${where}: ${main.test}.`.slice(0, 400),
              minutes: 2,
              needs: [{ step: 'run', because: 'there is nothing to test before' }],
              notPredicted: 'Tests at an electrode are told in words: the engine tests vessels.',
              record: [`test at ${where}`],
            },
          ]
        : [],
  );
}

/** The current, switched on and watched. */
function runStep(
  { request, cell, currentA, minutes }: ElectrolysisPlan,
  caution: string,
  isToxic: boolean,
) {
  return {
    ...blankStep('run'),
    text: `Switch on, set ${formatNumber(currentA)} A at once, ${minutes} minutes. Watch both electrodes and the liquid near them.`,
    events: [
      {
        vessel,
        action: {
          do: 'electrolyse',
          cathode: cell.cathode.electrode.material,
          anode: cell.anode.electrode.material,
          currentA,
          minutes,
          areaCm2: cell.areaCm2,
          ...(request.mixing && { mixing: request.mixing }),
        },
      },
    ],
    minutes: Math.max(1, Math.ceil(minutes)),
    attended: minutes <= 5,
    needs: [{ step: 'connect', because: 'leads are never moved with the current on' }],
    caution: caution.slice(0, 400),
    record: ['what is seen at minus', 'what is seen at plus', 'colour of the liquid'],
    measures: [
      { name: 'current', quantity: 'current', series: true },
      { name: 'cell voltage', quantity: 'voltage', series: true },
    ],
    ...(request.indicator &&
      isToxic && {
        notPredicted:
          'Chlorine and hypochlorite bleach an indicator sooner or later; how soon is not followed.',
      }),
  };
}
