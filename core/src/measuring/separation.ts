import { ChemistryError } from '../common/errors';
import { combined } from './uncertainty';
import type { Quantity } from './uncertainty';
import { formatNumber } from '../common/formatNumber';

/** Mass over volume, g/mL, with both uncertainties carried through. @throws ChemistryError for a volume of nothing. */
export function density(mass: Quantity, volume: Quantity): Quantity {
  if (!(volume.value > 0))
    throw ChemistryError.of(
      'outOfRange',
      'The volume',
      `${formatNumber(volume.value)} mL`,
      'above 0 mL',
    ).in('volume');
  const value = mass.value / volume.value;
  return {
    value,
    uncertainty: value * combined(mass.uncertainty / mass.value, volume.uncertainty / volume.value),
  };
}

/** What was won of a substance, and what to think of it. */
export interface Recovery {
  /** Share of what there was, %. */
  readonly percent: Quantity;
  readonly words: string;
}

/** A loss that pouring, filtering and rinsing bring with them, % (common practice). */
const usualLoss = 15;

/** What was recovered of what there was, both g. More than all of it is challenged, for matter does not grow. */
export function recovery(got: Quantity, there: Quantity): Recovery {
  if (!(there.value > 0))
    throw ChemistryError.of(
      'outOfRange',
      'What there was',
      `${formatNumber(there.value)} g`,
      'above 0 g',
    ).in('there');
  const value = (100 * got.value) / there.value;
  const uncertainty =
    value *
    combined(got.value > 0 ? got.uncertainty / got.value : 0, there.uncertainty / there.value);
  const percent = { value, uncertainty };
  if (value - 2 * uncertainty > 100)
    return {
      percent,
      words:
        'more than there was: it is still wet, or something else came along; dry it and weigh again',
    };
  return {
    percent,
    words:
      value >= 100 - usualLoss
        ? 'as good as pouring and rinsing allow'
        : 'a good part was lost: look for it on the filter, in the beaker, in what spat out',
  };
}
