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
import { boundsOf } from '../geometry/polygon';
import { ok, refuse, type Result } from '../result';

/** A drawing as a picture to lay under a plan. */
export interface DxfPicture {
  /** An SVG image of its lines. */
  svg: string;
  pixelsWide: number;
  pixelsHigh: number;
  /** Millimetres a pixel, where the drawing says its units; else null: it has to be scaled. */
  mmPerPixel: number | null;
}

/** Pixels of the picture's longer side, and steps of a full circle. */
const SIZE = 2_000;
const STEPS = 72;
/** Blocks in blocks go no deeper than this. */
const DEEPEST = 8;
/** Millimetres a unit of the header's INSUNITS stands for. */
const mmPerUnit: Record<number, number> = { 1: 25.4, 2: 304.8, 4: 1, 5: 10, 6: 1000 };

type Line = readonly Point[];
type Place = (point: Point) => Point;

/**
 * Reads the lines of a DXF drawing: lines, polylines with their bulges, arcs, circles, and blocks of them. Refused when it is no
 * DXF, or has none of these.
 */
export function dxfPicture(text: string): Result<DxfPicture> {
  let drawing: IDxf | null;
  try {
    drawing = new DxfParser().parseSync(text);
  } catch (error) {
    return refuse('dxf-unreadable', { reason: error instanceof Error ? error.message : String(error) });
  }
  const lines = drawing ? linesOf(drawing.entities, drawing, (point) => point, 0) : [];
  const points = lines.flat();
  if (points.length === 0) return refuse('dxf-unreadable', { reason: 'it has no lines' });
  const { left, right, bottom, top } = boundsOf(points);
  const unitsPerPixel = Math.max(right - left, top - bottom) / SIZE;
  if (!(unitsPerPixel > 0)) return refuse('dxf-unreadable', { reason: 'it has no extent' });
  const pixels = (units: number) => Math.max(1, Math.round((units / unitsPerPixel) * 1000) / 1000);
  const wide = pixels(right - left);
  const high = pixels(top - bottom);
  const path = lines
    .map((line) =>
      line.map(
        ({ x, y }) => `${((x - left) / unitsPerPixel).toFixed(2)} ${((top - y) / unitsPerPixel).toFixed(2)}`,
      ),
    )
    .map((places) => `M${places.join('L')}`)
    .join('');
  const units = mmPerUnit[Number(drawing?.header?.['$INSUNITS'] ?? 0)];
  return ok({
    svg: `<svg xmlns="http://www.w3.org/2000/svg" width="${wide}" height="${high}" viewBox="0 0 ${wide} ${high}"><path d="${path}" fill="none" stroke="#22302f" stroke-width="2"/></svg>`,
    pixelsWide: wide,
    pixelsHigh: high,
    mmPerPixel: units ? units * unitsPerPixel : null,
  });
}

function linesOf(entities: readonly IEntity[], drawing: IDxf, place: Place, depth: number): Line[] {
  return entities.flatMap((entity): Line[] => {
    switch (entity.type) {
      case 'LINE':
        return [(entity as ILineEntity).vertices.map(place)];
      case 'LWPOLYLINE':
      case 'POLYLINE':
        return [polyline(entity as ILwpolylineEntity | IPolylineEntity).map(place)];
      case 'CIRCLE': {
        const { center, radius } = entity as ICircleEntity;
        return [arc(center, radius, 0, 2 * Math.PI).map(place)];
      }
      case 'ARC': {
        const { center, radius, startAngle, endAngle } = entity as IArcEntity;
        const sweep = (((endAngle - startAngle) % (2 * Math.PI)) + 2 * Math.PI) % (2 * Math.PI);
        return [arc(center, radius, startAngle, sweep).map(place)];
      }
      case 'INSERT': {
        const insert = entity as IInsertEntity;
        const block = drawing.blocks?.[insert.name];
        return block && depth < DEEPEST
          ? linesOf(
              block.entities ?? [],
              drawing,
              (point) => place(inserted(insert, block.position, point)),
              depth + 1,
            )
          : [];
      }
      default:
        return [];
    }
  });
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
  const ends = shape ? [...vertices, vertices[0]!] : vertices;
  return ends.flatMap((vertex, index): Point[] => {
    const next = ends[index + 1];
    const bulge = 'bulge' in vertex ? Number(vertex.bulge ?? 0) : 0;
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
