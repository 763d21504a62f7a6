import { Button, SegmentedControl, Text } from '@mantine/core';
import { useForm } from '@mantine/form';
import { findSubstance } from '@stoichos/core/matter/substances';
import {
  clashes,
  classWords,
  hazardsOf,
  incompatibilitySource,
  keepApartFrom,
} from '@stoichos/core/safety';
import { portionWords } from '@stoichos/core/seeing/rack';
import { dropNames } from '@stoichos/core/vessel';
import type { Held } from '@stoichos/core/safety';
import type { AnyPortion } from '@stoichos/core/vessel';
import { IconAlertOctagon } from '@tabler/icons-react';
import { useState } from 'react';
import { NumberField } from '../parts/NumberField';
import { Formula } from '../chemistry/Formula';
import { PictogramRow } from '../chemistry/Pictogram';
import { FormSelect } from './FormSelect';
import { ShelfSearch } from './ShelfSearch';
import classes from './Reagents.module.css';
import { kindNames, kindsOf, portionOf, usualPortion } from './portionDraft';
import type { PortionDraft } from './portionDraft';
import { formatNumber } from '@stoichos/core/common';
import { Cited } from '../parts/Cited';

const nothing: PortionDraft = {
  name: '',
  kind: 'solution',
  concentrationM: undefined,
  volumeMl: undefined,
  massG: undefined,
  amountMmol: undefined,
  drops: undefined,
  form: undefined,
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

/** What goes in, as far as it is chosen, and how it is added. */
function usePortionDraft({
  onAdd,
  isWritten,
}: {
  readonly onAdd: (portion: AnyPortion) => void;
  readonly isWritten: boolean;
}) {
  const [written, setWritten] = useState<AnyPortion>();
  const form = useForm<PortionDraft>({
    initialValues: nothing,
    validate: (draft) => {
      const read = portionOf(draft);
      return 'problem' in read ? { name: read.problem } : {};
    },
  });
  const set = (change: Partial<PortionDraft>) => {
    form.setValues(change);
    form.clearErrors();
  };
  const add = form.onSubmit((draft) => {
    const read = portionOf(draft);
    if ('problem' in read) return;
    onAdd(read.portion);
    if (!isWritten) return;
    set(nothing);
    setWritten(read.portion);
  });
  return { draft: form.values, add, set, problem: form.errors['name'], written };
}

/** Measures a reagent out: found by name, with a usual amount, its hazards shown before it goes in. */
export function AddPanel({
  vessel,
  there,
  onAdd,
  isWritten = false,
}: {
  vessel: string;
  /** What the vessel holds already. */
  there: readonly Held[];
  onAdd: (portion: AnyPortion) => void;
  /** Written into a list out of sight: it says what was put in, and is empty for the next. */
  isWritten?: boolean;
}) {
  const { draft, add, set, problem, written } = usePortionDraft({ onAdd, isWritten });
  const kinds = draft.name === '' ? [] : kindsOf(draft.name);
  return (
    <form className={classes.add} noValidate onSubmit={add}>
      <ShelfSearch value={draft.name} onChange={(name) => set(usualPortion(name))} />
      {kinds.length > 1 && (
        <SegmentedControl
          size="sm"
          aria-label="How it goes in"
          fullWidth
          value={draft.kind}
          data={kinds.map((kind) => ({ value: kind, label: labelOf(kind, draft.name) }))}
          onChange={(kind) => set({ kind: kind })}
        />
      )}
      {draft.kind === 'solid' && (
        <FormSelect name={draft.name} form={draft.form} onChange={(form) => set({ form })} />
      )}
      {kinds.length > 0 && (
        <div className={classes.amounts}>
          {fields[draft.kind].map(([field, label]) => (
            <NumberField
              key={field}
              label={label}
              value={draft[field] ?? ''}
              onChange={(value) => set({ [field]: value === '' ? undefined : value })}
            />
          ))}
        </div>
      )}
      <Hazards draft={draft} there={there} />
      {problem && (
        <Text role="alert" c="red" size="sm">
          {problem}
        </Text>
      )}
      {written && draft.name === '' && (
        <Text size="sm" role="status">
          In the list: <Formula text={portionWords(written)} wrap />. What else goes in?
        </Text>
      )}
      <Button variant="filled" type="submit" disabled={draft.name === ''} fullWidth>
        Add to {vessel}
      </Button>
    </form>
  );
}

/** A concentrated reagent says how strong it is as it is sold. */
function labelOf(kind: PortionDraft['kind'], name: string): string {
  const stock = kind === 'liquid' ? findSubstance(name).substance.stock : undefined;
  return stock ? `As sold, ${formatNumber(stock.concentrationM)} M` : kindNames[kind];
}

/** What the reagent can do to people, and what it would do with what is there, before it goes in. */
function Hazards({ draft, there }: { draft: PortionDraft; there: readonly Held[] }) {
  const { name, kind, concentrationM } = draft;
  if (name === '' || dropNames.includes(name)) return null;
  const meets = clashes(there, {
    substance: name,
    ...(kind === 'solution' && concentrationM !== undefined && { concentrationM }),
  });
  const sheet = name === 'water' ? undefined : hazardsOf(name);
  const apart = name === 'water' ? [] : keepApartFrom(name);
  if (!sheet && meets.length === 0) return null;
  return (
    <div className={classes.hazard} data-testid="hazard">
      {meets.map(({ other, gives, never }) => (
        <Text key={gives} size="sm" fw={600} role="status">
          {never && <IconAlertOctagon size={20} className={classes.never} aria-hidden />}
          {never ? 'Never with' : 'Mind, with'} <Formula text={other} />: {gives}.
        </Text>
      ))}
      {sheet && (
        <>
          <Text component="div" size="sm" fw={600}>
            <Formula text={sheet.formula} />
            {sheet.signal && ` – ${sheet.signal}`} <PictogramRow pictograms={sheet.pictograms} />
          </Text>
          <Text size="sm">
            {sheet.statements.length === 0
              ? 'Not classified as hazardous.'
              : `${sheet.statements.map(({ text }) => text).join('. ')}.`}
          </Text>
          <small className="quiet source">
            <Cited source={sheet.source} />
          </small>
          {apart.length > 0 && (
            <Text size="sm">
              Keep apart from {[...new Set(apart.map((one) => classWords(one.with)))].join(', ')}.
            </Text>
          )}
        </>
      )}
      {(apart.length > 0 || meets.length > 0) && (
        <small className="quiet source">
          <Cited source={incompatibilitySource} />
        </small>
      )}
    </div>
  );
}
