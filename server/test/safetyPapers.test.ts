import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest';
import { restored, savedBackup } from './support/backups';
import { demoServer } from './support/demoServer';

const pdf = Buffer.from('%PDF-1.4\n%âãÏÓ\n1 0 obj << >> endobj\ntrailer << >>\n%%EOF\n', 'latin1');

describe('papers of safety', () => {
  let server: Awaited<ReturnType<typeof demoServer>>['server'];
  const jarId = randomUUID();
  beforeAll(async () => {
    ({ server } = await demoServer(inject('databaseUrl')));
    const jar = {
      id: jarId,
      substance: 'NaCl',
      form: 'NaCl',
      purityPercent: 99,
      place: 'Net loft, bay 1',
      amount: 250,
      unit: 'g',
      least: 0,
      expires: null,
      version: null,
    };
    expect((await server.ask('PUT', `/shelf/${jarId}`, jar)).status).toBe(200);
  }, 120_000);
  afterAll(() => server.close());

  const keep = (body: Buffer | string, type = 'application/pdf') =>
    fetch(`${server.base}/shelf/${jarId}/data-sheet?name=salt.pdf`, {
      method: 'POST',
      headers: { 'content-type': type },
      body: new Uint8Array(Buffer.from(body)),
    });

  it('keep a link and a PDF with a jar, and give the PDF back as it was', async () => {
    const link = 'https://example.org/salt';
    expect((await server.ask('PUT', `/shelf/${jarId}/data-sheet`, { link })).status).toBe(204);
    expect((await keep(pdf)).status).toBe(200);
    expect((await server.ask('GET', '/shelf/data-sheets')).json).toEqual([
      { itemId: jarId, link, name: 'salt.pdf' },
    ]);
    const back = await fetch(`${server.base}/shelf/${jarId}/data-sheet`);
    expect(back.headers.get('content-type')).toBe('application/pdf');
    expect(back.headers.get('content-disposition')).toMatch(/attachment/);
    expect(Buffer.from(await back.arrayBuffer()).equals(pdf)).toBe(true);
    expect((await server.ask('PUT', `/shelf/${jarId}/data-sheet`, { link: null })).status).toBe(
      204,
    );
    expect((await server.ask('GET', '/shelf/data-sheets')).json).toEqual([
      { itemId: jarId, link: null, name: 'salt.pdf' },
    ]);
  });

  it('refuse what is no PDF, no link, too large, or of no jar', async () => {
    const answer = await keep('<html></html>');
    expect([
      answer.status,
      ((await answer.json()) as { error: { code: string } }).error.code,
    ]).toEqual([400, 'notPdf']);
    expect((await keep(pdf, 'text/html')).status).toBe(415);
    expect((await keep(Buffer.concat([pdf, Buffer.alloc(1_600_000)]))).status).toBe(413);
    const script = await server.ask('PUT', `/shelf/${jarId}/data-sheet`, {
      link: 'javascript:alert(1)',
    });
    expect([script.status, script.json.error.field]).toEqual([400, 'link']);
    const nowhere = await server.ask('PUT', `/shelf/${randomUUID()}/data-sheet`, {
      link: 'https://example.org',
    });
    expect(nowhere.status).toBe(404);
  });

  it('go into the backup, byte for byte, and come back', async () => {
    const saved = await savedBackup(server);
    await server.ask('DELETE', `/shelf/${jarId}/data-sheet`);
    expect((await server.ask('GET', '/shelf/data-sheets')).json).toEqual([]);
    expect((await restored(server, saved)).status).toBe(200);
    const back = await fetch(`${server.base}/shelf/${jarId}/data-sheet`);
    expect(Buffer.from(await back.arrayBuffer()).equals(pdf)).toBe(true);
  });

  it('keep the school’s own words of a day, and do not write over those of somebody else', async () => {
    const [day] = await server.days();
    if (!day) throw new Error('No day.');
    const put = (words: string, was: string) =>
      server.ask('PUT', `/days/${day.id}/risk`, { about: 'day', words, was });
    expect((await put('Door to the yard stays open.', '')).status).toBe(204);
    expect((await put('Door to the yard stays open.', '')).status).toBe(204);
    const late = await put('Two adults in the room.', '');
    expect([late.status, late.json.error.code]).toEqual([409, 'stale']);
    expect((await put('Two adults in the room.', 'Door to the yard stays open.')).status).toBe(204);
    expect((await server.ask('GET', `/days/${day.id}/risk`)).json).toEqual([
      { about: 'day', words: 'Two adults in the room.' },
    ]);
    expect((await put('', 'Two adults in the room.')).status).toBe(204);
    expect((await server.ask('GET', `/days/${day.id}/risk`)).json).toEqual([]);
    expect((await server.ask('GET', `/days/${randomUUID()}/risk`)).status).toBe(404);
  });
});
