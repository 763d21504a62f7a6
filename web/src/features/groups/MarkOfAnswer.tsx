import { Text } from '@mantine/core';
import { grade, readCandidate } from '@stoichos/core/studies/identify';
import type { SealedUnknown, UnknownAnswer } from '@stoichos/core/labday/access';
import { useMemo } from 'react';
import { useCandidates } from '../../shared/unknowns/useCandidates';
import { useUnknownState } from '../../shared/unknowns/unknownState';
import { Fold } from '../../shared/parts/Fold';
import { atMostPlaces } from '@stoichos/core/common';

/** The mark of an answer with its parts: what it is, the evidence, the blanks. */
export function MarkOfAnswer({ sealed, answer }: { sealed: SealedUnknown; answer: UnknownAnswer }) {
  const { state } = useUnknownState();
  const told = answer.answer;
  const candidates = useCandidates(
    useMemo(
      () => ({
        kind: sealed.kind,
        own: state.own,
        listed: [],
        salts: [...new Set([sealed.key, told, ...state.salts].filter(canRead))],
        classesOut: [],
      }),
      [sealed, told, state.own, state.salts],
    ),
  );
  const mark = useMemo(
    () =>
      candidates.model &&
      grade({
        model: candidates.model,
        key: sealed.key,
        answer: sealed.kind === 'inorganic' && canRead(told) ? readCandidate(told).name : told,
        results: answer.results,
        classOf: candidates.classOf,
      }),
    [candidates.model, candidates.classOf, sealed, answer, told],
  );
  if (!mark) return <Text size="sm">being marked…</Text>;
  return (
    <Fold title={`${mark.points} of ${mark.of}`}>
      {mark.parts.map(({ what, points, of, why }) => (
        <Text key={what} size="sm">
          {what}: {atMostPlaces(points, 1)} of {of}, {why}.
        </Text>
      ))}
    </Fold>
  );
}

function canRead(text: string): boolean {
  try {
    readCandidate(text);
    return true;
  } catch {
    return false;
  }
}
