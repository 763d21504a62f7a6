import { likelyAuthor, mayPutRight, mayWrite } from '@stoichos/core/labday/access';
import { describe, expect, it } from 'vitest';

const note = { kind: 'note', text: 'pale' } as const;
const signOff = { kind: 'signOff', by: 'M. Sandpiper' } as const;
const verdict = { kind: 'verdict', verdict: 'agrees', reason: 'seen', by: 'M. Sandpiper' } as const;

describe('who may write what', () => {
  it.each(['instructor', 'technician', 'group'] as const)('%s writes what is seen', (author) => {
    expect(mayWrite(author, note)).toBe(true);
    expect(mayWrite(author, null)).toBe(true);
  });
  it('verdicts and signatures are the instructor’s alone', () => {
    for (const record of [signOff, verdict]) {
      expect(mayWrite('instructor', record)).toBe(true);
      expect(mayWrite('technician', record)).toBe(false);
      expect(mayWrite('group', record)).toBe(false);
    }
  });
});

describe('who may put right what another wrote', () => {
  // Across: who wrote it. Down: who puts it right.
  it.each([
    ['instructor', { instructor: true, technician: true, group: true }],
    ['technician', { instructor: false, technician: true, group: true }],
    ['group', { instructor: false, technician: false, group: true }],
  ] as const)('%s', (author, table) => {
    for (const earlier of ['instructor', 'technician', 'group'] as const)
      expect(mayPutRight(author, earlier, note), earlier).toBe(table[earlier]);
  });
  it('a verdict is withdrawn by the instructor alone', () => {
    expect(mayPutRight('instructor', likelyAuthor({ groupId: 'g', record: verdict }), null)).toBe(
      true,
    );
    expect(mayPutRight('group', likelyAuthor({ groupId: 'g', record: verdict }), null)).toBe(false);
  });
});

describe('a line without its author', () => {
  it('is the instructor’s where only the instructor could write it, or it is shown to all', () => {
    expect(likelyAuthor({ groupId: 'g', record: signOff })).toBe('instructor');
    expect(likelyAuthor({ groupId: null, record: note })).toBe('instructor');
    expect(likelyAuthor({ groupId: 'g', record: note })).toBe('group');
    expect(likelyAuthor({ groupId: 'g', record: null })).toBe('group');
  });
});
