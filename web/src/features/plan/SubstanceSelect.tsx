import { Select, Text } from '@mantine/core';
import { nameOnShelf, solubleSubstances } from '@stoichos/core/matter/substances';
import { useMemo } from 'react';
import { useShelfQuery } from '../../data/api/api';
import { useSettings } from '../../data/settings/useSettings';
import { Formula } from '../../shared/chemistry/Formula';
import { HazardMark } from '../../shared/chemistry/HazardMark';
import { byAnyName } from '../../shared/chemistry/byAnyName';
import { useNearNameGuard } from '../../shared/chemistry/useNearNameGuard';

interface SubstanceSelectProps {
  readonly value: string;
  readonly error: string | undefined;
  readonly onChange: (formula: string) => void;
}

/** Chooses a substance, found by any of its names or its formula: what is on the shelf first, then what solutions can be made of and would have to be ordered. */
export function SubstanceSelect({ value, error, onChange }: SubstanceSelectProps) {
  const { data: shelf, isError } = useShelfQuery();
  const { naming } = useSettings();
  const options = useMemo(() => {
    const there = new Set((shelf ?? []).map(({ substance }) => substance));
    const others = solubleSubstances().filter(({ formula }) => !there.has(formula));
    const named = (formulas: readonly string[]) =>
      formulas
        .map((formula) => ({ value: formula, label: nameOnShelf(naming, formula) }))
        .sort((a, b) => a.label.localeCompare(b.label));
    return [
      { group: 'On the shelf', items: named([...there]) },
      { group: 'Not on the shelf', items: named(others.map(({ formula }) => formula)) },
    ];
  }, [shelf, naming]);
  const guard = useNearNameGuard(value, onChange);
  return (
    <div>
      <Select
        aria-label="Substance"
        placeholder="Name or formula…"
        searchable
        value={value === '' ? null : value}
        data={options}
        filter={byAnyName}
        error={
          error ?? (isError ? 'The shelf could not be read; is the server running?' : undefined)
        }
        nothingFoundMessage="Not known. Try another name or its formula."
        renderOption={({ option }) => (
          <span>
            <Formula text={option.value} />
            <Text component="span" size="sm" ml={8} opacity={0.85}>
              {option.label}
            </Text>
            <HazardMark of={option.value} />
          </span>
        )}
        maxDropdownHeight={320}
        onChange={(formula) => formula && guard.choose(formula)}
      />
      {guard.note}
    </div>
  );
}
