import { likelyCauses } from '../../src/seeing/judgement/faults/likelyCauses';
import { mergeObservations } from '../../src/seeing/observation/mergeObservations';
import { runRack } from '../../src/seeing/rack/rack';
import type { Plan } from '../../src/seeing/judgement/faults/fault';
import type { LikelyCause } from '../../src/seeing/judgement/faults/likelyCauses';
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
const heat = (toC: number): RackEvent => ({ vessel: tube, action: { do: 'heat', toC } });
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

/** Twelve slips that people make, each done to the engine without the help of the module that looks for them. */
export const seededFaults: readonly SeededFault[] = [
  {
    name: 'tap water',
    plan: planOf([pour('KNO3', 0.1, 5), pour('AgNO3', 0.05, 5)]),
    done: [pour('KNO3', 0.1, 5), ...tap, pour('AgNO3', 0.05, 5)],
    cause: /tap water/,
  },
  {
    name: 'reagent left out',
    plan: planOf(clouds),
    done: [pour('CuSO4', 0.1, 3)],
    cause: /^NaOH was left out/,
  },
  {
    name: 'wrong hydrate',
    plan: planOf(cold, 'cup'),
    done: [water(50), solid('CaCl2·2H2O', 6)],
    cause: /jar held CaCl2·2H2O/,
  },
  {
    name: 'a decimal point',
    plan: planOf([pour('Al2(SO4)3', 0.05, 3), pour('NaOH', 2, 3)]),
    done: [pour('Al2(SO4)3', 0.05, 3), pour('NaOH', 0.2, 3)],
    cause: /^(far too little of NaOH|NaOH is ten times weaker)/,
  },
  {
    name: 'cylinder not rinsed',
    plan: planOf([...besides, pour('NaNO3', 0.1, 3), pour('AgNO3', 0.1, 3)], 'testTube', 2),
    done: [...besides, pour('NaNO3', 0.1, 3), pour('NaCl', 0.1, 0.12), pour('AgNO3', 0.1, 3)],
    cause: /still held NaCl/,
  },
  {
    name: 'old iron(II)',
    plan: planOf([pour('FeSO4', 0.05, 3), pour('KSCN', 0.05, 3)]),
    done: [pour('FeSO4', 0.03, 3), pour('FeCl3', 0.4, 0.15), pour('KSCN', 0.05, 3)],
    cause: /FeSO4 is old/,
  },
  {
    name: 'not heated enough',
    plan: planOf([solid('CuSO4·5H2O', 1), heat(270)]),
    done: [solid('CuSO4·5H2O', 1), heat(60)],
    cause: /not heated enough/,
  },
  {
    name: 'wrong bottle',
    plan: planOf([...besides, pour('KI', 0.1, 3), pour('AgNO3', 0.1, 3)], 'testTube', 2),
    done: [...besides, pour('NaCl', 0.1, 3), pour('AgNO3', 0.1, 3)],
    cause: /^NaCl was taken for KI/,
  },
  {
    name: 'far too much',
    plan: planOf([pour('CuSO4', 0.1, 3), pour('NH3', 2, 0.2)]),
    done: [pour('CuSO4', 0.1, 3), pour('NH3', 2, 3)],
    cause: /^far too much of NH3/,
  },
  {
    name: 'too short in the light',
    plan: planOf([pour('AgNO3', 0.1, 3), pour('NaCl', 0.1, 3), light(20)], 'testTube', 2),
    done: [pour('AgNO3', 0.1, 3), pour('NaCl', 0.1, 3), light(1)],
    cause: /light long enough/,
  },
  {
    name: 'decomposed peroxide',
    plan: planOf([pour('KI', 0.1, 3), pour('H2SO4', 0.5, 1), pour('H2O2', 0.3, 2)]),
    done: [pour('KI', 0.1, 3), pour('H2SO4', 0.5, 1), water(2)],
    cause: /H2O2 (was left out|is old)/,
  },
  {
    name: 'a reagent that shows it by itself',
    plan: planOf([pour('NaNO3', 0.1, 3), pour('AgNO3', 0.1, 3)]),
    done: [pour('NaNO3', 0.1, 3), pour('AgNO3', 0.1, 3), pour('NaCl', 0.2, 0.05)],
    blank: [water(3), pour('AgNO3', 0.1, 3), pour('NaCl', 0.2, 0.05)],
    cause: /blank shows it too/,
  },
];

/** What somebody writes down of it: words, no formulae, and no more of a texture than one sees. */
function written(plan: Plan, done: readonly RackEvent[], from: number): Observation[] {
  const told = runRack({ vessels: [...plan.vessels], events: [...done] }).steps.slice(from);
  const merged = mergeObservations(
    told.filter(({ vessel }) => vessel === plan.vessel).map((step) => step.told.observations),
  );
  return withAnswers(merged).flatMap((one): Observation[] => {
    switch (one.kind) {
      case 'precipitate':
      case 'deposit':
        return [{ kind: one.kind, ...(one.colour && { colour: one.colour }) }];
      case 'gas':
        return [{ kind: 'gas' }];
      case 'smell':
        return [];
      default:
        return [one];
    }
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
