import { Chip, Text } from '@mantine/core';
import { standingCellEntries } from '@stoichos/core/labday/cells';
import { depositWords, impurityHints, impuritySource } from '@stoichos/core/studies/electrolysis';
import type { CellRecord, CellRunWithRecord } from '@stoichos/core/labday/cells';
import { Fold } from '../../shared/parts/Fold';
import classes from '../../shared/study/Study.module.css';
import type { WriteLine } from './useCellRun';
import { Cited } from '../../shared/parts/Cited';

type DepositWord = (typeof depositWords)[number];

/** How the deposit looks, in one vocabulary, and unexpected colours with what they mean. */
export function SeenPanel({ run, write }: { run: CellRunWithRecord; write: WriteLine }) {
  const standing = standingCellEntries(run.entries);
  const deposit = standing.findLast(({ record }) => record.kind === 'deposit');
  const words = deposit?.record.kind === 'deposit' ? deposit.record.words : [];
  const hints = standing.flatMap(({ id, record }) =>
    record.kind === 'hint' ? [{ id, hint: record.hint }] : [],
  );
  const toggle = (word: DepositWord) => {
    const next = words.includes(word) ? words.filter((one) => one !== word) : [...words, word];
    const record: CellRecord | null = next.length > 0 ? { kind: 'deposit', words: next } : null;
    write(record, deposit?.id ?? null);
  };
  return (
    <>
      {run.setup.metal && (
        <section aria-label="The deposit">
          <Text fw={600} mt="md" mb={6}>
            The deposit
          </Text>
          <div className={classes.chips}>
            {depositWords.map((word) => (
              <Chip
                key={word}
                size="md"
                checked={words.includes(word)}
                onChange={() => toggle(word)}
              >
                {word}
              </Chip>
            ))}
          </div>
        </section>
      )}
      <Fold title="Anything unexpected?" open={hints.length > 0}>
        <div className={classes.chips}>
          {impurityHints.map(({ id, seen }) => {
            const known = hints.find(({ hint }) => hint === id);
            return (
              <Chip
                key={id}
                size="md"
                checked={known !== undefined}
                onChange={() => (known ? write(null, known.id) : write({ kind: 'hint', hint: id }))}
              >
                {seen}
              </Chip>
            );
          })}
        </div>
        {impurityHints
          .filter(({ id }) => hints.some(({ hint }) => hint === id))
          .map(({ id, seen, means, proof, then }) => (
            <Text key={id} size="sm" mt="xs" data-testid="hint">
              <strong>{seen}</strong>: {means}. Proof: {proof}. Then: {then}.
            </Text>
          ))}
        <Text size="sm" className="quiet" mt="xs">
          <Cited source={impuritySource} />
        </Text>
      </Fold>
    </>
  );
}
