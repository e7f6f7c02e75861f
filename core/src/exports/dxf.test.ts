import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import DxfParser from 'dxf-parser';
import { describe, expect, it } from 'vitest';
import { galleyWithBay } from '../demo/galley-with-bay';
import { drawSingleView } from '../drawing/elevation/single-view';
import { roomViews } from '../drawing/elevation/views';
import { drawNamed } from '../drawing/named-views';
import { drawPlan } from '../drawing/plan';
import type { PathMark, Primitive } from '../drawing/primitives';
import { dxfRoom } from '../imports/dxf-room';
import { must } from '../result';
import { writeDxf } from './dxf';

const read = (marks: readonly Primitive[]) => new DxfParser().parseSync(writeDxf(marks, 20))!;

describe('a drawing as DXF', () => {
  it('has every stroke, arc and text where it is drawn, in millimetres, on its layer', () => {
    const design = galleyWithBay();
    for (const marks of [
      drawPlan(design, 20),
      ...roomViews(design).map((view) => drawSingleView(design, view, 20)),
    ]) {
      const { entities, header, tables } = read(marks);
      expect(header['$INSUNITS']).toBe(4);
      const drawn = marks.filter(
        (mark): mark is PathMark => mark.type === 'path' && mark.weight > 0 && !mark.ofDimensions,
      );
      const rings = drawn.flatMap(({ rings: own }) => own.filter(({ length }) => length > 1));
      const lines = entities.filter(({ type }) => type === 'LINE' || type === 'LWPOLYLINE');
      expect(lines).toHaveLength(rings.length);
      lines.forEach((entity, index) => {
        const { vertices } = entity as unknown as { vertices: { x: number; y: number }[] };
        expect(vertices).toHaveLength(rings[index]!.length);
        vertices.forEach(({ x, y }, corner) => {
          expect(x).toBeCloseTo(rings[index]![corner]!.x, 6);
          expect(y).toBeCloseTo(rings[index]![corner]!.y, 6);
        });
      });
      const texts = entities.filter(({ type }) => type === 'TEXT') as unknown as { text: string }[];
      expect(texts.map(({ text }) => text)).toEqual(
        marks.flatMap((mark) => (mark.type === 'text' && !mark.measured ? [mark.text] : [])),
      );
      const measured = marks.flatMap((mark) => (mark.type === 'text' && mark.measured ? [mark.text] : []));
      const dimensions = entities.filter(({ type }) => type === 'DIMENSION') as unknown as { text: string }[];
      expect(dimensions.map(({ text }) => text)).toEqual(measured);
      expect(measured.length).toBeGreaterThan(1);
      const arcs = entities.filter(({ type }) => type === 'ARC' || type === 'CIRCLE');
      expect(arcs).toHaveLength(marks.filter((mark) => mark.type === 'arc' && mark.weight > 0).length);
      const layers = Object.keys((tables as { layer: { layers: object } }).layer.layers);
      for (const { layer } of marks) expect(layers).toContain(layer.toUpperCase());
    }
  });

  it('turns arcs the way they are drawn, and dashes by the scale', () => {
    const arc = {
      type: 'arc',
      layer: 'openings',
      centre: { x: 100, y: 50 },
      radius: 800,
      from: Math.PI,
      sweep: -Math.PI / 2,
      weight: 0.18,
      ink: 'drawing',
      dash: [1.2, 0.8],
    } as const;
    const { entities, tables } = read([arc]);
    const [found] = entities as unknown as { startAngle: number; endAngle: number; lineType: string }[];
    expect(found!.startAngle).toBeCloseTo(Math.PI / 2, 6);
    expect(found!.endAngle).toBeCloseTo(Math.PI, 6);
    const types = (tables as unknown as { lineType: { lineTypes: Record<string, { pattern: number[] }> } })
      .lineType.lineTypes;
    expect(types[found!.lineType]!.pattern).toEqual([24, -16]);
  });

  it('of a plan can be read in again as the room', () => {
    const face = { x: 0, y: 0 };
    const room: Primitive = {
      type: 'path',
      layer: 'walls',
      rings: [[face, { x: 4000, y: 0 }, { x: 4000, y: -3000 }, { x: 0, y: -3000 }]],
      closed: true,
      weight: 0.5,
      ink: 'drawing',
    };
    const walked = must(dxfRoom(writeDxf([room], 20), 1));
    expect(walked.map(({ length }) => Math.round(length))).toEqual([4000, 3000, 4000, 3000]);
  });

  it('stands before an auditor without a fault, its dimensions as long as what they measure, its strokes as heavy as drawn', () => {
    const design = galleyWithBay();
    const folder = mkdtempSync(join(tmpdir(), 'dxf-'));
    const drawings = [
      must(drawNamed(design, 'all', 20)),
      drawPlan(design, 20),
      ...roomViews(design).map((view) => drawSingleView(design, view, 20)),
    ];
    const files = drawings.map((marks, index) => {
      const file = join(folder, `${index}.dxf`);
      writeFileSync(file, writeDxf(marks, 20));
      return file;
    });
    const audited = JSON.parse(
      execFileSync('/usr/bin/python3', ['-c', AUDIT, ...files], { encoding: 'utf8' }),
    ) as Audited[];
    rmSync(folder, { recursive: true });
    audited.forEach(({ faults, measured, weights }, index) => {
      expect(faults).toEqual([]);
      const figures = drawings[index]!.flatMap((mark) =>
        mark.type === 'text' && mark.measured ? [mark.measured] : [],
      );
      expect(measured).toHaveLength(figures.length);
      figures.forEach(({ line: [a, b] }, at) => {
        expect(measured[at]).toBeCloseTo(Math.hypot(b.x - a.x, b.y - a.y), 6);
      });
      // Hundredths of a millimetre; -1 is what has none of its own.
      const heavy = drawings[index]!.flatMap((mark) =>
        mark.type !== 'text' && mark.weight > 0 && !mark.ofDimensions ? [Math.round(mark.weight * 100)] : [],
      );
      expect(weights.filter((weight) => weight >= 0)).toEqual([...new Set(heavy)].sort((a, b) => a - b));
    });
  });
});

interface Audited {
  faults: string[];
  measured: number[];
  weights: number[];
}

/** Reads drawings with another program: what it finds wrong or would mend, how long each dimension is, and the weights there are. */
const AUDIT = `
import sys, json, ezdxf
from ezdxf import recover
found = []
for file in sys.argv[1:]:
    drawing, auditor = recover.readfile(file)
    space = drawing.modelspace()
    found.append({
        'faults': [fault.message for fault in auditor.errors + auditor.fixes],
        'measured': [float(one.get_measurement()) for one in space.query('DIMENSION')],
        'weights': sorted({one.dxf.lineweight for one in space}),
    })
print(json.dumps(found))
`;
