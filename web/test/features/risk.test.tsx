import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { api } from '../../src/data/api/api';
import { store } from '../../src/data/store';
import { RiskPage } from '../../src/features/prepare/RiskPage';
import { patience, tap, user } from '../support/acts';
import { dayOf, id, jarOf, oversightOf, pair, showInDay } from '../support/day';
import { chosen } from '../support/render';
import { known, serving, written } from '../support/server';

const lead = dayOf([pair('Pb(NO3)2', 'KI')]);
const jar = jarOf(70, 'Pb(NO3)2');
const served = (words: string) =>
  serving({
    'GET /shelf/data-sheets': [{ itemId: jar.id, link: 'https://example.org/lead', name: null }],
    [`GET /days/${lead.id}/risk`]: words === '' ? [] : [{ about: 'day', words }],
  });

beforeEach(async () => {
  store.dispatch(api.util.resetApiState());
  await chosen({});
});

describe('the risk assessment of a day', () => {
  it('says what is used at which strength, what can happen to whom, what is done, and where it goes', async () => {
    served('');
    await showInDay(lead, <RiskPage />);
    const activity = await screen.findByRole('region', { name: /Pb\(NO3\)2 with KI/ }, patience);
    expect(activity).toHaveTextContent(/lead\(II\) nitrate, 0\.1 mol\/L/);
    expect(activity).toHaveTextContent('May damage the unborn child');
    expect(activity).toHaveTextContent('harm to an unborn child');
    expect(activity).toHaveTextContent(/Wear goggles, lab coat, gloves/);
    expect(activity).toHaveTextContent(/Eyes: rinse/);
    expect(activity).toHaveTextContent('Lead and cadmium waste');
    expect(document.body).toHaveTextContent('whoever signs decide');
    expect(document.body).toHaveTextContent('Agreed by');
  });

  it('holds the unknowns dealt for the worst they may be, on a day of nothing else', async () => {
    const day = dayOf([]);
    serving({
      'GET /shelf/data-sheets': [],
      [`GET /days/${day.id}/risk`]: [],
      [`GET /days/${day.id}/oversight`]: oversightOf({
        unknowns: [{ groupId: id(2), code: 'H-7', kind: 'organic' }],
      }),
    });
    await showInDay(day, <RiskPage />);
    const dealt = await screen.findByRole('region', { name: 'Unknowns of the day' }, patience);
    expect(dealt).toHaveTextContent('treat it as harmful, corrosive and flammable');
    expect(dealt).toHaveTextContent('Eyes: rinse');
    expect(dealt).toHaveTextContent('halogenated solvent waste');
    expect(within(dealt).getByLabelText('The school’s own words')).toBeVisible();
    expect(document.body).not.toHaveTextContent('Plan a procedure');
  });

  it('leads to the supplier’s data sheet of the jar', async () => {
    served('');
    await showInDay(lead, <RiskPage />);
    await known('shelf', undefined, [jar]);
    expect(await screen.findByRole('link', { name: /Data sheet/ }, patience)).toHaveAttribute(
      'href',
      'https://example.org/lead',
    );
  });

  it('keeps the school’s own words, and says what stood there before', async () => {
    const asked = served('Two adults.');
    await showInDay(lead, <RiskPage />);
    const field = await screen.findByLabelText(/own rules/, {}, patience);
    await waitFor(() => expect(field).toHaveValue('Two adults.'));
    await user.type(field, ' Yard door open.');
    await tap('Save these words');
    await waitFor(() => expect(written(asked)).toHaveLength(1));
    expect(written(asked)[0]?.body).toEqual({
      about: 'day',
      words: 'Two adults. Yard door open.',
      was: 'Two adults.',
    });
    expect(within(document.body).queryByText('Not saved')).toBeNull();
  });
});
