import { drawRecord } from '../../seeing/observation/drawRecord';
import { describeObservation } from '../../seeing/observation/observation';
import type { Observation } from '../../seeing/observation/observation';
import { shortText } from '../../planning/procedure/orderGuard';
import type { Step } from '../../planning/procedure/procedure';
import { recordsOf, standingEntries } from '../../labday/day/currentRecords';
import { judgeStation } from '../../labday/judge/judgeDay';
import type { StationJudgement } from '../../labday/judge/judgeDay';
import { isMixing, stationsOf, wasteOfWork } from '../../labday/day/work';
import type { Station, Work } from '../../labday/day/work';
import type { WorkView } from './workView';
import { calculationSections, classSection } from './calculationSections';
import { chemical, joined, plain, section } from './document';
import type { Block, DrawnVessel, Section, Words } from './document';

/** One vessel of one step with what every bench in the report makes of it. */
export interface Place {
  readonly step: Step;
  readonly station: Station;
  readonly judgements: readonly StationJudgement[];
}

/** The places of a piece of work. Of a procedure only those that somebody recorded are told. */
export function placesOf({
  day,
  work,
  benches,
}: Pick<WorkView, 'day' | 'work' | 'benches'>): Place[] {
  return work.procedure.steps
    .flatMap((step) =>
      stationsOf(work, step).map((station) => ({
        step,
        station,
        judgements: benches.map((bench) => judgeStation(day, work, step, station, bench)),
      })),
    )
    .filter(
      ({ judgements }) => isMixing(work) || judgements.some(({ standing }) => standing.length > 0),
    );
}

/** Where two solutions are brought together, the words hold their formulae; elsewhere a digit is a digit. */
const wordsOf = ({ procedure }: Work, text: string): Words =>
  isMixing({ procedure }) ? chemical(text) : plain(text);

/** Everything the report says of one piece of work. */
export function workSection(view: WorkView): Section {
  const { work } = view;
  const places = placesOf(view);
  return section(joined(plain(`${work.number}. `), wordsOf(work, work.procedure.name)), [], {
    sections: [
      section(plain('Purpose'), [{ kind: 'text', words: plain(work.procedure.purpose) }], {
        part: 'purpose',
      }),
      doneSection(view),
      ...places.map((place) => placeSection(view, place)),
      ...(places.length === 0
        ? [
            section([], [{ kind: 'text', words: plain('Nothing is recorded of it.') }], {
              part: 'seen',
            }),
          ]
        : []),
      ...view.benches.flatMap((bench) => calculationSections(view, bench)),
      classSection(view),
      wasteSection(view),
      notesSection(view, places),
      questionSection(view),
    ],
  });
}

/** The steps as they were done: all of them in words, and where a bench went another way. */
function doneSection({ day, work, benches }: WorkView): Section {
  const { steps } = work.procedure;
  const departures = benches.flatMap((bench) =>
    steps.flatMap((step) => {
      const standing = standingEntries(day.entries, {
        workId: work.id,
        stepId: step.id,
        groupId: bench.id,
      });
      const skipped = recordsOf(standing, 'step').some(({ state }) => state === 'skipped');
      const told = recordsOf(standing, 'departure').map(({ what, planned, done }) =>
        what === done ? done : `${what}: ${planned} → ${done}`,
      );
      // Whoever leaves a step out records that as a departure too.
      return [...new Set([...(skipped ? ['left out'] : []), ...told])].map((words) => [
        plain(bench.name),
        plain(shortText(step)),
        plain(words),
      ]);
    }),
  );
  const blocks: Block[] = [
    {
      kind: 'list',
      numbered: true,
      items: steps.map(({ text }) => wordsOf(work, text)),
    },
    ...(departures.length > 0
      ? [
          {
            kind: 'table' as const,
            columns: [
              { head: 'Bench', width: 2 },
              { head: 'Step', width: 4 },
              { head: 'Done otherwise', width: 4 },
            ],
            rows: departures,
          },
        ]
      : [{ kind: 'text' as const, words: plain('No departure from the procedure is recorded.') }]),
  ];
  return section(plain('What was done'), blocks, { part: 'done' });
}

const told = (list: readonly Observation[]): string => list.map(describeObservation).join('; ');

/** So many different records are drawn beside what was expected; the others stand in the table. */
const mostDrawn = 4;
/** How full a recorded vessel is drawn where nothing is predicted; the record does not say. */
const usualFill = 0.4;

/** One vessel after one step: what was expected beside what each bench saw, and what follows. */
function placeSection(view: WorkView, { step, station, judgements }: Place): Section {
  const { work, settings } = view;
  const { expected, notPredicted, reactions } = station;
  const predicted = notPredicted.length === 0;
  const rows = alike(judgements, ({ seen, blank, control, verdict }) => [
    [
      told(seen) || 'nothing recorded',
      ...(blank.length > 0 ? [`blank: ${told(blank)}`] : []),
      ...(control.length > 0 ? [`control: ${told(control)}`] : []),
    ].join('; '),
    verdictWords[verdict],
  ]);
  const { container, view: expectedView } = station;
  const drawn: DrawnVessel[] = [
    ...(predicted
      ? [{ container, view: expectedView ?? null, label: 'Expected', key: true as const }]
      : []),
    ...rows.slice(0, mostDrawn).flatMap(({ benches, first }) => {
      const seen = drawRecord(first.seen, expectedView?.fill ?? usualFill);
      return seen ? [{ container, view: seen, label: `Seen: ${benches}` }] : [];
    }),
  ];
  const expectation: Words = predicted
    ? chemical(told(expected))
    : chemical(`Not predicted: ${notPredicted.join(' ')}`);
  const heading = isMixing(work)
    ? plain('Observations')
    : plain(`${shortText(step)} (${station.vessel})`);
  const equations: Block[] =
    reactions.length === 0
      ? []
      : [
          {
            kind: 'facts',
            facts: reactions.flatMap(({ equation, netIonic, spectators, types }) => [
              ...(equation === netIonic ? [] : [{ name: 'Equation', words: chemical(equation) }]),
              { name: 'Net ionic', words: chemical(netIonic) },
              {
                name: 'Watching ions',
                words: chemical(spectators.join(', ') || 'none'),
              },
              {
                name: 'Type',
                words: plain(types[settings.reactionTypes].join(', ') || 'none of the five'),
              },
            ]),
          },
        ];
  return section(
    heading,
    [
      ...(drawn.length > 0 ? [{ kind: 'vessels' as const, vessels: drawn }] : []),
      { kind: 'facts', key: true, facts: [{ name: 'Expected', words: expectation }] },
      {
        kind: 'table',
        columns: [
          { head: 'Bench', width: 2 },
          { head: 'Seen', width: 5 },
          { head: 'Judgement', key: true, width: 2 },
        ],
        rows: rows.map(({ benches, words }) => [plain(benches), ...words.map(plain)]),
      },
    ],
    {
      part: 'seen',
      sections: [
        section(plain('Equations'), equations, { part: 'equations', key: true }),
        verdictSection(view, judgements),
      ],
    },
  );
}

const verdictWords = {
  agrees: 'agrees',
  partly: 'partly agrees',
  differs: 'differs',
  incomplete: 'incomplete',
  notPredicted: 'not predicted',
  notRecorded: '–',
} as const;

/** What is the same for several benches is said once, with all their names. */
function alike(
  judgements: readonly StationJudgement[],
  say: (judgement: StationJudgement) => readonly string[],
): {
  readonly benches: string;
  readonly words: readonly string[];
  readonly first: StationJudgement;
}[] {
  const said = new Map<
    string,
    { names: string[]; words: readonly string[]; first: StationJudgement }
  >();
  for (const judgement of judgements) {
    const words = say(judgement);
    const key = words.join('\n');
    const known = said.get(key);
    if (known) known.names.push(judgement.bench.name);
    else said.set(key, { names: [judgement.bench.name], words, first: judgement });
  }
  return [...said.values()].map(({ names, words, first }) => ({
    benches: names.join(', '),
    words,
    first,
  }));
}

/** Chemical or physical, on what evidence; what differs, and why most likely. */
function verdictSection({ causeOf }: WorkView, judgements: readonly StationJudgement[]): Section {
  const seen = judgements.filter((judgement) => judgement.seen.length > 0);
  const items = alike(seen, (judgement) => {
    const { change, comparison, station } = judgement;
    const expected = station.change.change;
    const other =
      expected !== 'notPredicted' && expected !== change.change
        ? `; what was done makes it ${expected}`
        : '';
    const evidence = change.evidence.map(({ sign }) => sign).join('; ');
    const off = comparison?.items.filter(({ outcome }) => outcome === 'differs') ?? [];
    const cause = causeOf(judgement);
    return [
      `By what was seen a ${change.change} change${evidence === '' ? '' : `; evidence: ${evidence}`}${other}.`,
      ...off.map(
        (one) => `Differs in ${one.item}: expected ${one.expected}, seen ${one.seen ?? 'nothing'}.`,
      ),
      ...(cause ? [`Likeliest cause: ${cause.fault}. ${cause.check}`] : []),
    ];
  }).map(({ benches, words }) => joined(plain(`${benches}: `), chemical(words.join(' '))));
  return section(
    plain('Evidence and verdicts'),
    items.length === 0 ? [] : [{ kind: 'list', items }],
    { part: 'verdicts', key: true },
  );
}

function wasteSection({ work }: WorkView): Section {
  const waste = wasteOfWork(work);
  const { disposal } = work.procedure;
  return section(
    plain('Waste'),
    [
      ...(waste
        ? [{ kind: 'text' as const, words: plain(`${waste.bottle}: ${waste.because}.`) }]
        : []),
      ...(disposal === '' ? [] : [{ kind: 'text' as const, words: plain(disposal) }]),
    ],
    { part: 'waste' },
  );
}

/** What was noted at the benches, and what the instructor said instead of the computed verdict. */
function notesSection({ day, work, benches }: WorkView, places: readonly Place[]): Section {
  const notes = benches.flatMap((bench) =>
    recordsOf(standingEntries(day.entries, { workId: work.id, groupId: bench.id }), 'note').map(
      ({ text }) => plain(`${bench.name}: “${text}”`),
    ),
  );
  const judged = places.flatMap(({ judgements }) => judgements);
  const said = judged.flatMap(({ bench, station, override, comparison }) =>
    override
      ? [
          plain(
            `${bench.name}, record of ${station.vessel}: ${override.by} says ${verdictWords[override.verdict]}${override.change ? ` and a ${override.change} change by what was seen` : ''}, because ${override.reason} Calculated: ${comparison?.agreement ?? 'not predicted'}.`,
          ),
        ]
      : [],
  );
  const signed = benches.flatMap((bench) =>
    recordsOf(standingEntries(day.entries, { workId: work.id, groupId: bench.id }), 'signOff').map(
      ({ by }) => plain(`${bench.name}: record signed off by ${by}.`),
    ),
  );
  const list = (items: readonly Words[], key?: true): Block[] =>
    items.length === 0 ? [] : [{ kind: 'list', items, ...(key && { key }) }];
  return section(plain('Notes'), [...list(notes), ...list([...said, ...signed], true)], {
    part: 'notes',
  });
}

/** The questions of the procedure; with the key, their answers and marking points. */
function questionSection({ work }: WorkView): Section {
  const { questions, answers } = work.procedure;
  const withAnswers = answers.some((answer) => answer !== '');
  return section(
    plain('Questions'),
    questions.length === 0
      ? []
      : [
          { kind: 'list', numbered: true, items: questions.map(chemical) },
          ...(withAnswers
            ? [
                { kind: 'text' as const, key: true as const, words: plain('Answers:') },
                {
                  kind: 'list' as const,
                  key: true as const,
                  numbered: true as const,
                  items: questions.map((_, at) => chemical(answers[at] ?? '')),
                },
              ]
            : []),
        ],
    { part: 'questions' },
  );
}
