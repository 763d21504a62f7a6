import { readCandidate } from '../core/src/identify/inorganic/candidate';
import { runTests } from '../core/src/identify/inorganic/runTests';
import { issuedSalts } from '../core/src/substances/data/issuedSalts';
runTests(readCandidate('NaCl'));
const t=performance.now();
for (const f of issuedSalts.formulae.slice(0,50)) { const a=performance.now(); runTests(readCandidate(f)); const d=performance.now()-a; if(d>600)console.log(f,d.toFixed(0)); }
console.log(performance.now()-t);
