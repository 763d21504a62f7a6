import { Card } from '../../shared/parts/Card';
import { Group, Text } from '@mantine/core';
import { putIn } from '@stoichos/core/planning/procedure';
import { NotPredicted } from '../../shared/chemistry/NotPredicted';
import { StationPair } from '../../shared/glassware/StationPair';
import { Chip } from '../../shared/parts/ChipRow';
import { Mark } from '../../shared/parts/Mark';
import classes from '../../shared/recording/Bench.module.css';
import { Causes } from '../../shared/recording/Causes';
import { Meanwhile } from './Meanwhile';
import { StepCard } from './StepCard';
import { StepCautions } from './StepCautions';
import type { StationProps } from './stationProps';
import type { StationState } from './useStation';

/** The step at hand, and what it should show beside what has been seen of it. */
export function StationView({ here, ...props }: StationProps & { readonly here: StationState }) {
  const { day, step, progress, go } = props;
  const { stations, vessel, setVessel, own, ofStep } = here;
  return (
    <Card className={classes.view ?? ''} label="Expected and seen">
      <StepCard {...props} recorder={ofStep} own={own} />
      {stations.length > 1 && (
        <div className={classes.chips} role="group" aria-label="Vessel">
          {stations.map((one) => (
            <Chip
              key={one.vessel}
              chosen={one.vessel === vessel}
              onTap={() => setVessel(one.vessel)}
            >
              {one.vessel}
            </Chip>
          ))}
        </div>
      )}
      <ExpectedBesideSeen here={here} />
      {step.caution && <StepCautions bottles={putIn(step)} />}
      {step.record.length > 0 && (
        <Text size="sm" className="quiet" mt="xs">
          Write down: {step.record.join('; ')}
        </Text>
      )}
      <Meanwhile day={day} progress={progress} here={own} go={go} />
    </Card>
  );
}

function ExpectedBesideSeen({
  here: { station, judgement },
}: {
  readonly here: Pick<StationState, 'station' | 'judgement'>;
}) {
  if (!station || !judgement) return null;
  const { comparison, seen, blank } = judgement;
  return (
    <div className={classes.pair}>
      <StationPair judgement={judgement} height={190} />
      {blank.length > 0 && (
        <Text size="sm" ta="center" mt={4}>
          Blank recorded beside it.
        </Text>
      )}
      <Group justify="center" mt="sm" aria-live="polite">
        {comparison ? (
          seen.length > 0 && <Mark of={comparison.agreement} large />
        ) : (
          <Mark of="notPredicted" large />
        )}
      </Group>
      {station.notPredicted.length > 0 && <NotPredicted reasons={station.notPredicted} />}
      <Causes judgement={judgement} />
    </div>
  );
}
