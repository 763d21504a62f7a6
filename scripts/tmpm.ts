import { readCandidate } from '../core/src/identify/inorganic/candidate';
import { runTests, inorganicTestNames } from '../core/src/identify/inorganic/runTests';
import { issuedSalts } from '../core/src/substances/data/issuedSalts';
const t=performance.now();
for (const f of [...issuedSalts.formulae]) { const o=runTests(readCandidate(f)); console.log(f, inorganicTestNames.map(n=>`${n}=${o[n]??'?'}`).join(' | ')); }
console.log(performance.now()-t);
