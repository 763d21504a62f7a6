import { Button, Group, Select, Text, TextInput, UnstyledButton } from '@mantine/core';
import { labelSheets, labelsFor, printedStatements } from '@stoichos/core/labday/prep';
import { deferral } from '@stoichos/core/safety';
import type { Label, LabelSheet, LabelSheetId } from '@stoichos/core/labday/prep';
import { useMemo, useState } from 'react';
import { useSettings } from '../../data/settings/useSettings';
import { Formula } from '../../shared/chemistry/Formula';
import { PictogramRow } from '../../shared/chemistry/Pictogram';
import { useLabDay } from '../../data/useLabDay';
import { today } from '../../shared/parts/dates';
import { PrintButton } from '../../shared/parts/PrintButton';
import classes from './LabelsPage.module.css';
import * as z from 'zod';
import { useKept } from '../../data/kept/useKept';
import { PrepareTabs } from './PrepareTabs';
import { usePrepSheet } from './usePrepSheet';

const sheetIds = z.enum(Object.keys(labelSheets) as [LabelSheetId, ...LabelSheetId[]]);

/** Labels for everything that is made or set out, on the sheet one has, to print. */
export function LabelsPage() {
  const day = useLabDay();
  const { naming } = useSettings();
  const [sheetId, setSheetId] = useKept('stoichos-label-sheet', sheetIds, 'a4-14');
  const [maker, setMaker] = useState(day.staff[0] ?? '');
  const [date, setDate] = useState(today());
  const [copies, setCopies] = useState('1');
  const [left, setLeft] = useState<readonly string[]>([]);
  const sheet = labelSheets[sheetId];
  const { lines } = usePrepSheet(day);
  const all = useMemo(() => labelsFor(day, naming, lines), [day, naming, lines]);
  const labels = all
    .filter(({ key }) => !left.includes(key))
    .flatMap((label) => Array.from({ length: Number(copies) }, () => ({ ...label, maker, date })));
  const perSheet = sheet.columns * sheet.rows;
  const sheets = Array.from({ length: Math.ceil(labels.length / perSheet) }, (_, at) =>
    labels.slice(at * perSheet, (at + 1) * perSheet),
  );
  return (
    <>
      <PrepareTabs dayId={day.id} />
      <div className="no-print">
        <Group align="flex-end" mb="sm">
          <Select
            label="Label sheet"
            w={260}
            value={sheetId}
            data={Object.entries(labelSheets).map(([value, { name }]) => ({ value, label: name }))}
            onChange={(value) => setSheetId(value as LabelSheetId)}
          />
          <Select
            label="Of each"
            w={110}
            value={copies}
            data={['1', '2', '4', String(day.groups.length)].filter(
              (one, at, list) => list.indexOf(one) === at,
            )}
            onChange={(value) => setCopies(value ?? '1')}
          />
          <TextInput
            label="Made by"
            value={maker}
            onChange={(event) => setMaker(event.currentTarget.value)}
          />
          <TextInput
            label="Made on"
            type="date"
            value={date}
            onChange={(event) => setDate(event.currentTarget.value)}
          />
          <PrintButton variant="filled" disabled={labels.length === 0}>
            Print {labels.length} {labels.length === 1 ? 'label' : 'labels'}
          </PrintButton>
        </Group>
        {all.length === 0 ? (
          <Text className="quiet">
            Nothing is planned yet; a label comes for every solution and solid of the day.
          </Text>
        ) : (
          <Text className="quiet" size="sm" mb="sm">
            Print at 100 %, {sheet.paper}. Tap a label to leave it out. {deferral}
          </Text>
        )}
      </div>
      <style>{printed(sheet)}</style>
      {sheets.map((labelsOn, at) => (
        <Sheet
          key={String(at)}
          sheet={sheet}
          labels={labelsOn}
          onLeaveOut={(key) => setLeft([...left, key])}
        />
      ))}
      {left.length > 0 && (
        <Button mt="sm" className="no-print" onClick={() => setLeft([])}>
          Put {left.length} left out back
        </Button>
      )}
    </>
  );
}

/** On paper there is nothing but the labels, at the very edges they were cut for. */
const printed = ({ paper }: LabelSheet): string => `@media print {
  @page { size: ${paper}; margin: 0; }
  .day-head { display: none; }
  main { margin: 0 !important; padding: 0 !important; max-width: none !important; }
}`;

/** One sheet of paper, true to size in print. */
function Sheet({
  sheet,
  labels,
  onLeaveOut,
}: {
  sheet: LabelSheet;
  labels: readonly Label[];
  onLeaveOut: (key: string) => void;
}) {
  return (
    <div
      className={classes.sheet}
      data-testid="label-sheet"
      style={{
        gridTemplateColumns: `repeat(${sheet.columns}, ${sheet.widthMm}mm)`,
        gridAutoRows: `${sheet.heightMm}mm`,
        paddingTop: `${sheet.topMm}mm`,
        paddingLeft: `${sheet.leftMm}mm`,
        width: sheet.paper === 'A4' ? '210mm' : '215.9mm',
      }}
    >
      {labels.map((label, at) => (
        <UnstyledButton
          key={`${label.key} ${String(at)}`}
          className={classes.label}
          onClick={() => onLeaveOut(label.key)}
          aria-label={`${label.name}, ${label.strength}: leave it out`}
        >
          <span className={classes.name}>{label.name}</span>
          <span className={classes.line}>
            {label.formula !== '' && (
              <>
                <Formula text={label.formula} /> ·{' '}
              </>
            )}
            <strong>{label.strength}</strong>
          </span>
          <span className={classes.pictograms}>
            <PictogramRow pictograms={label.pictograms} />
            {label.signal && <strong>{label.signal}</strong>}
          </span>
          <Statements label={label} sheet={sheet} />
          <span className={classes.foot}>
            {label.date} · {label.maker}
            {label.keeps && ` · keeps ${label.keeps}`}
          </span>
        </UnstyledButton>
      ))}
    </div>
  );
}

/** The statements there is room for, the worst first, and the numbers of the others. */
function Statements({ label, sheet }: { label: Label; sheet: LabelSheet }) {
  const { words, codes } = printedStatements(label, sheet);
  return (
    <span className={classes.statements}>
      {words.map((one) => `${one.replace(/\.$/, '')}. `)}
      {codes.length > 0 && <strong>{codes.join(', ')}</strong>}
    </span>
  );
}
