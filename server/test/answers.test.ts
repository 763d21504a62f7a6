import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { request } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliCompressSync, gunzipSync, brotliDecompressSync, gzipSync } from 'node:zlib';
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest';
import { runningServer, sampleDay } from './support/runningServer';

const folder = mkdtempSync(join(tmpdir(), 'stoichos-built-'));
const script = 'export const words = "seen at the bench";\n'.repeat(200);
let server: Awaited<ReturnType<typeof runningServer>>;

beforeAll(async () => {
  mkdirSync(join(folder, 'assets'));
  writeFileSync(join(folder, 'index.html'), `<!doctype html>${'<p>bench</p>'.repeat(300)}`);
  writeFileSync(join(folder, 'assets', 'day-1.js'), script);
  writeFileSync(join(folder, 'assets', 'day-1.js.br'), brotliCompressSync(script));
  writeFileSync(join(folder, 'assets', 'day-1.js.gz'), gzipSync(script));
  server = await runningServer(inject('databaseUrl'), [], { folder });
  const { ids, day } = sampleDay();
  const groups = Array.from({ length: 30 }, (_, at) => ({
    id: crypto.randomUUID(),
    name: `Bench ${at}`,
  }));
  await server.ask('PUT', `/days/${ids.day}`, { ...day, groups });
});
afterAll(async () => {
  await server.close();
  rmSync(folder, { recursive: true, force: true });
});

/** What comes over the line, as it is. */
function raw(path: string, headers: Readonly<Record<string, string>>) {
  return new Promise<{
    status: number | undefined;
    headers: Readonly<Record<string, unknown>>;
    body: Buffer;
  }>((done, failed) => {
    request(server.base.replace('/api', path), { headers }, (response) => {
      const parts: Buffer[] = [];
      response.on('data', (part: Buffer) => parts.push(part));
      response.on('end', () =>
        done({
          status: response.statusCode,
          headers: response.headers,
          body: Buffer.concat(parts),
        }),
      );
    })
      .on('error', failed)
      .end();
  });
}

describe('an answer', () => {
  it.each([
    ['br', brotliDecompressSync],
    ['gzip', gunzipSync],
  ])('is compressed as %s where that is understood', async (encoding, open) => {
    const plain = await raw('/api/days?which=held&today=2027-01-01', {});
    expect(plain.headers['content-encoding']).toBeUndefined();
    const packed = await raw('/api/days?which=held&today=2027-01-01', {
      'accept-encoding': encoding,
    });
    expect(packed.headers['content-encoding']).toBe(encoding);
    expect(packed.body.length).toBeLessThan(plain.body.length * 0.7);
    expect(open(packed.body).toString()).toBe(plain.body.toString());
  });

  it('is not sent again to whoever has it', async () => {
    const { headers } = await raw('/api/settings', {});
    const again = await raw('/api/settings', { 'if-none-match': String(headers['etag']) });
    expect([again.status, again.body.length]).toEqual([304, 0]);
    await server.ask('PATCH', '/settings', { institution: 'Evening school' });
    const changed = await raw('/api/settings', { 'if-none-match': String(headers['etag']) });
    expect(changed.status).toBe(200);
  });

  it('that goes on is not held back by a compressor', async () => {
    const [day] = await server.days();
    const heard = await new Promise<string>((done, failed) => {
      const asked = request(
        `${server.base}/days/${day?.id ?? ''}/live`,
        { headers: { 'accept-encoding': 'gzip, br' } },
        (response) => {
          expect(response.headers['content-encoding']).toBeUndefined();
          response.once('data', (part: Buffer) => {
            done(part.toString());
            asked.destroy();
          });
        },
      );
      asked.on('error', failed).end();
    });
    expect(heard).toContain(': open');
  });
});

describe('a built file', () => {
  it.each([
    ['br', brotliDecompressSync],
    ['gzip', gunzipSync],
  ])('goes out as it was compressed when it was built, as %s', async (encoding, open) => {
    const { headers, body } = await raw('/assets/day-1.js', { 'accept-encoding': encoding });
    expect(headers).toMatchObject({
      'content-encoding': encoding,
      'content-type': expect.stringContaining('javascript') as string,
      'cache-control': expect.stringContaining('immutable') as string,
      vary: expect.stringContaining('Accept-Encoding') as string,
    });
    expect(open(body).toString()).toBe(script);
  });

  it('goes out plain to whoever understands nothing else', async () => {
    const { headers, body } = await raw('/assets/day-1.js', {});
    expect(headers['content-encoding']).toBeUndefined();
    expect(body.toString()).toBe(script);
  });

  it('that is a page is answered by 304 until it changes', async () => {
    const { headers } = await raw('/days/somewhere', {});
    expect(headers['cache-control']).toBe('no-cache');
    const again = await raw('/days/somewhere', { 'if-none-match': String(headers['etag']) });
    expect(again.status).toBe(304);
  });
});
