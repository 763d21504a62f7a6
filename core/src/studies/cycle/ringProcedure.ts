import { forAnyReader } from '../../common/reader';
import { blankStep, procedureSchema } from '../../planning/procedure/procedure';
import type { Procedure } from '../../planning/procedure/procedure';
import { portionWords } from '../../seeing/rack/eventWords';
import type { Ring } from './runRing';

/** A ring as a procedure: each arrow a step of its own, from a portion of its compound, with a mass where a solid is weighed. */
export const ringProcedure = forAnyReader(function ringProcedure(
  id: string,
  ring: Ring,
): Procedure {
  const vessel = (at: number): string => `stage ${at + 1}`;
  return procedureSchema.parse({
    id,
    name: ring.name.slice(0, 100),
    kind: 'reactionCycle',
    purpose:
      `A ring that ends where it began: ${[ring.start, ...ring.arcs.map(({ to }) => to)].join(' → ')}.`.slice(
        0,
        600,
      ),
    vessels: ring.arcs.map(({ means }, at) => ({
      name: vessel(at),
      container: means.by === 'heat' ? 'crucible' : 'beaker',
    })),
    apparatus: [
      { name: 'stirring rod', count: 1 },
      { name: 'filter funnel and paper', count: 1 },
      { name: 'tongs', count: 1 },
    ],
    steps: ring.arcs.map((arc, at) => ({
      ...blankStep(`arc-${at + 1}`),
      text: `${arc.from} to ${arc.to}: start from ${arc.contents.map((one) => portionWords(one)).join(' and ')}, or what the step before gave; ${arc.how}.`.slice(
        0,
        400,
      ),
      events: [
        ...arc.contents.map((portion) => ({
          vessel: vessel(at),
          action: { do: 'add' as const, portion },
        })),
        { vessel: vessel(at), action: arc.action },
      ],
      minutes: arc.means.by === 'heat' ? 10 : 5,
      attended: arc.means.by !== 'heat',
      uses: {
        ...(arc.means.by === 'heat' && { burner: 1 }),
        ...(arc.means.by === 'concentrated' && { hood: 1 }),
      },
      ...(at > 0 && {
        needs: [{ step: `arc-${at}`, because: `${arc.from} comes of the step before` }],
      }),
      ...(arc.warnings.length > 0 && { caution: arc.warnings.join(' ').slice(0, 400) }),
      record: ['colour, gas, solid, heat: what shows that something reacted'],
      measures: [{ name: `mass of ${arc.to}`, quantity: 'mass' }],
    })),
    questions: [
      'Name the type of each step.',
      'Work out the yield of each step and of the whole ring.',
      'Where is most lost, and why?',
    ],
    disposal:
      'Solids are collected for the next class; solutions go to the bottle the waste plan names.',
  });
});
