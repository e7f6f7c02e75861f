import type { Design } from '../../document/design';
import { dot } from '../../geometry/point';
import { builtAgainst, itemBoxes, type ItemBox } from '../../setting/item-box';
import { solidsOf } from '../../solids/solids';
import { roomShape } from '../../survey/room-shape';
import { ownDimensions, uprightView } from '../dimensions/own-dimensions';
import { drawViewChains } from '../dimensions/view-chains';
import { labelWays } from '../labels/label-ways';
import { drawingBounds } from '../plan-with';
import type { Layer, Primitive } from '../primitives';
import { seenBefore } from './draw-bodies';
import { drawLevels, levelsOf, levelsOn, wallLevels, type Level } from './levels';
import { SQUARE, type ViewFrame } from './view-frame';
import { drawView, frameOf, type RoomView } from './views';

/** A view with its dimensions and level markers, to stand alone. */
export function drawSingleView(design: Design, view: RoomView, scale: number): Primitive[] {
  const frame = frameOf(design, view);
  // What a person has put on it stands where that was put: all else is written clear of it.
  const own = ownDimensions(design, uprightView(view.id, frame), scale);
  const marks = drawView(design, view, scale, 'paper', { marks: own, ways: labelWays(design, view.id) });
  const extent = drawingBounds(
    marks.filter(({ layer }) => !WRITTEN.has(layer)),
    scale,
  );
  const shown = { view, frame, boxes: dimensionedIn(design, view, frame) };
  const chains = drawViewChains(design, shown, { marks: [...marks, ...own], extent, scale });
  const all = [...marks, ...chains, ...own];
  const { left } = drawingBounds(all, scale);
  return [...all, ...drawLevels(design, levelsIn(design, view), left, scale)];
}

/** Layers of what is written on a view, which may stand beside it. */
const WRITTEN: ReadonlySet<Layer> = new Set<Layer>(['labels', 'numbers', 'services', 'levels', 'dimensions']);

/** What a view is dimensioned by: what stands against its face, what its side is of, or the fronts that a section sees. */
function dimensionedIn(design: Design, view: RoomView, frame: ViewFrame): readonly ItemBox[] {
  if (view.of === 'face') return builtAgainst(design, view.face.id);
  const shown = new Set(seenBefore(frame, solidsOf(design)).map(({ id }) => id));
  if (view.of === 'side') {
    const { only, record } = view.side;
    return itemBoxes(design).filter(({ id }) => (only ? only.has(id) : id !== record.id && shown.has(id)));
  }
  const { n } = view.section;
  return itemBoxes(design).filter((box) => shown.has(box.id) && dot(box.n, n) > SQUARE);
}

/** The heights called out beside a view. */
function levelsIn(design: Design, view: RoomView): Level[] {
  if (view.of === 'face') return levelsOn(design, [view.face]);
  const frame = frameOf(design, view);
  const shown = new Set(seenBefore(frame, solidsOf(design)).map(({ id }) => id));
  const boxes = itemBoxes(design).filter(({ id }) => shown.has(id));
  const [left, right] = [frame.above[0]!.y, frame.above.at(-1)!.y];
  if (view.of === 'side') {
    const { only } = view.side;
    if (only)
      return levelsOf(
        design,
        boxes.filter(({ id }) => only.has(id)),
        [],
      );
    return levelsOf(design, boxes, [{ height: left, name: 'top-of-wall' }]);
  }
  const halfWalls = roomShape(design)
    .faces.flatMap(wallLevels)
    .filter(({ name }) => name === 'half-wall');
  const ceilings = [left, right].map((height) => ({ height, name: 'ceiling' as const }));
  return levelsOf(design, boxes, [...halfWalls, ...ceilings]);
}
