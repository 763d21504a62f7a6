import type { ColourWord } from '../../src/matter/substances/types';
import type { ContainerKind } from '../../src/vessel/containers';

/** How a liquid looks in daylight against white: a range of lightness, chroma and hue angle (OKLCH), and words for it. */
export interface LiquidLook {
  /** What is put together, joined by `+`. */
  readonly made: string;
  readonly container?: ContainerKind;
  /** Looked at with its solid stirred up. */
  readonly stirred?: true;
  readonly lightness?: Range;
  readonly chroma: Range;
  /** Degrees; a range may pass 360. */
  readonly hue?: Range;
  readonly words: readonly ColourWord[];
}
type Range = readonly [from: number, to: number];

const row = (
  made: string,
  lightness: Range | undefined,
  chroma: Range,
  hue: Range | undefined,
  words: string,
  more: Partial<LiquidLook> = {},
): LiquidLook => ({
  made,
  ...(lightness && { lightness }),
  chroma,
  ...(hue && { hue }),
  words: words.split('/') as ColourWord[],
  ...more,
});

/**
 * What a photograph in daylight shows of a test tube, or of a beaker of 70 mm where that is said. Drawn up from memory of the
 * bench before the model was asked; ranges are as wide as cameras and lamps differ.
 */
export const liquidLooks: readonly LiquidLook[] = [
  row('CuSO4 0.1M 5mL', [0.8, 0.92], [0.03, 0.08], [220, 250], 'blue'),
  row('CuSO4 0.5M 5mL', [0.62, 0.8], [0.08, 0.14], [230, 255], 'blue'),
  row('CuSO4 1M 200mL', [0.4, 0.62], [0.1, 0.16], [238, 260], 'blue', { container: 'beaker400' }),
  row('CuSO4 0.04M 2mL + NH3 4M 2mL', [0.3, 0.5], [0.12, 0.2], [262, 285], 'blue/violet'),
  row('CuCl2 0.5M 5mL', [0.6, 0.8], [0.07, 0.13], [190, 225], 'blue-green/blue'),
  row('CuCl2 2M 5mL', [0.4, 0.62], [0.07, 0.15], [140, 175], 'green'),
  row('CuCl2 0.6M 1mL + HCl 12M 5mL', [0.65, 0.85], [0.1, 0.17], [100, 125], 'yellow-green/yellow'),
  row('NiSO4 0.2M 5mL', [0.68, 0.86], [0.06, 0.12], [150, 172], 'green'),
  row('NiSO4 0.2M 3mL + NH3 6M 3mL', [0.5, 0.7], [0.07, 0.13], [265, 292], 'blue/violet'),
  row('CoCl2 0.1M 5mL', [0.72, 0.88], [0.06, 0.12], [350, 380], 'pink'),
  row('CoCl2 0.3M 1mL + HCl 12M 5mL', [0.3, 0.55], [0.12, 0.2], [252, 270], 'blue'),
  row(
    'FeSO4 0.2M 5mL + H2SO4 1M 0.2mL',
    [0.88, 0.96],
    [0.01, 0.04],
    [130, 170],
    'green/yellow-green',
  ),
  row('FeCl3 0.1M 5mL', [0.72, 0.9], [0.09, 0.16], [75, 98], 'yellow/orange/brown'),
  row('FeCl3 1M 5mL', [0.45, 0.68], [0.11, 0.17], [55, 78], 'orange/brown/red-brown'),
  row('FeCl3 0.0004M 3mL + KSCN 0.4M 3mL', [0.6, 0.8], [0.09, 0.16], [35, 60], 'orange/red'),
  row('FeCl3 0.008M 3mL + KSCN 0.1M 3mL', [0.22, 0.45], [0.12, 0.19], [18, 34], 'red'),
  row('K2CrO4 0.1M 5mL', [0.83, 0.94], [0.14, 0.19], [96, 110], 'yellow'),
  row('K2Cr2O7 0.04M 2.5mL + H2SO4 2M 2.5mL', [0.72, 0.84], [0.13, 0.18], [62, 82], 'orange'),
  row('K2Cr2O7 0.1M 5mL', [0.6, 0.74], [0.15, 0.2], [48, 66], 'orange'),
  row('CrCl3 0.05M 5mL', [0.4, 0.62], [0.05, 0.11], [150, 180], 'green'),
  row('KCr(SO4)2·12H2O 0.05M 5mL', [0.38, 0.6], [0.05, 0.11], [285, 315], 'violet'),
  row('KMnO4 0.0002M 5mL', [0.7, 0.85], [0.07, 0.14], [328, 348], 'pink/purple'),
  row('KMnO4 0.002M 5mL', [0.32, 0.52], [0.15, 0.22], [322, 342], 'purple'),
  row('KMnO4 0.02M 5mL', [0.12, 0.3], [0.06, 0.16], [318, 345], 'purple'),
  row(
    'KMnO4 0.004M 2mL + NaOH 8M 2mL + Na2SO3 0.002M 2mL',
    [0.35, 0.58],
    [0.09, 0.16],
    [148, 168],
    'green',
  ),
  row('MnSO4 0.5M 5mL', [0.93, 0.99], [0, 0.015], undefined, 'colourless/pink'),
  row('I2 0.0005M 5mL', [0.82, 0.94], [0.04, 0.1], [75, 95], 'yellow/brown'),
  row('KI 0.5M 5mL + I2 0.0127g', [0.3, 0.52], [0.09, 0.15], [48, 68], 'brown/red-brown'),
  row('Br2 0.02M 5mL', [0.68, 0.84], [0.12, 0.17], [62, 85], 'orange/yellow'),
  row('Cl2 0.05M 5mL', [0.92, 0.98], [0.02, 0.06], [105, 125], 'yellow-green/yellow'),
  row(
    'NaOH 0.1M 5mL + phenolphthalein 3drops',
    [0.48, 0.7],
    [0.16, 0.24],
    [338, 356],
    'pink/magenta',
  ),
  row('HCl 0.01M 5mL + methyl orange 3drops', [0.55, 0.68], [0.15, 0.21], [18, 36], 'red'),
  row('NaOH 0.01M 5mL + methyl orange 3drops', [0.8, 0.9], [0.13, 0.18], [78, 96], 'yellow'),
  row('HCl 0.01M 5mL + bromothymol blue 3drops', undefined, [0.08, 0.18], [92, 106], 'yellow'),
  row('water 5mL + bromothymol blue 3drops', undefined, [0.08, 0.18], [135, 165], 'green'),
  row('NaOH 0.01M 5mL + bromothymol blue 3drops', undefined, [0.08, 0.18], [248, 268], 'blue'),
  row('HCl 0.01M 5mL + litmus 3drops', undefined, [0.07, 0.16], [5, 30], 'red/pink'),
  row('NaOH 0.01M 5mL + litmus 3drops', undefined, [0.07, 0.16], [258, 285], 'blue/violet'),
  row('HCl 0.1M 5mL + universal indicator 3drops', undefined, [0.08, 0.18], [20, 35], 'red'),
  row(
    'CH3COOH 0.001M 5mL + universal indicator 3drops',
    undefined,
    [0.08, 0.18],
    [55, 75],
    'orange',
  ),
  row('water 5mL + universal indicator 3drops', undefined, [0.08, 0.18], [135, 160], 'green'),
  row('NH3 0.001M 5mL + universal indicator 3drops', undefined, [0.08, 0.18], [245, 265], 'blue'),
  row('NaOH 0.1M 5mL + universal indicator 3drops', undefined, [0.08, 0.18], [290, 320], 'violet'),
  row('K3Fe(CN)6 0.05M 5mL', [0.85, 0.94], [0.1, 0.17], [100, 116], 'yellow/yellow-green'),
  row('methylene blue 2drops + water 5mL', [0.45, 0.65], [0.11, 0.17], [248, 265], 'blue'),
  row(
    'KI 0.01M 5mL + I2 0.00013g + starch 5drops',
    [0.08, 0.26],
    [0.02, 0.1],
    [255, 300],
    'blue-black/blue',
  ),
  row(
    'indigo carmine 6drops + NaOH 0.1M 10mL + C6H12O6 0.0001M 5mL',
    undefined,
    [0.08, 0.17],
    [140, 165],
    'green/blue-green',
  ),
  // Looked at as it hangs in the liquid
  row('K4Fe(CN)6 0.01M 3mL + FeCl3 0.01M 3mL', [0.15, 0.35], [0.08, 0.15], [250, 275], 'blue', {
    stirred: true,
  }),
];
