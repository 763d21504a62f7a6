import { handbook } from '../matter/substances/source';
import type { HazardCode } from './statements';

/** A precautionary statement. */
export interface Precaution {
  readonly code: string;
  readonly text: string;
}

interface Row extends Precaution {
  readonly for: RegExp;
}

/** Precautionary statements by the hazards that call for them, the most urgent first; wording recalled from memory. */
const rows: readonly Row[] = [
  { code: 'P260', text: 'Do not breathe dust, mist or vapours.', for: /^H(330|331|37[02]|314)/ },
  { code: 'P201', text: 'Obtain special instructions before use.', for: /^H(34|35|36)/ },
  {
    code: 'P210',
    text: 'Keep away from heat, hot surfaces, sparks and open flames. No smoking.',
    for: /^H(22|25|27)/,
  },
  {
    code: 'P231 + P232',
    text: 'Handle and store under inert liquid. Protect from moisture.',
    for: /^H26/,
  },
  {
    code: 'P280',
    text: 'Wear protective gloves, protective clothing and eye protection.',
    for: /^H(31|30[01]|34|35|36|22|25|26|27)/,
  },
  {
    code: 'P305 + P351 + P338',
    text: 'If in eyes: rinse cautiously with water for several minutes. Remove contact lenses, if present and easy to do. Continue rinsing.',
    for: /^H(314|318|319)/,
  },
  {
    code: 'P303 + P361 + P353',
    text: 'If on skin (or hair): take off immediately all contaminated clothing. Rinse skin with water.',
    for: /^H(314|310|311|225|226)/,
  },
  {
    code: 'P301 + P330 + P331',
    text: 'If swallowed: rinse mouth. Do not induce vomiting.',
    for: /^H(314|304)/,
  },
  {
    code: 'P301 + P310',
    text: 'If swallowed: immediately call a poison centre or a doctor.',
    for: /^H30[01]/,
  },
  {
    code: 'P301 + P312',
    text: 'If swallowed: call a poison centre or a doctor if you feel unwell.',
    for: /^H302/,
  },
  {
    code: 'P304 + P340',
    text: 'If inhaled: remove the person to fresh air and keep them comfortable for breathing.',
    for: /^H33/,
  },
  {
    code: 'P308 + P313',
    text: 'If exposed or concerned: get medical advice.',
    for: /^H(34|35|36)/,
  },
  { code: 'P302 + P352', text: 'If on skin: wash with plenty of water.', for: /^H31[257]/ },
  { code: 'P273', text: 'Avoid release to the environment.', for: /^H4/ },
  { code: 'P234', text: 'Keep only in original packaging.', for: /^H290/ },
];
export const precautionsSource = handbook(
  'EU CLP Regulation 1272/2008, Annex IV',
  'precautionary statements by hazard; at most six (Article 28)',
);

/** No more than six stand on a label (CLP, Article 28). */
const most = 6;

/** The precautionary statements that a set of hazards calls for, the most urgent first. */
export function precautionsFor(codes: readonly HazardCode[]): Precaution[] {
  return rows
    .filter((row) => codes.some((code) => row.for.test(code)))
    .slice(0, most)
    .map(({ code, text }) => ({ code, text }));
}
