import { Badge, Group, Text } from '@mantine/core';
import { putIn } from '@stoichos/core/planning/procedure';
import { hazardsOf } from '@stoichos/core/safety';
import { describeObservation, isUnchanged, meaningOf } from '@stoichos/core/seeing/observation';
import { eventWords } from '@stoichos/core/seeing/rack';
import type { Procedure, ProcedureStep, RunStep } from '@stoichos/core/planning/procedure';
import type { Pictogram } from '@stoichos/core/safety';
import type { Observation } from '@stoichos/core/seeing/observation';
import type { ContainerKind } from '@stoichos/core/vessel';
import { IconAlertTriangle, IconClock, IconHandStop } from '@tabler/icons-react';
import { Formula } from '../../shared/chemistry/Formula';
import { MindLines } from '../../shared/chemistry/MindLines';
import { PictogramRow } from '../../shared/chemistry/Pictogram';
import { NotPredicted } from '../../shared/chemistry/NotPredicted';
import { Vessel } from '../../shared/glassware/Vessel';
import classes from './StepCard.module.css';
import { formatNumber } from '@stoichos/core/common';

interface StepCardProps {
  readonly step: ProcedureStep;
  readonly number: number;
  readonly run: RunStep | undefined;
  /** What the engine and the tables say to mind. */
  readonly mind: readonly string[];
  readonly vessels: Procedure['vessels'];
  /** Names of the steps it needs first. */
  readonly nameOf: (stepId: string) => string;
}

/** One step: what to do, what must be ready, the caution beside it, what should be seen and what to write down. */
export function StepCard({ step, number, run, mind, vessels, nameOf }: StepCardProps) {
  return (
    <li className={`${classes.step} keep-together`} data-testid="step">
      <span className={classes.number} aria-hidden>
        {number}
      </span>
      <div className={classes.body}>
        {(step.ready.length > 0 || step.needs.length > 0) && <ReadyBefore {...{ step, nameOf }} />}
        <Text>
          <Formula text={step.text} wrap />
        </Text>
        <StepFacts step={step} />
        {step.caution && (
          <p className={classes.caution}>
            <IconAlertTriangle size={20} aria-hidden />
            <span>{step.caution}</span>
          </p>
        )}
        <MindLines lines={mind} />
        {step.measures.length > 0 && (
          <Text size="sm" mt={4}>
            Measure: {step.measures.map(({ name }) => name).join(' · ')}
          </Text>
        )}
        {step.record.length > 0 && (
          <Text size="sm" mt={4}>
            Write down: {step.record.join(' · ')}
          </Text>
        )}
      </div>
      <Expected run={run} vessels={vessels} />
    </li>
  );
}

/** The pictograms of what is put in, each once. */
function pictogramsOf(step: ProcedureStep): Pictogram[] {
  return [...new Set(putIn(step).flatMap((bottle) => hazardsOf(bottle).pictograms))];
}

function ReadyBefore({ step, nameOf }: { step: ProcedureStep; nameOf: (id: string) => string }) {
  return (
    <p className={classes.ready}>
      <IconHandStop size={18} aria-hidden />
      <span>
        Ready before:{' '}
        {[
          ...step.ready,
          ...step.needs.map(({ step: id, because }) => `${nameOf(id)} (${because})`),
        ].join('; ')}
      </span>
    </p>
  );
}

function StepFacts({ step }: { step: ProcedureStep }) {
  const kit = Object.entries(step.uses).map(([name, count]) =>
    count === 1 ? name : `${String(count)} × ${name}`,
  );
  return (
    <Group gap={6} mt={4}>
      <Badge
        variant="default"
        size="lg"
        tt="none"
        leftSection={<IconClock size={14} aria-hidden />}
      >
        {formatNumber(step.minutes)} min{step.attended ? '' : ', by itself'}
      </Badge>
      <PictogramRow pictograms={pictogramsOf(step)} />
      {kit.map((name) => (
        <Badge key={name} variant="default" size="lg" tt="none">
          {name}
        </Badge>
      ))}
      {step.events.map((event, at) => {
        const range = step.ranges.find((one) => one.event === at);
        return (
          <Text key={`${String(at)} ${eventWords(event)}`} size="sm" className="quiet">
            <Formula text={eventWords(event)} wrap />
            {range && ` (${formatNumber(range.low)}–${formatNumber(range.high)})`}
          </Text>
        );
      })}
    </Group>
  );
}

/** What the engine expects after a step: the vessel drawn, and what is seen in words. */
export function Expected({
  run,
  vessels,
}: {
  run: RunStep | undefined;
  vessels: Procedure['vessels'];
}) {
  if (!run) return <div className={classes.expected} />;
  const last = run.did.at(-1);
  const container: ContainerKind =
    vessels.find(({ name }) => name === last?.vessel)?.container ?? 'testTube';
  const words = expectedWords(run);
  return (
    <div className={classes.expected}>
      {last && (
        <Vessel
          container={container}
          view={last.told.view}
          label={`Expected in ${last.vessel}`}
          height={96}
        />
      )}
      <div>
        {words.map((line) => (
          <Text key={line} size="sm">
            <Formula text={line} wrap />
          </Text>
        ))}
        {run.notPredicted.length > 0 && <NotPredicted reasons={run.notPredicted} />}
      </div>
    </div>
  );
}

/** What a step should show. That a liquid looks as it did is said only where there is nothing else to say. */
export function expectedWords({ did }: RunStep): string[] {
  const several = new Set(did.map(({ vessel }) => vessel)).size > 1;
  const words = (isWanted: (seen: Observation) => boolean): string[] => [
    ...new Set(
      did.flatMap(({ vessel, told }) =>
        told.observations
          .filter(isWanted)
          .map((seen) => `${several ? `${vessel}: ` : ''}${describeObservation(seen)}`),
      ),
    ),
  ];
  const changes = words((seen) => !isUnchanged(seen));
  if (changes.length > 0) return changes;
  const still = words((seen) => meaningOf(seen).closes === 'all');
  if (still.length > 0) return still.slice(-1);
  // Of one vessel its last look; of several the colour of each.
  return several ? words(({ kind }) => kind === 'colour') : words(() => true).slice(-2);
}
