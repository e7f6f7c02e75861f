import DxfParser, {
  type IArcEntity,
  type ICircleEntity,
  type IDxf,
  type IEntity,
  type IInsertEntity,
  type ILineEntity,
  type ILwpolylineEntity,
  type IPolylineEntity,
} from 'dxf-parser';
import { add, direction, distance, scale, type Point } from '../geometry/point';
import { saidBy } from '../reasons';
import { ok, refuse, type Result } from '../result';

/** Steps of a full circle. */
const STEPS = 72;
/** Blocks in blocks go no deeper than this. */
const DEEPEST = 8;
/** So many places at most are read, each thing drawn counted as one more: blocks in blocks can make many of few. */
const MOST_PLACES = 500_000;
/** Millimetres a unit of the header's INSUNITS stands for. */
const mmPerUnit: Record<number, number> = { 1: 25.4, 2: 304.8, 4: 1, 5: 10, 6: 1000 };

/** The lines of a drawing, in its own units, y upwards. */
export interface DxfLines {
  lines: readonly (readonly Point[])[];
  /** Millimetres a unit, where the drawing says. */
  mmPerUnit: number | null;
}

type Line = readonly Point[];
type Place = (point: Point) => Point;

/**
 * Reads the lines of a DXF drawing: lines, polylines with their bulges, arcs, circles, and blocks of them; a closed polyline ends
 * where it starts. Refused when it is no DXF, or has none of these.
 */
export function dxfLines(text: string): Result<DxfLines> {
  let drawing: IDxf | null;
  try {
    drawing = new DxfParser().parseSync(text);
  } catch (error) {
    return refuse('dxf-unreadable', { reason: saidBy(error) });
  }
  const budget = { left: MOST_PLACES };
  const lines = drawing
    ? linesOf(drawing.entities ?? [], { drawing, place: (point) => point, depth: 0, budget })
    : [];
  if (budget.left < 0)
    return refuse('dxf-unreadable', { reason: { because: 'too-many-places', most: MOST_PLACES } });
  if (lines.length === 0) return refuse('dxf-unreadable', { reason: 'no-lines' });
  return ok({ lines, mmPerUnit: mmPerUnit[Number(drawing?.header?.['$INSUNITS'] ?? 0)] ?? null });
}

interface Within {
  drawing: IDxf;
  /** Where what is drawn here comes to lie. */
  place: Place;
  /** In how many blocks it lies. */
  depth: number;
  /** How many places may yet be read; negative when there were more. */
  budget: { left: number };
}

/** What is read is not known to be whole: what has no place, or none that is a number, is no line. */
const isPlace = (point: Partial<Point> | undefined): point is Point =>
  Number.isFinite(point?.x) && Number.isFinite(point?.y);
const ORIGIN: Point = { x: 0, y: 0 };

function linesOf(entities: readonly IEntity[], within: Within): Line[] {
  const { drawing, place, depth, budget } = within;
  return entities.flatMap((entity): Line[] => {
    budget.left -= 1;
    if (budget.left < 0) return [];
    const line = lineOf(entity);
    if (line) {
      budget.left -= line.length;
      if (budget.left < 0 || line.length < 2) return [];
      const placed = line.map(place);
      return placed.every(isPlace) ? [placed] : [];
    }
    if (entity.type !== 'INSERT' || depth >= DEEPEST) return [];
    const insert = entity as IInsertEntity;
    const block = drawing.blocks?.[insert.name];
    if (!block || !isPlace(insert.position)) return [];
    const base = isPlace(block.position) ? block.position : ORIGIN;
    const inner: Place = (point) => place(inserted(insert, base, point));
    return linesOf(block.entities ?? [], { ...within, place: inner, depth: depth + 1 });
  });
}

/** The line something drawn is, without places where it is not whole; null where it is no line. */
function lineOf(entity: IEntity): Point[] | null {
  switch (entity.type) {
    case 'LINE':
      return wholeOf((entity as ILineEntity).vertices);
    case 'LWPOLYLINE':
    case 'POLYLINE':
      return polyline(entity as ILwpolylineEntity | IPolylineEntity);
    case 'CIRCLE': {
      const { center, radius } = entity as ICircleEntity;
      if (!isPlace(center)) return [];
      return arc(center, radius, 0, 2 * Math.PI);
    }
    case 'ARC': {
      const { center, radius, startAngle, endAngle } = entity as IArcEntity;
      if (!isPlace(center)) return [];
      const sweep = (((endAngle - startAngle) % (2 * Math.PI)) + 2 * Math.PI) % (2 * Math.PI);
      return arc(center, radius, startAngle, sweep);
    }
    default:
      return null;
  }
}

/** The places of a line, none where one of them is missing. */
function wholeOf<P extends Point>(vertices: readonly P[] | undefined): P[] {
  return vertices?.every(isPlace) ? [...vertices] : [];
}

/** Where a point of a block comes to lie: scaled, turned, moved. */
function inserted(
  { position, xScale = 1, yScale = 1, rotation = 0 }: IInsertEntity,
  base: Point,
  point: Point,
): Point {
  const turn = (rotation * Math.PI) / 180;
  const [x, y] = [(point.x - base.x) * xScale, (point.y - base.y) * yScale];
  return add(position, {
    x: x * Math.cos(turn) - y * Math.sin(turn),
    y: x * Math.sin(turn) + y * Math.cos(turn),
  });
}

/** The places of a polyline; a vertex with a bulge (the tangent of a quarter of the arc's angle) starts an arc. */
function polyline({ vertices, shape }: ILwpolylineEntity | IPolylineEntity): Point[] {
  const whole = wholeOf<Point & { bulge?: unknown }>(vertices);
  const ends = shape && whole.length > 1 ? [...whole, whole[0]!] : whole;
  return ends.flatMap((vertex, index): Point[] => {
    const next = ends[index + 1];
    const bulge = Number(vertex.bulge ?? 0);
    if (!next || !bulge) return [vertex];
    const chord = distance(vertex, next);
    if (chord === 0) return [vertex];
    const sweep = 4 * Math.atan(bulge);
    const radius = chord / (2 * Math.sin(sweep / 2));
    const along = Math.atan2(next.y - vertex.y, next.x - vertex.x);
    const centre = add(vertex, scale(direction(along + Math.PI / 2 - sweep / 2), radius));
    return arc(centre, Math.abs(radius), Math.atan2(vertex.y - centre.y, vertex.x - centre.x), sweep);
  });
}

function arc(centre: Point, radius: number, from: number, sweep: number): Point[] {
  const parts = Math.max(2, Math.ceil((Math.abs(sweep) / (2 * Math.PI)) * STEPS));
  return Array.from({ length: parts + 1 }, (_, index) =>
    add(centre, scale(direction(from + (sweep * index) / parts), radius)),
  );
}
