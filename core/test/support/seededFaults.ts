import { likelyCauses } from '../../src/seeing/judgement/faults/likelyCauses';
import { mergeObservations } from '../../src/seeing/observation/mergeObservations';
import { runRack } from '../../src/seeing/rack/rack';
import type { Plan } from '../../src/seeing/judgement/faults/fault';
import type { LikelyCause } from '../../src/seeing/judgement/faults/likelyCauses';
import { tellsChange } from '../../src/seeing/observation/observation';
import type { Observation } from '../../src/seeing/observation/observation';
import type { RackEvent } from '../../src/seeing/rack/rackShape';
import { withAnswers } from '../../src/seeing/judgement/faults/likelyCauses';

/** A test that was spoilt on purpose, and the words by which its cause is known when it is found. */
export interface SeededFault {
  readonly name: string;
  readonly plan: Plan;
  /** What was really done. */
  readonly done: readonly RackEvent[];
  readonly cause: RegExp;
  /** Whether a blank was run in the same spoilt way, with water for the sample. */
  readonly blank?: readonly RackEvent[];
}

const tube = 'tube';
const put = (vessel: string, portion: object): RackEvent =>
  ({ vessel, action: { do: 'add', portion } }) as RackEvent;
const pour = (substance: string, concentrationM: number, volumeMl: number, vessel = tube) =>
  put(vessel, { substance, concentrationM, volumeMl });
const solid = (substance: string, massG: number) => put(tube, { substance, massG });
const water = (volumeMl: number) => put(tube, { substance: 'water', volumeMl });
const drops = (indicator: string) => put(tube, { indicator, drops: 2 });
const heat = (toC: number): RackEvent => ({ vessel: tube, action: { do: 'heat', toC } });
const wait = (minutes: number): RackEvent => ({ vessel: tube, action: { do: 'wait', minutes } });
const light = (minutes: number): RackEvent => ({ vessel: tube, action: { do: 'light', minutes } });

const planOf = (
  events: readonly RackEvent[],
  container: Plan['vessels'][number]['container'] = 'testTube',
  from = 0,
): Plan => ({
  vessels: [
    { name: tube, container },
    { name: 'beside', container },
  ],
  events,
  vessel: tube,
  from,
  to: events.length - 1,
});

/** Chloride, hydrogencarbonate and calcium as another waterworks sends them. */
const tap = [pour('NaCl', 0.09, 0.05), pour('NaHCO3', 0.2, 0.05), pour('CaCl2', 0.05, 0.05)];

const clouds = [pour('CuSO4', 0.1, 3), pour('NaOH', 0.3, 3)];
const cold = [water(50), solid('CaCl2', 6)];
const besides = [pour('NaCl', 0.1, 3, 'beside'), pour('AgNO3', 0.1, 3, 'beside')];

/** A vessel that holds acid or alkali of the class before. */
const left = (substance: 'HCl' | 'NaOH') => pour(substance, 1, 0.15);
const bottle = [
  pour('glucose', 0.2, 5),
  pour('NaOH', 0.5, 5),
  drops('methylene blue'),
  { vessel: tube, action: { do: 'shakeWithAir' } } as RackEvent,
];
const copperIodide = [pour('CuSO4', 0.1, 3), pour('KI', 0.2, 3)];

/**
 * Slips that people make, each done to the engine without the help of the module that looks for them: aged, swapped, dirty,
 * wrongly weighed, out of order, with tap water, too hot, too short, left out. The true cause was written down before it was asked
 * for.
 */
export const seededFaults: readonly SeededFault[] = [
  // Tap water.
  {
    name: 'tap water with silver nitrate',
    plan: planOf([pour('KNO3', 0.1, 5), pour('AgNO3', 0.05, 5)]),
    done: [pour('KNO3', 0.1, 5), ...tap, pour('AgNO3', 0.05, 5)],
    cause: /tap water/,
  },
  {
    name: 'tap water with lead nitrate',
    plan: planOf([water(10), pour('Pb(NO3)2', 0.1, 2)]),
    done: [water(10), ...tap, pour('Na2SO4', 0.2, 0.05), pour('Pb(NO3)2', 0.1, 2)],
    cause: /tap water/,
  },
  {
    name: 'tap water with oxalate',
    plan: planOf([water(10), pour('Na2C2O4', 0.2, 2)]),
    done: [water(10), pour('CaCl2', 0.3, 0.05), pour('NaHCO3', 0.5, 0.05), pour('Na2C2O4', 0.2, 2)],
    cause: /tap water/,
  },
  // Left out.
  {
    name: 'the alkali left out',
    plan: planOf(clouds),
    done: [pour('CuSO4', 0.1, 3)],
    cause: /^NaOH was left out/,
  },
  {
    name: 'water for the acid on chalk',
    plan: planOf([solid('CaCO3', 0.5), pour('HCl', 2, 5)]),
    done: [solid('CaCO3', 0.5), water(5)],
    cause: /^HCl was left out/,
  },
  {
    name: 'the thiocyanate left out',
    plan: planOf([pour('FeCl3', 0.02, 3), pour('KSCN', 0.05, 3)]),
    done: [pour('FeCl3', 0.02, 3), water(3)],
    cause: /^KSCN was left out/,
  },
  {
    name: 'zinc in water',
    plan: planOf([solid('Zn', 0.5), pour('CuSO4', 0.5, 5)]),
    done: [solid('Zn', 0.5), water(5)],
    cause: /^CuSO4 was left out/,
  },
  {
    name: 'the peroxide left out',
    plan: planOf([pour('KI', 0.1, 3), pour('H2SO4', 0.5, 1), pour('H2O2', 0.3, 2)]),
    done: [pour('KI', 0.1, 3), pour('H2SO4', 0.5, 1), water(2)],
    cause: /H2O2 (was left out|is old)/,
  },
  // Another form of the salt.
  {
    name: 'a hydrate for the dry salt',
    plan: planOf(cold, 'cup'),
    done: [water(50), solid('CaCl2·2H2O', 6)],
    cause: /jar held CaCl2·2H2O/,
  },
  {
    name: 'washing soda for dry soda',
    plan: planOf([water(50), solid('Na2CO3', 8)], 'cup'),
    done: [water(50), solid('Na2CO3·10H2O', 8)],
    cause: /jar held Na2CO3·10H2O/,
  },
  {
    name: 'dry copper sulfate for the crystals',
    plan: planOf([water(25), solid('CuSO4·5H2O', 8)], 'cup'),
    done: [water(25), solid('CuSO4', 8)],
    cause: /jar held CuSO4, not/,
  },
  // A decimal point, or a wrong measure.
  {
    name: 'alkali ten times too weak for alumina',
    plan: planOf([pour('Al2(SO4)3', 0.05, 3), pour('NaOH', 2, 3)]),
    done: [pour('Al2(SO4)3', 0.05, 3), pour('NaOH', 0.2, 3)],
    cause: /^(far too little of NaOH|NaOH is ten times weaker)/,
  },
  {
    name: 'chloride ten times too weak for lead',
    plan: planOf([pour('Pb(NO3)2', 0.1, 3), pour('NaCl', 1, 3)]),
    done: [pour('Pb(NO3)2', 0.1, 3), pour('NaCl', 0.1, 3)],
    cause: /^(far too little of NaCl|NaCl is ten times weaker)/,
  },
  {
    name: 'iron(III) and thiocyanate, a decimal point',
    plan: planOf([pour('FeCl3', 0.002, 3), pour('KSCN', 0.005, 3)]),
    done: [pour('FeCl3', 0.002, 3), pour('KSCN', 0.0005, 3)],
    cause: /^(far too little of KSCN|KSCN is ten times weaker)/,
  },
  {
    name: 'thiocyanate a decimal point out, from deep red to orange',
    plan: planOf([pour('FeCl3', 0.01, 3), pour('KSCN', 0.01, 3)]),
    done: [pour('FeCl3', 0.01, 3), pour('KSCN', 0.001, 3)],
    cause: /^(far too little of KSCN|KSCN is ten times weaker)/,
  },
  {
    name: 'too little ammonia for the deep blue',
    plan: planOf([pour('CuSO4', 0.1, 3), pour('NH3', 2, 3)]),
    done: [pour('CuSO4', 0.1, 3), pour('NH3', 2, 0.25)],
    cause: /^(far too little of NH3|NH3 is ten times weaker)/,
  },
  {
    name: 'far too much ammonia',
    plan: planOf([pour('CuSO4', 0.1, 3), pour('NH3', 2, 0.2)]),
    done: [pour('CuSO4', 0.1, 3), pour('NH3', 2, 3)],
    cause: /^(far too much of NH3|NH3 is ten times stronger)/,
  },
  {
    name: 'far too much alkali on zinc',
    plan: planOf([pour('ZnSO4', 0.1, 3), pour('NaOH', 4, 0.35)]),
    done: [pour('ZnSO4', 0.1, 3), pour('NaOH', 4, 3.5)],
    cause: /^(far too much of NaOH|NaOH is ten times stronger)/,
  },
  {
    name: 'acid ten times too strong on cobalt',
    plan: planOf([pour('CoCl2', 0.2, 1), pour('HCl', 1.2, 3)]),
    done: [pour('CoCl2', 0.2, 1), pour('HCl', 12, 3)],
    cause: /^(far too much of HCl|HCl is ten times stronger)/,
  },
  {
    name: 'a pinch of salt for a spoonful',
    plan: planOf([water(25), solid('NH4NO3', 8)], 'cup'),
    done: [water(25), solid('NH4NO3', 1)],
    cause: /^far too little of NH4NO3/,
  },
  {
    name: 'a quarter of the zinc',
    plan: planOf([pour('CuSO4', 0.5, 25), solid('Zn', 2)], 'cup'),
    done: [pour('CuSO4', 0.5, 25), solid('Zn', 0.2)],
    cause: /^far too little of Zn/,
  },
  // Dirty glass.
  {
    name: 'a cylinder that held chloride',
    plan: planOf([...besides, pour('NaNO3', 0.1, 3), pour('AgNO3', 0.1, 3)], 'testTube', 2),
    done: [...besides, pour('NaNO3', 0.1, 3), pour('NaCl', 0.1, 0.12), pour('AgNO3', 0.1, 3)],
    cause: /still held NaCl/,
  },
  {
    name: 'a pipette that held thiocyanate',
    plan: planOf(
      [
        pour('FeCl3', 0.02, 3, 'beside'),
        pour('KSCN', 0.5, 3, 'beside'),
        pour('FeCl3', 0.02, 3),
        pour('KNO3', 0.1, 3),
      ],
      'testTube',
      2,
    ),
    done: [
      pour('FeCl3', 0.02, 3, 'beside'),
      pour('KSCN', 0.5, 3, 'beside'),
      pour('FeCl3', 0.02, 3),
      pour('KNO3', 0.1, 3),
      pour('KSCN', 0.5, 0.1),
    ],
    cause: /still held KSCN/,
  },
  {
    name: 'a tube with alkali in it',
    plan: planOf([pour('MgCl2', 0.1, 3), drops('phenolphthalein')]),
    done: [left('NaOH'), pour('MgCl2', 0.1, 3), drops('phenolphthalein')],
    cause: /held alkali/,
  },
  {
    name: 'a tube with acid in it',
    plan: planOf([pour('Na2SO4', 0.1, 3), drops('methyl orange')]),
    done: [left('HCl'), pour('Na2SO4', 0.1, 3), drops('methyl orange')],
    cause: /held acid/,
  },
  // Old bottles.
  {
    name: 'old iron(II)',
    plan: planOf([pour('FeSO4', 0.05, 3), pour('KSCN', 0.05, 3)]),
    done: [pour('FeSO4', 0.03, 3), pour('FeCl3', 0.4, 0.15), pour('KSCN', 0.05, 3)],
    cause: /FeSO4 is old/,
  },
  {
    name: 'old sulfite that is sulfate',
    plan: planOf([pour('Na2SO3', 0.1, 3), pour('HCl', 1, 2), pour('BaCl2', 0.1, 3)]),
    done: [
      pour('Na2SO3', 0.02, 3),
      pour('Na2SO4', 2, 0.12),
      pour('HCl', 1, 2),
      pour('BaCl2', 0.1, 3),
    ],
    cause: /Na2SO3 is old/,
  },
  {
    name: 'old peroxide',
    plan: planOf([pour('KI', 0.1, 3), pour('H2SO4', 0.5, 1), pour('H2O2', 0.05, 2)]),
    done: [pour('KI', 0.1, 3), pour('H2SO4', 0.5, 1), pour('H2O2', 0.001, 2)],
    cause: /H2O2 (was left out|is old|is ten times weaker)|far too little of H2O2/,
  },
  {
    name: 'ammonia that has left its bottle',
    plan: planOf([pour('CuSO4', 0.1, 3), pour('NH3', 1, 3)]),
    done: [pour('CuSO4', 0.1, 3), pour('NH3', 0.1, 3)],
    cause: /NH3 is (old|ten times weaker)|far too little of NH3/,
  },
  {
    name: 'alkali that took up carbon dioxide',
    plan: planOf([pour('NaOH', 1, 3), pour('BaCl2', 0.1, 3)]),
    done: [pour('NaOH', 0.6, 3), pour('Na2CO3', 4, 0.15), pour('BaCl2', 0.1, 3)],
    cause: /NaOH is old/,
  },
  // Too cold, too hot, too short.
  {
    name: 'crystals not heated enough',
    plan: planOf([solid('CuSO4·5H2O', 1), heat(270)]),
    done: [solid('CuSO4·5H2O', 1), heat(60)],
    cause: /not heated enough/,
  },
  {
    name: 'copper carbonate not heated enough',
    plan: planOf([solid('Cu2(OH)2CO3', 1), heat(350)]),
    done: [solid('Cu2(OH)2CO3', 1), heat(120)],
    cause: /not heated enough/,
  },
  {
    name: 'blue crystals heated until they fell apart',
    plan: planOf([solid('CuSO4·5H2O', 1), heat(270)]),
    done: [solid('CuSO4·5H2O', 1), heat(900)],
    cause: /heated too strongly/,
  },
  {
    name: 'sugar that was to melt and charred',
    plan: planOf([solid('C12H22O11', 1), heat(187)]),
    done: [solid('C12H22O11', 1), heat(300)],
    cause: /heated too strongly/,
  },
  {
    name: 'too short in the light',
    plan: planOf([pour('AgNO3', 0.1, 3), pour('NaCl', 0.1, 3), light(20)], 'testTube', 2),
    done: [pour('AgNO3', 0.1, 3), pour('NaCl', 0.1, 3), light(1)],
    cause: /light long enough/,
  },
  {
    name: 'the blue bottle looked at too soon',
    plan: planOf([...bottle, wait(10)], 'testTube', 4),
    done: [...bottle, wait(0.1)],
    cause: /looked at too soon/,
  },
  // Swapped and out of order.
  {
    name: 'chloride taken for iodide',
    plan: planOf([...besides, pour('KI', 0.1, 3), pour('AgNO3', 0.1, 3)], 'testTube', 2),
    done: [...besides, pour('NaCl', 0.1, 3), pour('AgNO3', 0.1, 3)],
    cause: /^NaCl was taken for KI|NaCl and KI were exchanged/,
  },
  {
    name: 'carbonate taken for sulfate',
    plan: planOf(
      [
        pour('Na2CO3', 0.5, 3, 'beside'),
        pour('HCl', 1, 3, 'beside'),
        pour('Na2SO4', 0.5, 3),
        pour('HCl', 1, 3),
      ],
      'testTube',
      2,
    ),
    done: [
      pour('Na2CO3', 0.5, 3, 'beside'),
      pour('HCl', 1, 3, 'beside'),
      pour('Na2CO3', 0.5, 3),
      pour('HCl', 1, 3),
    ],
    cause: /Na2CO3 (was taken for|and) Na2SO4/,
  },
  {
    name: 'two jars with each other’s labels',
    plan: planOf(
      [
        pour('CuSO4', 0.1, 3, 'beside'),
        pour('NH3', 2, 3, 'beside'),
        pour('NiSO4', 0.1, 3),
        pour('NaOH', 1, 3),
      ],
      'testTube',
      2,
    ),
    done: [
      pour('NiSO4', 0.1, 3, 'beside'),
      pour('NH3', 2, 3, 'beside'),
      pour('CuSO4', 0.1, 3),
      pour('NaOH', 1, 3),
    ],
    cause: /CuSO4 (was taken for|and) NiSO4/,
  },
  {
    name: 'the chloride before the ammonia',
    plan: planOf([pour('AgNO3', 0.1, 2), pour('NH3', 2, 3), pour('NaCl', 0.1, 2)], 'testTube', 1),
    done: [pour('AgNO3', 0.1, 2), pour('NaCl', 0.1, 2), pour('NH3', 2, 3)],
    cause: /^NaCl went in before NH3/,
  },
  {
    name: 'salt water taken for iodide',
    plan: planOf([...besides, ...copperIodide], 'testTube', 2),
    done: [...besides, pour('CuSO4', 0.1, 3), pour('NaCl', 0.1, 3)],
    cause: /^KI was left out|^NaCl was taken for KI/,
  },
  // The reagent itself.
  {
    name: 'a reagent that shows it by itself',
    plan: planOf([pour('NaNO3', 0.1, 3), pour('AgNO3', 0.1, 3)]),
    done: [pour('NaNO3', 0.1, 3), pour('AgNO3', 0.1, 3), pour('NaCl', 0.2, 0.05)],
    blank: [water(3), pour('AgNO3', 0.1, 3), pour('NaCl', 0.2, 0.05)],
    cause: /blank shows it too/,
  },
  {
    name: 'barium that clouds with water alone',
    plan: planOf([pour('NaNO3', 0.1, 3), pour('BaCl2', 0.1, 3)]),
    done: [pour('NaNO3', 0.1, 3), pour('BaCl2', 0.1, 3), pour('Na2SO4', 0.2, 0.1)],
    blank: [water(3), pour('BaCl2', 0.1, 3), pour('Na2SO4', 0.2, 0.1)],
    cause: /blank shows it too/,
  },
];

/** What somebody writes down of it: words, no formulae, and no more of a texture than one sees. */
function written(plan: Plan, done: readonly RackEvent[], from: number): Observation[] {
  const told = runRack({ vessels: [...plan.vessels], events: [...done] }).steps.slice(from);
  const merged = mergeObservations(
    told.filter(({ vessel }) => vessel === plan.vessel).map((step) => step.told.observations),
  );
  // Whoever sees nothing happen says so.
  const still: Observation[] = merged.some(tellsChange) ? [] : [{ kind: 'noChange' }];
  return withAnswers([...merged, ...still]).flatMap((one): Observation[] => {
    if (one.kind === 'precipitate' || one.kind === 'deposit')
      return [{ kind: one.kind, ...(one.colour && { colour: one.colour }) }];
    if (one.kind === 'gas') return [{ kind: 'gas' }];
    return one.kind === 'smell' ? [] : [one];
  });
}

/** What is thought to be the cause of a seeded fault, the likeliest first, and the place of the true one, from 1; 0 when it is not named. */
export function rankOf({ plan, done, cause, blank }: SeededFault): {
  readonly rank: number;
  readonly causes: readonly LikelyCause[];
} {
  // The watched window begins where the plan’s does, however many events the slip has there.
  const causes = likelyCauses(
    plan,
    written(plan, done, plan.from),
    blank ? { blank: written(plan, blank, 0) } : {},
  );
  return { causes, rank: causes.findIndex(({ fault }) => cause.test(fault)) + 1 };
}
