import { ActionIcon, Button, Tooltip } from '@mantine/core';
import type { useDisclosure } from '@mantine/hooks';
import type { Rack } from '@stoichos/core/seeing/rack';
import { IconArrowBackUp, IconArrowForwardUp } from '@tabler/icons-react';
import type { useAppDispatch } from '../../data/store';
import { cleared, redone, undone } from '../../data/rack/rackSlice';

interface RackToolsProps {
  readonly dispatch: ReturnType<typeof useAppDispatch>;
  readonly rack: Rack;
  readonly past: readonly Rack[];
  readonly future: readonly Rack[];
  readonly keptShown: ReturnType<typeof useDisclosure>[1];
}

/** Undo, redo, what is kept, and printing. */
export function RackTools({ dispatch, rack, past, future, keptShown }: RackToolsProps) {
  return (
    <>
      <Tooltip label="Undo, Ctrl Z">
        <ActionIcon
          variant="default"
          aria-label="Undo"
          disabled={past.length === 0}
          onClick={() => dispatch(undone())}
        >
          <IconArrowBackUp size={20} />
        </ActionIcon>
      </Tooltip>
      <Tooltip label="Redo, Ctrl Shift Z">
        <ActionIcon
          variant="default"
          aria-label="Redo"
          disabled={future.length === 0}
          onClick={() => dispatch(redone())}
        >
          <IconArrowForwardUp size={20} />
        </ActionIcon>
      </Tooltip>
      <Button variant="default" onClick={keptShown.open}>
        Keep or compare
      </Button>
      <Button
        variant="default"
        disabled={rack.events.length === 0 && rack.vessels.length === 1}
        onClick={() => dispatch(cleared())}
      >
        Start afresh
      </Button>
    </>
  );
}
