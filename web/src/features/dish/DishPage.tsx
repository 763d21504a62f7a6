import { Alert, Button, Text } from '@mantine/core';
import { NumberField } from '../../shared/parts/NumberField';
import { PrintButton } from '../../shared/parts/PrintButton';
import { TaskFailure } from '../../shared/parts/TaskFailure';
import { TaskProgress } from '../../shared/parts/TaskProgress';
import { StudyFrame } from '../../shared/study/StudyFrame';
import { ClassMarks } from './ClassMarks';
import classes from './Dish.module.css';
import { Answer } from './DishAnswer';
import { HeapSettings } from './HeapSettings';
import { useDish } from './useDish';
import type { DishStudy } from './useDish';
import { WhyNear } from './WhyNear';

/** The study of two salts that meet in a shallow dish. */
export function DishPage() {
  const study = useDish();
  const { value, ran, marks, mark } = study;
  return (
    <StudyFrame
      title="Two salts in a dish"
      tools={value && ran ? <PrintButton /> : undefined}
      settings={{ label: 'What is set', children: <DishSettings {...study} /> }}
      answer={{ label: 'The dish and what comes of it', children: <DishOutcome {...study} /> }}
      reasons={{
        label: 'Why, and what the class saw',
        children:
          value && ran ? (
            <>
              <WhyNear dish={ran.dish} nearness={value.nearness} />
              <ClassMarks marks={marks} line={value.run.line} onChange={mark} />
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

/** The dish as it runs, and what comes of it. */
function DishOutcome({ request, ran, value, share, failure, stopped, stop, marks }: DishStudy) {
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

/** The dish and its two heaps. */
function DishSettings({ request, change, run, problem, share }: DishStudy) {
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
        <Alert color="red" mt="md" title="Not run" role="alert">
          {problem.message} {problem.remedy}
        </Alert>
      )}
      <Button variant="filled" type="submit" mt="md" fullWidth disabled={share !== undefined}>
        Run the dish
      </Button>
    </form>
  );
}
