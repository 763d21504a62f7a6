/** How long after a lost line it is tried again, ms. */
const againMs = 1500;

/** Listens at an address of the server, and begins again when the line is lost, until it is told to stop. */
function listen(path: string, tell: (text: string) => void): () => void {
  let source: EventSource;
  let again: ReturnType<typeof setTimeout> | undefined;
  const open = () => {
    source = new EventSource(path);
    source.onmessage = ({ data }: MessageEvent<string>) => tell(data);
    // A browser gives up on some failures; we do not.
    source.onerror = () => {
      source.close();
      again = setTimeout(open, againMs);
    };
  };
  open();
  return () => {
    source.close();
    clearTimeout(again);
  };
}

/**
 * Hears what the server tells at an address. All pages of a browser share one line, since a browser holds only six to a server: one
 * page listens and passes it on; when that page is closed, another takes over and everybody is told “hello” anew.
 */
export function hear(path: string, tell: (text: string) => void): () => void {
  // Only pages that came by TLS or from this machine may take turns; others have a line each.
  if (!('locks' in navigator)) return listen(path, tell);
  const channel = new BroadcastChannel(path);
  channel.onmessage = ({ data }: MessageEvent<string>) => tell(data);
  const stop = new AbortController();
  const listening = navigator.locks.request(path, { signal: stop.signal }, async () => {
    const end = listen(path, (text) => {
      tell(text);
      channel.postMessage(text);
    });
    await new Promise((done) => stop.signal.addEventListener('abort', done));
    end();
  });
  // A page that is closed while it waits for its turn gives it up.
  listening.catch(() => undefined);
  return () => {
    stop.abort();
    channel.close();
  };
}
