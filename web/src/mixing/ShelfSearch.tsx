import { Select, Text } from '@mantine/core';
import type { ComboboxItem, OptionsFilter } from '@mantine/core';
import { allNames, dropNames, nameIn, shelfSubstances } from '@stoichos/core';
import { useMemo } from 'react';
import { useSettings } from '../app/useSettings';
import { Formula } from '../chemistry/Formula';

interface ShelfSearchProps {
  readonly value: string;
  readonly onChange: (name: string) => void;
}

/** Finds anything on the shelf by any of its names or its formula: substances, water, indicators. */
export function ShelfSearch({ value, onChange }: ShelfSearchProps) {
  const { naming } = useSettings();
  const options = useMemo(
    () => [
      { value: 'water', label: 'distilled water' },
      ...dropNames.map((name) => ({ value: name, label: 'by drops' })),
      ...shelfSubstances().map(({ formula }) => ({
        value: formula,
        label: nameIn(naming, formula),
      })),
    ],
    [naming],
  );
  return (
    <Select
      label="What goes in"
      placeholder="Name or formula…"
      searchable
      selectFirstOptionOnChange
      size="md"
      value={value === '' ? null : value}
      data={options}
      filter={byAnyName}
      limit={40}
      nothingFoundMessage="Not on the shelf. Try another name or its formula."
      renderOption={({ option }) => (
        <span>
          {dropNames.includes(option.value) || option.value === 'water' ? (
            option.value
          ) : (
            <Formula text={option.value} />
          )}
          <Text component="span" size="sm" ml={8} opacity={0.85}>
            {option.label}
          </Text>
        </span>
      )}
      maxDropdownHeight={300}
      onChange={(name) => name && onChange(name)}
    />
  );
}

/** Everything one can call what is on the shelf, by the value of its option, in small letters, with and without the oxidation number. */
const callings: ReadonlyMap<string, readonly string[]> = new Map(
  shelfSubstances().map((substance) => {
    const names = allNames(substance).map((name) => name.toLowerCase());
    const short = names.map((name) => name.replace(/\s?\([ivx]+\)/g, ''));
    return [substance.formula, [...new Set([...names, ...short])]];
  }),
);

/** What is called exactly so comes first, then what begins with the typed letters, formula before name. */
const byAnyName: OptionsFilter = ({ options, search }) => {
  const wanted = search.trim().toLowerCase();
  if (wanted === '') return options;
  const rank = ({ value, label }: ComboboxItem): number => {
    const formula = value.toLowerCase();
    const names = [label.toLowerCase(), ...(callings.get(value) ?? [])];
    if (formula === wanted || names.includes(wanted)) return 0;
    if (formula.startsWith(wanted)) return 1;
    if (names.some((name) => name.startsWith(wanted))) return 2;
    return formula.includes(wanted) || names.some((name) => name.includes(wanted)) ? 3 : 4;
  };
  return (options as ComboboxItem[])
    .map((option) => ({ option, place: rank(option) }))
    .filter(({ place }) => place < 4)
    .sort((a, b) => a.place - b.place)
    .map(({ option }) => option);
};
