/** One simulated instrument as a process of its own: `instrument.ts KIND SEED SPEED [SUPPLY-PORT]`, on a free loopback port that it tells its parent. */
import { once } from 'node:events';
import type { AddressInfo } from 'node:net';
import { readNumber } from '../instruments/scpi';
import { LineError, scpiLine } from '../instruments/scpiLine';
import { balanceModel, multimeterModel, supplyModel, thermometerModel } from './models';
import type { Model } from './models';
import { randomFrom } from './noise';
import { serveScpi } from './scpiServer';

const [kind = '', seed = '1', speed = '1', supplyPort = ''] = process.argv.slice(2);
const started = performance.now();
const surroundings = {
  now: () => ((performance.now() - started) / 1000) * Number(speed),
  random: randomFrom(Number(seed)),
};

/** What the cell at the supply’s terminals draws; nothing when the supply is not there. */
function circuit() {
  const line = scpiLine({ host: '127.0.0.1', port: Number(supplyPort) });
  return async () => {
    try {
      const [volts, amps] = (await line.ask('MEASure:VOLTage?;:MEASure:CURRent?')).split(';');
      return { volts: readNumber(volts ?? '') ?? 0, amps: readNumber(amps ?? '') ?? 0 };
    } catch (error) {
      if (!(error instanceof LineError)) throw error;
      return { volts: 0, amps: 0 };
    }
  };
}

const models: Readonly<Record<string, () => Model>> = {
  balance: () => balanceModel(surroundings),
  thermometer: () => thermometerModel(surroundings),
  // It keeps real seconds and its own speed, for a run may be told to pass faster than the rest of the bench.
  supply: () =>
    supplyModel(
      { ...surroundings, now: () => (performance.now() - started) / 1000 },
      Number(speed),
    ),
  multimeter: () => multimeterModel(surroundings, circuit()),
};
const model = models[kind];
if (!model) {
  throw new Error(
    `“${kind}” is no instrument that can be simulated: ${Object.keys(models).join(', ')}.`,
  );
}
const server = serveScpi(model()).listen(0, '127.0.0.1');
await once(server, 'listening');
process.send?.({ port: (server.address() as AddressInfo).port });
process.on('disconnect', () => process.exit(0));
