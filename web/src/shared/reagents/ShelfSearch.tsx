import { Select, Text } from '@mantine/core';
import { nameOnShelf, shelfSubstances } from '@stoichos/core/matter/substances';
import { dropNames } from '@stoichos/core/vessel';
import { useMemo } from 'react';
import { useSettings } from '../../data/settings/useSettings';
import { Formula } from '../chemistry/Formula';
import { HazardMark } from '../chemistry/HazardMark';
import { byAnyName } from '../chemistry/byAnyName';
import { useNearNameGuard } from '../chemistry/useNearNameGuard';

interface ShelfSearchProps {
  readonly value: string;
  readonly onChange: (name: string) => void;
  readonly label?: string;
  /** Leaves water and what goes in by drops out. */
  readonly onlySubstances?: boolean;
}

/** Finds anything on the shelf by any of its names or its formula: substances, water, indicators. */
export function ShelfSearch({
  label = 'What goes in',
  value,
  onChange,
  onlySubstances = false,
}: ShelfSearchProps) {
  const { naming } = useSettings();
  const options = useMemo(
    () => [
      ...(onlySubstances
        ? []
        : [
            { value: 'water', label: 'distilled water' },
            ...dropNames.map((name) => ({ value: name, label: name })),
          ]),
      ...shelfSubstances().map(({ formula }) => ({
        value: formula,
        label: nameOnShelf(naming, formula),
      })),
    ],
    [naming, onlySubstances],
  );
  const guard = useNearNameGuard(value, onChange);
  return (
    <div>
      <Select
        label={label}
        placeholder="Name or formula…"
        searchable
        selectFirstOptionOnChange
        value={value === '' ? null : value}
        data={options}
        filter={byAnyName}
        limit={40}
        nothingFoundMessage="Not known. Try another name or its formula."
        renderOption={({ option }) => (
          <span>
            {dropNames.includes(option.value) || option.value === 'water' ? (
              option.value
            ) : (
              <Formula text={option.value} />
            )}
            <Text component="span" size="sm" ml={8} opacity={0.85}>
              {dropNames.includes(option.value) ? 'by drops' : option.label}
            </Text>
            <HazardMark of={option.value} />
          </span>
        )}
        maxDropdownHeight={300}
        onChange={(name) => name && guard.choose(name)}
      />
      {guard.note}
    </div>
  );
}
