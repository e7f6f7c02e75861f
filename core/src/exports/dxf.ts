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
} from '@tarikjabiri/dxf';
import { inkColours } from '../drawing/inks';
import type { ArcMark, Ink, PathMark, Primitive, TextMark } from '../drawing/primitives';
import { CAP_HEIGHT } from '../drawing/text-layout';
import { toDegrees } from '../units/angles';

/** The number of the colour a program shows a layer in: its own ink for what is drawn, whatever its ground. */
const WHITE_OR_BLACK = 7;

/** Grounds that only cover what lies behind; strokes are cut off there already. */
const COVERS: ReadonlySet<Ink> = new Set(['item', 'paper', 'water']);

/**
 * A drawing as DXF in true millimetres: a layer for each layer of the drawing, dashes as line types, texts as texts as high as on paper at the
 * scale (room mm a paper mm). What only covers the ground is left away.
 */
export function writeDxf(marks: readonly Primitive[], scale: number): string {
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Millimeters);
  for (const layer of new Set(marks.map((mark) => mark.layer)))
    dxf.addLayer(layerName(layer), WHITE_OR_BLACK, 'Continuous');
  const lineTypes = new Map<string, string>();

  for (const mark of marks) {
    if (mark.type === 'path') addPath(mark);
    else if (mark.type === 'arc') addArc(mark);
    else addText(mark);
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
      if (ring.length === 2) dxf.addLine(point3d(a!.x, a!.y), point3d(b!.x, b!.y), options);
      else
        dxf.addLWPolyline(
          ring.map(({ x, y }) => ({ point: point2d(x, y) })),
          { ...options, flags: mark.closed ? LWPolylineFlags.Closed : LWPolylineFlags.None },
        );
    }
  }

  function addArc({ centre, radius, from, sweep, layer, ink, dash, weight }: ArcMark): void {
    if (weight === 0) return;
    const options = optionsFor(layer, ink, dash);
    const at = point3d(centre.x, centre.y);
    if (Math.abs(sweep) >= 2 * Math.PI - 1e-9) dxf.addCircle(at, radius, options);
    else {
      const [start, end] = sweep > 0 ? [from, from + sweep] : [from + sweep, from];
      dxf.addArc(at, radius, toDegrees(start), toDegrees(end), options);
    }
  }

  function addText({ at, text, size, anchor, turn, layer, ink }: TextMark): void {
    const { Left, Center, Right } = TextHorizontalAlignment;
    const place = point3d(at.x, at.y);
    dxf.addText(place, size * CAP_HEIGHT * scale, text, {
      ...optionsFor(layer, ink),
      rotation: toDegrees(turn),
      horizontalAlignment: { start: Left, middle: Center, end: Right }[anchor],
      verticalAlignment: TextVerticalAlignment.Middle,
      secondAlignmentPoint: place,
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

function layerName(layer: string): string {
  return layer.toUpperCase();
}
