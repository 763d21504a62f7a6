import {
  conclude,
  contradictions,
  heldBack,
  nextInOrder,
  posterior,
  rankTests,
  isPoint,
} from '@stoichos/core/studies/identify';
import type { Model, TestLimits, RankedTest, UnknownSchool } from '@stoichos/core/studies/identify';
import { useMemo } from 'react';
import type { UnknownState } from '../../shared/unknowns/unknownState';
import type { UnknownResult } from '@stoichos/core/labday/access';

/** What the results say so far. */
export function useFound({
  state,
  model,
  results,
  kind,
  school,
}: {
  readonly state: UnknownState;
  readonly model: Model | undefined;
  readonly results: UnknownResult[];
  readonly kind: 'organic' | 'inorganic';
  readonly school: 'solubilityFirst' | 'mostInformative';
}) {
  const limits = useMemo(() => limitsOf(state), [state]);
  const found = useMemo(
    () =>
      model && {
        all: posterior(model, results),
        conclusion: conclude(model, results),
        against: contradictions(model, results),
        ranked: ordered(
          rankTests(model, results, { kind, school, ...limits }),
          state.rankBy,
          school,
        ),
        held: heldBack(model, results, { kind, school, ...limits }),
        fixed: nextInOrder(kind, model, results),
      },
    [model, results, kind, school, limits, state],
  );
  return found;
}

function limitsOf({ sampleMg, minutes, mostHazard, missing }: UnknownState): TestLimits {
  const away = new Set(missing);
  return {
    ...(sampleMg !== '' && { sampleMg }),
    ...(minutes !== '' && { minutes }),
    mostHazard,
    hasReagent: (reagent) => !away.has(reagent),
  };
}

function ordered(
  tests: RankedTest[],
  rankBy: UnknownState['rankBy'],
  school: UnknownSchool,
): RankedTest[] {
  const worth = (test: RankedTest): number =>
    rankBy === 'perMinute'
      ? test.bitsPerMinute
      : rankBy === 'perHazard'
        ? test.bitsPerHazard
        : rankBy === 'twoAhead'
          ? (test.bitsWithNext ?? test.bits)
          : test.bits;
  const [first, ...rest] = tests;
  const keepsFirst = school === 'solubilityFirst' && first;
  const sorted = (keepsFirst ? rest : tests).toSorted(
    (one, other) =>
      Number(isPoint(one.test)) - Number(isPoint(other.test)) || worth(other) - worth(one),
  );
  return keepsFirst ? [first, ...sorted] : sorted;
}
