import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { procedureOfMixing } from '@stoichos/core/planning/procedure';
import { describe, expect, it, vi } from 'vitest';
import { Formula } from '../../src/shared/chemistry/Formula';
import { Mind } from '../../src/shared/chemistry/Mind';
import { MindLines } from '../../src/shared/chemistry/MindLines';
import { NearNameNote } from '../../src/shared/chemistry/NearNameNote';
import { NotPredicted } from '../../src/shared/chemistry/NotPredicted';
import { ObservationLine } from '../../src/shared/chemistry/ObservationLine';
import { ProcedureName, ProcedureWords } from '../../src/shared/chemistry/ProcedureName';
import { byAnyName } from '../../src/shared/chemistry/byAnyName';
import { powerOfTen } from '../../src/shared/chemistry/powerOfTen';
import { show } from '../support/render';

const marked = (tag: 'sub' | 'sup') =>
  [...document.querySelectorAll(tag)].map(({ textContent }) => textContent);

describe('a formula', () => {
  it('has its counts below the line and its charge above', () => {
    show(<Formula text="SO4^2-" />);
    expect([marked('sub'), marked('sup')]).toEqual([['4'], ['2−']]);
  });

  it('keeps the coefficients of an equation on the line', () => {
    show(<Formula text="2 Ag^+(aq) + SO4^2-(aq) → Ag2SO4(s)" wrap />);
    expect(document.body.textContent).toContain('2 Ag');
    expect(marked('sub')).toEqual(['4', '2', '4']);
  });
});

describe('the name of a procedure', () => {
  const mixing = procedureOfMixing('m', {
    container: 'testTube',
    a: { substance: 'Na2CO3', concentrationM: 0.1, volumeMl: 2 },
    b: { substance: 'CaCl2', concentrationM: 0.1, volumeMl: 2 },
  });

  it('sets the formulae of two solutions', () => {
    show(<ProcedureName procedure={mixing} />);
    expect(marked('sub')).toEqual(['2', '3', '2']);
  });

  it('leaves a digit in the words of any other procedure a digit', () => {
    const other = { ...mixing, steps: [...mixing.steps, ...mixing.steps] };
    show(<ProcedureWords procedure={other} text="Heat NaHCO3 in 2 tubes" />);
    expect(marked('sub')).toEqual([]);
  });
});

describe('what was seen', () => {
  it('stands on one line, in words', () => {
    show(
      <ObservationLine
        seen={[{ kind: 'precipitate', colour: 'white', texture: 'curdy' }, { kind: 'noChange' }]}
      />,
    );
    expect(document.body.textContent).toMatch(/white curdy precipitate; /);
  });

  it('is not predicted with a reason, never left empty', () => {
    show(<NotPredicted reasons={['No constant is known for Fe2O3.']} />);
    expect(screen.getByText('Not predicted')).toBeVisible();
    expect(marked('sub')).toEqual(['2', '3']);
  });
});

describe('what needs care', () => {
  it('is a note of its own', () => {
    show(<MindLines lines={['The tube holds 20 mL.']} />);
    expect(screen.getByRole('note')).toHaveTextContent('The tube holds 20 mL.');
  });

  it('takes no room where there is nothing', () => {
    show(
      <>
        <Mind warnings={[]} />
        <MindLines lines={[]} />
      </>,
    );
    expect(screen.queryByRole('note')).toBeNull();
  });
});

describe('a name that has been mixed up', () => {
  it('is asked about where the chosen one is the dangerous one', async () => {
    const onTake = vi.fn();
    const onMean = vi.fn();
    show(<NearNameNote substance="KCN" onTake={onTake} onMean={onMean} />);
    expect(screen.getByRole('alert')).toHaveTextContent(/Do you mean potassium cyanide/);
    await userEvent.click(screen.getByRole('button', { name: /^No, potassium thiocyanate/ }));
    expect(onTake).toHaveBeenCalledWith('KSCN');
    await userEvent.click(screen.getByRole('button', { name: /^Yes, potassium cyanide/ }));
    expect(onMean).toHaveBeenCalledOnce();
  });

  it('is a word of care where the other one is the dangerous one', () => {
    show(<NearNameNote substance="KSCN" onTake={() => undefined} />);
    expect(screen.getByTestId('near-name')).toHaveTextContent(/potassium cyanide \(KCN\)/);
  });

  it('is not mentioned where no neighbour is graver', () => {
    show(<NearNameNote substance="C6H12O6" onTake={() => undefined} />);
    expect(screen.queryByTestId('near-name')).toBeNull();
  });
});

describe('a search by name', () => {
  const options = [
    { value: 'CuSO4', label: 'copper(II) sulfate' },
    { value: 'Cu', label: 'copper' },
    { value: 'K2SO4', label: 'potassium sulfate' },
    { value: 'NaCl', label: 'sodium chloride' },
  ];
  const found = (search: string) =>
    (byAnyName({ options, search, limit: 9 }) as { value: string }[]).map(({ value }) => value);

  it('puts what is called exactly so first', () => expect(found('copper')[0]).toBe('Cu'));
  it('finds a substance by a trivial name', () => expect(found('blue vitriol')).toEqual(['CuSO4']));
  it('finds one without its Roman numeral', () => expect(found('copper sulfate')[0]).toBe('CuSO4'));
  it('offers nothing for what nothing is called', () => expect(found('unobtainium')).toEqual([]));
  it('offers everything before anything is typed', () => expect(found('  ')).toHaveLength(4));
});

describe('a power of ten', () => {
  it.each([
    [-9.75, '1.8 × 10−10'],
    [0.3, '2'],
    [5, '1.0 × 105'],
    [Number.NEGATIVE_INFINITY, '0'],
  ])('of the logarithm %d reads %s', (log, words) => {
    show(<p data-testid="number">{powerOfTen(log)}</p>);
    expect(screen.getByTestId('number')).toHaveTextContent(words);
  });
});
