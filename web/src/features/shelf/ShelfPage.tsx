import { Button, FileButton, Group, Text, TextInput, Title, UnstyledButton } from '@mantine/core';
import { useDisclosure } from '@mantine/hooks';
import { nameOnShelf } from '@stoichos/core/matter/substances';
import type { Kept } from '@stoichos/contract';
import type { ShelfItem } from '@stoichos/core/planning/shelf';
import { IconDownload, IconPlus, IconUpload } from '@tabler/icons-react';
import { useState } from 'react';
import { useShelfQuery } from '../../data/api/api';
import { useSettings } from '../../data/settings/useSettings';
import { Formula } from '../../shared/chemistry/Formula';
import { today } from '../../shared/parts/dates';
import { LoadState } from '../../shared/parts/LoadState';
import { JarSheet } from '../../shared/reagents/DataSheetLinks';
import { ImportDialog } from './ImportDialog';
import { JarForm } from './JarForm';
import classes from './ShelfPage.module.css';
import { atMostFigures, formatNumber } from '@stoichos/core/common';

/** Jars shown at once; a search finds the rest. */
const mostShown = 200;

/** The shelf: what is in stock, where, how much and until when; in and out as a file. */
export function ShelfPage() {
  const { data: shelf, error, refetch } = useShelfQuery();
  const { naming } = useSettings();
  const [search, setSearch] = useState('');
  const [onlyLow, setOnlyLow] = useState(false);
  const [jar, setJar] = useState<Kept<ShelfItem>>();
  const [formOpen, form] = useDisclosure(false);
  const [file, setFile] = useState<{ name: string; text: string }>();
  if (!shelf) return <LoadState error={error} retry={() => void refetch()} />;
  const low = shelf.filter(isToOrder);
  const wanted = search.toLowerCase();
  const found = (onlyLow ? low : shelf).filter(({ substance, form: inJar, place }) =>
    `${inJar} ${nameOnShelf(naming, substance)} ${place}`.toLowerCase().includes(wanted),
  );
  return (
    <>
      <ShelfHead setJar={setJar} form={form} setFile={setFile} />
      <Group mb="md" align="flex-end">
        <TextInput
          label="Search"
          placeholder="Name, formula or place…"
          value={search}
          onChange={(event) => setSearch(event.currentTarget.value)}
          flex="1 1 14rem"
        />
        <UnstyledButton
          className="tappable"
          aria-pressed={onlyLow}
          onClick={() => setOnlyLow(!onlyLow)}
        >
          To order: {low.length}
        </UnstyledButton>
        <Text className="quiet" pb={10} role="status">
          {found.length} of {shelf.length} jars
        </Text>
      </Group>
      {shelf.length === 0 && (
        <Text className="quiet">
          The shelf is empty. Add a jar, or read a file; the columns stand in the one that “Save as
          CSV” gives.
        </Text>
      )}
      <ul className="bare">
        {found.slice(0, mostShown).map((item) => (
          <JarRow key={item.id} naming={naming} setJar={setJar} form={form} item={item} />
        ))}
      </ul>
      {found.length > mostShown && (
        <Text className="quiet" mt="sm">
          And {found.length - mostShown} more; search for them.
        </Text>
      )}
      <JarForm opened={formOpen} close={form.close} jar={jar} />
      {file && <ImportDialog file={file} close={() => setFile(undefined)} />}
    </>
  );
}

interface JarRowProps {
  readonly naming: 'common' | 'stock' | 'oxo';
  readonly setJar: (next: Kept<ShelfItem> | undefined) => void;
  readonly form: ReturnType<typeof useDisclosure>[1];
  readonly item: Kept<ShelfItem>;
}

/** A jar: what is in it, how much, where, until when, and its data sheet where one is kept. */
function JarRow({ naming, setJar, form, item }: JarRowProps) {
  return (
    <li className={classes.jar}>
      <UnstyledButton
        className={classes.row}
        onClick={() => {
          setJar(item);
          form.open();
        }}
      >
        <span>
          <strong>
            <Formula text={item.form} />
          </strong>{' '}
          <span className="quiet">{nameOnShelf(naming, item.form)}</span>
        </span>
        <span>
          {amount(item.amount)} {item.unit}
          {isToOrder(item) && <strong> · to order</strong>}
        </span>
        <span className="quiet">{formatNumber(item.purityPercent)} %</span>
        <span className="quiet">{item.place}</span>
        <span className="quiet">
          {item.expires ? `${item.expires < today() ? 'expired' : 'until'} ${item.expires}` : ''}
        </span>
      </UnstyledButton>
      <JarSheet jar={item} />
    </li>
  );
}

/** The title, and what can be done with the shelf as a whole. */
function ShelfHead({
  setJar,
  form,
  setFile,
}: {
  readonly setJar: (next: Kept<ShelfItem> | undefined) => void;
  readonly form: ReturnType<typeof useDisclosure>[1];
  readonly setFile: (next: { name: string; text: string } | undefined) => void;
}) {
  return (
    <Group justify="space-between" mt="lg" mb="sm" align="flex-end">
      <Title order={1} size="h1">
        Shelf
      </Title>
      <Group gap="sm">
        <Button
          variant="filled"
          leftSection={<IconPlus size={18} aria-hidden />}
          onClick={() => {
            setJar(undefined);
            form.open();
          }}
        >
          Add a jar
        </Button>
        <FileButton
          accept=".csv,text/csv"
          onChange={(chosen) =>
            chosen && void chosen.text().then((text) => setFile({ name: chosen.name, text }))
          }
        >
          {(props) => (
            <Button {...props} leftSection={<IconUpload size={18} aria-hidden />}>
              Read a file
            </Button>
          )}
        </FileButton>
        <Button
          component="a"
          href="/api/shelf.csv"
          download
          leftSection={<IconDownload size={18} aria-hidden />}
        >
          Save as CSV
        </Button>
      </Group>
    </Group>
  );
}

const isToOrder = ({ amount: left, least, expires }: ShelfItem): boolean =>
  left < least || (expires !== null && expires < today());

const amount = (value: number): string => atMostFigures(value, 4);
