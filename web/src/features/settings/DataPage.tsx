import { Card } from '../../shared/parts/Card';
import { Anchor, Button, Container, FileButton, Stack, Text, Title } from '@mantine/core';
import {
  isBackup,
  publishedSchemas,
  readBackupHead,
  readExchangeText,
} from '@stoichos/core/report/exchange';
import type { BackupHead, ExchangeFile } from '@stoichos/core/report/exchange';
import { IconCalendar, IconDatabaseExport, IconFileImport } from '@tabler/icons-react';
import { useState } from 'react';
import { useSessionQuery } from '../../data/api/api';
import { ChemistryError } from '@stoichos/core/common';
import { RestoreDialog } from './RestoreDialog';
import { TakeInDialog } from './TakeInDialog';

/** A file that was chosen and read: a backup by its head alone, for it may be larger than the memory of a tablet. */
type Opened =
  | { readonly kind: 'backup'; readonly file: File; readonly head: BackupHead }
  | { readonly kind: 'whole'; readonly content: ExchangeFile };

/** The first line of a backup is shorter than this, bytes. */
const headBytes = 4000;

/** @throws ChemistryError in words for what cannot be read. */
async function openFile(file: File): Promise<Opened> {
  const [firstLine = ''] = (await file.slice(0, headBytes).text()).split('\n', 1);
  return isBackup(firstLine)
    ? { kind: 'backup', file, head: readBackupHead(firstLine) }
    : { kind: 'whole', content: readExchangeText(await file.text()) };
}

/** Data in and out: taking files in, the whole as a backup, the calendar, and what the files look like. */
export function DataPage() {
  const { data: session } = useSessionQuery();
  const isInstructor = session?.role === 'instructor';
  const [opened, setOpened] = useState<Opened>();
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
              the command line: <code>npm run backup -- file.ndjson</code>,{' '}
              <code>npm run restore -- file.ndjson</code>.
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
      {opened?.kind === 'backup' && (
        <RestoreDialog file={opened.file} head={opened.head} close={() => setOpened(undefined)} />
      )}
      {opened?.kind === 'whole' && (
        <TakeInDialog file={opened.content} close={() => setOpened(undefined)} />
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
        Files are JSON, each with a published JSON Schema; a backup is JSON line by line. Tables
        leave as CSV, pictures as SVG or PNG.
      </Text>
      <ul>
        {publishedSchemas().map(({ file, what }) => (
          <li key={file}>
            <Anchor underline="always" href={`/schemas/${file}`}>
              {what}
            </Anchor>
          </li>
        ))}
      </ul>
    </Card>
  );
}

/** A file of a colleague, taken in. */
function TakeIn({ setOpened }: { readonly setOpened: (next: Opened | undefined) => void }) {
  const [problem, setProblem] = useState<string>();
  const open = async (file: File | null) => {
    if (!file) return;
    try {
      setOpened(await openFile(file));
      setProblem(undefined);
    } catch (error) {
      if (!(error instanceof ChemistryError)) throw error;
      setProblem(`${file.name}: ${error.message} ${error.remedy}`);
      setOpened(undefined);
    }
  };
  return (
    <Card label="Take in a file" titled>
      <Text mb="sm">
        A lab day or a procedure that was saved here or elsewhere, or a backup. You see what would
        change before anything does.
      </Text>
      <FileButton accept="application/json,.json,.ndjson" onChange={(file) => void open(file)}>
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
