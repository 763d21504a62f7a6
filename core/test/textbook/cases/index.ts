import { acidsAndBases } from './acidsAndBases';
import { anions } from './anions';
import { cationsWithAlkali } from './cationsWithAlkali';
import { cationsWithAnions } from './cationsWithAnions';
import { heating } from './heating';
import { metals } from './metals';
import { nothingHappens } from './nothing';
import { redox } from './redox';
import { shifts } from './shifts';

/** Cases by area, one a line: what is put together and done, then what a textbook says is seen. */
export const areas = {
  cationsWithAlkali,
  cationsWithAnions,
  anions,
  metals,
  redox,
  acidsAndBases,
  heating,
  shifts,
  nothingHappens,
};
