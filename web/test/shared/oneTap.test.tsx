import type { BenchRecord } from '@stoichos/core/labday/day';
import type { Observation } from '@stoichos/core/seeing/observation';
import { testOutcomes } from '@stoichos/core/seeing/observation';
import { fireEvent, screen, within } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { RecordPanel } from '../../src/shared/recording/RecordPanel';
import { fill, tap } from '../support/acts';
import { WithRecorder } from '../support/recorder';
import { chosen, show } from '../support/render';

/** Shows what can be seen, with some kinds asked about, and tells what was recorded last. */
function panel(...asked: Observation['kind'][]) {
  const hear = vi.fn<(record: BenchRecord) => void>();
  show(
    <WithRecorder hear={hear}>
      {(recorder) => <RecordPanel recorder={recorder} asked={asked} />}
    </WithRecorder>,
  );
  return { hear, last: () => hear.mock.lastCall?.[0] };
}
const question = (title: string | RegExp) => within(screen.getByRole('group', { name: title }));
const answers = (title: string | RegExp) =>
  question(title)
    .getAllByRole('button')
    .map((one) => one.textContent);
const press = (title: string | RegExp, name: string | RegExp) =>
  fireEvent.click(question(title).getByRole('button', { name }));

beforeEach(() => chosen({}));

describe('one tap at the bench', () => {
  it.each([
    [/^nothing happened/, { kind: 'noChange' }],
    [/^no precipitate/, { kind: 'noPrecipitate' }],
    [/^clear/, { kind: 'clarity', to: 'clear' }],
    [/^cloudy/, { kind: 'clarity', to: 'cloudy' }],
    [/^opaque/, { kind: 'clarity', to: 'opaque' }],
    [/^bubbles/, { kind: 'gas' }],
  ] as const)('%s', (name, record) => {
    const { last } = panel();
    press('At a glance', name);
    expect(last()).toEqual(record);
  });

  it.each(['hot', 'warm', 'as before', 'cool', 'cold'] as const)('feels %s', (felt) => {
    const { last } = panel();
    press('By touch, or by thermometer', felt);
    expect(last()).toEqual({ kind: 'temperature', felt });
  });

  it('asks how vigorous a gas is once there is one', () => {
    const { last } = panel();
    expect(screen.queryByRole('button', { name: 'vigorous' })).toBeNull();
    press('At a glance', /^bubbles/);
    press('At a glance', 'vigorous');
    expect(last()).toEqual({ kind: 'gas', vigour: 'vigorous' });
  });

  it('has the keys for what is seen most often, and they are not read aloud', () => {
    panel();
    expect([...document.querySelectorAll('kbd')].map((one) => one.textContent)).toEqual([
      'C',
      'L',
      'O',
      'P',
      'G',
      'B',
      'N',
      'E',
    ]);
    for (const key of document.querySelectorAll('kbd'))
      expect(key).toHaveAttribute('aria-hidden', 'true');
  });
});

describe('a precipitate', () => {
  it('has a colour first, then its texture, amount and how it settles', () => {
    const { last } = panel();
    expect(screen.queryByRole('group', { name: 'Its texture' })).toBeNull();
    press('Precipitate', 'white');
    press('Its texture', 'curdy');
    press('How much, and how it settles', 'much');
    press('How much, and how it settles', 'settles at once');
    expect(last()).toEqual({
      kind: 'precipitate',
      colour: 'white',
      texture: 'curdy',
      amount: 'much',
      settling: 'settles at once',
    });
  });

  it('keeps what was told of it when its colour is put right', () => {
    const { last } = panel();
    press('Precipitate', 'white');
    press('Its texture', 'curdy');
    press('Precipitate', 'yellow');
    expect(last()).toEqual({ kind: 'precipitate', colour: 'yellow', texture: 'curdy' });
  });

  it('is never colourless', () => {
    panel();
    expect(answers('Precipitate')).not.toContain('colourless');
  });
});

describe('the liquid', () => {
  it('has a colour now, and one before where that is asked', () => {
    const { last } = panel();
    press('Liquid now', 'blue');
    fireEvent.click(screen.getByText('Liquid before'));
    press('Its colour before', 'colourless');
    expect(last()).toEqual({ kind: 'colour', to: 'blue', from: 'colourless' });
    expect(question('Its colour before').getByRole('button', { name: 'colourless' })).toBeVisible();
  });

  it('is colourless, but never white: white is a solid in it', () => {
    panel();
    expect(answers('Liquid now')).toContain('colourless');
    expect(answers('Liquid now')).not.toContain('white');
  });
});

describe('the warmth by thermometer', () => {
  it('is a change in °C', async () => {
    const { last } = panel();
    await fill('Change by thermometer, °C', '6.5');
    await tap('Record');
    expect(last()).toEqual({ kind: 'temperature', deltaC: 6.5 });
  });

  it('is a change in °F for a school that reads °F: 9 °F are 5 °C', async () => {
    await chosen({ temperature: '°F' });
    const { last } = panel();
    await fill('Change by thermometer, °F', '9');
    await tap('Record');
    expect(last()).toEqual({ kind: 'temperature', deltaC: 5 });
  });

  it('cannot be recorded while no number is typed', () => {
    panel();
    expect(screen.getByRole('button', { name: 'Record' })).toBeDisabled();
  });
});

describe('the tests of a gas', () => {
  it('stand open where the step asks for one', () => {
    panel('gasTest');
    expect(screen.getByRole('group', { name: 'Which test' })).toBeVisible();
  });

  // The tests and their outcomes: Vogel’s Qualitative Inorganic Analysis, chapter on gases (recalled from memory).
  it.each([
    ['Lit splint', 'litSplint', 'squeaky pop'],
    ['Glowing splint', 'glowingSplint', 'relights'],
    ['Lime water', 'limewater', 'turns milky'],
    ['Damp red litmus', 'dampRedLitmus', 'turns blue'],
    ['Damp blue litmus', 'dampBlueLitmus', 'turns red, then is bleached white'],
    ['Bromine water', 'bromineWater', 'is decolourised'],
    ['Starch–iodide paper', 'starchIodidePaper', 'turns blue-black'],
    ['Lead acetate paper', 'leadAcetatePaper', 'turns black'],
    ['Acidified dichromate paper', 'dichromatePaper', 'turns green'],
    ['Acidified permanganate paper', 'permanganatePaper', 'turns colourless'],
    ['Drop of silver nitrate', 'silverNitrateDrop', 'turns white'],
  ] as const)('%s: %s %s', (label, test, result) => {
    const { last } = panel('gasTest');
    press('Which test', label);
    press(`${label}: outcome`, result);
    expect(last()).toEqual({ kind: 'gasTest', test, result });
    expect(question('Which test').getByRole('button', { name: `${label} ✓` })).toBeVisible();
  });

  it('offer every outcome, also the one that shows nothing', () => {
    panel('gasTest');
    press('Which test', 'Lime water');
    expect(answers('Lime water: outcome')).toEqual(testOutcomes['limewater']);
  });
});

describe('a solid in the vessel', () => {
  it.each([
    ['dissolves', { kind: 'dissolves', complete: true }],
    ['dissolves in part', { kind: 'dissolves', complete: false }],
    ['stays', { kind: 'solid' }],
  ] as const)('%s', (name, record) => {
    const { last } = panel('solid');
    press('What becomes of it', name);
    expect(last()).toEqual(record);
  });

  it('has a colour', () => {
    const { last } = panel('solid');
    press('Colour of the solid now', 'black');
    expect(last()).toEqual({ kind: 'solid', colour: 'black' });
  });

  it('may be a metal that came out, in the colours that metals have', () => {
    const { last } = panel('deposit');
    expect(answers('Metal that came out')).not.toContain('green');
    press('Metal that came out', 'red-brown');
    expect(last()).toEqual({ kind: 'deposit', colour: 'red-brown' });
  });
});

describe('flame, magnet, smell and layers', () => {
  it('a flame has a colour, or none of its own', () => {
    const { last } = panel('flame');
    press('Flame', 'violet');
    expect(last()).toEqual({ kind: 'flame', result: 'violet', colour: 'violet' });
    press('Flame', 'no colour of its own');
    expect(last()).toEqual({ kind: 'flame', result: 'no colour of its own' });
    expect(answers('Flame')).not.toContain('black');
  });

  it.each([
    ['draws something', true],
    ['draws nothing', false],
  ] as const)('a magnet %s', (name, attracts) => {
    const { last } = panel('magnet');
    press('Magnet', name);
    expect(last()).toEqual({ kind: 'magnet', attracts, result: name });
  });

  it('a smell is one of few words, with how to smell beside them', () => {
    const { last } = panel('smell');
    press('Smell, fanned towards you; never sniffed', 'of rotten eggs');
    expect(last()).toEqual({ kind: 'smell', smell: 'of rotten eggs' });
  });

  it('a second liquid lies above or below, and has a colour', () => {
    const { last } = panel('layer');
    press('A second liquid', 'below');
    press('A second liquid', 'violet');
    expect(last()).toEqual({ kind: 'layer', position: 'below', colour: 'violet' });
  });

  it('what else is seen is one of the words that the prediction uses', () => {
    const { last } = panel('sight');
    const [first] = question('What else is seen').getAllByRole('button');
    if (!first) throw new Error('nothing is offered');
    fireEvent.click(first);
    expect(last()).toEqual({ kind: 'sight', result: first.textContent });
    expect(first).toHaveAttribute('aria-pressed', 'true');
  });
});

describe('what is not asked about', () => {
  it.each([
    'Tests of the gas',
    'A solid in the vessel',
    'Flame and magnet',
    'Melting, glowing, burning…',
    'Smell and layers',
  ])('%s is folded away', (title) => {
    panel();
    expect(screen.getByText(title).closest('details')).not.toHaveAttribute('open');
  });

  it('stands open once something of it was recorded', () => {
    panel();
    fireEvent.click(screen.getByText('Flame and magnet'));
    press('Magnet', 'draws nothing');
    expect(screen.getByText('Flame and magnet').closest('details')).toHaveAttribute('open');
  });
});
