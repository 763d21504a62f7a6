import { capital } from '../../common/capital';
import { forAnyReader } from '../../common/reader';
import { blankStep, procedureSchema } from '../../planning/procedure/procedure';
import type { Procedure, Step } from '../../planning/procedure/procedure';
import { actionWords, portionWords } from '../../seeing/rack/eventWords';
import { molarVolumeMlPerMmol } from '../../matter/substances/gas';
import type { Action, VesselSetup } from '../../vessel/action';
import { containerInWords } from '../../vessel/containers';
import { shiftCautions } from './cautions';
import { isConcentrated } from './stress';
import type { Stress } from './stress';
import { formatNumber } from '../../common/formatNumber';
import { formatSetTemperature } from '../../common/temperature';

/** What is done to a mixture, with the range of amounts that show the same where it is known. */
export interface Shifting {
  readonly action: Action;
  /** In the unit of the portion. */
  readonly range?: readonly [least: number, most: number];
}

/** A shifted mixture as it goes into a lab day. */
export interface ShiftPlan {
  readonly id: string;
  readonly name: string;
  readonly purpose: string;
  readonly vessel: VesselSetup;
  readonly shiftings: readonly Shifting[];
}

const vesselName = 'beaker';

/**
 * A shifted mixture as a procedure: one step to set it up, one for each thing done. What is expected at each step is computed from
 * it, as for every procedure; amounts that may vary without another colour are kept as ranges.
 */
export const shiftProcedure = forAnyReader(function shiftProcedure({
  id,
  name,
  purpose,
  vessel,
  shiftings,
}: ShiftPlan): Procedure {
  const container = vessel.container ?? 'beaker';
  const contents = vessel.contents.map((portion) => portionWords(portion)).join(', then ');
  const first: Step = {
    ...blankStep('start'),
    text: `Put ${contents} into the ${containerInWords(container)}, and stir.`,
    events: vessel.contents.map((portion) => ({
      vessel: vesselName,
      action: { do: 'add', portion },
    })),
    record: ['Colour and clarity'],
  };
  const steps = shiftings.map((one, at): Step => stepOf(one, `shift-${at + 1}`));
  const stress = shiftings.flatMap(({ action }) => meansOf(action));
  const actions = shiftings.map(({ action }) => action);
  const { waste } = shiftCautions(vessel, actions, stress);
  return procedureSchema.parse({
    id,
    name,
    kind: 'equilibriumShift',
    purpose,
    vessels: [{ name: vesselName, container }],
    apparatus: [
      { name: 'stirring rod', count: 1 },
      { name: 'white card', count: 1 },
    ],
    steps: [first, ...steps],
    questions: [
      'Which way did the equilibrium move at each step, and what pushed it?',
      'How would you bring back the colour before the last?',
    ],
    disposal: `${waste.bottle}: ${waste.because}.`,
  });
});

function stepOf({ action, range }: Shifting, id: string): Step {
  const [strong] = meansOf(action).filter((one) => isConcentrated(one));
  const { lines } = shiftCautions({ contents: [] }, [], strong ? [strong] : []);
  const event = { vessel: vesselName, action };
  return {
    ...blankStep(id),
    text: stepText(action),
    events: [event],
    ranges:
      range && range[0] > 0 && range[1] > range[0]
        ? [{ event: 0, low: range[0], high: range[1] }]
        : [],
    minutes: action.do === 'heat' || action.do === 'cool' ? 5 : 2,
    uses: {
      ...(strong && { hood: 1 }),
      ...(action.do === 'heat' && { 'hot plate': 1 }),
    },
    ready: action.do === 'cool' ? ['ice bath'] : [],
    ...(lines[0] && { caution: lines[0] }),
    record: ['Colour and clarity'],
  };
}

function stepText(action: Action): string {
  switch (action.do) {
    case 'add':
      return `Add ${portionWords(action.portion)}, stirring, and look against white.`;
    case 'bubble':
      return `Lead in about ${formatNumber(action.amountMmol)} mmol of ${action.gas} (${Math.round(action.amountMmol * molarVolumeMlPerMmol)} mL) and look.`;
    case 'discard':
      return `Pour ${Math.round(100 * action.fraction)} % of it into the waste beaker.`;
    case 'heat':
      return `Warm to about ${formatSetTemperature(action.toC ?? 60)} and look.`;
    case 'cool':
      return `Cool to about ${formatSetTemperature(action.toC)} and look.`;
    case 'dilute':
      return `Fill up with water to ${formatNumber(action.toVolumeMl)} mL, stir, and look against white.`;
    default:
      return `${capital(actionWords(action))}; look.`;
  }
}

function meansOf(action: Action): Stress[] {
  return action.do === 'add' && 'concentrationM' in action.portion
    ? [{ solution: action.portion.substance, concentrationM: action.portion.concentrationM }]
    : [];
}
