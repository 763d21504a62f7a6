/** Open works that values were read in, each with the package, version and file it was read from. */
export const works = {
  crc: { title: 'CRC Handbook of Chemistry and Physics', readFrom: 'chemicals 1.5.2, aqueous ions and standard thermodynamic properties' },
  minteq: { title: 'MINTEQA2 version 4, U.S. EPA', readFrom: 'phreeqc 1.1.1, minteq.v4.dat' },
  sit: { title: 'ThermoChimie, Andra', readFrom: 'phreeqc 1.1.1, sit.dat' },
  wateq4f: { title: 'WATEQ4F, U.S. Geological Survey', readFrom: 'phreeqc 1.1.1, wateq4f.dat' },
  llnl: { title: 'Lawrence Livermore National Laboratory data base', readFrom: 'phreeqc 1.1.1, llnl.dat' },
  thermoddem: { title: 'Thermoddem 1.10, BRGM', readFrom: 'phreeqc 1.1.1, PHREEQC_ThermoddemV1.10_15Dec2020.dat' },
  phreeqc: { title: 'PHREEQC, U.S. Geological Survey', readFrom: 'phreeqc 1.1.1, phreeqc.dat' },
  janaf: { title: 'NIST-JANAF Thermochemical Tables, 4th edition', readFrom: 'chemicals 1.5.2, JANAF_1998.tsv' },
  obigt: { title: 'OBIGT data base', readFrom: 'pychnosz 1.5.3, OBIGT' },
} as const satisfies Readonly<Record<string, { readonly title: string; readonly readFrom: string }>>;

export type Work = keyof typeof works;

export const isWork = (code: string): code is Work => code in works;
