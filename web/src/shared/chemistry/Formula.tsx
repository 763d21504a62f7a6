import { formulaRuns } from '@stoichos/core/matter/formula';

const tags = { sub: 'sub', super: 'sup' } as const;

/** A formula, an ion or a whole equation with true sub- and superscripts. */
export function Formula({ text, wrap = false }: { text: string; wrap?: boolean }) {
  return (
    <span className={wrap ? 'formula equation' : 'formula'}>
      {formulaRuns(text).map(({ text: run, set }, index) => {
        const Tag = set === 'line' ? 'span' : tags[set];
        return <Tag key={index}>{run}</Tag>;
      })}
    </span>
  );
}
