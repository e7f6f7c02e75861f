import { perDesign, recordsOf, type Design } from '../document/design';
import { remember, rememberBoth } from '../document/remember';
import { extentOf, type Model } from '../imports/objects/model';
import { findBox, type ItemBox } from '../setting/item-box';
import { at, emptyMesh, type Mesh, type Place } from './mesh';
import { along, cross, inner, minus, unit } from './places';
import type { SceneGroup, ScenePart } from './scene-part';

/** A corner between faces that turn by more than this is an edge, not a rounding: 40 degrees. */
const CREASE = Math.cos((40 * Math.PI) / 180);

/** The stored model of an object, mm; null while it is not there. */
export type ModelOf = (model: string) => Model | null;

/** The stored models of a room's objects. */
export const modelsIn: (design: Design) => ReadonlySet<string> = perDesign(
  (design) => new Set(recordsOf(design, 'item').flatMap(({ model }) => model ?? [])),
);

/** The parts of a room with its objects from outside as they are, in place of the bodies that stand for them; the same group for the same object and model. */
export function withModels(
  design: Design,
  groups: readonly SceneGroup[],
  modelOf: ModelOf,
): readonly SceneGroup[] {
  if (modelsIn(design).size === 0) return groups;
  return groups.map((group) => {
    const box = group.of === 'item' ? findBox(design, group.source) : undefined;
    const model = box?.record.model === undefined ? null : modelOf(box.record.model);
    return model ? modelled(box!, model) : group;
  });
}

const modelled = rememberBoth((box: ItemBox, model: Model): SceneGroup => ({
  ...{ key: box.id, source: box.id, of: 'item' },
  parts: modelParts(box, model),
}));

/** What stands somewhere in a size. */
type Standing = Pick<ItemBox, 'low' | 'n' | 'origin' | 'u'> & {
  record: Pick<ItemBox['record'], 'depth' | 'height' | 'width'>;
};

/** An object as it stands in the room: its model drawn to its sizes, faces that belong to one rounding shaded as one. */
export function modelParts(box: Standing, model: Model): ScenePart[] {
  const { width, depth, height } = box.record;
  const { u, n } = box;
  return shadedTo(model, { width, depth, height }).map((mesh, index): ScenePart => {
    const { colour, rough, metal, clear } = model.parts[index]!;
    const positions: number[] = [];
    const normals: number[] = [];
    for (let i = 0; i < mesh.positions.length; i += 3) {
      positions.push(
        ...at(box, mesh.positions[i]!, mesh.positions[i + 2]!, box.low + mesh.positions[i + 1]!),
      );
      const [x, y, z] = [mesh.normals[i]!, mesh.normals[i + 1]!, mesh.normals[i + 2]!];
      normals.push(u.x * x + n.x * z, u.y * x + n.y * z, y);
    }
    return {
      // What is seen through is drawn as glass is.
      substance: clear === undefined ? 'object' : 'glass',
      look: { colour, rough, metal, ...(clear !== undefined && { clear }) },
      mesh: { ...mesh, positions, normals },
    };
  });
}

/** Objects of so many sizes are remembered of one model. */
const SIZES_KEPT = 4;

/** The parts of a model drawn to a size, in its own frame. */
const shadedTo = remember(
  ({ parts }: Model, { width, height, depth }: { width: number; height: number; depth: number }): Mesh[] => {
    const { high } = extentOf({ parts });
    // What is flat has no size to be drawn to.
    const by = [width, height, depth].map((size, axis) => (high[axis]! > 1e-6 ? size / high[axis]! : 1));
    return parts.map(({ positions, indices }) =>
      shaded(
        Float64Array.from(positions, (value, index) => value * by[index % 3]!),
        indices,
      ),
    );
  },
  { kept: SIZES_KEPT },
);

/** So many faces about a place are looked at for its normal; more lie about the tip of a fan. */
const MOST_ABOUT = 48;

/** Triangles with the normal of each of their corners: the mean of the faces about it that turn from its own by less than a crease, by their areas. */
function shaded(places: Float64Array, indices: Uint32Array): Mesh {
  const mesh = emptyMesh();
  const areas = faceAreas(places, indices);
  const about = facesAbout(indices, places.length / 3);
  /** What was made of each place: corners of the same normal are one. */
  const made = new Map<number, number[]>();
  indices.forEach((place, corner) => {
    const face = Math.floor(corner / 3);
    const own = areas[face]!;
    const sum: Place = about
      .of(place)
      .map((other) => areas[other]!)
      .filter(
        (other) => other === own || inner(own, other) >= CREASE * Math.hypot(...own) * Math.hypot(...other),
      )
      .reduce((all, other) => along(all, other, 1), [0, 0, 0] as Place);
    const normal = unit(sum);
    const earlier = made.get(place) ?? [];
    let index = earlier.find((one) =>
      [0, 1, 2].every((k) => Math.abs(mesh.normals[one * 3 + k]! - normal[k]!) < 1e-3),
    );
    if (index === undefined) {
      index = mesh.positions.length / 3;
      mesh.positions.push(places[place * 3]!, places[place * 3 + 1]!, places[place * 3 + 2]!);
      mesh.normals.push(...normal);
      mesh.uvs.push(0, 0);
      made.set(place, [...earlier, index]);
    }
    mesh.indices.push(index);
  });
  return mesh;
}

/** Twice the area of each face, along its normal. */
function faceAreas(places: Float64Array, indices: Uint32Array): Place[] {
  const corner = (index: number): Place => {
    const first = indices[index]! * 3;
    return [places[first]!, places[first + 1]!, places[first + 2]!];
  };
  return Array.from({ length: indices.length / 3 }, (_, face) => {
    const [a, b, c] = [corner(face * 3), corner(face * 3 + 1), corner(face * 3 + 2)];
    return cross(minus(b, a), minus(c, a));
  });
}

/** The faces about each place. */
function facesAbout(indices: Uint32Array, count: number) {
  const starts = new Uint32Array(count + 1);
  for (const place of indices) starts[place + 1] = starts[place + 1]! + 1;
  for (let place = 0; place < count; place++) starts[place + 1] = starts[place + 1]! + starts[place]!;
  const next = starts.slice();
  const faces = new Uint32Array(indices.length);
  indices.forEach((place, corner) => {
    faces[next[place]!] = Math.floor(corner / 3);
    next[place] = next[place]! + 1;
  });
  const of = (place: number) => [
    ...faces.subarray(starts[place], Math.min(starts[place + 1]!, starts[place]! + MOST_ABOUT)),
  ];
  return { of };
}
