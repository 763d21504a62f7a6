import { parseFormula } from '../../src/matter/formula/parseFormula';
import { mix } from '../../src/seeing/rack/mix';
import type { ToldStep } from '../../src/seeing/rack/mix';
import type { Action } from '../../src/vessel/action';
import type { AnyPortion } from '../../src/vessel/portion';

/** A portion in shorthand: `AgNO3 0.1M`, `NaOH 2M 3mL`, `Cu 0.2g`, `CO2 1mmol`, `water 5mL`, `litmus 2drops`. 5 mL unless said. */
export function portion(text: string): AnyPortion {
  const found = /^(.+?) ([\d.e-]+)(M|g|mmol|mL|drops)(?: ([\d.]+)mL)?$/.exec(text);
  if (!found) throw new Error(`Not a portion: ${text}`);
  const [, name = '', number, unit, volume = '5'] = found;
  const amount = Number(number);
  if (unit === 'g') return { substance: name, massG: amount };
  if (unit === 'mmol') return { gas: name, amountMmol: amount };
  if (unit === 'mL') return { substance: name, volumeMl: amount };
  if (unit === 'drops') return { indicator: name, drops: amount };
  return { substance: name, concentrationM: amount, volumeMl: Number(volume) };
}

export function action(text: string): Action {
  const [verb = '', value = ''] = text.split(' ');
  if (verb === 'heat' || verb === 'cool') return { do: verb, toC: Number(value) };
  if (verb === 'strongly') return { do: 'heat', strongly: true };
  if (verb === 'gently') return { do: 'heat', minutes: 5 };
  if (verb === 'light') return { do: 'light', minutes: Number(value) };
  if (verb === 'wait') return { do: 'wait', minutes: Number(value) };
  if (verb === 'shake') return { do: 'shakeWithAir' };
  if (verb === 'swirl') return { do: 'shakeWithAir', gently: true };
  if (verb === 'close' || verb === 'open' || verb === 'ignite') return { do: verb };
  if (verb === 'test') return { do: 'test', test: value };
  if (verb === 'dilute') return { do: 'dilute', toVolumeMl: Number(value) };
  if (verb === 'discard') return { do: 'discard', fraction: Number(value) };
  if (verb === 'filtrate' || verb === 'residue') return { do: 'filter', keep: verb };
  if (verb === 'decant') return { do: 'decant', keep: value as 'upper' | 'lower' };
  if (verb === 'evaporate') return { do: 'evaporate', ...(value && { toVolumeMl: Number(value) }) };
  return { do: 'add', portion: portion(text) };
}

/** Steps of a beaker that starts with some portions, joined by `+`, and has things done to it. */
export function bench(start: string, ...then: string[]): ToldStep[] {
  const contents = start.split(' + ').map(portion);
  return mix({ vessel: { contents, container: 'beaker' }, actions: then.map(action) }).steps;
}

/** The last step of {@link bench}. */
export function lastOf(start: string, ...then: string[]): ToldStep {
  const step = bench(start, ...then).at(-1);
  if (!step) throw new Error('No step.');
  return step;
}

/** An equation with its terms in order, so that two ways of writing it compare equal. */
export function sorted(equation: string): string {
  return equation
    .split(' → ')
    .map((side) => side.split(' + ').sort().join(' + '))
    .join(' → ');
}

/** The net ionic equations of a step, terms in order. */
export function equationsOf({ reactions }: ToldStep): string[] {
  return reactions.map(({ netIonic }) => sorted(netIonic));
}

/** The solid an observer would name first: formula and colour. */
export function precipitate({ observations }: ToldStep): string {
  const solid = observations.find(({ kind }) => kind === 'precipitate' || kind === 'deposit');
  return solid && 'formula' in solid && 'colour' in solid ? `${solid.formula} ${solid.colour}` : '';
}

/** Whether both sides of an equation hold the same atoms and charge, counted term by term. */
export function isBalanced(equation: string): boolean {
  const total: Record<string, number> = {};
  equation.split(' → ').forEach((side, index) => {
    for (const text of side.split(' + ')) {
      const [, count = '1', formula = ''] = /^(?:(\d+) )?(.+)$/.exec(text) ?? [];
      const { elements, charge } = parseFormula(formula);
      for (const [symbol, n] of Object.entries({ ...elements, charge }))
        total[symbol] = (total[symbol] ?? 0) + (index === 0 ? 1 : -1) * Number(count) * n;
    }
  });
  return Object.values(total).every((n) => n === 0);
}
