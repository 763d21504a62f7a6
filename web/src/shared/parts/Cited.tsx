import { Tooltip } from '@mantine/core';
import { recalledMark, recalledMeans, sourceText } from '@stoichos/core/matter/substances';
import type { Source } from '@stoichos/core/matter/substances';

/** A citation. What was recalled from memory has a small mark that says so when it is pointed at, and on paper. */
export function Cited({ source }: { readonly source: Source | string }) {
  const text = typeof source === 'string' ? source : sourceText(source);
  const parts = text.split(` ${recalledMark}`);
  return parts.map((part, at) => (
    <span key={at}>
      {part}
      {at < parts.length - 1 && <Recalled />}
    </span>
  ));
}

/** The mark of what was recalled from memory. */
export function Recalled() {
  return (
    <Tooltip
      label={recalledMeans}
      multiline
      w={280}
      events={{ hover: true, focus: true, touch: true }}
    >
      <sup className="recalled" tabIndex={0} role="note" aria-label="from memory">
        {recalledMark}
      </sup>
    </Tooltip>
  );
}
