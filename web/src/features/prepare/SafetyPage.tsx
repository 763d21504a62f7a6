import { LineTable } from '../../shared/parts/LineTable';
import { Group, Text, Title } from '@mantine/core';
import { nameOnShelf } from '@stoichos/core/matter/substances';
import {
  deferral,
  firstAidSource,
  hazardsOf,
  mixedUpSource,
  mixedUpThings,
  protectionSource,
} from '@stoichos/core/safety';
import { unknownsSource } from '@stoichos/core/studies/identify';
import type { Bottle } from '@stoichos/core/safety';
import { atMostFigures } from '@stoichos/core/common';
import type { DaySafety } from '@stoichos/core/labday/prep';
import { useSettings } from '../../data/settings/useSettings';
import { DataSheetLinks } from '../../shared/reagents/DataSheetLinks';
import { Formula } from '../../shared/chemistry/Formula';
import { PictogramRow } from '../../shared/chemistry/Pictogram';
import { useLabDay } from '../../data/useLabDay';
import { DealtUnknowns, KitList } from '../../shared/unknowns/DealtUnknowns';
import { DayStops } from '../../shared/labday/DayStops';
import { TaskFailure } from '../../shared/parts/TaskFailure';
import { TaskProgress } from '../../shared/parts/TaskProgress';
import { useAnswer } from '../../data/worker/useAnswer';
import { PrintButton } from '../../shared/parts/PrintButton';
import classes from './PreparePage.module.css';
import { PrepareTabs } from './PrepareTabs';
import type { StepSafety } from '@stoichos/core/planning/procedure';
import { Cited } from '../../shared/parts/Cited';

/** Safety of the whole day: what stops it, what to wear, every substance, every step that deserves care, first aid. */
export function SafetyPage() {
  const day = useLabDay();
  const { value, failure, share, cancel } = useAnswer('safety', [day]);
  return (
    <>
      <PrepareTabs dayId={day.id} />
      <TaskProgress what="Running every step" share={share} cancel={cancel} />
      <TaskFailure failure={failure} />
      <DealtUnknowns
        dayId={day.id}
        otherwise={
          value?.bottles.length === 0 && (
            <Text className="quiet">
              No substance is planned yet, so no hazard can be told here yet.
            </Text>
          )
        }
      >
        {({ handling, cautions }) => (
          <>
            <KitList lines={handling} />
            <Text fw={600} mt="sm">
              Tests to mind
            </Text>
            <KitList lines={cautions.map(({ label, caution }) => `${label}: ${caution}`)} />
            <Text size="sm" className="quiet" mt="sm">
              {deferral} <Cited source={unknownsSource} />.
            </Text>
          </>
        )}
      </DealtUnknowns>
      {value && <Safety safety={value} />}
    </>
  );
}

function Safety({ safety }: { safety: DaySafety }) {
  const { bottles, poured, protection, firstAid, procedures, stops } = safety;
  const [sheet] = bottles.map((one) => hazardsOf(one));
  if (!sheet) return null;
  return (
    <>
      <DayStops stops={stops} />
      <Group justify="space-between" mb="xs">
        <Text>
          <strong>On everyone:</strong> {protection.worn.join(', ')}
          {protection.around.length > 0 && (
            <>
              <br />
              <strong>Round the work:</strong> {protection.around.join(', ')}
            </>
          )}
        </Text>
        <PrintButton />
      </Group>
      <Title mt="md" mb="xs">
        Substances of the day
      </Title>
      <HazardTable bottles={bottles} />
      {poured.length > 0 && (
        <>
          <Title mt="md" mb="xs">
            Poured in preparing, as supplied
          </Title>
          <HazardTable bottles={poured} />
        </>
      )}
      {procedures.map(({ id, name, steps }) => {
        const careful = steps.filter(
          (step) =>
            step.clashes.length +
              step.warnings.length +
              step.quantities.length +
              step.nearNames.length >
            0,
        );
        if (careful.length === 0) return null;
        return <WorkCautions key={id} careful={careful} name={name} />;
      })}
      <Title mt="lg" mb="xs">
        If something goes wrong
      </Title>
      <ul>
        {firstAid.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      <Title mt="lg" mb="xs">
        Also mixed up
      </Title>
      <ul>
        {mixedUpThings.map(([one, other, why]) => (
          <li key={one}>
            {one} and {other}: {why}.
          </li>
        ))}
      </ul>
      <Text size="sm" className="quiet">
        {deferral} Classification: <Cited source={sheet.source} />. Protection:{' '}
        <Cited source={protectionSource} />. First aid: <Cited source={firstAidSource} />. Names:{' '}
        <Cited source={mixedUpSource} />.
      </Text>
    </>
  );
}

/** The cautions of one procedure, beside its steps. */
function WorkCautions({
  careful,
  name,
}: {
  readonly careful: (StepSafety & { readonly text: string })[];
  readonly name: string;
}) {
  return (
    <section aria-label={name}>
      <Title mt="lg" mb="xs">
        {name}
      </Title>
      <ul>
        {careful.map((step) => (
          <li key={step.stepId} className="keep-together">
            <Text component="div" fw={600}>
              {step.text} <PictogramRow pictograms={pictogramsFor(step.bottles)} />
            </Text>
            {step.quantities.map((line) => (
              <Text key={line} size="sm">
                <Formula text={line} wrap />.
              </Text>
            ))}
            {step.clashes.map(({ one, other, gives, never }) => (
              <Text key={gives} size="sm" {...(never && { fw: 600 })}>
                {never ? 'Never: ' : 'Mind: '}
                <Formula text={one} /> with <Formula text={other} />: {gives}.
              </Text>
            ))}
            {step.warnings.map((line) => (
              <Text key={line} size="sm">
                <Formula text={line} wrap />
              </Text>
            ))}
            {[...new Set(step.nearNames.map(({ message }) => message))].map((line) => (
              <Text key={line} size="sm" className="quiet">
                {line}
              </Text>
            ))}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Every substance with its pictograms, statements and what to do. */
function HazardTable({ bottles }: { readonly bottles: readonly Bottle[] }) {
  const { naming } = useSettings();
  return (
    <div className={classes.wide}>
      <LineTable
        className={classes.sheet}
        rows={bottles.map((bottle) => {
          const { formula, pictograms, signal, statements } = hazardsOf(bottle);
          return [
            <>
              <Formula text={formula} />{' '}
              {bottle.concentrationM !== undefined &&
                `${atMostFigures(bottle.concentrationM, 3)}\u00a0M`}
              <small className="quiet">{nameOnShelf(naming, formula)}</small>{' '}
              <DataSheetLinks substance={formula} />
            </>,
            <PictogramRow pictograms={pictograms} />,
            <>
              {signal && <strong>{signal}. </strong>}
              {statements.length === 0
                ? 'Not classified as hazardous.'
                : `${statements.map(({ text }) => text).join('. ')}.`}
            </>,
          ];
        })}
      />
    </div>
  );
}

/** The pictograms of everything in a step, each once. */
const pictogramsFor = (bottles: readonly Bottle[]) => [
  ...new Set(bottles.flatMap((one) => hazardsOf(one).pictograms)),
];
