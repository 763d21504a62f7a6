import type { ComponentProps } from 'react';
import { PrintButton } from '../../shared/parts/PrintButton';
import { SubTabs } from '../../shared/parts/SubTabs';
import { StudyFrame } from '../../shared/study/StudyFrame';

type Frame = ComponentProps<typeof StudyFrame>;

/** The study of gases: one of its views, with the way to the others. */
export function GasFrame({ answer, ...frame }: Pick<Frame, 'settings' | 'answer' | 'reasons'>) {
  return (
    <StudyFrame
      title="Gases"
      tools={<PrintButton />}
      answer={{
        label: answer.label,
        children: (
          <>
            <SubTabs
              label="Gases"
              tabs={[
                { to: '/gases', label: 'Routes' },
                { to: '/gases/make', label: 'Make and collect' },
                { to: '/gases/apparatus', label: 'Apparatus' },
                { to: '/gases/properties', label: 'Properties' },
                { to: '/gases/unknown', label: 'Unknown gas' },
                { to: '/gases/cycles', label: 'Cycles' },
              ]}
            />
            {answer.children}
          </>
        ),
      }}
      {...frame}
    />
  );
}
