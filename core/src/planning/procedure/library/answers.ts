/**
 * What a good answer to each question of a procedure says, in the order of the questions. Points in brackets earn a mark each.
 * Where an answer is a number, it is that of the procedure’s own amounts. Source: common practice; constants as in the tables of the engine.
 */
export const answers: Readonly<Record<string, readonly string[]>> = {
  'eight-small-changes': [
    'Each verdict names its evidence (1), says chemical where a new substance is shown by colour, gas, solid or heat that a mere change of state cannot explain (1), and names what else could have made the sign (1).',
    'The ones in which something only dissolves or melts: warmth or cold without a new substance (1).',
  ],
  'sand-salt-iron': [
    'Mass of dry salt divided by mass of the mixture, times 100 % (1), with the uncertainty of both weighings (1).',
    'Left on the paper, on the sand and in the dish, or spat out while drying (1 for any two).',
    'None: magnet, dissolving, filtering and drying give back the same substances (1).',
  ],
  'five-kinds-of-reaction': [
    'Five-type school: by the shape of the equation (1). Driving force: by what leaves the solution or is handed over (1).',
    'Those in which oxidation numbers change: combination of elements, single displacement, combustion and most decompositions (1). Double displacement does not (1).',
  ],
  'drops-one-and-two': [
    'About two to one for equal volumes and concentrations, because the one acid hands over two protons (1); the count is known to one drop, so the ratio to a few per cent (1).',
    'The base takes every proton in the end, whether it was free or still bound (1): the count depends on the amount, not on the strength (1).',
  ],
  'limestone-cycle': [
    'CaCO3 → CaO + CO2 (1); CaO + H2O → Ca(OH)2 (1); Ca(OH)2 + CO2 → CaCO3 + H2O (1).',
    'More carbon dioxide turns the carbonate into soluble hydrogencarbonate (1): CaCO3 + CO2 + H2O → Ca(HCO3)2 (1).',
  ],
  'copper-round-trip': [
    'Redox with the acid; precipitation of the hydroxide; decomposition to the oxide by heat; acid–base with sulfuric acid; single displacement by the less noble metal (1 each).',
    'Mass of copper got back over mass of copper taken, times 100 % (1). Above 100 % means that it was not dry or not clean (1).',
  ],
  'clear-pairs': [
    'The ions of the solid left (1); the two others watched, unchanged on both sides of the equation (1).',
    'Only the ions that form the solid, with charges and states (1 for each tube).',
    'Any solution whose ion makes a sparingly soluble salt with one of the two, for instance silver nitrate with a chloride (1).',
  ],
  'line-in-a-dish': [
    'Those of the salt that the line stands nearer to: they spread more slowly (1), or were the more dilute (1).',
    'The product of the concentrations passes the solubility product only where both arrive (1); the solid there takes away what arrives later (1).',
    'Any pair with a coloured sparingly soluble solid, with the hazard of both considered (1).',
  ],
  'barium-cleared': [
    'Needed: as many moles as there is barium (1). Added: more, so that the solubility product leaves less barium (1).',
    'Ksp divided by the sulfate concentration that is left (1): with 0.1 mol/L about 1 × 10^-9 mol/L (1).',
    'The solid is insoluble and bagged as it is (1); the filtrate is judged by its own test before it may go (1).',
  ],
  'halide-darkens': [
    'That the solid darkens by itself: only the dark tube shows that it is the light (1).',
    'Finely divided silver (1).',
  ],
  'metals-on-water': [
    'From how fast and how hot each reacts (1); neighbours are told apart by melting, igniting or floating still (1).',
    'Hydrogen (1): a lit splint at the mouth of a tube pops (1).',
    'Hydroxide ions make the water alkaline (1).',
  ],
  'metals-in-acid': [
    'Copper (1): its standard potential is above that of hydrogen, +0.34 V against 0 V (1).',
    'With about two parts of hydrogen to one of oxygen all of it burns at once (1).',
  ],
  'metal-trees': [
    'The metal that was put in: it dissolves as ions and the other comes out (1).',
    'Zinc, iron, copper, silver: each displaces those after it (1 for the order, 1 for the reason).',
  ],
  'frozen-board': [
    'Entropy: gas, liquid and freely moving ions come from two solids (1), so that ΔG is below zero although ΔH is above it (1).',
    'A gas with its own smell and test, and water where there was none (1 each).',
    'From the crystal water of the hydroxide and from the reaction itself (1).',
  ],
  'warm-and-cold-cups': [
    'Not by warmth alone: the salt comes back on drying (1). Warmth or cold speaks for it, the way back against it (1).',
    'q = m·c·ΔT for the whole liquid, divided by the mass of the salt (1), with the right sign (1).',
  ],
  'heat-of-neutralising': [
    'H^+ + OH^- → H2O (1).',
    'Into taking the proton off the weak acid, which costs heat (1).',
  ],
  'blue-white-blue': [
    'Drops at the mouth of the tube, loss of mass, and cobalt paper that turns pink (1 for any two).',
    'Either, with a reason: water is bound in the crystal and leaves as a substance of its own, so chemical; it is undone by water alone, so many call it physical (1 for the verdict, 1 for the reason).',
  ],
  'crystal-water-by-mass': [
    'x is the amount of water over the amount of salt (1), about 7 before any is lost (1), with the uncertainties of three weighings carried through (1).',
    'Too small: not heated long enough, or the crystal had already lost water (1). Too large: salt spat out or decomposed (1).',
  ],
  'weather-paper': [
    'The cobalt salt takes water from damp air and the pink complex with water forms again (1).',
  ],
  'three-colour-bottle': [
    'The sugar is used up (1); the dye only carries electrons from it to the oxygen (1).',
    'Sugar and alkali are used up, and the dye is slowly destroyed (1 for any two).',
  ],
  'one-jug-five-glasses': [
    'Those in which the indicator turned, or gas came from a carbonate (1), with the evidence named (1).',
    'Those with a solid or a gas; an indicator’s change is a new substance too (1), dilution is not (1).',
  ],
  'copper-blue-to-green': [
    'Acid brings chloride and pushes to the chloro complex (1); water dilutes all and pulls back (1), because Q is below or above K (1).',
    'The concentration of chloride stands in the quotient with a high power, and it must fall far (1).',
  ],
  'blood-red-and-back': [
    'Where an ion of the left side is added, Q falls below K and the red deepens (1); where one is taken away or all is diluted, Q is above K and it fades (1).',
    'Without it there is nothing to compare a deeper or paler red with (1).',
  ],
  'yellow-to-orange': [
    'The chromate, CrO4^2- (1).',
    'No: chromium is +6 and oxygen −2 on both sides (1 for each number).',
  ],
  'pink-to-blue-by-heat': ['Endothermic: heat shifts it that way (1).'],
  'gas-through-three-colours': [
    'To sulfate, sulfur from +4 to +6 (1).',
    'MnO4^- + 8 H^+ + 5 e^- → Mn^2+ + 4 H2O (1); SO2 + 2 H2O → SO4^2- + 4 H^+ + 2 e^- (1).',
    'A tube full of it over water: the water rises and fills it (1), stained red where litmus is in it (1).',
  ],
  'which-acid-for-which-carbonate': [
    'A coat of sparingly soluble calcium sulfate keeps the acid from the chips (1).',
    'No: many gases put it out; lime water that clouds proves it (1).',
    'It gives no stronger push than the gas that is to be made (1).',
  ],
  'oxygen-from-peroxide': [
    'No (1): filter, wash, dry and weigh it, or use it again (1).',
    'It holds the air of the apparatus (1).',
  ],
  'ammonia-upwards': [
    'It dissolves very well in water (1).',
    'Upward delivery, also called downward displacement of air (1 each).',
  ],
  'gas-in-syringes': [
    'Amount of what decomposes times 24 L/mol, the molar volume near room temperature (1), with its unit (1).',
    'Water from the reaction, condensed (1); it must not run back to the hot glass (1).',
  ],
  'cracking-an-oil': [
    'It is air out of the apparatus (1).',
    'That the oil itself, or the air, takes the colour of the reagent away (1).',
  ],
  'zinc-on-a-plate': [
    'Mass found over mass by m = M·I·t/(z·F) (1); energy U·I·t over that mass, brought to one kilogram (1).',
    'What is left after the two half-cells: the product of current and resistance of the solution (1).',
  ],
  'salt-that-conducts-when-molten': [
    'Reduction of the cation at each cathode and oxidation of the anion at each anode, water instead where it is easier (1 each).',
    'The ions that took no part: in brine sodium and hydroxide (1).',
  ],
  'two-gases-from-water': [
    'Oxygen dissolves better than hydrogen, and some is lost to the electrode (1).',
    'Hydroxide is formed at minus and acid at plus (1).',
    'Iron or nickel of the plus electrode (1).',
  ],
  'copper-and-carbon-compared': [
    'At carbon, copper ions are taken out and none come back; at copper the anode gives as many as the cathode takes (1 each).',
    'Nearly (1); impurities that are nobler, and flakes, fall down (1).',
    'In the weighing (wet, or of copper oxide) or in the current or time that was written down (1 for any two).',
  ],
  'one-drop-under-a-lid': [
    'The halogen (1); the drop that turns blue or brown because iodide or bromide is oxidised (1).',
    'Bromide is harder to oxidise than iodide (1).',
  ],
  'jar-without-a-label': [
    'After each solvent only the classes that behave so are left, with the result named (1 for each step).',
    'The one that carries most and is easiest to misread (1), beside its blank (1).',
  ],
  'five-flames': [
    'To see that the wire itself colours nothing; sodium is everywhere (1).',
    'Those without a flame colour, such as magnesium, aluminium, zinc, iron (1 for any two).',
  ],
  'six-hydroxides': [
    'Those that dissolve in an excess of alkali, such as zinc, aluminium and lead (1 each).',
    'Two white hydroxides that both dissolve (1); an excess of ammonia tells zinc, which dissolves, from aluminium (1).',
  ],
  'three-halides': [
    'Hydrochloric acid would bring chloride of its own and give the solid in every tube (1).',
    'That of silver chloride is the largest, so ammonia takes enough silver ions to dissolve it, and not those of bromide and iodide (1 each).',
  ],
};
