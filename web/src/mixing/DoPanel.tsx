import { Button, NumberInput } from '@mantine/core';
import type { Action, Rack, RackEvent } from '@stoichos/core';
import { useState } from 'react';
import classes from './MixPage.module.css';
import { testLabels } from './eventWords';

interface DoProps {
  readonly vessel: string;
  readonly attempt: (event: RackEvent) => boolean;
}

/** Chips that each do one thing to the chosen vessel. */
function Chips({
  vessel,
  attempt,
  actions,
}: DoProps & { actions: readonly (readonly [label: string, action: Action])[] }) {
  return (
    <div className={classes.chips}>
      {actions.map(([label, action]) => (
        <button
          key={label}
          type="button"
          className="tappable"
          onClick={() => attempt({ vessel, action })}
        >
          {label}
        </button>
      ))}
    </div>
  );
}

const handling: readonly (readonly [string, Action])[] = [
  ['Heat gently', { do: 'heat', minutes: 5 }],
  ['Heat strongly', { do: 'heat', strongly: true }],
  ['Let it cool', { do: 'cool', toC: 25 }],
  ['Filter, keep the liquid', { do: 'filter', keep: 'filtrate' }],
  ['Filter, keep the solid', { do: 'filter', keep: 'residue' }],
  ['Decant, keep what is below', { do: 'decant', keep: 'lower' }],
  ['Pour half away', { do: 'discard', fraction: 0.5 }],
  ['Evaporate', { do: 'evaporate' }],
  ['10 min in light', { do: 'light', minutes: 10 }],
];

/** What is done to the chosen vessel besides filling and testing it, and pouring it into another. */
export function DoPanel({ rack, vessel, attempt }: DoProps & { rack: Rack }) {
  const [toC, setToC] = useState<number | ''>(60);
  const others = rack.vessels.filter(({ name }) => name !== vessel);
  return (
    <>
      <Chips vessel={vessel} attempt={attempt} actions={handling} />
      <form
        className={classes.toC}
        onSubmit={(event) => {
          event.preventDefault();
          if (toC === '') return;
          attempt({ vessel, action: toC > 25 ? { do: 'heat', toC } : { do: 'cool', toC } });
        }}
      >
        <NumberInput
          aria-label="Temperature to bring it to, °C"
          size="md"
          min={-20}
          max={1500}
          suffix=" °C"
          value={toC}
          onChange={(value) => setToC(value === '' ? '' : Number(value))}
        />
        <Button type="submit" variant="default" size="md" disabled={toC === ''}>
          Bring to it
        </Button>
      </form>
      {others.length > 0 && (
        <div className={classes.chips} role="group" aria-label={`Pour ${vessel} into`}>
          {others.map(({ name }) => (
            <button
              key={name}
              type="button"
              className="tappable"
              onClick={() => attempt({ pour: vessel, into: name })}
            >
              Pour into {name}
            </button>
          ))}
        </div>
      )}
    </>
  );
}

const tests = Object.entries(testLabels).map(([test, label]): readonly [string, Action] => [
  label,
  { do: 'test', test },
]);

/** The tests, one tap each; the vessel stays as it is. */
export function TestPanel(props: DoProps) {
  return <Chips {...props} actions={tests} />;
}
