import { molarMassOf } from '../../matter/formula/molarMass';
import { prepare, stockOf } from '../../solution/preparation/prepare';
import { ChemistryError } from '../../common/errors';
import { hydrate } from '../../measuring/hydrate';
import { inWords } from '../../measuring/uncertainty';
import type { Procedure } from '../../planning/procedure/procedure';
import { chemical, joined, plain } from '../dayReport/document';
import type { Question } from './question';
import { solutionsOf } from './ofProcedure';
import { atMostFigures, formatNumber, withFigures, withPlaces } from '../../common/formatNumber';

type Dice = () => number;
const oneOf = <T>(list: readonly T[], random: Dice): T | undefined =>
  list[Math.floor(random() * list.length)];

/** Volumes and concentrations that a class makes up, mL and mol/L. */
const volumesMl = [25, 50, 100, 200, 250] as const;
const strengthsM = [0.05, 0.1, 0.2, 0.25, 0.5] as const;
const figures = 3;

/** Questions with numbers of their own for each copy, their answers calculated as the application does for itself. */
export function computations(procedure: Procedure, random: Dice): Question[] {
  return [
    ...solutionsOf(procedure).flatMap(({ substance }) => weighing(substance, random)),
    ...solutionsOf(procedure).flatMap(({ substance, concentrationM }) =>
      diluting(substance, concentrationM, random),
    ),
    ...procedure.analyses.flatMap((analysis) =>
      analysis.kind === 'hydrate' ? crystalWater(analysis, random) : [],
    ),
  ];
}

/** How much is weighed for a solution; nothing for what is kept as a concentrated reagent. */
function weighing(substance: string, random: Dice): Question[] {
  const volumeMl = oneOf(volumesMl, random) ?? 100;
  const concentrationM = oneOf(strengthsM, random) ?? 0.1;
  if (stockOf(substance)) return [];
  try {
    const { massG, form, working } = prepare({ substance, volumeMl, concentrationM });
    if (massG === undefined || form === undefined) return [];
    return [
      {
        kind: 'compute',
        prompt: joined(
          plain('What mass of '),
          chemical(form),
          plain(
            ` makes ${formatNumber(volumeMl)} mL of a solution of ${formatNumber(concentrationM)} mol/L?`,
          ),
        ),
        answer: chemical(`${withFigures(massG, figures)} g. ${working.join('; ')}`),
        points: [
          `the amount, ${atMostFigures((concentrationM * volumeMl) / 1000, figures)} mol`,
          `the molar mass of the form that is weighed, ${withPlaces(molarMassOf(form), 2)} g/mol`,
          `the mass with its unit, ${withFigures(massG, figures)} g`,
        ],
        lines: 3,
      },
    ];
  } catch (error) {
    // What cannot be made up by weighing is not asked for.
    if (error instanceof ChemistryError) return [];
    throw error;
  }
}

/** How much of the solution at hand makes a weaker one. */
function diluting(substance: string, concentrationM: number, random: Dice): Question[] {
  const volumeMl = oneOf(volumesMl, random) ?? 100;
  const times = oneOf([2, 4, 5, 10] as const, random) ?? 2;
  const weakM = Number((concentrationM / times).toPrecision(figures));
  const takeMl = Number((volumeMl / times).toPrecision(figures));
  return [
    {
      kind: 'compute',
      prompt: joined(
        plain('How much of '),
        chemical(substance),
        plain(
          ` ${formatNumber(concentrationM)} mol/L makes ${formatNumber(volumeMl)} mL of a solution of ${formatNumber(weakM)} mol/L, and how much water goes with it?`,
        ),
      ),
      answer: plain(
        `${formatNumber(takeMl)} mL, made up to ${formatNumber(volumeMl)} mL with water: ${weakM} × ${formatNumber(volumeMl)} / ${concentrationM} = ${formatNumber(takeMl)}.`,
      ),
      points: [
        'the same amount before and after',
        `${formatNumber(takeMl)} mL`,
        'made up with water, not added to it',
      ],
      lines: 2,
    },
  ];
}

/** Weighings of a dish as another class might have had them. */
function crystalWater(
  { anhydrous, literatureX }: Extract<Procedure['analyses'][number], { kind: 'hydrate' }>,
  random: Dice,
): Question[] {
  const x = literatureX ?? 5;
  const dishG = 18 + Math.round(random() * 800) / 100;
  const saltG = 1.2 + Math.round(random() * 120) / 100;
  const waterG = ((x * molarMassOf('H2O')) / molarMassOf(anhydrous)) * saltG;
  // Nobody drives out all of it.
  const lost = waterG * (0.96 + 0.04 * random());
  const withHydrateG = Number((dishG + saltG + waterG).toFixed(2));
  const lastG = Number((dishG + saltG + waterG - lost).toFixed(2));
  const first = Number((lastG + 0.05 + Math.round(random() * 10) / 100).toFixed(2));
  const result = hydrate({
    anhydrous,
    dishG: Number(dishG.toFixed(2)),
    withHydrateG,
    weighingsG: [first, lastG, lastG],
    literatureX: x,
  });
  return [
    {
      kind: 'compute',
      prompt: joined(
        plain(
          `A dish weighs ${withPlaces(dishG, 2)} g empty, ${withPlaces(withHydrateG, 2)} g with the hydrate, and ${withPlaces(first, 2)}, ${withPlaces(lastG, 2)} and ${withPlaces(lastG, 2)} g after heating three times. Work out x in `,
        ),
        chemical(anhydrous),
        plain('·xH'),
        [{ text: '2', set: 'sub' }],
        plain('O with its uncertainty; the balance is good to 0.01 g.'),
      ),
      answer: chemical(
        `x = ${inWords({ value: result.x, uncertainty: result.xUncertainty })}. ${result.working.join('; ')}`,
      ),
      points: [
        'mass of the water and of the salt',
        'both as amounts',
        `their ratio, ${withPlaces(result.x, 2)}`,
        'what the weighings may be off by, carried through',
      ],
      lines: 4,
    },
  ];
}
