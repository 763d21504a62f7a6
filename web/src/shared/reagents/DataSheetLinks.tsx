import { Anchor } from '@mantine/core';
import type { ShelfItem } from '@stoichos/core/planning/shelf';
import { useDataSheetsQuery, useShelfQuery } from '../../data/api/api';
import { Formula } from '../chemistry/Formula';

/** Links to the suppliers’ data sheets of the jars of a substance, wherever it is used; nothing where none is kept. */
export function DataSheetLinks({ substance }: { substance: string }) {
  const { data: shelf = [] } = useShelfQuery();
  const jars = shelf.filter((jar) => jar.substance === substance);
  return jars.map((jar) => <JarSheet key={jar.id} jar={jar} />);
}

/** The data sheet of one jar. */
export function JarSheet({ jar: { id, form } }: { jar: Pick<ShelfItem, 'id' | 'form'> }) {
  const { data: sheets = [] } = useDataSheetsQuery();
  const sheet = sheets.find(({ itemId }) => itemId === id);
  if (!sheet) return null;
  const href = sheet.name === null ? sheet.link : `/api/shelf/${id}/data-sheet`;
  return (
    <Anchor href={href ?? ''} target="_blank" rel="noreferrer" size="sm" mr="xs">
      Data sheet, <Formula text={form} />
    </Anchor>
  );
}
