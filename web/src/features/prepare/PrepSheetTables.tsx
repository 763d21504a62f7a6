import { Text, Title } from '@mantine/core';
import { nameOnShelf } from '@stoichos/core/matter/substances';
import { hazardsOf } from '@stoichos/core/safety';
import {
  howItKeeps,
  madeWords,
  massText,
  measuredText,
  strengthText,
} from '@stoichos/core/planning/prep';
import { jarsOf, setOut, takingFor, workingOf } from '@stoichos/core/labday/prep';
import type { DayLine } from '@stoichos/core/labday/prep';
import type { LabDay, NeededAsItIs } from '@stoichos/core/labday/day';
import type { ShelfItem } from '@stoichos/core/planning/shelf';
import { useSettings } from '../../data/settings/useSettings';
import { DataSheetLinks } from '../../shared/reagents/DataSheetLinks';
import { Formula } from '../../shared/chemistry/Formula';
import { LineTable } from '../../shared/parts/LineTable';
import { MadeMark } from './MadeMark';
import classes from './PreparePage.module.css';
import { bottlesText } from './Recipe';
import { formatNumber } from '@stoichos/core/common';

const box = <span className={classes.box} aria-hidden />;

/** The solutions in the order to make them, each with a box to tick on paper. */
export function Solutions({ lines }: { lines: readonly DayLine[] }) {
  const { naming } = useSettings();
  if (lines.length === 0) return <Text className="quiet">No solution is to be made.</Text>;
  return (
    <div className={classes.wide}>
      <LineTable
        className={classes.sheet ?? ''}
        caption="Solutions in the order to make them"
        head={[
          <span className="visually-hidden">Done</span>,
          'Solution',
          'Make',
          'Take',
          'What to do',
        ]}
        words={[0, 1, 2, 3, 4]}
        rows={lines.map((line) => [
          box,
          <>
            <strong>
              <Formula text={line.substance} /> {strengthText(line.concentrationM)}
            </strong>
            <small>{nameOnShelf(naming, line.substance)}</small>
            <small className="quiet">{line.for.join(', ')}</small>
            <DataSheetLinks substance={line.substance} />
          </>,
          <>
            {formatNumber(line.totalMl)}&nbsp;mL
            <small className="quiet">{bottlesText(line)}</small>
          </>,
          <Formula text={takeText(line)} wrap />,
          <>
            <Steps line={line} />
            <small>{madeWords(line)}</small>
            {line.slow && <small>First: {line.slow}.</small>}
            {line.making.kind === 'stock' && (
              <small>
                The concentrate:{' '}
                {hazardsOf(line.substance)
                  .statements.map(({ text }) => text)
                  .join('. ')}
                .
              </small>
            )}
            <small className="quiet">
              Keeps {line.keeps.words}. {workingOf(line).working.length > 0 && 'Working: '}
              <Formula text={workingOf(line).working.join('; ')} wrap />
            </small>
          </>,
        ])}
      />
    </div>
  );
}

/** What to do for one solution, one thing after the other. */
function Steps({ line }: { line: DayLine }) {
  const { steps, cautions } = workingOf(line);
  return (
    <>
      {steps.length > 0 && (
        <ol className={classes.doing}>
          {steps.map((step) => (
            <li key={step}>
              <Formula text={step} wrap />
            </li>
          ))}
        </ol>
      )}
      {cautions.map((one) => (
        <small key={one}>
          <Formula text={one} wrap />
        </small>
      ))}
    </>
  );
}

function takeText({ making, substance }: DayLine): string {
  switch (making.kind) {
    case 'weigh':
      return `${massText(making.roundedG)} ${making.form}`;
    case 'stock':
      return `${measuredText(making.measured)} of ${substance} as supplied`;
    case 'fromOther':
      return `${measuredText(making.measured)} of the ${strengthText(making.otherM)} solution`;
    case 'askForm':
      return making.forms.map((one) => `${massText(making.massG[one] ?? 0)} ${one}`).join(', or ');
    case 'impossible':
      return `${making.problem} ${making.remedy}`;
  }
}

/** What is set out as it is, with the jar it comes from. */
export function AsTheyAre({
  day,
  needs,
  shelf,
}: {
  day: LabDay;
  needs: readonly NeededAsItIs[];
  shelf: readonly ShelfItem[];
}) {
  const { naming, pipettes, dropsPerMl, roomC, airKPa } = useSettings();
  const { balanceG, groups } = day;
  const room = { balanceG, pipettes, dropsPerMl, roomC, airKPa, groups: groups.length };
  if (needs.length === 0) return null;
  return (
    <>
      <Title order={3} mt="lg" mb="xs">
        Set out as it is
      </Title>
      <div className={classes.wide}>
        <LineTable
          className={classes.sheet ?? ''}
          words={[0, 1, 2, 3]}
          rows={needs.map((need) => {
            const { amount, how } = setOut(need, room);
            const taking = takingFor(need);
            const jar = taking && jarsOf(shelf, taking.form, day.date)[0];
            return [
              box,
              <>
                <strong>
                  <Formula
                    text={`${amount} ${need.substance === 'water' ? '' : (taking?.form ?? need.substance)}`}
                    wrap
                  />
                </strong>
                {taking && <small>{nameOnShelf(naming, taking.form)}</small>}
                {taking && <DataSheetLinks substance={need.substance} />}
              </>,
              <>
                <small className="quiet">{need.for.join(', ')}</small>
                {need.kind === 'indicator' && (
                  <small className="quiet">Keeps {howItKeeps(need.substance).words}.</small>
                )}
                {how.map((line) => (
                  <small key={line}>{line}</small>
                ))}
              </>,
              taking && (
                <div className="no-print">
                  <MadeMark
                    word="set out"
                    day={day}
                    lineKey={need.key}
                    {...(jar && { taking: { jar, amount: taking.amount } })}
                  />
                </div>
              ),
            ];
          })}
        />
      </div>
    </>
  );
}
