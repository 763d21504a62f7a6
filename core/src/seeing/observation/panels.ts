/** The parts of the record at the bench, in their order; what is needed less often is folded away. */
export const panels = [
  { id: 'glance' },
  { id: 'precipitate' },
  { id: 'liquid' },
  { id: 'before', fold: 'Liquid before' },
  { id: 'warmth' },
  { id: 'gasTests', fold: 'Tests of the gas', pick: 'Which test' },
  { id: 'solid', fold: 'A solid in the vessel' },
  { id: 'flame', fold: 'Flame and magnet' },
  { id: 'sights', fold: 'Melting, glowing, burning…' },
  { id: 'smell', fold: 'Smell and layers' },
] as const satisfies readonly {
  readonly id: string;
  readonly fold?: string;
  /** One of its questions is chosen, by this heading, and stands alone. */
  readonly pick?: string;
}[];

export type Panel = (typeof panels)[number]['id'];
