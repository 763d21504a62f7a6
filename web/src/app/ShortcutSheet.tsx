import { Kbd, Modal, Table } from '@mantine/core';

const shortcuts = [
  ['Ctrl K', 'Search lab days, stages and substances'],
  ['?', 'This sheet'],
  ['1 … 5', 'Plan, Prepare, Bench, Judge, Report of the open lab day'],
  ['N', 'Bench: nothing happened'],
  ['P', 'Bench: no precipitate'],
  ['C · L · O', 'Bench: clear · cloudy · opaque'],
  ['G', 'Bench: bubbles'],
  ['Z', 'Bench: undo the last entry'],
  ['← →', 'Bench: previous and next test'],
  ['Ctrl Z', 'Mix anything: undo'],
  ['Ctrl Shift Z', 'Mix anything: redo'],
] as const;

/** All keys of the application. */
export function ShortcutSheet({ opened, close }: { opened: boolean; close: () => void }) {
  return (
    <Modal opened={opened} onClose={close} title="Keys" size="md">
      <Table>
        <Table.Tbody>
          {shortcuts.map(([keys, does]) => (
            <Table.Tr key={keys}>
              <Table.Td w={110}>
                <Kbd>{keys}</Kbd>
              </Table.Td>
              <Table.Td>{does}</Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
    </Modal>
  );
}
