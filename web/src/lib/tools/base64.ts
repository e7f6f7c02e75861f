/** So many bytes are taken at once: a call has only so many arguments. */
const AT_ONCE = 8_192;

/** Bytes as they are sent in JSON. */
export function base64(bytes: Uint8Array): string {
  let text = '';
  for (let at = 0; at < bytes.length; at += AT_ONCE)
    text += String.fromCharCode(...bytes.subarray(at, at + AT_ONCE));
  return btoa(text);
}
