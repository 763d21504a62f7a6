import { Text, Title } from '@mantine/core';
import { nameOnShelf } from '@stoichos/core/matter/substances';
import { mindOf, reagentsOf, shortText, stepSafety } from '@stoichos/core/planning/procedure';
import { containerInWords } from '@stoichos/core/vessel';
import type { Manner, Procedure, Reagent } from '@stoichos/core/planning/procedure';
import { useMemo } from 'react';
import { useSettings } from '../../data/settings/useSettings';
import { useAnswer } from '../../data/worker/useAnswer';
import { TaskFailure } from '../../shared/parts/TaskFailure';
import { Formula } from '../../shared/chemistry/Formula';
import { StepCard } from './StepCard';
import { atMostFigures } from '@stoichos/core/common';

/** A procedure to read: what for, what with, the steps with what they should show, questions, disposal. */
export function ProcedureView({
  procedure,
  manner = 'groups',
}: {
  procedure: Procedure;
  manner?: Manner;
}) {
  const { value: run, failure } = useAnswer('draft', [procedure]);
  const safety = useMemo(() => (run ? stepSafety(run, manner) : []), [run, manner]);
  const nameOf = (id: string): string => {
    const step = procedure.steps.find((one) => one.id === id);
    return step ? shortText(step) : id;
  };
  return (
    <>
      <Text maw={760}>{procedure.purpose}</Text>
      <Title mt="lg" mb="xs">
        What is needed, for one group
      </Title>
      <NeededList procedure={procedure} />
      <Title mt="lg" mb="xs">
        Steps, with what they should show
      </Title>
      <TaskFailure failure={failure} />
      <ol className="bare">
        {procedure.steps.map((step, at) => (
          <StepCard
            key={step.id}
            step={step}
            number={at + 1}
            run={run?.steps.find((one) => one.step.id === step.id)}
            mind={safety.filter(({ stepId }) => stepId === step.id).flatMap(mindOf)}
            vessels={procedure.vessels}
            nameOf={nameOf}
          />
        ))}
      </ol>
      {procedure.questions.length > 0 && (
        <>
          <Title mt="lg" mb="xs">
            Questions for the class
          </Title>
          <ul>
            {procedure.questions.map((question) => (
              <li key={question}>
                <Formula text={question} wrap />
              </li>
            ))}
          </ul>
        </>
      )}
      {procedure.disposal !== '' && (
        <>
          <Title mt="lg" mb="xs">
            Disposal
          </Title>
          <Text>{procedure.disposal}</Text>
        </>
      )}
      <Text size="sm" className="quiet" mt="md">
        What is expected is computed from equilibrium chemistry for these amounts, not written down.
        Local rules, the supplier’s safety data sheet and licensed disposal decide; this does not
        make a procedure safe.
      </Text>
    </>
  );
}

function NeededList({ procedure }: { procedure: Procedure }) {
  const { naming } = useSettings();
  const glass = new Map<string, number>();
  for (const { container } of procedure.vessels) {
    const name = containerInWords(container);
    glass.set(name, (glass.get(name) ?? 0) + 1);
  }
  return (
    <>
      <ul>
        {reagentsOf(procedure).map((reagent) => (
          <li key={reagent.key}>
            <Formula text={reagentWords(reagent)} wrap />{' '}
            {reagent.kind !== 'indicator' && reagent.kind !== 'water' && (
              <span className="quiet">
                {nameOnShelf(naming, reagent.form ?? reagent.substance)}
              </span>
            )}
          </li>
        ))}
      </ul>
      <Text>
        {[
          ...[...glass].map(([name, count]) => `${count} × ${name}`),
          ...procedure.apparatus.map(({ name, count }) => `${count} × ${name}`),
        ].join(', ')}
      </Text>
    </>
  );
}

/** How much of a reagent, and what. */
export function reagentWords(reagent: Reagent): string {
  const amount = (value: number): string => atMostFigures(value, 3);
  switch (reagent.kind) {
    case 'solution':
      return `${amount(reagent.amountMl)} mL ${reagent.substance} ${amount(reagent.concentrationM)} mol/L`;
    case 'solid':
      return `${amount(reagent.amountG)} g ${reagent.form ?? reagent.substance}`;
    case 'liquid':
      return `${amount(reagent.amountMl)} mL ${reagent.substance} as supplied`;
    case 'water':
      return `${amount(reagent.amountMl)} mL distilled water`;
    case 'indicator':
      return `${amount(reagent.drops)} drops ${reagent.substance}`;
    case 'gas':
      return `${reagent.substance} gas, ${amount(24 * reagent.amountMmol)} mL, made or collected on the way`;
  }
}
