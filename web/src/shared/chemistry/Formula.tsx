import { proseTold } from '@stoichos/core/common';
import { formulaRuns } from '@stoichos/core/matter/formula';

const tags = { sub: 'sub', super: 'sup' } as const;

/** A formula, an ion, an equation or a sentence that holds some, with true sub- and superscripts, its numbers as the reader writes them. */
export function Formula({ text, wrap = false }: { text: string; wrap?: boolean }) {
  return (
    <span className={wrap ? 'formula equation' : 'formula'}>
      {formulaRuns(text.includes(' ') ? proseTold(text) : text).map(({ text: run, set }, index) => {
        const Tag = set === 'line' ? 'span' : tags[set];
        return <Tag key={index}>{run}</Tag>;
      })}
    </span>
  );
}
