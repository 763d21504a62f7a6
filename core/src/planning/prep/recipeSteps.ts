import { atMostFigures, formatNumber, withPlaces } from '../../common/formatNumber';
import { hazardsOf } from '../../safety/hazards';
import { stockOf } from '../../solution/preparation/prepare';
import { acidWords, dissolvingAid } from '../../solution/preparation/dissolvingAids';
import { flaskSizesMl } from './measuring';
import type { Measured } from './measuring';
import type { PrepLine } from './prepSheet';

/** What a volume is measured in. */
export const deviceText = ({ kind, sizeMl, fillings }: Measured): string =>
  `${formatNumber(sizeMl)} mL ${kind}${fillings === undefined ? '' : ', filled twice'}`;

/** A volume with what it is measured in. */
export const measuredText = (measured: Measured): string =>
  `${formatNumber(measured.roundedMl)} mL (${deviceText(measured)})`;

/** A mass as a balance shows it, with two decimals at least. */
export const massText = (massG: number): string =>
  `${withPlaces(massG, Math.max(2, String(massG).split('.')[1]?.length ?? 0))} g`;

/** A strength without the dust of decimals. */
export const strengthText = (concentrationM: number): string =>
  `${atMostFigures(concentrationM, 4)} M`;

/** What solutions are made up in: a flask where there is one of that size. */
function vesselFor(volumeMl: number): string {
  return flaskSizesMl.includes(volumeMl)
    ? `a ${formatNumber(volumeMl)} mL flask`
    : `a measuring cylinder that holds ${formatNumber(volumeMl)} mL`;
}

/** What is put on before a solid is touched: for all of them goggles, for the harmful ones gloves, in the hood where the dust harms. */
function careWith(substance: string): string[] {
  const codes = hazardsOf(substance).statements.map(({ code }) => code);
  const has = (pattern: RegExp): boolean => codes.some((code) => pattern.test(code));
  if (has(/^H(330|331|334|340|350|360|372)/))
    return ['Goggles and gloves, in the hood; raise no dust.'];
  return has(/^H(30[01]|31[01]|314|317|318|34|35|36)/) ? ['Goggles and gloves.'] : [];
}

/** Share of the water that is there before the rest is made up. */
const firstWater = 0.7;

/**
 * What to do for one solution of the sheet, step by step, in the order in which it is safe.
 */
export function recipeSteps(
  line: Pick<PrepLine, 'making' | 'totalMl' | 'substance' | 'concentrationM'>,
): string[] {
  const { making, totalMl, substance } = line;
  const total = `${formatNumber(totalMl)} mL`;
  const water = `${formatNumber(Number((firstWater * totalMl).toPrecision(2)))} mL of distilled water`;
  const aid = dissolvingAid(substance);
  const solvent = aid?.makeUpWith ?? 'distilled water';
  const rinse = `Pour it into ${vesselFor(totalMl)}, rinse the beaker into it twice, and make up to ${total} with ${solvent}. Mix.`;
  const dissolve = [
    ...(aid ? [aid.words] : []),
    ...(aid ? acidWords(aid, line.concentrationM * totalMl) : []),
    ...(aid?.saysHow ? [] : [`Dissolve it in about ${water} in a beaker, stirring.`]),
  ];
  switch (making.kind) {
    case 'weigh': {
      return [
        ...careWith(substance),
        `Weigh ${massText(making.roundedG)} of ${making.form}: empty boat on, tare, wait until the balance has settled.`,
        ...(aid?.with
          ? [
              `Weigh ${massText(Math.ceil(100 * aid.with.gPerG * making.roundedG) / 100)} of ${aid.with.substance}.`,
            ]
          : []),
        ...dissolve,
        rinse,
      ];
    }
    case 'stock':
      return [
        `Goggles and gloves, in the hood. Put about ${water} into a beaker.`,
        `Measure ${measuredText(making.measured)} of ${substance} as supplied, ${formatNumber(stockOf(substance)?.percentWW ?? 0)} %.`,
        'Pour it slowly into the water, stirring, never the water into it; let it cool.',
        rinse,
      ];
    case 'fromOther':
      return [
        `Measure ${measuredText(making.measured)} of the ${strengthText(making.otherM)} solution into ${vesselFor(totalMl)}.`,
        `Make up to ${total} with ${solvent}. Mix.`,
      ];
    case 'askForm':
      return [
        ...careWith(substance),
        `Read the jar: of ${making.forms.map((one) => `${one} weigh ${massText(making.massG[one] ?? 0)}`).join(', of ')}. Empty boat on, tare, wait until the balance has settled.`,
        ...dissolve,
        rinse,
      ];
    case 'impossible':
      return [`${making.problem} ${making.remedy}`];
  }
}
