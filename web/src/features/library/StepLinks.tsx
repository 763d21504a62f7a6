import { Button, Group, Select, Text, TextInput } from '@mantine/core';
import { shortText } from '@stoichos/core/planning/procedure';
import type { Procedure, ProcedureStep, RunStep } from '@stoichos/core/planning/procedure';
import { NumberField } from '../../shared/parts/NumberField';

export interface StepFieldsProps {
  readonly step: ProcedureStep;
  readonly earlier: readonly ProcedureStep[];
  readonly procedure: Procedure;
  /** Up to and with this step. */
  readonly runs: readonly RunStep[];
  readonly onChange: (step: ProcedureStep, label: string) => void;
  readonly onRemove: () => void;
  readonly onCopy: () => void;
}

/** A step without something that may be left out. */
export function without(
  step: ProcedureStep,
  field: 'caution' | 'notPredicted' | 'after',
): ProcedureStep {
  return Object.fromEntries(
    Object.entries(step).filter(([name]) => name !== field),
  ) as ProcedureStep;
}

type Link = NonNullable<ProcedureStep['after']>[number];

/** Which steps it follows in time, and how long the pause may be; the step before it when nothing is said. */
export function Follows({
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
          <Button onClick={() => set(last ? [{ step: last.id }] : [])}>
            Set waits, or other steps
          </Button>
        </Group>
      ) : (
        <>
          {step.after.map((link, at) => (
            <Group key={link.step} align="flex-end" gap="xs" mb={4}>
              <Text flex="1 1 10rem">{name(link.step)}</Text>
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
              <Button onClick={() => set((step.after ?? []).filter((_, k) => k !== at))}>
                No longer
              </Button>
            </Group>
          ))}
          <Group gap="xs">
            <Select
              aria-label="Add a step it follows"
              placeholder="Add an earlier step…"
              value={null}
              data={earlier
                .filter(({ id }) => !step.after?.some((link) => link.step === id))
                .map(({ id }) => ({ value: id, label: name(id) }))}
              onChange={(id) => id && set([...(step.after ?? []), { step: id }])}
            />
            <Button onClick={() => set(undefined)}>Only the step before it</Button>
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
      w={150}
      min={0}
      value={value ?? ''}
      onChange={(minutes) => onChange(typeof minutes === 'number' ? minutes : undefined)}
    />
  );
}

/** Steps that must have been done before this one, and why. */
export function Needs({
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
            <Text flex="1 1 10rem">{named ? shortText(named) : id}</Text>
            <TextInput
              label="because"
              flex="2 1 14rem"
              value={because}
              onChange={(event) => {
                const words = event.currentTarget.value;
                onChange(
                  step.needs.map((need, k) => (k === at ? { ...need, because: words } : need)),
                );
              }}
            />
            <Button onClick={() => onChange(step.needs.filter((need) => need.step !== id))}>
              No longer
            </Button>
          </Group>
        );
      })}
      {free.length > 0 && (
        <Select
          aria-label="Add a step that must come before"
          placeholder="Add an earlier step…"
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
