import type { VesselView } from '@stoichos/core/seeing/appearance';
import type { Observation } from '@stoichos/core/seeing/observation';
import type { ContainerKind } from '@stoichos/core/vessel';
import { describeObservation } from '@stoichos/core/seeing/observation';
import { ObservationLine } from '../chemistry/ObservationLine';
import classes from './VesselPair.module.css';
import { Vessel } from './Vessel';

interface VesselPairProps {
  readonly container: ContainerKind;
  readonly expected: VesselView | undefined;
  readonly expectedWords: readonly Observation[];
  /** Said in place of a prediction where there is none. */
  readonly notPredicted?: readonly string[];
  readonly seen: VesselView | undefined;
  readonly seenWords: readonly Observation[];
  readonly height?: number;
}

/** Expected beside seen: what chemistry says on the left, what has been recorded on the right. */
export function VesselPair(props: VesselPairProps) {
  const { container, expected, expectedWords, notPredicted = [], seen, seenWords, height } = props;
  const outside = notPredicted.length > 0;
  return (
    <div className={classes.pair}>
      <figure className={classes.side}>
        <figcaption>Expected</figcaption>
        <Vessel
          container={container}
          view={outside ? undefined : expected}
          label="Expected"
          height={height ?? 180}
        />
        {outside ? (
          <p className={classes.none}>not predicted</p>
        ) : (
          <Words list={expectedWords} empty="" />
        )}
      </figure>
      <figure className={classes.side}>
        <figcaption>Seen</figcaption>
        <Vessel container={container} view={seen} label="Seen" height={height ?? 180} />
        <Words list={seenWords} empty="nothing recorded yet" />
      </figure>
    </div>
  );
}

function Words({ list, empty }: { list: readonly Observation[]; empty: string }) {
  if (list.length === 0) return <p className={classes.none}>{empty}</p>;
  return (
    <ul className={classes.words}>
      {list.map((one) => (
        <li key={describeObservation(one)}>
          <ObservationLine seen={[one]} />
        </li>
      ))}
    </ul>
  );
}
