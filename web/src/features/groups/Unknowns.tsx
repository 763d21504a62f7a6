import { Button, Group, Table, Text, Title } from '@mantine/core';
import { IconPrinter } from '@tabler/icons-react';
import { assignUnknowns, costsOf, inseparableIn } from '@stoichos/core/studies/identify';
import type {
  AssignedUnknown,
  Oversight,
  SealedUnknown,
  UnknownAnswer,
  LabDay,
} from '@stoichos/core/labday';
import { useState } from 'react';
import { NumberField } from '../../shared/parts/NumberField';
import {
  useAnswersQuery,
  useDealUnknownsMutation,
  useKeysQuery,
  useSessionQuery,
} from '../../data/api/api';
import { explainError } from '../../data/api/explainError';
import { useLabDay } from '../../data/useLabDay';
import { Fold } from '../../shared/parts/Fold';
import { TaskProgress } from '../../shared/parts/TaskProgress';
import { CandidateName } from '../../shared/unknowns/CandidateName';
import { CandidateSettings } from '../../shared/unknowns/CandidateSettings';
import { useCandidates } from '../../shared/unknowns/useCandidates';
import { useUnknownState } from '../../shared/unknowns/unknownState';
import classes from './Groups.module.css';
import { MarkOfAnswer } from './MarkOfAnswer';
import type { UnknownState } from '../../shared/unknowns/unknownState';
import type { Candidates } from '../../shared/unknowns/useCandidates';

/** Which jar each bench has to identify, and what it says. What is in it stays sealed until the instructor asks for it, and that is written down. */
export function Unknowns({ oversight }: { oversight: Oversight }) {
  const day = useLabDay();
  const { data: session } = useSessionQuery();
  const isInstructor = session?.role === 'instructor';
  const [shown, setShown] = useState(false);
  const { data: keys } = useKeysQuery(day.id, { skip: !shown });
  const { data: answers = [] } = useAnswersQuery(day.id, { skip: !isInstructor });
  if (!isInstructor) return null;
  return (
    <section className="card" aria-label="Unknowns" style={{ marginTop: '1rem' }}>
      <Group justify="space-between">
        <Title order={2} size="h4">
          Unknowns
        </Title>
        <Group gap="xs" className="no-print">
          <Button
            variant="default"
            leftSection={<IconPrinter size={18} aria-hidden />}
            disabled={oversight.unknowns.length === 0}
            onClick={() => window.print()}
          >
            Print the codes
          </Button>
          <Button
            variant="default"
            aria-pressed={shown}
            disabled={oversight.unknowns.length === 0}
            onClick={() => setShown(!shown)}
          >
            {shown ? 'Seal the keys' : 'Show the keys'}
          </Button>
        </Group>
      </Group>
      <Text size="sm" className="quiet no-print">
        A bench sees the code on its jar and never the key. Keys on the screen are keys in the room.
      </Text>
      {oversight.unknowns.length > 0 && (
        <Dealt unknowns={oversight.unknowns} keys={shown ? keys : undefined} answers={answers} />
      )}
      <div className="no-print">
        <Fold title={oversight.unknowns.length === 0 ? 'Deal them out' : 'Deal anew'} lazy>
          <Deal isDealt={oversight.unknowns.length > 0} handedIn={answers.length} />
        </Fold>
      </div>
    </section>
  );
}

function Dealt({
  unknowns,
  keys,
  answers,
}: {
  unknowns: readonly AssignedUnknown[];
  keys: readonly SealedUnknown[] | undefined;
  answers: readonly UnknownAnswer[];
}) {
  const day = useLabDay();
  return (
    <Table.ScrollContainer minWidth={420}>
      <Table verticalSpacing="xs" data-testid="dealt">
        <Table.Thead>
          <Table.Tr>
            <Table.Th>Bench</Table.Th>
            <Table.Th>Code</Table.Th>
            <Table.Th className="no-print">Handed in</Table.Th>
            {keys && <Table.Th className="no-print">Key and mark</Table.Th>}
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {day.groups.map((group) => {
            const own = unknowns.find(({ groupId }) => groupId === group.id);
            if (!own) return null;
            const answer = answers
              .filter(({ groupId, code }) => groupId === group.id && code === own.code)
              .at(-1);
            const key = keys?.find(({ groupId }) => groupId === group.id);
            return (
              <Table.Tr key={group.id}>
                <Table.Th scope="row">{group.name}</Table.Th>
                <Table.Td className={classes.jarCode}>{own.code}</Table.Td>
                <Table.Td className="no-print">
                  {answer ? (
                    <>
                      {answer.answer}{' '}
                      <span className="quiet">
                        by {answer.results.length} {answer.results.length === 1 ? 'test' : 'tests'}
                      </span>
                    </>
                  ) : (
                    <span className="quiet">nothing yet</span>
                  )}
                </Table.Td>
                {keys && (
                  <Table.Td className="no-print" data-testid={`key-${group.name}`}>
                    {key && <CandidateName kind={key.kind} name={key.key} />}
                    {key && answer && <MarkOfAnswer sealed={key} answer={answer} />}
                  </Table.Td>
                )}
              </Table.Tr>
            );
          })}
        </Table.Tbody>
      </Table>
    </Table.ScrollContainer>
  );
}

/** The largest seed that is asked for. */
const largestSeed = 999_999;

/** What is dealt out comes from the set of the study; pairs that no test at hand tells apart are not both dealt. */
function Deal({ isDealt, handedIn }: { isDealt: boolean; handedIn: number }) {
  const day = useLabDay();
  const { state, change } = useUnknownState();
  const candidates = useCandidates(state);
  const [deal, { error, isLoading }] = useDealUnknownsMutation();
  const [leftOut, setLeftOut] = useState<readonly string[]>([]);
  // Every bench gets another jar: whoever has handed in has done so for nothing, which is asked about once.
  const [isAsked, setAsked] = useState(false);
  // All that is listed is not a set anybody has on the shelf.
  const tooMany = state.kind === 'organic' && state.listed.length === 0;
  return (
    <>
      <CandidateSettings state={state} change={change} candidates={candidates} />
      {candidates.share !== undefined && (
        <TaskProgress
          what="Calculating what each of them shows"
          share={candidates.share}
          cancel={candidates.cancel}
        />
      )}
      {tooMany && <Text size="sm">Choose the compounds that are on the shelf.</Text>}
      <DealFields
        state={state}
        candidates={candidates}
        day={day}
        setLeftOut={setLeftOut}
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
  readonly setLeftOut: (next: readonly string[]) => void;
  readonly setAsked: (next: boolean) => void;
  readonly deal: ReturnType<typeof useDealUnknownsMutation>[0];
  readonly tooMany: boolean;
  readonly isLoading: boolean;
  readonly isDealt: boolean;
  readonly handedIn: number;
  readonly isAsked: boolean;
}

/** By which seed the unknowns are dealt. */
function DealFields({
  state,
  candidates,
  day,
  setLeftOut,
  setAsked,
  deal,
  tooMany,
  isLoading,
  isDealt,
  handedIn,
  isAsked,
}: DealFieldsProps) {
  const [seed, setSeed] = useState<number | ''>(() => Math.ceil(Date.now() % largestSeed));
  const { model } = candidates;
  const many = day.groups.length === 1 ? '1 bench' : `${day.groups.length} benches`;
  const submit = () => {
    if (!model || seed === '') return;
    const away = new Set(state.missing);
    const canDo = (test: string): boolean => {
      const costs = costsOf(state.kind, test);
      return (
        (costs?.hazard ?? 1) <= state.mostHazard &&
        !costs?.reagents.some((reagent) => away.has(reagent))
      );
    };
    const dealt = assignUnknowns({
      groups: day.groups.map(({ id }) => id),
      candidates: model.candidates,
      seed,
      inseparable: inseparableIn(model, canDo),
    });
    setLeftOut(dealt.leftOut);
    setAsked(false);
    const { kind } = state;
    void deal({ dayId: day.id, unknowns: dealt.assignments.map((one) => ({ ...one, kind })) });
  };
  return (
    <Group align="end" mt="sm">
      <NumberField
        w={150}
        label="Seed"
        description="The same deals the same"
        min={1}
        max={largestSeed}
        value={seed}
        onChange={setSeed}
      />
      <Button
        loading={isLoading}
        disabled={!model || tooMany || model.candidates.length === 0 || seed === ''}
        variant={isDealt ? 'default' : 'filled'}
        onClick={() => (handedIn > 0 && !isAsked ? setAsked(true) : submit())}
      >
        {isAsked ? 'Deal anew all the same' : `${isDealt ? 'Deal anew' : 'Deal'} to ${many}`}
      </Button>
    </Group>
  );
}
