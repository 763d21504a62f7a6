import { Button, NumberInput, SegmentedControl, Text } from '@mantine/core';
import { findSubstance, hazardsOf, dropNames } from '@stoichos/core';
import type { AnyPortion } from '@stoichos/core';
import { useState } from 'react';
import { Formula } from '../chemistry/Formula';
import { PictogramRow } from '../chemistry/Pictogram';
import { ShelfSearch } from './ShelfSearch';
import classes from './MixPage.module.css';
import { kindNames, kindsOf, portionOf, usualPortion } from './portionDraft';
import type { PortionDraft } from './portionDraft';

const nothing: PortionDraft = {
  name: '',
  kind: 'solution',
  concentrationM: undefined,
  volumeMl: undefined,
  massG: undefined,
  amountMmol: undefined,
  drops: undefined,
};

type AmountField = 'concentrationM' | 'volumeMl' | 'massG' | 'amountMmol' | 'drops';

/** What is asked for each way of putting something in. */
const fields: Readonly<
  Record<PortionDraft['kind'], readonly (readonly [field: AmountField, label: string])[]>
> = {
  solution: [
    ['concentrationM', 'Strength, mol/L'],
    ['volumeMl', 'Volume, mL'],
  ],
  liquid: [['volumeMl', 'Volume, mL']],
  solid: [['massG', 'Mass, g']],
  gas: [['amountMmol', 'Gas, mmol']],
  drops: [['drops', 'Drops']],
};

/** Measures a reagent out: found by name, with a usual amount, its hazards shown before it goes in. */
export function AddPanel({
  vessel,
  onAdd,
}: {
  vessel: string;
  onAdd: (portion: AnyPortion) => boolean;
}) {
  const [draft, setDraft] = useState(nothing);
  const [problem, setProblem] = useState<string>();
  const set = (change: Partial<PortionDraft>) => {
    setDraft({ ...draft, ...change });
    setProblem(undefined);
  };
  const add = () => {
    const read = portionOf(draft);
    if ('problem' in read) setProblem(read.problem);
    else if (onAdd(read.portion)) setProblem(undefined);
  };
  const kinds = draft.name === '' ? [] : kindsOf(draft.name);
  return (
    <form
      className={classes.add}
      onSubmit={(event) => {
        event.preventDefault();
        add();
      }}
    >
      <ShelfSearch
        value={draft.name}
        onChange={(name) => {
          setDraft(usualPortion(name));
          setProblem(undefined);
        }}
      />
      {kinds.length > 1 && (
        <SegmentedControl
          aria-label="How it goes in"
          fullWidth
          value={draft.kind}
          data={kinds.map((kind) => ({ value: kind, label: labelOf(kind, draft.name) }))}
          onChange={(kind) => set({ kind: kind as PortionDraft['kind'] })}
        />
      )}
      {kinds.length > 0 && (
        <div className={classes.amounts}>
          {fields[draft.kind].map(([field, label]) => (
            <NumberInput
              key={field}
              label={label}
              size="md"
              value={draft[field] ?? ''}
              onChange={(value) => set({ [field]: value === '' ? undefined : Number(value) })}
            />
          ))}
        </div>
      )}
      <Hazards name={draft.name} />
      {problem && (
        <Text role="alert" c="red" size="sm">
          {problem}
        </Text>
      )}
      <Button type="submit" size="md" disabled={draft.name === ''} fullWidth>
        Add to {vessel}
      </Button>
    </form>
  );
}

/** A concentrated reagent says how strong it is as it is sold. */
function labelOf(kind: PortionDraft['kind'], name: string): string {
  const stock = kind === 'liquid' ? findSubstance(name).substance.stock : undefined;
  return stock ? `As sold, ${stock.concentrationM} M` : kindNames[kind];
}

/** What the reagent can do to people, before it goes in. */
function Hazards({ name }: { name: string }) {
  if (name === '' || name === 'water' || dropNames.includes(name)) return null;
  const { formula, signal, pictograms, statements } = hazardsOf(name);
  return (
    <div className={classes.hazard} data-testid="hazard">
      <Text component="div" size="sm" fw={600}>
        <Formula text={formula} />
        {signal && ` – ${signal}`} <PictogramRow pictograms={pictograms} />
      </Text>
      <Text size="sm">
        {statements.length === 0
          ? 'Not classified as hazardous.'
          : `${statements.map(({ text }) => text).join('. ')}.`}
      </Text>
    </div>
  );
}
