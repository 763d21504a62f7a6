import { formatNumber, formatTemperature, withPlaces } from '@stoichos/core/common';
import { Text } from '@mantine/core';
import { Segments } from '../../shared/parts/Segments';
import { containers } from '@stoichos/core/vessel';
import type { ShiftStep } from '@stoichos/core/studies/shift';
import type { ContainerKind } from '@stoichos/core/vessel';
import { useState } from 'react';
import { Vessel } from '../../shared/glassware/Vessel';
import type { Card } from '../../shared/glassware/Vessel';
import classes from './Equilibrium.module.css';

/** The beaker as large as it goes, its colour as a swatch, and how full it is against its brim. */
export function BeakerView({ container, step }: { container: ContainerKind; step: ShiftStep }) {
  const [card, setCard] = useState<Card>('white');
  const { view, state } = step.told;
  const { name, brimMl } = containers[container];
  const share = Math.round(100 * step.ofBrim);
  return (
    <div className={classes.beaker}>
      <Vessel container={container} view={view} label={name} height={230} card={card} trueLevel />
      <div>
        <span
          className={classes.large}
          style={{ background: view.suspensionHex ?? view.liquidHex }}
          aria-hidden
        />
        <Text size="xl" fw={600} mt={6} data-testid="colour">
          {view.clarity === 'clear' ? view.colour : `${view.clarity}, ${view.solid?.colour ?? ''}`}
        </Text>
        <Text size="sm" className="quiet" data-testid="volume">
          {withPlaces(state.volumeMl, 1)} of {formatNumber(brimMl)} mL to the brim (
          {formatNumber(share)} %)
          {step.ofBrim > 1 && ': it has run over'} · {formatTemperature(state.temperatureC)}
          {state.pH !== undefined && ` · pH ${withPlaces(state.pH, 1)}`}
        </Text>
      </div>
      <Segments
        className={`no-print ${classes.card}`}
        fullWidth
        label="Held against"
        value={card}
        onChange={setCard}
        of={{ white: 'White', grey: 'Grey', black: 'Black' }}
      />
    </div>
  );
}
