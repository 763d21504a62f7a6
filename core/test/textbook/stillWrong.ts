/** Cases that the engine still tells otherwise than the textbook, with confidence. One that is mended is struck off. */
export const stillWrong: readonly string[] = [
  'CuSO4 0.1M 5mL; NaOH 0.1M 0.1mL => solid pale blue/blue/blue-green',
  'Co(NO3)2 0.1M 2mL; NaOH 2M 1mL; heat 90 => solid pink',
  'Hg(NO3)2 0.1M 2mL; HCl 2M 1mL => nothing',
  'Bi(NO3)3 0.1M 2mL; water 50mL => solid white',
  'FeCl3 0.1M 2mL; Na2CO3 0.2M 3mL => solid red-brown/brown/orange-brown {Fe(OH)3} & gas CO2',
  'H2C2O4 0.5g; H2SO4 18M 2mL; heat 100 => gas CO & gas CO2',
  'NaNO3 1M 2mL + FeSO4 0.5M 2mL; H2SO4 18M 1mL => sight brown ring',
  'HNO3 16M 3mL; Sn 0.1g => solid white & gas NO2',
  'KI 0.1M 2mL; H2O2 0.5M 1mL; H2SO4 1M 1mL => liquid brown/orange-brown/yellow-brown/red-brown',
  'KI 0.1M 2mL; H2O2 1M 2mL => liquid yellow/brown/yellow-brown/orange-brown/red-brown',
  'Na2O2 0.2g; water 5mL => gas O2 & warm',
  'Ba(OH)2 3g + NH4Cl 2g; water 1mL => cold & smell NH3',
  'NaCl 6M 3mL; HCl 12M 3mL => solid white {NaCl}',
  'PbO 0.8g + C 0.1g; strongly => turns grey/silver',
  'I2 0.02g; hexane 5mL => liquid violet/purple/pink-violet/red-violet/magenta/deep violet',
];
