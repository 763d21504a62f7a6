import { proseTold } from '@stoichos/core/common';
import { Text } from '@mantine/core';
import type { Arc } from '@stoichos/core/studies/cycle';
import { useSettings } from '../../data/settings/useSettings';
import { Formula } from '../../shared/chemistry/Formula';
import classes from './Cycle.module.css';

export function ArcCard({ arc, number }: { arc: Arc; number: number }) {
  const { reactionTypes } = useSettings();
  const named = reactionTypes === 'five' ? arc.types.five : arc.types.drivingForce;
  const other = arc.types.drivingForce;
  return (
    <section className={classes.arc} aria-label={`Arrow ${number}`}>
      <div className={classes.arcHead}>
        <Text fw={600}>
          {number} <Formula text={`${arc.from} → ${arc.to}`} />
        </Text>
        <span className="quiet">{(named.length > 0 ? named : other).join(', ')}</span>
      </div>
      <Text>
        <Formula text={arc.equation} wrap />
      </Text>
      <Text size="sm">
        <span className="quiet">Condition:</span> <Formula text={proseTold(arc.how)} wrap />
      </Text>
      <Text size="sm">
        <span className="quiet">Evidence:</span>{' '}
        {arc.evidence.length > 0 ? arc.evidence.join('; ') : 'nothing is seen: test what is left'}
      </Text>
      {arc.warnings.map((text) => (
        <Text key={text} size="sm" fw={600}>
          <Formula text={text} wrap />
        </Text>
      ))}
    </section>
  );
}
