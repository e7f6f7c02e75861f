import { error } from '@sveltejs/kit';

/** The body of a request as it comes, as far as it is not too large: what is longer is not read. `tooLarge` says so, with the bytes it is declared or found to have. */
export async function* limitedPieces(
  request: Request,
  most: number,
  tooLarge: (bytes: number) => string,
): AsyncGenerator<Uint8Array, void> {
  const declared = Number(request.headers.get('content-length') ?? 0);
  if (declared > most) error(413, { message: tooLarge(declared) });
  const reader = request.body?.getReader();
  if (!reader) return;
  let bytes = 0;
  let isOver = false;
  const next = async () => {
    const { done, value } = await reader.read();
    bytes += value?.byteLength ?? 0;
    isOver = done || bytes > most;
    return value;
  };
  const readOn = async () => {
    while (!isOver) await next();
    await reader.cancel();
  };
  try {
    for (let piece = await next(); piece; piece = await next()) {
      if (bytes > most) error(413, { message: tooLarge(bytes) });
      yield piece;
    }
  } finally {
    if (bytes > most) await reader.cancel();
    // Who sends what is not wanted any more hears so only once all of it is sent.
    else if (!isOver) void readOn().catch(() => {});
  }
}

/** The whole body of a request, at most so many bytes. */
export async function limitedBody(
  request: Request,
  most: number,
  tooLarge: (bytes: number) => string,
): Promise<Uint8Array<ArrayBuffer>> {
  const pieces: Uint8Array[] = [];
  for await (const piece of limitedPieces(request, most, tooLarge)) pieces.push(piece);
  return joined(pieces);
}

/** Pieces as one. */
export function joined(pieces: readonly Uint8Array[]): Uint8Array<ArrayBuffer> {
  const whole = new Uint8Array(pieces.reduce((sum, { byteLength }) => sum + byteLength, 0));
  let at = 0;
  for (const piece of pieces) {
    whole.set(piece, at);
    at += piece.byteLength;
  }
  return whole;
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
