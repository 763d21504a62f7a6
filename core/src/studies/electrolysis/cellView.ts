import { phraseHex } from '../../seeing/appearance/colourWords';
import { solidLook } from '../../seeing/appearance/solidLook';
import { viewVessel } from '../../seeing/appearance/vesselView';
import type { ColourPhrase } from '../../matter/substances/types';
import type { ElectrodeSide } from '../../vessel/electrolysis/electrodeSetting';
import { bulkOf } from './voltages';
import type { CellElectrode, PredictedCell } from './predictCell';

/** What one electrode looks like. */
export interface ElectrodeView {
  readonly side: ElectrodeSide;
  readonly material: string;
  /** Of the electrode itself. */
  readonly hex: string;
  /** What settles on it. */
  readonly coat?: { readonly formula: string; readonly hex: string };
  /** How much gas comes off it, 0 to 1 of the current. */
  readonly bubbles: number;
  readonly gets: 'thinner' | 'coated' | 'as it was';
  /** The liquid close to it. */
  readonly nearHex: string;
  readonly nearColour: ColourPhrase;
}

/** What a cell looks like while the current runs; enough to draw it. */
export interface CellView {
  readonly liquidHex: string;
  readonly liquidColour: ColourPhrase;
  readonly cathode: ElectrodeView;
  readonly anode: ElectrodeView;
}

/** A cell as it is drawn. */
export function viewCell(cell: PredictedCell): CellView {
  const { liquid } = cell;
  const whole = viewVessel({ vessel: liquid, equilibrium: bulkOf(liquid).bulk });
  const one = (side: ElectrodeSide): ElectrodeView => {
    const { electrode, products, nearColour }: CellElectrode = cell[side];
    const outcome = cell.run[side];
    const near = viewVessel({ vessel: outcome.liquid, equilibrium: outcome.last.near });
    const solid = products.find(({ state, formula }) => state === 's' && solidLook(formula));
    const coat = solid && solidLook(solid.formula)?.colour;
    const bubbles = products.reduce(
      (sum, { state, share }) => (state === 'g' ? sum + share : sum),
      0,
    );
    const leaves = side === 'anode' && Object.keys(outcome.lost).length > 0;
    return {
      side,
      material: electrode.material,
      hex: phraseHex(solidLook(electrode.formula)?.colour ?? 'grey'),
      ...(solid && coat && { coat: { formula: solid.formula, hex: phraseHex(coat) } }),
      bubbles,
      gets: leaves ? 'thinner' : solid ? 'coated' : 'as it was',
      nearHex: near.liquidHex,
      nearColour,
    };
  };
  return {
    liquidHex: whole.liquidHex,
    liquidColour: whole.colour,
    cathode: one('cathode'),
    anode: one('anode'),
  };
}
