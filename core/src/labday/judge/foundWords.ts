import { formatNumber, withFigures, withPlaces, withSign } from '../../common/formatNumber';
import { dropSource } from '../../measuring/dropCounts';
import { waterHeatSource } from '../../measuring/temperatureLog';
import { formatDegrees, formatTemperature } from '../../common/temperature';
import { inWords } from '../../measuring/uncertainty';
import { sourceText } from '../../matter/substances/source';
import type { Found } from './analyse';

/** What was found, in words: the answer, what belongs to it, advice, and how it was calculated. */
export interface FoundWords {
  readonly answer: string;
  readonly more: readonly string[];
  readonly advice: readonly string[];
  readonly working: readonly string[];
}

const hydrateVerdicts = {
  agrees: 'agrees with what is expected',
  low: 'too little water',
  high: 'too much water',
  open: 'not a whole number',
} as const;

/** Tells what was found, with its uncertainty. */
export function tellFound(found: Found): FoundWords {
  switch (found.kind) {
    case 'hydrate': {
      const { x, xUncertainty, waterPercent, errorPercent, constantMass, formula, verdict } =
        found.result;
      const off = errorPercent === undefined ? '' : `, ${withSign(errorPercent, 1)} % off`;
      return {
        answer: `x = ${inWords({ value: x, uncertainty: xUncertainty })}, so ${formula}: ${hydrateVerdicts[verdict]}`,
        more: [
          `Water ${withPlaces(waterPercent, 1)} % by mass${off}; constant mass ${constantMass ? 'reached' : 'not reached'}.`,
        ],
        advice: found.result.advice,
        working: found.result.working,
      };
    }
    case 'temperature': {
      const { result, film } = found;
      const heat =
        result.heatJ === undefined ? '' : ` q = ${withPlaces(result.heatJ / 1000, 2)} kJ.`;
      const enthalpy =
        result.enthalpyKJPerMol === undefined
          ? ''
          : ` ΔH = ${withPlaces(result.enthalpyKJPerMol, 1)} kJ/mol.`;
      return {
        answer: `ΔT = ${result.deltaC > 0 ? '+' : ''}${formatDegrees(result.deltaC)}, ${result.direction}`,
        more: [
          `Lowest ${formatTemperature(result.lowestC, 1)}, highest ${formatTemperature(result.highestC, 1)}.${heat}${enthalpy}`,
          ...(film ? [`Film of water freezes: ${film.freezes} – ${film.why}.`] : []),
        ],
        advice: result.advice,
        working: [...result.working, sourceText(waterHeatSource)],
      };
    }
    case 'drops':
      return {
        answer: found.comparisons
          .map(({ name, ratio, words }) => `${name}: ratio ${inWords(ratio)}. ${words}.`)
          .join(' '),
        more: found.counts.map(
          ({ of, drops, concentrationM }) =>
            `${of}: ${drops.join(', ')} drops${concentrationM ? `, so ${inWords(concentrationM)} mol/L` : ''}`,
        ),
        advice: [],
        working: [sourceText(dropSource)],
      };
    case 'density':
      return { answer: `${inWords(found.value)} g/mL`, more: [], advice: [], working: [] };
    case 'recovery':
      return {
        answer: `${inWords(found.result.percent)} % (${formatNumber(found.gotG)} g): ${found.result.words}.`,
        more: [],
        advice: [],
        working: [],
      };
    case 'line': {
      const { slope, slope95, intercept, r2 } = found.line;
      const interval = slope95 === undefined ? '' : ` ± ${withFigures(slope95, 2)} (95 %)`;
      return {
        answer: `slope ${withFigures(slope, 3)}${interval}, intercept ${withFigures(intercept, 3)}, R² = ${withPlaces(r2, 3)}`,
        more: [],
        advice: [],
        working: [],
      };
    }
  }
}
