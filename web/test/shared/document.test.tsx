import { readFile } from 'node:fs/promises';
import { Notifications, notifications } from '@mantine/notifications';
import type { Block, ReportDocument, Section } from '@stoichos/core/report/dayReport';
import type { ChartData } from '@stoichos/core/labday/judge';
import { screen, waitFor, within } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../src/data/api/api';
import { store } from '../../src/data/store';
import { configurationOf, rowsOf } from '../../src/shared/chart/dataChart';
import { asBase64 } from '../../src/shared/document/asBase64';
import { DocumentView } from '../../src/shared/document/DocumentView';
import { htmlFile } from '../../src/shared/document/htmlFile';
import { pdfFile } from '../../src/shared/document/pdfFile';
import { TakeAway } from '../../src/shared/document/TakeAway';
import { AddToDay } from '../../src/shared/study/AddToDay';
import { save } from '../../src/shared/parts/save';
import * as saving from '../../src/shared/parts/save';
import { patience, tap } from '../support/acts';
import { dayOf, id, shipped } from '../support/day';
import { chosen, show } from '../support/render';
import { answering, known, refusing, written } from '../support/server';

const plain = (text: string) => [{ text, set: 'line' as const }];
const chromate = [
  { text: 'CrO', set: 'line' as const },
  { text: '4', set: 'sub' as const },
  { text: '2−', set: 'super' as const },
];
const section = (title: string, blocks: Block[], sections: Section[] = []): Section => ({
  title: title === '' ? [] : plain(title),
  blocks,
  sections,
});
const chart: ChartData = {
  title: 'Mass left',
  inWords: 'The mass falls from 5.0 g to 2.4 g and stays there.',
  x: 'Heating',
  y: 'Mass, g',
  places: ['first', 'second', 'third'],
  series: [
    {
      name: 'Bench Heron',
      look: 'joined',
      points: [
        { x: 0, y: 5.0 },
        { x: 1, y: 2.4321987 },
        { x: 2, y: 2.43 },
      ],
    },
    {
      name: 'Without water',
      look: 'dashed',
      points: [
        { x: 0, y: 2.44 },
        { x: 2, y: 2.44 },
      ],
    },
  ],
};
const report = (sections: Section[]): ReportDocument => ({
  title: 'Which ions turn yellow?',
  over: 'Ferrow School',
  under: ['Wednesday 3 February 2027', 'Benches of three'],
  sections,
  closing: 'Local rules decide.',
});
const everything = report([
  section(
    'What was seen',
    [
      { kind: 'text', words: chromate },
      { kind: 'text', words: plain('In small print.'), small: true },
      { kind: 'facts', facts: [{ name: 'Bench', words: plain('Heron') }] },
      { kind: 'list', items: [plain('tube A'), plain('tube B')] },
      { kind: 'list', numbered: true, items: [plain('first')] },
      {
        kind: 'table',
        columns: [{ head: 'Ion', width: 3 }, { head: 'Colour' }],
        rows: [[chromate, plain('yellow')]],
      },
      { kind: 'vessels', vessels: [{ container: 'testTube', view: null, label: 'tube A' }] },
      { kind: 'lines', count: 3 },
    ],
    [section('Bench Tern', [{ kind: 'text', words: plain('Nothing was seen.') }])],
  ),
]);
const paper = (document: ReportDocument) =>
  show(<DocumentView document={document} drawChart={({ inWords }) => <p>{inWords}</p>} />);

/** The fonts of the application as the server would give them. */
const withFonts = () =>
  vi.stubGlobal('fetch', async (url: string) => {
    const file = decodeURIComponent(url.replace(/^\/@fs/, '').replace(/\?.*$/, ''));
    const path = file.startsWith(process.cwd()) ? file : `${process.cwd()}${file}`;
    return new Response(new Uint8Array(await readFile(path)));
  });

beforeEach(async () => {
  store.dispatch(api.util.resetApiState());
  notifications.clean();
  notifications.cleanQueue();
  await chosen({});
});
afterEach(() => vi.restoreAllMocks());

describe('a document on the screen', () => {
  it('has its title, the school over it and what it is about under it', () => {
    paper(everything);
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent('Which ions turn yellow?');
    expect(screen.getByRole('article')).toHaveTextContent(
      /Ferrow School.*Wednesday 3 February 2027.*Benches of three.*Local rules decide/,
    );
  });

  it('has a heading for each section, one smaller for what stands in it', () => {
    paper(everything);
    expect(screen.getByRole('heading', { level: 2 })).toHaveTextContent('What was seen');
    expect(screen.getByRole('heading', { level: 3 })).toHaveTextContent('Bench Tern');
  });

  it('never goes below the fifth heading, however deep a section stands', () => {
    const deep = ['a', 'b', 'c', 'd', 'e', 'f'].reduceRight<Section[]>(
      (inside, title) => [section(title, [], inside)],
      [],
    );
    paper(report(deep));
    expect(screen.getAllByRole('heading', { level: 5 }).map((one) => one.textContent)).toEqual([
      'd',
      'e',
      'f',
    ]);
  });

  it('lowers and raises what is low and high in a formula', () => {
    paper(everything);
    const cell = screen.getByRole('cell', { name: /CrO/ });
    expect(cell.querySelector('sub')).toHaveTextContent('4');
    expect(cell.querySelector('sup')).toHaveTextContent('2−');
  });

  it('gives a column the width it was given among the others', () => {
    paper(everything);
    expect(screen.getAllByRole('columnheader').map((one) => one.style.width)).toEqual([
      '75%',
      '25%',
    ]);
  });

  it('has facts, lists, vessels and lines to write on', () => {
    const { container } = paper(everything);
    expect(screen.getByRole('term')).toHaveTextContent('Bench');
    expect(screen.getByRole('definition')).toHaveTextContent('Heron');
    expect(screen.getAllByRole('list').map((one) => one.tagName)).toEqual(['UL', 'OL']);
    expect(within(screen.getByRole('figure')).getAllByText('tube A').length).toBe(1);
    expect(container.querySelectorAll('.write-on')).toHaveLength(3);
  });

  it('has no heading where a section has no name', () => {
    paper(report([section('', [{ kind: 'text', words: plain('Only words.') }])]));
    expect(screen.queryByRole('heading', { level: 2 })).toBeNull();
    expect(screen.getByText('Only words.')).toBeVisible();
  });

  it('draws a chart with what it is handed', () => {
    paper(report([section('Masses', [{ kind: 'chart', chart }])]));
    expect(screen.getByText(chart.inWords)).toBeVisible();
  });

  it('has wide lines in a table that is to be filled in', () => {
    paper(
      report([
        section('', [{ kind: 'table', columns: [{ head: 'Tube' }], rows: [[[]]], toFillIn: true }]),
      ]),
    );
    expect(screen.getByRole('table')).toHaveClass('to-fill-in');
  });
});

describe('a document as a file', () => {
  it('in PDF is of the school’s paper', async () => {
    withFonts();
    // ISO 216: A4 is 210 × 297 mm, 595.28 × 841.89 points; ANSI letter is 8.5 × 11 in, 612 × 792 points.
    for (const [name, box] of [
      ['A4', '[0 0 595.28 841.89]'],
      ['Letter', '[0 0 612 792]'],
    ] as const) {
      const text = await (await pdfFile(everything, name)).text();
      expect(text.startsWith('%PDF-')).toBe(true);
      expect(text).toContain(`/MediaBox ${box}`);
    }
  });

  it('in PDF goes on on as many pages as it needs', async () => {
    withFonts();
    const long = report([
      section('All tubes', [
        {
          kind: 'table',
          columns: [{ head: 'Tube' }],
          rows: Array.from({ length: 120 }, (_, at) => [plain(`tube ${at + 1}`)]),
        },
      ]),
    ]);
    const text = await (await pdfFile(long, 'A4')).text();
    expect(text.match(/\/Type \/Page\b/g)?.length).toBeGreaterThan(2);
  });

  it('in HTML needs nothing beside itself', async () => {
    withFonts();
    const html = await htmlFile(everything, 'A4');
    expect(html).toContain('<title>Which ions turn yellow?</title>');
    expect(html).toContain('size: A4');
    expect(html).toMatch(/src: url\(data:font\/woff2;base64,[A-Za-z0-9+/]{1000}/);
    expect(html).not.toMatch(/(src|href)="(?!data:)/);
    expect(html).toContain('CrO<sub>4</sub><sup>2−</sup>');
  });

  it('in HTML has nothing of a name that would be read as markup', async () => {
    withFonts();
    const html = await htmlFile({ ...report([]), title: '<b>Iron & acid</b>' }, 'A4');
    expect(html).toContain('<title>&lt;b&gt;Iron &amp; acid&lt;/b&gt;</title>');
  });

  it('is not made without its fonts, and says which', async () => {
    vi.stubGlobal('fetch', () => Promise.resolve(new Response('', { status: 503 })));
    await expect(asBase64('/fonts/sans.woff')).rejects.toThrow(
      '/fonts/sans.woff could not be read: 503.',
    );
  });

  it('has the bytes as they are, in base64', async () => {
    vi.stubGlobal('fetch', () => Promise.resolve(new Response(new Uint8Array([0, 255, 16]))));
    // RFC 4648, section 4.
    expect(await asBase64('/x')).toBe('AP8Q');
  });
});

describe('a document that is taken away', () => {
  it('is printed, or saved under its name with the ending of its kind', async () => {
    const kept = vi.spyOn(saving, 'save').mockReturnValue();
    const print = vi.fn();
    vi.stubGlobal('print', print);
    show(<TakeAway document={everything} name="Yellow ions" />);
    await tap('Print');
    expect(print).toHaveBeenCalledOnce();
    await tap('Markdown');
    await waitFor(() => expect(kept).toHaveBeenCalledOnce());
    const [content, name] = kept.mock.calls[0] ?? [];
    expect(name).toBe('Yellow ions.md');
    expect(await content?.text()).toContain('# Which ions turn yellow?');
  });

  it('says why a file was not made, and that printing still works', async () => {
    vi.stubGlobal('fetch', () => Promise.resolve(new Response('', { status: 503 })));
    show(<TakeAway document={everything} name="Yellow ions" />);
    await tap('HTML');
    const said = await screen.findByRole('alert');
    expect(said).toHaveTextContent('The HTML file was not made');
    expect(said).toHaveTextContent('Print, or try again once the server answers.');
  });

  it('keeps no stroke of its name that would be a folder', () => {
    const names: string[] = [];
    vi.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(function (
      this: HTMLAnchorElement,
    ) {
      names.push(this.download);
    });
    save(new Blob(['x']), 'Iron/acid: 1\\2.csv');
    expect(names).toEqual(['Iron-acid- 1-2.csv']);
  });
});

describe('a chart of what was found', () => {
  const ink = { text: 'grey', rule: 'pale', mark: 'blue' };

  it('joins the readings, and dashes what should have come out', () => {
    const { data, options } = configurationOf(chart, ink);
    expect(data.labels).toEqual(['first', 'second', 'third']);
    expect(data.datasets[0]).toMatchObject({ label: 'Bench Heron', showLine: true });
    expect(data.datasets[1]).toMatchObject({ label: 'Without water', pointRadius: 0 });
    expect(data.datasets[1]).toHaveProperty('borderDash');
    expect(options?.scales?.['x']).toMatchObject({ type: 'category' });
  });

  it('has a measured axis where its places are numbers', () => {
    const { title, inWords, x, y, series } = chart;
    const measured = { title, inWords, x, y, series };
    expect(configurationOf(measured, ink).options?.scales?.['x']).toMatchObject({
      type: 'linear',
      title: { text: 'Heating' },
    });
  });

  it('is a table of the readings only, by the names of its places', () => {
    expect(rowsOf(chart)).toEqual([
      { Heating: 'first', 'Mass, g': 5 },
      { Heating: 'second', 'Mass, g': 2.4322 },
      { Heating: 'third', 'Mass, g': 2.43 },
    ]);
  });
});

describe('a procedure that is added to a lab day', () => {
  const procedure = shipped('sand-salt-iron');
  const button = (
    <>
      <Notifications />
      <AddToDay dayId={id(1)} procedure={procedure} />
    </>
  );

  it('stands at its end, for all groups, and says so', async () => {
    await known('day', id(1), dayOf([]));
    const asked = answering();
    show(button);
    await tap(`Add ${procedure.name} to the day`);
    await waitFor(() => expect(written(asked)).toHaveLength(1));
    expect(written(asked)[0]).toMatchObject({ method: 'PUT', body: { manner: 'groups' } });
    expect(await screen.findByText(/is in A day for tests/)).toBeVisible();
  });

  it('may be added again', async () => {
    await known('day', id(1), dayOf(['sand-salt-iron']));
    show(button);
    expect(await screen.findByRole('button', { name: /^Add/ }, patience)).toHaveTextContent(
      'Add again',
    );
  });

  it('says why it was not added', async () => {
    await known('day', id(1), dayOf([]));
    refusing('This day is archived.', 'Take it out of the archive first.');
    show(button);
    await tap(`Add ${procedure.name} to the day`);
    expect(await screen.findByText(/This day is archived/)).toBeVisible();
  });
});
