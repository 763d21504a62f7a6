import {
  Button,
  Chip,
  Group,
  Select,
  Switch,
  TagsInput,
  Text,
  Textarea,
  TextInput,
} from '@mantine/core';
import { kitKinds, shortText } from '@stoichos/core/planning/procedure';
import { vesselsOf } from '@stoichos/core/seeing/rack';
import type { Procedure, ProcedureStep, RunStep } from '@stoichos/core/planning/procedure';
import { useState } from 'react';
import { NumberField } from '../../shared/parts/NumberField';
import { AddEvent } from './AddEvent';
import classes from './EditorPage.module.css';
import { EventEditor } from './EventEditor';
import { MeasureFields } from './MeasureFields';

interface StepFieldsProps {
  readonly step: ProcedureStep;
  readonly earlier: readonly ProcedureStep[];
  readonly procedure: Procedure;
  /** Up to and with this step. */
  readonly runs: readonly RunStep[];
  readonly onChange: (step: ProcedureStep, label: string) => void;
  readonly onRemove: () => void;
  readonly onCopy: () => void;
}

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
        size="md"
        value={step.text}
        onChange={(event) => set({ text: event.currentTarget.value }, 'text')}
      />
      <Group align="flex-end" gap="md">
        <NumberField
          label="Minutes"
          size="md"
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
          size="md"
          checked={step.attended}
          onChange={(event) => set({ attended: event.currentTarget.checked }, 'attended')}
        />
        <Kit step={step} onChange={(uses) => set({ uses }, 'kit')} />
      </Group>
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
            <Button size="md" variant="subtle" px={0} onClick={() => setAdding(false)}>
              That is all
            </Button>
          </>
        ) : (
          <Button size="md" variant="default" onClick={() => setAdding(true)}>
            Add what is put in, done or tested
          </Button>
        )}
      </div>
      <TextInput
        label="Caution beside the step"
        size="md"
        value={step.caution ?? ''}
        onChange={(event) => {
          onChange(withText(step, 'caution', event.currentTarget.value), 'caution');
        }}
      />
      <TagsInput
        label="At hand before it begins"
        size="md"
        value={step.ready}
        onChange={(ready) => set({ ready }, 'ready')}
      />
      <Follows step={step} earlier={earlier} onChange={onChange} />
      <Needs step={step} earlier={earlier} onChange={(needs) => set({ needs }, 'needs')} />
      <TagsInput
        label="What the class writes down"
        size="md"
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
        size="md"
        value={step.notPredicted ?? ''}
        onChange={(event) => {
          onChange(withText(step, 'notPredicted', event.currentTarget.value), 'not predicted');
        }}
      />
      <Group>
        <Button size="md" variant="default" onClick={onCopy}>
          Copy this step
        </Button>
        {procedure.steps.length > 1 && (
          <Button size="md" variant="default" onClick={onRemove}>
            Take this step out
          </Button>
        )}
      </Group>
    </div>
  );
}

/** A step without something that may be left out. */
function without(step: ProcedureStep, field: 'caution' | 'notPredicted' | 'after'): ProcedureStep {
  return Object.fromEntries(
    Object.entries(step).filter(([name]) => name !== field),
  ) as ProcedureStep;
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

type Link = NonNullable<ProcedureStep['after']>[number];

/** Which steps it follows in time, and how long the pause may be; the step before it when nothing is said. */
function Follows({
  step,
  earlier,
  onChange,
}: Pick<StepFieldsProps, 'step' | 'earlier' | 'onChange'>) {
  const set = (after: readonly Link[] | undefined) =>
    onChange(after ? { ...step, after: [...after] } : without(step, 'after'), 'follows');
  if (earlier.length === 0) return null;
  const name = (id: string): string => {
    const found = earlier.find((one) => one.id === id);
    return found ? shortText(found) || id : id;
  };
  const change = (at: number, part: Partial<Link>) =>
    set((step.after ?? []).map((link, k) => (k === at ? { ...link, ...part } : link)));
  const last = earlier.at(-1);
  return (
    <div>
      <Text fw={500}>Follows in time</Text>
      {step.after === undefined ? (
        <Group gap="xs">
          <Text className="quiet">the step before it, at any later time</Text>
          <Button size="md" variant="default" onClick={() => set(last ? [{ step: last.id }] : [])}>
            Set waits, or other steps
          </Button>
        </Group>
      ) : (
        <>
          {step.after.map((link, at) => (
            <Group key={link.step} align="flex-end" gap="xs" mb={4}>
              <Text style={{ flex: '1 1 10rem' }}>{name(link.step)}</Text>
              <Wait
                label="earliest after, min"
                value={link.minWaitMin}
                onChange={(minWaitMin) => change(at, { minWaitMin })}
              />
              <Wait
                label="latest after, min"
                value={link.maxWaitMin}
                onChange={(maxWaitMin) => change(at, { maxWaitMin })}
              />
              <Button
                size="md"
                variant="default"
                onClick={() => set((step.after ?? []).filter((_, k) => k !== at))}
              >
                No longer
              </Button>
            </Group>
          ))}
          <Group gap="xs">
            <Select
              aria-label="Add a step it follows"
              placeholder="Add an earlier step…"
              size="md"
              value={null}
              data={earlier
                .filter(({ id }) => !step.after?.some((link) => link.step === id))
                .map(({ id }) => ({ value: id, label: name(id) }))}
              onChange={(id) => id && set([...(step.after ?? []), { step: id }])}
            />
            <Button size="md" variant="default" onClick={() => set(undefined)}>
              Only the step before it
            </Button>
          </Group>
        </>
      )}
    </div>
  );
}

function Wait({
  label,
  value,
  onChange,
}: {
  label: string;
  value: number | undefined;
  onChange: (minutes: number | undefined) => void;
}) {
  return (
    <NumberField
      label={label}
      placeholder="any"
      size="md"
      w={150}
      min={0}
      value={value ?? ''}
      onChange={(minutes) => onChange(typeof minutes === 'number' ? minutes : undefined)}
    />
  );
}

/** Steps that must have been done before this one, and why. */
function Needs({
  step,
  earlier,
  onChange,
}: {
  step: ProcedureStep;
  earlier: readonly ProcedureStep[];
  onChange: (needs: ProcedureStep['needs']) => void;
}) {
  const free = earlier.filter(({ id }) => !step.needs.some((need) => need.step === id));
  if (earlier.length === 0) return null;
  return (
    <div>
      <Text fw={500}>Must have been done before</Text>
      {step.needs.map(({ step: id, because }, at) => {
        const named = earlier.find((one) => one.id === id);
        return (
          <Group key={id} align="flex-end" gap="xs" mb={4}>
            <Text style={{ flex: '1 1 10rem' }}>{named ? shortText(named) : id}</Text>
            <TextInput
              label="because"
              size="md"
              style={{ flex: '2 1 14rem' }}
              value={because}
              onChange={(event) => {
                const words = event.currentTarget.value;
                onChange(
                  step.needs.map((need, k) => (k === at ? { ...need, because: words } : need)),
                );
              }}
            />
            <Button
              size="md"
              variant="default"
              onClick={() => onChange(step.needs.filter((need) => need.step !== id))}
            >
              No longer
            </Button>
          </Group>
        );
      })}
      {free.length > 0 && (
        <Select
          aria-label="Add a step that must come before"
          placeholder="Add an earlier step…"
          size="md"
          value={null}
          data={free.map((one) => ({ value: one.id, label: shortText(one) || one.id }))}
          onChange={(id) =>
            id && onChange([...step.needs, { step: id, because: 'it must be ready' }])
          }
        />
      )}
    </div>
  );
}
