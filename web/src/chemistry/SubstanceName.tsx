import { nameIn } from '@stoichos/core';
import { useSettings } from '../app/useSettings';
import { Formula } from './Formula';

/** A substance by its formula and its name in the chosen school. */
export function SubstanceName({
  formula,
  quietName = false,
}: {
  formula: string;
  quietName?: boolean;
}) {
  const { naming } = useSettings();
  return (
    <>
      <Formula text={formula} />{' '}
      <span className={quietName ? 'quiet' : ''}>{nameIn(naming, formula)}</span>
    </>
  );
}
