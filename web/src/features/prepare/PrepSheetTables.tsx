import { Text, Title } from '@mantine/core';
import { nameOnShelf } from '@stoichos/core/matter/substances';
import { howItKeeps } from '@stoichos/core/planning/prep';
import { jarsOf, takingFor, workingOf } from '@stoichos/core/labday/prep';
import type { DayLine } from '@stoichos/core/labday/prep';
import type { LabDay, NeededAsItIs } from '@stoichos/core/labday/day';
import type { ShelfItem } from '@stoichos/core/planning/shelf';
import { useSettings } from '../../data/settings/useSettings';
import { Formula } from '../../shared/chemistry/Formula';
import { LineTable } from '../../shared/parts/LineTable';
import { MadeMark } from './MadeMark';
import classes from './PreparePage.module.css';
import { decimals, measuredText, strengthText } from './Recipe';
import { atMostFigures, formatNumber } from '@stoichos/core/common';

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
          'Working, cautions, keeping',
        ]}
        words={[0, 1, 2, 3, 4]}
        rows={lines.map((line) => [
          box,
          <>
            <strong>
              <Formula text={line.substance} /> {strengthText(line.concentrationM)} M
            </strong>
            <small>{nameOnShelf(naming, line.substance)}</small>
            <small className="quiet">{line.for.join(', ')}</small>
          </>,
          `${formatNumber(line.totalMl)}\u00a0mL`,
          <Formula text={takeText(line)} wrap />,
          <>
            {workingOf(line).working.map((step) => (
              <small key={step}>
                <Formula text={step} wrap />
              </small>
            ))}
            <small>{workingOf(line).cautions.join(' ')}</small>
            {line.slow && <small>First: {line.slow}.</small>}
            <small className="quiet">Keeps {line.keeps.words}.</small>
          </>,
        ])}
      />
    </div>
  );
}

function takeText({ making, substance, totalMl }: DayLine): string {
  switch (making.kind) {
    case 'weigh':
      return `${decimals(making.roundedG)} g ${making.form}`;
    case 'stock':
      return `${measuredText(making.measured)} of ${substance} as supplied`;
    case 'fromOther':
      return `${measuredText(making.measured)} of the ${strengthText(making.otherM)} M solution`;
    case 'chain':
      return `${decimals(making.motherG)} g ${making.form} to ${formatNumber(making.motherMl)} mL; of that ${measuredText(making.measured)} to ${formatNumber(totalMl)} mL`;
    case 'askForm':
      return `which form is in the jar? ${making.forms.join(' or ')}`;
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
  const { naming } = useSettings();
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
            const taking = takingFor(need);
            const jar = taking && jarsOf(shelf, taking.form, day.date)[0];
            return [
              box,
              <>
                <strong>
                  <Formula
                    text={`${amountWords(need)} ${need.substance === 'water' ? '' : (taking?.form ?? need.substance)}`}
                    wrap
                  />
                </strong>
                {taking && <small>{nameOnShelf(naming, taking.form)}</small>}
              </>,
              <>
                <small className="quiet">{need.for.join(', ')}</small>
                {need.kind === 'indicator' && (
                  <small className="quiet">Keeps {howItKeeps(need.substance).words}.</small>
                )}
                {need.kind === 'gas' && (
                  <small className="quiet">
                    Made in the step that needs it, or from a cylinder.
                  </small>
                )}
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

function amountWords(need: NeededAsItIs): string {
  const words = (value: number): string => atMostFigures(value, 3);
  switch (need.kind) {
    case 'solid':
      return `${words(need.amountG)} g`;
    case 'liquid':
      return `${words(need.amountMl)} mL as supplied,`;
    case 'water':
      return `${words(need.amountMl)} mL distilled water`;
    case 'indicator':
      return `${Math.ceil(need.drops)} drops`;
    case 'gas':
      return `${words(need.amountMmol)} mmol gas,`;
  }
}
