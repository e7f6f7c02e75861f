import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { putService } from '../commands/put-service';
import { setEdgeWay } from '../commands/set-edge-way';
import { setRoom } from '../commands/set-room';
import { galleyWithBay } from '../demo/galley-with-bay';
import { applyPatch } from '../document/patch';
import { must } from '../result';
import { usualMachine } from '../shop/machines/machine';
import { workPiece } from '../shop/machines/work-piece';
import { nest } from '../shop/nest/nest';
import { materialCases } from '../shop/nest/part-cases';
import { usualSawing } from '../shop/nest/stock';
import { madeItems } from '../shop/parts/design-parts';
import { slabLayouts, slabPieces } from '../shop/templates/slab-layout';
import { nestFiles, partFiles, templateFiles, uniquelyNamed } from './machine-files';

const design = galleyWithBay();
const routed = { ...usualSawing, kerf: 12, trim: 15 };

interface Audited {
  faults: string[];
  circles: [layer: string, x: number, y: number, radius: number][];
  rings: [layer: string, corners: [number, number][]][];
}
/** Reads drawings with another program: what it finds wrong or would mend, the circles and the outlines there are. */
const AUDIT = `
import sys, json
from ezdxf import recover
found = []
for file in sys.argv[1:]:
    drawing, auditor = recover.readfile(file)
    space = drawing.modelspace()
    found.append({
        'faults': [fault.message for fault in auditor.errors + auditor.fixes],
        'circles': [[one.dxf.layer, one.dxf.center.x, one.dxf.center.y, one.dxf.radius] for one in space.query('CIRCLE')],
        'rings': [[one.dxf.layer, [[x, y] for x, y in one.get_points('xy')]] for one in space.query('LWPOLYLINE') if one.closed],
    })
print(json.dumps(found))
`;

function audited(files: readonly { name: string; text: string }[]): Audited[] {
  const folder = mkdtempSync(join(tmpdir(), 'goodreach-'));
  const paths = files.map(({ name, text }) => {
    writeFileSync(join(folder, name), text);
    return join(folder, name);
  });
  const told = execFileSync('/usr/bin/python3', ['-c', AUDIT, ...paths], {
    encoding: 'utf8',
    maxBuffer: 1e8,
  });
  rmSync(folder, { recursive: true });
  return JSON.parse(told) as Audited[];
}

describe('files for machines', () => {
  it('draw every part with an outline, holes and grooves on layers by what they are and how deep, without a fault', () => {
    const files = must(partFiles(design, 'dxf'));
    const pieces = madeItems(design).flatMap(({ parts }) => parts.map(workPiece));
    expect(files).toHaveLength(pieces.length);
    audited(files).forEach(({ faults, circles, rings }, index) => {
      const { outline, thick, up, down, edges, width } = pieces[index]!;
      expect(faults).toEqual([]);
      const told = `OUTLINE_DEEP_${String(Number(thick.toFixed(2))).replace('.', 'P')}`;
      const [drawn] = rings.filter(([layer]) => layer === told).map(([, corners]) => corners);
      drawn!.forEach(([x, y], at) => {
        expect(x).toBeCloseTo(outline[at]!.x, 6);
        expect(y).toBeCloseTo(outline[at]!.y, 6);
      });
      expect(circles).toHaveLength(up.bores.length + down.bores.length);
      up.bores.forEach(({ at, size }, bore) => {
        const [layer, x, y, radius] = circles[bore]!;
        expect(layer.startsWith('HOLE_')).toBe(true);
        expect([x, y, 2 * radius].map((value) => Math.round(value * 1e6))).toEqual(
          [at.x, at.y, size].map((value) => Math.round(value * 1e6)),
        );
      });
      down.bores.forEach(({ at }, bore) => {
        const [layer, x, y] = circles[up.bores.length + bore]!;
        expect(layer.startsWith('BELOW_HOLE_')).toBe(true);
        expect([x, y].map(Math.round)).toEqual([at.x, width - at.y].map(Math.round));
      });
      expect(rings.filter(([layer]) => layer.startsWith('EDGE_HOLE'))).toHaveLength(edges.length);
    });
    expect(files.find(({ name }) => name === '2-side-left.dxf')!.text).toContain('HOLE_5_DEEP_12');
  });

  it('draw and program every sheet of a nest; two faces of a part are two files', () => {
    const [one] = materialCases(design, routed);
    const found = must(nest(one!.case, { seconds: 0 }));
    const drawings = audited(must(nestFiles(one!, found, 'dxf')));
    drawings.forEach(({ faults, rings }, index) => {
      expect(faults).toEqual([]);
      expect(rings.filter(([layer]) => layer.startsWith('OUTLINE'))).toHaveLength(
        found.sheets[index]!.parts.length,
      );
      expect(rings.filter(([layer]) => layer === 'SHEET')).toHaveLength(1);
    });
    const programs = must(nestFiles(one!, found, 'iso'));
    expect(programs.map(({ name }) => name)).toEqual(
      found.sheets.map((_, at) => `18-faced-board-${at + 1}.nc`),
    );
    expect(programs[0]!.text).toMatch(/^%\n\(FACED BOARD 1 OF \d\)\n\(2800 X 2070 X 18\)\nG21\nG17\nG90/);
    const parts = must(partFiles(design, 'iso')).map(({ name }) => name);
    expect(parts.filter((name) => name.startsWith('2-bottom'))).toEqual([
      '2-bottom-up.nc',
      '2-bottom-down.nc',
    ]);
    // Nothing is made from the faces of a loose shelf.
    expect(parts.filter((name) => name.startsWith('2-shelf'))).toEqual([]);
    // One part has the files it has among all.
    const [item] = madeItems(design).filter(({ number }) => number === 2);
    const only = { item: item!.record.id, part: 'bottom' };
    const all = must(partFiles(design, 'iso'));
    expect(must(partFiles(design, 'iso', usualMachine, only))).toEqual(
      all.filter(({ name }) => name.startsWith('2-bottom')),
    );
    expect(must(partFiles(design, 'dxf', usualMachine, only)).map(({ name }) => name)).toEqual([
      '2-bottom.dxf',
    ]);
    expect(must(partFiles(design, 'dxf', usualMachine, { ...only, item: 'none' }))).toEqual([]);
  });

  it('draw every piece of a slab with its outline, mitres and what comes through it, without a fault', () => {
    const builder = rectangle(4000, 3000);
    builder.run(setRoom, { splashHeight: 300 });
    builder.set('F800-S', 'face-a', 1000);
    builder.set('F600', 'face-a', 1800);
    builder.run(setEdgeWay, { at: [{ item: 'item-2', side: 'right' }], way: { waterfall: true } });
    builder.run(putService, {
      ...{ kind: 'service', id: 'socket', type: 'socket', up: 1100 },
      placement: { on: 'face', face: 'face-a', from: 'left', distance: 1200, off: 0 },
    });
    // On these what is long lies across.
    const narrow = setRoom.run(builder.design, { slabLength: 700, slabWidth: 1600 });
    const across = must(applyPatch(builder.design, must(narrow)));
    const laid = slabLayouts(across).flatMap(({ slabs }) => slabs.flatMap(({ parts }) => parts));
    expect(laid.some(({ turned }) => turned)).toBe(true);
    for (const of of [builder.design, design, across]) {
      const pieces = slabPieces(of);
      const files = templateFiles(of);
      const slabs = slabLayouts(of).flatMap((layout) => layout.slabs.map(({ parts }) => parts));
      expect(files).toHaveLength(pieces.length + slabs.length);
      const read = audited(files);
      read.slice(0, pieces.length).forEach(({ faults, rings }, index) => {
        const { edges, services = [] } = pieces[index]!;
        expect(faults).toEqual([]);
        const on = (layer: string) => rings.filter(([name]) => name === layer).map(([, corners]) => corners);
        const near = (place: readonly number[]) => place.map((at) => Math.round(at * 1e4) / 1e4 + 0);
        expect(on('OUTLINE')[0]!.map(near)).toEqual(edges.map(({ from }) => near(from)));
        expect(on('MITRE').map((line) => line.map(near))).toEqual(
          edges.flatMap(({ from, to, mitre }) => (mitre === undefined ? [] : [[near(from), near(to)]])),
        );
        const crosses = on('SERVICE_SOCKET').map(([a, b]) => [(a![0] + b![0]) / 2, (a![1] + b![1]) / 2]);
        expect(crosses.map(near)).toEqual(services.flatMap(({ at }) => [near(at), near(at)]));
      });
      // On their slabs they lie in the rectangles they were laid out as, each as large as by itself.
      read.slice(pieces.length).forEach(({ faults, rings }, index) => {
        expect(faults).toEqual([]);
        const outlines = rings.filter(([name]) => name === 'OUTLINE').map(([, corners]) => corners);
        const boxes = outlines.map((corners) => {
          const [xs, ys] = [corners.map(([x]) => x), corners.map(([, y]) => y)];
          return [Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys)].map(
            (at) => Math.round(at * 1e3) / 1e3 + 0,
          );
        });
        expect(boxes).toEqual(
          slabs[index]!.map(({ x, y, l, w }) => [x, y, x + l, y + w].map((at) => Math.round(at * 1e3) / 1e3)),
        );
      });
    }
    expect(templateFiles(builder.design).map(({ name }) => name)).toEqual([
      ...['top-1-1.dxf', 'waterfall-1-1.dxf', 'splash-1-1.dxf', 'slab-30-1.dxf', 'slab-20-1.dxf'],
    ]);
  });

  it('are refused where the machine can’t: parts nearer than the cutter, sheets larger than the bed, holes without a drill, corners too narrow', () => {
    const [one] = materialCases(design, { ...routed, kerf: 4 });
    const close = nestFiles(one!, must(nest(one!.case, { seconds: 0 })), 'iso');
    expect(close).toMatchObject({
      ok: false,
      refusal: { code: 'machine-kerf', data: { kerf: 4, thick: 18 } },
    });
    const [apart] = materialCases(design, routed);
    const laid = must(nest(apart!.case, { seconds: 0 }));
    const sheet = laid.sheets[0]!.stock === '2800 × 2070' ? 2_800 : 2_440;
    const bed = (long: number) => nestFiles(apart!, laid, 'iso', { ...usualMachine, bed: [long, 2_070] });
    expect(bed(sheet).ok).toBe(true);
    expect(bed(sheet - 0.1)).toMatchObject({ refusal: { code: 'machine-bed' } });
    // A part that fits turned lies turned; one that does not fit either way is named.
    const { record } = madeItems(design).find(({ number }) => number === 2)!;
    const side = { item: record.id, part: 'side-left' };
    const onBed = (long: number, wide: number) =>
      partFiles(design, 'iso', { ...usualMachine, bed: [long, wide] }, side);
    expect(must(onBed(720, 559))[0]!.text).toMatch(/^%\n\(2 SIDE-LEFT UP\)\n\(720 X 559 X 18\)/);
    expect(must(onBed(719.9, 720))[0]!.text).toMatch(
      /^%\n\(2 SIDE-LEFT UP, TURNED A QUARTER\)\n\(559 X 720 X 18\)/,
    );
    expect(onBed(719.9, 719.9)).toMatchObject({
      refusal: { code: 'machine-bed', data: { part: '2 side-left up', length: 720, width: 559 } },
    });
    const without = (fits: (size: number) => boolean) => ({
      ...usualMachine,
      tools: usualMachine.tools.filter(({ size }) => fits(size)),
    });
    expect(
      partFiles(
        design,
        'iso',
        without((size) => size !== 3 && size !== 5),
      ),
    ).toMatchObject({
      refusal: { code: 'machine-hole', data: { size: 5 } },
    });
    expect(
      partFiles(
        design,
        'iso',
        without((size) => size !== 3 && size !== 6),
      ),
    ).toMatchObject({
      refusal: { code: 'machine-pocket', data: { width: 8 } },
    });
  });

  it('mill with a cutter what no drill is for, to its full size', () => {
    const text = must(
      partFiles(design, 'iso', {
        ...usualMachine,
        tools: usualMachine.tools.filter(({ size }) => size !== 35),
      }),
    ).find(({ text: own }) => /G3 .*I-11\.5/.test(own));
    expect(text).toBeDefined();
  });

  it('are called by names of their own', () => {
    const named = uniquelyNamed(['a.nc', 'a.nc', 'b.nc', 'a.nc'].map((name) => ({ name, text: '' })));
    expect(named.map(({ name }) => name)).toEqual(['a.nc', 'a_2.nc', 'b.nc', 'a_3.nc']);
  });
});
