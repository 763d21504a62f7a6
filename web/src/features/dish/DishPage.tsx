import { Alert, Button, Text } from '@mantine/core';
import { ChemistryError } from '@stoichos/core/common';
import { dishOf, dishSchema } from '@stoichos/core/studies/dish';
import type { Dish, DishMark, DishRequest } from '@stoichos/core/studies/dish';
import { useState } from 'react';
import { NumberField } from '../../shared/parts/NumberField';
import { PrintButton } from '../../shared/parts/PrintButton';
import { StudyFrame } from '../../shared/study/StudyFrame';
import { useKept } from '../../data/kept/useKept';
import { TaskFailure } from '../../shared/parts/TaskFailure';
import type { Failure } from '../../data/worker/chemistry';
import { TaskProgress } from '../../shared/parts/TaskProgress';
import { useTask } from '../../data/worker/useTask';
import { ClassMarks } from './ClassMarks';
import classes from './Dish.module.css';
import { dishStateSchema, firstDish } from './dishState';
import { HeapSettings } from './HeapSettings';
import { WhyNear } from './WhyNear';
import { Answer } from './DishAnswer';
import type { TaskState } from '../../data/worker/useTask';
import type { DishState } from './dishState';
import type { Dispatch, SetStateAction } from 'react';
import { useInAddress } from '../../shared/study/useInAddress';

/** The study of two salts that meet in a shallow dish. */
export function DishPage() {
  const [state, setState] = useKept('stoichos.dish', dishStateSchema, firstDish);
  useInAddress({
    name: 'dish',
    schema: dishStateSchema,
    initial: firstDish,
    value: state,
    onRead: setState,
    without: ['marks'],
  });
  const { dish: request, marks } = state;
  const { value, failure, share, start, cancel } = useTask('dish');
  // What was run, for the settings may be changed before it is run again.
  const [ran, setRan] = useState<{ request: DishRequest; dish: Dish }>();
  const [stopped, setStopped] = useState(false);
  return (
    <StudyFrame
      title="Two salts in a dish"
      tools={value && ran ? <PrintButton /> : undefined}
      settings={{
        label: 'What is set',
        children: (
          <DishSettings
            setState={setState}
            request={request}
            setStopped={setStopped}
            setRan={setRan}
            start={start}
            share={share}
          />
        ),
      }}
      answer={{
        label: 'The dish and what comes of it',
        children: (
          <DishOutcome
            request={request}
            setStopped={setStopped}
            cancel={cancel}
            ran={ran}
            value={value}
            share={share}
            failure={failure}
            stopped={stopped}
            marks={marks}
          />
        ),
      }}
      reasons={{
        label: 'Why, and what the class saw',
        children:
          value && ran ? (
            <>
              <WhyNear dish={ran.dish} nearness={value.nearness} />
              <ClassMarks
                marks={marks}
                line={value.run.line}
                onChange={(next: DishMark[]) => setState((before) => ({ ...before, marks: next }))}
              />
            </>
          ) : (
            <Text className="quiet">
              Why the line stands nearer to one side, what the class saw, and what that says about
              the mixing appear here.
            </Text>
          ),
      }}
    />
  );
}

interface DishOutcomeProps {
  readonly request: DishRequest;
  readonly setStopped: (next: boolean) => void;
  readonly cancel: () => void;
  readonly ran: { request: DishRequest; dish: Dish } | undefined;
  readonly value: TaskState<'dish'>['value'];
  readonly share: number | undefined;
  readonly failure: Failure | undefined;
  readonly stopped: boolean;
  readonly marks: DishMark[];
}

/** The dish as it runs, and what comes of it. */
function DishOutcome({
  request,
  setStopped,
  cancel,
  ran,
  value,
  share,
  failure,
  stopped,
  marks,
}: DishOutcomeProps) {
  const stop = () => {
    cancel();
    setStopped(true);
  };
  const isStale = ran !== undefined && ran.request !== request;
  return (
    <>
      <TaskProgress what="Letting the salts spread" share={share} cancel={stop} />
      <TaskFailure failure={failure} />
      {stopped && share === undefined && (
        <Text role="status">
          Stopped; nothing was kept of it. Run the dish again when you like.
        </Text>
      )}
      {value && ran ? (
        <>
          {isStale && (
            <Text role="status" className="quiet" size="sm">
              The settings have changed since; this is the dish as it was run.
            </Text>
          )}
          <Answer
            key={value.run.pureS}
            dish={ran.dish}
            request={ran.request}
            run={value.run}
            marks={marks}
          />
        </>
      ) : (
        share === undefined &&
        !stopped &&
        !failure && (
          <Text className="quiet">
            Choose two salts and where they lie, then run the dish: where and when the first line
            comes, how it grows, and what it takes to clear up.
          </Text>
        )
      )}
    </>
  );
}

interface DishSettingsProps {
  readonly setState: Dispatch<SetStateAction<DishState>>;
  readonly request: DishRequest;
  readonly setStopped: (next: boolean) => void;
  readonly setRan: (next: { request: DishRequest; dish: Dish } | undefined) => void;
  readonly start: TaskState<'dish'>['start'];
  readonly share: number | undefined;
}

/** The dish and its two heaps. */
function DishSettings({ setState, request, setStopped, setRan, start, share }: DishSettingsProps) {
  const [problem, setProblem] = useState<Failure>();
  const change = (part: Partial<DishRequest>) => {
    setState((before) => ({ ...before, dish: { ...before.dish, ...part } }));
    setProblem(undefined);
  };
  const run = () => {
    const ready = readyDish(request);
    setStopped(false);
    if ('problem' in ready) {
      setProblem(ready.problem);
      return;
    }
    setProblem(undefined);
    setRan({ request, dish: ready.dish });
    void start(request);
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        run();
      }}
    >
      <div className={classes.pair}>
        <NumberField
          label="Dish, mm wide"
          value={request.diameterMm}
          onChange={(width) => change({ diameterMm: Number(width) })}
        />
        <NumberField
          label="Water, mm deep"
          value={request.depthMm}
          onChange={(depth) => change({ depthMm: Number(depth) })}
        />
      </div>
      {(['First salt', 'Second salt'] as const).map((name, at) => (
        <HeapSettings
          key={name}
          name={name}
          heap={request.heaps[at as 0 | 1]}
          onChange={(heap) =>
            change({
              heaps: at === 0 ? [heap, request.heaps[1]] : [request.heaps[0], heap],
            })
          }
        />
      ))}
      {problem && (
        <Alert variant="outline" color="red" mt="md" title="Not run" role="alert">
          {problem.message} {problem.remedy}
        </Alert>
      )}
      <Button type="submit" mt="md" fullWidth disabled={share !== undefined}>
        Run the dish
      </Button>
    </form>
  );
}

/** A dish that can be run, or in words why not. */
function readyDish(request: DishRequest): { dish: Dish } | { problem: Failure } {
  const read = dishSchema.safeParse(request);
  if (!read.success) {
    const [issue] = read.error.issues;
    return {
      problem: {
        message: `${issue?.message ?? 'This cannot be run'}.`,
        remedy: 'Enter another number.',
      },
    };
  }
  try {
    return { dish: dishOf(read.data) };
  } catch (error) {
    if (!(error instanceof ChemistryError)) throw error;
    return { problem: { message: error.message, remedy: error.remedy } };
  }
}
