import { perDesign, recordsOf, roomOf, type Design } from '../document/design';
import type { RevealSide } from '../document/limits';
import type { FaceRecord, FixedRecord, OpeningRecord, ServiceRecord } from '../document/records';
import { remember } from '../document/remember';
import { inward, type Point } from '../geometry/point';
import type { Polygon } from '../geometry/polygon';
import { constructionOf, constructionOfItem, type ConstructionMethod } from '../ranges/construction';
import { findRange, rangesOf } from '../ranges/shelf';
import { isObject } from '../ranges/item-kind';
import type { ItemBox } from '../setting/item-box';
import { cutOutOf, solidsOf, type CutOut, type Solid } from '../solids/solids';
import { isMade } from '../shop/parts/cabinet';
import { finishOf } from '../surfaces/finish-of';
import { finishNamed, type Finish } from '../surfaces/finishes';
import { plinthUnderFront } from '../surfaces/plinths';
import { openingsOn, placedOpenings, type PlacedOpening } from '../survey/openings';
import type { PlacedFace } from '../survey/placed-face';
import { roomShape, type RoomShape } from '../survey/room-shape';
import { placedServices, type PlacedService } from '../survey/services';
import { wallOutside, wallRings } from '../survey/wall-outline';
import { applianceParts, hobPlate } from './appliance-parts';
import { cabinetParts } from './cabinet-parts';
import { fixtureParts } from './fixture-parts';
import { lampParts } from './lamp-parts';
import { isLined } from '../surfaces/lining-boards';
import { dressingParts } from './dressing-parts';
import { isLit, liningParts } from './lining-parts';
import { lampsOf, type Lamp } from './light/lamps';
import { addFace, box, emptyMesh, grained, joined, prism, type Place } from './mesh';
import { openingParts } from './opening-parts';
import type { SceneGroup, ScenePart, Substance } from './scene-part';
import { boxedTiles, floorTiles, JOINT_BACK, underTiles, wallTiles } from './tile-parts';
import { surfaceGroup } from './top-parts';
import { trimGroups } from './trim-parts';
import { besideZones, tiledFloor, zoneGroups } from './zone-parts';
import { wallMesh } from './wall-parts';

/** Thickness of the floor under the room, mm. */
const SLAB = 120;

/** Everything of the room in three dimensions, thing by thing; the same group object for what has not changed. */
export const sceneOf: (design: Design) => readonly SceneGroup[] = perDesign((design) => [
  floorGroup(design),
  ceilingGroup(design),
  ...zoneGroups(design),
  ...wallGroups(design),
  ...openingGroups(design),
  ...solidsOf(design).flatMap((solid) => (solid.of === 'trim' ? [] : solidGroup(design, solid))),
  ...trimGroups(design),
  ...placedServices(design).map((service) => serviceGroup(design, service)),
]);

function floorGroup(design: Design): SceneGroup {
  const { outline, faces } = roomShape(design);
  // Boards and courses run along the longest face.
  const { u } = faces.reduce((a, b) => (b.chord > a.chord ? b : a));
  return makeFloor(outline, { u, finish: finishOf(design, 'floor'), tiled: tiledFloor(design) });
}

interface Floor {
  u: Point;
  finish: Finish | null;
  /** What zones take of it. */
  tiled: readonly Polygon[];
}

const makeFloor = remember((outline: readonly Point[], { u, finish, tiled }: Floor): SceneGroup => {
  const named = finish && { finish };
  if (tiled.length > 0) {
    const parts = besideZones(outline, tiled, SLAB).map((mesh): ScenePart => ({
      ...{ substance: 'floor', ...named },
      mesh: grained(mesh, [u.x, u.y, 0]),
    }));
    return { key: 'floor', source: null, of: 'floor', parts };
  }
  const parts: ScenePart[] = finish?.tile
    ? [
        { substance: 'grout', ...named, mesh: prism(outline, -SLAB, -JOINT_BACK) },
        ...floorTiles(outline, u, finish),
      ]
    : [{ substance: 'floor', ...named, mesh: grained(prism(outline, -SLAB, 0), [u.x, u.y, 0]) }];
  return { key: 'floor', source: null, of: 'floor', parts };
});

const ceilingGroup = (design: Design): SceneGroup =>
  makeCeiling(roomShape(design), { finish: finishOf(design, 'ceiling') });

const makeCeiling = remember(
  ({ ceiling, faces }: RoomShape, { finish }: { finish: Finish | null }): SceneGroup => {
    // Over the walls as well, so that no light comes in between.
    const over = wallOutside(faces);
    const mesh = emptyMesh();
    const facets =
      'flat' in ceiling
        ? null
        : ceiling.facets.map(({ corners, heights }) =>
            corners.map(({ x, y }, index): Place => [x, y, heights[index]!]),
          );
    if (facets) for (const corners of facets) addFace(mesh, corners.reverse());
    const parts: ScenePart[] = [
      {
        substance: 'ceiling',
        ...(finish && { finish }),
        mesh: 'flat' in ceiling ? prism(over, ceiling.flat, ceiling.flat + SLAB) : mesh,
      },
    ];
    return { key: 'ceiling', source: null, of: 'ceiling', parts };
  },
);

function wallGroups(design: Design): SceneGroup[] {
  const { faces } = roomShape(design);
  const rings = wallRings(faces);
  return faces.map((face, index) => {
    const openings = openingsOn(design, face.id);
    const finish = finishNamed(design, face.record.finish ?? roomOf(design).wallFinish);
    return makeWall(face.record, { face, ring: rings[index]!, openings, finish });
  });
}

interface Wall {
  face: PlacedFace;
  ring: readonly Point[];
  openings: readonly PlacedOpening[];
  finish: Finish | null;
}

const makeWall = remember(({ id }: FaceRecord, { face, ring, openings, finish }: Wall): SceneGroup => ({
  key: `wall ${id}`,
  source: id,
  of: 'wall',
  parts: wallParts(face, ring, openings, finish),
}));

/** A wall, or one with its tiles; bent ones are shown in the colour of theirs. */
function wallParts(
  face: PlacedFace,
  ring: readonly Point[],
  openings: readonly PlacedOpening[],
  finish: Finish | null,
): ScenePart[] {
  const named = finish && { finish };
  if (finish?.tile && !face.arc)
    return [
      {
        substance: 'grout',
        ...named,
        mesh: joined(wallMesh(face, ring, openings, JOINT_BACK), underTiles(face)),
      },
      ...wallTiles(face, openings, finish),
    ];
  return [{ substance: 'wall', ...named, mesh: wallMesh(face, ring, openings) }];
}

const openingGroups = (design: Design): SceneGroup[] =>
  placedOpenings(design).map((opening) => {
    const { id } = opening.record;
    const tiled = recordsOf(design, 'zone').flatMap(({ inside }) =>
      inside?.opening === id ? [inside.side] : [],
    );
    return makeOpening(opening.record, { opening, tiled });
  });

const makeOpening = remember(
  (
    { id }: OpeningRecord,
    { opening, tiled }: { opening: PlacedOpening; tiled: readonly RevealSide[] },
  ): SceneGroup => ({
    key: id,
    source: id,
    of: 'wall',
    parts: openingParts(opening, tiled),
  }),
);

const SURFACES: ReadonlySet<Solid['of']> = new Set(['plinth', 'splash', 'top', 'waterfall'] as const);

function solidGroup(design: Design, solid: Solid): SceneGroup {
  if (SURFACES.has(solid.of)) return surfaceGroup(design, solid);
  const { range, topThickness } = roomOf(design);
  const ranges = rangesOf(design);
  const room = findRange(range, ranges);
  return makeSolid(solid, {
    ...fixedBy(design, solid),
    named: solid.box ? namedParts(design, solid.box) : {},
    made: solid.box && constructionOfItem(solid.box.record, ranges),
    usual: room ? constructionOf(room) : null,
    topThickness,
    kickBack: solid.box && plinthUnderFront(design, solid.id),
    cut: solid.box && cutOutOf(design, solid.box),
  });
}

/** A fixed thing, and what it is finished with: its own, else as the walls. */
function fixedBy(design: Design, { box, id }: Solid): Pick<Built, 'finish' | 'lining'> {
  const record = box ? undefined : design.records[id];
  if (record?.kind !== 'fixed') return { finish: null, lining: null };
  const finish = finishNamed(design, record.finish ?? roomOf(design).wallFinish);
  return { finish, lining: isLined(record) ? record : null };
}

/** What the parts of an item look like that have a finish we know. */
function namedParts(design: Design, { id, kind }: ItemBox): Partial<Record<Substance, Finish>> {
  const found: Partial<Record<Substance, Finish>> = {};
  const parts = {
    front: kind.group === 'panels' && kind.id !== 'appliance-door' ? 'end' : 'front',
    carcass: 'box',
    handle: 'handle',
    fabric: 'dressing',
  } as const;
  for (const [substance, part] of Object.entries(parts)) {
    const finish = finishOf(design, part, id);
    if (finish) found[substance as Substance] = finish;
  }
  return found;
}

interface Built {
  /** Of what is built on: that of the walls. */
  finish: Finish | null;
  /** Of a lining. */
  lining: FixedRecord | null;
  /** Of an item, by what a part is of. */
  named: Partial<Record<Substance, Finish>>;
  /** How its own range builds, and that of the room. */
  made: ConstructionMethod | null;
  usual: ConstructionMethod | null;
  topThickness: number;
  /** How far the plinth under its front stands back. */
  kickBack: number | null;
  /** What an item is cut to. */
  cut: CutOut | null;
}

const makeSolid = remember((solid: Solid, built: Built): SceneGroup => ({
  key: solid.id,
  source: solid.id,
  of: solid.of === 'item' ? 'item' : 'fixed',
  parts: partsOf(solid, built).map((part) => {
    const finish = part.substance === 'wall' ? built.finish : built.named[part.substance];
    return finish ? { ...part, finish } : part;
  }),
}));

function partsOf(
  solid: Solid,
  { finish, lining, made, usual, topThickness, kickBack, cut }: Built,
): ScenePart[] {
  const { box: own, footprint, low, high, round } = solid;
  if (!own) {
    if (lining && (!finish?.tile || isLit(lining))) return liningParts(solid, lining);
    if (!finish?.tile || round) return [{ substance: 'wall', mesh: prism(footprint, low, high, { round }) }];
    return boxedTiles(solid, finish);
  }
  const { kind } = own;
  if (isObject(kind)) return [{ substance: 'object', mesh: prism(footprint, low, high) }];
  if (kind.group === 'appliances') return applianceParts(solid, (made ?? usual)?.proud ?? 20);
  if (kind.group === 'dressing') return dressingParts(solid);
  if (kind.group === 'fixtures' || kind.group === 'accessories' || kind.group === 'furniture')
    return fixtureParts(solid);
  if (made && cut && isMade(own))
    return [...cabinetParts(solid, { made, kickBack, cut }), ...onTop(own, topThickness)];
  const substance =
    kind.id === 'plinth' ? 'plinth' : kind.id === 'shelf' || kind.id === 'bar-top' ? 'timber' : 'front';
  return [{ substance, mesh: prism(footprint, low + (solid.foot ?? 0), high, { round }) }];
}

/** What a hob base carries on its top. */
function onTop(own: ItemBox, topThickness: number): ScenePart[] {
  if (own.kind.symbol !== 'hob') return [];
  const { width, depth } = own.record;
  return hobPlate(own, own.high + topThickness, width, depth);
}

function serviceGroup(design: Design, { record, at, against, id }: PlacedService): SceneGroup {
  const lamp = lampsOf(design).find(({ service }) => service === id) ?? null;
  return makeService(record, { at, u: against && against.face.u, lamp });
}

/** What shows of a service: a plate on the wall, or a lamp. */
const makeService = remember(
  (record: ServiceRecord, { at, u, lamp }: { at: Point; u: Point | null; lamp: Lamp | null }): SceneGroup => {
    const { id, type, up } = record;
    const parts: ScenePart[] = [];
    if (lamp) parts.push(...lampParts(lamp, up));
    else if (u && ['socket', 'switch', 'data'].includes(type)) {
      const frame = { origin: at, u, n: inward(u) };
      const wide = type === 'socket' ? 73 : 43;
      parts.push({ substance: 'enamel', mesh: box(frame, [-wide, wide], [0, 9], [up - 43, up + 43]) });
    }
    // What hangs from the ceiling is taken away with it.
    return { key: id, source: id, of: lamp?.kind === 'ceiling' ? 'ceiling' : 'service', parts };
  },
);
