/** Follows what a server tells at an address, until it is told to stop. */
export async function hearing(
  base: string,
  path: string,
  headers: Readonly<Record<string, string>> = {},
) {
  const stop = new AbortController();
  const response = await fetch(base + path, { headers, signal: stop.signal });
  const reader = response.body?.getReader();
  const decoder = new TextDecoder();
  let text = '';
  let isOver = false;
  const read = (async () => {
    try {
      for (;;) {
        const { done, value } = (await reader?.read()) ?? { done: true, value: undefined };
        if (done) break;
        text += decoder.decode(value);
      }
    } catch {
      // Cut off by the test itself.
    }
    isOver = true;
  })();
  /** Waits until something holds of what was heard. @throws after five seconds. */
  const until = async (holds: (text: string) => boolean): Promise<string> => {
    const start = performance.now();
    while (!holds(text)) {
      if (performance.now() - start > 5000) throw new Error(`Not heard in ${text}`);
      await new Promise((done) => setTimeout(done, 10));
    }
    return text;
  };
  // “hello” says that the line to the database is up.
  await until((all) => all.includes('hello'));
  return {
    status: response.status,
    until,
    /** Whether the server ended it. */
    isOver: () => isOver,
    ended: async () => {
      await until(() => isOver);
      return text;
    },
    stop: async () => {
      stop.abort();
      await read;
    },
  };
}
