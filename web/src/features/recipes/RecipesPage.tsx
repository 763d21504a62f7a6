import { Alert, Text, Title } from '@mantine/core';
import type { Recipe } from '@stoichos/core/planning/prep';
import { deferral } from '@stoichos/core/safety';
import type { HazardSheet } from '@stoichos/core/safety';
import { useState } from 'react';
import { Formula } from '../../shared/chemistry/Formula';
import { NearNameNote } from '../../shared/chemistry/NearNameNote';
import { PictogramRow } from '../../shared/chemistry/Pictogram';
import { Fold } from '../../shared/parts/Fold';
import { PrintButton } from '../../shared/parts/PrintButton';
import { Refusal } from '../../shared/parts/Refusal';
import { StudyFrame } from '../../shared/study/StudyFrame';
import { RecipeFields } from './RecipeFields';
import classes from './Recipes.module.css';
import { isDangerousNeighbour } from './isDangerousNeighbour';
import { useRecipe } from './useRecipe';

/** A recipe for one solution, without a lab day. */
export function RecipesPage() {
  const { state, change, value, failure } = useRecipe();
  const [meant, setMeant] = useState('');
  const asks =
    value !== undefined && meant !== value.formula && isDangerousNeighbour(value.formula);
  const shown = asks ? undefined : value;
  return (
    <StudyFrame
      title="Recipes"
      tools={shown && <PrintButton variant="filled">Print the recipe</PrintButton>}
      settings={{
        label: 'What to make',
        children: <RecipeFields state={state} change={change} recipe={shown} failure={failure} />,
      }}
      answer={{
        label: 'Recipe',
        children: (
          <>
            {asks && (
              <NearNameNote
                substance={value.formula}
                onTake={(formula) => change({ substance: formula, form: '' })}
                onMean={() => setMeant(value.formula)}
              />
            )}
            {shown ? (
              <RecipeAnswer recipe={shown} />
            ) : (
              !asks && <NothingYet failure={failure} isTyped={state.substance.trim() !== ''} />
            )}
          </>
        ),
      }}
      reasons={{
        label: 'Label and cautions',
        children: shown ? (
          <RecipeHazards recipe={shown} />
        ) : (
          <Text className="quiet">The label of the bottle and its cautions appear here.</Text>
        ),
      }}
    />
  );
}

function NothingYet({
  failure,
  isTyped,
}: {
  failure: Parameters<typeof Refusal>[0]['of'];
  isTyped: boolean;
}) {
  if (failure && isTyped) return <Refusal title="No recipe" of={failure} />;
  return (
    <Text className="quiet">
      Type what you want to make, for example “500 mL 1 M sodium sulfate”, “100 mL saturated lime
      water” or “20 mL phenolphthalein”.
    </Text>
  );
}

/** The steps, in the order in which they are safe. */
function RecipeAnswer({ recipe }: { recipe: Recipe }) {
  const { parts, made, notes, keeps, askForms } = recipe;
  return (
    <div data-testid="recipe">
      {parts.map(({ title, steps }, at) => (
        <section key={title} className="keep-together">
          <Title order={2} size="h3" mt={at === 0 ? 0 : 'md'}>
            {parts.length > 1 && `${at + 1}. `}
            <Formula text={title} wrap />
          </Title>
          <ol className={classes.steps}>
            {steps.map((step) => (
              <li key={step}>
                <Formula text={step} wrap />
              </li>
            ))}
          </ol>
        </section>
      ))}
      {askForms && (
        <Text size="sm" role="status">
          Choose the form under “What to make”.
        </Text>
      )}
      {made !== '' && (
        <Text mt="sm" fw={600} data-testid="made-strength">
          {made}
        </Text>
      )}
      {notes.map((note) => (
        <Text key={note} size="sm" mt={4}>
          <Formula text={note} wrap />
        </Text>
      ))}
      <Text size="sm" className="quiet" mt={4}>
        Keeps {keeps.words}.
      </Text>
      <Working recipe={recipe} />
    </div>
  );
}

function Working({ recipe: { parts } }: { recipe: Recipe }) {
  const lines = parts.flatMap(({ working }) => working);
  if (lines.length === 0) return null;
  return (
    <Fold title="Working">
      <ol className={classes.working}>
        {lines.map((line) => (
          <li key={line}>
            <Formula text={line} wrap />
          </li>
        ))}
      </ol>
    </Fold>
  );
}

function RecipeHazards({ recipe: { name, hazards, supplied } }: { recipe: Recipe }) {
  return (
    <>
      <HazardLines title={`${name}, as prepared`} sheet={hazards} />
      {supplied && <HazardLines title={`${name}, as supplied`} sheet={supplied} />}
      <Text size="sm" className="quiet" mt="sm">
        {deferral}
      </Text>
    </>
  );
}

/** What the published rules put on the label of something. */
function HazardLines({ title, sheet }: { title: string; sheet: HazardSheet }) {
  const { signal, pictograms, statements, precautions, basis } = sheet;
  return (
    <section className="keep-together" data-testid="hazards">
      <Title order={2} size="h4" mb={4}>
        {title}
      </Title>
      {signal && (
        <>
          <PictogramRow pictograms={pictograms} /> <strong>{signal}</strong>
        </>
      )}
      {statements.length === 0 ? (
        <Alert variant="light" py={6}>
          Not classified as hazardous at this strength. Eye protection all the same.
        </Alert>
      ) : (
        <ul className={classes.statements}>
          {statements.map(({ code, text }) => (
            <li key={code}>
              {text} <small className="quiet">{code}</small>
            </li>
          ))}
        </ul>
      )}
      {precautions.length > 0 && (
        <Text size="sm" mb="xs">
          {precautions.map(({ text }) => text).join(' ')}
        </Text>
      )}
      {basis.length > 0 && (
        <Fold title="Why">
          <ul className={classes.working}>
            {basis.map((line) => (
              <li key={line}>
                <Formula text={line} wrap />
              </li>
            ))}
          </ul>
        </Fold>
      )}
    </section>
  );
}
