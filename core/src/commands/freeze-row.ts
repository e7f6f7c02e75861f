import { recordOf, type Design } from '../document/design';
import { patchOf } from '../document/patch';
import type { DimensionEnd, DimensionRecord, RowWayRecord } from '../document/records';
import { endsIn, placeOfEnd } from '../drawing/dimensions/ends';
import type { OwnView } from '../drawing/dimensions/own-dimensions';
import { figureRow, PLAN, rowWay } from '../drawing/dimensions/row-ways';
import { drawSingleView } from '../drawing/elevation/single-view';
import { roomViews } from '../drawing/elevation/views';
import { ownView } from '../drawing/own-views';
import { drawPlan } from '../drawing/plan';
import type { Measured } from '../drawing/primitives';
import { distance, dot, subtract, unit, type Point } from '../geometry/point';
import { refuse } from '../result';
import { quantise } from '../units/units';
import { guarded, type Command } from './command';

/** Ends nearer than this to where a row is parted are there, mm. */
const AT = 0.5;

/** Makes a row of dimensions that is drawn by itself, or one figure of it, one that a person has made: tied to the same things, in the same place, and the same whatever is set beside it. The scale is that of the drawing, mm of room to a mm of paper. */
export const freezeRow: Command<{
  ids: readonly [string, string];
  view: string;
  row: string;
  figure?: string;
  scale: number;
}> = {
  id: 'freeze-row',
  run(design, { ids: [id, wayId], view: viewId, row, figure, scale }) {
    const view = ownView(design, viewId);
    const figures = figuresOf(design, viewId, scale).filter(
      ({ of }) => of.row === row && (figure === undefined || of.figure === figure),
    );
    const [first] = figures;
    if (!view || !first) return refuse('record-missing', { id: row, what: 'thing' });
    const ends = frozenEnds(design, view, figures);
    if (!ends) return refuse('row-untied', {});
    const dimension: DimensionRecord = {
      ...{ kind: 'dimension', id, view: viewId, type: 'length', ends: ends.map(({ end }) => end) },
      ...measuredAlong(ends, first, scale),
    };
    const key = figure === undefined ? row : figureRow(row, figure);
    const before = rowWay(design, viewId, key);
    const way: RowWayRecord = {
      ...(before ?? { kind: 'row-way', id: wayId, view: viewId, row: key }),
      hidden: true,
    };
    return guarded(design, patchOf(design, [dimension, way]));
  },
};

function figuresOf(design: Design, id: string, scale: number): Measured[] {
  const view = roomViews(design).find((one) => one.id === id);
  const marks = id === PLAN ? drawPlan(design, scale) : view ? drawSingleView(design, view, scale) : [];
  return marks.flatMap((mark) => (mark.type === 'text' && mark.measured ? [mark.measured] : []));
}

interface Tied {
  end: DimensionEnd;
  at: Point;
}

/** What each place is tied to that a row is parted at: what it was measured from by itself, else what else ends there; null where nothing does. */
function frozenEnds(design: Design, view: OwnView, figures: readonly Measured[]): Tied[] | null {
  const known = endsIn(design, view.up === 'up' ? 'before' : 'above').flatMap((end): Tied[] => {
    const place = placeOfEnd(design, end);
    return place ? [{ end, at: view.project(place) }] : [];
  });
  const [a, b] = figures[0]!.line;
  const way = unit(subtract(b, a));
  const places = [
    { foot: figures[0]!.from, of: figures[0]!.of.from },
    ...figures.map(({ to, of }) => ({ foot: to, of: of.to })),
  ];
  const ends = places.map(({ foot, of }, index) => {
    const there = known.filter(({ at }) => Math.abs(dot(subtract(at, foot), way)) < AT);
    // The ends of a row along a face are its corners, so that it runs along it whatever its turn.
    const isOuter = index === 0 || index === places.length - 1;
    const rank = ({ end }: Tied) =>
      (isOuter && recordOf(design, 'face', end.of) ? 0 : 2) + (of.includes(end.of) ? 0 : 1);
    return there.sort((p, q) => rank(p) - rank(q) || distance(p.at, foot) - distance(q.at, foot))[0] ?? null;
  });
  return ends.every((end) => end !== null) ? ends : null;
}

/** The way a row is measured on its drawing, and how far to the left of that its line stands, mm on paper. */
function measuredAlong(
  ends: readonly Tied[],
  { line: [a, b] }: Measured,
  scale: number,
): Pick<DimensionRecord, 'off' | 'way'> {
  const along = unit(subtract(b, a));
  const way = Math.abs(along.y) < 1e-9 ? 'across' : Math.abs(along.x) < 1e-9 ? 'up' : 'aligned';
  // Lengths across and up are measured to the right and upwards, whichever way their row ran.
  const forth = way === 'aligned' || along.x + along.y > 0 ? along : { x: -along.x, y: -along.y };
  const left = { x: -forth.y, y: forth.x };
  return { way, off: quantise(dot(subtract(a, ends[0]!.at), left) / scale) };
}
