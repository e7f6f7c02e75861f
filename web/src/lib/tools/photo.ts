import type { Pixels, Quad } from 'goodreach/textures';
import { base64 } from './base64';
import { Unreadable } from './picture-of';
import type { Straightened, StraightenQuestion } from './straighten.worker';
import StraightenWorker from './straighten.worker?worker';

/** No photograph is worked on with more pixels on its longer side, and none is read of more than so many bytes. */
const MOST_SIDE = 3_000;
const MOST_BYTES = 30_000_000;

/** What a photograph shows, straightened: pixels with their grain upright, and their mean colour. */
export type Flat = Omit<Straightened, 'id'>;

/** A photograph of something flat, to be straightened piece by piece in a worker; `close` ends that. */
export class Photo {
  #worker = new StraightenWorker();
  #asked = 0;
  #waiting = new Map<number, { done: (flat: Flat) => void; failed: (why: Error) => void }>();

  private constructor(
    readonly url: string,
    readonly width: number,
    readonly height: number,
    pixels: Pixels,
  ) {
    this.#worker.onmessage = ({ data: { id, ...flat } }: MessageEvent<Straightened>) => {
      this.#waiting.get(id)?.done(flat);
      this.#waiting.delete(id);
    };
    this.#worker.onerror = ({ message }) => {
      for (const { failed } of this.#waiting.values()) failed(new Error(message));
      this.#waiting.clear();
    };
    this.#send({ photo: pixels }, [pixels.data.buffer]);
  }

  /** Reads a photograph, made smaller where it is very large; throws `Unreadable` with a sentence where that can't be done. */
  static async of(file: File): Promise<Photo> {
    if (file.size > MOST_BYTES)
      throw new Unreadable(
        `${file.name} has ${(file.size / 1e6).toFixed(0)} MB; a picture of up to ${MOST_BYTES / 1e6} MB is read. Make it smaller.`,
      );
    let whole: ImageBitmap;
    try {
      whole = await createImageBitmap(file);
    } catch {
      throw new Unreadable(`${file.name} is no picture that can be read. Choose a PNG, JPEG or WebP file.`);
    }
    const by = Math.min(1, MOST_SIDE / Math.max(whole.width, whole.height));
    const [width, height] = [
      Math.max(1, Math.round(whole.width * by)),
      Math.max(1, Math.round(whole.height * by)),
    ];
    const canvas = new OffscreenCanvas(width, height);
    const paper = canvas.getContext('2d')!;
    // What is clear is seen on white.
    paper.fillStyle = '#ffffff';
    paper.fillRect(0, 0, width, height);
    paper.drawImage(whole, 0, 0, width, height);
    whole.close();
    const { data } = paper.getImageData(0, 0, width, height);
    return new Photo(URL.createObjectURL(file), width, height, { width, height, data });
  }

  /** The part within four corners, so many pixels wide and high, its grain upright. */
  flat(quad: Quad, width: number, height: number, turned: boolean): Promise<Flat> {
    return new Promise((done, failed) => {
      const id = (this.#asked += 1);
      this.#waiting.set(id, { done, failed });
      this.#send({ id, quad, width, height, turned });
    });
  }

  #send(question: StraightenQuestion, transfer: Transferable[] = []): void {
    this.#worker.postMessage(question, transfer);
  }

  close(): void {
    this.#worker.terminate();
    URL.revokeObjectURL(this.url);
  }
}

/** Pixels as a JPEG in base64. */
export async function jpegOf({ width, height, data }: Pixels): Promise<string> {
  const canvas = new OffscreenCanvas(width, height);
  canvas
    .getContext('2d')!
    .putImageData(new ImageData(data as Uint8ClampedArray<ArrayBuffer>, width, height), 0, 0);
  const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.9 });
  return base64(new Uint8Array(await blob.arrayBuffer()));
}
