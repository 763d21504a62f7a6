import { mix, react } from "/work/main/core/src/index.ts"; import { readFileSync } from "node:fs";
const arg = process.argv.slice(2);
const P = (t: string): any => {
  const m = /^(.+?)@([\d.e-]+)(M|g|mmol|mL|drops)?(?:x([\d.]+))?$/.exec(t);
  if (!m) throw new Error(t);
  const [, s, n, u, v] = m as any;
  if (u==='g') return { substance: s, massG: +n };
  if (u==='mmol') return { gas: s, amountMmol: +n };
  if (u==='mL') return { substance: 'water', volumeMl: +n };
  if (u==='drops') return { indicator: s.replace('_',' '), drops: +n };
  return { substance: s, concentrationM: +n, volumeMl: +(v ?? 5) };
};
for (const line of (arg.length ? [arg.join(' ')] : readFileSync(0,'utf8').split('\n').filter(Boolean))) {
  console.log('## ' + line);
  try {
    if (line.startsWith('react ')) {
      const r = react({ reactants: line.slice(6).split(' + ').map(s=>s.trim()) });
      for (const x of r.reactions) console.log('   ', x.equation, ' | ', x.netIonic, '|', x.types.five.join(','), '|', x.types.drivingForce.join(','), '|', x.extentMmol.toPrecision(3));
      if (r.none) console.log('   none:', r.none);
      continue;
    }
    const parts = line.split(/\s+/);
    const actions: any[] = [];
    const contents: any[] = [];
    let inA = false;
    for (const p of parts) {
      if (p === ';') { inA = true; continue; }
      if (/^heat\d+/.test(p)) actions.push({ do: 'heat', toC: +p.slice(4) });
      else if (/^cool\d+/.test(p)) actions.push({ do: 'cool', toC: +p.slice(4) });
      else if (/^dil\d+/.test(p)) actions.push({ do: 'dilute', toVolumeMl: +p.slice(3) });
      else if (p === 'filtrate' || p === 'residue') actions.push({ do: 'filter', keep: p });
      else if (/^evap/.test(p)) actions.push({ do: 'evaporate', ...(p.length>4?{toVolumeMl:+p.slice(4)}:{}) });
      else if (/^bub/.test(p)) { const [g,n]=p.slice(3).split('@'); actions.push({do:'bubble',gas:g,amountMmol:parseFloat(n)}); }
      else if (inA) actions.push({ do: 'add', portion: P(p) });
      else contents.push(P(p));
    }
    const { steps } = mix({ vessel: { contents, container: 'beaker' }, actions });
    steps.forEach((s, i) => {
      const st = s.state;
      console.log(`  [${i}] ${st.volumeMl.toFixed(1)}mL pH ${st.pH?.toFixed(2)} ${st.colour} ${st.liquidHex} ${st.clarity} T${st.temperatureC}| ` + s.observations.filter(o=>!['clarity'].includes(o.kind)).map((o:any)=>[o.kind,o.formula,o.colour,o.from,o.to,o.texture,o.vigour,o.deltaC].filter(x=>x!==undefined).join(' ')).join('; '));
      for (const r of s.reactions) console.log(`       R ${r.equation} || ${r.netIonic} [${r.types.five}|${r.types.drivingForce}] ${r.extentMmol.toPrecision(3)}`);
      if (s.warnings.length) console.log('       W ' + s.warnings.map(w=>w.code).join(' '));
      if (s.notPredicted.length) console.log('       N ' + s.notPredicted.join(' / '));
      if (process.env.SP) console.log('       S ' + Object.entries(st.species).filter(([,c])=>c>1e-7).sort((a,b)=>b[1]-a[1]).map(([f,c])=>f+'='+c.toPrecision(3)).join(' '));
      if (process.env.WHY) for (const r of s.reactions) for (const w of r.why) console.log('         why '+w);
    });
  } catch (e: any) { console.log('   ERR', e.code, e.message, e.field); if (!e.code) console.log(e.stack); }
}
