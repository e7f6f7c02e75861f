import type { Design } from '../../document/design';
import { remember } from '../../document/remember';
import type { Point } from '../../geometry/point';
import type { Laid } from '../../tile/lay';
import type { SurfaceFrame } from '../../tile/zones/surface-frame';
import { zoneRegion } from '../../tile/zones/zone-areas';
import { tiledZones } from '../../tile/zones/zone-laying';
import { MOST_DRAWN } from '../draw-tiles';
import { WEIGHT, type Primitive } from '../primitives';
import type { Bodies } from './draw-bodies';
import { seenOf } from './hidden';
import type { Panel } from './panels';
import type { ViewFrame } from './view-frame';

/** What tiles an upright side of a thing: from its left end, in plan, and its foot, their outlines along it and up, mm. */
export interface TiledSide {
  thing: string;
  from: Point;
  way: Point;
  low: number;
  outlines: readonly (readonly Point[])[];
}

/** The tiled upright sides of things: the very same ones for the same tiles in the same place. */
export const tiledSides = (design: Design): readonly TiledSide[] =>
  tiledZones(design).flatMap(({ tiled, rings, surface: { side, turn } }) => {
    if (!tiled.ok || !side || turn !== null) return [];
    const { laid } = tiled.value;
    const outline = laid.pieces.length > MOST_DRAWN ? zoneRegion(rings) : null;
    return [tiledSide(laid, { thing: side.upon.thing, frame: side.frame, outline })];
  });

const tiledSide = remember(
  (
    { pieces }: Laid,
    {
      thing,
      frame,
      outline,
    }: { thing: string; frame: SurfaceFrame; outline: readonly (readonly Point[])[] | null },
  ): TiledSide => {
    const {
      origin: [x, y, low],
      right,
    } = frame;
    return {
      ...{ thing, low },
      from: { x, y },
      way: { x: right[0], y: right[1] },
      outlines: outline ?? pieces.flatMap((piece) => piece.outline()),
    };
  },
);

/** A panel is that of a side where it begins and is as narrow as it, mm and share. */
const SAME = 0.01;

/** The tiles of the sides of things that a view shows, as far as nothing stands before them. */
export function drawThingTiles(
  frame: ViewFrame,
  { panels, hiding }: Bodies,
  sides: readonly TiledSide[],
): Primitive[] {
  return sides.flatMap(({ thing, from, way, low, outlines }) => {
    const start = frame.project(from).along;
    const shrink = frame.project({ x: from.x + way.x, y: from.y + way.y }).along - start;
    const isOf = (panel: Panel) =>
      panel.solid.id === thing &&
      !panel.section &&
      Math.abs(panel.from - start) < SAME &&
      Math.abs(panel.shrink - shrink) < SAME;
    return panels.filter(isOf).map((panel): Primitive => {
      const covers = hiding(panel);
      const at = ({ x, y }: Point): Point => ({
        x: Math.max(panel.left, Math.min(panel.right, start + x * shrink)),
        y: low + y,
      });
      const rings = outlines.flatMap((ring) =>
        ring.flatMap((a, index) => {
          const [p, q] = [at(a), at(ring[(index + 1) % ring.length]!)];
          return p.x === q.x && (p.x === panel.left || p.x === panel.right) ? [] : seenOf(p, q, covers);
        }),
      );
      return { type: 'path', layer: 'tiles', rings, closed: false, weight: WEIGHT.thin, ink: 'faint' };
    });
  });
}
