import { written, type Tone } from '../../surfaces/colour';
import { fewer } from './looks';
import { MOST_PARTS, type Model, type ModelLook, type ModelPart } from './model';

/** So many triangles at most are read: a chair has thousands, a scanned one a million. */
export const MOST_READ = 2_000_000;

/** A file holds more than is read. */
export class TooMuch extends Error {}

interface Heap {
  look: ModelLook;
  positions: number[];
  indices: number[];
  /** What each triangle shows, where it has a picture. */
  tones: Tone[] | null;
}

/** Puts a model together from triangles: one part for all that look the same, and for what shows a picture one for each of its few colours. */
export class ModelBuilder {
  #heaps = new Map<string, Heap>();
  #count = 0;

  /** No more triangles than these are taken. */
  constructor(private readonly most = MOST_READ) {}

  /** Counts triangles before they are made; throws `TooMuch` where they are more than are read. */
  reserve(triangles: number): void {
    this.#count += triangles;
    if (this.#count > this.most) throw new TooMuch();
  }

  /** Adds triangles of one look: places, and three of them for each; with what each shows of a picture, if it has one. */
  add(look: ModelLook, positions: ArrayLike<number>, indices: ArrayLike<number>, tones: Tone[] | null): void {
    const key = `${look.colour} ${look.rough} ${look.metal} ${look.clear ?? ''} ${tones !== null}`;
    let heap = this.#heaps.get(key);
    if (!heap) this.#heaps.set(key, (heap = { look, positions: [], indices: [], tones: tones && [] }));
    const first = heap.positions.length / 3;
    for (let i = 0; i < positions.length; i++) heap.positions.push(positions[i]!);
    for (let i = 0; i < indices.length; i++) heap.indices.push(first + indices[i]!);
    if (tones) for (const tone of tones) heap.tones!.push(tone);
  }

  /** The model; places that are no numbers, and triangles that name none, are left away. */
  model(): Model {
    const parts = [...this.#heaps.values()].flatMap(partsOf).filter(({ indices }) => indices.length > 0);
    // The largest keep their looks; what is left over looks as the largest of all does.
    parts.sort((a, b) => b.indices.length - a.indices.length);
    return { parts: [...parts.slice(0, MOST_PARTS - 1), ...together(parts.slice(MOST_PARTS - 1))] };
  }
}

function partsOf({ look, positions, indices, tones }: Heap): ModelPart[] {
  const places = Float32Array.from(positions);
  const sound = (index: number) =>
    index >= 0 &&
    index * 3 < places.length &&
    [0, 1, 2].every((axis) => Number.isFinite(places[index * 3 + axis]));
  const part = (own: ModelLook, wanted: (triangle: number) => boolean): ModelPart => {
    const kept: number[] = [];
    for (let i = 0; i < indices.length; i += 3) {
      const [a, b, c] = [indices[i]!, indices[i + 1]!, indices[i + 2]!];
      if (wanted(i / 3) && sound(a) && sound(b) && sound(c)) kept.push(a, b, c);
    }
    return { ...own, positions: places, indices: Uint32Array.from(kept) };
  };
  if (!tones) return [part(look, () => true)];
  const { of, means } = fewer(tones);
  return means.map((mean, lot) =>
    part({ ...look, colour: written(mean) }, (triangle) => of[triangle] === lot),
  );
}

/** Parts of any look as one, which looks as the first of them. */
function together(parts: readonly ModelPart[]): ModelPart[] {
  const [first] = parts;
  if (!first || parts.length === 1) return [...parts];
  const positions: number[] = [];
  const indices: number[] = [];
  for (const part of parts) {
    const from = positions.length / 3;
    for (const value of part.positions) positions.push(value);
    for (const index of part.indices) indices.push(from + index);
  }
  return [{ ...first, positions: Float32Array.from(positions), indices: Uint32Array.from(indices) }];
}
