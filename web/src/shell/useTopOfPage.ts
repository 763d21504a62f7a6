import { useEffect, useRef } from 'react';
import { NavigationType, useLocation, useNavigationType } from 'react-router';

/** A page one goes to is read from its top; going back leaves it to the browser, which knows how far one had read. */
export function useTopOfPage(): void {
  const { pathname } = useLocation();
  const came = useNavigationType();
  // Only another page counts: a choice kept in the address leaves one where one is.
  const last = useRef(pathname);
  useEffect(() => {
    if (last.current === pathname) return;
    last.current = pathname;
    if (came !== NavigationType.Pop) window.scrollTo(0, 0);
  }, [pathname, came]);
}
