import { Box, Button, Group, Select, Text } from '@mantine/core';
import { plainFormula } from '@stoichos/core/matter/formula';
import { ringMasses, ringProcedure, rings } from '@stoichos/core/studies/cycle';
import { useMemo, useRef } from 'react';
import * as z from 'zod';
import { Formula } from '../../shared/chemistry/Formula';
import { GasFrame } from '../gas/public';
import { save } from '../../shared/parts/save';
import { AttachToDay } from '../../shared/study/AttachToDay';
import { Amount } from '../../shared/study/Amount';
import { attempt, typedNumber } from '@stoichos/core/common';
import study from '../../shared/study/Study.module.css';
import { TaskFailure } from '../../shared/parts/TaskFailure';
import { useAnswer } from '../../data/worker/useAnswer';
import { MassTable } from './MassTable';
import { OwnRing } from './OwnRing';
import { ringPlanOf, ownRing } from './ringPlan';
import { RingPicture } from './RingPicture';
import { ArcCard } from './ArcCard';
import { useStudy, useStudyAddress } from '../../shared/study/useStudy';
import type { Study } from '../../shared/study/useStudy';

const stateSchema = z.object({
  /** A ready ring by id, or one of one’s own. */
  ring: z.string(),
  own: ownRing,
  startG: typedNumber,
  /** What was weighed after each arrow, g. */
  weighed: z.array(typedNumber),
});

type CyclesState = z.output<typeof stateSchema>;

const first: CyclesState = {
  ring: 'calcium',
  own: { start: 'MgO', arcs: [] },
  startG: 2,
  weighed: [],
};

const ringStudy: Study<typeof stateSchema> = {
  key: 'stoichos.cycles',
  name: 'ring',
  schema: stateSchema,
  initial: first,
  without: ['weighed'],
};

/** The ring that is set, what becomes of it, and what was weighed on the way. */
function useRing() {
  useStudyAddress(ringStudy);
  const { state, change } = useStudy(ringStudy);
  const plan = useMemo(() => ringPlanOf(state.ring, state.own), [state.ring, state.own]);
  const { value: ring, failure } = useAnswer('ring', plan && [plan]);
  const shown = plan && ring?.name === plan.name ? ring : undefined;
  const masses = useMemo(
    () =>
      shown &&
      attempt(() =>
        ringMasses(
          shown,
          state.startG === '' ? 0 : state.startG,
          shown.arcs.map((_, at) => {
            const one = state.weighed[at];
            return one === undefined || one === '' ? undefined : one;
          }),
        ),
      ),
    [shown, state.startG, state.weighed],
  );
  const procedure = useMemo(() => shown && ringProcedure('ring', shown), [shown]);
  return { state, change, plan, shown, failure, masses, procedure };
}

type RingStudy = ReturnType<typeof useRing>;

/** Reactions that end where they began, drawn as a ring, with what each gives at most and what was found. */
export function CyclesPage() {
  const study = useRing();
  const { shown } = study;
  return (
    <GasFrame
      settings={{
        label: 'What is set',
        children: <RingSettings {...study} />,
      }}
      answer={{
        label: 'The ring',
        children: <RingAnswer {...study} />,
      }}
      reasons={{
        label: 'Each arrow: equation, type, evidence',
        children: shown ? (
          shown.arcs.map((arc, at) => (
            <ArcCard key={`${arc.from} ${arc.to}`} arc={arc} number={at + 1} />
          ))
        ) : (
          <Text className="quiet">
            Equation, type, condition and evidence of each arrow appear here.
          </Text>
        ),
      }}
    />
  );
}

/** The ring, drawn, and what becomes of the mass on the way. */
function RingAnswer({ state, failure, plan, shown, change, masses, procedure }: RingStudy) {
  const picture = useRef<HTMLDivElement>(null);
  return (
    <>
      <TaskFailure failure={failure} />
      {!plan && (
        <Text className="quiet" mt="sm">
          Choose what the first compound is turned into; the ring grows arrow by arrow.
        </Text>
      )}
      {shown && (
        <>
          <div ref={picture}>
            <RingPicture ring={shown} />
          </div>
          {!shown.closes && (
            <Text role="status">
              Not closed yet: <Formula text={shown.arcs.at(-1)?.to ?? ''} /> is not{' '}
              <Formula text={shown.start} />.
            </Text>
          )}
          <Group className="no-print">
            <Button onClick={() => savePicture(picture.current, shown.name)}>SVG</Button>
          </Group>
          {masses && 'problem' in masses ? (
            <Text role="alert">{masses.problem}</Text>
          ) : (
            masses && (
              <MassTable
                ring={shown}
                masses={masses}
                weighed={state.weighed}
                onWeigh={(at, value) =>
                  change({
                    weighed: shown.arcs.map((_, index) =>
                      index === at ? value : (state.weighed[index] ?? ''),
                    ),
                  })
                }
              />
            )
          )}
          <div className={study.block}>
            <AttachToDay procedure={procedure} />
          </div>
        </>
      )}
    </>
  );
}

/** Which cycle, and how much it begins with. */
function RingSettings({ state, shown, change }: RingStudy) {
  return (
    <>
      <Select
        label="Cycle"
        value={state.ring}
        data={[
          ...rings.map(({ id, name }) => ({ value: id, label: name })),
          { value: 'own', label: 'One of your own' },
        ]}
        onChange={(id) => change({ ring: id ?? state.ring, weighed: [] })}
      />
      {state.ring === 'own' && (
        <OwnRing own={state.own} onChange={(own) => change({ own, weighed: [] })} />
      )}
      <Box mt="md">
        <Amount
          label={`Begin with, g${shown ? ` of ${plainFormula(shown.startKept)}` : ''}`}
          step={0.5}
          value={state.startG}
          onChange={(startG) => change({ startG })}
        />
      </Box>
    </>
  );
}

function savePicture(holder: HTMLElement | null, name: string): void {
  const svg = holder?.querySelector('svg');
  if (!svg) return;
  const text = new XMLSerializer().serializeToString(svg);
  save(new Blob([text], { type: 'image/svg+xml' }), `${name}.svg`);
}
