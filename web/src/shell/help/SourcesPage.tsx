import { Button, Container, Group, Select, Table, Text, TextInput, Title } from '@mantine/core';
import {
  csvOf,
  formatNumber,
  proseTold,
  toldFor,
  anyReader,
  formatSetTemperature,
  formatQuantity,
} from '@stoichos/core/common';
import { recalledMeans, sourceAtLength } from '@stoichos/core/matter/substances';
import { constantTables } from '@stoichos/core/report/sources';
import type { Comparison, Constant, ConstantTable } from '@stoichos/core/report/sources';
import { IconDownload } from '@tabler/icons-react';
import { useDeferredValue, useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { Formula } from '../../shared/chemistry/Formula';
import { Cited, Recalled } from '../../shared/parts/Cited';
import { Fold } from '../../shared/parts/Fold';
import { save } from '../../shared/parts/save';

/** More than this is narrowed down first. */
const mostShown = 400;

/** Every constant of the calculations, with its unit and its source, and a mark for what was recalled from memory. */
export function SourcesPage() {
  const [asked, setAsked] = useSearchParams();
  const sought = asked.get('q') ?? '';
  const kind = asked.get('from');
  const every = useMemo(() => constantTables(), []);
  const all = useMemo(() => every.flatMap(({ rows }) => rows), [every]);
  const tables = useMemo(() => (isKind(kind) ? ofKind(every, kind) : every), [every, kind]);
  const ask = (name: 'q' | 'from', value: string) =>
    setAsked(
      (before) => {
        const next = new URLSearchParams(before);
        if (value === '') next.delete(name);
        else next.set(name, value);
        return next;
      },
      { replace: true },
    );
  const wanted = useDeferredValue(sought.trim().toLowerCase());
  const found = useMemo(
    () =>
      wanted === ''
        ? []
        : tables
            .map(({ title, rows }) => ({
              title,
              rows: title.toLowerCase().includes(wanted)
                ? rows
                : rows.filter(({ of, quantity, source }) =>
                    [of, quantity, sourceAtLength(source)].some((text) =>
                      text.toLowerCase().includes(wanted),
                    ),
                  ),
            }))
            .filter(({ rows }) => rows.length > 0)
            // What is of just that comes before what only names it.
            .map(({ title, rows }) => ({ title, rows: exactFirst(rows, wanted) }))
            .sort((one, other) => Number(isOf(other, wanted)) - Number(isOf(one, wanted))),
    [tables, wanted],
  );
  const count = found.reduce((sum, { rows }) => sum + rows.length, 0);
  const countOf = (one: SourceKind): number =>
    all.filter(({ source }) => source.kind === one).length;
  return (
    <Container size="72rem" p={0}>
      <SourcesHead tables={every} />
      <Text mb="sm">
        {all.length} constants in {every.length} tables. {countOf('read')} were read in open works.{' '}
        {countOf('handbook')} are marked <Recalled />: {lowered(recalledMeans)} The rest comes from
        packages of data, or is common practice. {all.filter(({ compared }) => compared).length}{' '}
        were compared with what open works say; {all.filter(isApart).length} were kept where they
        say otherwise, each with its reason.
      </Text>
      <Group align="flex-end" mb="md" gap="sm">
        <TextInput
          label="Look for"
          placeholder="A formula, a quantity, a handbook"
          flex="1 1 16rem"
          value={sought}
          onChange={(event) => ask('q', event.currentTarget.value)}
        />
        <Select
          label="Where from"
          w={240}
          allowDeselect={false}
          data={[
            { value: '', label: 'anywhere' },
            ...Object.entries(kinds).map(([value, { label }]) => ({ value, label })),
          ]}
          value={isKind(kind) ? kind : ''}
          onChange={(next) => ask('from', next ?? '')}
        />
      </Group>
      {wanted !== '' && (
        <Text role="status" mb="sm">
          {count === 0
            ? 'Nothing has that in it. Try a formula such as AgCl, or a quantity such as solubility.'
            : count > mostShown
              ? `${count} constants; the first ${mostShown} are shown. Narrow it down.`
              : `${count} constants.`}
        </Text>
      )}
      {wanted === ''
        ? tables.map((table) => (
            <Fold key={table.title} title={proseTold(`${table.title}, ${table.rows.length}`)} lazy>
              <Rows rows={table.rows} />
            </Fold>
          ))
        : firstOf(found, mostShown).map(({ title, rows }) => (
            <section key={title} aria-label={title}>
              <Title mt="md">{proseTold(title)}</Title>
              <Rows rows={rows} />
            </section>
          ))}
    </Container>
  );
}

/** The title, and the tables as a file. */
function SourcesHead({ tables }: { readonly tables: readonly ConstantTable[] }) {
  return (
    <Group justify="space-between" align="flex-end" my="md">
      <Title order={1} size="h1">
        Sources
      </Title>
      <Button
        leftSection={<IconDownload size={18} aria-hidden />}
        onClick={() =>
          save(
            new Blob([toldFor(anyReader, () => asCsv(tables))], {
              type: 'text/csv;charset=utf-8',
            }),
            'Constants.csv',
          )
        }
      >
        CSV
      </Button>
    </Group>
  );
}

const isExactly = ({ of }: Constant, wanted: string): boolean => of.toLowerCase() === wanted;
const isOf = ({ rows }: ConstantTable, wanted: string): boolean =>
  rows.some((row) => isExactly(row, wanted));
const exactFirst = (rows: readonly Constant[], wanted: string): Constant[] =>
  [...rows].sort((one, other) => Number(isExactly(other, wanted)) - Number(isExactly(one, wanted)));

type SourceKind = Constant['source']['kind'];
const from =
  (kind: SourceKind) =>
  ({ source }: Constant): boolean =>
    source.kind === kind;
/** Whether it was kept although open works say otherwise. */
const isApart = ({ compared }: Constant): boolean => compared?.keptBecause !== undefined;

/** What one can narrow the list down to. */
const kinds = {
  read: { label: 'read in an open work', holds: from('read') },
  handbook: { label: 'recalled from memory', holds: from('handbook') },
  practice: { label: 'common practice', holds: from('practice') },
  package: { label: 'a package of data', holds: from('package') },
  apart: { label: 'kept against open works', holds: isApart },
} as const;
type Kind = keyof typeof kinds;
const isKind = (text: string | null): text is Kind => text !== null && text in kinds;

const ofKind = (tables: readonly ConstantTable[], kind: Kind): ConstantTable[] =>
  tables
    .map(({ title, rows }) => ({ title, rows: rows.filter(kinds[kind].holds) }))
    .filter(({ rows }) => rows.length > 0);

const lowered = (sentence: string): string =>
  sentence.slice(0, 1).toLowerCase() + sentence.slice(1);

function firstOf(tables: readonly ConstantTable[], most: number): ConstantTable[] {
  let left = most;
  return tables.flatMap(({ title, rows }) => {
    const shown = rows.slice(0, left);
    left -= shown.length;
    return shown.length > 0 ? [{ title, rows: shown }] : [];
  });
}

function Rows({ rows }: { rows: readonly Constant[] }) {
  return (
    <Table.ScrollContainer minWidth={640}>
      <Table fz="sm" verticalSpacing={4}>
        <Table.Thead>
          <Table.Tr>
            <Table.Th w="22%">Of</Table.Th>
            <Table.Th w="20%">What</Table.Th>
            <Table.Th w="26%">Value</Table.Th>
            <Table.Th>Source</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {rows.map(({ of, quantity, value, unit, source, compared }, at) => (
            <Table.Tr key={at}>
              <Table.Td>
                <Formula text={of} wrap />
              </Table.Td>
              <Table.Td>{proseTold(quantity)}</Table.Td>
              <Table.Td style={{ overflowWrap: 'anywhere' }}>{told(value, unit)}</Table.Td>
              <Table.Td>
                <Cited source={source} />
                {compared && <Compared {...compared} />}
              </Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
    </Table.ScrollContainer>
  );
}

/** What open works say of it, and why it was kept where that is something else. */
function Compared({ others, keptBecause }: Comparison) {
  return (
    <small className="quiet source">
      Open works: {others.map(({ work, value }) => `${formatNumber(value)} ${work}`).join('; ')}.
      {keptBecause !== undefined && <> Kept: {proseTold(keptBecause)}.</>}
    </small>
  );
}

/** A constant with its unit, to as many figures as it is tabulated with. */
function told(value: Constant['value'], unit: string): string {
  if (typeof value !== 'number') return proseTold(`${value} ${unit}`);
  return unit === '°C' ? formatSetTemperature(value) : formatQuantity(value, unit, { figures: 9 });
}

function asCsv(tables: readonly ConstantTable[]): string {
  return csvOf(
    tables.flatMap(({ title, rows }) =>
      rows.map(({ of, quantity, value, unit, source }) => ({
        table: title,
        of,
        quantity,
        value,
        unit,
        source: sourceAtLength(source),
      })),
    ),
  );
}
