import { Card } from '../../shared/parts/Card';
import { Button, Select, TagsInput, Textarea, TextInput } from '@mantine/core';
import { kindNames } from '@stoichos/core/planning/procedure';
import type { Procedure, ProcedureKind } from '@stoichos/core/planning/procedure';
import { useState } from 'react';
import { AnalysisFields } from './AnalysisFields';
import { VesselFields } from './VesselFields';
import classes from './EditorPage.module.css';

interface FactsProps {
  readonly procedure: Procedure;
  readonly onChange: (part: Partial<Procedure>, label: string) => void;
}

/** Name, kind, purpose, vessels, apparatus, questions and disposal. */
export function ProcedureFacts({ procedure, onChange }: FactsProps) {
  const [isOpen, setOpen] = useState(procedure.name === '' || procedure.purpose === '');
  return (
    <Card className={classes.facts ?? ''} label="The procedure">
      <div className={classes.two}>
        <TextInput
          label="Name"
          value={procedure.name}
          onChange={(event) => onChange({ name: event.currentTarget.value }, 'name')}
        />
        <Button onClick={() => setOpen(!isOpen)} aria-expanded={isOpen}>
          {isOpen ? 'Hide' : 'Show'} purpose, vessels, questions
        </Button>
      </div>
      {isOpen && (
        <>
          <Select
            label="Kind"
            value={procedure.kind}
            data={Object.entries(kindNames).map(([value, label]) => ({ value, label }))}
            onChange={(kind) => onChange({ kind: kind as ProcedureKind }, 'kind')}
          />
          <Textarea
            label="What for"
            autosize
            minRows={2}
            value={procedure.purpose}
            onChange={(event) => onChange({ purpose: event.currentTarget.value }, 'purpose')}
          />
          <VesselFields procedure={procedure} onChange={onChange} />
          <TagsInput
            label="Apparatus besides the vessels, for one group"
            description="A number first where it is more than one: 2 dropping pipette"
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
            value={procedure.answers.join('\n')}
            onChange={(event) =>
              onChange({ answers: event.currentTarget.value.split('\n') }, 'answers')
            }
          />
          <Textarea
            label="Disposal"
            autosize
            value={procedure.disposal}
            onChange={(event) => onChange({ disposal: event.currentTarget.value }, 'disposal')}
          />
        </>
      )}
    </Card>
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
