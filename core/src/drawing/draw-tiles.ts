import { styleOf, type Design } from '../document/design';
import { remember } from '../document/remember';
import type { Point } from '../geometry/point';
import type { Polygon } from '../geometry/polygon';
import { zoneRegion } from '../tile/zones/zone-areas';
import type { Laid } from '../tile/lay';
import type { Reveal } from '../tile/zones/reveals';
import { tiledZones, type TiledZone } from '../tile/zones/zone-laying';
import { FLOOR_KEY } from '../tile/zones/zone-surface';
import { usualCut } from './plan-cut';
import { WEIGHT, type Primitive } from './primitives';

/** The tiles of the floor in plan. */
export const drawFloorTiles = (design: Design): Primitive[] =>
  marksOf(tiledZones(design).filter(({ surface }) => surface.key === FLOOR_KEY));

/** The tiles on top of items or of fixed things in plan, no higher than it is cut. */
export function drawTopTiles(design: Design, of: 'fixed' | 'item'): Primitive[] {
  const cut = usualCut(styleOf(design).unit);
  return marksOf(
    tiledZones(design).filter(
      ({ surface: { side, turn } }) =>
        side && turn !== null && side.frame.origin[2] <= cut && 'fixed' in side.called === (of === 'fixed'),
    ),
  );
}

/** The tiles of a face and of the backs of its niches: along it from its left end, and up. */
export const drawFaceTiles = (design: Design, face: string): Primitive[] =>
  marksOf(
    tiledZones(design).filter(
      ({ surface }) => surface.key === face || (surface.face?.id === face && surface.reveal?.side === 'back'),
    ),
  );

function marksOf(zones: readonly TiledZone[]): Primitive[] {
  return zones.flatMap(({ tiled, rings, surface }) => {
    if (!tiled.ok) return [];
    const { turn } = surface;
    return drawn(tiled.value.laid, {
      placement: turn === null ? null : { ...surface.toPlan({ x: 0, y: 0 }), turn },
      zero: surface.reveal ? middleOf(surface.reveal) - surface.reveal.wide / 2 : surface.zero,
      up: surface.reveal ? surface.reveal.opening.record.sill : 0,
      rings,
    });
  });
}

/** A back is as wide as its hole is straight across: on a bent face less than that takes of it. */
const middleOf = ({ opening: { left, right } }: Reveal): number => (left + right) / 2;

/** Where the places of a zone are on its drawing. */
interface On {
  placement: { x: number; y: number; turn: number } | null;
  zero: number;
  up: number;
  /** What the zone takes. */
  rings: readonly Polygon[];
}

/** Of more pieces than this nobody sees the joints on a drawing of the whole room: the zone's outline stands for them. */
export const MOST_DRAWN = 6_000;

/** The outlines of all pieces as one mark, or that of the zone where they are too many: the very same one for the same tiles in the same place. */
const drawn = remember(({ pieces }: Laid, { placement, zero, up, rings }: On): Primitive => {
  const at = placement ? inPlan(placement) : ({ x, y }: Point): Point => ({ x: x + zero, y: y + up });
  const outlines =
    pieces.length > MOST_DRAWN ? zoneRegion(rings) : pieces.flatMap((piece) => piece.outline());
  return {
    ...{ type: 'path', layer: 'tiles', closed: true, weight: WEIGHT.thin, ink: 'faint' },
    rings: outlines.map((ring) => ring.map(at)),
  };
});

function inPlan({ x: left, y: top, turn }: { x: number; y: number; turn: number }): (at: Point) => Point {
  const [c, s] = [Math.cos(turn), Math.sin(turn)];
  return ({ x, y }) => ({ x: left + x * c - y * s, y: top + x * s + y * c });
}
