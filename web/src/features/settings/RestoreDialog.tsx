import { LineTable } from '../../shared/parts/LineTable';
import { Button, Checkbox, Group, Modal, Text } from '@mantine/core';
import type { BackupHead } from '@stoichos/core/report/exchange';
import { useEffect, useState } from 'react';
import { useRestoreMutation } from '../../data/api/api';
import { forgetSaved } from '../../data/saving/saveWhole';
import { ProblemNote } from '../../shared/parts/ProblemNote';

/** What the tables of a backup hold, as an instructor calls it. */
const names: Readonly<Record<string, string>> = {
  lab_days: 'Lab days',
  groups: 'Groups',
  day_procedures: 'Procedures in lab days',
  bench_entries: 'Lines of the record',
  weighings: 'Weighings',
  preparations: 'Preparations',
  unknowns: 'Unknowns',
  unknown_answers: 'Answers to unknowns',
  messages: 'Messages',
  own_procedures: 'Own procedures',
  shelf_items: 'Jars on the shelf',
  cell_runs: 'Electrolyses',
  kept_runs: 'Kept sequences',
};

/** Shows what restoring a backup would put in place of what is there. It takes the place of everything, so it is asked for twice. */
export function RestoreDialog({
  file,
  head,
  close,
}: {
  readonly file: File;
  readonly head: BackupHead;
  readonly close: () => void;
}) {
  const [ask, { data: plan, error, isLoading }] = useRestoreMutation();
  const [sure, setSure] = useState(false);
  useEffect(() => {
    void ask({ file, apply: false });
  }, [file, ask]);
  const restore = async () => {
    const answer = await ask({ file, apply: true });
    // Everything on the screen was read before: begin anew.
    if (answer.error) return;
    forgetSaved();
    location.assign('/');
  };
  const madeAt = head.madeAt.slice(0, 16).replace('T', ', ');
  return (
    <Modal opened onClose={close} title={`Backup of ${madeAt} UTC`} size="lg">
      <ProblemNote error={error} />
      {plan && (
        <>
          <LineTable
            data-testid="restore-plan"
            head={['What', 'Here now', 'In the backup']}
            rows={plan.tables
              .filter(({ name }) => name in names)
              .map(({ name, now, inBackup }) => [names[name], now, inBackup])}
          />
          <Text my="sm">
            The backup takes the place of everything that is here, settings and passphrases too.
            Save a backup of what is here first, if any of it counts. Everybody signs in anew.
          </Text>
          <Checkbox
            label="Put the backup in place of everything"
            checked={sure}
            onChange={(event) => setSure(event.currentTarget.checked)}
          />
        </>
      )}
      <Group justify="flex-end" mt="md">
        <Button onClick={close}>Leave everything as it is</Button>
        {plan && (
          <Button
            variant="filled"
            loading={isLoading}
            disabled={!sure}
            onClick={() => void restore()}
          >
            Restore
          </Button>
        )}
      </Group>
    </Modal>
  );
}
