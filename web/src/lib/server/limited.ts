import { error } from '@sveltejs/kit';

/** The body of a request as far as it is not too large: what is longer is not read. `tooLarge` says so, with the bytes it is declared or found to have. */
export async function limitedBody(
  request: Request,
  most: number,
  tooLarge: (bytes: number) => string,
): Promise<Uint8Array<ArrayBuffer>> {
  const declared = Number(request.headers.get('content-length') ?? 0);
  if (declared > most) error(413, { message: tooLarge(declared) });
  const parts: Uint8Array[] = [];
  let bytes = 0;
  const reader = request.body?.getReader();
  while (reader) {
    const { done, value } = await reader.read();
    if (done) break;
    bytes += value.byteLength;
    if (bytes > most) {
      await reader.cancel();
      error(413, { message: tooLarge(bytes) });
    }
    parts.push(value);
  }
  const body = new Uint8Array(bytes);
  let at = 0;
  for (const part of parts) {
    body.set(part, at);
    at += part.byteLength;
  }
  return body;
}

/** A form of a few fields is no longer than this, bytes. */
export const MOST_FORM = 8_000;

/** The fields of a form, at most so many bytes; null where it can't be read as one. */
export async function limitedForm(request: Request, most: number): Promise<Record<string, string> | null> {
  const body = await limitedBody(
    request,
    most,
    (bytes) => `The form is ${bytes} bytes; it has at most ${most}.`,
  );
  const type = request.headers.get('content-type') ?? '';
  try {
    const form = await new Response(body, { headers: { 'content-type': type } }).formData();
    return Object.fromEntries(
      [...form].flatMap(([name, value]) => (typeof value === 'string' ? [[name, value]] : [])),
    );
  } catch {
    return null;
  }
}
