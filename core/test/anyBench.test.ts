import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ChemistryError } from '../src/common/errors';
import { act, setUp } from '../src/vessel/act';
import type { Action } from '../src/vessel/action';
import type { ContainerKind } from '../src/vessel/containers';
import type { Vessel } from '../src/vessel/vessel';
import { performTest, testNames } from '../src/seeing/benchTests/performTest';
import { containerKinds } from '../src/vessel/containers';
import { pourOut } from '../src/vessel/pour';
import { anyPortion, strength } from './support/anything';
import { atoms } from './support/atoms';

/** Everything that is done on a bench besides taking out, which is tested in vessel.test. */
const anyAction: fc.Arbitrary<Action> = fc.oneof(
  { weight: 5, arbitrary: anyPortion.map((portion): Action => ({ do: 'add', portion })) },
  {
    weight: 5,
    arbitrary: fc.constantFrom<Action>(
      { do: 'heat', strongly: true },
      { do: 'heat', minutes: 5 },
      { do: 'heat', toC: 1400 },
      { do: 'cool', toC: 25 },
      { do: 'cool', toC: -15 },
      { do: 'ignite' },
      { do: 'wait', minutes: 10 },
      { do: 'shakeWithAir' },
      { do: 'shakeWithAir', gently: true },
      { do: 'close' },
      { do: 'open' },
      { do: 'light', minutes: 30 },
    ),
  },
  {
    weight: 2,
    arbitrary: fc
      .tuple(fc.constantFrom('CO2', 'O2', 'H2', 'Cl2', 'C2H4', 'SO2'), strength)
      .map(([gas, amountMmol]): Action => ({ do: 'bubble', gas, amountMmol })),
  },
);
/** What a bench refuses in words. */
const refused = new Set(['emptyVessel', 'stoppered']);

const broughtBy = (action: Action) => {
  if (action.do === 'add') return [pourOut(action.portion).phases];
  if (action.do === 'bubble')
    return [pourOut({ gas: action.gas, amountMmol: action.amountMmol }).phases];
  return [];
};

describe('whatever is done with fire, gas and air', () => {
  it(
    'loses no atom, takes none but oxygen from the air, and stays on the bench’s scale',
    { timeout: 60_000 },
    () => {
      fc.assert(
        fc.property(
          fc.constantFrom<ContainerKind>(...containerKinds),
          fc.array(anyAction, { minLength: 1, maxLength: 6 }),
          fc.constantFrom(...testNames),
          (container, actions, test) => {
            let vessel: Vessel = setUp({ contents: [], container }).vessel;
            for (const action of actions) {
              let step;
              try {
                step = act(vessel, action);
              } catch (error) {
                if (error instanceof ChemistryError && refused.has(error.code)) continue;
                throw error;
              }
              const before = atoms(vessel.phases, ...broughtBy(action));
              const after = atoms(step.vessel.phases, step.removed);
              const size = Math.max(1e-6, ...Object.values(before).map(Math.abs));
              for (const symbol of new Set([...Object.keys(before), ...Object.keys(after)])) {
                const gained = ((after[symbol] ?? 0) - (before[symbol] ?? 0)) / size;
                const where = `${symbol} in ${JSON.stringify(action)}`;
                expect(gained, where).toBeGreaterThan(-1e-8);
                if (symbol !== 'O') expect(gained, where).toBeLessThan(1e-8);
              }
              const { temperatureC, volumeMl, airShare = 1 } = step.vessel;
              expect(temperatureC).toBeGreaterThanOrEqual(-60);
              expect(temperatureC).toBeLessThanOrEqual(1400);
              expect(volumeMl).toBeGreaterThanOrEqual(0);
              expect(airShare).toBeGreaterThanOrEqual(0);
              expect(airShare).toBeLessThanOrEqual(1 + 1e-9);
              for (const amount of Object.values(step.gasEvolved))
                expect(amount).toBeGreaterThan(0);
              vessel = step.vessel;
            }
            // A test has an answer, whatever the vessel has become.
            expect(performTest(vessel, test).kind).not.toBe('');
          },
        ),
        { numRuns: 400 },
      );
    },
  );
});
