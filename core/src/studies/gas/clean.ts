import { dryingAgents } from '../../matter/substances/data/dryingAgents';
import { scrubbers } from '../../matter/substances/data/scrubbers';
import { sourceText } from '../../matter/substances/source';
import type { DryingAgent, Scrubber } from '../../matter/substances/types';
import type { Route } from './route';

/** Whether an agent dries a gas. */
export interface Drying {
  readonly name: string;
  readonly vessel: DryingAgent['vessel'];
  readonly ok: boolean;
  readonly why: string;
  readonly source: string;
}

/** The drying agents, those that leave the gas alone first, and why the others do not. */
export function dryingFor(gas: string): readonly Drying[] {
  const agents: readonly DryingAgent[] = dryingAgents;
  return agents
    .map(({ name, vessel, reactsWith, source }): Drying => {
      const reason = reactsWith[gas];
      return {
        name,
        vessel,
        ok: reason === undefined,
        why: reason ?? 'takes the water and leaves the gas',
        source: sourceText(source),
      };
    })
    .sort((one, other) => Number(other.ok) - Number(one.ok));
}

/** A liquid that a gas is washed with, and what it takes out. */
export interface Washing {
  readonly takes: string;
  readonly with: string;
  readonly source: string;
}

/** What is washed out of a gas on its way, and with what; a companion for which there is nothing is told as such. */
export function washingFor(route: Pick<Route, 'gas' | 'otherGases' | 'fumes'>): {
  readonly washings: readonly Washing[];
  readonly stays: readonly string[];
} {
  const companions = [
    ...(route.fumes ? [route.fumes] : []),
    ...route.otherGases.map(({ formula }) => formula),
  ];
  const all: readonly Scrubber[] = scrubbers;
  const washings = companions.flatMap((takes): Washing[] => {
    const found = all.find(
      (one) =>
        one.takes.includes(takes) &&
        !one.takes.includes(route.gas) &&
        !one.alsoTakes.includes(route.gas),
    );
    return found ? [{ takes, with: found.name, source: sourceText(found.source) }] : [];
  });
  return {
    washings,
    stays: companions.filter((one) => washings.every(({ takes }) => takes !== one)),
  };
}
