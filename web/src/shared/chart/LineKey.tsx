/** Strokes that tell lines apart without a colour. */
export const lineDashes: readonly (readonly number[])[] = [
  [],
  [7, 4],
  [2, 3],
  [10, 3, 2, 3],
  [4, 2],
  [1, 4],
];

/** Which stroke is which line, beside a chart. */
export function LineKey({
  lines,
}: {
  lines: readonly { readonly name: string; readonly colour?: string | undefined }[];
}) {
  return (
    <ul style={{ listStyle: 'none', margin: '0.4rem 0', padding: 0, columns: 2 }}>
      {lines.map(({ name, colour }, at) => (
        <li key={name}>
          <svg width="34" height="8" aria-hidden>
            <line
              x1="0"
              x2="34"
              y1="4"
              y2="4"
              stroke={colour ?? 'var(--quiet)'}
              strokeWidth="3"
              strokeDasharray={(lineDashes[at % lineDashes.length] ?? []).join(' ')}
            />
          </svg>{' '}
          {name}
        </li>
      ))}
    </ul>
  );
}
