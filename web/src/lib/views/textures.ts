import type { TextureSource } from 'goodreach';
import TextureWorker from './texture.worker?worker';

/** How many pixels a texture is wide and high in the room, and where a small piece of it is shown. */
const SIZE = 512;
export const SMALL = 256;

const known = new Map<string, Promise<ImageData>>();
const waiting = new Map<number, { done: (pixels: ImageData) => void; failed: (why: Error) => void }>();
let worker: Worker | null = null;
let asked = 0;

/** The texture of a finish, painted in a worker, or as its picture shows it; once for all views. */
export function textureOf(source: TextureSource, size = SIZE): Promise<ImageData> {
  const key = `${size} ${JSON.stringify(source)}`;
  let found = known.get(key);
  if (!found) {
    found = source.figure.type === 'picture' ? pictured(source.figure.file, size) : painted(source, size);
    // What has failed may be asked for again.
    found.catch(() => known.delete(key));
    known.set(key, found);
  }
  return found;
}

function painted(source: TextureSource, size: number): Promise<ImageData> {
  worker ??= started();
  const own = worker;
  return new Promise((done, failed) => {
    const id = (asked += 1);
    waiting.set(id, { done, failed });
    own.postMessage({ id, source, size });
  });
}

/** A stored picture, as many pixels high as wide whatever it shows: it is laid out again by what it repeats after. */
async function pictured(file: string, size: number): Promise<ImageData> {
  const answer = await fetch(`/api/pictures/${file}`);
  if (!answer.ok) throw new Error(`The picture ${file} is not there.`);
  const image = await createImageBitmap(await answer.blob(), {
    ...{ resizeWidth: size, resizeHeight: size, resizeQuality: 'high' },
  });
  const paper = new OffscreenCanvas(size, size).getContext('2d')!;
  paper.drawImage(image, 0, 0);
  image.close();
  return paper.getImageData(0, 0, size, size);
}

function started(): Worker {
  const made = new TextureWorker();
  made.onmessage = ({
    data: { id, pixels },
  }: MessageEvent<{ id: number; pixels: Uint8ClampedArray<ArrayBuffer> }>) => {
    waiting.get(id)?.done(new ImageData(pixels, Math.sqrt(pixels.length / 4)));
    waiting.delete(id);
  };
  made.onerror = ({ message }) => {
    for (const { failed } of waiting.values()) failed(new Error(message));
    waiting.clear();
    worker = null;
  };
  return made;
}
