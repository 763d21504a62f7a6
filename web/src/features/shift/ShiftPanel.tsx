import study from '../../shared/study/Study.module.css';
import { Button, Text, Title, UnstyledButton } from '@mantine/core';
import { useForm } from '@mantine/form';
import { actionOf, stressWords, shiftCautions, unitOf } from '@stoichos/core/studies/shift';
import type { Stress, StressUnit } from '@stoichos/core/studies/shift';
import type { Action } from '@stoichos/core/vessel';
import { useState } from 'react';
import { useSettings } from '../../data/settings/useSettings';
import { Formula } from '../../shared/chemistry/Formula';
import { formatSetTemperature, formatQuantity } from '@stoichos/core/common';
import { Amount } from '../../shared/study/Amount';

interface ShiftPanelProps {
  readonly stresses: readonly Stress[];
  readonly temperatureC: number;
  readonly volumeMl: number;
  readonly onDo: (action: Action) => boolean;
}

/** Temperatures of the usual baths, °C. */
const temperatures = [5, 25, 60, 85];

/** Amounts one really takes, a tap each. */
function tapsFor(unit: StressUnit, dropsPerMl: number): readonly (readonly [number, string])[] {
  switch (unit) {
    case 'mL':
      return [
        [1 / dropsPerMl, '+ 1 drop'],
        [5 / dropsPerMl, '+ 5 drops'],
        ...[1, 5, 20].map((ml) => [ml, `+ ${ml} mL`] as const),
      ];
    case 'g':
      return [
        [0.05, `+ spatula tip, ${formatQuantity(0.05, 'g')}`],
        ...[0.2, 1].map((grams) => [grams, `+ ${formatQuantity(grams, 'g')}`] as const),
      ];
    case 'mmol':
      return [
        [0.05, `+ ${formatQuantity(0.05, 'mmol')}, about 1 mL`],
        [0.2, `+ ${formatQuantity(0.2, 'mmol')}`],
        [1, '+ 1 mmol, about 24 mL'],
      ];
    case '°C':
      return temperatures.map((toC) => [
        toC,
        `${toC === 5 ? 'Ice bath, ' : ''}${formatSetTemperature(toC)}`,
      ]);
  }
}

/** Cautions with a reagent, where one opens its bottle. */
const cautionOf = (one: Stress): readonly string[] =>
  shiftCautions({ contents: [] }, [], [one]).lines;

/** What one does to the mixture: add by drops, millilitres or solid, heat or cool, pour some away. */
export function ShiftPanel({ stresses, temperatureC, volumeMl, onDo }: ShiftPanelProps) {
  const [chosen, setChosen] = useState(0);
  const one = stresses[chosen] ?? stresses[0];
  const isEmpty = volumeMl <= 0;
  if (isEmpty)
    return (
      <Text className="quiet">
        The vessel is empty. Put the mixture in under “Start”, then shift it here.
      </Text>
    );
  return (
    <>
      <Title size="h5" mb="xs">
        What with
      </Title>
      <div className={study.chips} role="group" aria-label="What with">
        {stresses.map((it, at) => (
          <UnstyledButton
            key={stressWords(it)}
            className="tappable"
            aria-pressed={it === one}
            onClick={() => setChosen(at)}
          >
            <Formula text={stressWords(it)} />
          </UnstyledButton>
        ))}
      </div>
      {one && <HowMuch one={one} act={onDo} temperatureC={temperatureC} />}
      <Title size="h5" mt="md" mb="xs">
        Take away
      </Title>
      <div className={study.chips}>
        {[
          [0.25, 'a quarter'],
          [0.5, 'half'],
          [0.75, 'three quarters'],
        ].map(([fraction, label]) => (
          <UnstyledButton
            key={label}
            className="tappable"
            onClick={() => onDo({ do: 'discard', fraction: Number(fraction) })}
          >
            Pour {label} away
          </UnstyledButton>
        ))}
        <UnstyledButton className="tappable" onClick={() => onDo({ do: 'shakeWithAir' })}>
          Shake with air
        </UnstyledButton>
      </div>
    </>
  );
}

interface HowMuchProps {
  readonly one: Stress;
  readonly act: (action: Action) => void;
  readonly temperatureC: number;
}

/** How much of the chosen stress goes in. */
function HowMuch({ one, act, temperatureC }: HowMuchProps) {
  const { dropsPerMl } = useSettings();
  const form = useForm<{ amount: number | '' }>({
    initialValues: { amount: '' },
    validate: {
      amount: (amount) =>
        amount === '' || (unitOf(one) !== '°C' && amount <= 0)
          ? `An amount is above 0; “${String(amount)}” is not. Enter how much goes in, such as 2.`
          : null,
    },
  });
  const addOwn = form.onSubmit(({ amount }) => act(actionOf(one, Number(amount), temperatureC)));
  return (
    <>
      {cautionOf(one).map((line) => (
        <Text key={line} size="sm" mt="xs" fw={600} role="note">
          <Formula text={line} wrap />
        </Text>
      ))}
      <Title size="h5" mt="md" mb="xs">
        How much
      </Title>
      <div className={study.chips} role="group" aria-label="How much">
        {tapsFor(unitOf(one), dropsPerMl).map(([value, label]) => (
          <UnstyledButton
            key={label}
            className="tappable"
            onClick={() => act(actionOf(one, value, temperatureC))}
          >
            {label}
          </UnstyledButton>
        ))}
      </div>
      <form
        style={{ display: 'flex', gap: '0.5rem', alignItems: 'flex-end', marginTop: '0.6rem' }}
        noValidate
        onSubmit={addOwn}
      >
        <Amount
          label={unitOf(one) === '°C' ? 'To' : 'Another amount'}
          unit={unitOf(one)}
          flex={1}
          {...form.getInputProps('amount')}
          value={form.values.amount}
        />
        <Button type="submit">{unitOf(one) === '°C' ? 'Go' : 'Add'}</Button>
      </form>
    </>
  );
}
