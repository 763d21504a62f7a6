import { Button, Group, Text, Title } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import type { PlannedTest } from '@stoichos/core/labday';
import { IconArrowRight } from '@tabler/icons-react';
import { Link } from 'react-router';
import { useRemoveTestMutation, useSaveTestMutation } from '../../data/api/api';
import { sayProblem } from '../../shared/parts/sayProblem';
import { useLabDay } from '../../data/useLabDay';
import { TestTabs } from '../../shared/parts/TestTabs';
import { ExpectedPanel } from './ExpectedPanel';
import classes from './PlanPage.module.css';
import { PlanTabs } from './PlanTabs';
import { ReasonPanel } from './ReasonPanel';
import { SafetyPanel } from './SafetyPanel';
import { TestEditor } from './TestEditor';
import { predictDraft } from './predictDraft';
import { useTestDraft } from './useTestDraft';

/** Plan: choose two solutions; what they should show, why, the hazards and the waste appear as you choose. */
export function PlanPage() {
  const day = useLabDay();
  const draft = useTestDraft(day);
  const [saveTest, { isLoading: saving }] = useSaveTestMutation();
  const [removeTest] = useRemoveTestMutation();
  const outcome = predictDraft(draft.values);
  const chosen = [draft.values.a.substance, draft.values.b.substance].filter((one) => one !== '');
  const recorded = day.entries.some(({ workId }) => workId === draft.values.id);

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
  const save = async (test: PlannedTest) => {
    const isPlanned = day.tests.some(({ id }) => id === test.id);
    const saved = await attempt(
      saveTest({ dayId: day.id, test }).unwrap(),
      isPlanned ? 'Changes saved.' : 'Test added to the plan.',
    );
    if (saved) draft.settle(test);
  };
  const remove = async () => {
    const test = outcome.test;
    const removed = await attempt(
      removeTest({ dayId: day.id, testId: draft.values.id }).unwrap(),
      'Test taken out.',
    );
    if (!removed) return;
    draft.choose(undefined);
    if (test)
      notifications.show({
        title: 'Test taken out',
        message: (
          <Button variant="default" size="compact-md" mt={4} onClick={() => void save(test)}>
            Put it back
          </Button>
        ),
      });
  };

  return (
    <>
      <PlanTabs day={day} />
      <TestTabs
        tests={day.tests}
        selected={draft.isNew ? undefined : draft.values.id}
        onSelect={draft.choose}
        onNew={() => draft.choose(undefined)}
      />
      <div className={classes.columns}>
        <section className="card" aria-label="The two solutions">
          <TestEditor draft={draft} outcome={outcome} locked={recorded} />
          <Group mt="md" gap="sm">
            {draft.isNew || draft.isChanged ? (
              <Button
                size="md"
                loading={saving}
                disabled={!outcome.test || recorded}
                onClick={() => outcome.test && void save(outcome.test)}
              >
                {draft.isNew ? 'Add to the plan' : 'Save changes'}
              </Button>
            ) : (
              <Button size="md" variant="default" onClick={() => draft.choose(undefined)}>
                Another test
              </Button>
            )}
            {draft.isChanged && (
              <Button
                size="md"
                variant="default"
                disabled={!outcome.test}
                onClick={() =>
                  outcome.test && void save({ ...outcome.test, id: crypto.randomUUID() })
                }
              >
                Add as another test
              </Button>
            )}
            {!draft.isNew && !recorded && (
              <Button size="md" variant="default" onClick={() => void remove()}>
                Take out
              </Button>
            )}
          </Group>
          {recorded && (
            <Text className="quiet" size="sm" mt="sm">
              Observations are recorded for this test, so it stays as it is. Add another test for
              other amounts.
            </Text>
          )}
          {day.tests.length > 0 && (
            <Button
              component={Link}
              to={`/days/${day.id}/prepare`}
              variant="subtle"
              size="md"
              mt="md"
              px={0}
              rightSection={<IconArrowRight size={18} aria-hidden />}
            >
              On to Prepare
            </Button>
          )}
        </section>
        <section className="card" aria-label="What it should show">
          <Title order={2} size="h4" mb="sm">
            What it should show
          </Title>
          <ExpectedPanel outcome={outcome} container={draft.values.container} />
        </section>
        <section className={`card ${classes.reasons}`} aria-label="Why, hazards and waste">
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
        </section>
      </div>
    </>
  );
}
