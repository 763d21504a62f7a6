import type { SessionState } from '@stoichos/core/labday/access';
import { formatDegrees, formatNumber } from '@stoichos/core/common';
import { screen, waitFor } from '@testing-library/react';
import { Link, Route, Routes, useNavigate } from 'react-router';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../src/data/api/api';
import { store } from '../../src/data/store';
import { ring } from '../../src/data/timers/sound';
import { NumberField } from '../../src/shared/parts/NumberField';
import { Door } from '../../src/shell/Door';
import { Habits } from '../../src/shell/Habits';
import { HelpDrawer } from '../../src/shell/help/HelpDrawer';
import { SignIn } from '../../src/shell/SignIn';
import { useTopOfPage } from '../../src/shell/useTopOfPage';
import { fill, tap, user } from '../support/acts';
import { chosen, show } from '../support/render';
import { answering, known, refusing, written } from '../support/server';

const session = (part: Partial<SessionState> = {}): SessionState => ({
  role: 'instructor',
  open: false,
  hasPassphrase: true,
  hasTechnician: false,
  bench: null,
  ...part,
});

beforeEach(async () => {
  localStorage.clear();
  store.dispatch(api.util.resetApiState());
  await chosen({});
});

describe('the door', () => {
  const door = () =>
    show(
      <Routes>
        <Route
          path="/"
          element={
            <Door>
              <p>The lab days</p>
            </Door>
          }
        />
        <Route path="/group" element={<p>At the bench</p>} />
      </Routes>,
    );

  it.each(['instructor', 'technician'] as const)('lets the %s in', async (role) => {
    await known('session', undefined, session({ role }));
    door();
    expect(await screen.findByText('The lab days')).toBeVisible();
  });

  it('asks nobody for the passphrase, and shows nothing of the inside', async () => {
    await known('session', undefined, session({ role: 'nobody' }));
    door();
    expect(await screen.findByRole('region', { name: 'Sign in' })).toBeVisible();
    expect(screen.queryByText('The lab days')).toBeNull();
  });

  it('sends a group to its bench', async () => {
    await known('session', undefined, session({ role: 'group' }));
    door();
    expect(await screen.findByText('At the bench')).toBeVisible();
  });

  it('shows nothing while it is not known who is there', () => {
    vi.stubGlobal('fetch', () => new Promise(() => undefined));
    door();
    expect(screen.queryByText('The lab days')).toBeNull();
    expect(screen.queryByRole('region', { name: 'Sign in' })).toBeNull();
  });

  it('lets the pages say that the server does not answer', async () => {
    refusing('The database does not answer.', 'Start it again.');
    door();
    expect(await screen.findByText('The lab days')).toBeVisible();
  });
});

describe('signing in', () => {
  it('sends who it is and the passphrase', async () => {
    const asked = answering(session());
    show(<SignIn session={session({ role: 'nobody', hasTechnician: true })} />);
    await user.click(screen.getByRole('radio', { name: 'Technician' }));
    await fill('Passphrase', 'a long and quiet phrase');
    await tap('Sign in');
    await waitFor(() =>
      expect(written(asked).map(({ body }) => body)).toEqual([
        { role: 'technician', passphrase: 'a long and quiet phrase' },
      ]),
    );
  });

  it('asks who it is only where there are two', () => {
    show(<SignIn session={session({ role: 'nobody' })} />);
    expect(screen.queryByRole('radio')).toBeNull();
  });

  it('cannot be tried without a passphrase', () => {
    show(<SignIn session={session({ role: 'nobody' })} />);
    expect(screen.getByRole('button', { name: 'Sign in' })).toBeDisabled();
  });

  it('says at the field what was wrong, and what to do', async () => {
    refusing('That is not the passphrase.', 'Type it once more.');
    show(<SignIn session={session({ role: 'nobody' })} />);
    await fill('Passphrase', 'wrong');
    await tap('Sign in');
    expect(await screen.findByText('That is not the passphrase. Type it once more.')).toBeVisible();
  });

  it('leads a bench to its own door', () => {
    show(<SignIn session={session({ role: 'nobody' })} />);
    expect(screen.getByRole('link', { name: /join/i })).toHaveAttribute('href', '/join');
  });
});

describe('the habits of the school', () => {
  const dressed = () =>
    show(
      <Habits>
        <NumberField label="Volume" value={2.5} onChange={() => undefined} />
        <p data-testid="told">
          {formatNumber(0.25)} {formatDegrees(20)}
        </p>
      </Habits>,
    );

  it('are decimal commas and °F where it has them, from the first view on', async () => {
    await chosen({ decimalSeparator: ',', temperature: '°F' });
    dressed();
    expect(screen.getByTestId('told')).toHaveTextContent('0,25');
    expect(screen.getByTestId('told')).toHaveTextContent('°F');
    expect(screen.getByLabelText('Volume')).toHaveValue('2,5');
  });

  it('are the paper it prints on', async () => {
    await chosen({ paper: 'Letter' });
    dressed();
    expect(
      [...document.querySelectorAll('style')].map((one) => one.textContent).join(' '),
    ).toContain('size: Letter');
  });
});

describe('a page one goes to', () => {
  function Pages() {
    useTopOfPage();
    const navigate = useNavigate();
    return (
      <>
        <Link to="/procedures">Procedures</Link>
        <Link to="?tab=2">Second tab</Link>
        <button type="button" onClick={() => void navigate(-1)}>
          Back
        </button>
      </>
    );
  }

  it('is read from its top; a tab of it, and going back, leave it where it is', async () => {
    const scroll = vi.fn();
    vi.stubGlobal('scrollTo', scroll);
    show(<Pages />);
    await user.click(screen.getByRole('link', { name: 'Second tab' }));
    expect(scroll).not.toHaveBeenCalled();
    await user.click(screen.getByRole('link', { name: 'Procedures' }));
    expect(scroll).toHaveBeenCalledExactlyOnceWith(0, 0);
    await tap('Back');
    expect(scroll).toHaveBeenCalledOnce();
  });
});

describe('help about the page one is on', () => {
  it('says what it is, what to do, and leads on', async () => {
    const [close, showKeys, startTour] = [vi.fn(), vi.fn(), vi.fn()];
    show(
      <HelpDrawer opened close={close} showKeys={showKeys} startTour={startTour} />,
      '/procedures',
    );
    const help = await screen.findByRole('dialog', { name: /^What is this\?/ });
    expect(help.querySelectorAll('li').length).toBeGreaterThan(0);
    await tap('Keys');
    expect(showKeys).toHaveBeenCalledOnce();
    await tap('Show me around, one minute');
    expect(startTour).toHaveBeenCalledOnce();
    await user.click(screen.getByRole('link', { name: /Glossary/ }));
    expect(close).toHaveBeenCalledOnce();
  });
});

describe('the sound of a timer', () => {
  /** A loudspeaker that counts its tones. */
  function speaker() {
    const tones: number[] = [];
    class Speaker {
      currentTime = 0;
      destination = {};
      createOscillator = () => {
        const tone = {
          frequency: { value: 0 },
          connect: (to: unknown) => to,
          start: () => tones.push(tone.frequency.value),
          stop: () => undefined,
        };
        return tone;
      };
      createGain = () => ({ gain: { value: 1 }, connect: () => undefined });
      close = () => Promise.resolve();
    }
    vi.stubGlobal('AudioContext', Speaker);
    return tones;
  }

  it('is three tones, or as many as are asked for', () => {
    const tones = speaker();
    ring();
    expect(tones).toEqual([880, 880, 880]);
    ring(1);
    expect(tones).toHaveLength(4);
  });

  it('is silent where it was turned off', () => {
    const tones = speaker();
    localStorage.setItem('stoichos.browser', JSON.stringify({ sound: false, textSize: 'usual' }));
    ring();
    expect(tones).toEqual([]);
  });

  it('is missed without harm where the browser plays none', () => {
    vi.stubGlobal(
      'AudioContext',
      vi.fn(function () {
        throw new Error('not allowed before a tap');
      }),
    );
    expect(() => ring()).not.toThrow();
  });
});
