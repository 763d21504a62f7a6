import { Button, Group, Text } from '@mantine/core';
import type { Arc } from '@stoichos/core/studies/cycle';
import { IconPlus } from '@tabler/icons-react';
import { useEffect, useState } from 'react';
import type * as z from 'zod';
import { Formula } from '../../shared/chemistry/Formula';
import classes from './Cycle.module.css';
import { ShelfSearch } from '../../shared/reagents/ShelfSearch';
import { TaskFailure } from '../../shared/parts/TaskFailure';
import { useTask } from '../../data/worker/useTask';
import type { ownRing } from './ringPlan';

interface OwnRingProps {
  readonly own: z.output<typeof ownRing>;
  readonly onChange: (own: z.output<typeof ownRing>) => void;
}

/** A ring of one’s own, arrow by arrow: only what the engine says really comes can be chosen. */
export function OwnRing({ own, onChange }: OwnRingProps) {
  const at = own.arcs.at(-1)?.to ?? own.start;
  const { start, failure, share } = useTask('arcsFrom');
  const [next, setNext] = useState<{ readonly from: string; readonly arcs: readonly Arc[] }>();
  useEffect(() => {
    if (at === '') return;
    void start(at).then((arcs) => {
      if (arcs) setNext({ from: at, arcs });
    });
  }, [at, start]);
  const isClosed = own.arcs.length > 0 && at === own.start;
  return (
    <div role="group" aria-label="Your ring">
      <ShelfSearch
        label="Begin with"
        value={own.start}
        onlySubstances
        onChange={(begin) => onChange({ start: begin, arcs: [] })}
      />
      <ol className={classes.plain}>
        {own.arcs.map(({ to, means }, index) => (
          <li key={`${to} ${index}`}>
            <Formula text={`${to}`} /> <span className="quiet">({means.by})</span>
          </li>
        ))}
      </ol>
      {isClosed ? (
        <Text size="sm">Closed: it ends where it began.</Text>
      ) : (
        <>
          <Text size="sm" fw={600}>
            <Formula text={at} /> becomes
          </Text>
          <TaskFailure failure={failure} />
          {share !== undefined && (
            <Text size="sm" role="status" className="quiet">
              Trying…
            </Text>
          )}
          <Group gap={6} mt={4}>
            {next?.from === at &&
              next.arcs.map((arc) => (
                <Button
                  key={arc.to}
                  leftSection={<IconPlus size={16} aria-hidden />}
                  onClick={() =>
                    onChange({ ...own, arcs: [...own.arcs, { to: arc.to, means: arc.means }] })
                  }
                >
                  <Formula text={arc.to} />
                </Button>
              ))}
            {next?.from === at && next.arcs.length === 0 && (
              <Text size="sm">Nothing of the usual means turns it into something else.</Text>
            )}
          </Group>
        </>
      )}
      <Button
        mt="sm"
        disabled={own.arcs.length === 0}
        onClick={() => onChange({ ...own, arcs: own.arcs.slice(0, -1) })}
      >
        Take the last arrow back
      </Button>
    </div>
  );
}
