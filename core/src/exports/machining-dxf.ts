import {
  DxfWriter,
  LWPolylineFlags,
  point2d,
  point3d,
  TextHorizontalAlignment,
  TextVerticalAlignment,
  Units,
} from '@tarikjabiri/dxf';
import type { Point } from '../geometry/point';
import { rectangleAt } from '../shop/parts/part-outline';
import type { SlabLayout } from '../shop/templates/slab-layout';
import type { Template } from '../shop/templates/templates';
import { toRadians } from '../units/angles';
import { templateWords } from '../wording/shop-words';
import { pieceWork, type PlacedWork } from '../shop/machines/placed-work';
import type { WorkPiece } from '../shop/machines/work-piece';

/** The number of the colour a program shows a layer in: its own ink, whatever its ground. */
const WHITE_OR_BLACK = 7;
/** Letters of a part's name, mm, and the share of its narrower side that they take at the most. */
const TEXT_HIGH = 20;
/** Strokes of the cross where a service comes through reach so far from its middle, mm. */
const CROSS = 20;
const TEXT_SHARE = 0.3;

/** A length in a layer's name, where a point is not allowed. */
const told = (mm: number): string => String(Number(mm.toFixed(2))).replace('.', 'P');

/** A drawing in true millimetres whose layers say what is made there and how deep. */
class ShopDxf {
  readonly #dxf = new DxfWriter();
  readonly #layers = new Set<string>();
  /** Where what is drawn lies: its own places, unless it is said. */
  place: (at: Point) => Point = (at) => at;

  constructor() {
    this.#dxf.setUnits(Units.Millimeters);
  }

  #layer(name: string): { layerName: string } {
    if (!this.#layers.has(name)) this.#dxf.addLayer(name, WHITE_OR_BLACK, 'Continuous');
    this.#layers.add(name);
    return { layerName: name };
  }

  ring(layer: string, ring: readonly Point[]): void {
    const corners = ring.map(this.place).map(({ x, y }) => ({ point: point2d(x, y) }));
    this.#dxf.addLWPolyline(corners, { ...this.#layer(layer), flags: LWPolylineFlags.Closed });
  }

  /** An outline whose sides may be arcs: each corner with how far the side from it turns, radians, to the left positive. */
  turning(layer: string, corners: readonly { at: Point; sweep: number }[]): void {
    const vertices = corners.map(({ at, sweep }) => {
      const { x, y } = this.place(at);
      return { point: point2d(x, y), bulge: Math.tan(sweep / 4) };
    });
    this.#dxf.addLWPolyline(vertices, { ...this.#layer(layer), flags: LWPolylineFlags.Closed });
  }

  hole(layer: string, at: Point, size: number): void {
    const { x, y } = this.place(at);
    this.#dxf.addCircle(point3d(x, y, 0), size / 2, this.#layer(layer));
  }

  text(layer: string, at: Point, high: number, text: string): void {
    const { x, y } = this.place(at);
    const place = point3d(x, y, 0);
    this.#dxf.addText(place, high, text, {
      ...this.#layer(layer),
      horizontalAlignment: TextHorizontalAlignment.Center,
      verticalAlignment: TextVerticalAlignment.Middle,
      secondAlignmentPoint: place,
    });
  }

  /** The outline of a part, and what is made from above; how thick it is says how deep the outline goes. */
  work({ id, outline, bores, pockets }: PlacedWork, thick: number): void {
    this.ring(`OUTLINE_DEEP_${told(thick)}`, outline);
    for (const { at, size, depth } of bores) this.hole(`HOLE_${told(size)}_DEEP_${told(depth)}`, at, size);
    for (const { type, at, size, depth } of pockets)
      this.ring(`${type.toUpperCase()}_DEEP_${told(depth)}`, rectangleAt(at.x, at.y, ...size));
    const [xs, ys] = [outline.map(({ x }) => x), outline.map(({ y }) => y)];
    const [left, right, low, top] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
    const high = Math.min(TEXT_HIGH, TEXT_SHARE * Math.min(right - left, top - low));
    this.text('NAME', { x: (left + right) / 2, y: (low + top) / 2 }, high, id);
  }

  written(): string {
    return this.#dxf.stringify();
  }
}

/**
 * A part as it is cut, the face most is made from up: its outline, its holes and grooves, each on a layer that says what it is and how deep; on layers BELOW_… what is
 * made from the other face, as it lies under this one; on EDGE_… the holes in its edges. True millimetres.
 */
export function writePieceDxf(id: string, piece: WorkPiece): string {
  const dxf = new ShopDxf();
  const { width, length } = piece;
  dxf.work(pieceWork(id, piece, 'up'), piece.thick);
  for (const { at, size, depth } of piece.down.bores)
    dxf.hole(`BELOW_HOLE_${told(size)}_DEEP_${told(depth)}`, { x: at.x, y: width - at.y }, size);
  for (const { type, at, size, depth } of piece.down.pockets)
    dxf.ring(
      `BELOW_${type.toUpperCase()}_DEEP_${told(depth)}`,
      rectangleAt(at.x, width - at.y - size[1], ...size),
    );
  for (const { edge, along, below, size, depth } of piece.edges) {
    const layer = `EDGE_HOLE_${told(size)}_DEEP_${told(depth)}_UNDER_${told(below)}`;
    const from = along - size / 2;
    const box = {
      left: rectangleAt(0, from, depth, size),
      right: rectangleAt(length - depth, from, depth, size),
      low: rectangleAt(from, 0, size, depth),
      high: rectangleAt(from, width - depth, size, depth),
    }[edge];
    dxf.ring(layer, box);
  }
  return dxf.written();
}

/** A nested sheet with all its parts as they lie, and what is made of each from above; what is trimmed off. True millimetres. */
export function writeNestDxf(
  works: readonly PlacedWork[],
  { size: [l, w], trim, thick }: { size: readonly [number, number]; trim: number; thick: number },
): string {
  const dxf = new ShopDxf();
  dxf.ring('SHEET', rectangleAt(0, 0, l, w));
  if (trim > 0) dxf.ring('TRIM', rectangleAt(trim, trim, l - 2 * trim, w - 2 * trim));
  for (const work of works) dxf.work(work, thick);
  return dxf.written();
}

/** A piece of a top, waterfall or splash: its outline and its cut-outs with true arcs, on layers of their own; a line along each edge that is worked or mitred, on a layer that says how; crosses where services come through. True millimetres. */
export function writeTemplateDxf(template: Template): string {
  const dxf = new ShopDxf();
  drawTemplate(dxf, template);
  return dxf.written();
}

/** A slab with the pieces that are cut from it, as they lie, each as in its own drawing. True millimetres. */
export function writeSlabDxf(
  { case: { stock }, slabs }: Pick<SlabLayout, 'case' | 'slabs'>,
  slab: number,
  pieces: readonly Template[],
): string {
  const dxf = new ShopDxf();
  const { l, w } = stock[0]!;
  dxf.ring('SLAB', rectangleAt(0, 0, l, w));
  for (const { id, x, y, turned } of slabs[slab]!.parts) {
    const template = pieces[Number(id)]!;
    const corners = template.edges.map(({ from }) => from);
    const [left, low] = ([0, 1] as const).map((axis) => Math.min(...corners.map((from) => from[axis])));
    // Turned by a quarter to the left, as the slab is drawn.
    dxf.place = (at) =>
      turned
        ? { x: x + template.width - (at.y - low!), y: y + at.x - left! }
        : { x: x + at.x - left!, y: y + at.y - low! };
    drawTemplate(dxf, template);
  }
  return dxf.written();
}

function drawTemplate(dxf: ShopDxf, template: Template): void {
  const { edges, cutOuts, services = [], length, width } = template;
  dxf.turning(
    'OUTLINE',
    edges.map(({ from: [x, y], arc }) => ({ at: { x, y }, sweep: toRadians(arc?.sweep ?? 0) })),
  );
  for (const { from, to, arc, profile } of edges)
    if (profile && !arc)
      dxf.ring(
        `EDGE_${profile.toUpperCase()}`,
        [from, to].map(([x, y]) => ({ x, y })),
      );
  for (const { from, to, mitre } of edges)
    if (mitre !== undefined)
      dxf.ring(
        'MITRE',
        [from, to].map(([x, y]) => ({ x, y })),
      );
  for (const {
    type,
    at: [x, y],
  } of services)
    for (const [dx, dy] of [
      [CROSS, 0],
      [0, CROSS],
    ] as const)
      dxf.ring(`SERVICE_${type.toUpperCase()}`, [
        { x: x - dx, y: y - dy },
        { x: x + dx, y: y + dy },
      ]);
  for (const {
    centre: [x, y],
    size: [w, h],
    radius,
    use,
  } of cutOuts) {
    const r = Math.min(radius, w / 2, h / 2);
    const [left, right, low, high] = [x - w / 2, x + w / 2, y - h / 2, y + h / 2];
    const layer = `CUT_OUT_${use.toUpperCase()}`;
    if (r < 1e-6) {
      dxf.ring(layer, rectangleAt(left, low, w, h));
      continue;
    }
    const round = Math.PI / 2;
    const all: [number, number, number][] = [
      [left + r, low, 0],
      [right - r, low, round],
      [right, low + r, 0],
      [right, high - r, round],
      [right - r, high, 0],
      [left + r, high, round],
      [left, high - r, 0],
      [left, low + r, round],
    ];
    // Where a side is no longer than its corners there is nothing between them.
    const apart = all.filter(([px, py], index) => {
      const [qx, qy] = all[(index + 1) % all.length]!;
      return Math.hypot(qx - px, qy - py) > 1e-6;
    });
    dxf.turning(
      layer,
      apart.map(([px, py, sweep]) => ({ at: { x: px, y: py }, sweep })),
    );
  }
  dxf.text('NAME', { x: length / 2, y: width / 2 }, TEXT_HIGH, templateWords.mark(template));
}
