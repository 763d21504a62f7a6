import { useLocalStorage } from '@mantine/hooks';
import { useEffect } from 'react';
import { useLocation } from 'react-router';
import * as z from 'zod';

const recentSchema = z.array(z.object({ path: z.string(), title: z.string() }));
export type Recent = z.infer<typeof recentSchema>[number];

const key = 'stoichos.recent';
const mostKept = 8;
/** A page has its heading well within this, ms. */
const headingWithinMs = 5000;
const application = 'Stoichos';

function read(text: string | null | undefined): Recent[] {
  try {
    const parsed = recentSchema.safeParse(JSON.parse(text ?? 'null'));
    return parsed.success ? parsed.data : [];
  } catch {
    return [];
  }
}

/** Where one was last, the latest first. */
export function useRecent() {
  return useLocalStorage<Recent[]>({
    key,
    defaultValue: [],
    getInitialValueInEffect: false,
    deserialize: read,
  });
}

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
