/** Rows whose value stands apart from the open tables (`docs/reference/`), and why it is kept. */
export const keptBecause: readonly {
  /** Name of the table in `docs/reference/`; with `Heat` behind it for the heats that stand beside constants. */
  readonly table: string;
  readonly of: readonly string[];
  readonly because: string;
}[] = [
  { table: 'acidBaseSteps', of: ['HS^-', 'H2S'], because: 'a working pair with the table of sulfides (K1 K2 = 10^-20.9): works that put the second step at 12.9 or at 17 shift every sulfide by as much, and what settles stays the same' },
  { table: 'sparinglySoluble', of: ['PbS', 'CdS', 'ZnS', 'MnS', 'FeS', 'NiS', 'SnS', 'SnS2', 'Sb2S3'], because: 'the fresh sulfide, counted with the working pair for hydrogen sulfide; the open tables have aged minerals and other second steps' },
  { table: 'redoxCouples', of: ['S(s) + Cu^2+(aq) + 2e^- → CuS(s)', 'S(s) + Pb^2+(aq) + 2e^- → PbS(s)'], because: 'follows from the working pair for hydrogen sulfide' },
  { table: 'redoxCouples', of: ['AuCl4^-(aq) + 3e^- → Au(s) + 4Cl^-(aq)'], because: 'the electrochemical series of the handbooks; the one other work is more than a volt away, and would have gold dissolve in no acid' },
  { table: 'complexes', of: ['HgS2^2-'], because: 'counted with the working pair for hydrogen sulfide, as the sulfides are' },
  { table: 'acidBaseSteps', of: ['Sn(OH)6^2-'], because: 'placed so that fresh tin(IV) hydroxide dissolves in excess of base as on the bench; the works stand ten powers apart' },
  { table: 'sparinglySoluble', of: ['Sn(OH)4'], because: 'fresh tin(IV) hydroxide, counted with the stannate it dissolves to' },
  { table: 'redoxCouples', of: ['Sn(OH)6^2-(aq) + 3H^+(aq) + 2e^- → Sn(OH)3^-(aq) + 3H2O(l)'], because: 'follows from the working constant of the stannate' },
  { table: 'acidBaseSteps', of: ['Bi(OH)2^+', 'Bi(OH)3'], because: 'Baes and Mesmer; the one other work has the whole series 0.7 higher' },
  { table: 'redoxCouples', of: ['2ClO3^-(aq) + 12H^+(aq) + 10e^- → Cl2(aq) + 6H2O(l)', '2CO2(g) + 2H^+(aq) + 2e^- → H2C2O4(aq)', 'CO2(g) + 2H^+(aq) + 2e^- → HCOOH(aq)'], because: 'the electrochemical series of the handbooks; newer free energies stand 20 to 85 mV higher, which decides no reaction at the bench' },
  { table: 'acidBaseSteps', of: ['CeOH^3+'], because: 'Baes and Mesmer give 0.3 for strong acid, in which cerium(IV) is kept; the one other work has 3.2' },
  { table: 'complexesHeat', of: ['CoCl4^2-'], because: 'the colour against the temperature is what it is fitted to, with its constant' },
  { table: 'complexesHeat', of: ['Hg(CN)2'], because: 'the one other work has it with the wrong sign: the complex forms with much heat' },
  { table: 'sparinglySolubleHeat', of: ['Cr(OH)3'], because: 'the works stand 40 kJ/mol apart' },
  { table: 'complexes', of: ['CoCl4^2-'], because: 'a working constant for concentrated chloride, where activities are held; the colour against the temperature is what it is fitted to' },
  { table: 'complexes', of: ['PbI4^2-', 'CdI4^2-'], because: 'the works stand 0.3 to 4 powers apart' },
  { table: 'complexes', of: ['Cu(CN)2^-', 'Cu(CN)3^2-', 'Cu(CN)4^3-'], because: 'the one work has all three lower by the same two powers, which lie in its copper(I) and not in the cyanides' },
  { table: 'complexes', of: ['Zn(CN)4^2-', 'Hg(CN)2', 'Hg(CN)4^2-'], because: 'Smith and Martell; the one other work stands alone' },
  { table: 'complexes', of: ['BaC10H12N2O8^2-'], because: 'the one other work gives it at ionic strength 0.1, which is two powers lower for such charges' },
  { table: 'complexes', of: ['Cu(NH3)2^2+', 'Cu(NH3)3^2+', 'Cu(NH3)4^2+', 'Zn(NH3)4^2+'], because: 'the cumulative constants of the textbooks, which hold for solutions with much ammonium salt; at zero ionic strength they are 0.5 to 1 lower' },
  { table: 'redoxCouples', of: ['Cu(NH3)4^2+(aq) + 2e^- → Cu(s) + 4NH3(aq)'], because: 'follows from the constant of the ammine' },
  { table: 'sparinglySoluble', of: ['Cu(OH)2', 'Pb(OH)2', 'Cr(OH)3'], because: 'the fresh hydroxide, as it settles on the bench; the open tables have the aged one' },
  { table: 'sparinglySoluble', of: ['Zn3(PO4)2', 'CrPO4', 'Fe2O3'], because: 'the works stand several powers apart' },
  { table: 'sparinglySoluble', of: ['Pb(SCN)2'], because: 'the one other work would make it easily soluble, which it is not' },
  { table: 'formationEnthalpies', of: ['MgCl2·6H2O(s)', 'MgSO4·H2O(s)', 'Al2(SO4)3(s)', 'KAl(SO4)2(s)', 'Na3PO4(s)', 'NaH2PO4(s)'], because: 'the NBS Tables; the others are recalculated from heats of dissolving and stand 6 to 15 kJ/mol away' },
  { table: 'complexesHeat', of: ['Ag(NH3)^+', 'Ag(NH3)2^+', 'Cu(NH3)^2+', 'Hg(NH3)2^2+', 'Hg(NH3)4^2+'], because: 'minteq.v4.dat counts the heat of the ammonium ion with the wrong sign; turned round, it gives the value here, and that of Smith and Martell' },
  { table: 'redoxCouples', of: ['Al^3+(aq) + 3e^- → Al(s)', 'Fe^2+(aq) + 2e^- → Fe(s)', 'Ni^2+(aq) + 2e^- → Ni(s)'], because: 'the electrochemical series of the handbooks, which every school teaches; newer free energies of the ions put it 20 mV away' },
  { table: 'redoxCouples', of: ['Cr^3+(aq) + e^- → Cr^2+(aq)'], because: 'the works stand 0.13 V apart' },
  { table: 'redoxCouples', of: ['HCrO4^-(aq) + 7H^+(aq) + 3e^- → Cr^3+(aq) + 4H2O(l)', 'CrO4^2-(aq) + 4H^+(aq) + 3e^- → Cr(OH)4^-(aq)', 'CrO4^2-(aq) + 5H^+(aq) + 3e^- → Cr(OH)3(s) + H2O(l)'], because: 'closes the cycle with the handbook value of dichromate, 1.36 V' },
  { table: 'redoxCouples', of: ['Fe(OH)3(s) + H^+(aq) + e^- → Fe(OH)2(s) + H2O(l)'], because: 'follows from the fresh hydroxides' },
  { table: 'redoxCouples', of: ['Br2(aq) + 2e^- → 2Br^-(aq)', '2BrO3^-(aq) + 12H^+(aq) + 10e^- → Br2(aq) + 6H2O(l)', 'HNO2(aq) + H^+(aq) + e^- → NO(g) + H2O(l)', '3N2(g) + 2H^+(aq) + 2e^- → 2HN3(aq)'], because: 'the electrochemical series of the CRC Handbook; the one other work stands alone' },
  { table: 'formationEnthalpies', of: ['Al(OH)3(s)', 'Fe(OH)3(s)', 'MgSO4·H2O(s)', 'NH4SCN(s)'], because: 'NBS Tables, of the form one meets on the bench: the fresh hydroxide, the powder' },
  { table: 'organicMelting', of: ['menthol'], because: 'of (−)-menthol, which is what is sold; the mixture of both forms melts lower' },
  { table: 'organicMelting', of: ['phenylmethanamine', 'limonene'], because: 'the CRC Handbook; the other works stand apart from one another' },
  { table: 'organicMelting', of: ['aminoethanoic acid'], because: 'it decomposes as it melts, from about 233 °C' },
  { table: 'organicSolubility', of: ['4-methylpentan-2-one', 'cyclohexanone', 'ethanedioic acid', 'phthalic acid', '2-methoxyphenol', 'N,N-diethylaniline', 'benzonitrile', 'dibutyl ether', '4-aminobenzoic acid'], because: 'the CRC Handbook; the one other work, a collection from many papers, stands alone' },
];
