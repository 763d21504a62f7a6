import { soundIsOn } from '../settings/browserSettings';

/** A short sound out of nothing but a tone, so that no file has to be there; silent where it was turned off or the browser plays none. */
export function ring(times = 3): void {
  if (!soundIsOn()) return;
  try {
    const context = new AudioContext();
    for (let at = 0; at < times; at += 1) {
      const tone = context.createOscillator();
      const loudness = context.createGain();
      tone.frequency.value = 880;
      loudness.gain.value = 0.2;
      tone.connect(loudness).connect(context.destination);
      tone.start(context.currentTime + 0.35 * at);
      tone.stop(context.currentTime + 0.35 * at + 0.2);
    }
    setTimeout(() => void context.close(), 400 * times + 300);
  } catch {
    // The alarm stands on the screen as well.
  }
}
