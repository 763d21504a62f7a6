import { Card } from '../../shared/parts/Card';
import { Button, Group, Text } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { procedureOfMixing } from '@stoichos/core/planning/procedure';
import { IconArrowRight } from '@tabler/icons-react';
import { Link } from 'react-router';
import { useRemoveDayProcedureMutation, useSaveDayProcedureMutation } from '../../data/api/api';
import { useLabDay } from '../../data/useLabDay';
import { sayProblem } from '../../shared/parts/sayProblem';
import { ExpectedPanel } from './ExpectedPanel';
import { MixingEditor } from './MixingEditor';
import { MixingTable } from './MixingTable';
import classes from './PlanPage.module.css';
import { PlanTabs } from './PlanTabs';
import { ReasonPanel } from './ReasonPanel';
import { SafetyPanel } from './SafetyPanel';
import { useDraftOutcome } from './useDraftOutcome';
import { mixingsOf, useMixingDraft } from './useMixingDraft';
import type { PlannedMixing, MixingDraftState } from './useMixingDraft';
import { saveWhole } from '../../data/saving/saveWhole';
import { plannedAsWhole, plannedIn, plannedOf } from '../../data/saving/wholes';
import type { HeldDay } from '@stoichos/contract';
import type { DraftOutcome } from './useDraftOutcome';

/** Two-solution tests: a line of a table each; what they should show, why, the hazards and the waste appear as you choose. */
export function PlanPage() {
  const day = useLabDay();
  const draft = useMixingDraft(day);
  const lines = mixingsOf(day);
  const [saveProcedure, { isLoading: saving }] = useSaveDayProcedureMutation();
  const [removeProcedure] = useRemoveDayProcedureMutation();
  const outcome = useDraftOutcome(draft.values);
  const chosen = [draft.values.a.substance, draft.values.b.substance].filter((one) => one !== '');

  return (
    <>
      <PlanTabs day={day} />
      <MixingTable
        day={day}
        lines={lines}
        selected={draft.isNew ? undefined : draft.values.id}
        onSelect={draft.choose}
        onNew={() => draft.choose(undefined)}
      />
      <div className={classes.columns}>
        <MixingSection
          day={day}
          draft={draft}
          saveProcedure={saveProcedure}
          outcome={outcome}
          removeProcedure={removeProcedure}
          lines={lines}
          saving={saving}
        />
        <Card label="What it should show" titled>
          <ExpectedPanel outcome={outcome} container={draft.values.container} />
        </Card>
        <Card className={classes.reasons ?? ''} label="Why, hazards and waste">
          {chosen.length === 0 && (
            <Text className="quiet">
              The reasons, the hazards and the waste bottle appear here.
            </Text>
          )}
          <ReasonPanel outcome={outcome} />
          <SafetyPanel
            substances={[draft.values.a.substance, draft.values.b.substance].filter(
              (s) => s !== '',
            )}
          />
        </Card>
      </div>
    </>
  );
}

interface MixingSectionProps {
  readonly day: HeldDay;
  readonly draft: MixingDraftState;
  readonly saveProcedure: ReturnType<typeof useSaveDayProcedureMutation>[0];
  readonly outcome: DraftOutcome;
  readonly removeProcedure: ReturnType<typeof useRemoveDayProcedureMutation>[0];
  readonly lines: PlannedMixing[];
  readonly saving: boolean;
}

/** How a test is put into the plan and taken out again. */
function useSavedMixing({
  day,
  saveProcedure,
  draft,
  outcome,
  removeProcedure,
}: {
  readonly day: HeldDay;
  readonly saveProcedure: MixingSectionProps['saveProcedure'];
  readonly draft: MixingDraftState;
  readonly outcome: DraftOutcome;
  readonly removeProcedure: MixingSectionProps['removeProcedure'];
}) {
  const attempt = async (work: Promise<unknown>, done: string): Promise<boolean> => {
    try {
      await work;
      notifications.show({ message: done });
      return true;
    } catch (error) {
      sayProblem(error, 'Not done');
      return false;
    }
  };
  const save = async (mixing: PlannedMixing) => {
    const standing = day.procedures.find(({ id }) => id === mixing.id);
    const planned = {
      id: mixing.id,
      manner: standing?.manner ?? 'groups',
      procedure: procedureOfMixing(mixing.id, mixing),
    } as const;
    const whole = plannedAsWhole(mixing.id, (one) =>
      saveProcedure({ dayId: day.id, planned: one }).unwrap(),
    );
    const saved = await attempt(
      saveWhole(whole, standing && plannedIn(day, standing), plannedOf(planned)),
      standing ? 'Changes saved.' : 'Test added to the plan.',
    );
    if (saved) draft.settle(mixing);
  };
  const remove = async () => {
    const { mixing } = outcome;
    const removed = await attempt(
      removeProcedure({
        dayId: day.id,
        id: draft.values.id,
        version: day.versions.procedures[draft.values.id] ?? 1,
      }).unwrap(),
      'Test taken out.',
    );
    if (!removed) return;
    draft.choose(undefined);
    if (mixing)
      notifications.show({
        title: 'Test taken out',
        message: (
          <Button size="compact-md" mt={4} onClick={() => void save(mixing)}>
            Put it back
          </Button>
        ),
      });
  };
  return { save, remove };
}

/** The two solutions, whether they can be saved, and what was planned already. */
function MixingSection({
  day,
  draft,
  saveProcedure,
  outcome,
  removeProcedure,
  lines,
  saving,
}: MixingSectionProps) {
  const recorded = day.entries.some(({ workId }) => workId === draft.values.id);
  const { save, remove } = useSavedMixing({ day, saveProcedure, draft, outcome, removeProcedure });
  return (
    <Card label="The two solutions">
      <MixingEditor draft={draft} outcome={outcome} locked={recorded} />
      <Group mt="md" gap="sm">
        {draft.isNew || draft.isChanged ? (
          <Button
            variant="filled"
            loading={saving}
            disabled={!outcome.mixing || recorded}
            onClick={() => outcome.mixing && void save(outcome.mixing)}
          >
            {draft.isNew ? 'Add to the plan' : 'Save changes'}
          </Button>
        ) : (
          <Button onClick={() => draft.choose(undefined)}>Another test</Button>
        )}
        {draft.isChanged && (
          <Button
            disabled={!outcome.mixing}
            onClick={() =>
              outcome.mixing && void save({ ...outcome.mixing, id: crypto.randomUUID() })
            }
          >
            Add as another test
          </Button>
        )}
        {!draft.isNew && !recorded && <Button onClick={() => void remove()}>Take out</Button>}
      </Group>
      {recorded && (
        <Text className="quiet" size="sm" mt="sm">
          Observations are recorded for this test, so it stays as it is. Add another test for other
          amounts.
        </Text>
      )}
      {lines.length > 0 && (
        <Button
          component={Link}
          to={`/days/${day.id}/prepare`}
          variant="subtle"
          mt="md"
          px={0}
          rightSection={<IconArrowRight size={18} aria-hidden />}
        >
          On to Prepare
        </Button>
      )}
    </Card>
  );
}
