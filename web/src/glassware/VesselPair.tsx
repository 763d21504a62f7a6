import type { ContainerKind, Observation, VesselView } from '@stoichos/core';
import { describeObservation } from '@stoichos/core';
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
        <Words
          list={outside ? ['not predicted'] : expectedWords.map(describeObservation)}
          empty=""
        />
      </figure>
      <figure className={classes.side}>
        <figcaption>Seen</figcaption>
        <Vessel container={container} view={seen} label="Seen" height={height ?? 180} />
        <Words list={seenWords.map(describeObservation)} empty="nothing recorded yet" />
      </figure>
    </div>
  );
}

function Words({ list, empty }: { list: readonly string[]; empty: string }) {
  if (list.length === 0) return <p className={classes.none}>{empty}</p>;
  return (
    <ul className={classes.words}>
      {list.map((words) => (
        <li key={words}>{words}</li>
      ))}
    </ul>
  );
}
