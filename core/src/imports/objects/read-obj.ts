import earcut from 'earcut';
import { ok, refuse, type Result } from '../../result';
import type { Pixels } from '../../surfaces/textures/straighten';
import { ModelBuilder, MOST_READ } from './builder';
import { written, type Tone } from '../../surfaces/colour';
import { seen } from './looks';
import type { Model, ModelLook } from './model';
import { isNamed, type Decode, type NamedFile } from './read-gltf';

/** A material of a library beside the object. */
interface Material {
  look: ModelLook;
  /** The name of the picture on it. */
  picture: string | null;
}

/** What is shown in no material of its own. */
const PLAIN: Material = { look: { colour: '#c8c2b6', rough: 0.8, metal: 0 }, picture: null };

/** Triangles of one material, told by the numbers of their places and of those on a picture. */
interface Heap {
  places: number[];
  /** As many, -1 for none. */
  texts: number[];
}

/**
 * Reads an object written as OBJ lines, with the material libraries (MTL) and pictures beside it: its faces as triangles, in units it does not tell; a
 * part for each of its materials. What is not faces is passed over. Time is linear in what is read.
 */
export async function readObj(
  main: NamedFile,
  beside: readonly NamedFile[],
  decode: Decode,
): Promise<Result<Model>> {
  const read = objLines(new TextDecoder().decode(main.bytes));
  if (!read)
    return refuse('object-unreadable', { reason: { because: 'object-too-fine', most: MOST_READ / 1e3 } });
  const { places, texts, heaps, libraries } = read;
  const materials = new Map<string, Material>();
  for (const library of libraries) {
    const file = beside.find(({ name }) => isNamed(name, library));
    if (file) readLibrary(new TextDecoder().decode(file.bytes), materials);
  }
  const builder = new ModelBuilder();
  for (const [name, heap] of heaps) {
    const { look, picture } = materials.get(name) ?? PLAIN;
    const file = picture === null ? undefined : beside.find((one) => isNamed(one.name, picture));
    const pixels = file ? await decode(file.bytes, 'image/*') : null;
    builder.add(look, places, heap.places, pixels && tonesOf(heap, texts, pixels));
  }
  const model = builder.model();
  return model.parts.length > 0 ? ok(model) : refuse('object-unreadable', { reason: 'object-empty' });
}

interface ObjLines {
  places: number[];
  texts: number[];
  heaps: Map<string, Heap>;
  libraries: string[];
}

/** What the lines of an object say; null where that is more than is read. */
function objLines(text: string): ObjLines | null {
  const read: ObjLines = { places: [], texts: [], heaps: new Map(), libraries: [] };
  let heap: Heap | null = null;
  let material = '';
  let left = MOST_READ;
  for (const line of linesOf(text)) {
    const [word, ...rest] = line.trim().split(/\s+/);
    switch (word) {
      case 'v':
        for (let axis = 0; axis < 3; axis++) read.places.push(Number(rest[axis]));
        break;
      case 'vt':
        read.texts.push(Number(rest[0]), Number(rest[1]));
        break;
      case 'f': {
        left -= rest.length - 2;
        if (left < 0) return null;
        if (!heap) read.heaps.set(material, (heap = read.heaps.get(material) ?? { places: [], texts: [] }));
        addFace(read, heap, rest);
        break;
      }
      case 'usemtl':
        [material, heap] = [rest.join(' '), null];
        break;
      case 'mtllib':
        read.libraries.push(rest.join(' '));
        break;
    }
  }
  return read;
}

/** The lines of a text one by one; one that ends in a backslash goes on in the next. */
function* linesOf(text: string): Generator<string> {
  let before = '';
  for (let at = 0; at <= text.length;) {
    const end = text.indexOf('\n', at) < 0 ? text.length : text.indexOf('\n', at);
    const line = text.slice(at, end).replace(/\r$/, '');
    at = end + 1;
    if (line.endsWith('\\') && at <= text.length) before += `${line.slice(0, -1)} `;
    else {
      yield before + line;
      before = '';
    }
  }
}

/** Adds a face, each corner `place/text/normal` counted from 1, or from the end back with a minus. */
function addFace({ places, texts }: ObjLines, heap: Heap, corners: readonly string[]): void {
  const numbered = (said: string | undefined, count: number) => {
    const number = Number(said || NaN);
    if (!Number.isInteger(number) || number === 0) return -1;
    return number > 0 ? number - 1 : count + number;
  };
  const own = corners.map((corner) => {
    const [place, text] = corner.split('/');
    return { place: numbered(place, places.length / 3), text: numbered(text, texts.length / 2) };
  });
  if (own.length < 3) return;
  for (const index of trianglesOf(
    own.map(({ place }) => [0, 1, 2].map((axis) => places[place * 3 + axis] ?? NaN)),
  )) {
    heap.places.push(own[index]!.place);
    heap.texts.push(own[index]!.text);
  }
}

/** A face with more than three corners as triangles, seen from where it is widest; one that is not convex too. */
function trianglesOf(corners: readonly number[][]): number[] {
  if (corners.length === 3) return [0, 1, 2];
  // Newell's normal: twice the area as seen along each axis.
  const normal = [0, 1, 2].map((axis) => {
    const [a, b] = [(axis + 1) % 3, (axis + 2) % 3];
    return corners.reduce((sum, corner, index) => {
      const next = corners[(index + 1) % corners.length]!;
      return sum + corner[a]! * next[b]! - next[a]! * corner[b]!;
    }, 0);
  });
  const flat = [0, 1, 2].reduce(
    (best, axis) => (Math.abs(normal[axis]!) > Math.abs(normal[best]!) ? axis : best),
    0,
  );
  const [a, b] = [(flat + 1) % 3, (flat + 2) % 3];
  const triangles = earcut(corners.flatMap((corner) => [corner[a]!, corner[b]!]));
  // They come walked all one way about, whichever way the face is.
  const [i, j, k] = triangles.slice(0, 3).map((index) => corners[index]!);
  if (!i || !j || !k) return [];
  const turn = (j[a]! - i[a]!) * (k[b]! - i[b]!) - (k[a]! - i[a]!) * (j[b]! - i[b]!);
  return turn * normal[flat]! < 0 ? triangles.reverse() : triangles;
}

function tonesOf({ texts: numbers }: Heap, texts: readonly number[], pixels: Pixels): Tone[] {
  const tones: Tone[] = [];
  const at = (number: number): [number, number] => [texts[number * 2] || 0, 1 - (texts[number * 2 + 1] || 0)];
  for (let i = 0; i < numbers.length; i += 3)
    tones.push(seen(pixels, [at(numbers[i]!), at(numbers[i + 1]!), at(numbers[i + 2]!)]));
  return tones;
}

/** Reads a library of materials: colour, how sharp it shines, how opaque it is, its picture. */
function readLibrary(text: string, materials: Map<string, Material>): void {
  let own: Material | null = null;
  for (const line of linesOf(text)) {
    const [word, ...rest] = line.trim().split(/\s+/);
    const share = (value: string | undefined) => Math.min(1, Math.max(0, Number(value) || 0));
    if (word === 'newmtl') materials.set(rest.join(' '), (own = { ...PLAIN, look: { ...PLAIN.look } }));
    if (!own) continue;
    if (word === 'Kd')
      own.look.colour = written(rest.slice(0, 3).map((value) => share(value) * 255) as unknown as Tone);
    // A highlight of exponent n is as sharp as a face of roughness √(2 / (n + 2)) makes it (Walter 2007).
    else if (word === 'Ns')
      own.look.rough = Math.round(Math.sqrt(2 / (2 + Math.max(0, Number(rest[0]) || 0))) * 100) / 100;
    else if (word === 'd' && share(rest.at(-1)) < 0.92) own.look.clear = Math.max(0.1, share(rest.at(-1)));
    else if (word === 'map_Kd') own.picture = rest.at(-1) ?? null;
  }
}
