import { Box, Button, Group, Text, Title } from '@mantine/core';
import { dayShortages } from '@stoichos/core/labday/prep';
import { equipmentOf, otherNeeds } from '@stoichos/core/labday/day';
import { cylindersSource, keepingSource } from '@stoichos/core/planning/prep';
import type { DayShortage } from '@stoichos/core/labday/prep';
import { Link } from 'react-router';
import { useSettings } from '../../data/settings/useSettings';
import { Formula } from '../../shared/chemistry/Formula';
import { useLabDay } from '../../data/useLabDay';
import { DealtUnknowns } from '../../shared/unknowns/DealtUnknowns';
import { longDate } from '../../shared/parts/dates';
import { PrintButton } from '../../shared/parts/PrintButton';
import classes from './PreparePage.module.css';
import { Card } from '../../shared/parts/Card';
import { PrepareTabs } from './PrepareTabs';
import { usePrepSheet } from './usePrepSheet';
import { AsTheyAre, Solutions } from './PrepSheetTables';
import { formatNumber } from '@stoichos/core/common';
import { Cited } from '../../shared/parts/Cited';

/** The prep sheet to work from and to print: solutions with their working, what is set out as it is, equipment, shortages. */
export function PrepSheetPage() {
  const { pipettes, dropsPerMl } = useSettings();
  const day = useLabDay();
  const { lines, shelf } = usePrepSheet(day);
  const others = otherNeeds(day);
  const equipment = equipmentOf(day);
  const short = dayShortages(day, lines, shelf);
  return (
    <>
      <PrepareTabs dayId={day.id} />
      <Group justify="space-between" mb="sm" className="no-print">
        <Text className="quiet">
          Work down the list. What was made can be marked here or while weighing out.
        </Text>
        <PrintButton variant="filled">Print the sheet</PrintButton>
      </Group>
      <Title size="h3">Prep sheet</Title>
      <Text mb="sm">
        {day.name}, {longDate(day.date)} · {day.groups.length} groups of {day.groupSize},{' '}
        {formatNumber(day.sparePercent)} % spare · {day.staff.join(', ')}
      </Text>
      {short.length > 0 && <Short short={short} />}
      <Solutions lines={lines} />
      <AsTheyAre day={day} needs={others} shelf={shelf} />
      <DealtUnknowns dayId={day.id}>
        {({ reagents }) => (
          <>
            <Text>
              A labelled jar for each code, filled by the keys. For the tests, in dropping bottles;
              leave out what yours do without:
            </Text>
            <Checklist lines={reagents} />
          </>
        )}
      </DealtUnknowns>
      {equipment.length > 0 && (
        <section data-testid="equipment">
          <Title order={3} mt="lg" mb="xs">
            Equipment
          </Title>
          <Checklist lines={equipment.map(({ name, count }) => `${count} × ${name}`)} />
        </section>
      )}
      <Text size="sm" className="quiet" mt="md">
        Distilled water throughout. No amount is smaller than{' '}
        {pipettes ? 'graduated pipettes and cylinders measure' : 'cylinders measure'} within 2 % (
        <Cited source={cylindersSource} />
        ). {formatNumber(dropsPerMl)} drops to the millilitre, as the settings have it. Acid into
        water, never the reverse; make up to the mark last. How long things keep:{' '}
        <Cited source={keepingSource} />. Local rules and the supplier’s safety data sheets decide.
      </Text>
    </>
  );
}

/** Things to set out, each with a box to tick on paper. */
function Checklist({ lines }: { lines: readonly string[] }) {
  return (
    <ul className={classes.equipment}>
      {lines.map((line) => (
        <li key={line}>
          <span className={classes.box} aria-hidden /> {line}
        </li>
      ))}
    </ul>
  );
}

function Short({ short }: { short: readonly DayShortage[] }) {
  return (
    <Card className="keep-together" label="Shortages" mb="sm">
      <Text fw={600}>Not enough on the shelf</Text>
      <Box component="ul" my={0} mt={4}>
        {short.map(({ form, message }) => (
          <li key={`${form} ${message}`}>
            <Formula text={form} />: {message}
          </li>
        ))}
      </Box>
      <Button component={Link} to="/shelf" mt="xs" className="no-print">
        Open the shelf
      </Button>
    </Card>
  );
}
