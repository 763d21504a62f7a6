import { useEffect } from 'react';
import { useLocation } from 'react-router';
import { useRecent } from '../data/kept/recent';

const mostKept = 8;
/** A page has its heading well within this, ms. */
const headingWithinMs = 5000;
const application = 'Stoichos';

/** The heading of the open page, and of a lab day the stage one is in. */
function headingOf(): string | undefined {
  const heading = document.querySelector('main h1')?.textContent?.trim();
  const stage = document.querySelector('nav[aria-label="Stages"] [aria-current="page"] strong');
  return heading && stage?.textContent ? `${heading} · ${stage.textContent}` : heading;
}

/** Names the window after the open page, and keeps where one has been. */
export function useWhereabouts(): void {
  const { pathname } = useLocation();
  const [, setRecent] = useRecent();
  useEffect(() => {
    const start = performance.now();
    let timer: ReturnType<typeof setTimeout>;
    const look = () => {
      const title = headingOf();
      if (!title) {
        if (performance.now() - start < headingWithinMs) timer = setTimeout(look, 100);
        return;
      }
      document.title = `${title} – ${application}`;
      if (pathname === '/') return;
      setRecent((before) =>
        [{ path: pathname, title }, ...before.filter(({ path }) => path !== pathname)].slice(
          0,
          mostKept,
        ),
      );
    };
    // The page before still stands for a moment.
    timer = setTimeout(look, 200);
    return () => clearTimeout(timer);
  }, [pathname, setRecent]);
}
