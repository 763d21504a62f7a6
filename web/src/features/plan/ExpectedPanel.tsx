import { List, Text } from '@mantine/core';
import type { ContainerKind } from '@stoichos/core/vessel';
import { describeObservation } from '@stoichos/core/seeing/observation';
import { IconArrowRight } from '@tabler/icons-react';
import { Vessel } from '../../shared/glassware/Vessel';
import { Mind } from '../../shared/chemistry/Mind';
import { NotPredicted } from '../../shared/chemistry/NotPredicted';
import { ObservationLine } from '../../shared/chemistry/ObservationLine';
import classes from './ExpectedPanel.module.css';
import type { DraftOutcome } from './useDraftOutcome';

/** The vessel before and after, and the expected observations in words. */
export function ExpectedPanel({
  outcome,
  container,
}: {
  outcome: DraftOutcome;
  container: ContainerKind;
}) {
  const { prediction, mixing } = outcome;
  if (!prediction || !mixing)
    return (
      <Text className="quiet">
        Choose two solutions; what they should show appears here as you choose.
      </Text>
    );
  const { before, after, observations, notPredicted, warnings } = prediction;
  const outside = notPredicted.length > 0;
  return (
    <>
      <div className={classes.sequence}>
        <figure>
          <Vessel container={container} view={before[0]} label="Solution A" height={190} />
          <figcaption>A before: {before[0].colour}</figcaption>
        </figure>
        <IconArrowRight size={28} className="quiet" aria-label="then" />
        <figure>
          <Vessel
            container={container}
            view={outside ? undefined : after}
            label="After B is poured in"
            height={190}
          />
          <figcaption>{outside ? 'not predicted' : `with B (${before[1].colour})`}</figcaption>
        </figure>
      </div>
      {outside ? (
        <NotPredicted reasons={notPredicted} />
      ) : (
        <List size="md" spacing={4} mt="md" data-testid="expected">
          {observations.map((one) => (
            <List.Item key={describeObservation(one)}>
              <ObservationLine seen={[one]} />
            </List.Item>
          ))}
        </List>
      )}
      <Mind warnings={warnings} />
    </>
  );
}
