import { notifications } from '@mantine/notifications';
import { screen, waitFor } from '@testing-library/react';
import { Link, Route, Routes, useLocation } from 'react-router';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import * as z from 'zod';
import { useKept } from '../../src/data/kept/useKept';
import { store } from '../../src/data/store';
import { cleared } from '../../src/data/rack/rackSlice';
import { DishPage } from '../../src/features/dish/DishPage';
import { MixPage } from '../../src/features/rack/MixPage';
import { useInAddress } from '../../src/shared/study/useInAddress';
import { fill, patience, tap } from '../support/acts';
import { chosen, show } from '../support/render';

const schema = z.object({
  salt: z.string(),
  grams: z.number().positive(),
  weighed: z.array(z.number()),
});
const initial = { salt: 'NaCl', grams: 2, weighed: [] };

function Study() {
  const [value, onRead] = useKept('test.study', schema, initial);
  useInAddress({ name: 'salt', schema, initial, value, onRead, without: ['weighed'] });
  const set = (part: Partial<typeof value>) => onRead({ ...value, ...part });
  return (
    <>
      <output>{JSON.stringify(value)}</output>
      <button type="button" onClick={() => set({ grams: 5 })}>
        five
      </button>
      <button type="button" onClick={() => set({ weighed: [1.5] })}>
        weigh
      </button>
      <button type="button" onClick={() => set({ grams: 2 })}>
        two
      </button>
    </>
  );
}

/** The address as it stands. */
function Where() {
  const { pathname, search } = useLocation();
  return <p data-testid="where">{decodeURIComponent(`${pathname}${search}`)}</p>;
}
const where = () => screen.getByTestId('where').textContent;
const study = (at = '/') =>
  show(
    <>
      <Where />
      <Link to={`/?salt=${encodeURIComponent('{"salt":"KI"}')}`}>a colleague’s</Link>
      <Link to="/other">other</Link>
      <Routes>
        <Route path="/" element={<Study />} />
        <Route path="/other" element={<Link to="/">back</Link>} />
      </Routes>
    </>,
    at,
  );
const value = () => JSON.parse(screen.getByRole('status').textContent) as typeof initial;

beforeEach(async () => {
  localStorage.clear();
  store.dispatch(cleared());
  await chosen({});
});

describe('what a study is set to', () => {
  it('stands in the address as far as it differs, and leaves it again', async () => {
    study();
    expect(where()).toBe('/');
    await tap('five');
    expect(where()).toBe('/?salt={"grams":5}');
    await tap('two');
    expect(where()).toBe('/');
  });

  it('is taken from an address that was sent, and what was weighed here stays', async () => {
    const first = study();
    await tap('weigh');
    first.unmount();
    study(`/?salt=${encodeURIComponent('{"salt":"KNO3","grams":7,"weighed":[9]}')}`);
    await waitFor(() => expect(value()).toEqual({ salt: 'KNO3', grams: 7, weighed: [1.5] }));
    expect(where()).toBe('/?salt={"salt":"KNO3","grams":7}');
  });

  it('follows a link on the page, and goes on from there', async () => {
    study();
    await tap('five');
    await tap('a colleague’s', 'link');
    await waitFor(() => expect(value()).toEqual({ salt: 'KI', grams: 2, weighed: [] }));
    await tap('five');
    expect(where()).toBe('/?salt={"salt":"KI","grams":5}');
  });

  it('stands in the address again when the study is come back to', async () => {
    study();
    await tap('five');
    await tap('other', 'link');
    await tap('back', 'link');
    await waitFor(() => expect(where()).toBe('/?salt={"grams":5}'));
  });

  it.each(['{"grams":-1}', '{"grams":', '7'])(
    'stays where the address holds %s, and that is said',
    async (text) => {
      const said = vi.spyOn(notifications, 'show').mockReturnValue('');
      study(`/?salt=${encodeURIComponent(text)}`);
      await waitFor(() => expect(where()).toBe('/'));
      expect(value()).toEqual(initial);
      expect(said).toHaveBeenCalledWith(
        expect.objectContaining({ title: 'The address cannot be read' }),
      );
      said.mockRestore();
    },
  );
});

describe('the studies', () => {
  it('have the dish in the address', async () => {
    show(
      <>
        <Where />
        <DishPage />
      </>,
    );
    await fill('Water, mm deep', '6');
    await waitFor(() => expect(where()).toContain('"depthMm":6'));
  });

  it('have what is on the bench of Mix anything in the address, and undo leads back', async () => {
    const bench = {
      events: [
        {
          vessel: 'A',
          action: { do: 'add', portion: { substance: 'CuSO4', concentrationM: 1, volumeMl: 5 } },
        },
      ],
    };
    show(
      <>
        <Where />
        <MixPage />
      </>,
      `/mix?bench=${encodeURIComponent(JSON.stringify(bench))}`,
    );
    expect(await screen.findByRole('button', { name: /^Vessel A: blue/ }, patience)).toBeVisible();
    await tap('Undo');
    await waitFor(() => expect(where()).toBe('/mix'));
    expect(store.getState().rack.present.events).toEqual([]);
  });
});
