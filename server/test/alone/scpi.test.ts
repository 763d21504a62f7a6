import { once } from 'node:events';
import { connect } from 'node:net';
import type { AddressInfo, Server } from 'node:net';
import { setTimeout as pause } from 'node:timers/promises';
import { afterEach, describe, expect, it } from 'vitest';
import { matches, parseLine, readNumber } from '../../src/instruments/scpi';
import type { Model } from '../../src/simulated/models';
import { serveScpi } from '../../src/simulated/scpiServer';

let open: Server | undefined;
afterEach(() => open?.close());

/** An instrument that knows one question and one command. */
function kettle(): Model {
  let boils = false;
  return {
    identity: 'Net Loft Instruments,Kettle,0009,1.0',
    queries: {
      'MEASure:BOIL': () => (boils ? '1' : '0'),
      BURST: () => {
        throw new Error('steam');
      },
    },
    commands: {
      'HEAT:ON': () => {
        boils = true;
      },
      'HEAT:TO': () => {
        throw new RangeError('-222,"Data out of range"');
      },
    },
    reset: () => {
      boils = false;
    },
  };
}

/** Sends lines and gives the answers, as many as are asked for. */
async function say(lines: string | readonly string[], answers: number): Promise<string[]> {
  open = serveScpi(kettle()).listen(0, '127.0.0.1');
  await once(open, 'listening');
  const socket = connect((open.address() as AddressInfo).port, '127.0.0.1');
  await once(socket, 'connect');
  let heard = '';
  socket.on('data', (chunk) => {
    heard += String(chunk);
  });
  for (const part of [lines].flat()) {
    socket.write(part);
    // Each part arrives by itself.
    await pause(20);
  }
  while (heard.split('\n').length - 1 < answers) await once(socket, 'data');
  socket.destroy();
  return heard.trimEnd().split('\n');
}

describe('a line of SCPI (IEEE 488.2)', () => {
  it('carries its path over a semicolon unless the next begins anew', () => {
    expect(parseLine('SENSe:VOLTage 3;CURRent 1;:OUTP ON;*RST').map((one) => one.keywords)).toEqual(
      ['SENSE:VOLTAGE', 'SENSE:CURRENT', 'OUTP', '*RST'],
    );
  });

  it('parts its parameters at commas', () =>
    expect(parseLine('ROUT:SCAN 1, 2,3')[0]?.parameters).toEqual(['1', '2', '3']));

  it.each([
    ['MEASURE:MASS', true],
    ['MEAS:MASS', true],
    ['MEASU:MASS', false],
    ['MEAS', false],
  ])('%s is the manual’s MEASure:MASS: %s', (sent, is) =>
    expect(matches(sent, 'MEASure:MASS')).toBe(is),
  );

  it.each([
    ['1.50', 1.5],
    ['-2e-3', -0.002],
    ['.5', 0.5],
    ['9.9E37', undefined],
    ['1.5 V', undefined],
    ['', undefined],
  ])('the answer “%s” is the number %s', (answer, value) => expect(readNumber(answer)).toBe(value));
});

describe('an instrument on a line', () => {
  it('says who it is, does what it is told, and answers in one line what is asked in one', async () => {
    expect(await say('*IDN?\nHEAT:ON;:MEAS:BOIL?;*OPC?\n', 2)).toEqual([
      'Net Loft Instruments,Kettle,0009,1.0',
      '1;1',
    ]);
  });

  it('is as new after a reset', async () =>
    expect(await say('HEAT:ON\n*RST\nMEAS:BOIL?\n', 1)).toEqual(['0']));

  it('queues what it does not know, what is out of range and what it broke at, and forgets them when told', async () => {
    const told = await say(
      'DANCE\nHEAT:TO 900\nBURST?\n*STB?\nSYST:ERR?\nSYST:ERR?\nSYST:ERR?\nSYST:ERR?\nDANCE\n*CLS\n*STB?\n',
      6,
    );
    expect(told).toEqual([
      '4',
      '-113,"Undefined header"',
      '-222,"Data out of range"',
      '-200,"Execution error"',
      '0,"No error"',
      '0',
    ]);
  });

  it('takes no line without end', async () => {
    const told = await say(['x'.repeat(5000), '\nSYST:ERR?\n'], 1);
    expect(told[0]).toContain('-223');
  });

  it('garbles its answers where that is to be tried', async () => {
    const told = await say('SIM:FAUL GARBLED\n*IDN?\n', 1);
    expect(told[0]).not.toContain('Kettle');
  });
});
