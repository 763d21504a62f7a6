import { useEffect, useState } from 'react';

/** The time now, ms, anew every so often. */
export function useNow(everyMs = 500): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const tick = setInterval(() => setNow(Date.now()), everyMs);
    return () => clearInterval(tick);
  }, [everyMs]);
  return now;
}
