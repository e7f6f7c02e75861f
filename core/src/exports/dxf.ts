import {
  DxfWriter,
  HatchBoundaryPaths,
  HatchPolylineBoundary,
  HatchPredefinedPatterns,
  LWPolylineFlags,
  pattern,
  point2d,
  point3d,
  TextHorizontalAlignment,
  TextVerticalAlignment,
  TrueColor,
  Units,
  vertex,
  type CommonEntityOptions,
  type Entity,
} from '@tarikjabiri/dxf';
import { inkColours } from '../drawing/inks';
import { OVERSHOOT, TICK } from '../drawing/dimensions/rows';
import {
  WEIGHT,
  type ArcMark,
  type Ink,
  type Measured,
  type PathMark,
  type Primitive,
  type TextMark,
} from '../drawing/primitives';
import { add, distance, scale as times, subtract, unit, type Point } from '../geometry/point';
import { CAP_HEIGHT } from '../drawing/text-layout';
import { toDegrees } from '../units/angles';

/** The number of the colour a program shows a layer in: its own ink for what is drawn, whatever its ground. */
const WHITE_OR_BLACK = 7;

/** Grounds that only cover what lies behind; strokes are cut off there already. */
const COVERS: ReadonlySet<Ink> = new Set(['item', 'paper', 'water']);

/** What DXF takes as line weights, hundredths of a mm. */
const LINE_WEIGHTS = [0, 5, 9, 13, 15, 18, 20, 25, 30, 35, 40, 50, 53, 60, 70, 80, 90, 100] as const;
const lineWeight = (paper: number): number =>
  LINE_WEIGHTS.reduce((best, one) =>
    Math.abs(one - paper * 100) < Math.abs(best - paper * 100) ? one : best,
  );

/** What strokes and texts are written into: the drawing, or the block of a dimension. */
type Into = Pick<DxfWriter, 'addLine' | 'addText'>;

/**
 * A drawing as DXF in true millimetres: a layer for each layer of the drawing, dashes as line types, strokes with their weights, texts as texts as high as on paper at the
 * scale (room mm a paper mm), and every figure of dimensions as a dimension of its own with its lines and ticks, of the true length and with the printed text. What only covers the ground is left away.
 */
export function writeDxf(marks: readonly Primitive[], scale: number): string {
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Millimeters);
  for (const layer of new Set(marks.map((mark) => mark.layer)))
    dxf.addLayer(layerName(layer), WHITE_OR_BLACK, 'Continuous');
  const lineTypes = new Map<string, string>();
  let dimensions = 0;

  for (const mark of marks) {
    if (mark.type === 'text') {
      if (mark.measured) addDimension(mark, mark.measured);
      else addText(dxf, mark);
    } else if (mark.ofDimensions) continue;
    else if (mark.type === 'path') addPath(mark);
    else addArc(mark);
  }
  return dxf.stringify();

  function addPath(mark: PathMark): void {
    const rings = mark.rings.filter(({ length }) => length > 1);
    if (mark.fill && !COVERS.has(mark.fill) && rings.length > 0) {
      const boundary = new HatchBoundaryPaths();
      for (const ring of rings)
        boundary.addPolylineBoundary(new HatchPolylineBoundary(ring.map(({ x, y }) => vertex(x, y))));
      const solid = pattern({ name: HatchPredefinedPatterns.SOLID });
      dxf.addHatch(boundary, solid, optionsFor(mark.layer, mark.fill));
    }
    if (mark.weight === 0) return;
    const options = optionsFor(mark.layer, mark.ink, mark.dash);
    for (const ring of rings) {
      const [a, b] = ring;
      if (ring.length === 2) weighted(dxf.addLine(onPlane(a!), onPlane(b!), options), mark.weight);
      else
        weighted(
          dxf.addLWPolyline(
            ring.map(({ x, y }) => ({ point: point2d(x, y) })),
            { ...options, flags: mark.closed ? LWPolylineFlags.Closed : LWPolylineFlags.None },
          ),
          mark.weight,
        );
    }
  }

  function addArc({ centre, radius, from, sweep, layer, ink, dash, weight }: ArcMark): void {
    if (weight === 0) return;
    const options = optionsFor(layer, ink, dash);
    const at = onPlane(centre);
    if (Math.abs(sweep) >= 2 * Math.PI - 1e-9) weighted(dxf.addCircle(at, radius, options), weight);
    else {
      const [start, end] = sweep > 0 ? [from, from + sweep] : [from + sweep, from];
      weighted(dxf.addArc(at, radius, toDegrees(start), toDegrees(end), options), weight);
    }
  }

  function addText(into: Into, { at, text, size, anchor, turn, layer, ink }: TextMark): void {
    const { Left, Center, Right } = TextHorizontalAlignment;
    const place = onPlane(at);
    into.addText(place, size * CAP_HEIGHT * scale, text, {
      ...optionsFor(layer, ink),
      rotation: toDegrees(turn),
      horizontalAlignment: { start: Left, middle: Center, end: Right }[anchor],
      verticalAlignment: TextVerticalAlignment.Middle,
      secondAlignmentPoint: place,
    });
  }

  /** A linear dimension; programs show what its block holds: its line, ticks, extension lines and figure. */
  function addDimension(mark: TextMark, { from, to, line: [a, b] }: Measured): void {
    const name = `DIMENSION_${++dimensions}`;
    const block = dxf.addBlock(name);
    const options = optionsFor(mark.layer, mark.ink);
    const stroke = (p: Point, q: Point, weight: number) =>
      weighted(block.addLine(onPlane(p), onPlane(q), options), weight);
    const along = unit(subtract(b, a));
    stroke(a, b, WEIGHT.thin);
    for (const [foot, end] of [
      [from, a],
      [to, b],
    ] as const) {
      const off = distance(foot, end);
      const out = off > 1e-6 ? unit(subtract(end, foot)) : { x: -along.y, y: along.x };
      if (off > 1e-6) stroke(foot, add(end, times(out, OVERSHOOT * scale)), WEIGHT.thin);
      const tick = times(add(along, out), TICK * scale);
      stroke(subtract(end, tick), add(end, tick), WEIGHT.object);
    }
    addText(block, mark);
    dxf.addLinearDim(onPlane(from), onPlane(to), {
      ...{ ...options, blockName: name, definitionPoint: onPlane(b), middlePoint: onPlane(mark.at) },
      ...{ angle: toDegrees(Math.atan2(along.y, along.x)), text: mark.text, styleName: 'Standard' },
      ActualMeasurement: distance(a, b),
    });
  }

  function optionsFor(layer: string, ink: Ink, dash?: readonly number[]): CommonEntityOptions {
    const colour = String(TrueColor.fromHex(inkColours.print[ink]));
    return {
      layerName: layerName(layer),
      trueColor: colour,
      ...(dash ? { lineType: lineTypeOf(dash) } : {}),
    };
  }

  /** Dashes are drawn, gaps negative, in millimetres of the room. */
  function lineTypeOf(dash: readonly number[]): string {
    const key = dash.join(' ');
    let name = lineTypes.get(key);
    if (!name) {
      lineTypes.set(key, (name = `DASH_${lineTypes.size + 1}`));
      dxf.addLType(
        name,
        dash.map((_, index) => (index % 2 === 0 ? '_' : ' ')).join(''),
        dash.map((part, index) => (index % 2 === 0 ? part : -part) * scale),
      );
    }
    return name;
  }
}

const onPlane = ({ x, y }: Point) => point3d(x, y);

/** A stroke with its weight: the writer has no option for that, so it is put among what every entity says of itself. */
function weighted(entity: Entity, paper: number): void {
  const write = entity.dxfy.bind(entity);
  entity.dxfy = (dx) => {
    const mark = dx.subclassMarker.bind(dx);
    dx.subclassMarker = (marker) => {
      mark(marker);
      if (marker === 'AcDbEntity') dx.push(370, lineWeight(paper));
    };
    write(dx);
    dx.subclassMarker = mark;
  };
}

function layerName(layer: string): string {
  return layer.toUpperCase();
}
