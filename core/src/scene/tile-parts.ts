import { distance, place, type Point } from '../geometry/point';
import { signedArea, type Polygon } from '../geometry/polygon';
import { without, type Region } from '../geometry/region';
import type { Finish } from '../surfaces/finishes';
import type { PlacedOpening } from '../survey/openings';
import { facePath, type PlacedFace } from '../survey/placed-face';
import type { Solid } from '../solids/solids';
import { setOut } from '../tile/set-out';
import { grained, joined, level, prism, upright, type Frame, type Mesh, type Place } from './mesh';
import type { ScenePart } from './scene-part';
import { frameOfSide, rectangle } from './shapes';

/** How far joints lie back behind the finished face, mm. */
export const JOINT_BACK = 1.5;

/** The tiles of a floor, set out along a direction with equal cuts all round, their faces at the finished floor. */
export function floorTiles(outline: Polygon, u: Point, finish: Finish): ScenePart[] {
  const v = { x: -u.y, y: u.x };
  const origin = { x: 0, y: 0 };
  const laid = outline.map(({ x, y }) => ({ x: x * u.x + y * u.y, y: x * v.x + y * v.y }));
  if (signedArea(laid) < 0) laid.reverse();
  const placed = ({ x, y }: Point) => place(origin, u, x, v, y);
  return tiled([laid], finish, false, [u.x, u.y, 0], (ring, holes) =>
    level(
      ring.map(placed),
      0,
      holes.map((hole) => hole.map(placed)),
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
  return uprightTiles(frame, surface, finish);
}

/** What closes the gap under the tiles of a wall, between what they are laid on and the floor. */
export function underTiles(face: PlacedFace): Mesh {
  const ring = [...facePath(face), ...facePath(face, 0, face.length, -JOINT_BACK).reverse()];
  return prism(ring, -JOINT_BACK, 0);
}

/** What is boxed in, tiled on its sides as walls are: joints behind its faces, a cap over and under them. */
export function boxedTiles({ sides, footprint, low, high }: Solid, finish: Finish): ScenePart[] {
  const named = { finish };
  const caps = [prism(footprint, low, low + JOINT_BACK), prism(footprint, high - JOINT_BACK, high)];
  const joints = sides.map((side) =>
    upright(frameOfSide(side), rectangle(0, distance(side.from, side.to), low, high), -JOINT_BACK),
  );
  return [
    { substance: 'wall', ...named, mesh: joined(...caps) },
    { substance: 'grout', ...named, mesh: joined(...joints) },
    ...sides.flatMap((side) =>
      uprightTiles(frameOfSide(side), [rectangle(0, distance(side.from, side.to), low, high)], finish),
    ),
  ];
}

/** Tiles on an upright surface, along and up in a frame: courses level from the floor, their faces in its plane. */
function uprightTiles(frame: Frame, surface: Region, finish: Finish): ScenePart[] {
  return tiled(surface, finish, true, [frame.u.x, frame.u.y, 0], (ring, holes) =>
    upright(frame, ring, 0, holes),
  );
}

function tiled(
  surface: Region,
  finish: Finish,
  fromFloor: boolean,
  along: Place,
  make: (ring: Polygon, holes: Polygon[]) => Mesh,
): ScenePart[] {
  const meshes = setOut(surface, finish.tile!, fromFloor).flatMap((region, index) => {
    const holes = region.filter((ring) => signedArea(ring) < 0);
    return region
      .filter((ring) => signedArea(ring) > 0)
      .map((ring) => figured(grained(make(ring, holes), along), index));
  });
  return [{ substance: 'tile', finish, mesh: joined(...meshes) }];
}

/** The mesh of a tile with a piece of the figure of its own, as no two come from the kiln alike. */
export function figured(mesh: Mesh, index: number): Mesh {
  const off = [(index * 618) % 1_000, (index * 383) % 1_000];
  return { ...mesh, uvs: mesh.uvs.map((one, k) => one + off[k % 2]!) };
}
