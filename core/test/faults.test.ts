import { describe, expect, it } from 'vitest';
import { likelyCauses, runRack } from '../src';
import { faults } from '../src/observation/faults/index';
import { rankOf, seededFaults } from './support/seededFaults';

describe('why it differs', () => {
  it.each(seededFaults)('finds $name among the first two', (seeded) => {
    const { rank, causes } = rankOf(seeded);
    expect(
      rank > 0 && rank <= 2,
      causes.map(({ fault, likelihood }) => `${likelihood.toFixed(2)} ${fault}`).join('\n'),
    ).toBe(true);
  });

  it('names a check that would settle every cause', () => {
    for (const seeded of seededFaults)
      for (const { check, likelihood } of rankOf(seeded).causes) {
        expect(check.length).toBeGreaterThan(20);
        expect(likelihood).toBeGreaterThan(0);
        expect(likelihood).toBeLessThanOrEqual(1);
      }
  });

  it('says nothing where all agrees', () => {
    for (const { plan } of seededFaults) {
      const seen = runRack({ vessels: [...plan.vessels], events: [...plan.events] })
        .steps.slice(plan.from)
        .flatMap(({ told, vessel }) => (vessel === plan.vessel ? told.observations : []));
      expect(likelyCauses(plan, seen)).toEqual([]);
    }
  });

  it('keeps every planned event in its place, whatever the slip', () => {
    for (const { plan } of seededFaults)
      for (const { slips } of faults)
        for (const { done, fault } of slips(plan))
          expect(done.length, fault).toBe(plan.events.length);
  });
});
