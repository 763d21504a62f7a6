import { Button, Group, Text } from '@mantine/core';
import { costsOf, inseparableIn } from '@stoichos/core/studies/identify';
import type { LabDay } from '@stoichos/core/labday/day';
import { useState } from 'react';
import { useDealUnknownsMutation } from '../../data/api/api';
import { explainError } from '../../data/api/explainError';
import { useLabDay } from '../../data/useLabDay';
import { TaskProgress } from '../../shared/parts/TaskProgress';
import { CandidateSettings } from '../../shared/unknowns/CandidateSettings';
import { useCandidates } from '../../shared/unknowns/useCandidates';
import { useUnknownState } from '../../shared/unknowns/unknownState';
import type { UnknownState } from '../../shared/unknowns/unknownState';
import type { Candidates } from '../../shared/unknowns/useCandidates';

/** What is dealt out comes from the set of the study; pairs that no test at hand tells apart are not both dealt. */
export function Deal({ isDealt, handedIn }: { isDealt: boolean; handedIn: number }) {
  const day = useLabDay();
  const { state, change } = useUnknownState();
  const candidates = useCandidates(state);
  const [deal, { data: dealt, error, isLoading }] = useDealUnknownsMutation();
  const leftOut = dealt?.leftOut ?? [];
  // Every bench gets another jar: whoever has handed in has done so for nothing, which is asked about once.
  const [isAsked, setAsked] = useState(false);
  // All that is listed is not a set anybody has on the shelf.
  const tooMany = state.kind === 'organic' && state.listed.length === 0;
  return (
    <>
      <CandidateSettings state={state} change={change} candidates={candidates} />
      <TaskProgress
        what="Calculating what each of them shows"
        share={candidates.share}
        cancel={candidates.cancel}
      />
      {tooMany && <Text size="sm">Choose the compounds that are on the shelf.</Text>}
      <DealFields
        state={state}
        candidates={candidates}
        day={day}
        setAsked={setAsked}
        deal={deal}
        tooMany={tooMany}
        isLoading={isLoading}
        isDealt={isDealt}
        handedIn={handedIn}
        isAsked={isAsked}
      />
      {isAsked && (
        <Text size="sm" role="alert" mt="xs">
          {handedIn === 1 ? 'One answer is' : `${handedIn} answers are`} handed in already. A new
          deal gives every bench another jar, and those answers no longer stand beside it.
        </Text>
      )}
      {error && (
        <Text size="sm" role="alert" mt="xs">
          {explainError(error).message} {explainError(error).remedy}
        </Text>
      )}
      {leftOut.length > 0 && (
        <Text size="sm" mt="xs" data-testid="left-out">
          Not dealt, since no test at hand tells them from another that was: {leftOut.join(', ')}.
        </Text>
      )}
    </>
  );
}

interface DealFieldsProps {
  readonly state: UnknownState;
  readonly candidates: Candidates;
  readonly day: LabDay;
  readonly setAsked: (next: boolean) => void;
  readonly deal: ReturnType<typeof useDealUnknownsMutation>[0];
  readonly tooMany: boolean;
  readonly isLoading: boolean;
  readonly isDealt: boolean;
  readonly handedIn: number;
  readonly isAsked: boolean;
}

/** What deals them: which jar goes to which bench is drawn by the server, and nobody can work it out. */
export function DealFields({
  state,
  candidates,
  day,
  setAsked,
  deal,
  tooMany,
  isLoading,
  isDealt,
  handedIn,
  isAsked,
}: DealFieldsProps) {
  const { model } = candidates;
  const many = day.groups.length === 1 ? '1 bench' : `${day.groups.length} benches`;
  const submit = () => {
    if (!model) return;
    const away = new Set(state.missing);
    const canDo = (test: string): boolean => {
      const costs = costsOf(state.kind, test);
      return (
        (costs?.hazard ?? 1) <= state.mostHazard &&
        !costs?.reagents.some((reagent) => away.has(reagent))
      );
    };
    setAsked(false);
    void deal({
      dayId: day.id,
      kind: state.kind,
      candidates: [...model.candidates],
      inseparable: inseparableIn(model, canDo),
    });
  };
  return (
    <Group align="end" mt="sm">
      <Button
        loading={isLoading}
        disabled={!model || tooMany || model.candidates.length === 0}
        variant={isDealt ? 'default' : 'filled'}
        onClick={() => (handedIn > 0 && !isAsked ? setAsked(true) : submit())}
      >
        {isAsked ? 'Deal anew all the same' : `${isDealt ? 'Deal anew' : 'Deal'} to ${many}`}
      </Button>
    </Group>
  );
}
