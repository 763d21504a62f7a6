import * as z from 'zod';

const wordSchema = z.union([
  /** An entry that was dealt with, by its id. */
  z.object({ gone: z.string() }),
  /** A window is closed; what it held lies in the browser’s database. */
  z.object({ left: z.literal(true) }),
]);
type Word = z.infer<typeof wordSchema>;

/** What the windows of one browser tell each other of their unsent entries. */
export function openChannel(hear: (word: Word) => void) {
  const channel = new BroadcastChannel('stoichos-unsent');
  channel.onmessage = ({ data }: MessageEvent<unknown>) => {
    const word = wordSchema.safeParse(data);
    if (word.success) hear(word.data);
  };
  return {
    tell: (word: Word): void => channel.postMessage(word),
    close: (): void => channel.close(),
  };
}
