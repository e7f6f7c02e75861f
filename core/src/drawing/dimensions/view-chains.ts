import { styleOf, type Design } from '../../document/design';
import { boundsOf, type Bounds } from '../../geometry/polygon';
import type { Point } from '../../geometry/point';
import { isMovable } from '../../ranges/item-kind';
import { HUNG, type ItemBox } from '../../setting/item-box';
import { solidsOf } from '../../solids/solids';
import { openingsOn } from '../../survey/openings';
import { zoneAreas } from '../../tile/zones/zone-areas';
import type { KindGroup } from '../../wording/kind-names';
import type { LengthStyle } from '../../units/units';
import type { RoomView } from '../elevation/views';
import { spanAlong } from '../elevation/view-extents';
import type { ViewFrame } from '../elevation/view-frame';
import { Boxes } from '../labels/boxes';
import { writtenOn } from '../labels/drawn';
import type { Primitive } from '../primitives';
import { centresOn, linksOf, openingEnds, type ChainEnd, type ChainLink, type Parted } from './chains';
import { figureWays, rowWay, shownRows } from './row-ways';
import {
  CLIMB,
  drawRow,
  textsLast,
  figureBoxes,
  figureSize,
  FIRST_ROW,
  GAP,
  levelsOf,
  levelTaken,
  lineBox,
  MOST_CLIMBS,
  rowHeight,
  type DimensionRow,
} from './rows';

/** The side of a view that a row stands on. */
type Side = 'above' | 'below' | 'left' | 'right';

/** A row of a view: mm along the view or above the floor. */
interface ViewRow extends Parted {
  side: Side;
  /** What it goes by. */
  row: string;
}

/** What the dimensions of a view are of. */
export interface Dimensioned {
  view: RoomView;
  frame: ViewFrame;
  /** What stands or hangs in it with its front to the viewer. */
  boxes: readonly ItemBox[];
}

/**
 * The dimensions about an upright view: below it the widths of what stands, then openings and centre lines, above it the widths of what hangs, on the left the heights of cabinets,
 * tops, splashes and walls, on the right those of openings, appliances and fixtures; overall sizes outside them. `extent` is that of what is drawn. Rows climb clear of what is written about the view.
 */
export function drawViewChains(
  design: Design,
  dimensioned: Dimensioned,
  drawing: { marks: readonly Primitive[]; extent: Bounds; scale: number },
): Primitive[] {
  const { marks, extent, scale } = drawing;
  const style = styleOf(design);
  const taken = new Boxes(20 * scale);
  writtenOn(marks, scale).forEach((box, index) => taken.add(-1 - index, box));
  let count = 0;
  const offsets: Record<Side, number> = {
    above: FIRST_ROW,
    below: FIRST_ROW,
    left: FIRST_ROW,
    right: FIRST_ROW,
  };
  const { id } = dimensioned.view;
  const rows = shownRows(design, id, rowsAbout(design, dimensioned, style), ({ row }) => row);
  const drawn = rows.flatMap(({ side, row: name, ...parted }) => {
    const { links } = linksOf(parted, style);
    offsets[side] = Math.max(1, offsets[side] + (rowWay(design, id, name)?.off ?? 0));
    const start = parted.from;
    const size = figureSize(links, scale);
    const levels = levelsOf(links, { size, scale, start: start / scale, taken: levelTaken() });
    const said = figureWays(design, id, name, links);
    const rowAt = (offset: number) =>
      rowOn(side, {
        ...{ links, levels, size, scale, start, offset, extent, row: name, said },
        frame: dimensioned.frame,
      });
    let row = rowAt(offsets[side]);
    const isClear = () =>
      [lineBox(row, true), ...figureBoxes(row)].every((box) => taken.meeting(box).length === 0);
    for (let climbs = 0; climbs < MOST_CLIMBS && !isClear(); climbs++) row = rowAt((offsets[side] += CLIMB));
    for (const box of [lineBox(row, true), ...figureBoxes(row)]) taken.add(count++, box);
    offsets[side] += rowHeight(size, levels);
    return drawRow(row);
  });
  return textsLast(drawn);
}

interface RowPlace extends Pick<DimensionRow, 'levels' | 'links' | 'row' | 'said' | 'scale' | 'size'> {
  start: number;
  offset: number;
  extent: Bounds;
  frame: ViewFrame;
}

/** A row on a side of a view, so far off what is drawn, paper mm; lengths are counted from its first place. */
function rowOn(side: Side, { links, start, offset, extent, frame, ...row }: RowPlace): DimensionRow {
  const { scale } = row;
  const shifted = links.map((link): ChainLink => ({ ...link, from: link.from - start, to: link.to - start }));
  const ends = [start, ...links.map(({ to }) => to)];
  const off = offset * scale;
  const gap = GAP * scale;
  const across = side === 'above' || side === 'below';
  const high = Math.max(...frame.above.map(({ y }) => y));
  const place: Record<Side, { at: number; from: number; out: Point }> = {
    above: { at: extent.top + off, from: high + gap, out: { x: 0, y: 1 } },
    below: { at: extent.bottom - off, from: -gap, out: { x: 0, y: -1 } },
    left: { at: extent.left - off, from: -gap, out: { x: -1, y: 0 } },
    right: { at: extent.right + off, from: frame.length + gap, out: { x: 1, y: 0 } },
  };
  const { at, from, out } = place[side];
  return {
    ...row,
    links: shifted,
    ...{ at: across ? { x: start, y: at } : { x: at, y: start }, out },
    along: across ? { x: 1, y: 0 } : { x: 0, y: 1 },
    feet: ends.map((end) => (across ? { x: end, y: from } : { x: from, y: end })),
    turn: across ? 0 : Math.PI / 2,
    way: across ? frame.u : 'up',
  };
}

/** The rows about a view, those nearest to it first. */
function rowsAbout(design: Design, { view, frame, boxes }: Dimensioned, style: LengthStyle): ViewRow[] {
  const built = boxes.filter(({ kind }) => !isMovable(kind));
  const ends = (some: readonly ItemBox[]): ChainEnd[] =>
    some.flatMap((box) => {
      const { left, right } = spanAlong(frame, box);
      return [left, right].map((at) => ({ at, of: frame.u && box.id }));
    });
  const isLetIn = ({ kind }: ItemBox) => kind.within !== undefined;
  const standing = ends(built.filter((box) => box.low < HUNG && !isLetIn(box)));
  const hung = ends(built.filter((box) => box.low >= HUNG && !isLetIn(box)));
  const onFace = view.of === 'face' ? setOut(design, view) : [];
  const tiles = view.of === 'face' ? tilesOn(design, view) : { across: [], up: [] };
  const heights = heightsOf(design, boxes);
  const others = [...heights.others, ...(view.of === 'face' ? openingHeights(design, view) : [])];
  const [left, right] = highOf(design, { view, frame, boxes });
  const open = view.of === 'side' && view.side.only !== null;
  const along = (row: string, side: Side, between: readonly ChainEnd[], of?: string) => ({
    ...{ row, side, from: 0, to: frame.length, between, open, ...(of !== undefined && { of }) },
  });
  const up = (row: string, side: Side, to: number, between: readonly ChainEnd[]) => ({
    ...{ row, side, from: 0, to, between, open },
  });
  // What stands free by itself is as wide as its view.
  const whole = open && standing.every(({ of }) => of === standing[0]!.of) ? standing : [];
  const isParted = (row: ViewRow) => linksOf(row, style).links.length > 1;
  return [
    ...[along('standing', 'below', standing), along('set-out', 'below', onFace)].filter(isParted),
    ...[along('tiles', 'below', tiles.across)].filter(isParted),
    along('across', 'below', whole, view.of === 'face' && !view.face.arc ? view.face.id : undefined),
    ...[along('hung', 'above', hung), up('cabinets', 'left', left, heights.cabinets)].filter(isParted),
    up('up', 'left', left, []),
    ...[up('others', 'right', right, others), up('courses', 'right', right, tiles.up)].filter(isParted),
  ];
}

/** How high a view is at its left and its right end: as the wall is; of what stands free as that is. */
function highOf(design: Design, { view, frame, boxes }: Dimensioned): [number, number] {
  if (view.of === 'side' && view.side.only) {
    const { cabinets, others } = heightsOf(design, boxes);
    const high = Math.max(...[...cabinets, ...others].map(({ at }) => at));
    return [high, high];
  }
  return [frame.above[0]!.y, frame.above.at(-1)!.y];
}

/** What of a face is set out besides: the jambs of openings, the centre lines of services and fixtures. */
function setOut(design: Design, { face }: Extract<RoomView, { of: 'face' }>): ChainEnd[] {
  const ends = [...openingEnds(design, face), ...centresOn(design, face)];
  return face.arc ? ends.map(({ at }) => ({ at, of: null })) : ends;
}

/** Where tiles begin and end on a face, and where the tile lies that all others are set out from, if that is among them. */
function tilesOn(
  design: Design,
  { face }: Extract<RoomView, { of: 'face' }>,
): { across: ChainEnd[]; up: ChainEnd[] } {
  const zones = zoneAreas(design).filter(({ surface }) => surface.face?.id === face.id && !surface.reveal);
  const ends = (low: number, high: number, start: number): ChainEnd[] =>
    [low, ...(start > low && start < high ? [start] : []), high].map((at) => ({ at, of: null }));
  const found = zones.map(({ surface, rings, record }) => {
    const box = boundsOf(rings.flat().map(surface.toDrawing));
    return { box, start: surface.toDrawing(record.origin) };
  });
  return {
    across: found.flatMap(({ box, start }) => ends(box.left, box.right, start.x)),
    up: found.flatMap(({ box, start }) => ends(box.bottom, box.top, start.y)),
  };
}

const openingHeights = (design: Design, { face }: Extract<RoomView, { of: 'face' }>): ChainEnd[] =>
  openingsOn(design, face.id).flatMap(({ record: { id, sill, height } }) =>
    [sill, sill + height].map((at) => ({ at, of: id })),
  );

/** What is flat and yet hangs or stands by itself: mirrors, screens of glass. */
const ON_WALLS: ReadonlySet<KindGroup> = new Set(['accessories', 'fixtures']);

/** The heights of some items: of cabinets, with their plinths, tops and splashes; and of all else. */
function heightsOf(design: Design, boxes: readonly ItemBox[]): { cabinets: ChainEnd[]; others: ChainEnd[] } {
  const shown = new Set(boxes.map(({ id }) => id));
  const carried = solidsOf(design).filter(({ carriers }) => carriers?.some((id) => shown.has(id)));
  const feet = solidsOf(design).flatMap(({ id, of, low, foot }) =>
    of === 'item' && foot && shown.has(id) ? [{ at: low + foot, of: id, stays: true as const }] : [],
  );
  const isCabinet = ({ kind }: ItemBox) =>
    ['base', 'wall', 'tall', 'vanity', 'panels'].includes(kind.group) && !kind.within;
  const footed = new Set(feet.map(({ of }) => of));
  const of = (some: readonly ItemBox[]): ChainEnd[] =>
    some.flatMap(({ id, low, high }) => [
      { at: low, of: footed.has(id) ? null : id },
      { at: high, of: id },
    ]);
  const built = boxes.filter(({ kind }) => !isMovable(kind) && !kind.edge);
  return {
    cabinets: [
      ...feet,
      ...of(built.filter(isCabinet)),
      ...carried.flatMap(({ of, high, carriers }) =>
        of === 'top' || of === 'splash' ? [{ at: high, of: null, on: carriers ?? [] }] : [],
      ),
    ],
    others: of(built.filter((box) => !isCabinet(box) && (!box.kind.flat || ON_WALLS.has(box.kind.group)))),
  };
}
