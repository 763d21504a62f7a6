import { Text, Title } from '@mantine/core';
import { nameOnShelf } from '@stoichos/core/matter/substances';
import { howItKeeps } from '@stoichos/core/planning/prep';
import type { LabDay, NeededAsItIs } from '@stoichos/core/labday';
import type { ShelfItem, Taking } from '@stoichos/core/planning/shelf';
import { useSettings } from '../../data/settings/useSettings';
import { Formula } from '../../shared/chemistry/Formula';
import { MadeMark } from './MadeMark';
import classes from './PreparePage.module.css';
import { measuredText, strengthText, workingOf } from './Recipe';
import { jarsOf } from './usePrepSheet';
import type { DayLine } from './usePrepSheet';
import { atMostFigures, formatNumber } from '@stoichos/core/common';

export function Solutions({ lines }: { lines: readonly DayLine[] }) {
  const { naming } = useSettings();
  if (lines.length === 0) return <Text className="quiet">No solution is to be made.</Text>;
  return (
    <div className={classes.wide}>
      <table className={classes.sheet}>
        <caption className="visually-hidden">Solutions in the order to make them</caption>
        <thead>
          <tr>
            <th>
              <span className="visually-hidden">Done</span>
            </th>
            <th>Solution</th>
            <th>Make</th>
            <th>Take</th>
            <th>Working, cautions, keeping</th>
          </tr>
        </thead>
        <tbody>
          {lines.map((line) => (
            <tr key={line.key} data-testid="sheet-line">
              <td>
                <span className={classes.box} aria-hidden />
              </td>
              <td>
                <strong>
                  <Formula text={line.substance} /> {strengthText(line.concentrationM)} M
                </strong>
                <small>{nameOnShelf(naming, line.substance)}</small>
                <small className="quiet">{line.for.join(', ')}</small>
              </td>
              <td>{formatNumber(line.totalMl)} mL</td>
              <td>
                <Formula text={takeText(line)} wrap />
              </td>
              <td>
                <small>
                  {workingOf(line).working.map((step) => (
                    <span key={step} style={{ display: 'block' }}>
                      <Formula text={step} wrap />
                    </span>
                  ))}
                </small>
                <small>{workingOf(line).cautions.join(' ')}</small>
                {line.slow && <small>First: {line.slow}.</small>}
                <small className="quiet">Keeps {line.keeps.words}.</small>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function takeText({ making, substance, totalMl }: DayLine): string {
  switch (making.kind) {
    case 'weigh':
      return `${formatNumber(making.roundedG)} g ${making.form}`;
    case 'stock':
      return `${measuredText(making.measured)} of ${substance} as supplied`;
    case 'fromOther':
      return `${measuredText(making.measured)} of the ${strengthText(making.otherM)} M solution`;
    case 'chain':
      return `${formatNumber(making.motherG)} g ${making.form} to ${formatNumber(making.motherMl)} mL; of that ${measuredText(making.measured)} to ${formatNumber(totalMl)} mL`;
    case 'askForm':
      return `which form is in the jar? ${making.forms.join(' or ')}`;
    case 'impossible':
      return `${making.problem} ${making.remedy}`;
  }
}

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
        <table className={classes.sheet}>
          <tbody>
            {needs.map((need) => {
              const taking = takingFor(need);
              const jar = taking && jarsOf(shelf, taking.form, day.date)[0];
              return (
                <tr key={need.key}>
                  <td>
                    <span className={classes.box} aria-hidden />
                  </td>
                  <td>
                    <strong>
                      <Formula
                        text={`${amountWords(need)} ${need.substance === 'water' ? '' : (taking?.form ?? need.substance)}`}
                        wrap
                      />
                    </strong>
                    {taking && <small>{nameOnShelf(naming, taking.form)}</small>}
                  </td>
                  <td>
                    <small className="quiet">{need.for.join(', ')}</small>
                    {need.kind === 'indicator' && (
                      <small className="quiet">Keeps {howItKeeps(need.substance).words}.</small>
                    )}
                    {need.kind === 'gas' && (
                      <small className="quiet">
                        Made in the step that needs it, or from a cylinder.
                      </small>
                    )}
                  </td>
                  <td className="no-print">
                    {taking && (
                      <MadeMark
                        word="set out"
                        day={day}
                        lineKey={need.key}
                        {...(jar && { taking: { jar, amount: taking.amount } })}
                      />
                    )}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
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

export function takingFor(need: NeededAsItIs): Taking | undefined {
  if (need.kind === 'solid')
    return { form: need.form ?? need.substance, amount: need.amountG, unit: 'g' };
  if (need.kind === 'liquid') return { form: need.substance, amount: need.amountMl, unit: 'mL' };
  return undefined;
}
