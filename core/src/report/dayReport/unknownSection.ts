import type { Mark } from '../../studies/identify/grade';
import { blankWords, testLabel } from '../../studies/identify/testLabel';
import type { SealedUnknown, UnknownAnswer } from '../../labday/access/access';
import type { Group } from '../../labday/day/labDay';
import { chemical, plain, section } from './document';
import type { Section } from './document';
import { atMostPlaces } from '../../common/formatNumber';

/** A jar that a group got, what it took it for, and how that is marked. */
export interface ReportedUnknown extends SealedUnknown {
  readonly answer: UnknownAnswer | null;
  readonly mark: Mark | null;
}

/** Each jar with the tests a group did, its answer, and with the key what was in it and the mark. */
export function unknownSections(
  unknowns: readonly ReportedUnknown[],
  groups: readonly Group[],
): Section[] {
  return unknowns.map(({ groupId, code, kind, key, answer, mark }) => {
    const group = groups.find(({ id }) => id === groupId)?.name ?? '';
    return section(plain(`Unknown ${code}, ${group}`), [], {
      sections: [
        section(
          plain('Tests and answer'),
          [
            {
              kind: 'facts',
              facts: [
                { name: 'Kind', words: plain(kind) },
                {
                  name: 'Answer',
                  words: answer ? chemical(answer.answer) : plain('not handed in'),
                },
              ],
            },
            ...(answer && answer.results.length > 0
              ? [
                  {
                    kind: 'table' as const,
                    columns: [
                      { head: 'Test', width: 3 },
                      { head: 'Seen', width: 3 },
                      { head: 'Blank', width: 2 },
                      { head: 'Note', width: 3 },
                    ],
                    rows: answer.results.map(({ test, outcome, blank, note }) => [
                      plain(testLabel(kind, test)),
                      plain(outcome),
                      plain(blankWords[blank]),
                      plain(note),
                    ]),
                  },
                ]
              : []),
          ],
          { part: 'seen' },
        ),
        section(
          plain('Key and mark'),
          [
            {
              kind: 'facts',
              facts: [
                { name: 'In the jar', words: chemical(key) },
                ...(mark ? [{ name: 'Mark', words: plain(`${mark.points} of ${mark.of}`) }] : []),
              ],
            },
            ...(mark
              ? [
                  {
                    kind: 'list' as const,
                    items: mark.parts.map(({ what, points, of, why }) =>
                      plain(`${what}: ${atMostPlaces(points, 1)} of ${of}, ${why}`),
                    ),
                  },
                ]
              : []),
          ],
          { part: 'verdicts', key: true },
        ),
      ],
    });
  });
}
