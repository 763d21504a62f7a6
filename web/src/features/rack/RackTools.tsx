import { ActionIcon, Button, Tooltip } from '@mantine/core';
import { IconArrowBackUp, IconArrowForwardUp } from '@tabler/icons-react';
import { cleared, redone, undone } from '../../data/rack/rackSlice';
import type { RackStudy } from './useRack';

/** Undo, redo, what is kept, and printing. */
export function RackTools({
  dispatch,
  history: { past, present, future },
  showKept,
}: RackStudy & { readonly showKept: () => void }) {
  return (
    <>
      <Tooltip label="Undo, Ctrl Z">
        <ActionIcon
          aria-label="Undo"
          disabled={past.length === 0}
          onClick={() => dispatch(undone())}
        >
          <IconArrowBackUp size={20} />
        </ActionIcon>
      </Tooltip>
      <Tooltip label="Redo, Ctrl Shift Z">
        <ActionIcon
          aria-label="Redo"
          disabled={future.length === 0}
          onClick={() => dispatch(redone())}
        >
          <IconArrowForwardUp size={20} />
        </ActionIcon>
      </Tooltip>
      <Button onClick={showKept}>Keep or compare</Button>
      <Button
        disabled={present.events.length === 0 && present.vessels.length === 1}
        onClick={() => dispatch(cleared())}
      >
        Start afresh
      </Button>
    </>
  );
}
