import { gasProofs } from '../../matter/substances/data/gasProofs';
import type { GasProof } from '../../matter/substances/types';

const proofs: ReadonlyMap<string, GasProof> = new Map(gasProofs.map((row) => [row.gas, row]));

/** The test a gas is proved by; undefined where none is usual. */
export function proofOf(gas: string): GasProof | undefined {
  return proofs.get(gas);
}
