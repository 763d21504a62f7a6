import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { dealOut } from '../../src/unknowns/dealOut';

describe('unknowns are dealt out', () => {
  const groups = Array.from({ length: 8 }, (_, at) => `g${at}`);

  it('evenly, never the same to neighbours, under codes that differ and say nothing (property)', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 6 }),
        fc.integer({ min: 1, max: 40 }),
        (kinds, benches) => {
          const candidates = Array.from({ length: kinds }, (_, at) => `salt ${at}`);
          const { jars } = dealOut({
            groups: Array.from({ length: benches }, (_, at) => `g${at}`),
            candidates,
            inseparable: [],
          });
          const uses = candidates.map(
            (candidate) => jars.filter(({ key }) => key === candidate).length,
          );
          expect(Math.max(...uses) - Math.min(...uses)).toBeLessThanOrEqual(2);
          jars.slice(1).forEach(({ key }, at) => expect(key).not.toBe(jars[at]?.key));
          expect(new Set(jars.map(({ code }) => code)).size).toBe(benches);
          for (const { code } of jars) expect(code).toMatch(/^[A-Z]-\d\d$/);
        },
      ),
    );
  });

  it('only one of a pair that no test tells apart', () => {
    const { jars, leftOut } = dealOut({
      groups,
      candidates: ['hexane', 'heptane', 'ethanol'],
      inseparable: [['hexane', 'heptane']],
    });
    expect(new Set(jars.map(({ key }) => key)).size).toBe(2);
    expect(leftOut).toHaveLength(1);
    expect(['heptane', 'hexane']).toContain(leftOut[0]);
  });

  it('so that the code says nothing of the key', () => {
    // Of two keys each comes under every first letter: a code that went with its key would show here.
    const seen = new Map<string, Set<string>>();
    for (let time = 0; time < 400; time += 1)
      for (const { code, key } of dealOut({ groups, candidates: ['a', 'b'], inseparable: [] }).jars)
        seen.set(code.slice(0, 1), (seen.get(code.slice(0, 1)) ?? new Set()).add(key));
    for (const keys of seen.values()) expect(keys.size).toBe(2);
  });

  it('another way every time', () => {
    const deals = Array.from({ length: 20 }, () =>
      JSON.stringify(dealOut({ groups, candidates: ['a', 'b', 'c', 'd'], inseparable: [] }).jars),
    );
    expect(new Set(deals).size).toBe(20);
  });
});
