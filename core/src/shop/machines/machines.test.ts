import { describe, expect, it } from 'vitest';
import { atWall, underSlope } from '../../../testing/made-rooms';
import { farFrom, playIso, type Pass } from '../../../testing/play-iso';
import { galleyWithBay } from '../../demo/galley-with-bay';
import { rememberOne } from '../../document/remember';
import { must } from '../../result';
import { nest } from '../nest/nest';
import { materialCases, type MaterialCase } from '../nest/part-cases';
import { usualSawing } from '../nest/stock';
import { madeItems } from '../parts/design-parts';
import type { Part } from '../parts/part';
import { usualMachine, type Machine } from './machine';
import { writeIso } from './posts';
import { pieceWork } from './placed-work';
import { pieceProgram, sheetProgram } from './programs';
import { played } from './stand-in';
import { workPiece } from './work-piece';

/** The galley, and cabinets cut to what slants behind them. */
const designs = [
  galleyWithBay(),
  underSlope('fathom', 'T600/2150', 1800, 5800).builder.design,
  atWall('fathom', 'F600', { lean: 40, past: 200, right: true }).builder.design,
];
const routed = { ...usualSawing, kerf: 12, trim: 15 };
const sizeOf = new Map(usualMachine.tools.map(({ number, size }) => [number, size]));

/** Where a place of a finished part lies on the sheet, told again from the part's own box, its face and how it is laid. */
function placer(part: Part, laid: { x: number; y: number; l: number; turned: boolean }) {
  const piece = workPiece(part);
  return {
    piece,
    place: ({ x, y }: { x: number; y: number }) =>
      laid.turned ? { x: laid.x + laid.l - y, y: laid.y + x } : { x: laid.x + x, y: laid.y + y },
  };
}

const plunges = (passes: readonly Pass[]) =>
  passes.filter(({ path: [a, b] }) => Math.hypot(a!.x - b!.x, a!.y - b!.y) < 1e-9);

/** One that holds what is narrower than 150 by a skin of 0.5 until all else is cut out. */
const holding: Machine = { ...usualMachine, skin: 0.5, narrow: 150 };

/** The sheets of a material: laid out once, for another search may end at others. */
const layout = rememberOne((one: MaterialCase) => must(nest(one.case, { seconds: 0.05 })).sheets);

function sheetsOf(one: MaterialCase, machine = usualMachine) {
  return layout(one).map((sheet) => {
    const stock = one.case.stock.find(({ id }) => id === sheet.stock)!;
    const pieceOf = (id: string) => workPiece(one.of.get(id)!.part);
    const program = must(sheetProgram(sheet, { name: one.name, stock, kerf: 12, pieceOf }, machine));
    return { sheet, passes: playIso(writeIso(program)) };
  });
}

describe('what a router does to a nested sheet', () => {
  it.each([
    ['as usual', usualMachine],
    ['what is small at the end', holding],
  ])(
    'cuts every part out along its outline to 0.05 mm, %s, and bores every hole where and as deep as it is to be',
    (_, machine) => {
      let [corners, holes, square] = [0, 0, 0];
      for (const one of designs.flatMap((design) => materialCases(design, routed)))
        for (const { sheet, passes } of sheetsOf(one, machine)) {
          const through = passes.filter(({ depth }) => depth > one.material.thick);
          for (const laid of sheet.parts) {
            const { piece, place } = placer(one.of.get(laid.id)!.part, laid);
            const outline = piece.outline.map(place);
            const [l, w] = laid.turned ? [laid.w, laid.l] : [laid.l, laid.w];
            expect(piece.length).toBeCloseTo(l, 6);
            expect(piece.width).toBeCloseTo(w, 6);
            outline.forEach((from, index) => {
              const to = outline[(index + 1) % outline.length]!;
              for (let step = 0; step < 8; step++) {
                const at = {
                  x: from.x + ((to.x - from.x) * step) / 8,
                  y: from.y + ((to.y - from.y) * step) / 8,
                };
                const near = Math.min(
                  ...through.map(({ path, tool }) => farFrom(at, path) - sizeOf.get(tool)! / 2),
                );
                // Nothing of the part is taken away; only what a round cutter can't get at is left.
                expect(near).toBeGreaterThan(-0.05);
                const before = outline[(index + outline.length - 1) % outline.length]!;
                const after = outline[(index + 2) % outline.length]!;
                const isInner = (p: typeof from, q: typeof from, r: typeof from) =>
                  (q.x - p.x) * (r.y - q.y) - (q.y - p.y) * (r.x - q.x) < 0;
                const long = Math.hypot(to.x - from.x, to.y - from.y);
                const isNearInner =
                  (isInner(before, from, to) && (long * step) / 8 < 6.1) ||
                  (isInner(from, to, after) && (long * (8 - step)) / 8 < 6.1);
                if (isNearInner) square++;
                else expect(near).toBeLessThan(0.05);
              }
              corners++;
            });
            for (const { at, size, depth } of piece.up.bores) {
              const on = place(at);
              const made = plunges(passes).filter(
                ({ path: [from] }) => Math.hypot(from!.x - on.x, from!.y - on.y) < 0.002,
              );
              const isThrough = depth >= piece.thick;
              expect(made.map(({ tool }) => sizeOf.get(tool))).toContain(size);
              expect(Math.max(...made.map((pass) => pass.depth))).toBeCloseTo(
                isThrough ? depth + 0.3 : depth,
                3,
              );
              holes++;
            }
          }
        }
      expect(corners).toBeGreaterThan(300);
      expect(holes).toBeGreaterThan(500);
      expect(square).toBeGreaterThan(2);
    },
  );

  it('leaves a skin under what is narrower than is said, and cuts that free when all else is cut out', () => {
    const one = materialCases(designs[0]!, routed).find(({ material }) => material.stuff === 'faced-board')!;
    const { thick } = one.material;
    let held = 0;
    for (const { sheet, passes } of sheetsOf(one, holding)) {
      const widths = sheet.parts.map(({ l, w }) => Math.min(l, w));
      const small = widths.filter((wide) => wide < 150).length;
      const isOf = (deep: number) =>
        passes.flatMap(({ depth }, at) => (Math.abs(depth - deep) < 1e-3 ? [at] : []));
      const [skins, frees] = [isOf(thick - 0.5), isOf(thick + 0.3)];
      expect(skins.length > 0).toBe(small > 0);
      held += small;
      if (small === 0 || small === widths.length) continue;
      // The last to be cut out are those that were held, the smallest first.
      expect(Math.max(...frees)).toBe(passes.length - 1);
      expect(frees.filter((at) => at > Math.max(...skins)).length).toBeGreaterThan(0);
    }
    expect(held).toBeGreaterThan(3);
    // One just as wide is not held.
    const [{ sheet }] = sheetsOf(one) as [ReturnType<typeof sheetsOf>[number]];
    const narrow = Math.min(...sheet.parts.map(({ l, w }) => Math.min(l, w)));
    const skinned = (limit: number) =>
      sheetsOf(one, { ...holding, narrow: limit })[0]!.passes.some(
        ({ depth }) => Math.abs(depth - thick + 0.5) < 1e-3,
      );
    expect([skinned(narrow), skinned(narrow + 0.01)]).toEqual([false, true]);
    expect(sheetsOf(one, { ...holding, skin: 0 })[0]!.passes).toEqual(sheetsOf(one)[0]!.passes);
  });

  it('works on a part that lies turned a quarter as on one that does not', () => {
    let turned = 0;
    for (const { parts } of designs.flatMap((design) => madeItems(design)))
      for (const part of parts) {
        const piece = workPiece(part);
        const { length, width, thick } = piece;
        if (length - width < 1) continue;
        for (const side of ['up', 'down'] as const) {
          const bed = { ...usualMachine, bed: [width, length] as const };
          const text = writeIso(must(pieceProgram(piece, { name: part.id, side }, bed)));
          const made = plunges(playIso(text));
          for (const { at, depth } of piece[side].bores) {
            const on = { x: width - at.y, y: at.x };
            const own = made.filter(({ path: [p] }) => Math.hypot(p!.x - on.x, p!.y - on.y) < 0.002);
            expect(own.length).toBeGreaterThan(0);
            expect(Math.max(...own.map((pass) => pass.depth))).toBeCloseTo(
              depth >= thick ? depth + 0.3 : depth,
              3,
            );
            turned++;
          }
          const works = [pieceWork(part.id, piece, side, true)];
          expect(
            played(text, { size: [width, length], thick, works, clamps: [], beyond: 60 }, bed).faults,
          ).toEqual([]);
        }
      }
    expect(turned).toBeGreaterThan(300);
  });

  it('clears every groove, housing and rebate to its depth and nothing beside it', () => {
    let cleared = 0;
    for (const { parts } of designs.flatMap((design) => madeItems(design)))
      for (const part of parts) {
        const piece = workPiece(part);
        if (piece.up.pockets.length === 0) continue;
        const passes = playIso(
          writeIso(must(pieceProgram(piece, { name: part.id, side: 'up' }, usualMachine))),
        );
        const milled = passes.filter(({ tool, depth }) => tool < 10 && depth < piece.thick);
        for (const { at, size, depth } of piece.up.pockets) {
          const own = milled.filter((pass) => Math.abs(pass.depth - depth) < 1e-3);
          for (let step = 1; step < 40; step++) {
            const inside = {
              x: at.x + (size[0] * step) / 40,
              y: at.y + size[1] * (((step * 7) % 39) / 40 + 1 / 80),
            };
            const isClear = own.some(
              ({ path, tool }) => farFrom(inside, path) <= sizeOf.get(tool)! / 2 + 1e-3,
            );
            const fromCorner = Math.hypot(
              Math.min(inside.x - at.x, at.x + size[0] - inside.x),
              Math.min(inside.y - at.y, at.y + size[1] - inside.y),
            );
            if (fromCorner > 6) expect(isClear).toBe(true);
          }
          cleared++;
        }
        const closed = [...piece.outline, piece.outline[0]!];
        for (const { path, tool, depth } of milled)
          for (const { x, y } of path) {
            const radius = sizeOf.get(tool)! / 2;
            const isIn = piece.up.pockets.some(
              ({ at, size, depth: deep }) =>
                deep > depth - 1e-3 &&
                (x > at.x + radius - 2e-3 || (at.x < 1e-6 && x > -1e-3)) &&
                (x < at.x + size[0] - radius + 2e-3 ||
                  (at.x + size[0] > piece.length - 1e-6 && x < piece.length + 1e-3)) &&
                (y > at.y + radius - 2e-3 || (at.y < 1e-6 && y > -1e-3)) &&
                (y < at.y + size[1] - radius + 2e-3 ||
                  (at.y + size[1] > piece.width - 1e-6 && y < piece.width + 1e-3)),
            );
            // What is no rectangle is cut out there, too: a radius off its outline.
            const isRound = piece.outline.length > 4 && Math.abs(farFrom({ x, y }, closed) - radius) < 2e-3;
            expect(isIn || isRound).toBe(true);
          }
      }
    expect(cleared).toBeGreaterThan(20);
  });
});
