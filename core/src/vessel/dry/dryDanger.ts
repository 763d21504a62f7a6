import { isOnShelf } from '../../matter/substances/findSubstance';
import { clashes } from '../../safety/clashes';
import type { Amounts } from '../amounts';
import type { Warning } from '../warnings';

/** A warning of what dry solids do with each other, and whether they are followed all the same. */
export interface DryDanger {
  readonly warning: Warning;
  readonly isFollowed: boolean;
}

/** What makes dry solids that lie together dangerous; undefined when nothing of the kind is among the rules of what must not meet. */
export function dryDanger(solids: Amounts): DryDanger | undefined {
  const held = Object.keys(solids)
    .map((formula) => ({ substance: formula.split('·')[0] ?? '' }))
    .filter(({ substance }) => isOnShelf(substance));
  const [worst] = held
    .flatMap((one, at) => clashes(held.slice(0, at), one))
    .filter(({ whenDry }) => whenDry !== undefined)
    .sort((a, b) => Number(b.never) - Number(a.never));
  return (
    worst && {
      warning: {
        code: worst.isShow ? 'thermite' : 'dryOxidiserWithFuel',
        message: `${worst.one} with ${worst.other}: ${worst.gives}. Do not mix, rub or heat them dry.`,
      },
      isFollowed: worst.isShow ?? false,
    }
  );
}
