import { Select, Stack, TextInput } from '@mantine/core';
import { findSubstance } from '@stoichos/core/matter/substances';
import { readRecipe } from '@stoichos/core/planning/prep';
import type { Recipe, StrengthUnit } from '@stoichos/core/planning/prep';
import { dropNames } from '@stoichos/core/vessel';
import { useState } from 'react';
import type { Failure } from '../../data/worker/chemistry';
import { Formula } from '../../shared/chemistry/Formula';
import { Amount } from '../../shared/study/Amount';
import type { RecipeState } from './recipeState';
import classes from './Recipes.module.css';

const unitWords: Readonly<Record<StrengthUnit, string>> = {
  M: 'mol/L',
  mM: 'mmol/L',
  '%wv': '% w/v',
  '%ww': '% w/w',
  'g/L': 'g/L',
  ppm: 'ppm (mg/L)',
  saturated: 'saturated',
};
const balances = [0.001, 0.01, 0.1];

interface RecipeFieldsProps {
  readonly state: RecipeState;
  readonly change: (part: Partial<RecipeState>) => void;
  readonly recipe: Recipe | undefined;
  readonly failure: Failure | undefined;
}

/** What to make, in one line or field by field. */
export function RecipeFields({ state, change, failure }: RecipeFieldsProps) {
  const [line, setLine] = useState('');
  const isDrops = dropNames.includes(state.substance.trim().toLowerCase());
  const errorOf = (field: string) =>
    failure?.field === field && state.substance.trim() !== '' ? failure.message : undefined;
  return (
    <Stack gap="sm">
      <TextInput
        label="In one line"
        description="Volume, strength and substance, in any order"
        placeholder="500 mL 1 M sodium sulfate"
        value={line}
        onChange={(event) => {
          const text = event.currentTarget.value;
          setLine(text);
          const read = readRecipe(text);
          if (read) change({ form: '', ...read });
        }}
      />
      <TextInput
        label="Substance"
        description="Any name or formula; crystals by their own name or formula"
        value={state.substance}
        onChange={(event) => change({ substance: event.currentTarget.value, form: '' })}
        error={errorOf('substance')}
      />
      <FormField state={state} change={change} />
      <div className={classes.pair}>
        {!isDrops && state.unit !== 'saturated' && (
          <Amount
            label="Strength"
            value={state.strength}
            onChange={(strength) => change({ strength })}
            error={errorOf('strength')}
          />
        )}
        {!isDrops && (
          <Select
            label="Unit"
            value={state.unit}
            data={Object.entries(unitWords).map(([value, label]) => ({ value, label }))}
            allowDeselect={false}
            onChange={(unit) => change({ unit: unit as StrengthUnit })}
          />
        )}
      </div>
      <Amount
        label="Volume"
        unit="mL"
        value={state.volumeMl}
        onChange={(volumeMl) => change({ volumeMl })}
        error={errorOf('volumeMl')}
      />
      <div className={classes.pair}>
        <Select
          label="Balance shows"
          value={String(state.balanceG)}
          data={balances.map((one) => ({ value: String(one), label: `${one} g` }))}
          allowDeselect={false}
          onChange={(value) => change({ balanceG: Number(value) })}
        />
        {!isDrops && (
          <Amount
            label="Purity"
            unit="%"
            value={state.purityPercent}
            onChange={(purityPercent) => change({ purityPercent })}
            error={errorOf('purityPercent')}
          />
        )}
      </div>
    </Stack>
  );
}

/** Which form is in the jar, where there are several and none was named. */
function FormField({ state, change }: Pick<RecipeFieldsProps, 'state' | 'change'>) {
  const forms = formsOf(state.substance);
  if (forms.length < 2) return null;
  return (
    <Select
      label="Form in the jar"
      description="The hydrate and the dry solid need different masses"
      placeholder="Read the jar"
      value={state.form === '' ? null : state.form}
      data={forms.map((one) => ({ value: one, label: one }))}
      renderOption={({ option }) => <Formula text={option.value} />}
      onChange={(form) => change({ form: form ?? '' })}
    />
  );
}

/** The forms a substance is kept in; one alone where crystals were named by their own name, none for what is not known. */
function formsOf(text: string): readonly string[] {
  try {
    const { substance, form } = findSubstance(text.trim());
    return form === undefined ? substance.forms.map(({ formula }) => formula) : [form];
  } catch {
    // What is not known is said under the recipe.
    return [];
  }
}
