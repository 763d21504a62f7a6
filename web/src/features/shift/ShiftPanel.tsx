import { Button, Text, Title } from '@mantine/core';
import { actionOf, meansWords, shiftCautions, unitOf } from '@stoichos/core/studies/shift';
import type { Means } from '@stoichos/core/studies/shift';
import type { Action } from '@stoichos/core/vessel';
import { useState } from 'react';
import { NumberField } from '../../shared/parts/NumberField';
import { useSettings } from '../../data/settings/useSettings';
import { Formula } from '../../shared/chemistry/Formula';
import classes from './Equilibrium.module.css';

interface ShiftPanelProps {
  readonly means: readonly Means[];
  readonly temperatureC: number;
  readonly volumeMl: number;
  readonly onDo: (action: Action) => boolean;
}

/** One tap for the amounts one really takes. */
const tapsFor = (
  dropsPerMl: number,
): Readonly<Record<'mL' | 'g' | 'mmol', readonly (readonly [number, string])[]>> => ({
  mL: [
    [1 / dropsPerMl, '1 drop'],
    [5 / dropsPerMl, '5 drops'],
    [1, '1 mL'],
    [5, '5 mL'],
    [20, '20 mL'],
  ],
  g: [
    [0.05, 'spatula tip, 0.05 g'],
    [0.2, '0.2 g'],
    [1, '1 g'],
  ],
  mmol: [
    [0.05, '0.05 mmol, about 1 mL'],
    [0.2, '0.2 mmol'],
    [1, '1 mmol, about 24 mL'],
  ],
});
const temperatures = [
  [5, 'Ice bath, 5 °C'],
  [25, '25 °C'],
  [60, '60 °C'],
  [85, '85 °C'],
] as const;

/** What to mind with a reagent, where one opens its bottle. */
const cautionOf = (one: Means): readonly string[] =>
  shiftCautions({ contents: [] }, [], [one]).lines;

/** What one does to the mixture: add by drops, millilitres or solid, heat or cool, pour some away. */
export function ShiftPanel({ means, temperatureC, volumeMl, onDo }: ShiftPanelProps) {
  const { dropsPerMl } = useSettings();
  const taps = tapsFor(dropsPerMl);
  const [chosen, setChosen] = useState(0);
  const [amount, setAmount] = useState<number | string>('');
  const [problem, setProblem] = useState<string>();
  const one = means[chosen] ?? means[0];
  const isEmpty = volumeMl <= 0;
  const act = (action: Action) => {
    setProblem(undefined);
    onDo(action);
  };
  const addOwn = () => {
    const value = Number(amount);
    const unit = one && unitOf(one);
    if (!one || amount === '' || !Number.isFinite(value) || (unit !== '°C' && value <= 0)) {
      setProblem(
        `An amount is above 0; “${String(amount)}” is not. Enter how much goes in, such as 2.`,
      );
      return;
    }
    act(actionOf(one, value, temperatureC));
  };
  if (isEmpty)
    return (
      <Text className="quiet">
        The vessel is empty. Put the mixture in under “Start”, then shift it here.
      </Text>
    );
  return (
    <>
      <Title order={2} size="h5" mb="xs">
        What with
      </Title>
      <div className={classes.chips} role="group" aria-label="What with">
        {means.map((it, at) => (
          <button
            key={meansWords(it)}
            type="button"
            className="tappable"
            aria-pressed={it === one}
            onClick={() => setChosen(at)}
          >
            <Formula text={meansWords(it)} />
          </button>
        ))}
      </div>
      {one && (
        <>
          {cautionOf(one).map((line) => (
            <Text key={line} size="sm" mt="xs" fw={600} role="note">
              <Formula text={line} wrap />
            </Text>
          ))}
          <Title order={2} size="h5" mt="md" mb="xs">
            How much
          </Title>
          <div className={classes.chips} role="group" aria-label="How much">
            {(unitOf(one) === '°C' ? temperatures : taps[unitOf(one) as keyof typeof taps]).map(
              ([value, label]) => (
                <button
                  key={label}
                  type="button"
                  className="tappable"
                  onClick={() => act(actionOf(one, value, temperatureC))}
                >
                  {unitOf(one) === '°C' ? label : `+ ${label}`}
                </button>
              ),
            )}
          </div>
          <form
            style={{ display: 'flex', gap: '0.5rem', alignItems: 'flex-end', marginTop: '0.6rem' }}
            onSubmit={(event) => {
              event.preventDefault();
              addOwn();
            }}
          >
            <NumberField
              label={unitOf(one) === '°C' ? 'To, °C' : `Another amount, ${unitOf(one)}`}
              style={{ flex: 1 }}
              value={amount}
              error={problem}
              onChange={setAmount}
            />
            <Button type="submit" variant="default">
              {unitOf(one) === '°C' ? 'Go' : 'Add'}
            </Button>
          </form>
        </>
      )}
      <Title order={2} size="h5" mt="md" mb="xs">
        Take away
      </Title>
      <div className={classes.chips}>
        {[
          [0.25, 'a quarter'],
          [0.5, 'half'],
          [0.75, 'three quarters'],
        ].map(([fraction, label]) => (
          <button
            key={label}
            type="button"
            className="tappable"
            onClick={() => act({ do: 'discard', fraction: Number(fraction) })}
          >
            Pour {label} away
          </button>
        ))}
        <button type="button" className="tappable" onClick={() => act({ do: 'shakeWithAir' })}>
          Shake with air
        </button>
      </div>
    </>
  );
}
