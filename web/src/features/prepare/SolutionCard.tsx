import { Card } from '../../shared/parts/Card';
import { Chip, Group, Text, Title } from '@mantine/core';
import { concentrationOf, latestWeighing } from '@stoichos/core/labday/day';
import { formsOnShelf, jarsOf, takingOf } from '@stoichos/core/labday/prep';
import { nameOnShelf } from '@stoichos/core/matter/substances';
import { hazardsOf } from '@stoichos/core/safety';
import type { VesselView } from '@stoichos/core/seeing/appearance';
import type { DayLine } from '@stoichos/core/labday/prep';
import type { LabDay } from '@stoichos/core/labday/day';
import type { ShelfItem } from '@stoichos/core/planning/shelf';
import { useSettings } from '../../data/settings/useSettings';
import { Formula } from '../../shared/chemistry/Formula';
import { PictogramRow } from '../../shared/chemistry/Pictogram';
import { DataSheetLinks } from '../../shared/reagents/DataSheetLinks';
import { Vessel } from '../../shared/glassware/Vessel';
import { MadeMark } from './MadeMark';
import { strengthText } from '@stoichos/core/planning/prep';
import { Recipe } from './Recipe';
import { WeighingEntry } from './WeighingEntry';
import { formatNumber, withFigures, atMostPlaces } from '@stoichos/core/common';

interface SolutionCardProps {
  readonly day: LabDay;
  readonly line: DayLine;
  /** How it looks as made; undefined until that is calculated. */
  readonly look: VesselView | undefined;
  readonly shelf: readonly ShelfItem[];
  readonly choose: (substance: string, form: string) => void;
}

/** One solution to make: which form is in the jar, how much to weigh or measure, and what was really weighed. */
export function SolutionCard({ day, line, look, shelf, choose }: SolutionCardProps) {
  const { naming } = useSettings();
  const { substance, making, totalMl } = line;
  const done = latestWeighing(day.weighings, line);
  const forms = formsOnShelf(shelf, substance);
  const form =
    making.kind === 'weigh' ? making.form : making.kind === 'askForm' ? undefined : substance;
  const asksForm = forms.length > 1 && (making.kind === 'weigh' || making.kind === 'askForm');
  const taken = takingOf(line, done?.actualG);
  const jar = taken && jarsOf(shelf, taken.form, day.date)[0];
  return (
    <Card label={`${substance} ${strengthText(line.concentrationM)}`}>
      <Group justify="space-between" wrap="nowrap" align="flex-start">
        <div>
          <Title>
            <Formula text={substance} /> {strengthText(line.concentrationM)}
          </Title>
          <Text className="quiet" size="sm">
            {nameOnShelf(naming, substance)}
            {look && `, ${look.colour}`} · make <strong>{formatNumber(totalMl)} mL</strong> (
            {line.isIntermediate ? 'to dilute from' : `${atMostPlaces(line.usedMl, 1)} mL used`})
          </Text>
          <Text className="quiet" size="sm">
            for <Formula text={line.for.join(', ')} wrap />
          </Text>
        </div>
        <Group gap={4} wrap="nowrap">
          <PictogramRow pictograms={hazardsOf(line).pictograms} />
          <Vessel container="flask" view={look} label={`${substance} as made`} height={72} />
        </Group>
      </Group>
      <DataSheetLinks substance={substance} />
      {asksForm && <FormChoice substance={substance} forms={forms} form={form} choose={choose} />}
      <Recipe line={line} place={form && jarsOf(shelf, form, day.date)[0]?.place} />
      {making.kind === 'weigh' && (
        <WeighingEntry
          key={making.form}
          day={day}
          line={line}
          making={making}
          forms={forms}
          done={done}
        />
      )}
      {done && (
        <Text mt="sm" data-testid="made">
          Made: {formatNumber(done.actualG)} g of <Formula text={done.form} /> in{' '}
          {formatNumber(done.volumeMl)} mL →{' '}
          <strong>{withFigures(concentrationOf(done), 3)} M</strong>
        </Text>
      )}
      {making.kind !== 'askForm' && making.kind !== 'impossible' && (
        <Group mt="sm">
          <MadeMark
            word="made"
            day={day}
            lineKey={line.key}
            {...(jar && { taking: { jar, amount: taken.amount } })}
          />
        </Group>
      )}
    </Card>
  );
}

interface FormChoiceProps {
  readonly substance: string;
  readonly forms: readonly string[];
  readonly form: string | undefined;
  readonly choose: (substance: string, form: string) => void;
}

/** Which form stands on the shelf. */
function FormChoice({ substance, forms, form, choose }: FormChoiceProps) {
  return (
    <>
      <Text fw={600} mt="sm" mb={4} size="sm">
        Which form is in the jar?
      </Text>
      <Chip.Group value={form ?? null} onChange={(value) => choose(substance, String(value))}>
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
    </>
  );
}
