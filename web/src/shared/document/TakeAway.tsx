import { Button, Group, Text } from '@mantine/core';
import { markdownOf } from '@stoichos/core/report/dayReport';
import type { ReportDocument } from '@stoichos/core/report/dayReport';
import { IconDownload, IconPrinter } from '@tabler/icons-react';
import { useState } from 'react';
import { useSettings } from '../../data/settings/useSettings';
import { save } from '../parts/save';

const kinds = {
  PDF: { type: 'application/pdf', ending: 'pdf' },
  HTML: { type: 'text/html', ending: 'html' },
  Markdown: { type: 'text/markdown', ending: 'md' },
} as const;
type Kind = keyof typeof kinds;

/** A document to print, and to take away as a file. What makes the files is loaded when one is wanted. */
export function TakeAway({ document, name }: { document: ReportDocument; name: string }) {
  const { paper } = useSettings();
  const [making, setMaking] = useState<Kind>();
  const [problem, setProblem] = useState<string>();
  const write = async (kind: Kind): Promise<Blob> => {
    if (kind === 'PDF') return (await import('./pdfFile')).pdfFile(document, paper);
    const text =
      kind === 'HTML'
        ? await (await import('./htmlFile')).htmlFile(document, paper)
        : markdownOf(document);
    return new Blob([text], { type: `${kinds[kind].type};charset=utf-8` });
  };
  const take = async (kind: Kind): Promise<void> => {
    setMaking(kind);
    setProblem(undefined);
    try {
      save(await write(kind), `${name}.${kinds[kind].ending}`);
    } catch (error) {
      setProblem(
        `The ${kind} file was not made: ${error instanceof Error ? error.message : 'it could not be loaded'} Print, or try again once the server answers.`,
      );
    } finally {
      setMaking(undefined);
    }
  };
  return (
    <>
      <Group gap="sm" className="no-print">
        <Button
          variant="filled"
          leftSection={<IconPrinter size={18} aria-hidden />}
          onClick={() => window.print()}
        >
          Print
        </Button>
        {(Object.keys(kinds) as Kind[]).map((kind) => (
          <Button
            key={kind}
            loading={making === kind}
            disabled={making !== undefined && making !== kind}
            leftSection={<IconDownload size={18} aria-hidden />}
            onClick={() => void take(kind)}
          >
            {kind}
          </Button>
        ))}
      </Group>
      {problem && (
        <Text role="alert" mt="xs">
          {problem}
        </Text>
      )}
    </>
  );
}
