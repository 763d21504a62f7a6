import { Button, Group, Text, Textarea, Title } from '@mantine/core';
import type { AssessedActivity } from '@stoichos/core/labday/prep';
import { useState } from 'react';
import { useRiskWordsQuery, useSaveRiskWordsMutation } from '../../data/api/api';
import { useSettings } from '../../data/settings/useSettings';
import { useLabDay } from '../../data/useLabDay';
import { useAnswer } from '../../data/worker/useAnswer';
import { Formula } from '../../shared/chemistry/Formula';
import { PictogramRow } from '../../shared/chemistry/Pictogram';
import { LineTable } from '../../shared/parts/LineTable';
import { PrintButton } from '../../shared/parts/PrintButton';
import { ProblemNote } from '../../shared/parts/ProblemNote';
import { TaskFailure } from '../../shared/parts/TaskFailure';
import { TaskProgress } from '../../shared/parts/TaskProgress';
import { DealtUnknowns } from '../../shared/unknowns/DealtUnknowns';
import { DataSheetLinks } from '../../shared/reagents/DataSheetLinks';
import classes from './RiskPage.module.css';
import { PrepareTabs } from './PrepareTabs';

/** A risk assessment of the day, to read, to add to, to print and to sign. */
export function RiskPage() {
  const day = useLabDay();
  const { naming, institution } = useSettings();
  const { value, failure, share, cancel } = useAnswer('risk', [day, naming]);
  return (
    <>
      <PrepareTabs dayId={day.id} />
      <TaskProgress what="Running every step" share={share} cancel={cancel} />
      <TaskFailure failure={failure} />
      {value && (
        <>
          <Group justify="space-between" align="flex-start">
            <div>
              <Title size="h3">Risk assessment</Title>
              {institution && <Text>{institution}</Text>}
            </div>
            <PrintButton variant="filled">Print the assessment</PrintButton>
          </Group>
          <Text size="sm" my="xs">
            {value.says}
          </Text>
          {value.activities.map((one, at) => (
            <Activity key={one.workId} dayId={day.id} activity={one} number={at + 1} />
          ))}
          <DealtUnknowns
            dayId={day.id}
            otherwise={
              value.activities.length === 0 && (
                <Text className="quiet">Plan a procedure or a test first.</Text>
              )
            }
          >
            {({ reagents, handling, cautions, firstAid, waste }) => (
              <>
                <div className={classes.columns}>
                  <Lines title="Reagents of the tests" lines={reagents} none="" />
                  <Lines
                    title="What can happen"
                    lines={cautions.map(({ label, caution }) => `${label}: ${caution}`)}
                    none=""
                  />
                  <Lines title="What is done against it" lines={handling} none="" />
                  <Lines title="If it happens" lines={firstAid} none="" />
                  <Lines title="Disposal" lines={waste} none="" />
                </div>
                <OwnWords dayId={day.id} about="unknowns" label="The school’s own words" />
              </>
            )}
          </DealtUnknowns>
          <Title order={3} mt="lg">
            For the whole day
          </Title>
          <OwnWords dayId={day.id} about="day" label="The school’s own rules and arrangements" />
          <Signatures staff={day.staff} />
        </>
      )}
    </>
  );
}

function Activity({
  dayId,
  activity,
  number,
}: {
  dayId: string;
  activity: AssessedActivity;
  number: number;
}) {
  const { workId, name, who, used, risks, controls, emergency, disposal } = activity;
  return (
    <section aria-label={name} className={classes.activity}>
      <Title order={3}>
        {number}. <Formula text={name} wrap />
      </Title>
      <Text size="sm" className="quiet">
        {who}
      </Text>
      {used.length > 0 && (
        <LineTable
          caption={`What is used in ${name}`}
          head={['Used', '', 'Hazards at this strength']}
          words={[0, 1, 2]}
          rows={used.map(({ formula, what, hazards }) => [
            <>
              {what} <DataSheetLinks substance={formula} />
            </>,
            <PictogramRow pictograms={hazards.pictograms} />,
            hazards.statements.length === 0
              ? 'not classified'
              : `${hazards.statements.map(({ text }) => text).join('. ')}.`,
          ])}
        />
      )}
      <div className={classes.columns}>
        <Lines
          title="What can happen, and to whom"
          lines={risks}
          none="Nothing beyond glass and spills."
        />
        <Lines title="What is done against it" lines={controls} none="" />
        <Lines title="If it happens" lines={emergency} none="First aid as the school has it." />
        <Lines title="Disposal" lines={disposal} none="Nothing is left over." />
      </div>
      <OwnWords dayId={dayId} about={workId} label="The school’s own words" />
    </section>
  );
}

function Lines({ title, lines, none }: { title: string; lines: readonly string[]; none: string }) {
  return (
    <div className="keep-together">
      <Text fw={600} mt="xs">
        {title}
      </Text>
      {lines.length === 0 ? (
        <Text size="sm">{none}</Text>
      ) : (
        <ul className={classes.lines}>
          {lines.map((line) => (
            <li key={line}>
              <Formula text={line} wrap />
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

/** Words of the school, kept with the day when they are saved. */
function OwnWords({ dayId, about, label }: { dayId: string; about: string; label: string }) {
  const { currentData: all = [] } = useRiskWordsQuery(dayId);
  const was = all.find((one) => one.about === about)?.words ?? '';
  const [typed, setTyped] = useState<string>();
  const [save, { error, isLoading }] = useSaveRiskWordsMutation();
  const words = typed ?? was;
  const isChanged = typed !== undefined && typed.trim() !== was;
  return (
    <div className={classes.own}>
      <Textarea
        label={label}
        autosize
        minRows={2}
        maxLength={2000}
        value={words}
        onChange={(event) => setTyped(event.currentTarget.value)}
      />
      {isChanged && (
        <Button
          mt="xs"
          className="no-print"
          loading={isLoading}
          onClick={() =>
            void save({ dayId, about, words: typed.trim(), was })
              .unwrap()
              .then(() => setTyped(undefined))
              .catch(() => undefined)
          }
        >
          Save these words
        </Button>
      )}
      <ProblemNote error={error} />
    </div>
  );
}

/** Room to sign, for whoever wrote it and whoever answers for it. */
function Signatures({ staff }: { staff: readonly string[] }) {
  return (
    <div className={`${classes.signatures} keep-together`}>
      {['Assessed by', 'Agreed by'].map((who, at) => (
        <p key={who}>
          <span>
            {who}
            {staff[at] ? ` (${staff[at]})` : ''}
          </span>
          <span>Date</span>
        </p>
      ))}
    </div>
  );
}
