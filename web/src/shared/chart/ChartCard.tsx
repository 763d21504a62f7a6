import { LineTable } from '../parts/LineTable';
import { Button, Group, Text } from '@mantine/core';
import { csvOf, formatNumber } from '@stoichos/core/common';
import type { ChartConfiguration } from 'chart.js';
import { useRef, useState } from 'react';
import { save } from '../parts/save';
import classes from './ChartCard.module.css';
import { ChartCanvas } from './ChartCanvas';
import type { ChartInk } from './ChartCanvas';

type Row = Readonly<Record<string, string | number>>;

interface ChartCardProps {
  readonly title: string;
  /** Said in place of the picture. */
  readonly label: string;
  readonly height: number;
  readonly configure: (ink: ChartInk) => ChartConfiguration;
  /** What is charted, one row a point, with units in the heads. */
  readonly rows: readonly Row[];
}

/** A chart with its title, the same numbers as a table, and both to take away. */
export function ChartCard({ title, label, height, configure, rows }: ChartCardProps) {
  const [asTable, setAsTable] = useState(false);
  const figure = useRef<HTMLElement>(null);
  const heads = Object.keys(rows[0] ?? {});
  return (
    <figure className={classes.figure} ref={figure}>
      <Group justify="space-between" mb="xs" gap="xs">
        <Text component="figcaption" fw={600}>
          {title}
        </Text>
        <Group gap={6} className="no-print">
          <Button onClick={() => setAsTable(!asTable)}>
            {asTable ? 'As a chart' : 'As a table'}
          </Button>
          {!asTable && (
            <Button onClick={() => savePicture(figure.current?.querySelector('canvas'), title)}>
              PNG
            </Button>
          )}
          <Button
            onClick={() => save(new Blob([csvOf(rows)], { type: 'text/csv' }), `${title}.csv`)}
          >
            CSV
          </Button>
        </Group>
      </Group>
      {asTable ? (
        <LineTable
          head={heads}
          rows={rows.map((row) =>
            heads.map((head) =>
              typeof row[head] === 'number' ? formatNumber(row[head]) : row[head],
            ),
          )}
          className={classes.number ?? ''}
        />
      ) : (
        <ChartCanvas label={label} height={height} configure={configure} />
      )}
    </figure>
  );
}

/** The picture on paper, for a canvas has no ground of its own. */
function savePicture(canvas: HTMLCanvasElement | null | undefined, title: string): void {
  if (!canvas) return;
  const page = document.createElement('canvas');
  [page.width, page.height] = [canvas.width, canvas.height];
  const pen = page.getContext('2d');
  if (!pen) return;
  pen.fillStyle = getComputedStyle(document.body).backgroundColor;
  pen.fillRect(0, 0, page.width, page.height);
  pen.drawImage(canvas, 0, 0);
  page.toBlob((picture) => {
    if (picture) save(picture, `${title}.png`);
  });
}
