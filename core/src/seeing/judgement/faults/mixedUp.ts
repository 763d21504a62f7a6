import { instead, isSolution, nameOf, otherSolutions, putting, puttings } from './fault';
import type { Fault, Plan, Putting, Slip } from './fault';

/** Pairs of portions of the plan that are not the same thing. */
function pairs(plan: Plan): (readonly [Putting, Putting])[] {
  const all = puttings(plan);
  return all.flatMap((one, index) =>
    all
      .slice(index + 1)
      .filter(({ portion }) => nameOf(portion) !== nameOf(one.portion))
      .map((other) => [one, other] as const),
  );
}

/** Another bottle of the plan taken for the right one. */
export const wrongBottle: Fault = {
  name: 'wrong bottle',
  commonness: 0.45,
  slips: (plan) =>
    puttings(plan)
      .filter(({ portion }) => isSolution(portion))
      .flatMap(({ at, vessel, portion }) =>
        otherSolutions(plan, portion).map((from): Slip => {
          const volumeMl = 'volumeMl' in portion ? portion.volumeMl : from.volumeMl;
          return {
            fault: `${nameOf(from)} was taken for ${nameOf(portion)}`,
            check: 'Read both labels again, and repeat with the bottles side by side.',
            done: instead(plan, at, putting(vessel, { ...from, volumeMl })),
          };
        }),
      ),
};

/** Two portions that go into one vessel, put in the other way round. */
export const orderReversed: Fault = {
  name: 'order reversed',
  commonness: 0.45,
  slips: (plan) =>
    pairs(plan)
      .filter(([one, other]) => one.vessel === other.vessel)
      .map(([one, other]) => ({
        fault: `${nameOf(other.portion)} went in before ${nameOf(one.portion)}`,
        check: 'Repeat it in the order that is written down.',
        done: plan.events.map((event, index) =>
          index === one.at ? [other.event] : index === other.at ? [one.event] : [event],
        ),
      })),
};

/** Two vessels whose first contents were exchanged. */
export const labelsSwapped: Fault = {
  name: 'labels swapped',
  commonness: 0.35,
  slips: (plan) =>
    pairs(plan).flatMap(([one, other]): Slip[] => {
      const [a, b] = [one.portion, other.portion];
      if (!isSolution(a) || !isSolution(b)) return [];
      const swap = (portion: typeof a, to: typeof a) => ({
        ...portion,
        substance: to.substance,
        concentrationM: to.concentrationM,
      });
      return [
        {
          fault: `the bottles of ${nameOf(a)} and ${nameOf(b)} were exchanged`,
          check:
            'Test a drop of each by itself: its pH, its flame, one reagent that tells them apart.',
          done: plan.events.map((event, index) =>
            index === one.at
              ? [putting(one.vessel, swap(a, b))]
              : index === other.at
                ? [putting(other.vessel, swap(b, a))]
                : [event],
          ),
        },
      ];
    }),
};
