import { screen, waitFor, within } from '@testing-library/react';
import { MemoryRouter, Route, Routes, useNavigate } from 'react-router';
import { render } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { places } from '../../src/data/places';
import { router } from '../../src/shell/router';
import { ShortcutSheet } from '../../src/shell/ShortcutSheet';
import { stagePages } from '../../src/shell/stagePages';
import { startTour } from '../../src/shell/help/tour';
import { Welcome } from '../../src/shell/help/Welcome';
import { terms } from '../../src/shell/help/glossary';
import { topics } from '../../src/shell/help/topics';
import { useWhereabouts } from '../../src/shell/whereabouts';
import { tap, user } from '../support/acts';
import { chosen, show } from '../support/render';
import { knownDays } from '../support/server';

beforeEach(() => chosen({}));

/** Every address of the application. */
const addresses = (
  routes: readonly { path?: string | undefined; children?: readonly object[] | undefined }[],
  under = '',
): string[] =>
  routes.flatMap(({ path = '', children = [] }) => {
    const own = path.startsWith('/') ? path : `${under}${path === '' ? '' : `/${path}`}`;
    return [own, ...addresses(children, own)];
  });
const all = addresses(router.routes);

describe('the addresses', () => {
  it('stand once each', () => {
    const named = all.filter((path) => path !== '' && path !== '/days/:dayId');
    expect(named.filter((path, at) => named.indexOf(path) !== at)).toEqual([]);
  });

  it('have every place that search and the list of studies name', () => {
    for (const { to } of places) expect(all, to).toContain(to);
  });

  it('bring a page along for each stage of a lab day', async () => {
    const pages = await Promise.all(stagePages.map(({ lazy }) => lazy()));
    for (const { Component } of pages) expect(Component).toBeTypeOf('function');
    expect(pages).toHaveLength(stagePages.length);
  });
});

describe('help', () => {
  it('names no place twice, and says something of each', () => {
    const names = places.map(({ name }) => name);
    expect(new Set(names).size).toBe(names.length);
    for (const { about } of places) expect(about).toMatch(/\w/);
  });

  it('has a topic only for pages that are there', () => {
    for (const { path } of topics)
      expect(
        all.some((one) => one === path || one.startsWith(`${path}/`)),
        path,
      ).toBe(true);
  });

  it('says of every page what it is for, what to do, and with which words', () => {
    for (const { title, what, how, terms: words } of topics) {
      expect(what, title).toMatch(/\.$/);
      expect(how.length, title).toBeGreaterThan(0);
      for (const word of words)
        expect(
          terms.map(({ term }) => term),
          title,
        ).toContain(word);
    }
  });

  it('explains each word once, in the order of the alphabet', () => {
    const words = terms.map(({ term }) => term);
    expect(words).toEqual([...words].sort((a, b) => a.localeCompare(b, 'en')));
    expect(new Set(words).size).toBe(words.length);
    for (const { term, means } of terms) expect(means, term).toMatch(/\.$/);
  });

  it('lists the keys', async () => {
    const close = vi.fn();
    show(<ShortcutSheet opened close={close} />);
    const dialog = await screen.findByRole('dialog');
    expect(within(dialog).getByText('Ctrl K')).toBeVisible();
    await user.click(within(dialog).getByRole('button', { name: 'Close this window' }));
    expect(close).toHaveBeenCalled();
  });
});

describe('somebody who is here for the first time', () => {
  it('is asked once, and never again in this browser', async () => {
    await knownDays([]);
    const { unmount } = show(<Welcome />);
    expect(screen.getByText(/New here\? A look around takes a minute/)).toBeVisible();
    await tap('Not now');
    expect(screen.queryByText(/New here/)).not.toBeInTheDocument();
    unmount();
    show(<Welcome />);
    expect(screen.queryByText(/New here/)).not.toBeInTheDocument();
  });
});

describe('a look around', () => {
  const page = () =>
    render(
      <main>
        <h1>Lab days</h1>
        <p data-tour="studies">Studies</p>
        <p data-tour="new-day">New</p>
        <nav aria-label="Stages">Stages</nav>
      </main>,
    );
  const said = () => document.querySelector('.driver-popover-title')?.textContent;
  const next = () => user.click(document.querySelector('.driver-popover-next-btn') as HTMLElement);

  it('begins at the list of days, and goes on stop by stop', async () => {
    page();
    const go = vi.fn();
    await startTour(go, undefined);
    await waitFor(() => expect(said()).toBe('Lab days'));
    await next();
    await waitFor(() => expect(said()).toBe('Studies'));
    await next();
    // Without a day that has a record, it says how one begins.
    await waitFor(() => expect(said()).toBe('New lab day'));
    await user.click(document.querySelector('.driver-popover-close-btn') as HTMLElement);
    await waitFor(() => expect(document.querySelector('.driver-popover')).toBeNull());
  });

  it('leads through a day that has a record', async () => {
    page();
    const go = vi.fn();
    await startTour(go, 'day-1');
    await waitFor(() => expect(said()).toBe('Lab days'));
    await next();
    await waitFor(() => expect(said()).toBe('Studies'));
    await next();
    await waitFor(() => expect(said()).toBe('Five stages'));
    expect(go).toHaveBeenCalledWith('/days/day-1/plan/procedures');
    await user.click(document.querySelector('.driver-popover-close-btn') as HTMLElement);
  });
});

describe('where one has been', () => {
  function Page({ name, to }: { name: string; to?: string }) {
    useWhereabouts();
    const navigate = useNavigate();
    return (
      <main>
        <h1>{name}</h1>
        {to && <button onClick={() => void navigate(to)}>On</button>}
      </main>
    );
  }

  it('is the name of the window, and kept with the newest first', async () => {
    render(
      <MemoryRouter initialEntries={['/shelf']}>
        <Routes>
          <Route path="/shelf" element={<Page name="The shelf" to="/procedures" />} />
          <Route path="/procedures" element={<Page name="Procedures" />} />
        </Routes>
      </MemoryRouter>,
    );
    await waitFor(() => expect(document.title).toBe('The shelf – Stoichos'));
    await tap('On');
    await waitFor(() => expect(document.title).toBe('Procedures – Stoichos'));
    const recent = JSON.parse(localStorage.getItem('stoichos.recent') ?? '[]') as {
      path: string;
      title: string;
    }[];
    expect(recent).toEqual([
      { path: '/procedures', title: 'Procedures' },
      { path: '/shelf', title: 'The shelf' },
    ]);
  });
});
