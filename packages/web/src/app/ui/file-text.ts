/** The bytes of a file as they are sent: base64. */
export async function fileText(file: Blob): Promise<string> {
  let bytes = '';
  for (const byte of new Uint8Array(await file.arrayBuffer())) bytes += String.fromCharCode(byte);
  return btoa(bytes);
}
