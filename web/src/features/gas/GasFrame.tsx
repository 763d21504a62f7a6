import type { ComponentProps } from 'react';
import { PrintButton } from '../../shared/parts/PrintButton';
import { StudyFrame } from '../../shared/study/StudyFrame';

const views = [
  { to: '/gases', label: 'Routes' },
  { to: '/gases/make', label: 'Make and collect' },
  { to: '/gases/apparatus', label: 'Apparatus' },
  { to: '/gases/properties', label: 'Properties' },
  { to: '/gases/unknown', label: 'Unknown gas' },
  { to: '/gases/cycles', label: 'Cycles' },
];

type Frame = ComponentProps<typeof StudyFrame>;

/** The study of gases: one of its views, with the way to the others. */
export function GasFrame(frame: Pick<Frame, 'settings' | 'answer' | 'reasons'>) {
  return <StudyFrame title="Gases" tools={<PrintButton />} tabs={views} {...frame} />;
}
