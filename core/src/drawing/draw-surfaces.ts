import type { Design } from '../document/design';
import type { TrimUse } from '../document/limits';
import type { Point } from '../geometry/point';
import { splashes } from '../surfaces/splashes';
import { tops } from '../surfaces/tops';
import { trimAt } from '../surfaces/trim-piece';
import { shapeReach } from '../surfaces/trim-profiles';
import { trims } from '../surfaces/trims';
import { waterfalls } from '../surfaces/waterfalls';
import { drawFloorTiles, drawTopTiles } from './draw-tiles';
import type { DrawSurfaces } from './plan-with';
import type { PlanMode } from './plan-cut';
import { DASH, line, WEIGHT, type Primitive } from './primitives';

/** The surfaces of a room in plan: the tiles of the floor; tops with what stands on them and falls from them, their tiles, and trims; tiles on fixed things. */
export const drawSurfaces: DrawSurfaces = (design, mode, wanted) => {
  const isTiled = wanted('tiles') && mode !== 'ceiling';
  return {
    under: isTiled ? drawFloorTiles(design) : [],
    over: [
      ...(wanted('tops') && mode !== 'ceiling' ? drawTops(design) : []),
      ...(isTiled ? drawTopTiles(design, 'item') : []),
      ...(wanted('trims') ? drawTrims(design, mode) : []),
    ],
    onFixed: isTiled ? drawTopTiles(design, 'fixed') : [],
  };
};

/** The outlines of the countertops, of the splashes on them, and, dashed, of where they go down to the floor. */
function drawTops(design: Design): Primitive[] {
  const rings = (of: readonly (readonly Point[])[], weight: number): Primitive => ({
    ...{ type: 'path', layer: 'tops', rings: of, closed: true, weight, ink: 'top' },
  });
  const standing = splashes(design).map(({ pieces }) => pieces.map(({ footprint }) => footprint));
  const falling = [...waterfalls(design).values()].flat().map(({ footprint }) => footprint);
  return [
    ...tops(design).map(({ outline }) => rings(outline, WEIGHT.top)),
    ...standing.filter((pieces) => pieces.length > 0).map((pieces) => rings(pieces, WEIGHT.thin)),
    ...falling.map((footprint) => ({ ...rings([footprint], WEIGHT.thin), dash: DASH })),
  ];
}

/** The trims in plan: skirtings and cappings where they are; cornices dashed over what they are on; looked up at, cornices and coves. */
function drawTrims(design: Design, mode: PlanMode): Primitive[] {
  const shown: readonly TrimUse[] =
    mode === 'ceiling'
      ? ['cornice', 'cove']
      : mode === 'base'
        ? ['skirting', 'capping']
        : ['skirting', 'capping', 'cornice'];
  return trims(design)
    .filter(({ use }) => shown.includes(use))
    .map((piece) => {
      const { out } = shapeReach(piece.shape);
      const edge = piece.path.map((_, index) => trimAt(piece, index, out));
      const dash = piece.use === 'cornice' && mode !== 'ceiling' ? DASH : undefined;
      return line('trims', edge, WEIGHT.thin, 'faint', dash);
    });
}
