/** What each test can show, in the words of the bench, the telling outcome first. */
export const testOutcomes: Readonly<Record<string, readonly string[]>> = {
  litSplint: [
    'squeaky pop',
    'burns at the mouth',
    'burns more brightly',
    'goes out',
    'goes on burning, as in air',
  ],
  glowingSplint: ['relights', 'glows more brightly', 'goes out', 'goes on glowing, as in air'],
  limewater: ['turns milky', 'turns milky, then clears with excess gas', 'stays clear'],
  dampRedLitmus: ['turns blue', 'stays red', 'is red, then is bleached white'],
  dampBlueLitmus: ['turns red', 'turns red, then is bleached white', 'stays blue'],
  bromineWater: ['is decolourised', 'keeps its colour'],
  starchIodidePaper: ['turns blue-black', 'stays white'],
  leadAcetatePaper: ['turns black', 'turns brown', 'stays colourless'],
  dichromatePaper: ['turns green', 'stays orange'],
  permanganatePaper: ['turns colourless', 'stays violet'],
  silverNitrateDrop: ['turns white', 'turns cream', 'stays colourless'],
};
