import { forAnyReader } from '../../common/reader';
import type { ConstantTable } from './table';
import { inWaterTables } from './tables/inWater';
import { gasesTables } from './tables/gases';
import { coloursTables } from './tables/colours';
import { heatedTables } from './tables/heated';
import { cellsTables } from './tables/cells';
import { tradeTables } from './tables/trade';
import { unknownsTables } from './tables/unknowns';

/** Every constant of the calculations, by kind, each with its unit and its source. */
export const constantTables = forAnyReader((): readonly ConstantTable[] => [
  ...inWaterTables(),
  ...gasesTables(),
  ...coloursTables(),
  ...heatedTables(),
  ...cellsTables(),
  ...tradeTables(),
  ...unknownsTables(),
]);
