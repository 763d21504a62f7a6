import { colourOfSpecies } from '../../seeing/appearance/ownColour';
import { solidLook } from '../../seeing/appearance/solidLook';
import { namesOf } from '../../matter/substances/naming';
import { chargeOf } from '../../matter/substances/ionsOf';
import type { Action } from '../../vessel/action';
import { noticeable } from './shift';
import type { Push, Shift } from './shift';
import type { WatchedEquilibrium, WatchedTerm } from './watched';
import { atMostFigures, withPlaces } from '../../common/formatNumber';

/** Why a watched equilibrium moved, in one sentence for each reader. */
export interface ShiftWords {
  /** For a class that knows left and right of an equation. */
  readonly forClass: string;
  /** With the quotient, the constant and what changed in them. */
  readonly forInstructor: string;
}

/** Says which way an equilibrium moved and why. */
export function shiftWords(watched: WatchedEquilibrium, shift: Shift, action: Action): ShiftWords {
  return {
    forClass: classWords(watched, shift, action),
    forInstructor: instructorWords(watched, shift),
  };
}

/** A value given by its decimal logarithm, as text: `3.2 × 10^−4`, plain between a thousandth and ten thousand. */
export function powerText(log: number): string {
  if (log === -Infinity) return '0';
  if (log === Infinity) return 'without limit';
  if (log > -3 && log < 4) return atMostFigures(10 ** log, 3);
  const exponent = Math.floor(log + 1e-9);
  const mantissa = withPlaces(10 ** (log - exponent), 1);
  return `${mantissa} × 10^${String(exponent).replace('-', '−')}`;
}

const sideNames = { forward: 'right', back: 'left' } as const;

function classWords(
  watched: WatchedEquilibrium,
  { direction, cause }: Shift,
  action: Action,
): string {
  if (direction === 'none')
    return action.do === 'discard'
      ? 'Pouring some away takes the same share of everything: nothing moves, there is only less of it.'
      : 'Nothing moves: what was done does not touch this equilibrium enough to be told.';
  if (direction === 'untold')
    return 'Another reaction took part of it away: which way this equilibrium would have gone by itself is not told. See the reactions in this step.';
  if (direction === 'stopped') {
    const missing = watched.terms.find(({ kind }) => kind === 'solid');
    return missing
      ? `It cannot move further this way: there is no ${missing.formula} left to react, or none to form it from.`
      : 'It cannot move further this way: what it needs is used up.';
  }
  const side = sideNames[direction];
  const result = outcome(watched, direction);
  switch (cause.by) {
    case 'substance': {
      const { push } = cause;
      const where = push.count < 0 ? 'left' : 'right';
      const rose = push.toM > push.fromM;
      const name = called(push.formula);
      if (rose)
        return `${push.wasAdded ? `You added ${name}` : `What you did makes more ${name}`}, on the ${where} of the equation; the change goes to the ${side} and uses part of that up${result}.`;
      return `What you did takes ${name} away from the ${where} of the equation; the change goes to the ${side} and replaces part of that${result}.`;
    }
    case 'volume': {
      const more = cause.dissolvedLeft > cause.dissolvedRight ? 'left' : 'right';
      return `More water spreads the dissolved particles out; there are more of them on the ${more} (${cause.dissolvedLeft} on the left, ${cause.dissolvedRight} on the right), so the change goes to the ${side}${result}.`;
    }
    case 'temperature': {
      const warmer = cause.toC > cause.fromC;
      const takesHeat = (watched.enthalpyKJPerMol ?? 0) > 0 ? 'right' : 'left';
      return `Going to the ${takesHeat} takes heat in; ${warmer ? 'warming' : 'cooling'} pushes the change to the ${side}${result}.`;
    }
    case 'nothing':
      return `The change goes to the ${side}${result}.`;
  }
}

/** What there is more and less of afterwards, each with its colour. */
function outcome({ terms, indicator }: WatchedEquilibrium, direction: 'forward' | 'back'): string {
  const sign = direction === 'forward' ? 1 : -1;
  const coloured = terms.filter((term) => colourOf(term) !== undefined);
  const told = coloured.length > 0 ? coloured : terms.filter(({ kind }) => kind === 'solid');
  // Two yellows, one deeper than the other, are not told apart by the word.
  const differ = new Set(told.map(colourOf)).size > 1;
  const list = (wanted: number) =>
    told
      .filter(({ count }) => Math.sign(count) === wanted)
      .map((term) => {
        const colour = colourOf(term);
        return colour && differ ? `${colour} ${term.formula}` : term.formula;
      })
      .join(' and ');
  if (indicator !== undefined)
    return `: more of the ${direction === 'forward' ? 'alkaline' : 'acid'} form of ${indicator}`;
  const [more, less] = [list(sign), list(-sign)];
  const parts = [more && `more ${more}`, less && `less ${less}`].filter(Boolean);
  return parts.length > 0 ? `: ${parts.join(', ')}` : '';
}

function colourOf({ formula, kind }: WatchedTerm): string | undefined {
  if (kind === 'solid') return solidLook(formula)?.colour;
  return kind === 'dissolved' ? colourOfSpecies(formula) : undefined;
}

/** `chloride ions (Cl^-)`; the formula alone where it has no name. */
function called(formula: string): string {
  const { stock } = namesOf(formula);
  return stock ? `${stock}${chargeOf(formula) === 0 ? '' : ' ions'} (${formula})` : formula;
}

function instructorWords(watched: WatchedEquilibrium, shift: Shift): string {
  const { mixed, after, direction, cause } = shift;
  if (direction === 'untold')
    return 'Q just after mixing is not told: electrons moved, or something left the liquid on the way.';
  if (!mixed)
    return 'Substances of both sides are missing, so there is no Q yet and nothing that could move.';
  const { logQ, logK } = mixed;
  const compared = `Just after, Q = ${powerText(logQ)}, K = ${powerText(logK)}`;
  if (direction === 'none') return `${compared}: Q is K, so nothing moves.`;
  const which = logQ < logK ? 'below' : 'above';
  const rests = after ? powerText(after.logQ) : 'its value';
  const end =
    direction === 'stopped'
      ? `it should go to the ${logQ < logK ? 'right' : 'left'}, but what it needs is not there; Q stays at ${rests}`
      : after && Math.abs(after.logQ - after.logK) > noticeable
        ? `it goes to the ${sideNames[direction]} until what it needs is used up, with Q at ${rests}`
        : `it goes to the ${sideNames[direction]} until Q is K again`;
  return `${compared}: Q lies ${which} K${because(watched, cause)}; ${end}.`;
}

function because(watched: WatchedEquilibrium, cause: Shift['cause']): string {
  switch (cause.by) {
    case 'substance':
      return `, because ${pushed(cause.push)}`;
    case 'volume':
      return `, because the volume counts to the power ${Math.abs(cause.dissolvedRight - cause.dissolvedLeft)}`;
    case 'temperature': {
      const { enthalpyKJPerMol } = watched;
      const sign =
        enthalpyKJPerMol === undefined
          ? ''
          : ` (ΔH° = ${signed(enthalpyKJPerMol)} kJ/mol, van ’t Hoff)`;
      return `, because K moved with the temperature${sign}`;
    }
    case 'nothing':
      return '';
  }
}

function pushed({ formula, count, fromM, toM }: Push): string {
  const power = Math.abs(count) === 1 ? '' : ` and counts to the power ${Math.abs(count)}`;
  return `[${formula}] went from ${powerText(Math.log10(fromM))} to ${powerText(Math.log10(toM))} mol/L${power}`;
}

const signed = (value: number): string =>
  `${value > 0 ? '+' : '−'}${withPlaces(Math.abs(value), 0)}`;
