import { definitions, panels } from '@stoichos/core/seeing/observation';
import type { Asked, Choice, Observation } from '@stoichos/core/seeing/observation';

/** A question of one kind of observation. */
export interface KindAsked {
  readonly kind: Observation['kind'];
  readonly asked: Asked<Observation>;
}

/** Questions under one heading: kinds that answer the same stand together. */
export interface Heading {
  readonly title: string;
  readonly of: readonly KindAsked[];
}

export interface PanelOfQuestions {
  readonly id: string;
  readonly fold: string | undefined;
  readonly pick: string | undefined;
  readonly headings: readonly Heading[];
}

const everyQuestion: readonly KindAsked[] = definitions.flatMap(({ kind, asks = [] }) =>
  asks.map((asked) => ({ kind, asked })),
);

/** What is asked at the bench, panel by panel, as the kinds of observation offer it. */
export const questions: readonly PanelOfQuestions[] = panels.map((panel) => {
  const own = everyQuestion.filter(({ asked }) => asked.panel === panel.id);
  const titles = [...new Set(own.map(({ asked }) => asked.title))];
  return {
    id: panel.id,
    fold: 'fold' in panel ? panel.fold : undefined,
    pick: 'pick' in panel ? panel.pick : undefined,
    headings: titles.map((title) => ({
      title,
      of: own.filter(({ asked }) => asked.title === title),
    })),
  };
});

/** The answers that have a key of their own. */
export const keyedChoices: readonly (Choice<Observation> & { readonly hotkey: string })[] =
  everyQuestion.flatMap(({ asked }) =>
    (asked.choices?.(undefined) ?? []).flatMap(({ hotkey, ...choice }) =>
      hotkey === undefined ? [] : [{ ...choice, hotkey }],
    ),
  );
