import study from '../study/Study.module.css';
import { Button, Text, UnstyledButton } from '@mantine/core';
import { useForm } from '@mantine/form';
import { testLabels } from '@stoichos/core/seeing/rack';
import type { RackEvent } from '@stoichos/core/seeing/rack';
import type { Action } from '@stoichos/core/vessel';
import { useState } from 'react';
import { CurrentForm } from './CurrentForm';
import { VesselChoice } from './VesselChoice';
import classes from './Reagents.module.css';
import { Amount } from '../study/Amount';

interface DoProps {
  readonly vessel: string;
  readonly attempt: (event: RackEvent) => void;
}

interface RackProps {
  /** All the vessels there are, as they stand in their row. */
  readonly vessels: readonly string[];
}

/** Chips that each do one thing to the chosen vessel. */
function Chips({ vessel, attempt, actions }: DoProps & { actions: readonly Chip[] }) {
  return (
    <div className={study.chips}>
      {actions.map(([label, action]) => (
        <UnstyledButton
          key={label}
          className="tappable"
          onClick={() => attempt({ vessel, action })}
        >
          {label}
        </UnstyledButton>
      ))}
    </div>
  );
}

type Chip = readonly [label: string, action: Action];

/** What is done without an amount, by what it is for. */
const handling: readonly (readonly [title: string, chips: readonly Chip[]])[] = [
  [
    'Heat and light',
    [
      ['Heat gently', { do: 'heat', minutes: 5 }],
      ['Heat strongly', { do: 'heat', strongly: true }],
      ['Hold a flame to it', { do: 'ignite' }],
      ['Let it cool', { do: 'cool', toC: 25 }],
      ['10 min in light', { do: 'light', minutes: 10 }],
    ],
  ],
  [
    'Air and time',
    [
      ['Let stand 5 min', { do: 'wait', minutes: 5 }],
      ['Swirl gently', { do: 'shakeWithAir', gently: true }],
      ['Shake with air', { do: 'shakeWithAir' }],
      ['Close', { do: 'close' }],
      ['Open', { do: 'open' }],
    ],
  ],
  [
    'Take apart',
    [
      ['Filter, keep the liquid', { do: 'filter', keep: 'filtrate' }],
      ['Filter, keep the solid', { do: 'filter', keep: 'residue' }],
      ['Magnet, keep what it draws', { do: 'drawOut', keep: 'drawn' }],
      ['Magnet, keep the rest', { do: 'drawOut', keep: 'rest' }],
      ['Decant, keep what is below', { do: 'decant', keep: 'lower' }],
      ['Decant, keep what is above', { do: 'decant', keep: 'upper' }],
      ['Pour half away', { do: 'discard', fraction: 0.5 }],
      ['Evaporate', { do: 'evaporate' }],
    ],
  ],
];

interface AmountRow {
  readonly label: string;
  readonly button: string;
  readonly unit: string;
  readonly usual: number;
  readonly action: (amount: number) => Action;
}

/** What takes a number. */
const measured: readonly AmountRow[] = [
  {
    label: 'Temperature',
    button: 'Bring to it',
    unit: '°C',
    usual: 60,
    action: (toC) => (toC > 25 ? { do: 'heat', toC } : { do: 'cool', toC }),
  },
  {
    label: 'Filled up to',
    button: 'Fill up to it',
    unit: 'mL',
    usual: 20,
    action: (toVolumeMl) => ({ do: 'dilute', toVolumeMl }),
  },
  {
    label: 'Boiled down to',
    button: 'Boil down to it',
    unit: 'mL',
    usual: 5,
    action: (toVolumeMl) => ({ do: 'evaporate', toVolumeMl }),
  },
  {
    label: 'Standing for',
    button: 'Let it stand',
    unit: 'min',
    usual: 1,
    action: (minutes) => ({ do: 'wait', minutes }),
  },
];

/** What is done to the chosen vessel besides filling and testing it: pouring on, heating, taking apart, a current. */
export function DoPanel({ vessels, vessel, attempt }: DoProps & RackProps) {
  return (
    <>
      {vessels.length > 1 && (
        <PourPanel key={vessel} vessel={vessel} vessels={vessels} attempt={attempt} />
      )}
      {handling.map(([title, actions]) => (
        <Section key={title} title={title}>
          <Chips vessel={vessel} attempt={attempt} actions={actions} />
        </Section>
      ))}
      <Section title="By a number">
        {measured.map((row) => (
          <Measured key={row.button} {...row} vessel={vessel} attempt={attempt} />
        ))}
      </Section>
      <Section title="A current through it">
        <CurrentForm vessel={vessel} attempt={attempt} />
      </Section>
    </>
  );
}

function Section({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <section aria-label={title} className={classes.section}>
      <Text size="sm" className="quiet" mb={4}>
        {title}
      </Text>
      {children}
    </section>
  );
}

/** Moves what the vessel holds, or a part of it, into one of the others. */
function PourPanel({ vessel, vessels, attempt }: DoProps & RackProps) {
  const at = vessels.indexOf(vessel);
  const others = vessels.filter((name) => name !== vessel);
  // Along a row one pours on into the next.
  const [chosen, setChosen] = useState(vessels[(at + 1) % vessels.length] ?? '');
  const into = others.includes(chosen) ? chosen : (others[0] ?? '');
  return (
    <Section title={`From ${vessel} into another`}>
      {others.length > 1 && (
        <VesselChoice label="Into" names={others} value={into} onChange={setChosen} />
      )}
      <div className={study.chips}>
        {moves.map(([label, event]) => (
          <UnstyledButton
            key={label}
            className="tappable"
            onClick={() => attempt(event(vessel, into))}
          >
            {label.replace('…', into)}
          </UnstyledButton>
        ))}
      </div>
    </Section>
  );
}

/** Ways of getting something from one vessel into another. */
const moves: readonly (readonly [
  label: string,
  event: (from: string, into: string) => RackEvent,
])[] = [
  ['Pour into …', (pour, into) => ({ pour, into })],
  ['Into … from a height', (pour, into) => ({ pour, into, fromHeight: true })],
  ['Into … through a filter', (pour, into) => ({ pour, into, filtered: true })],
  ['What a magnet draws, into …', (drawOutOf, into) => ({ drawOutOf, into })],
  ['Lead its gas into …', (leadGasOf, into) => ({ leadGasOf, into })],
];

/** One action that takes a number. */
function Measured({ label, button, unit, usual, action, vessel, attempt }: AmountRow & DoProps) {
  const form = useForm<{ amount: number | '' }>({ initialValues: { amount: usual } });
  const { amount } = form.values;
  const submit = form.onSubmit(() => attempt({ vessel, action: action(Number(amount)) }));
  return (
    <form className={classes.measured} noValidate onSubmit={submit}>
      <Amount label={label} unit={unit} {...form.getInputProps('amount')} value={amount} />
      <Button type="submit" disabled={amount === ''}>
        {button}
      </Button>
    </form>
  );
}

const tests = Object.entries(testLabels).map(([test, label]): Chip => [
  label,
  { do: 'test', test },
]);

/** The tests, one tap each; the vessel stays as it is. */
export function TestPanel(props: DoProps) {
  return <Chips {...props} actions={tests} />;
}
