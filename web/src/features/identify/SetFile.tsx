import { Button, FileButton, Group, Modal, Text } from '@mantine/core';
import { exchangeText, fileVersion, readExchangeText } from '@stoichos/core/report/exchange';
import type { UnknownSet } from '@stoichos/core/report/exchange';
import { IconDownload, IconFileImport } from '@tabler/icons-react';
import { useState } from 'react';
import { save } from '../../shared/parts/save';
import { attempt } from '@stoichos/core/common';
import type { UnknownState } from '../../shared/unknowns/unknownState';

/** What a set holds, in words. */
function inWords({ kind, listed, own, salts }: UnknownSet): string {
  if (kind === 'inorganic') return `${salts.length} salts and mixtures`;
  const some = listed.length > 0 ? `${listed.length} listed compounds` : 'all listed compounds';
  return own.length > 0 ? `${some} and ${own.length} structures of one’s own` : some;
}

/** The set of unknowns as a file, and back: what it would put in place of what is set is shown first. */
export function SetFile({
  state,
  change,
}: {
  state: UnknownState;
  change: (part: Partial<UnknownState>) => void;
}) {
  const [opened, setOpened] = useState<UnknownSet>();
  const [problem, setProblem] = useState<string>();
  const { kind, listed, own, salts } = state;
  const current: UnknownSet = { kind, listed, own, salts };
  const open = async (file: File | null) => {
    if (!file) return;
    const text = await file.text();
    const read = attempt(() => readExchangeText(text));
    if ('problem' in read) setProblem(`${file.name}: ${read.problem}`);
    else if (read.format !== 'stoichos/unknown-set')
      setProblem(`${file.name} is no set of unknowns. Take other files in under Data.`);
    else {
      setProblem(undefined);
      setOpened(read.set);
    }
  };
  return (
    <>
      <Group gap="xs" mt="md" className="no-print">
        <Button
          leftSection={<IconDownload size={18} aria-hidden />}
          onClick={() => {
            const text = exchangeText({
              format: 'stoichos/unknown-set',
              version: fileVersion,
              set: current,
            });
            save(new Blob([text], { type: 'application/json' }), `Unknowns, ${kind}.json`);
          }}
        >
          Save the set
        </Button>
        <FileButton accept="application/json,.json" onChange={(file) => void open(file)}>
          {(props) => (
            <Button leftSection={<IconFileImport size={18} aria-hidden />} {...props}>
              Open a set
            </Button>
          )}
        </FileButton>
      </Group>
      {problem && (
        <Text role="alert" size="sm" mt="xs">
          {problem}
        </Text>
      )}
      <OpenSet setOpened={setOpened} current={current} opened={opened} change={change} />
    </>
  );
}

interface OpenSetProps {
  readonly setOpened: (next: UnknownSet | undefined) => void;
  readonly current: UnknownSet;
  readonly opened: UnknownSet | undefined;
  readonly change: (part: Partial<UnknownState>) => void;
}

/** What a file would put in place of the set that is open. */
function OpenSet({ setOpened, current, opened, change }: OpenSetProps) {
  return (
    <Modal
      opened={opened !== undefined}
      onClose={() => setOpened(undefined)}
      title="Open a set of unknowns"
    >
      {opened && (
        <>
          <Text>
            {inWords(opened)} take the place of {inWords({ ...current, kind: opened.kind })}.
            Results that were recorded stay.
          </Text>
          <Group justify="flex-end" mt="md">
            <Button onClick={() => setOpened(undefined)}>Leave the set as it is</Button>
            <Button
              variant="filled"
              onClick={() => {
                change({ ...opened, classesOut: [] });
                setOpened(undefined);
              }}
            >
              Open it
            </Button>
          </Group>
        </>
      )}
    </Modal>
  );
}
