import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  alongSlope,
  atWall,
  partsNamed,
  printedCabinets,
  slope,
  underSlope,
} from '../../../testing/made-rooms';
import { partsFaults, type PrintedCabinet } from '../../../testing/parts-faults';
import { editItems } from '../../commands/edit-items';
import { setCutRound } from '../../commands/set-cut-round';
import type { Design } from '../../document/design';
import type { ItemRecord } from '../../document/records';
import { fathom } from '../../ranges/data/fathom';
import { saltbox } from '../../ranges/data/saltbox';
import { kindOf } from '../../ranges/kinds';
import { itemsOf } from '../../ranges/shelf';
import { collisionsOf } from '../../reach/collisions';
import { signedArea } from '../../geometry/polygon';
import { findBox } from '../../setting/item-box';
import { volumeOf } from '../../scene/mesh';
import { sceneOf } from '../../scene/scene';
import { frontLines } from '../../schedules/front-lines';
import { slantInto } from '../../setting/slant';
import { slantOf } from '../../solids/solids';
import { roomShape } from '../../survey/room-shape';
import { isBore, type Axis, type Board, type Bore } from './board';
import { across, prismOf } from './board-prism';
import { madeItems } from './design-parts';

const CLEAR = 5;

const printed = (design: Design): PrintedCabinet => printedCabinets(design)[0]!;
const boardsIn = (design: Design): readonly Board[] =>
  madeItems(design)[0]!.parts.flatMap((part) => part.boards);

/** The corners of a board in its cabinet. */
function cornersOf(one: Board): Record<Axis, number>[] {
  const { along, ring, span } = prismOf(one);
  const [a, b] = across[along];
  return span.flatMap((end) =>
    ring.map((at) => ({ ...{ x: 0, y: 0, z: 0 }, [a]: at.x, [b]: at.y, [along]: end })),
  );
}

/** Cabinets that can be cut to a slant behind them. */
const cabinets = [fathom, saltbox].flatMap((range) =>
  itemsOf(range)
    .filter(({ type }) => {
      const { rows, plan, group } = kindOf(type);
      return group !== 'appliances' && rows && !plan && !rows.some(({ shows }) => shows === 'niche');
    })
    .map(({ code, type, up, width, height, depth }) => ({
      ...{ range: range.id, code, up, width, height, depth },
      ...{ upper: kindOf(type).rows![0]!.shows, carries: kindOf(type).top === 'under' },
    })),
);

const cabinetNamed = (code: string) => cabinets.find((one) => one.code === code)!;

/** Bolts in the sides, and the bores in the ends of what they hold, as places out of the back and up. */
function joints(boards: readonly Board[], hand: 'left' | 'right') {
  const places = (found: readonly Bore[]) =>
    found.map(({ at }) => `${at.y.toFixed(3)} ${at.z.toFixed(3)}`).sort();
  const bores = (of: readonly Board[], size: number, depth: number, face: string) =>
    of.flatMap(({ machining }) =>
      machining.filter(isBore).filter((one) => one.size === size && one.depth === depth && one.face === face),
    );
  const side = boards.filter(({ name }) => name === `side-${hand}`);
  const others = boards.filter(({ thin, name }) => thin !== 'x' && name !== 'sloping-top');
  return {
    bolts: places(bores(side, 5, 11, hand === 'left' ? 'right' : 'left')),
    bores: places(bores(others, 8, 24, hand)),
  };
}

/** What holds of any cabinet that is cut: joined where it is bored, closed once along the cut, in nothing’s way. */
function expectClosed(code: string, design: Design, record: ItemRecord, closing: string): void {
  for (const hand of ['left', 'right'] as const) {
    const { bolts, bores } = joints(boardsIn(design), hand);
    expect([code, bolts]).toEqual([code, bores]);
  }
  expect(partsNamed(printed(design), closing)).toHaveLength(1);
  expect(collisionsOf(design, [record])).toEqual([]);
}

describe('a cabinet under a ceiling that rises towards its front', () => {
  it('has no board in it, nor in another, and is joined where it is bored', () => {
    let cut = 0;
    fc.assert(
      fc.property(
        fc.constantFrom(...cabinets),
        fc.integer({ min: 30, max: 900 }),
        fc.integer({ min: 300, max: 4500 }),
        ({ range, code, up, height }, under, rise) => {
          const low = Math.max(300, up + height - under);
          const { builder, id } = underSlope(range, code, low, Math.min(6000, low + rise));
          const box = findBox(builder.design, id)!;
          const into = slantInto(roomShape(builder.design), box);
          const told = printed(builder.design);
          expect(partsFaults(told, 20)).toEqual([]);
          if (!into) return;
          cut += 1;
          expect(into.by).toBe('ceiling');
          const boards = boardsIn(builder.design);
          const slopes = (Math.min(6000, low + rise) - low) / 4000;
          for (const one of boards.filter(({ of }) => of !== 'front'))
            for (const { y, z } of cornersOf(one))
              expect([code, one.name, box.low + z <= low + slopes * y - CLEAR + 1e-6]).toEqual([
                code,
                one.name,
                true,
              ]);
          expectClosed(code, builder.design, box.record, 'sloping-top');
        },
      ),
      // A shelf that stands open a thousandth of a millimetre over the lower edge of what hangs it on the wall.
      { numRuns: 150, examples: [[cabinetNamed('B9-X'), 264, 3931]] },
    );
    expect(cut).toBeGreaterThan(15);
  });

  it('has its boards where they are reckoned by hand', () => {
    // Rising 1 in 1: from 1800 at the wall to 2360 at its front, over a tall box of 560 by 2150.
    const { builder } = underSlope('fathom', 'T600/2150', 1800, 5800);
    const told = printed(builder.design);
    const side = partsNamed(told, 'side-left')[0]!;
    // 18 within a face that stays 5 off the ceiling: the line goes through 1800 - 23 √2 at the back.
    const back = 1800 - 23 * Math.SQRT2;
    expect(side.plane).toBe('yz');
    const height = 2150;
    expect(side.outline!.map((at) => at.map((one) => Math.round(one * 100) / 100))).toEqual(
      [
        [0, 150],
        [560, 150],
        [560, height],
        [height - back, height],
        [0, back],
      ].map((at) => at.map((one) => Math.round(one * 100) / 100)),
    );
    const top = partsNamed(told, 'top')[0]!;
    expect(top.width).toBeCloseTo(560 - (height - back), 4);
    // In its groove, 20 from the wall, the back ends under the slope.
    expect(partsNamed(told, 'back')[0]!.boxes[0]![5]).toBeCloseTo(back + 20, 4);
    const slopes = partsNamed(told, 'sloping-top')[0]!;
    const outer = 1800 - 5 * Math.SQRT2;
    expect([slopes.length, slopes.width]).toEqual([600, expect.closeTo((height - outer) * Math.SQRT2, 4)]);
    // The groove ends with the back.
    const groove = side.machining.find(({ type }) => type === 'groove')!;
    expect((groove.size as number[])[1]).toBeCloseTo(back + 20 - 150, 4);
  });

  it('is cut only so far as boards go in behind its front', () => {
    const { builder, id } = underSlope('fathom', 'T600/2150', 1800, 5800);
    const found = (low: number, high: number) => {
      slope(builder, low, high);
      return slantInto(roomShape(builder.design), findBox(builder.design, id)!) !== null;
    };
    // Its top keeps 150 of its depth: at 410 from the wall the ceiling is 5 and a board off, square to it.
    const least = 2150 + 35 * Math.SQRT2 - 410;
    expect(found(least + 0.01, least + 4000.01)).toBe(true);
    expect(found(least - 0.01, least + 3999.99)).toBe(false);
    // A flat one, and one that falls towards the front, are in its way.
    expect(found(2000, 2000)).toBe(false);
    expect(found(2400, 1500)).toBe(false);
    // Where it only just goes under it nothing is cut.
    expect(found(2149.4, 3000)).toBe(true);
    expect(found(2149.6, 3000)).toBe(false);
  });
});

describe('a cabinet under a ceiling that falls along its front', () => {
  const sloping = fc.record({
    at: fc.integer({ min: 100, max: 1500 }),
    rise: fc.integer({ min: 20, max: 1_800 }).map((of) => of / 1_000),
    falls: fc.boolean(),
    full: fc.integer({ min: 30, max: 100 }).map((of) => of / 100),
  });
  const doored = cabinets.filter(
    ({ upper, width, carries }) => upper === 'doors' && !carries && width <= 620,
  );

  it('has no board in it, nor in another, and is joined where it is bored', () => {
    const cut = new Set<string>();
    fc.assert(
      fc.property(
        fc.constantFrom(...doored),
        sloping,
        ({ range, code, up, height, width }, { at, full, ...by }) => {
          const along = {
            at,
            rise: by.falls ? -by.rise : by.rise,
            meets: by.falls ? full * width : (1 - full) * width,
          };
          const low = up + height - along.rise * (at + along.meets);
          const ends = [low, low + 2400 * along.rise];
          fc.pre(Math.min(...ends) >= 300 && Math.max(...ends) <= 6000);
          const { builder, id } = alongSlope(range, code, along);
          const box = findBox(builder.design, id)!;
          const into = slantOf(builder.design, box);
          expect(partsFaults(printed(builder.design), 20)).toEqual([]);
          if (!into) return;
          cut.add(code);
          for (const one of boardsIn(builder.design))
            for (const { x, z } of cornersOf(one)) {
              const clear = (height + along.rise * (x - along.meets) - z) * into.slant.out.z;
              expect([code, one.name, clear >= CLEAR - 1e-6]).toEqual([code, one.name, true]);
            }
          expectClosed(code, builder.design, box.record, 'sloping-top');
        },
      ),
      {
        numRuns: 200,
        // A slope that only just comes into the opening of a frame: what closes it there is a wedge.
        examples: [[cabinetNamed('V15-T'), { at: 100, rise: 0.37, falls: false, full: 0.79 }]],
      },
    );
    expect(cut.size).toBeGreaterThan(10);
  });

  it('has its boards where they are reckoned by hand', () => {
    // Rising 3 in 4: 2150 high at 200 of its 600, so 2000 over its left end.
    const { builder, id } = alongSlope('fathom', 'T600/2150', { at: 600, rise: 0.75, meets: 200 });
    const told = printed(builder.design);
    const near = (at: number) => expect.closeTo(at, 4) as number;
    // Square to it 5 off and a board of 18 within: 23 / 0.8 lower.
    const inner = 2000 - 23 / 0.8;
    expect(partsNamed(told, 'side-left')[0]!.length).toBeCloseTo(inner - 150, 4);
    expect(partsNamed(told, 'side-right')[0]!.length).toBeCloseTo(2000, 4);
    expect(partsNamed(told, 'top')[0]!.length).toBeCloseTo(582 - (2150 - inner) / 0.75, 4);
    const slopes = partsNamed(told, 'sloping-top')[0]!;
    const outer = 2000 - 5 / 0.8;
    expect([slopes.length, slopes.width]).toEqual([near((2150 - outer) / 0.6), near(560)]);
    // Its upper door is 1.5 within that, as it is at its sides.
    const door = partsNamed(told, 'door')[0]!;
    const [low, line] = [door.outline![0]![1]!, (x: number) => outer - 1.5 / 0.8 + 0.75 * x];
    expect(door.plane).toBe('xz');
    expect(door.outline).toEqual([
      [near(1.5), low],
      [near(598.5), low],
      [near(598.5), near(2148.5)],
      [near((2148.5 - line(0)) / 0.75), near(2148.5)],
      [near(1.5), near(line(1.5))],
    ]);
    expect(door.machining.filter(({ type }) => type === 'cup')).toHaveLength(2);
    const listed = frontLines(builder.design).map(({ cells }) => cells.map((cell) => cell.said));
    expect(listed[0]!.at(-2)).toBe(`Plain, sloping to ${Math.round(line(1.5) - low)}`);
    expect(collisionsOf(builder.design, [findBox(builder.design, id)!.record])).toEqual([]);
  });

  it('is cut only where its door can be made and opened', () => {
    const found = (code: string, meets: number, rise = 0.75, hand: 'left' | 'right' = 'right') => {
      const { builder, id } = alongSlope('fathom', code, { at: 600, rise, meets });
      builder.run(editItems, { ids: [id], change: { hand } });
      return slantOf(builder.design, findBox(builder.design, id)!) !== null;
    };
    expect(found('T600/2150', 200)).toBe(true);
    // A door turns at its higher side; a pair of them can't, nor what lifts.
    expect(found('T600/2150', 200, 0.75, 'left')).toBe(false);
    expect(found('U600/720', 200)).toBe(true);
    expect(found('U800/720', 200)).toBe(false);
    // Its top keeps 200 of its width, 5 and the board of 30 that closes it square to the slope.
    const most = 400 - 35 / 0.6;
    expect([found('T600/2150', most - 0.01), found('T600/2150', most + 0.01)]).toEqual([true, false]);
    // Its lower side keeps 250 under that.
    const deepest = (480 - 250) / 0.75 - 35 / 0.6;
    expect([found('U600/480-V', deepest - 0.01), found('U600/480-V', deepest + 0.01)]).toEqual([true, false]);
    // Steeper than 60 degrees none is.
    const steep = Math.sqrt(3);
    expect([found('T600/2150', 60, steep - 1e-4), found('T600/2150', 60, steep + 1e-4)]).toEqual([
      true,
      false,
    ]);
  });
});

describe('a panel or a filler under a ceiling that slopes', () => {
  it('is cut to it, through its front too, with nothing over its edge', () => {
    // Rising 1 in 4 from 1800: 1940 over the front of a panel 560 deep, all but 5 of it square to the slope.
    for (const code of ['P18/2070-T', 'FT50/2070']) {
      const { builder, id } = underSlope('fathom', code, 1800, 2800);
      const box = findBox(builder.design, id)!;
      expect(slantInto(roomShape(builder.design), box)?.by).toBe('ceiling');
      const told = printed(builder.design);
      expect(partsFaults(told, 20)).toEqual([]);
      expect(told.parts.some((part) => part.id.startsWith('sloping-top'))).toBe(false);
      const off = 5 * Math.hypot(1, 0.25);
      const reach = Math.max(...told.parts.flatMap(({ boxes }) => boxes.map((one) => one[5]!)));
      const front = Math.max(...told.parts.flatMap(({ boxes }) => boxes.map((one) => one[4]!)));
      // A strip that it meets aslant is cut off square where it is lowest: at its back.
      const thick = code.startsWith('P') ? 0 : 18;
      expect([code, reach]).toEqual([code, expect.closeTo(1800 - off + (front - thick) / 4, 4)]);
      expect(collisionsOf(builder.design, [box.record])).toEqual([]);
    }
  });

  it('is cut along it, a door of its own too', () => {
    for (const code of ['FL100-B', 'D600']) {
      const { builder, id } = alongSlope('fathom', code, { at: 600, rise: 0.75, meets: 20 });
      const box = findBox(builder.design, id)!;
      expect([code, slantOf(builder.design, box)?.by]).toEqual([code, 'ceiling']);
      const told = printed(builder.design);
      expect(partsFaults(told, 20)).toEqual([]);
      expect(collisionsOf(builder.design, [box.record])).toEqual([]);
      // 5 off, square to it, at two of its corners at least.
      const [strip] = told.parts.filter(({ plane }) => plane === 'xz');
      const off = strip!.outline!.map(([x, z]) => (box.record.height + 0.75 * (x! - 20) - z!) * 0.8);
      expect(off.filter((one) => Math.abs(one - 5) < 1e-4)).toHaveLength(2);
      expect(Math.min(...off)).toBeCloseTo(5, 4);
      expect(told.parts.some((part) => part.id.startsWith('sloping-top'))).toBe(false);
    }
  });
});

describe('a cabinet cut to what slants', () => {
  it('is in three dimensions what its boards are', () => {
    for (const { builder, id } of [
      underSlope('fathom', 'T600/2150', 1800, 5800),
      atWall('fathom', 'F600', { lean: 45, past: 200, right: false }),
      atWall('fathom', 'T600/1950', { lean: 30, past: 150, right: true }),
    ]) {
      const boards = boardsIn(builder.design).filter(
        ({ of }) => of === 'box' || of === 'back' || of === 'shelf',
      );
      const held = boards.reduce((sum, one) => {
        if (one.seen)
          return one.seen.reduce(
            (all, { x, y, z }) => all + (x[1] - x[0]) * (y[1] - y[0]) * (z[1] - z[0]),
            sum,
          );
        const { ring, span } = prismOf(one);
        return sum + Math.abs(signedArea(ring)) * (span[1] - span[0]);
      }, 0);
      const shown = sceneOf(builder.design)
        .find(({ key }) => key === id)!
        .parts.filter(({ substance }) => substance === 'carcass')
        .reduce((sum, { mesh }) => sum + volumeOf(mesh), 0);
      expect(shown / held).toBeCloseTo(1, 6);
    }
  });
});

describe('a cabinet at a wall that stands aslant behind it', () => {
  it('has no board in it, nor in another, and is joined where it is bored', () => {
    let cut = 0;
    fc.assert(
      fc.property(
        fc.constantFrom(...cabinets.filter(({ up }) => up === 0)),
        fc.record({
          lean: fc.integer({ min: 3, max: 55 }),
          past: fc.integer({ min: 5, max: 500 }),
          right: fc.boolean(),
        }),
        ({ range, code }, wall) => {
          const { builder, id, width } = atWall(range, code, wall);
          const box = findBox(builder.design, id)!;
          const into = slantInto(roomShape(builder.design), box);
          const told = printed(builder.design);
          expect(partsFaults(told, 20)).toEqual([]);
          if (!into) return;
          cut += 1;
          expect(into.by).toEqual({ face: wall.right ? 'face-b' : 'face-d' });
          const boards = boardsIn(builder.design);
          const rad = (wall.lean * Math.PI) / 180;
          for (const one of boards.filter(({ of }) => of !== 'front'))
            for (const { x, y } of cornersOf(one)) {
              const across = (wall.right ? width - x : x) - wall.past;
              const off = (across + y * Math.tan(rad)) * Math.cos(rad);
              expect([code, one.name, off >= CLEAR - 1e-6]).toEqual([code, one.name, true]);
            }
          expectClosed(code, builder.design, box.record, 'slanting-back');
        },
      ),
      // A rail on edge behind the edge of the side it would be joined to.
      { numRuns: 150, examples: [[cabinetNamed('F800-S'), { lean: 34, past: 9, right: false }]] },
    );
    expect(cut).toBeGreaterThan(15);
  });

  it('has what is level cut to it, and stands in its way where it is not to be cut', () => {
    const wall = { lean: 45, past: 200, right: false };
    const { builder, id } = atWall('fathom', 'F600', wall);
    const told = printed(builder.design);
    const inner = 200 + 23 * Math.SQRT2;
    const bottom = partsNamed(told, 'bottom')[0]!;
    const corners = bottom.outline!.map((at) => at.map((one) => Math.round(one * 100) / 100));
    const near = (x: number, y: number) => [Math.round(x * 100) / 100, Math.round(y * 100) / 100];
    expect(corners).toContainEqual(near(inner, 0));
    expect(corners).toContainEqual(near(18, inner - 18));
    expect(partsNamed(told, 'side-left')[0]!.width).toBeCloseTo(560 - inner, 4);
    expect(partsNamed(told, 'back')[0]!.boxes[0]![0]).toBeCloseTo(inner - 20, 4);
    const box = () => findBox(builder.design, id)!.record;
    expect(collisionsOf(builder.design, [box()])).toEqual([]);
    builder.run(setCutRound, { ids: [id], cutRound: false });
    expect(collisionsOf(builder.design, [box()]).map(({ rule }) => rule)).toHaveLength(1);
    expect(partsNamed(printed(builder.design), 'slanting-back')).toEqual([]);
  });
});
