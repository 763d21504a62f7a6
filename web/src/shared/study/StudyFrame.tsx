import { Card } from '../parts/Card';
import { Group, Title } from '@mantine/core';
import type { ComponentProps, ReactNode, Ref } from 'react';
import { SubTabs } from '../parts/SubTabs';
import classes from './StudyFrame.module.css';

interface StudyPart {
  /** Said of the part as a whole. */
  readonly label: string;
  readonly children: ReactNode;
}

interface StudyFrameProps {
  readonly title: string;
  readonly tools?: ReactNode;
  /** The views of the study, above the answer of each. */
  readonly tabs?: ComponentProps<typeof SubTabs>['tabs'];
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
  tabs,
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
        <Card className="no-print" label={settings.label}>
          {settings.children}
        </Card>
        <Card ref={answerRef} label={answer.label}>
          {tabs && <SubTabs label={title} tabs={tabs} />}
          {answer.children}
        </Card>
        <Card className={classes.reasons ?? ''} label={reasons.label}>
          {reasons.children}
        </Card>
      </div>
    </>
  );
}
