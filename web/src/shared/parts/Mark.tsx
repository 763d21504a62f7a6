import type { ComparedItem, Agreement } from '@stoichos/core/seeing/judgement';
import {
  IconCircleCheck,
  IconCircleDashed,
  IconCircleHalf2,
  IconHelpHexagon,
  IconSquareRoundedX,
} from '@tabler/icons-react';
import classes from './Mark.module.css';

const marks = {
  agrees: { Icon: IconCircleCheck, word: 'agrees' },
  partly: { Icon: IconCircleHalf2, word: 'partly' },
  near: { Icon: IconCircleHalf2, word: 'near' },
  differs: { Icon: IconSquareRoundedX, word: 'differs' },
  incomplete: { Icon: IconCircleDashed, word: 'incomplete' },
  missing: { Icon: IconCircleDashed, word: 'not recorded' },
  notPredicted: { Icon: IconHelpHexagon, word: 'not predicted' },
} as const satisfies Record<Agreement | ComparedItem['outcome'] | 'notPredicted', object>;

/** A judgement by shape and word; colour plays no part, for colour belongs to the substances. */
export function Mark({
  of,
  large = false,
  wordless = false,
}: {
  of: keyof typeof marks;
  large?: boolean;
  /** The shape alone, where the word stands beside it for those who do not see it. */
  wordless?: boolean;
}) {
  const { Icon, word } = marks[of];
  return (
    <span className={large ? `${classes.mark} ${classes.large}` : classes.mark} data-mark={of}>
      <Icon size={large ? 30 : 20} stroke={1.8} aria-hidden />
      {!wordless && word}
    </span>
  );
}
