import { describe, expect, it } from 'vitest';
import { hexLook } from '../src/seeing/appearance/colourWords';
import { mix } from '../src/seeing/rack/mix';
import { portion } from './support/bench';
import { liquidLooks } from './textbook/liquids';

/** How far a value lies outside a range, in the unit of the value. */
const outside = (value: number, [from, to]: readonly [number, number]) =>
  Math.max(from - value, value - to, 0);

describe('liquids look as in a photograph in daylight', () => {
  it.each(liquidLooks.map((look) => [look.made, look] as const))('%s', (made, look) => {
    const { container = 'testTube', lightness, chroma, hue, words, stirred } = look;
    const contents = made.split(' + ').map(portion);
    const step = mix({ vessel: { contents, container } }).steps[0];
    const { liquidHex = '', suspensionHex = '' } = step?.view ?? {};
    const { l, c, h } = hexLook(stirred ? suspensionHex : liquidHex);
    if (lightness) expect(outside(l, lightness), `lightness ${l}`).toBe(0);
    expect(outside(c, chroma), `chroma ${c}`).toBe(0);
    // A range may pass red, where the circle begins anew.
    if (hue) expect(Math.min(outside(h, hue), outside(h + 360, hue)), `hue ${h}`).toBe(0);
    const said = (stirred ? step?.view.solid?.colour : step?.view.colour) ?? '';
    expect(
      words.some((word) => said.endsWith(word)),
      said,
    ).toBe(true);
  });

  it('are at least forty', () => expect(liquidLooks.length).toBeGreaterThanOrEqual(40));

  it('and none is as strong as a screen’s own colours', () => {
    for (const { made } of liquidLooks) {
      const contents = made.split(' + ').map(portion);
      const { liquidHex = '' } = mix({ vessel: { contents } }).steps[0]?.view ?? {};
      expect(hexLook(liquidHex).c, made).toBeLessThan(0.24);
      const channels = [1, 3, 5].map((at) => Number.parseInt(liquidHex.slice(at, at + 2), 16));
      expect(Math.min(...channels), `${made}: ${liquidHex}`).toBeGreaterThan(0);
      expect(Math.max(...channels), `${made}: ${liquidHex}`).toBeLessThan(255);
    }
  });
});
