import { UnstyledButton } from '@mantine/core';
import { actionWords } from '@stoichos/core/seeing/rack';
import type { ShiftStep } from '@stoichos/core/studies/shift';
import type { Action } from '@stoichos/core/vessel';
import classes from './Equilibrium.module.css';
import { formatNumber, formatSetTemperature } from '@stoichos/core/common';

interface StepStripProps {
  readonly steps: readonly ShiftStep[];
  readonly actions: readonly Action[];
  readonly shown: number;
  readonly onShow: (step: number) => void;
}

/** Every step by its colour; a tap shows how it stood then. */
export function StepStrip({ steps, actions, shown, onShow }: StepStripProps) {
  return (
    <div className={classes.steps} role="group" aria-label="Steps so far">
      {steps.map(({ told: { view } }, at) => {
        const action = actions[at - 1];
        const what = action ? actionWords(action) : 'start';
        return (
          <UnstyledButton
            key={at}
            className={classes.step}
            aria-pressed={at === shown}
            aria-label={`Step ${at}, ${what}: ${view.colour}`}
            title={what}
            onClick={() => onShow(at)}
          >
            <span
              className={classes.swatch}
              style={{ background: view.suspensionHex ?? view.liquidHex }}
            />
            {action ? inShort(action) : 'start'}
          </UnstyledButton>
        );
      })}
    </div>
  );
}

/** What was done, as short as it fits under a colour. */
function inShort(action: Action): string {
  switch (action.do) {
    case 'add':
      if ('massG' in action.portion) return `+ ${formatNumber(action.portion.massG)} g`;
      return 'volumeMl' in action.portion
        ? `+ ${formatNumber(action.portion.volumeMl)} mL`
        : '+ drops';
    case 'bubble':
      return `+ ${formatNumber(action.amountMmol)} mmol`;
    case 'discard':
      return `− ${Math.round(100 * action.fraction)} %`;
    case 'heat':
      return action.toC === undefined ? 'hot' : formatSetTemperature(action.toC);
    case 'cool':
      return formatSetTemperature(action.toC);
    case 'shakeWithAir':
      return 'shaken';
    default:
      return 'then';
  }
}
