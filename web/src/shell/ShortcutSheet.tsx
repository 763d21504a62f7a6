import { Kbd, Modal, Table } from '@mantine/core';

const shortcuts = [
  ['Ctrl K', 'Search lab days, stages, procedures and substances'],
  ['?', 'This sheet'],
  ['F1', 'What is this? The page one is on'],
  ['1 … 5', 'Plan, Prepare, Bench, Judge, Report of the open lab day'],
  ['N', 'Bench: nothing happened'],
  ['P', 'Bench: no precipitate'],
  ['C · L · O', 'Bench: clear · cloudy · opaque'],
  ['G', 'Bench: bubbles'],
  ['Z', 'Bench: undo the last entry'],
  ['← →', 'Bench: previous and next step or test'],
  ['Space', 'Bench: a drop, where drops are counted'],
  ['← →', 'Timetable: the chosen task a minute earlier or later; with Shift, five'],
  ['Space', 'A step’s handle: pick up, then arrows move it, space puts it down'],
  ['Ctrl S', 'Editor of procedures: save'],
  ['Ctrl Z', 'Mix anything, Equilibrium and the editor: undo'],
  ['Ctrl Shift Z', 'Mix anything, Equilibrium and the editor: redo'],
] as const;

/** All keys of the application. */
export function ShortcutSheet({ opened, close }: { opened: boolean; close: () => void }) {
  return (
    <Modal opened={opened} onClose={close} title="Keys" size="md">
      <Table>
        <Table.Tbody>
          {shortcuts.map(([keys, does]) => (
            <Table.Tr key={does}>
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
