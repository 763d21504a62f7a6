import { Card } from '../../shared/parts/Card';
import { Anchor, Button, Container, FileButton, Stack, Text, Title } from '@mantine/core';
import {
  fileFormatNames,
  fileFormats,
  fileVersion,
  readExchangeText,
} from '@stoichos/core/report/exchange';
import type { ExchangeFile } from '@stoichos/core/report/exchange';
import { IconCalendar, IconDatabaseExport, IconFileImport } from '@tabler/icons-react';
import { useState } from 'react';
import { useSessionQuery } from '../../data/api/api';
import { attempt } from '@stoichos/core/common';
import { RestoreDialog } from './RestoreDialog';
import { TakeInDialog } from './TakeInDialog';

/** Data in and out: taking files in, the whole as a backup, the calendar, and what the files look like. */
export function DataPage() {
  const { data: session } = useSessionQuery();
  const isInstructor = session?.role === 'instructor';
  const [opened, setOpened] = useState<ExchangeFile>();
  return (
    <Container size="48rem" p={0}>
      <Title order={1} size="h1" my="md">
        Data
      </Title>
      <Stack gap="md">
        <TakeIn setOpened={setOpened} />
        {isInstructor && (
          <Card label="Backup" titled>
            <Text mb="sm">
              Everything in one file: lab days, records, procedures, shelf, settings, passphrases
              and the keys of unknowns. Keep it like a key. To put it back, take it in above, or use
              the command line: <code>npm run backup -- file.json</code>,{' '}
              <code>npm run restore -- file.json</code>.
            </Text>
            <Button
              component="a"
              href="/api/backup"
              download
              leftSection={<IconDatabaseExport size={18} aria-hidden />}
            >
              Save a backup
            </Button>
          </Card>
        )}
        <Card label="Calendar" titled>
          <Text mb="sm">
            All lab days for a calendar (iCalendar). The timetable of one class is saved in its
            Plan, with the time it begins.
          </Text>
          <Button
            component="a"
            href="/api/days.ics"
            download
            leftSection={<IconCalendar size={18} aria-hidden />}
          >
            All lab days
          </Button>
        </Card>
        <Formats />
      </Stack>
      {opened?.format === 'stoichos/backup' ? (
        <RestoreDialog file={opened} close={() => setOpened(undefined)} />
      ) : (
        opened && <TakeInDialog file={opened} close={() => setOpened(undefined)} />
      )}
    </Container>
  );
}

/** The formats, for whoever writes programs. */
function Formats() {
  return (
    <Card label="Formats">
      <Title>What the files look like</Title>
      <Text mb="xs">
        Files are JSON, version {fileVersion}, each with a published JSON Schema. Tables leave as
        CSV, pictures as SVG or PNG.
      </Text>
      <ul>
        {fileFormatNames.map((format) => (
          <li key={format}>
            <Anchor
              underline="always"
              href={`/schemas/${format.split('/')[1] ?? ''}-${fileVersion}.schema.json`}
            >
              {fileFormats[format].name}
            </Anchor>{' '}
            <code>{format}</code>
          </li>
        ))}
      </ul>
    </Card>
  );
}

/** A file of a colleague, taken in. */
function TakeIn({ setOpened }: { readonly setOpened: (next: ExchangeFile | undefined) => void }) {
  const [problem, setProblem] = useState<string>();
  const open = async (file: File | null) => {
    if (!file) return;
    const text = await file.text();
    const read = attempt(() => readExchangeText(text));
    setProblem('problem' in read ? `${file.name}: ${read.problem}` : undefined);
    setOpened('problem' in read ? undefined : read);
  };
  return (
    <Card label="Take in a file" titled>
      <Text mb="sm">
        A lab day or a procedure that was saved here or elsewhere, or a backup. You see what would
        change before anything does.
      </Text>
      <FileButton accept="application/json,.json" onChange={(file) => void open(file)}>
        {(props) => (
          <Button leftSection={<IconFileImport size={18} aria-hidden />} {...props}>
            Choose a file
          </Button>
        )}
      </FileButton>
      {problem && (
        <Text role="alert" mt="sm">
          {problem}
        </Text>
      )}
    </Card>
  );
}
