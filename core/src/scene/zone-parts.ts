import type { Design } from '../document/design';
import type { ZoneRecord } from '../document/records';
import { remember } from '../document/remember';
import { chordsFor } from '../geometry/arc';
import { place, type Point } from '../geometry/point';
import { boundsOf, contains, signedArea, type Polygon } from '../geometry/polygon';
import { intersect, without, type Region } from '../geometry/region';
import { finishNamed, type Finish } from '../surfaces/finishes';
import { frameAt, type PlacedFace } from '../survey/placed-face';
import { tileOrder, type TileOf } from '../tile/cut-list';
import type { Laid } from '../tile/lay';
import type { Cell } from '../tile/pattern';
import { tileFinish, tilesOf } from '../tile/zones/colouring';
import { shadeOf } from '../tile/zones/shades';
import { zoneRegion } from '../tile/zones/zone-areas';
import type { SurfaceFrame } from '../tile/zones/surface-frame';
import { FLOOR_KEY } from '../tile/zones/zone-surface';
import { tiledZones, type TiledZone } from '../tile/zones/zone-laying';
import { grained, joined, level, prism, type Mesh, type Place } from './mesh';
import type { SceneGroup, ScenePart } from './scene-part';
import { rectangle } from './shapes';
import { substanceLooks } from './substances';
import { figured, JOINT_BACK } from './tile-parts';

/** How far tiles stand out of a wall, mm: just short of the plates that are screwed on them. */
const TILE_OUT = 8;

/** The zones of tile, each as a thing of its own; those on which nothing can be laid are left away. */
export const zoneGroups = (design: Design): SceneGroup[] =>
  tiledZones(design).flatMap(({ id, record, rings, surface, tiled }) => {
    if (!tiled.ok || tiled.value.laid.pieces.length === 0) return [];
    const { x, y } = surface.toPlan({ x: 0, y: 0 });
    return makeZone(tiled.value.laid, {
      ...{ id, rings, face: surface.face, zero: surface.zero },
      apart: surface.apart && surface.apart.frame,
      placed: { x, y, turn: surface.turn ?? 0 },
      laying: layingOf(record),
      finishes: tileOrder.map((of) => finishNamed(design, tileFinish(record, of))),
      cell: tiled.value.cell,
      grout: record.grout,
    });
  });

/** What zones take of the floor, in plan, with what they are laid round. */
export const tiledFloor = (design: Design): Polygon[] =>
  tiledZones(design).flatMap(({ rings, surface, tiled }) =>
    tiled.ok && surface.key === FLOOR_KEY
      ? rings.filter((ring) => signedArea(ring) > 0).map((ring) => ring.map(surface.toPlan))
      : [],
  );

/** The floor under zones of tile, so thick, mm, and up to its level what they leave of it. */
export function besideZones(outline: Polygon, tiled: readonly Polygon[], thick: number): Mesh[] {
  const low = -JOINT_BACK - UNDER;
  const rest = parted(without([outline], tiled));
  const beside = rest.map(({ ring, holes }) => prism(ring, low, 0, { holes }));
  return [prism(outline, -thick, low), ...(beside.length > 0 ? [joined(...beside)] : [])];
}

/** The ground of joints lies so much over what is under the tiles, mm. */
const UNDER = 0.5;

/** Of more pieces than this a zone is shown as one face in its first colour. */
const MOST_SEEN = 30_000;

/** What says which of its tiles a piece of a zone is of. */
const layingOf = ({ pattern, colouring, border }: ZoneRecord): Zone['laying'] => ({
  pattern,
  ...(colouring && { colouring }),
  ...(border && { border }),
});

interface Zone {
  id: string;
  rings: TiledZone['rings'];
  /** Of the floor: where its places begin in plan, and how far they are turned. */
  placed: Point & { turn: number };
  face: PlacedFace | null;
  zero: number;
  apart: SurfaceFrame | null;
  laying: Pick<ZoneRecord, 'border' | 'colouring' | 'pattern'>;
  /** The finishes of its tiles in turn. */
  finishes: readonly (Finish | null)[];
  cell: Cell;
  /** The colour of its joints, where it is its own. */
  grout: string | undefined;
}

const makeZone = remember(({ pieces }: Laid, zone: Zone): SceneGroup => {
  const { id, rings, placed, face, zero, apart, laying, finishes, cell, grout } = zone;
  const onto = apart ? ontoFrame(apart) : face ? ontoFace(face, zero) : ontoFloor(placed);
  const named = (finish: Finish | null | undefined) => finish && { finish };
  const ground = zoneRegion(rings);
  const joints = face?.arc && !apart ? inStrips(ground, face) : ground;
  const tileOf = tilesOf(laying, cell);
  const isSeen = pieces.length <= MOST_SEEN;
  const finishOf = (of: TileOf) => finishes[tileOrder.indexOf(of)];
  /** What looks alike: of the same tile, in the same shade. */
  const alike = new Map<string, { of: TileOf; shade: number; meshes: Mesh[] }>();
  const add = (of: TileOf, shade: number, meshes: Mesh[]) => {
    const key = `${of} ${shade}`;
    const known = alike.get(key);
    if (known) known.meshes.push(...meshes);
    else alike.set(key, { of, shade, meshes });
  };
  const laid = (region: Region) => facesOf(region).map((mesh) => grained(onto.lay(mesh, 0), onto.along));
  if (!isSeen) add('first', 0, laid(ground));
  for (const [index, piece] of isSeen ? pieces.entries() : []) {
    const of = tileOf?.(piece) ?? 'first';
    const differ = finishOf(of)?.tile?.shade;
    add(
      of,
      differ ? shadeOf(piece, differ) : 0,
      laid(piece.outline()).map((mesh) => figured(mesh, index)),
    );
  }
  const parts: ScenePart[] = [
    {
      substance: 'grout',
      ...named(finishes[0]),
      ...(grout !== undefined && { look: { ...substanceLooks.grout, colour: grout } }),
      mesh: joined(...facesOf(joints).map((mesh) => onto.lay(mesh, JOINT_BACK))),
    },
    ...[...alike.values()].flatMap(({ of, shade, meshes }): ScenePart[] =>
      meshes.length > 0
        ? [
            {
              ...{ substance: 'tile', ...named(finishOf(of)), ...(shade !== 0 && { shade }) },
              mesh: joined(...meshes),
            },
          ]
        : [],
    ),
  ];
  return { key: `zone ${id}`, source: id, of: face ? 'wall' : apart ? 'fixed' : 'floor', parts };
});

/** Each outline of a region with its holes. */
function parted(region: Region): { ring: Polygon; holes: Polygon[] }[] {
  const holes = region.filter((ring) => signedArea(ring) < 0);
  return region
    .filter((ring) => signedArea(ring) > 0)
    .map((ring) => ({ ring, holes: holes.filter((hole) => contains(ring, hole[0]!)) }));
}

const facesOf = (region: Region): Mesh[] => parted(region).map(({ ring, holes }) => level(ring, 0, holes));

/** How what is flat comes onto a surface: so far behind its face, mm, and which way grain runs there. */
interface Onto {
  lay: (mesh: Mesh, back: number) => Mesh;
  along: Place;
}

function ontoFloor(placed: Zone['placed']): Onto {
  const u = { x: Math.cos(placed.turn), y: Math.sin(placed.turn) };
  const v = { x: -u.y, y: u.x };
  return {
    along: [u.x, u.y, 0],
    lay: (mesh, back) =>
      mapped(mesh, (at) => {
        const { x, y } = place(placed, u, at.x, v, at.y);
        return { place: [x, y, -back], normal: [0, 0, 1] };
      }),
  };
}

function ontoFace(face: PlacedFace, zero: number): Onto {
  return {
    along: [face.u.x, face.u.y, 0],
    lay: (mesh, back) =>
      mapped(mesh, ({ x: along, y: up }) => {
        const { at, n } = frameAt(face, zero + along);
        const { x, y } = place(at, n, TILE_OUT - back, n, 0);
        return { place: [x, y, up], normal: [n.x, n.y, 0] };
      }),
  };
}

/** Tiles on a side of a hole or of a thing stand out of it by as much as those on a wall. */
function ontoFrame({ origin, right, up, normal }: SurfaceFrame): Onto {
  const of = (at: 0 | 1 | 2, x: number, y: number, out: number) =>
    origin[at] + right[at] * x + up[at] * y + normal[at] * out;
  return {
    along: [...right],
    lay: (mesh, back) =>
      mapped(mesh, ({ x, y }) => {
        const out = TILE_OUT - back;
        return { place: [of(0, x, y, out), of(1, x, y, out), of(2, x, y, out)], normal: [...normal] };
      }),
  };
}

function mapped(mesh: Mesh, onto: (at: Point) => { place: Place; normal: Place }): Mesh {
  const [positions, normals]: [number[], number[]] = [[], []];
  for (let i = 0; i < mesh.positions.length; i += 3) {
    const one = onto({ x: mesh.positions[i]!, y: mesh.positions[i + 1]! });
    positions.push(...one.place);
    normals.push(...one.normal);
  }
  return { ...mesh, positions, normals };
}

/** A region of a bent face in strips as wide as its chords, so that what is flat between two places is bent with it. */
function inStrips(region: Region, { arc, length }: PlacedFace): Region {
  const { left, right, bottom, top } = boundsOf(region.flat());
  const count = chordsFor(arc!.radius, arc!.sweep * ((right - left) / length));
  const at = (index: number) => left + ((right - left) * index) / count;
  return Array.from({ length: count }, (_, index) =>
    intersect(region, [rectangle(at(index), at(index + 1), bottom, top)]),
  ).flat();
}
