import { refuse, type Point, type Result, type WalkedFace } from 'goodreach';
import type { DxfPicture } from 'goodreach/dxf';
import type { DxfQuestion } from './dxf.worker';

/** A drawing that takes longer to read is left, ms. */
const LIMIT = 4_500;
/** The largest drawing read, bytes. */
const MOST_BYTES = 30_000_000;

/** A DXF drawing as a picture of its lines. */
export async function pictureOfDxf(file: File): Promise<Result<DxfPicture>> {
  return read<DxfPicture>(file, (text) => ({ of: 'picture', text }));
}

/** The room a DXF drawing shows; `unit` is millimetres a drawing unit, for a drawing that does not say. */
export async function roomOfDxf(file: File, unit: number): Promise<Result<WalkedFace[]>> {
  return read<WalkedFace[]>(file, (text) => ({ of: 'room', text, unit }));
}

/** The cross section a DXF drawing shows, mm; `unit` as for a room. */
export async function profileOfDxf(file: File, unit: number): Promise<Result<Point[]>> {
  return read<Point[]>(file, (text) => ({ of: 'profile', text, unit }));
}

/** Reads a drawing in a worker, so that the page goes on meanwhile and whatever a file holds comes to an end. */
async function read<T>(file: File, ask: (text: string) => DxfQuestion): Promise<Result<T>> {
  if (file.size > MOST_BYTES)
    return refuse('dxf-unreadable', { reason: { because: 'too-many-bytes', most: MOST_BYTES / 1e6 } });
  const [text, { default: DxfWorker }] = await Promise.all([file.text(), import('./dxf.worker?worker')]);
  const worker = new DxfWorker();
  try {
    return await new Promise<Result<T>>((resolve) => {
      const late = () =>
        resolve(refuse('dxf-unreadable', { reason: { because: 'too-slow', most: LIMIT / 1_000 } }));
      setTimeout(late, LIMIT);
      worker.onmessage = ({ data }: MessageEvent<Result<T>>) => resolve(data);
      worker.onerror = ({ message }) =>
        resolve(refuse('dxf-unreadable', { reason: { because: 'said', text: message } }));
      worker.postMessage(ask(text));
    });
  } finally {
    worker.terminate();
  }
}
