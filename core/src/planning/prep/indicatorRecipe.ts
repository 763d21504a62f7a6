import { commonPractice } from '../../matter/substances/source';
import { hazardsOf } from '../../safety/hazards';
import type { HazardSheet } from '../../safety/hazards';
import type { Source } from '../../matter/substances/source';
import { atMostFigures, formatNumber } from '../../common/formatNumber';
import { leastMassG, measureMl, roundToBalance } from './measuring';
import type { Measured, MeasuringKit } from './measuring';

/** How the drops of an indicator, a dye or starch are made up. */
export interface IndicatorMix {
  readonly name: string;
  /** Grams in 100 mL; absent for what is bought ready-made. */
  readonly percentWV?: number;
  /** What the solid is dissolved in first, and how much of it stays in the bottle, per cent by volume. */
  readonly ethanolPercent: number;
  readonly words?: string;
  readonly source: Source;
}

const usual = commonPractice(
  'strength and solvent of indicator solutions; as strong as the drops the predictions count with',
);
const inEthanol = (name: string, percentWV: number): IndicatorMix => ({
  name,
  percentWV,
  ethanolPercent: 50,
  source: usual,
});
const inWater = (name: string, percentWV: number, words?: string): IndicatorMix => ({
  name,
  percentWV,
  ethanolPercent: 0,
  ...(words !== undefined && { words }),
  source: usual,
});

/** Every indicator and dye that is added in drops. */
export const indicatorMixes: readonly IndicatorMix[] = [
  inEthanol('phenolphthalein', 0.05),
  inWater('methyl orange', 0.05),
  { ...inEthanol('methyl red', 0.04), ethanolPercent: 60 },
  inEthanol('bromothymol blue', 0.08),
  inEthanol('bromocresol green', 0.08),
  inEthanol('bromophenol blue', 0.07),
  inEthanol('thymol blue', 0.08),
  inEthanol('phenol red', 0.04),
  inEthanol('cresol red', 0.04),
  inWater('alizarin yellow', 0.08),
  { ...inEthanol('thymolphthalein', 0.09), ethanolPercent: 60 },
  inWater(
    'litmus',
    1,
    'Boil the litmus with the water, let it settle and pour the clear part off.',
  ),
  {
    name: 'universal indicator',
    ethanolPercent: 60,
    words: 'Bought ready-made: it is a mixture of several indicators.',
    source: usual,
  },
  inWater('methylene blue', 0.1),
  inWater('indigo carmine', 1),
  inWater(
    'starch',
    0.5,
    'Stir the starch to a paste with a little cold water, pour it into the boiling rest, boil for a minute and let it cool.',
  ),
];

/** Per cent by mass of ethanol in so many per cent by volume: 0.789 g/mL (CRC Handbook, recalled from memory) against water. */
const ethanolByMass = (percentByVolume: number): number =>
  (100 * 0.789 * percentByVolume) / (0.789 * percentByVolume + (100 - percentByVolume));

/** The hazards of a dropping bottle: what the dye is dissolved in decides, for there is hardly any of it. */
export function indicatorHazards({
  ethanolPercent,
}: Pick<IndicatorMix, 'ethanolPercent'>): HazardSheet {
  return hazardsOf(
    ethanolPercent > 0
      ? { substance: 'C2H5OH', percentWW: ethanolByMass(ethanolPercent) }
      : { substance: 'water' },
  );
}

/** How a volume of an indicator solution is made. */
export interface IndicatorRecipe {
  readonly mix: IndicatorMix;
  /** mL that are made; at least what was asked. */
  readonly makeMl: number;
  /** Mass to weigh, g; absent for what is bought ready-made. */
  readonly massG?: number;
  /** Ethanol to dissolve it in, mL; 0 for none. */
  readonly ethanolMl: number;
  /** A stronger solution of which some is diluted, where the mass would be too small to weigh. */
  readonly stronger?: {
    readonly percentWV: number;
    readonly makeMl: number;
    readonly take: Measured;
  };
}

/** Strength of a stronger solution that indicators are diluted from, g in 100 mL, and how much of it is made, mL. */
const strongerPercent = 1;
const strongerMl = 25;

/**
 * How an indicator solution is made up, weighed to two per cent on the balance at hand.
 *
 * @param volumeMl above 0.
 * @returns undefined for a name that is no indicator.
 */
export function indicatorRecipe(
  name: string,
  volumeMl: number,
  kit: MeasuringKit,
): IndicatorRecipe | undefined {
  const mix = indicatorMixes.find((one) => one.name === name);
  if (!mix) return undefined;
  const makeMl = Math.max(10, Math.ceil(volumeMl / 10 - 1e-9) * 10);
  const ethanolMl = (mix.ethanolPercent / 100) * makeMl;
  if (mix.percentWV === undefined) return { mix, makeMl, ethanolMl: 0 };
  const massG = (mix.percentWV * makeMl) / 100;
  const leastG = leastMassG(kit.balanceG);
  if (massG >= leastG - 1e-9)
    return { mix, makeMl, ethanolMl, massG: roundToBalance(massG, kit.balanceG) };
  // Too little to weigh: at least so much is weighed into a stronger solution, which keeps for the next class.
  const motherMl = Math.max(strongerMl, Math.ceil((100 * leastG) / strongerPercent));
  const takenMl = (mix.percentWV * makeMl) / strongerPercent;
  const take = measureMl(takenMl, kit);
  return {
    mix,
    makeMl,
    ethanolMl,
    massG: roundToBalance((strongerPercent * motherMl) / 100, kit.balanceG),
    stronger: { percentWV: strongerPercent, makeMl: motherMl, take },
  };
}

/** How an indicator solution is made, sentence by sentence. */
export function indicatorSteps({
  mix,
  makeMl,
  massG,
  ethanolMl,
  stronger,
}: IndicatorRecipe): string[] {
  const { name, percentWV, words, ethanolPercent } = mix;
  if (percentWV === undefined || massG === undefined) return words === undefined ? [] : [words];
  const first = stronger ?? { percentWV, makeMl };
  const ethanol = stronger ? (ethanolPercent / 100) * stronger.makeMl : ethanolMl;
  const solvent =
    ethanol > 0
      ? `${atMostFigures(ethanol, 3)} mL of ethanol, then water to ${formatNumber(first.makeMl)} mL`
      : `water, to ${formatNumber(first.makeMl)} mL`;
  return [
    `Dissolve ${formatNumber(massG)} g of ${name} in ${solvent}: ${formatNumber(first.percentWV)} % w/v.`,
    ...(stronger
      ? [
          `Of that take ${formatNumber(stronger.take.roundedMl)} mL, ${ethanolMl > 0 ? `${atMostFigures(Math.max(0, ethanolMl - (ethanolPercent / 100) * stronger.take.roundedMl), 3)} mL of ethanol and ` : ''}water to ${formatNumber(makeMl)} mL: ${formatNumber(percentWV)} % w/v. Keep the rest for another class.`,
        ]
      : []),
    ...(ethanolPercent > 0 ? ['Away from flames: ethanol burns.'] : []),
    ...(words === undefined ? [] : [words]),
  ];
}
