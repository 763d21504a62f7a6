import { LineTable } from '../../shared/parts/LineTable';
import { Button, Group, Modal, Text } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { readShelfFile } from '@stoichos/core/planning/shelf';
import { useEffect, useMemo } from 'react';
import { useImportShelfMutation } from '../../data/api/api';
import { explainError } from '../../data/api/explainError';
import { sayProblem } from '../../shared/parts/sayProblem';
import classes from './ImportDialog.module.css';

interface ImportDialogProps {
  readonly file: { readonly name: string; readonly text: string };
  readonly close: () => void;
}

/** Shows what a shelf file would change, or everything that is wrong with it; only then is anything written. */
export function ImportDialog({ file, close }: ImportDialogProps) {
  const problems = useMemo(() => readShelfFile(file.text).problems ?? [], [file]);
  const [ask, { data: preview, error, isLoading }] = useImportShelfMutation();
  const isFine = problems.length === 0;
  useEffect(() => {
    if (isFine) void ask({ text: file.text, apply: false });
  }, [isFine, file, ask]);
  const take = async () => {
    try {
      const { added, changed } = await ask({ text: file.text, apply: true }).unwrap();
      notifications.show({ message: `${added} jars added, ${changed} changed.` });
      close();
    } catch (failure) {
      sayProblem(failure, 'Not read');
    }
  };
  return (
    <Modal opened onClose={close} title={file.name} size="xl">
      {isFine ? (
        <>
          {preview && (
            <Text role="status">
              {preview.added} jars are new, {preview.changed} change, {preview.unchanged} stay as
              they are. Jars that are not in the file stay on the shelf.
            </Text>
          )}
          {error !== undefined && <Text role="alert">{explainError(error).message}</Text>}
          <Group justify="flex-end" mt="md">
            <Button onClick={close}>Leave the shelf as it is</Button>
            <Button
              variant="filled"
              loading={isLoading}
              disabled={!preview || preview.added + preview.changed === 0}
              onClick={() => void take()}
            >
              Take it over
            </Button>
          </Group>
        </>
      ) : (
        <>
          <Text role="alert" mb="sm">
            Nothing was read: the shelf is as it was. Correct{' '}
            {problems.length === 1 ? 'this' : 'these'} in the file and read it again.
          </Text>
          <LineTable
            className={classes.problems}
            head={['Line', 'Column', 'What is wrong, and what to do']}
            rows={problems.map(({ line, column, message, remedy }) => [
              line ?? '',
              column ?? '',
              <>
                {message} {remedy}
              </>,
            ])}
          />
          <Group justify="flex-end" mt="md">
            <Button variant="filled" onClick={close}>
              Close
            </Button>
          </Group>
        </>
      )}
    </Modal>
  );
}
