import { Group, Title } from '@mantine/core';
import type { ReactNode, Ref } from 'react';
import classes from './StudyFrame.module.css';

interface StudyPart {
  /** Said of the part as a whole. */
  readonly label: string;
  readonly children: ReactNode;
}

interface StudyFrameProps {
  readonly title: string;
  readonly tools?: ReactNode;
  /** What one sets. */
  readonly settings: StudyPart;
  /** The vessel and the answer. */
  readonly answer: StudyPart;
  readonly answerRef?: Ref<HTMLElement>;
  /** The reasoning, with its sources. */
  readonly reasons: StudyPart;
}

/** How every study is laid out: what one sets on one side, the vessel and the answer in the middle, the reasons on the other. */
export function StudyFrame({
  title,
  tools,
  settings,
  answer,
  answerRef,
  reasons,
}: StudyFrameProps) {
  return (
    <>
      <Group justify="space-between" my="md">
        <Title order={1} size="h1">
          {title}
        </Title>
        {tools && (
          <Group gap="xs" className="no-print">
            {tools}
          </Group>
        )}
      </Group>
      <div className={classes.columns}>
        <section className="card no-print" aria-label={settings.label}>
          {settings.children}
        </section>
        <section ref={answerRef} className="card" aria-label={answer.label}>
          {answer.children}
        </section>
        <section className={`card ${classes.reasons}`} aria-label={reasons.label}>
          {reasons.children}
        </section>
      </div>
    </>
  );
}
