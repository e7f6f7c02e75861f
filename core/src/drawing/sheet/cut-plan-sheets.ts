import { styleOf, type Design } from '../../document/design';
import { boundsOf, type Polygon } from '../../geometry/polygon';
import { lostOf, type PlannedPiece, type PlannedTile } from '../../tile/zones/cut-plan';
import { formatLength } from '../../units/format-length';
import { tileWords } from '../../wording/drawing-words';
import { labelled } from '../labels/labelled';
import type { Label } from '../labels/place-labels';
import { lineSize } from '../labels/text-label';
import { TEXT, WEIGHT, type Ink, type Primitive } from '../primitives';
import { fieldOf } from './sheet-frame';
import type { Page } from './sheet-format';
import { point, text } from './sheet-marks';

/** A sketch is so wide with the space beside it, paper mm; so large a tile is drawn in it at most. */
const CELL = 62;
const SKETCH = { wide: 54, high: 32 };
/** What is said under a sketch begins so far under it, line by line; and so much is left under that. */
const UNDER = 5;
const LINE = 3.6;
const APART = 6;

/** Sketches of the tiles that are cut for a zone, sheet by sheet: what is cut from each, its numbers those of the zone's drawing, its extents, and how many are cut alike. */
export function cutPlanMarks(design: Design, page: Page, tiles: readonly PlannedTile[]): Primitive[][] {
  if (tiles.length === 0) return [];
  const field = fieldOf(page);
  const columns = Math.max(1, Math.floor((field.right - field.left) / CELL));
  const ratio = Math.max(...tiles.map(({ tile }) => Math.max(tile.w / SKETCH.wide, tile.h / SKETCH.high)));
  const sheets: Primitive[][] = [];
  let top = -Infinity;
  for (let from = 0; from < tiles.length; from += columns) {
    const row = tiles.slice(from, from + columns);
    const high = SKETCH.high + UNDER + (Math.max(...row.map(({ pieces }) => pieces.length)) + 1) * LINE;
    if (top - high < field.bottom) {
      sheets.push([]);
      top = field.top;
    }
    for (const [index, tile] of row.entries())
      sheets.at(-1)!.push(...sketch(design, tile, { left: field.left + index * CELL, top, ratio }));
    top -= high + APART;
  }
  return sheets;
}

function sketch(
  design: Design,
  planned: PlannedTile,
  { left, top, ratio }: { left: number; top: number; ratio: number },
): Primitive[] {
  const { tile, outline, pieces, alike } = planned;
  const bottom = top - SKETCH.high;
  const onPaper = (ring: Polygon) => ring.map(({ x, y }) => ({ x: left + x / ratio, y: bottom + y / ratio }));
  const say = (mm: number) => formatLength(mm, styleOf(design));
  const path = (rings: readonly Polygon[], weight: number, fill?: Ink): Primitive => ({
    ...{ type: 'path', layer: 'sheet', rings: rings.map(onPaper), closed: true, weight, ink: 'drawing' },
    ...(fill && { fill }),
  });
  const words = [
    tileWords.alike(alike.length, say(tile.w), say(tile.h)),
    ...pieces.map(({ number, w, h }) => tileWords.piece(number, say(w), say(h))),
    tileWords.lost(Math.max(0, lostOf(planned))),
  ];
  const marks = [
    path([outline], WEIGHT.top),
    ...pieces.map((piece) => path(piece.outline, WEIGHT.object, 'water')),
    ...words.map((said, row) => text(said, left, bottom - UNDER - row * LINE, TEXT.small, row === 0)),
  ];
  const numbers = pieces.map((piece) => numberLabel(piece, onPaper));
  return [...marks, ...labelled(numbers, marks, { scale: 1, medium: 'paper' })];
}

/** Shares of the extent of a piece at which its number may stand. */
const WITHIN = [0.5, 0.3, 0.7] as const;

/** The number of a piece within it, where it has room there: what is said under the sketch gives its size. */
function numberLabel({ number, outline, label }: PlannedPiece, onPaper: (ring: Polygon) => Polygon): Label {
  const { left, right, bottom, top } = boundsOf(outline.flatMap((ring) => onPaper(ring)));
  const words = String(number);
  const [middle] = onPaper([label]);
  const others = WITHIN.flatMap((up) =>
    WITHIN.map((across) => ({ at: point(left + (right - left) * across, bottom + (top - bottom) * up) })),
  );
  const size = lineSize(words, TEXT.small, 1, true);
  const fits = right - left >= size.width && top - bottom >= size.height;
  return {
    ...{ layer: 'sheet', spare: true, ...size },
    places: fits ? [{ at: middle! }, ...others] : [],
    further: () => [],
    draw: ({ at }) => [text(words, at.x, at.y, TEXT.small, true, 'middle')],
  };
}
