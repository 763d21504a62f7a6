import { Alert, Box, Text } from '@mantine/core';
import { nameOnShelf } from '@stoichos/core/matter/substances';
import { dishProcedure, mixingFactor, sideOf, usualMixing } from '@stoichos/core/studies/dish';
import type {
  Dish,
  DishMark,
  DishRequest,
  DishRun,
  FirstLine,
  Growth,
  DishSalt,
} from '@stoichos/core/studies/dish';
import { useReducedMotion } from '@mantine/hooks';
import { useCallback, useMemo, useState } from 'react';
import { Formula } from '../../shared/chemistry/Formula';
import { useSettings } from '../../data/settings/useSettings';
import { AttachToDay } from '../../shared/study/AttachToDay';
import { ClearUp } from './ClearUp';
import classes from './Dish.module.css';
import { DishKey, DishPicture } from './DishPicture';
import { GrowthChart } from './GrowthChart';
import { Player } from './Player';
import { atMostFigures, withPlaces } from '@stoichos/core/common';
import { Cited } from '../../shared/parts/Cited';

interface AnswerProps {
  readonly dish: Dish;
  readonly request: DishRequest;
  readonly run: DishRun;
  readonly marks: readonly DishMark[];
}

/** The dish as it went: animated, with the place and the time of the line. */
export function Answer({ dish, request, run, marks }: AnswerProps) {
  const still = useReducedMotion(false, { getInitialValueInEffect: false });
  const { naming } = useSettings();
  const [at, setAt] = useState(still ? run.frames.length - 1 : 0);
  const { line, growth, frames, endM } = run;
  const calibrated = line !== undefined && marks.length > 0;
  const meanMinutes = marks.reduce((sum, { minutes }) => sum + minutes, 0) / marks.length;
  const factor = calibrated ? mixingFactor(line.pureS, meanMinutes) : usualMixing.factor;
  const minutesOf = (pureS: number): number => pureS / factor / 60;
  const seek = useCallback((frame: number | ((before: number) => number)) => setAt(frame), []);
  const frame = frames[Math.min(at, frames.length - 1)];
  const timeOf = (index: number): string =>
    `${short(minutesOf(frames[index]?.pureS ?? 0))} min (${short((frames[index]?.pureS ?? 0) / 3600)} h by diffusion alone)`;
  const [first, second] = dish.salts;
  const procedure = useMemo(
    () =>
      dishProcedure(request, {
        id: `dish-${first.formula}-${second.formula}`,
        name: `${nameOnShelf(naming, first.formula)} and ${nameOnShelf(naming, second.formula)} in a dish`,
        ...(line && { line: { atFraction: line.atFraction, minutes: line.pureS / factor / 60 } }),
      }),
    [request, first.formula, second.formula, line, factor, naming],
  );
  return (
    <>
      {frame && (
        <DishPicture
          dish={dish}
          frame={frame}
          label={`The dish after ${timeOf(Math.min(at, frames.length - 1))}: ${first.formula} at one side, ${second.formula} at the other${growth.length > 0 && line && frame.pureS >= line.pureS ? `, a ${dish.solid.colour} line between them` : ', no line yet'}`}
          lineAtMm={line && frame.pureS >= line.pureS ? line.atMm : undefined}
        />
      )}
      <Player
        frames={frames.length}
        at={Math.min(at, frames.length - 1)}
        onSeek={seek}
        timeOf={timeOf}
      />
      <Text size="sm" data-testid="time">
        {timeOf(Math.min(at, frames.length - 1))}
      </Text>
      <DishKey dish={dish} />
      {line ? (
        <LineAnswer
          line={line}
          calibrated={calibrated}
          factor={factor}
          growth={growth}
          minutesOf={minutesOf}
          dish={dish}
          first={first}
          endM={endM}
        />
      ) : (
        <Alert mt="md" title="No line" role="note">
          No visible line of <Formula text={dish.solid.formula} /> comes while the salts spread
          through the dish: too little of one of them. Take larger heaps, or less water.
        </Alert>
      )}
      <Box mt="md">
        <AttachToDay procedure={procedure} />
      </Box>
      <ClearUp request={request} dish={dish} />
    </>
  );
}

interface LineAnswerProps {
  readonly line: FirstLine;
  readonly calibrated: boolean;
  readonly factor: number;
  readonly growth: readonly Growth[];
  readonly minutesOf: (pureS: number) => number;
  readonly dish: Dish;
  readonly first: DishSalt;
  readonly endM: readonly [first: number, second: number];
}

/** Where the line stands, when it shows, and how it grows. */
function LineAnswer({
  line,
  calibrated,
  factor,
  growth,
  minutesOf,
  dish,
  first,
  endM,
}: LineAnswerProps) {
  const grown = growth.at(-1);
  return (
    <>
      <div className={classes.answer} data-testid="line">
        <div>
          <span className="quiet">First line</span>
          <strong>{Math.round(100 * line.atFraction)} % of the gap</strong>
          <Formula text={`from ${first.formula}, ${sideOf(dish, line.atFraction)}`} wrap />
        </div>
        <div>
          <span className="quiet">
            {calibrated ? 'Time, by the class' : 'Time, not calibrated'}
          </span>
          <strong>{short(minutesOf(line.pureS))} min</strong>
          {calibrated
            ? `mixing factor ${short(factor)}`
            : `${short(minutesOf(line.pureS) / usualMixing.timesOrOver)} to ${short(minutesOf(line.pureS) * usualMixing.timesOrOver)} min until one dish is timed`}
        </div>
        <div>
          <span className="quiet">By diffusion alone</span>
          <strong>{days(line.pureS)}</strong>
          if the water stood perfectly still
        </div>
      </div>
      <Text size="sm" mb="xs">
        It grows on: at the end of the picture it is {withPlaces(grown?.lengthMm ?? 0, 0)} mm long,
        and its middle stands at {Math.round(100 * (grown?.atFraction ?? 0))} % of the gap.
      </Text>
      <Text size="sm" mb="xs">
        Pure diffusion takes that long because the time goes with the square of the distance. Real
        dishes are quicker: dissolving crystals make the water heavy and drive gentle currents. They
        move everything alike, so one factor sets the time and the place stays.
      </Text>
      {!calibrated && (
        <small className="quiet source">
          <Cited source={usualMixing.source} />
        </small>
      )}
      <Text size="sm" mt="xs" data-testid="residual">
        <Formula
          text={`At the end of the picture still dissolved, on average: ${endM
            .map((one, which) => `${mmol(one)} mmol/L ${dish.salts[which as 0 | 1].gives}`)
            .join(', ')}.`}
          wrap
        />
      </Text>
      <GrowthChart growth={growth} factor={factor} />
    </>
  );
}

const short = (value: number): string =>
  value >= 100 ? Math.round(value).toString() : atMostFigures(value, 2);

const mmol = (molPerL: number): string => atMostFigures(1000 * molPerL, 2);

const days = (seconds: number): string =>
  seconds > 172_800 ? `${short(seconds / 86_400)} days` : `${short(seconds / 3600)} hours`;
