import { loadDemo } from '../../src';
import { runningServer } from './runningServer';

/** A served application with the demo data, and an unknown dealt to the benches of its latest lab day. */
export async function demoServer(databaseUrl: string) {
  const server = await runningServer(databaseUrl);
  await loadDemo(server.database);
  const days = await server.days();
  const dealt = await server.ask('PUT', `/days/${days[0]?.id ?? ''}/unknowns`, {
    kind: 'inorganic',
    candidates: ['ZnSO4'],
    inseparable: [],
  });
  if (dealt.status !== 200) throw new Error(dealt.text);
  return { server, days };
}
