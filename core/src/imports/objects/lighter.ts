import { MeshoptSimplifier } from 'meshoptimizer/simplifier';
import { MOST_TRIANGLES, type Model, type ModelPart } from './model';

/** A part keeps so many triangles at least: below that a box is no box. */
const LEAST = 24;

/** A model with so many triangles at most, its shape kept as well as they can; places that are the same are one. */
export async function lighter(model: Model, most = MOST_TRIANGLES): Promise<Model> {
  await MeshoptSimplifier.ready;
  const parts = model.parts.map(welded).filter(({ indices }) => indices.length > 0);
  const count = parts.reduce((sum, { indices }) => sum + indices.length / 3, 0);
  if (count <= most) return { parts };
  // Small parts are kept; the others give up what is too much, in the same share.
  const kept = parts.filter(({ indices }) => indices.length / 3 <= LEAST);
  const small = kept.reduce((sum, { indices }) => sum + indices.length / 3, 0);
  const share = (most - small) / (count - small);
  return {
    parts: parts.map((part) =>
      kept.includes(part) ? part : simplified(part, Math.floor((part.indices.length / 3) * share)),
    ),
  };
}

/** A part of no more than so many triangles. */
function simplified({ positions, indices, ...look }: ModelPart, most: number): ModelPart {
  const [kept] = MeshoptSimplifier.simplify(indices, positions, 3, most * 3, 1, ['Prune']);
  // What is in a thousand pieces can't be made simple edge by edge: its pieces grow together.
  const [rough] =
    kept.length <= most * 3
      ? [kept]
      : MeshoptSimplifier.simplifySloppy(indices, positions, 3, null, most * 3, 1);
  return compact({ ...look, positions, indices: rough });
}

/** Places that are the same are one, triangles without an area are left away. */
function welded(part: ModelPart): ModelPart {
  const first = MeshoptSimplifier.generatePositionRemap(part.positions, 3);
  const { indices, positions } = part;
  const kept: number[] = [];
  for (let i = 0; i < indices.length; i += 3) {
    const [a, b, c] = [first[indices[i]!]!, first[indices[i + 1]!]!, first[indices[i + 2]!]!];
    if (a !== b && b !== c && c !== a) kept.push(a, b, c);
  }
  return compact({ ...part, positions, indices: Uint32Array.from(kept) });
}

/** Only the places that are used. */
function compact({ positions, indices, ...look }: ModelPart): ModelPart {
  const now = new Int32Array(positions.length / 3).fill(-1);
  const places: number[] = [];
  const after = indices.map((index) => {
    if (now[index]! < 0) {
      now[index] = places.length / 3;
      places.push(positions[index * 3]!, positions[index * 3 + 1]!, positions[index * 3 + 2]!);
    }
    return now[index]!;
  });
  return { ...look, positions: Float32Array.from(places), indices: after };
}
