import { ChemistryError } from '../../common/errors';
import { isElement } from './elements';
import { isNuclide, nuclideSymbol } from './nuclides';
import { formatParts, formatCharge } from './formatFormula';
import { normaliseText } from './normaliseText';
import type { FormulaNode, FormulaPart, Species, State } from './species';

const longest = 300;

/**
 * Reads a chemical formula: nested brackets, water of crystallisation after `·`, `.` or `*`,
 * a charge (`^2+`, `2+`, `²⁺`, `++`) and a state `(s)`, `(l)`, `(g)`, `(aq)`, or an arrow: `↑` is a gas, `↓` a solid.
 * A leading coefficient is allowed and ignored. Nuclides are written `D`, `T` or with a raised mass number, `^14C`.
 *
 * A charge written without `^` is read as the field writes it: the digit belongs to the charge after
 * a single atom (`Cu2+`) or a closing square bracket, and to the subscript otherwise (`NH4+`);
 * of two digits the last is the charge (`SO42-`).
 *
 * @example parseFormula('CuSO4.5H2O').formula // 'CuSO4·5H2O'
 * @throws ChemistryError naming the offending text.
 */
export function parseFormula(input: string): Species {
  const known = read.get(input);
  if (known) return known;
  const species = readFormula(input);
  if (read.size >= mostKept) read.clear();
  read.set(input, species);
  return species;
}

/** Formulae read before: the engine asks for the same few hundred over and over. */
const read = new Map<string, Species>();
const mostKept = 5000;

function readFormula(input: string): Species {
  if (input.length > longest) throw ChemistryError.of('tooLong', input);
  const text = normaliseText(input);
  if (text === '') throw ChemistryError.of('emptyFormula');
  const { body: stated, state } = splitState(text);
  const withoutCoefficient = stated.replace(
    /^(\d+\/\d+|\d+(\.\d+)?)\s*(?=[A-Z([{e]|\^\d+[A-Z])/,
    '',
  );
  const { body, charge } = splitCharge(withoutCoefficient, input);
  const parts = body === 'e' ? [] : readParts(body, input);
  if (body === 'e' && charge !== -1) throw ChemistryError.of('unexpectedCharacter', input, 'e');
  const formula = (parts.length === 0 ? 'e' : formatParts(parts)) + formatCharge(charge);
  return { formula, parts, elements: countElements(parts), charge, ...(state && { state }) };
}

/** What the arrows of older books say. */
const arrowStates: Readonly<Record<string, State>> = { '↑': 'g', '↓': 's' };

function splitState(stated: string): { body: string; state?: State } {
  const arrow = /\s*([↑↓])$/u.exec(stated);
  const text = arrow ? stated.slice(0, arrow.index) : stated;
  const found = /\s*\((s|l|g|aq)\)$/.exec(text);
  const shown = arrow && arrowStates[arrow[1] ?? ''];
  if (!found) return { body: text, ...(shown && { state: shown }) };
  return { body: text.slice(0, found.index), state: found[1] as State };
}

function splitCharge(text: string, input: string): { body: string; charge: number } {
  const sign = (symbol: string) => (symbol.startsWith('-') ? -1 : 1);
  const explicit = /^(.*?)\s*\^\s*(?:(\d*)([+-])|([+-])(\d+))$/.exec(text);
  if (explicit) {
    const [, body = '', before, signBefore, signAfter, after] = explicit;
    const size = Number((before || after) ?? '') || 1;
    return { body, charge: size * sign(signBefore ?? signAfter ?? '+') };
  }
  const spaced = /^(.*\S)\s+(\d+)([+-])$/.exec(text);
  if (spaced) return { body: spaced[1] ?? '', charge: Number(spaced[2]) * sign(spaced[3] ?? '') };
  const repeated = /^(.*?)(\+{2,}|-{2,})$/.exec(text);
  if (repeated) {
    const run = repeated[2] ?? '';
    return { body: repeated[1] ?? '', charge: run.length * sign(run) };
  }
  const bare = /^(.*?)(\d*)([+-])$/.exec(text);
  if (!bare) return { body: text, charge: 0 };
  return readBareCharge(bare[1] ?? '', bare[2] ?? '', sign(bare[3] ?? '+'), input);
}

function readBareCharge(body: string, digits: string, sign: number, input: string) {
  const single = /^[A-Z][a-z]?$/.test(body);
  if (single && digits !== '') {
    if (body === 'I' && digits === '3') return { body: 'I3', charge: sign };
    if (body === 'N' && digits === '3')
      throw ChemistryError.of('ambiguousCharge', input, 'azide N3^- or nitride N^3-');
    return { body, charge: sign * Number(digits) };
  }
  if (body.endsWith(']')) return { body, charge: sign * (Number(digits) || 1) };
  if (digits.length >= 2)
    return { body: body + digits.slice(0, -1), charge: sign * Number(digits.slice(-1)) };
  return { body: body + digits, charge: sign };
}

function readParts(body: string, input: string): FormulaPart[] {
  // A dot that stands between digits of a part's own multiplier (0.5H2O) is a decimal point.
  const marked = body.replace(/(^|·|\.)\s*(\d+)\.(\d+)(?=[A-Z([{])/g, '$1$2,$3');
  return marked.split(/[·.]/).map((raw) => {
    const found = /^(\d+\/\d+|\d+(?:,\d+)?)?(.*)$/s.exec(raw.trim());
    const multiplier = readMultiplier(found?.[1], input);
    const nodes = readNodes(found?.[2]?.trim() ?? '', input);
    if (nodes.length === 0) throw ChemistryError.of('unexpectedCharacter', input, raw || '·');
    return { multiplier, nodes };
  });
}

function readMultiplier(text: string | undefined, input: string): number {
  if (text === undefined) return 1;
  const [above = '1', below] = text.replace(',', '.').split('/');
  const value = Number(above) / Number(below ?? 1);
  if (!(value > 0) || !Number.isFinite(value)) throw ChemistryError.of('zeroCount', input);
  return value;
}

const closing = { '(': ')', '[': ']', '{': '}' } as const;

function readNodes(text: string, input: string): FormulaNode[] {
  let at = 0;
  const count = (): number => {
    const digits = /^\d+/.exec(text.slice(at))?.[0];
    if (digits === undefined) return 1;
    at += digits.length;
    if (digits.startsWith('0')) throw zeroIn(digits, input);
    return Number(digits);
  };
  const sequence = (end: string | undefined): FormulaNode[] => {
    const nodes: FormulaNode[] = [];
    while (at < text.length && text[at] !== end) {
      const character = text[at] ?? '';
      if (character === '(' || character === '[' || character === '{') {
        at += 1;
        const group = sequence(closing[character]);
        if (text[at] !== closing[character]) throw ChemistryError.of('unbalancedBrackets', input);
        at += 1;
        if (group.length === 0) throw ChemistryError.of('unexpectedCharacter', input, character);
        nodes.push({ group, bracket: character, count: count() });
      } else if (/[A-Z^]/.test(character)) {
        const { symbol, length } = readSymbol(text, at);
        at += length;
        nodes.push({ element: symbol, count: count() });
      } else if (')]}'.includes(character)) {
        throw ChemistryError.of('unbalancedBrackets', input);
      } else {
        throw ChemistryError.of('unexpectedCharacter', input, character);
      }
    }
    return nodes;
  };
  return sequence(undefined);
}

/** A count that begins with zero is a letter O typed as a digit, or counts nothing. */
function zeroIn(digits: string, input: string): ChemistryError {
  return Number(digits) === 0 && digits.length === 1
    ? ChemistryError.of('zeroCount', input)
    : ChemistryError.of('leadingZero', input, input.replace(/(?<!\d)0/g, 'O'));
}

interface ReadSymbol {
  readonly symbol: string;
  /** Characters it takes in the text. */
  readonly length: number;
}

function readSymbol(text: string, at: number): ReadSymbol {
  const rest = text.slice(at);
  const [numbered, massNumber = '', of = ''] = /^\^(\d+)([A-Z][a-z]?)/.exec(rest) ?? [];
  if (numbered !== undefined) {
    const element = isElement(of) ? of : of.charAt(0);
    const symbol = nuclideSymbol(massNumber, element);
    if (!isNuclide(symbol)) throw ChemistryError.of('unknownNuclide', `${massNumber}${of}`);
    return { symbol, length: 1 + massNumber.length + element.length };
  }
  const two = /^[A-Z][a-z]/.exec(rest)?.[0];
  if (two !== undefined) {
    if (isElement(two)) return { symbol: two, length: 2 };
    throw ChemistryError.of('unknownElement', two, '');
  }
  const one = text.charAt(at);
  if (isElement(one) || isNuclide(one)) return { symbol: one, length: 1 };
  if (one === '^') throw ChemistryError.of('unexpectedCharacter', text, one);
  // NACL: the letter that is no element may be the second of a symbol typed in capitals, or the first.
  const meant = [text.slice(at - 1, at + 1), text.slice(at, at + 2)]
    .map((pair) => pair.charAt(0) + pair.charAt(1).toLowerCase())
    .find((pair) => pair.length === 2 && isElement(pair));
  const hint = meant ? `Write ${meant}: the second letter of a symbol is small.` : '';
  throw ChemistryError.of('unknownElement', one, hint);
}

function countElements(parts: readonly FormulaPart[]): Record<string, number> {
  const counts: Record<string, number> = {};
  const walk = (nodes: readonly FormulaNode[], factor: number): void => {
    for (const node of nodes) {
      if ('element' in node)
        counts[node.element] = (counts[node.element] ?? 0) + factor * node.count;
      else walk(node.group, factor * node.count);
    }
  };
  for (const part of parts) walk(part.nodes, part.multiplier);
  return counts;
}
