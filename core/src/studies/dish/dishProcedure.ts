import { capital } from '../../common/capital';
import { forAnyReader } from '../../common/reader';
import { blankStep, procedureSchema } from '../../planning/procedure/procedure';
import type { Procedure } from '../../planning/procedure/procedure';
import { hazardsOf } from '../../safety/hazards';
import { nameIn } from '../../matter/substances/naming';
import { containerKinds, containers } from '../../vessel/containers';
import type { ContainerKind } from '../../vessel/containers';
import { wastePlan } from '../../planning/waste/wastePlan';
import type { BottlePlan, Limits } from '../../planning/waste/wastePlan';
import { dishOf } from './dish';
import type { DishRequest } from './dish';
import { atMostFigures, formatNumber } from '../../common/formatNumber';

/** What is told with a dish that goes into a lab day. */
export interface DishWords {
  readonly id: string;
  readonly name: string;
  /** Where and when the first line is expected. */
  readonly line?: { readonly atFraction: number; readonly minutes: number };
}

const vesselName = 'dish';

/** Something that holds so much: the dish itself, or a larger vessel of the tables that stands for it. */
function containerFor(volumeMl: number): ContainerKind {
  if (volumeMl <= containers.dish.brimMl) return 'dish';
  return (
    containerKinds
      .filter((one) => containers[one].brimMl >= volumeMl)
      .sort((a, b) => containers[a].brimMl - containers[b].brimMl)[0] ?? 'beaker600'
  );
}

/** A dish as a procedure for a lab day. The stirred end is predicted by the engine; the line by the dish, and told in its words. */
export const dishProcedure = forAnyReader(function dishProcedure(
  request: DishRequest,
  { id, name, line }: DishWords,
): Procedure {
  const dish = dishOf(request);
  const [first, second] = dish.salts;
  const volumeMl = Math.round(dish.volumeMl);
  const heap = (at: 0 | 1) => ({
    vessel: vesselName,
    action: {
      do: 'add' as const,
      portion: { substance: request.heaps[at].substance, massG: request.heaps[at].massG },
    },
  });
  const minutes = line ? Math.max(1, Math.ceil(line.minutes)) : 15;
  const caution = [first, second]
    .map(({ formula }) => ({ formula, sheet: hazardsOf(formula) }))
    .filter(({ sheet }) => sheet.statements.length > 0)
    .map(({ formula, sheet }) => `${formula}: ${sheet.statements[0]?.text.toLowerCase() ?? ''}`)
    .join('; ');
  return procedureSchema.parse({
    id,
    name,
    kind: 'precipitation',
    purpose: `${capital(named(first.formula))} and ${named(second.formula)} dissolve apart in a dish of still water; a line of ${named(dish.solid.formula)} grows where their ions meet.`,
    vessels: [{ name: vesselName, container: containerFor(volumeMl) }],
    apparatus: [
      { name: `round dish, ${formatNumber(request.diameterMm)} mm`, count: 1 },
      { name: 'spatula', count: 2 },
      { name: 'sheet of graph paper', count: 1 },
    ],
    steps: [
      {
        ...blankStep('fill'),
        text: `Stand the dish on graph paper where nobody leans. Put ${formatNumber(volumeMl)} mL of distilled water in, ${formatNumber(request.depthMm)} mm deep, and wait until it is still.`,
        events: [
          {
            vessel: vesselName,
            action: { do: 'add', portion: { substance: 'water', volumeMl } },
          },
        ],
        minutes: 3,
        ready: ['both salts weighed out on paper'],
      },
      {
        ...blankStep('heaps'),
        text: `At the same moment slip ${formatNumber(request.heaps[0].massG)} g of ${first.formula} in at one mark and ${formatNumber(request.heaps[1].massG)} g of ${second.formula} at the other, ${Math.round(dish.gapMm)} mm apart. Do not stir.`,
        events: [heap(0), heap(1)],
        minutes: 1,
        needs: [{ step: 'fill', because: 'crystals on a dry dish stay where they fall' }],
        ...(caution && { caution: caution.slice(0, 400) }),
        record: ['Time of adding'],
      },
      {
        ...blankStep('line'),
        text: 'Leave the dish alone. Note when the first line shows and how far it is from each heap.',
        minutes: minutes + 5,
        attended: false,
        notPredicted: line
          ? `The first line is expected at ${Math.round(100 * line.atFraction)} % of the gap from ${first.formula}, after about ${atMostFigures(line.minutes, 2)} min. The time hangs on currents and is as good as the time it was set by.`
          : 'When the line shows hangs on slow currents, which are not computed; time one dish to know.',
        record: ['Minute of the first line', 'Distance from each heap, mm', 'Colour of the line'],
      },
    ],
    questions: [
      `Why does the line stand where it does between ${named(first.formula)} and ${named(second.formula)}?`,
      'Why does the law of gas effusion not explain it?',
    ],
    disposal:
      'Stir, test the liquid with a drop more of the precipitant, filter; filtrate and paper go separate ways.',
  });
});

/** What is left of the dish once it is stirred, and how it is made safe. */
export function dishClearUp(request: DishRequest, limits?: Limits): BottlePlan[] {
  const { name, vessels, steps } = dishProcedure(request, { id: 'dish', name: 'Dish' });
  return wastePlan([{ name, vessels, steps, times: 1 }], limits);
}

const named = (formula: string): string => nameIn('stock', formula);
