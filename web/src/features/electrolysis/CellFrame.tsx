import type { ComponentProps } from 'react';
import { PrintButton } from '../../shared/parts/PrintButton';
import { StudyFrame } from '../../shared/study/StudyFrame';
import { useStudyAddress } from '../../shared/study/useStudy';
import { CellSettings } from './CellSettings';
import { cellStudy } from './useElectrolysis';

const views = [
  { to: '/electrolysis', label: 'Predict' },
  { to: '/electrolysis/plan', label: 'Plan' },
  { to: '/electrolysis/runs', label: 'Run and judge' },
  { to: '/electrolysis/series', label: 'Current series' },
];

type Frame = ComponentProps<typeof StudyFrame>;

/** The study of electrolysis: the cell on one side, one of its views beside it. */
export function CellFrame({
  settings = { label: 'What is set', children: <CellSettings /> },
  ...frame
}: Pick<Frame, 'answer' | 'reasons'> & Partial<Frame>) {
  useStudyAddress(cellStudy);
  return (
    <StudyFrame
      title="Electrolysis"
      tools={<PrintButton />}
      tabs={views}
      settings={settings}
      {...frame}
    />
  );
}
