import {
  extentOf,
  lighter,
  outlineOf,
  readGltf,
  readModel,
  readObj,
  sizeTurned,
  stood,
  trianglesOf,
  writeModel,
  type Decode,
  type Extent,
  type Model,
  type NamedFile,
  type Size,
  type Stance,
  type Turning,
} from 'goodreach/models';
import { ok, refuse, type OutlinePlace, type Result } from 'goodreach';

/** What is asked: to read the files of an object, how large it is turned, how it stands, the bytes and outline it is kept as, or a kept one. */
export type ModelQuestion =
  | { of: 'files'; files: NamedFile[] }
  | { of: 'size'; turning: Turning }
  | { of: 'stood'; stance: Stance }
  | { of: 'kept'; stance: Stance; size: Size }
  | { of: 'stored'; bytes: Uint8Array };

/** An object that was read: its extent in the units of its file, how many triangles it had and has, and its kind of file. */
export interface ReadObject {
  extent: Extent;
  had: number;
  has: number;
  unit: 'metre' | 'unknown';
}

export interface ModelAnswers {
  files: Result<ReadObject>;
  size: Size;
  stood: Model;
  kept: { bytes: Uint8Array; outline: OutlinePlace[] | null };
  stored: Result<Model>;
}

/** The object that is worked on. */
let object: Model = { parts: [] };

/** Pixels of a picture, no more than are needed for its colours. */
const decode: Decode = async (bytes, type) => {
  try {
    const whole = await createImageBitmap(new Blob([bytes as Uint8Array<ArrayBuffer>], { type }));
    const by = Math.min(1, MOST_SIDE / Math.max(whole.width, whole.height));
    const [width, height] = [whole.width, whole.height].map((side) => Math.max(1, Math.round(side * by))) as [
      number,
      number,
    ];
    const paper = new OffscreenCanvas(width, height).getContext('2d')!;
    paper.drawImage(whole, 0, 0, width, height);
    whole.close();
    const { data } = paper.getImageData(0, 0, width, height);
    return { width, height, data };
  } catch {
    return null;
  }
};
const MOST_SIDE = 512;

async function read(files: readonly NamedFile[]): Promise<Result<ReadObject>> {
  const ending = ({ name }: NamedFile) => name.split('.').at(-1)!.toLowerCase();
  const main = ['glb', 'gltf', 'obj'].flatMap((one) => files.find((file) => ending(file) === one) ?? [])[0];
  if (!main) return refuse('object-unreadable', { reason: 'object-kind' });
  const beside = files.filter((file) => file !== main);
  const isObj = ending(main) === 'obj';
  const whole = await (isObj ? readObj : readGltf)(main, beside, decode);
  if (!whole.ok) return whole;
  object = await lighter(whole.value);
  return ok({
    extent: extentOf(object),
    had: trianglesOf(whole.value),
    has: trianglesOf(object),
    unit: isObj ? 'unknown' : 'metre',
  });
}

const answers: { [K in keyof ModelAnswers]: (question: Extract<ModelQuestion, { of: K }>) => unknown } = {
  files: ({ files }) => read(files),
  size: ({ turning }) => sizeTurned(object, turning),
  stood: ({ stance }) => stood(object, stance),
  kept: async ({ stance, size }) => {
    const model = stood(object, stance);
    return { bytes: await writeModel(model), outline: outlineOf(model, size) };
  },
  stored: ({ bytes }) => readModel(bytes),
};

/** Reads and turns objects: hundreds of thousands of triangles, far longer than a page may be held. */
self.onmessage = async ({
  data: { id, question },
}: MessageEvent<{ id: number; question: ModelQuestion }>) => {
  try {
    self.postMessage({ id, answer: await answers[question.of](question as never) });
  } catch (error) {
    self.postMessage({ id, failed: error instanceof Error ? error.message : String(error) });
  }
};
