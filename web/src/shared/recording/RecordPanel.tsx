import { Button, Group } from '@mantine/core';
import { formatDegrees } from '@stoichos/core/common';
import type { Asked, Observation } from '@stoichos/core/seeing/observation';
import { useState } from 'react';
import { NumberField } from '../parts/NumberField';
import { useSettings } from '../../data/settings/useSettings';
import { Fold } from '../parts/Fold';
import { Chip, Question } from '../parts/ChipRow';
import { ColourChips } from './ColourChips';
import { questions } from './questions';
import type { Heading, KindAsked, PanelOfQuestions } from './questions';
import type { Recorder } from './useRecorder';

interface RecordPanelProps {
  readonly recorder: Recorder;
  /** Kinds of observation that are asked about here, so that their questions stand open. */
  readonly asked: readonly Observation['kind'][];
}

/** Everything that can be seen, one tap each. */
export function RecordPanel({ recorder, asked }: RecordPanelProps) {
  return questions.map((panel) => {
    const Inside = panel.pick === undefined ? AllQuestions : OneQuestion;
    const inside = <Inside panel={panel} recorder={recorder} asked={asked} />;
    const own = panel.headings.flatMap(({ of }) => of);
    return panel.fold === undefined ? (
      <div key={panel.id}>{inside}</div>
    ) : (
      <Fold
        key={panel.id}
        title={panel.fold}
        open={own.some(
          (one) => isAnswered(recorder, one) || (!one.asked.isAside && asked.includes(one.kind)),
        )}
      >
        {inside}
      </Fold>
    );
  });
}

interface PanelProps extends RecordPanelProps {
  readonly panel: PanelOfQuestions;
}

const AllQuestions = ({ panel, recorder }: PanelProps) =>
  panel.headings.map((heading) => (
    <Answers key={heading.title} heading={heading} recorder={recorder} />
  ));

/** Questions of which one is chosen first, as one chooses a test and then reads its outcome. */
function OneQuestion({ panel, recorder, asked }: PanelProps) {
  const { headings } = panel;
  const [title, setTitle] = useState<string | undefined>(
    headings.find(({ of }) => of.some(({ kind }) => asked.includes(kind)))?.title,
  );
  const chosen = headings.find((one) => one.title === title);
  return (
    <>
      <Question title={panel.pick ?? ''}>
        {headings.map((one) => (
          <Chip key={one.title} chosen={one === chosen} onTap={() => setTitle(one.title)}>
            {one.title}
            {one.of.some((question) => isAnswered(recorder, question)) ? ' ✓' : ''}
          </Chip>
        ))}
      </Question>
      {chosen && (
        <Answers heading={{ ...chosen, title: `${chosen.title}: outcome` }} recorder={recorder} />
      )}
    </>
  );
}

interface AnswersProps {
  readonly heading: Heading;
  readonly recorder: Recorder;
}

/** One heading with the answers of every kind under it. */
function Answers({ heading, recorder }: AnswersProps) {
  const open = heading.of.filter(
    ({ kind, asked }) => !asked.isFurther || recorder.of(kind) !== undefined,
  );
  if (open.length === 0) return null;
  return (
    <Question title={heading.title}>
      {open.map((one, at) => (
        <OfKind key={at} {...one} recorder={recorder} />
      ))}
    </Question>
  );
}

function OfKind({ kind, asked, recorder }: KindAsked & { readonly recorder: Recorder }) {
  const { record } = recorder;
  const standing = observationsOf(recorder, kind);
  const now = standing.at(-1);
  const { colour, degrees } = asked;
  return (
    <>
      {asked.choices?.(now).map((choice) => (
        <Chip
          key={choice.words}
          chosen={standing.some((one) => isSame(one, choice.record))}
          {...(choice.hotkey !== undefined && { hotkey: choice.hotkey })}
          onTap={() => record(choice.record)}
        >
          {choice.words}
        </Chip>
      ))}
      {colour && (
        <ColourChips
          value={now && colour.of(now)}
          without={colour.without}
          onPick={(picked) => record(colour.record(picked, now))}
        />
      )}
      {degrees && <Degrees degrees={degrees} now={now} record={record} />}
    </>
  );
}

interface DegreesProps {
  readonly degrees: NonNullable<Asked<Observation>['degrees']>;
  readonly now: Observation | undefined;
  readonly record: Recorder['record'];
}

/** A change read on a thermometer, in the school’s scale. */
function Degrees({ degrees, now, record }: DegreesProps) {
  const { temperature: scale } = useSettings();
  const [text, setText] = useState<string | number>('');
  const typed = typeof text === 'number' ? text : undefined;
  const perDegree = scale === '°C' ? 1 : 1.8;
  const recorded = now && degrees.of(now);
  return (
    <Group gap="xs" wrap="nowrap">
      <NumberField
        aria-label={`Change by thermometer, ${scale}`}
        placeholder={`change, ${scale}`}
        w={140}
        value={text}
        onChange={setText}
        hideControls
      />
      <Button
        variant={recorded === undefined ? 'default' : 'filled'}
        disabled={typed === undefined}
        onClick={() => {
          if (typed === undefined) return;
          record(degrees.record(typed / perDegree));
          setText('');
        }}
      >
        {recorded === undefined ? 'Record' : formatDegrees(recorded)}
      </Button>
    </Group>
  );
}

const observationsOf = (recorder: Recorder, kind: Observation['kind']): readonly Observation[] =>
  recorder.all(kind);

const isSame = (one: Observation, other: Observation): boolean =>
  JSON.stringify(one) === JSON.stringify(other);

/** Whether what stands answers a question. */
function isAnswered(recorder: Recorder, { kind, asked }: KindAsked): boolean {
  const standing = observationsOf(recorder, kind);
  return standing.some(
    (now) =>
      asked.colour?.of(now) !== undefined ||
      asked.degrees?.of(now) !== undefined ||
      (asked.choices?.(now) ?? []).some(({ record }) => isSame(record, now)),
  );
}
