import { ActionIcon, Button, Group, Select, TextInput } from '@mantine/core';
import { renameVessel } from '@stoichos/core/planning/procedure';
import { vesselsOf } from '@stoichos/core/seeing/rack';
import { containerKinds, containers } from '@stoichos/core/vessel';
import type { Procedure } from '@stoichos/core/planning/procedure';
import type { ContainerKind } from '@stoichos/core/vessel';
import { IconPlus, IconX } from '@tabler/icons-react';
import { useState } from 'react';
import classes from './EditorPage.module.css';

interface VesselFieldsProps {
  readonly procedure: Procedure;
  readonly onChange: (part: Partial<Procedure>, label: string) => void;
}

/** The vessels of a procedure: what they are called, in every step too, and of what kind they are. */
export function VesselFields({ procedure, onChange }: VesselFieldsProps) {
  const { vessels, steps } = procedure;
  const used = new Set(steps.flatMap(({ events }) => events.flatMap(vesselsOf)));
  const set = (next: Procedure['vessels']) => onChange({ vessels: next }, 'vessels');
  return (
    <fieldset className={classes.vessels}>
      <legend>Vessels</legend>
      {vessels.map(({ name, container }, at) => (
        <Group key={name} gap={4} wrap="nowrap" align="flex-start">
          <VesselName
            label={`Name of vessel ${at + 1}`}
            name={name}
            onRename={(to) => {
              const renamed = renameVessel(procedure, name, to);
              if (renamed) onChange(renamed, `vessel ${at}`);
              return renamed !== undefined;
            }}
          />
          <Select
            aria-label={`Kind of vessel ${at + 1}`}
            w={150}
            value={container}
            data={containerKinds.map((kind) => ({ value: kind, label: containers[kind].name }))}
            onChange={(kind) =>
              set(
                vessels.map((one, k) =>
                  k === at ? { ...one, container: kind as ContainerKind } : one,
                ),
              )
            }
          />
          {!used.has(name) && (
            <ActionIcon
              size={42}
              aria-label={`Take out vessel ${name}`}
              onClick={() => set(vessels.filter((_, k) => k !== at))}
            >
              <IconX size={18} />
            </ActionIcon>
          )}
        </Group>
      ))}
      {vessels.length < 12 && (
        <Button
          leftSection={<IconPlus size={18} aria-hidden />}
          onClick={() => set([...vessels, { name: freeName(vessels), container: 'testTube' }])}
        >
          Vessel
        </Button>
      )}
    </fieldset>
  );
}

interface VesselNameProps {
  readonly label: string;
  readonly name: string;
  /** Whether it could be called so. */
  readonly onRename: (to: string) => boolean;
}

/** The name of a vessel. It counts when one leaves the field, for half a name could be that of another vessel. */
function VesselName({ label, name, onRename }: VesselNameProps) {
  const [typed, setTyped] = useState(name);
  const [problem, setProblem] = useState<string>();
  return (
    <TextInput
      aria-label={label}
      w={130}
      maxLength={40}
      value={typed}
      error={problem}
      onChange={(event) => {
        setTyped(event.currentTarget.value);
        setProblem(undefined);
      }}
      onBlur={() => {
        if (typed === name || onRename(typed)) return;
        setProblem(
          typed.trim() === ''
            ? 'A vessel needs a name.'
            : `Another vessel is called “${typed.trim()}”.`,
        );
      }}
    />
  );
}

/** The first letter that no vessel is called. */
function freeName(vessels: Procedure['vessels']): string {
  const letters = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ';
  return [...letters].find((letter) => !vessels.some(({ name }) => name === letter)) ?? 'more';
}
