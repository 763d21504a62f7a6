import { renameVessels } from '../../seeing/rack/rackShape';
import type { Procedure } from './procedure';

/**
 * A procedure in which one vessel is called otherwise, in its list and in every step.
 *
 * @returns undefined where the new name is empty or another vessel has it, for the two would become one.
 */
export function renameVessel(
  procedure: Procedure,
  from: string,
  to: string,
): Procedure | undefined {
  const name = to.trim();
  const others = procedure.vessels.filter((vessel) => vessel.name !== from);
  if (name === '' || others.some((vessel) => vessel.name === name)) return undefined;
  const called = (one: string) => (one === from ? name : one);
  return {
    ...procedure,
    vessels: procedure.vessels.map((vessel) => ({ ...vessel, name: called(vessel.name) })),
    steps: procedure.steps.map((step) => ({
      ...step,
      events: step.events.map((event) => renameVessels(event, called)),
    })),
  };
}
