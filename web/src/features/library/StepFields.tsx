import { Button, Chip, Group, Switch, TagsInput, Text, Textarea, TextInput } from '@mantine/core';
import { kitKinds } from '@stoichos/core/planning/procedure';
import { vesselsOf } from '@stoichos/core/seeing/rack';
import type { ProcedureStep, Procedure, RunStep } from '@stoichos/core/planning/procedure';
import { useState } from 'react';
import { NumberField } from '../../shared/parts/NumberField';
import { AddEvent } from './AddEvent';
import classes from './EditorPage.module.css';
import { EventEditor } from './EventEditor';
import { MeasureFields } from './MeasureFields';
import { without, Follows, Needs } from './StepLinks';
import type { StepFieldsProps } from './StepLinks';

/** Everything of one step that can be written. */
export function StepFields(props: StepFieldsProps) {
  const { step, earlier, procedure, runs, onChange, onRemove, onCopy } = props;
  const [adding, setAdding] = useState(false);
  const set = (part: Partial<ProcedureStep>, label: string) =>
    onChange({ ...step, ...part }, label);
  return (
    <div className={classes.fields}>
      <Textarea
        label="What is done"
        autosize
        minRows={2}
        value={step.text}
        onChange={(event) => set({ text: event.currentTarget.value }, 'text')}
      />
      <StepTiming step={step} set={set} />
      <StepEvents
        step={step}
        set={set}
        adding={adding}
        procedure={procedure}
        runs={runs}
        setAdding={setAdding}
      />
      <TextInput
        label="Caution beside the step"
        value={step.caution ?? ''}
        onChange={(event) => {
          onChange(withText(step, 'caution', event.currentTarget.value), 'caution');
        }}
      />
      <TagsInput
        label="At hand before it begins"
        value={step.ready}
        onChange={(ready) => set({ ready }, 'ready')}
      />
      <Follows step={step} earlier={earlier} onChange={onChange} />
      <Needs step={step} earlier={earlier} onChange={(needs) => set({ needs }, 'needs')} />
      <TagsInput
        label="What the class writes down"
        value={step.record}
        onChange={(record) => set({ record }, 'record')}
      />
      <MeasureFields
        measures={step.measures}
        onChange={(measures) => set({ measures }, 'measures')}
      />
      <TextInput
        label="Why it is not predicted"
        description="Where the engine cannot follow what happens"
        value={step.notPredicted ?? ''}
        onChange={(event) => {
          onChange(withText(step, 'notPredicted', event.currentTarget.value), 'not predicted');
        }}
      />
      <Group>
        <Button onClick={onCopy}>Copy this step</Button>
        {procedure.steps.length > 1 && <Button onClick={onRemove}>Take this step out</Button>}
      </Group>
    </div>
  );
}

/** How long it takes, who stays with it, what it needs. */
function StepTiming({
  step,
  set,
}: {
  readonly step: ProcedureStep;
  readonly set: (part: Partial<ProcedureStep>, label: string) => void;
}) {
  return (
    <Group align="flex-end" gap="md">
      <NumberField
        label="Minutes"
        w={110}
        min={0}
        max={600}
        value={step.minutes}
        onChange={(minutes) =>
          typeof minutes === 'number' && minutes >= 0 && set({ minutes }, 'minutes')
        }
      />
      <Switch
        label="Somebody stays with it"
        checked={step.attended}
        onChange={(event) => set({ attended: event.currentTarget.checked }, 'attended')}
      />
      <Kit step={step} onChange={(uses) => set({ uses }, 'kit')} />
    </Group>
  );
}

interface StepEventsProps {
  readonly step: ProcedureStep;
  readonly set: (part: Partial<ProcedureStep>, label: string) => void;
  readonly adding: boolean;
  readonly procedure: Procedure;
  readonly runs: readonly RunStep[];
  readonly setAdding: (next: boolean) => void;
}

/** What is put in, done and tested, one line each. */
function StepEvents({ step, set, adding, procedure, runs, setAdding }: StepEventsProps) {
  return (
    <div>
      <Text fw={500}>What that means for the vessels</Text>
      <ul className={classes.events}>
        {step.events.map((event, at) => (
          <EventEditor
            key={String(at)}
            event={event}
            range={step.ranges.find((range) => range.event === at)}
            onChange={(next, label) =>
              set(
                { events: step.events.map((one, k) => (k === at ? next : one)) },
                `${label} ${at}`,
              )
            }
            onRange={(range) =>
              set(
                {
                  ranges: [
                    ...step.ranges.filter((one) => one.event !== at),
                    ...(range ? [{ event: at, ...range }] : []),
                  ],
                },
                `range ${at}`,
              )
            }
            onRemove={() =>
              set(
                {
                  events: step.events.filter((_, k) => k !== at),
                  // Ranges belong to the event after the one that goes, moved up by one.
                  ranges: step.ranges
                    .filter((range) => range.event !== at)
                    .map((range) =>
                      range.event > at ? { ...range, event: range.event - 1 } : range,
                    ),
                },
                'remove event',
              )
            }
          />
        ))}
      </ul>
      {adding ? (
        <>
          <AddEvent
            vessels={procedure.vessels}
            usual={step.events.flatMap(vesselsOf).at(-1)}
            runs={runs}
            onAdd={(event) => set({ events: [...step.events, event] }, 'add event')}
          />
          <Button variant="subtle" px={0} onClick={() => setAdding(false)}>
            That is all
          </Button>
        </>
      ) : (
        <Button onClick={() => setAdding(true)}>Add what is put in, done or tested</Button>
      )}
    </div>
  );
}

/** A step with a text that may be left out; an empty one is left out. */
function withText(
  step: ProcedureStep,
  field: 'caution' | 'notPredicted',
  text: string,
): ProcedureStep {
  return text === '' ? without(step, field) : { ...step, [field]: text };
}

function Kit({
  step,
  onChange,
}: {
  step: ProcedureStep;
  onChange: (uses: ProcedureStep['uses']) => void;
}) {
  const used = kitKinds.filter((name) => (step.uses[name] ?? 0) > 0);
  return (
    <div>
      <Text size="sm" fw={500} mb={2}>
        Takes a shared
      </Text>
      <Chip.Group
        multiple
        value={used}
        onChange={(names) =>
          onChange(
            Object.fromEntries(
              names.map((name) => [name, step.uses[name] ?? 1]),
            ) as ProcedureStep['uses'],
          )
        }
      >
        <Group gap={6}>
          {kitKinds.map((name) => (
            <Chip
              key={name}
              value={name}
              variant="outline"
              size="md"
              styles={{ label: { minHeight: 44 } }}
            >
              {name}
            </Chip>
          ))}
        </Group>
      </Chip.Group>
    </div>
  );
}
