import { place, type Point } from '../geometry/point';
import { signedArea, type Polygon } from '../geometry/polygon';
import { without, type Region } from '../geometry/region';
import type { Finish } from '../surfaces/finishes';
import type { PlacedOpening } from '../survey/openings';
import type { PlacedFace } from '../survey/placed-face';
import { setOut } from '../tile/set-out';
import { grained, joined, prism, slab, type Frame, type Mesh, type Place } from './mesh';
import type { ScenePart } from './scene-part';
import { rectangle } from './shapes';

/** How far joints lie back behind the finished face, mm: so much of a tile is shown. */
export const JOINT_BACK = 1.5;

/** The tiles of a floor, set out along a direction with equal cuts all round, their faces at the finished floor. */
export function floorTiles(outline: Polygon, u: Point, finish: Finish): ScenePart[] {
  const v = { x: -u.y, y: u.x };
  const origin = { x: 0, y: 0 };
  const laid = outline.map(({ x, y }) => ({ x: x * u.x + y * u.y, y: x * v.x + y * v.y }));
  return tiled([laid], finish, false, [u.x, u.y, 0], (ring, holes) =>
    prism(
      ring.map(({ x, y }) => place(origin, u, x, v, y)),
      -JOINT_BACK,
      0,
      { holes: holes.map((hole) => hole.map(({ x, y }) => place(origin, u, x, v, y))) },
    ),
  );
}

/** The tiles of a straight wall, set out past its openings and their casings, courses level from the floor up, cuts at both its ends equal. */
export function wallTiles(face: PlacedFace, openings: readonly PlacedOpening[], finish: Finish): ScenePart[] {
  const [left, right] = face.wallHeight === null ? face.ceiling : [face.wallHeight, face.wallHeight];
  const whole = [
    { x: 0, y: 0 },
    { x: face.length, y: 0 },
    { x: face.length, y: right },
    { x: 0, y: left },
  ];
  const holes = openings.map(({ record: { sill, height, casing }, left, right }) =>
    rectangle(left - casing, right + casing, sill < 1 ? -1 : sill - casing, sill + height + casing),
  );
  const surface = holes.length > 0 ? without([whole], holes) : [whole];
  const frame = { origin: face.start, u: face.u, n: face.n };
  return tiled(surface, finish, true, [face.u.x, face.u.y, 0], (ring, inner) =>
    slab(frame, ring, [-JOINT_BACK, 0], { holes: inner }),
  );
}

/** The tiles of an upright side of something, seen from outside it, from a height up. */
export function sideTiles(
  frame: Frame,
  long: number,
  low: number,
  high: number,
  finish: Finish,
): ScenePart[] {
  return tiled([rectangle(0, long, low, high)], finish, true, [frame.u.x, frame.u.y, 0], (ring, inner) =>
    slab(frame, ring, [0, JOINT_BACK], { holes: inner }),
  );
}

function tiled(
  surface: Region,
  finish: Finish,
  level: boolean,
  along: Place,
  make: (ring: Polygon, holes: Polygon[]) => Mesh,
): ScenePart[] {
  const meshes = setOut(surface, finish.tile!, level).flatMap(({ region }, index) => {
    const holes = region.filter((ring) => signedArea(ring) < 0);
    return region
      .filter((ring) => signedArea(ring) > 0)
      .map((ring) => figured(grained(make(ring, holes), along), index));
  });
  return [{ substance: 'tile', finish: finish.name, mesh: joined(...meshes) }];
}

/** The mesh of a tile with a piece of the figure of its own, as no two come from the kiln alike. */
function figured(mesh: Mesh, index: number): Mesh {
  const off = [(index * 618) % 1_000, (index * 383) % 1_000];
  return { ...mesh, uvs: mesh.uvs.map((one, k) => one + off[k % 2]!) };
}
