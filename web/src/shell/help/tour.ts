import 'driver.js/dist/driver.css';
import './tour.css';
import { driver } from 'driver.js';
import type { Driver } from 'driver.js';

/** Somewhere to look, and what is said there. */
interface Stop {
  readonly path: string | undefined;
  readonly element: string;
  readonly title: string;
  readonly text: string;
}

/** How long an element is waited for, ms. */
const patienceMs = 4000;

/** Where one looks within a minute: the list of days, then the demo day from stage to stage. */
function stops(dayId: string | undefined): readonly Stop[] {
  const day = (stage: string) => dayId && `/days/${dayId}/${stage}`;
  const home: readonly Stop[] = [
    {
      path: '/',
      element: 'main h1',
      title: 'Lab days',
      text: 'Each class is a lab day. The next one stands first, with one thing to do.',
    },
    {
      path: '/',
      element: '[data-tour="studies"]',
      title: 'Studies',
      text: 'Try something out beside a lab day: mixtures, equilibria, gases, electrolysis, unknowns.',
    },
  ];
  const begin: readonly Stop[] = [
    {
      path: '/',
      element: '[data-tour="new-day"]',
      title: 'New lab day',
      text: 'Begin here: a name and a date are enough. What the class does is chosen from the library, or written.',
    },
  ];
  const through: readonly Stop[] = [
    {
      path: day('plan/procedures'),
      element: 'nav[aria-label="Stages"]',
      title: 'Five stages',
      text: 'Plan, Prepare, Bench, Judge, Report. Go back and forth as you like; nothing is lost.',
    },
    {
      path: day('bench'),
      element: '[data-testid="vessel"]',
      title: 'Expected beside seen',
      text: 'What chemistry expects stands beside what is recorded, while it can still be repeated.',
    },
    {
      path: day('report'),
      element: 'nav[aria-label="Stages"]',
      title: 'Report',
      text: 'For the class or with the key: printed, as PDF, or as a file. Worksheets are made here too.',
    },
  ];
  const end: readonly Stop[] = [
    {
      path: undefined,
      element: '[aria-label="Search"]',
      title: 'Search',
      text: 'Ctrl K finds every lab day, procedure, substance, study and jar.',
    },
    {
      path: undefined,
      element: '[aria-label="What is this?"]',
      title: 'What is this?',
      text: 'Says what the page you are on is for, with its words. That is all: a good class!',
    },
  ];
  return [...home, ...(dayId ? through : begin), ...end];
}

function appears(selector: string): Promise<void> {
  return new Promise((done) => {
    const start = performance.now();
    const look = () => {
      if (document.querySelector(selector) || performance.now() - start > patienceMs) done();
      else requestAnimationFrame(look);
    };
    look();
  });
}

/**
 * Leads through the application, stop by stop, with the keys → ← and Escape.
 *
 * @param go opens an address.
 * @param dayId of a lab day with a record; without one, the tour keeps to the list.
 */
export async function startTour(
  go: (path: string) => void | Promise<void>,
  dayId: string | undefined,
): Promise<void> {
  const all = stops(dayId);
  const step = async (tour: Driver, to: number): Promise<void> => {
    const stop = all[to];
    if (!stop) {
      tour.destroy();
      return;
    }
    if (stop.path !== undefined && stop.path !== location.pathname) await go(stop.path);
    await appears(stop.element);
    tour.moveTo(to);
  };
  const tour = driver({
    showProgress: true,
    progressText: '{{current}} of {{total}}',
    nextBtnText: 'Next',
    prevBtnText: 'Back',
    doneBtnText: 'Done',
    animate: !matchMedia('(prefers-reduced-motion: reduce)').matches,
    steps: all.map(({ element, title, text }) => ({
      element,
      popover: { title, description: text },
    })),
    onNextClick: () => void step(tour, (tour.getActiveIndex() ?? 0) + 1),
    onPrevClick: () => void step(tour, Math.max(0, (tour.getActiveIndex() ?? 0) - 1)),
  });
  if (location.pathname !== '/') await go('/');
  await appears(all[0]?.element ?? 'main');
  tour.drive();
}
