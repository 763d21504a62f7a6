import { Accordion, Chip, Group, NumberInput, Stack, Text, Title } from '@mantine/core';
import {
  concentrationOf,
  findSubstance,
  hazardsOf,
  latestWeighing,
  nameIn,
  predictSolution,
  prepare,
} from '@stoichos/core';
import type { LabDay, NeededSolution } from '@stoichos/core';
import { useState } from 'react';
import { useShelfQuery } from '../api/api';
import { useSettings } from '../app/useSettings';
import { Formula } from '../chemistry/Formula';
import { Vessel } from '../glassware/Vessel';
import { PictogramRow } from '../chemistry/Pictogram';
import classes from './PreparePage.module.css';
import { WeighingEntry } from './WeighingEntry';

/** One solution to make: which form is in the jar, how much to weigh, and what was weighed. */
export function SolutionCard({ day, solution }: { day: LabDay; solution: NeededSolution }) {
  const { naming } = useSettings();
  const { data: shelf = [] } = useShelfQuery();
  const done = latestWeighing(day.weighings, solution);
  const jars = shelf.filter(({ substance }) => substance === solution.substance);
  const forms =
    jars.length > 0 ? [...new Set(jars.map(({ form }) => form))] : shelfForms(solution.substance);
  const [form, setForm] = useState(done?.form ?? (forms.length === 1 ? forms[0] : undefined));
  const jar = jars.find((one) => one.form === form);
  const [purity, setPurity] = useState<number | undefined>(undefined);
  const purityPercent = purity ?? done?.purityPercent ?? jar?.purityPercent ?? 100;
  const { pictograms } = hazardsOf(solution.substance);
  const { substance, makeMl } = solution;
  const concentrationM = done ? concentrationOf(done) : solution.concentrationM;
  const look = predictSolution({ substance, concentrationM, volumeMl: makeMl }, 'flask');
  return (
    <section className="card" aria-label={`${solution.substance} ${solution.concentrationM} M`}>
      <Group justify="space-between" wrap="nowrap" align="flex-start">
        <div>
          <Title order={2} size="h4">
            <Formula text={solution.substance} /> {solution.concentrationM} M
          </Title>
          <Text className="quiet" size="sm">
            {nameIn(naming, solution.substance)}, {look.colour} · make{' '}
            <strong>{solution.makeMl} mL</strong> ({round(solution.usedMl)} mL used)
          </Text>
        </div>
        <Group gap={4} wrap="nowrap">
          <PictogramRow pictograms={pictograms} />
          <Vessel
            container="flask"
            view={look}
            label={`${solution.substance} as made`}
            height={72}
          />
        </Group>
      </Group>
      <Text fw={600} mt="sm" mb={4} size="sm">
        {forms.length > 1 ? 'Which form is in the jar?' : 'In the jar'}
      </Text>
      <Chip.Group value={form ?? null} onChange={(value) => setForm(String(value))}>
        <Group gap="xs">
          {forms.map((one) => (
            <Chip
              key={one}
              value={one}
              size="md"
              variant="outline"
              styles={{ label: { minHeight: 44 } }}
            >
              <Formula text={one} />
            </Chip>
          ))}
        </Group>
      </Chip.Group>
      {form === undefined ? (
        <Text className="quiet" mt="sm">
          Read the label and choose: the hydrate and the anhydrous solid need different masses.
        </Text>
      ) : (
        <>
          <Target
            solution={solution}
            form={form}
            purityPercent={purityPercent}
            place={jar?.place}
            onPurity={setPurity}
          />
          <WeighingEntry
            key={form}
            dayId={day.id}
            solution={solution}
            form={form}
            forms={forms}
            purityPercent={purityPercent}
            done={done}
          />
        </>
      )}
      {done && (
        <Text mt="sm" data-testid="made">
          Made: {done.actualG} g of <Formula text={done.form} /> in {done.volumeMl} mL →{' '}
          <strong>{concentrationOf(done).toPrecision(3)} M</strong>
        </Text>
      )}
    </section>
  );
}

interface TargetProps {
  readonly solution: NeededSolution;
  readonly form: string;
  readonly purityPercent: number;
  readonly place: string | undefined;
  readonly onPurity: (percent: number) => void;
}

function Target({ solution, form, purityPercent, place, onPurity }: TargetProps) {
  const recipe = prepare({
    substance: solution.substance,
    form,
    concentrationM: solution.concentrationM,
    volumeMl: solution.makeMl,
    purityPercent,
  });
  return (
    <Stack gap={4} mt="sm">
      <div className={classes.target} data-testid="target">
        <span>{(recipe.massG ?? 0).toFixed(2)} g</span>
        <small>
          of <Formula text={form} />, water to {solution.makeMl} mL{place && ` · ${place}`}
        </small>
      </div>
      {recipe.cautions.map((caution) => (
        <Text key={caution} size="sm">
          <Formula text={caution} wrap />
        </Text>
      ))}
      <Accordion variant="default" chevronPosition="left">
        <Accordion.Item value="working" style={{ borderBottom: 0 }}>
          <Accordion.Control px={0}>
            <Text size="sm">Working and purity</Text>
          </Accordion.Control>
          <Accordion.Panel>
            <ol className={classes.working}>
              {recipe.working.map((line) => (
                <li key={line}>
                  <Formula text={line} wrap />
                </li>
              ))}
            </ol>
            <NumberInput
              label="Purity on the jar’s label"
              suffix=" %"
              min={1}
              max={100}
              mt="xs"
              w={200}
              value={purityPercent}
              onChange={(value) =>
                typeof value === 'number' && value >= 1 && value <= 100 && onPurity(value)
              }
            />
          </Accordion.Panel>
        </Accordion.Item>
      </Accordion>
    </Stack>
  );
}

function shelfForms(substance: string): string[] {
  return findSubstance(substance).substance.forms.map(({ formula }) => formula);
}

const round = (value: number): string => String(Math.round(value * 10) / 10);
