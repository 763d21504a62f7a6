import type { ComboboxItem, ComboboxItemGroup, OptionsFilter } from '@mantine/core';
import { searchNames, shelfSubstances } from '@stoichos/core/matter/substances';
import { hazardRank } from '@stoichos/core/safety';

/** Everything one can call what is on the shelf, by the value of its option, in small letters, with and without the oxidation number. */
const callings: ReadonlyMap<string, readonly string[]> = new Map(
  shelfSubstances().map((substance) => {
    const names = searchNames(substance).map((name) => name.toLowerCase());
    const short = names.map((name) => name.replace(/\s?\([ivx]+\)/g, ''));
    return [substance.formula, [...new Set([...names, ...short])]];
  }),
);

/** What can kill is not offered first to somebody who has typed a part of a name only. */
const lethal: ReadonlySet<string> = new Set(
  shelfSubstances()
    .map(({ formula }) => formula)
    .filter((formula) => hazardRank(formula) >= 5),
);

/** What is called exactly so comes first, then what begins with the typed letters, formula before name, and what can kill last. */
export const byAnyName: OptionsFilter = ({ options, search }) => {
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
  const ranked = (items: readonly ComboboxItem[]): ComboboxItem[] =>
    items
      .map((option) => ({ option, place: rank(option) }))
      .filter(({ place }) => place < 4)
      .sort(
        (a, b) =>
          (a.place > 0 ? Number(lethal.has(a.option.value)) : 0) -
            (b.place > 0 ? Number(lethal.has(b.option.value)) : 0) || a.place - b.place,
      )
      .map(({ option }) => option);
  const groups = options.filter((one): one is ComboboxItemGroup<ComboboxItem> => 'group' in one);
  return groups.length > 0
    ? groups.map(({ group, items }) => ({ group, items: ranked(items) }))
    : ranked(options as ComboboxItem[]);
};
