import { ActionIcon, Button, Text } from '@mantine/core';
import { findSubstance } from '@stoichos/core/matter/substances';
import { actionWords, eventWords } from '@stoichos/core/seeing/rack';
import { dropNames } from '@stoichos/core/vessel';
import type { ProcedureStep } from '@stoichos/core/planning/procedure';
import type { RackEvent } from '@stoichos/core/seeing/rack';
import type { AnyPortion } from '@stoichos/core/vessel';
import { IconX } from '@tabler/icons-react';
import { NumberField } from '../../shared/parts/NumberField';
import { Formula } from '../../shared/chemistry/Formula';
import { ShelfSearch } from '../../shared/reagents/ShelfSearch';
import { FormSelect } from '../../shared/reagents/FormSelect';
import { kindOf, portionOf, usualPortion } from '../../shared/reagents/portionDraft';
import classes from './EditorPage.module.css';
import { Amount } from '../../shared/study/Amount';

type Range = ProcedureStep['ranges'][number];

interface EventEditorProps {
  readonly event: RackEvent;
  readonly range: Range | undefined;
  readonly onChange: (event: RackEvent, label: string) => void;
  readonly onRange: (range: { readonly low: number; readonly high: number } | undefined) => void;
  readonly onRemove: () => void;
}

/** One thing done in a step: its reagent, its amount, or a range where it is approximate on purpose. */
export function EventEditor({ event, range, onChange, onRange, onRemove }: EventEditorProps) {
  const isPortion = 'vessel' in event && event.action.do === 'add';
  return (
    <li className={classes.event} data-testid="event">
      {isPortion && 'vessel' in event && event.action.do === 'add' ? (
        <PortionFields
          vessel={event.vessel}
          portion={event.action.portion}
          range={range}
          onRange={onRange}
          onChange={(portion, label) =>
            onChange({ vessel: event.vessel, action: { do: 'add', portion } }, label)
          }
        />
      ) : (
        <OtherFields event={event} onChange={onChange} />
      )}
      <ActionIcon onClick={onRemove} aria-label={`Take out: ${eventWords(event)}`}>
        <IconX size={18} />
      </ActionIcon>
    </li>
  );
}

const units = {
  volumeMl: 'mL',
  concentrationM: 'mol/L',
  percentWV: '% w/v',
  massG: 'g',
  drops: 'drops',
  amountMmol: 'mmol',
} as const;
type AmountField = keyof typeof units;

interface PortionFieldsProps {
  readonly vessel: string;
  readonly portion: AnyPortion;
  readonly range: Range | undefined;
  readonly onChange: (portion: AnyPortion, label: string) => void;
  readonly onRange: EventEditorProps['onRange'];
}

function PortionFields({ vessel, portion, range, onChange, onRange }: PortionFieldsProps) {
  const name =
    'indicator' in portion ? portion.indicator : 'gas' in portion ? portion.gas : portion.substance;
  const fields = (Object.keys(units) as AmountField[]).filter((field) => field in portion);
  const amountField = fields.find((field) => field !== 'concentrationM' && field !== 'percentWV');
  const amount = amountField ? Number(Reflect.get(portion, amountField)) : 0;
  const rename = (next: string) => {
    const kept = renamed(portion, next);
    if (kept) onChange(kept, `reagent ${vessel}`);
  };
  return (
    <div className={classes.portionRow}>
      <div className={classes.reagent}>
        <ShelfSearch label={`Into ${vessel}`} value={onList(name)} onChange={rename} />
        {'massG' in portion && (
          <FormSelect
            name={name}
            form={name}
            onChange={(form) => onChange({ ...portion, substance: form }, `form ${vessel}`)}
          />
        )}
      </div>
      <div className={classes.amounts}>
        {fields.map((field) => (
          <NumberField
            key={field}
            label={units[field]}
            min={0}
            value={Number(Reflect.get(portion, field))}
            onChange={(value) => {
              if (typeof value === 'number' && value > 0)
                onChange({ ...portion, [field]: value }, `amount ${vessel} ${name} ${field}`);
            }}
          />
        ))}
        {range ? (
          <>
            <NumberField
              label="from about"
              min={0}
              value={range.low}
              onChange={(low) =>
                typeof low === 'number' && low > 0 && onRange({ low, high: range.high })
              }
            />
            <NumberField
              label="to"
              min={0}
              value={range.high}
              onChange={(high) =>
                typeof high === 'number' && high > 0 && onRange({ low: range.low, high })
              }
            />
            <Button onClick={() => onRange(undefined)}>Exact</Button>
          </>
        ) : (
          <Button onClick={() => onRange({ low: 0.8 * amount, high: 1.2 * amount })}>About</Button>
        )}
      </div>
    </div>
  );
}

/** What a reagent is listed as: a hydrate as its salt. */
function onList(name: string): string {
  return dropNames.includes(name) || name === 'water'
    ? name
    : findSubstance(name).substance.formula;
}

/** The same amount of another reagent, where it is measured the same way; else its usual amount. */
function renamed(portion: AnyPortion, name: string): AnyPortion | undefined {
  const usual = usualPortion(name, kindOf(portion));
  const read = portionOf(usual);
  if ('problem' in read) return undefined;
  const isSolution = 'concentrationM' in portion && 'concentrationM' in read.portion;
  const isSolid = 'massG' in portion && 'massG' in read.portion;
  const isDrops = 'drops' in portion && 'drops' in read.portion;
  if (isSolution)
    return {
      ...read.portion,
      concentrationM: portion.concentrationM,
      volumeMl: portion.volumeMl,
    };
  if (isSolid) return { ...read.portion, massG: portion.massG };
  return isDrops ? { ...read.portion, drops: portion.drops } : read.portion;
}

/** Numbers of the other actions, by field. */
const numbers: Readonly<Record<string, readonly [label: string, unit: string]>> = {
  toC: ['to', '°C'],
  minutes: ['for', 'min'],
  amountMmol: ['amount', 'mmol'],
  toVolumeMl: ['to', 'mL'],
  fraction: ['share', '0 to 1'],
};

function OtherFields({
  event,
  onChange,
}: {
  event: RackEvent;
  onChange: EventEditorProps['onChange'];
}) {
  if (!('vessel' in event))
    return (
      <Text>
        <Formula text={eventWords(event)} wrap />
      </Text>
    );
  const fields = Object.keys(numbers).filter(
    (field) => typeof Reflect.get(event.action, field) === 'number',
  );
  return (
    <div className={classes.portion}>
      <Text>
        <span className="quiet">{event.vessel}: </span>
        <Formula text={actionWords(event.action)} wrap />
      </Text>
      {fields.length > 0 && (
        <div className={classes.amounts}>
          {fields.map((field) => (
            <Amount
              key={field}
              label={numbers[field]?.[0] ?? field}
              unit={numbers[field]?.[1] ?? ''}
              value={Number(Reflect.get(event.action, field))}
              onChange={(value) => {
                if (typeof value === 'number')
                  onChange(
                    { ...event, action: { ...event.action, [field]: value } },
                    `number ${event.vessel} ${field}`,
                  );
              }}
            />
          ))}
        </div>
      )}
    </div>
  );
}
