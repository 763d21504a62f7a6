import { Select, Text } from '@mantine/core';
import { nameOnShelf } from '@stoichos/core';
import { useMemo } from 'react';
import { useShelfQuery } from '../api/api';
import { useSettings } from '../app/useSettings';
import { Formula } from '../chemistry/Formula';
import { byAnyName } from '../chemistry/byAnyName';
import { useNearNameGuard } from '../chemistry/useNearNameGuard';

interface SubstanceSelectProps {
  readonly value: string;
  readonly error: string | undefined;
  readonly onChange: (formula: string) => void;
}

/** Chooses a substance that is on the shelf, found by any of its names or its formula. */
export function SubstanceSelect({ value, error, onChange }: SubstanceSelectProps) {
  const { data: shelf, isError } = useShelfQuery();
  const { naming } = useSettings();
  const options = useMemo(
    () =>
      [...new Set((shelf ?? []).map(({ substance }) => substance))]
        .map((formula) => ({ value: formula, label: nameOnShelf(naming, formula) }))
        .sort((a, b) => a.label.localeCompare(b.label)),
    [shelf, naming],
  );
  const guard = useNearNameGuard(value, onChange);
  return (
    <div>
      <Select
        aria-label="Substance"
        placeholder="Name or formula…"
        searchable
        size="md"
        value={value === '' ? null : value}
        data={options}
        filter={byAnyName}
        error={
          error ?? (isError ? 'The shelf could not be read; is the server running?' : undefined)
        }
        nothingFoundMessage="Not on the shelf. Try another name or its formula."
        renderOption={({ option }) => (
          <span>
            <Formula text={option.value} />
            <Text component="span" size="sm" ml={8} opacity={0.85}>
              {option.label}
            </Text>
          </span>
        )}
        maxDropdownHeight={320}
        onChange={(formula) => formula && guard.choose(formula)}
      />
      {guard.note}
    </div>
  );
}
