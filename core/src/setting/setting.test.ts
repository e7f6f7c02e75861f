import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { fillGap } from '../commands/fill-gap';
import { moveItem } from '../commands/move-item';
import { removeThings } from '../commands/remove-things';
import { setItem } from '../commands/set-item';
import { setRoom } from '../commands/set-room';
import { trimToGap } from '../commands/trim-to-gap';
import { galleyWithBay } from '../demo/galley-with-bay';
import { after, RoomBuilder } from '../demo/build-room';
import { recordOf } from '../document/design';
import { place } from '../geometry/point';
import { boundsOf, contains } from '../geometry/polygon';
import { fixedThings } from '../survey/fixed-things';
import { itemKinds } from '../ranges/kinds';
import { findItem, searchShelf, shelfOf } from '../ranges/shelf';
import { checkReach } from '../reach/check-reach';
import { must, type Result } from '../result';
import { roomShape } from '../survey/room-shape';
import { refusalText } from '../wording/refusal-text';
import { hug } from './hug';
import { settingOf } from './landing';
import { nextPlace } from './next-place';
import { itemBoxes } from './item-box';
import { freeStretches, openLengths } from './open-lengths';

const sentence = (result: Result<unknown>) => (result.ok ? '' : refusalText(result.refusal));
const boxOf = (builder: RoomBuilder, id: string) => itemBoxes(builder.design).find((box) => box.id === id)!;

describe('the shelf', () => {
  it('finds by code first, then by words', () => {
    expect(searchShelf('saltbox', 'b18').map(({ code }) => code)).toEqual([
      'B18',
      'B18-D',
      'B18-3',
      'B18-4',
      'B18-5',
      'B18-W',
      'B18-X',
    ]);
    expect(searchShelf('saltbox', 'u3036').map(({ code }) => code)).toEqual([
      'U3036',
      'U3036-G',
      'U3036-C',
      'U3036-M',
      'U3036-P',
    ]);
    expect(searchShelf('fathom', 'glass 450/720').map(({ code }) => code)).toEqual(['U450/720-G']);
    expect(searchShelf('fathom', 'sink 800').map(({ code }) => code)).toEqual(['F800-S']);
    expect(searchShelf('fathom', 'zebra')).toEqual([]);
    expect(must(findItem('saltbox', ' b36-s ')).width).toBeCloseTo(914.4, 9);
    expect(sentence(findItem('saltbox', 'Q1'))).toContain('Saltbox has no item “Q1”');
  });

  it('has codes that are each one item, of a known kind', () => {
    for (const range of ['fathom', 'saltbox']) {
      const items = shelfOf(range);
      expect(items.length).toBeGreaterThanOrEqual(150);
      expect(new Set(items.map(({ code }) => code)).size).toBe(items.length);
      for (const { type } of items) expect(itemKinds.map(({ id }) => id)).toContain(type);
    }
  });

  it('has a price for each, and hangs what hangs at its standard height', () => {
    for (const { price, width, up, height, type } of ['fathom', 'saltbox'].flatMap((id) =>
      shelfOf(id).filter(({ range }) => range === id),
    )) {
      expect(Number.isInteger(price) && price > 0 && width > 0).toBe(true);
      if (/^(base|tall-[^g]|vanity-[^h])/.test(type)) expect(up).toBe(0);
      if (/^(wall|filler-wall|valance)/.test(type)) expect(up).toBeGreaterThan(1000);
      expect(up + height).toBeLessThanOrEqual(2440);
    }
    const inches = (code: string) => Math.round((must(findItem('saltbox', code)).up / 25.4) * 1e6) / 1e6;
    expect(
      ['B24', 'U3030', 'U3042', 'U3018-V', 'T2490-B'].map((code) => (code[0] === 'U' ? inches(code) : 0)),
    ).toEqual([0, 54, 54, 66, 0]);
    expect(must(findItem('fathom', 'U800/360-V')).up).toBe(1760);
    expect(must(findItem('saltbox', 'B36')).price).toBe(110 + 6 * 36);
    expect(must(findItem('fathom', 'T600/2150')).price).toBe(110 + 210 + 215);
  });
});

describe('hugging', () => {
  it('hangs a wall cabinet over a base cabinet at its standard height, and never before a window', () => {
    const builder = rectangle();
    builder.open('face-a', 'window', 1500, { width: 900 });
    builder.set('F600', 'face-a', 400);
    const wall = must(findItem('fathom', 'U600/720'));
    const setting = { width: 600, depth: 350, low: wall.up, high: wall.up + 720 };
    const over = hug(builder.design, setting, { x: 720, y: -180 }, 60);
    // Drawn to the edge of what stands below, within the snap; and to its other edge by its own right end.
    expect(over).toMatchObject({ placement: { distance: 400 }, caught: { by: 'below', id: 'item-2' } });
    const far = hug(builder.design, setting, { x: 761, y: -180 }, 60);
    expect(far).toMatchObject({ placement: { distance: 461 }, caught: { by: 'face' } });
    const narrow = { ...setting, width: 450 };
    expect(hug(builder.design, narrow, { x: 800, y: -180 }, 60).placement).toMatchObject({ distance: 550 });
    builder.place('U600/720', { on: 'face', face: 'face-a', from: 'left', distance: 200, off: 0 });
    expect(itemBoxes(builder.design)[1]).toMatchObject({ low: 1400, high: 2120 });
    expect(checkReach(builder.design).findings.filter(({ rule }) => rule === 'item-collision')).toEqual([]);
    const beside = hug(builder.design, setting, { x: 1600, y: -180 }, 60);
    expect(beside).toMatchObject({
      placement: { from: 'left', distance: 900 },
      caught: { by: 'opening' },
    });
    const base = { width: 600, depth: 560, low: 0, high: 870 };
    expect(hug(builder.design, base, { x: 1800, y: -280 }, 60).placement).toMatchObject({ distance: 1500 });
  });

  it('lands on whole steps of the job’s rounding where nothing catches it, from the nearer end and on the floor', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 100, max: 3900, noNaN: true }),
        fc.double({ min: -2900, max: -100, noNaN: true }),
        fc.constantFrom(1, 5, 25.4 / 16),
        (x, y, step) => {
          const builder = rectangle(4000.3, 3000.7);
          builder.run(setRoom, { step });
          const onSteps = (length: number) => Math.abs(length / step - Math.round(length / step)) < 1e-5;
          const { placement, caught } = hug(
            builder.design,
            { width: 600, depth: 560, low: 0, high: 870 },
            { x, y },
            14,
          );
          if (placement.on === 'floor') expect([placement.x, placement.y].every(onSteps)).toBe(true);
          else if (caught?.by === 'face') expect(onSteps(placement.distance)).toBe(true);
        },
      ),
      { numRuns: 200 },
    );
    const builder = rectangle();
    builder.run(setRoom, { step: 5 });
    const at = (x: number) =>
      hug(builder.design, { width: 600, depth: 560, low: 0, high: 870 }, { x, y: -280 }, 14);
    expect(at(1137.300038).placement).toMatchObject({ from: 'left', distance: 835 });
  });

  it('hangs a hood over the middle of what is cooked on, set or dragged', () => {
    const builder = rectangle();
    builder.set('F600', 'face-a', 0);
    const cooker = builder.set('COOK900', 'face-a', 900);
    const hood = must(findItem('fathom', 'HOOD600'));
    const set = nextPlace(builder.design, settingOf(hood), 'item-1')!;
    expect(set).toMatchObject({ placement: { distance: 900 + 150 }, caught: { by: 'centre', id: cooker } });
    const dragged = hug(builder.design, settingOf(hood), { x: 1390, y: -180 }, 14);
    expect(dragged).toMatchObject({ placement: { distance: 1050 }, caught: { by: 'centre', id: cooker } });
    builder.place('HOOD600', set.placement);
    expect(nextPlace(builder.design, settingOf(hood))!.placement).not.toMatchObject({ distance: 1050 });
  });

  it('turns the back to the face and stands against the neighbour', () => {
    const builder = rectangle();
    builder.set('F600', 'face-a', 0);
    const { placement, caught } = hug(
      builder.design,
      { width: 500, depth: 560, low: 0, high: 870 },
      { x: 870, y: -300 },
      40,
    );
    expect(placement).toEqual({ on: 'face', face: 'face-a', from: 'left', distance: 600, off: 0 });
    expect(caught).toEqual({ face: 'face-a', by: 'item', id: 'item-1' });
  });

  it('centres on a window, and lands on the nearest face from outside the room', () => {
    const builder = rectangle();
    builder.open('face-a', 'window', 1500, { width: 1000 });
    const setting = { width: 800, depth: 560, low: 0, high: 870 };
    expect(hug(builder.design, setting, { x: 2015, y: -300 }, 40)).toMatchObject({
      placement: { face: 'face-a', distance: 1600 },
      caught: { by: 'centre' },
    });
    expect(hug(builder.design, setting, { x: 2700, y: 900 }, 40).placement).toMatchObject({
      on: 'face',
      face: 'face-a',
      from: 'right',
      distance: 900,
    });
  });

  it('never leaves an item inside a wall or facing one', () => {
    for (const design of [rectangle(4000, 3000, 4050, 2990).design, galleyWithBay()]) {
      const { outline, faces } = roomShape(design);
      const { left, right, bottom, top } = boundsOf(outline);
      const point = fc.record({
        x: fc.double({ min: left - 300, max: right + 300, noNaN: true }),
        y: fc.double({ min: bottom - 300, max: top + 300, noNaN: true }),
      });
      fc.assert(
        fc.property(point, fc.constantFrom(...shelfOf('fathom')), (at, item) => {
          const landing = hug(
            design,
            { width: item.width, depth: item.depth, low: 0, high: item.height },
            at,
            40,
          );
          if (landing.placement.on === 'floor' || landing.caught?.by === 'face') return;
          const builder = new RoomBuilder(design);
          const id = builder.place(item.code, landing.placement);
          const box = itemBoxes(builder.design).find((one) => one.record.id === id)!;
          const face = faces.find((one) => one.id === box.against!.face.id)!;
          expect(box.n).toEqual(face.n);
          const inset = box.rectangle.map((corner, index) => {
            const across = index === 0 || index === 3 ? 1 : -1;
            return place(corner, box.u, across, box.n, index < 2 ? 1 : -1);
          });
          for (const corner of inset) expect(contains(outline, corner)).toBe(true);
        }),
        { numRuns: 150 },
      );
    }
  });

  it('finds the next free place from the keyboard: beside the chosen item, else on the first face', () => {
    const builder = rectangle();
    const setting = { width: 600, depth: 560, low: 0, high: 870 };
    expect(nextPlace(builder.design, setting)?.placement).toMatchObject({
      face: 'face-a',
      from: 'left',
      distance: 0,
    });
    const second = builder.set('F600', 'face-b', 900);
    expect(nextPlace(builder.design, setting, second)?.placement).toMatchObject({
      face: 'face-b',
      from: 'right',
      distance: 900,
    });
    expect(nextPlace(builder.design, { ...setting, width: 3990 })?.placement).toMatchObject({
      face: 'face-a',
    });
  });
});

describe('open lengths', () => {
  it('agree with sampling along the faces', () => {
    const design = galleyWithBay();
    const { faces, outline } = roomShape(design);
    // What dresses the room takes nothing of its walls.
    const items = itemBoxes(design).filter(({ kind }) => kind.group !== 'dressing');
    const boxes = [...items, ...fixedThings(design)].filter(({ low }) => low < 870);
    for (const face of faces) {
      const band = { depth: 560, low: 0, high: 870 };
      const free = freeStretches(design, face, band);
      for (let s = 2.5; s < face.length; s += 5) {
        const ray = [20, 150, 300, 450, 540].map((out) => place(face.start, face.u, s, face.n, out));
        const taken = ray.some(
          (at) => !contains(outline, at) || boxes.some((box) => contains(box.footprint, at)),
        );
        const door = face.letter === 'L' && s > 900 && s < 1700;
        const inFree = free.some(({ from, to }) => s > from && s < to);
        if (taken || door)
          expect(inFree && free.every(({ from, to }) => s - from > 13 && to - s > 13)).toBe(false);
        else if (!inFree) {
          // Within a step and the slant of the wall of where something begins or ends.
          const edges = [0, face.length, ...free.flatMap(({ from, to }) => [from, to])];
          expect(edges.some((edge) => Math.abs(s - edge) < 14)).toBe(true);
        }
      }
    }
  });

  it('shrink to the front where a wall leans in, and say what is along the wall', () => {
    const design = after(galleyWithBay(), removeThings, ['filler-face-a-base-60']);
    const gap = openLengths(design).find(({ face, from }) => face.letter === 'A' && from < 200)!;
    expect(gap.length).toBeCloseTo(120 - 560 * Math.tan((1.3 * Math.PI) / 180), 1);
    expect(gap.alongFace).toBeCloseTo(120, 6);
  });

  it('close with a filler cut to the gap', () => {
    const builder = rectangle();
    builder.set('F900', 'face-a', 0);
    builder.set('F900', 'face-a', 975);
    builder.run(fillGap, { id: 'filler', face: 'face-a', at: 930 });
    expect(recordOf(builder.design, 'item', 'filler')).toMatchObject({
      width: 75,
      type: 'filler',
      depth: 560,
      height: 870,
    });
    expect(openLengths(builder.design).map(({ from, to }) => [from, to])).toEqual([[1875, 4000]]);
  });

  it('close by trimming the cabinet beside them, on either side', () => {
    const builder = rectangle();
    const left = builder.set('F900', 'face-a', 0);
    const right = builder.set('F600', 'face-a', 975);
    builder.run(setRoom, { specials: true });
    builder.run(trimToGap, { ids: [left], face: 'face-a', at: 930 });
    expect(boxOf(builder, left).record.width).toBe(975);
    builder.run(moveItem, {
      id: right,
      placement: { on: 'face', face: 'face-a', from: 'left', distance: 1000, off: 0 },
    });
    builder.run(trimToGap, { ids: [right], face: 'face-a', at: 990 });
    expect(boxOf(builder, right)).toMatchObject({ record: { width: 625 }, against: { along: 975 } });
  });

  it('refuse what would be wrong', () => {
    const builder = rectangle();
    const cooker = builder.set('COOK600', 'face-a', 0);
    const base = builder.set('F900', 'face-a', 1000);
    const gap = { face: 'face-a', at: 800 };
    expect(sentence(fillGap.run(builder.design, { ...gap, id: 'f' }))).toContain(
      '400 mm is too wide for a filler',
    );
    expect(sentence(trimToGap.run(builder.design, { ...gap, ids: [cooker] }))).toContain(
      'COOK600 comes in one size',
    );
    expect(
      sentence(trimToGap.run(after(builder.design, setRoom, { specials: true }), { ...gap, ids: [base] })),
    ).toContain('F900 can’t be made 1300 mm wide');
    expect(sentence(fillGap.run(builder.design, { face: 'face-a', at: 300, id: 'f' }))).toContain(
      'no open length there on face A',
    );
    expect(sentence(trimToGap.run(builder.design, { face: 'face-a', at: 2500, ids: [cooker] }))).toContain(
      'does not stand beside',
    );
    expect(
      sentence(
        setItem.run(builder.design, {
          id: 'x',
          range: 'fathom',
          code: 'F601',
          placement: { on: 'floor', x: 0, y: 0, turn: 0 },
        }),
      ),
    ).toContain('no item “F601”');
  });
});
