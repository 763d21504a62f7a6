import { Alert, Button, FileButton, Group, Text, TextInput } from '@mantine/core';
import { IconFileText, IconTrash } from '@tabler/icons-react';
import { useState } from 'react';
import {
  useDataSheetsQuery,
  useDropDataSheetMutation,
  useKeepDataSheetMutation,
  useLinkDataSheetMutation,
} from '../../data/api/api';
import { explainError } from '../../data/api/explainError';
import { JarSheet } from '../../shared/reagents/DataSheetLinks';
import type { ShelfItem } from '@stoichos/core/planning/shelf';

/** The supplier’s data sheet of a jar: a link, or the PDF kept with it. */
export function DataSheetField({ jar }: { jar: Pick<ShelfItem, 'id' | 'form'> }) {
  const { data: sheets = [] } = useDataSheetsQuery();
  const sheet = sheets.find(({ itemId }) => itemId === jar.id);
  const [link, setLink] = useState<string>();
  const [problem, setProblem] = useState('');
  const [saveLink] = useLinkDataSheetMutation();
  const [keep, { isLoading }] = useKeepDataSheetMutation();
  const [drop] = useDropDataSheetMutation();
  const attempt = async (work: () => Promise<unknown>) => {
    try {
      await work();
      setProblem('');
      setLink(undefined);
    } catch (error) {
      const { message, remedy } = explainError(error);
      setProblem(`${message} ${remedy}`);
    }
  };
  return (
    <section aria-label="Supplier’s data sheet">
      <Group align="flex-end">
        <TextInput
          label="Supplier’s data sheet"
          description="A link, or the PDF itself, up to 1.5 MB"
          placeholder="https://"
          flex="1 1 16rem"
          value={link ?? sheet?.link ?? ''}
          onChange={(event) => setLink(event.currentTarget.value)}
        />
        <Button
          disabled={link === undefined}
          onClick={() =>
            void attempt(() =>
              saveLink({ itemId: jar.id, link: (link ?? '').trim() || null }).unwrap(),
            )
          }
        >
          Save link
        </Button>
        <FileButton
          accept="application/pdf"
          onChange={(file) => file && void attempt(() => keep({ itemId: jar.id, file }).unwrap())}
        >
          {(props) => (
            <Button
              {...props}
              loading={isLoading}
              leftSection={<IconFileText size={18} aria-hidden />}
            >
              Add PDF
            </Button>
          )}
        </FileButton>
      </Group>
      {sheet && (
        <Group mt="xs">
          <JarSheet jar={jar} />
          {sheet.name !== null && <Text size="sm">{sheet.name}</Text>}
          <Button
            variant="subtle"
            leftSection={<IconTrash size={16} aria-hidden />}
            onClick={() => void attempt(() => drop(jar.id).unwrap())}
          >
            Delete data sheet
          </Button>
        </Group>
      )}
      {problem && (
        <Alert title="Not saved" role="alert" mt="xs">
          {problem}
        </Alert>
      )}
    </section>
  );
}
