import type { ReportDocument } from '@stoichos/core/report/dayReport';
import { renderToStaticMarkup } from 'react-dom/server';
import sans from '@fontsource-variable/source-sans-3/files/source-sans-3-latin-wght-normal.woff2?url';
import sansGreek from '@fontsource-variable/source-sans-3/files/source-sans-3-greek-wght-normal.woff2?url';
import serif from '@fontsource-variable/source-serif-4/files/source-serif-4-latin-wght-normal.woff2?url';
import { chartPicture } from '../chart/chartPicture';
import style from './document.css?inline';
import { DocumentView } from './DocumentView';
import { asBase64 } from './asBase64';

const fonts = [
  { family: 'Source Sans 3', url: sans, range: '' },
  { family: 'Source Sans 3', url: sansGreek, range: 'unicode-range: U+0370-03FF;' },
  { family: 'Source Serif 4', url: serif, range: '' },
] as const;

/** A document as an HTML file that needs nothing beside itself: style, fonts and pictures are in it. */
export async function htmlFile(document: ReportDocument, paper: string): Promise<string> {
  const faces = await Promise.all(
    fonts.map(
      async ({ family, url, range }) =>
        `@font-face { font-family: '${family}'; font-weight: 200 900; ${range} src: url(data:font/woff2;base64,${await asBase64(url)}) format('woff2'); }`,
    ),
  );
  const body = renderToStaticMarkup(
    <DocumentView
      document={document}
      drawChart={(chart) => (
        <figure>
          <figcaption>{chart.title}</figcaption>
          <img src={chartPicture(chart)} alt={chart.inWords} width={720} height={320} />
        </figure>
      )}
    />,
  );
  return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>${renderToStaticMarkup(<>{document.title}</>)}</title>
<style>
${faces.join('\n')}
body { margin: 2rem 1rem; font-family: 'Source Sans 3', sans-serif; color: #1a1c20; background: #fff; }
@page { size: ${paper}; margin: 14mm; }
${style}
</style>
</head>
<body>
${body}
</body>
</html>
`;
}
