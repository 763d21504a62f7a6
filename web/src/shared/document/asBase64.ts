/** A file of the application as base64. @throws Error where it cannot be read. */
export async function asBase64(url: string): Promise<string> {
  const answer = await fetch(url);
  if (!answer.ok) throw new Error(`${url} could not be read: ${answer.status}.`);
  const bytes = new Uint8Array(await answer.arrayBuffer());
  let text = '';
  for (const byte of bytes) text += String.fromCharCode(byte);
  return btoa(text);
}
