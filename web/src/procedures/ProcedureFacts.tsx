import { ActionIcon, Button, Group, Select, TagsInput, Textarea, TextInput } from '@mantine/core';
import { containerKinds, containers, kindNames, vesselsOf } from '@stoichos/core';
import type { ContainerKind, Procedure, ProcedureKind } from '@stoichos/core';
import { IconPlus, IconX } from '@tabler/icons-react';
import { useState } from 'react';
import { AnalysisFields } from './AnalysisFields';
import classes from './EditorPage.module.css';

interface FactsProps {
  readonly procedure: Procedure;
  readonly onChange: (part: Partial<Procedure>, label: string) => void;
}

/** Name, kind, purpose, vessels, apparatus, questions and disposal. */
export function ProcedureFacts({ procedure, onChange }: FactsProps) {
  const [isOpen, setOpen] = useState(procedure.name === '' || procedure.purpose === '');
  return (
    <section className={`card ${classes.facts}`} aria-label="The procedure">
      <div className={classes.two}>
        <TextInput
          label="Name"
          size="md"
          value={procedure.name}
          onChange={(event) => onChange({ name: event.currentTarget.value }, 'name')}
        />
        <Button variant="default" size="md" onClick={() => setOpen(!isOpen)} aria-expanded={isOpen}>
          {isOpen ? 'Hide' : 'Show'} purpose, vessels, apparatus, questions
        </Button>
      </div>
      {isOpen && (
        <>
          <Select
            label="Kind"
            size="md"
            allowDeselect={false}
            value={procedure.kind}
            data={Object.entries(kindNames).map(([value, label]) => ({ value, label }))}
            onChange={(kind) => onChange({ kind: kind as ProcedureKind }, 'kind')}
          />
          <Textarea
            label="What for"
            autosize
            minRows={2}
            size="md"
            value={procedure.purpose}
            onChange={(event) => onChange({ purpose: event.currentTarget.value }, 'purpose')}
          />
          <Vessels procedure={procedure} onChange={onChange} />
          <TagsInput
            label="Apparatus besides the vessels, for one group"
            description="A number first where it is more than one: 2 dropping pipette"
            size="md"
            value={procedure.apparatus.map(({ name, count }) =>
              count === 1 ? name : `${count} ${name}`,
            )}
            onChange={(tags) => onChange({ apparatus: tags.map(readApparatus) }, 'apparatus')}
          />
          <AnalysisFields
            procedure={procedure}
            onChange={(analyses) => onChange({ analyses }, 'analyses')}
          />
          <Textarea
            label="Questions for the class, one to a line"
            autosize
            minRows={2}
            size="md"
            value={procedure.questions.join('\n')}
            onChange={(event) =>
              onChange({ questions: event.currentTarget.value.split('\n') }, 'questions')
            }
            onBlur={() => onChange(withoutEmptyQuestions(procedure), 'questions')}
          />
          <Textarea
            label="What good answers say, one to a line in the same order"
            description="Only the key shows them. A number in brackets, as in (1), says which point earns how many marks."
            autosize
            minRows={2}
            size="md"
            value={procedure.answers.join('\n')}
            onChange={(event) =>
              onChange({ answers: event.currentTarget.value.split('\n') }, 'answers')
            }
          />
          <Textarea
            label="Disposal"
            autosize
            size="md"
            value={procedure.disposal}
            onChange={(event) => onChange({ disposal: event.currentTarget.value }, 'disposal')}
          />
        </>
      )}
    </section>
  );
}

/** Questions without empty lines, each still beside its own answer. */
function withoutEmptyQuestions({
  questions,
  answers,
}: Procedure): Pick<Procedure, 'questions' | 'answers'> {
  const kept = questions
    .map((question, at) => ({ question: question.trim(), answer: (answers[at] ?? '').trim() }))
    .filter(({ question }) => question !== '');
  return {
    questions: kept.map(({ question }) => question),
    answers: kept.map(({ answer }) => answer),
  };
}

/** “2 dropping pipette” as a count and a name. */
function readApparatus(tag: string): Procedure['apparatus'][number] {
  const [, count, name] = /^(\d+)\s*(?:×\s*)?(.+)$/.exec(tag.trim()) ?? [];
  return name === undefined
    ? { name: tag.trim(), count: 1 }
    : { name, count: Math.max(1, Number(count)) };
}

function Vessels({ procedure, onChange }: FactsProps) {
  const { vessels, steps } = procedure;
  const used = new Set(steps.flatMap(({ events }) => events.flatMap(vesselsOf)));
  const set = (next: Procedure['vessels'], label: string) => onChange({ vessels: next }, label);
  return (
    <fieldset className={classes.vessels}>
      <legend>Vessels</legend>
      {vessels.map(({ name, container }, at) => (
        <Group key={String(at)} gap={4} wrap="nowrap" align="flex-end">
          <TextInput
            aria-label={`Name of vessel ${at + 1}`}
            size="md"
            w={130}
            value={name}
            disabled={used.has(name)}
            onChange={(event) => {
              const renamed = event.currentTarget.value;
              set(
                vessels.map((one, k) => (k === at ? { ...one, name: renamed } : one)),
                `vessel ${at}`,
              );
            }}
          />
          <Select
            aria-label={`Kind of vessel ${at + 1}`}
            size="md"
            w={150}
            allowDeselect={false}
            value={container}
            data={containerKinds.map((kind) => ({ value: kind, label: containers[kind].name }))}
            onChange={(kind) =>
              set(
                vessels.map((one, k) =>
                  k === at ? { ...one, container: kind as ContainerKind } : one,
                ),
                'vessels',
              )
            }
          />
          {!used.has(name) && (
            <ActionIcon
              variant="default"
              size={42}
              aria-label={`Take out vessel ${name}`}
              onClick={() =>
                set(
                  vessels.filter((_, k) => k !== at),
                  'vessels',
                )
              }
            >
              <IconX size={18} />
            </ActionIcon>
          )}
        </Group>
      ))}
      {vessels.length < 12 && (
        <Button
          size="md"
          variant="default"
          leftSection={<IconPlus size={18} aria-hidden />}
          onClick={() =>
            set([...vessels, { name: freeName(vessels), container: 'testTube' }], 'vessels')
          }
        >
          Vessel
        </Button>
      )}
    </fieldset>
  );
}

/** The first letter that no vessel is called. */
function freeName(vessels: Procedure['vessels']): string {
  const letters = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ';
  return [...letters].find((letter) => !vessels.some(({ name }) => name === letter)) ?? 'more';
}
