import { Fragment } from 'react';
import type { ReactNode } from 'react';
import type { ChartData } from '@stoichos/core/labday/judge';
import type {
  Block,
  Column,
  ReportDocument,
  Section,
  Words,
} from '@stoichos/core/report/dayReport';
import { Vessel } from '../glassware/Vessel';

/** What draws a chart: a canvas on the screen, a picture in a file. */
export type DrawChart = (chart: ChartData) => ReactNode;

const tags = { line: 'span', sub: 'sub', super: 'sup' } as const;
const headings = ['h2', 'h3', 'h4', 'h5'] as const;

/** Words with true sub- and superscripts. */
export function SetWords({ words }: { words: Words }) {
  return words.map(({ text, set }, at) => {
    const Tag = tags[set];
    return set === 'line' ? <Fragment key={at}>{text}</Fragment> : <Tag key={at}>{text}</Tag>;
  });
}

/** A document set in plain elements, so that the same markup stands on the screen, in print and in a file of its own. */
export function DocumentView({
  document,
  drawChart,
}: {
  document: ReportDocument;
  drawChart: DrawChart;
}) {
  const { title, over, under, sections, closing } = document;
  return (
    <article className="document">
      {over !== '' && <p className="quiet">{over}</p>}
      <h1>{title}</h1>
      {under.map((line) => (
        <p key={line} className="quiet">
          {line}
        </p>
      ))}
      {sections.map((section, at) => (
        <SectionView key={at} section={section} level={0} drawChart={drawChart} />
      ))}
      <p className="quiet small">{closing}</p>
    </article>
  );
}

function SectionView({
  section: { title, blocks, sections },
  level,
  drawChart,
}: {
  section: Section;
  level: number;
  drawChart: DrawChart;
}) {
  const Heading = headings[Math.min(level, headings.length - 1)] ?? 'h5';
  return (
    <section>
      {title.length > 0 && (
        <Heading>
          <SetWords words={title} />
        </Heading>
      )}
      {blocks.map((block, at) => (
        <BlockView key={at} block={block} drawChart={drawChart} />
      ))}
      {sections.map((one, at) => (
        <SectionView key={at} section={one} level={level + 1} drawChart={drawChart} />
      ))}
    </section>
  );
}

function BlockView({ block, drawChart }: { block: Block; drawChart: DrawChart }) {
  switch (block.kind) {
    case 'text':
      return (
        <p className={block.small ? 'small' : undefined}>
          <SetWords words={block.words} />
        </p>
      );
    case 'facts':
      return (
        <dl>
          {block.facts.map(({ name, words }, at) => (
            <Fragment key={at}>
              <dt>{name}</dt>
              <dd>
                <SetWords words={words} />
              </dd>
            </Fragment>
          ))}
        </dl>
      );
    case 'list': {
      const List = block.numbered ? 'ol' : 'ul';
      return (
        <List>
          {block.items.map((item, at) => (
            <li key={at}>
              <SetWords words={item} />
            </li>
          ))}
        </List>
      );
    }
    case 'table':
      return <TableView columns={block.columns} rows={block.rows} toFillIn={block.toFillIn} />;
    case 'vessels':
      return (
        <div className="vessels">
          {block.vessels.map(({ container, view, label }, at) => (
            <figure key={at}>
              <Vessel container={container} view={view ?? undefined} label={label} height={96} />
              <figcaption>{label}</figcaption>
            </figure>
          ))}
        </div>
      );
    case 'chart':
      return <div className="chart">{drawChart(block.chart)}</div>;
    case 'lines':
      return Array.from({ length: block.count }, (_, at) => <div key={at} className="write-on" />);
  }
}

function TableView({
  columns,
  rows,
  toFillIn,
}: {
  columns: readonly Column[];
  rows: readonly (readonly Words[])[];
  toFillIn: true | undefined;
}) {
  const all = columns.reduce((sum, { width = 1 }) => sum + width, 0);
  return (
    <table className={toFillIn ? 'to-fill-in' : undefined}>
      <thead>
        <tr>
          {columns.map(({ head, width = 1 }) => (
            <th key={head} scope="col" style={{ width: `${(100 * width) / all}%` }}>
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row, at) => (
          <tr key={at}>
            {row.map((cell, column) => (
              <td key={column}>
                <SetWords words={cell} />
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
