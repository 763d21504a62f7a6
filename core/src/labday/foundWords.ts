import { formatNumber } from '../common/formatNumber';
import { dropSource } from '../measuring/dropCounts';
import { waterHeatSource } from '../measuring/temperatureLog';
import { fromCelsius } from '../measuring/temperatureScale';
import type { TemperatureScale } from '../measuring/temperatureScale';
import { inWords } from '../measuring/uncertainty';
import { sourceText } from '../matter/substances/source';
import type { Found } from './analyse';

/** What was found, in words: the answer, what belongs to it, what to mind, and how it was reckoned. */
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

/** With its sign, unless it rounds to nothing. */
const signed = (value: number): string => {
  const text = Math.abs(value).toFixed(1);
  return Number(text) === 0 ? text : `${value > 0 ? '+' : '−'}${text}`;
};

/** Tells what was found in the thermometers’ scale, with its uncertainty. */
export function tellFound(found: Found, scale: TemperatureScale): FoundWords {
  switch (found.kind) {
    case 'hydrate': {
      const { x, xUncertainty, waterPercent, errorPercent, constantMass, formula, verdict } =
        found.result;
      const off = errorPercent === undefined ? '' : `, ${signed(errorPercent)} % off`;
      return {
        answer: `x = ${inWords({ value: x, uncertainty: xUncertainty })}, so ${formula}: ${hydrateVerdicts[verdict]}`,
        more: [
          `Water ${waterPercent.toFixed(1)} % by mass${off}; constant mass ${constantMass ? 'reached' : 'not reached'}.`,
        ],
        advice: found.result.advice,
        working: found.result.working,
      };
    }
    case 'temperature': {
      const { result, film } = found;
      const perDegree = scale === '°C' ? 1 : 1.8;
      const at = (temperatureC: number) =>
        `${formatNumber(fromCelsius(temperatureC, scale), { places: 1 })} ${scale}`;
      const heat =
        result.heatJ === undefined
          ? ''
          : ` q = ${formatNumber(result.heatJ / 1000, { places: 2 })} kJ.`;
      const enthalpy =
        result.enthalpyKJPerMol === undefined
          ? ''
          : ` ΔH = ${formatNumber(result.enthalpyKJPerMol, { places: 1 })} kJ/mol.`;
      return {
        answer: `ΔT = ${signed(result.deltaC * perDegree)} ${scale}, ${result.direction}`,
        more: [
          `Lowest ${at(result.lowestC)}, highest ${at(result.highestC)}.${heat}${enthalpy}`,
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
        answer: `${inWords(found.result.percent)} % (${found.gotG} g): ${found.result.words}.`,
        more: [],
        advice: [],
        working: [],
      };
    case 'line': {
      const { slope, slope95, intercept, r2 } = found.line;
      const interval = slope95 === undefined ? '' : ` ± ${slope95.toPrecision(2)} (95 %)`;
      return {
        answer: `slope ${formatNumber(slope, { figures: 3, trailingZeros: true })}${interval}, intercept ${formatNumber(intercept, { figures: 3, trailingZeros: true })}, R² = ${r2.toFixed(3)}`,
        more: [],
        advice: [],
        working: [],
      };
    }
  }
}
