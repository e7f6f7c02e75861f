import { describe, expect, it } from 'vitest';
import { build, floor, onA, put, raise, rounded } from '../../testing/placing';
import { rectangle, shaped } from '../../testing/rooms';
import { editItems } from '../commands/edit-items';
import { bendFace } from '../commands/bend-face';
import { leaveOpen } from '../commands/leave-open';
import type { RoomBuilder } from '../demo/build-room';
import { baseBand, freeStretches, hungOnFace, itemsOnFace, openLengths, wallBand } from './open-lengths';
import { itemBoxes } from './item-box';
import { roomShape } from '../survey/room-shape';

const onFace = (face: string, distance: number, off = 0) =>
  ({ ...onA(distance, off), face }) as ReturnType<typeof onA>;
const filler = (builder: RoomBuilder, id: string, face: string, at: number) =>
  put(builder, id, 'FL50', onFace(face, at));
/** The open lengths of a face: the band, and from where to where. */
function open({ design }: RoomBuilder, face = 'face-a') {
  return openLengths(design)
    .filter((one) => one.face.id === face)
    .map(({ band, from, to }) => [band, rounded(from), rounded(to)]);
}

describe('the bands runs stand in', () => {
  const some = () => {
    const builder = rectangle(8000, 4000);
    put(builder, 'a', 'F600', onA(0, 40));
    put(builder, 'b', 'V600-S', onA(600));
    put(builder, 't', 'T600/1950-R', onA(1200, 10));
    put(builder, 'w1', 'U600/720', onA(2000, 20));
    put(builder, 'w2', 'U600/600', onA(2600));
    put(builder, 'other', 'F900', onFace('face-c', 0));
    put(builder, 'loose', 'F600', floor(4000, -2000));
    put(builder, 'hood', 'HOOD600', onA(3300), 'generic-mm');
    return builder;
  };
  const boxes = (builder: RoomBuilder, ...ids: string[]) =>
    itemBoxes(builder.design).filter(({ id }) => ids.includes(id));

  it('of bases is as deep as the deepest, as high as the highest base, or as what there is', () => {
    const builder = some();
    expect(baseBand(boxes(builder, 'a', 'b', 't'))).toEqual({ depth: 600, low: 0, high: 870 });
    expect(baseBand(boxes(builder, 'b'))).toEqual({ depth: 460, low: 0, high: 820 });
    expect(baseBand(boxes(builder, 't'))).toEqual({ depth: 570, low: 0, high: 1950 });
    put(builder, 'corner', 'F900-L', onFace('face-c', 7100));
    expect(baseBand(boxes(builder, 'corner')).depth).toBe(560);
    put(builder, 'high', 'F600', onFace('face-c', 2000));
    for (const [up, high] of [
      [630, 1500],
      [631, 870],
    ] as const) {
      raise(builder, 'high', up);
      expect(baseBand(boxes(builder, 'a', 'high')).high).toBe(high);
    }
  });

  it('of what hangs is that of its cabinets, or of the hood alone', () => {
    const builder = some();
    expect(hungOnFace(builder.design, 'face-a').map(({ id }) => id)).toEqual(['hood', 'w1', 'w2']);
    expect(wallBand(hungOnFace(builder.design, 'face-a'))).toEqual({ depth: 370, low: 1400, high: 2120 });
    expect(wallBand(boxes(builder, 'hood'))).toEqual({ depth: 500, low: 1720, high: 2120 });
    expect(wallBand(boxes(builder, 'w2'))).toEqual({ depth: 350, low: 1520, high: 2120 });
    raise(builder, 'w1', 299);
    expect(hungOnFace(builder.design, 'face-a').map(({ id }) => id)).toEqual(['hood', 'w2']);
    raise(builder, 'w1', 300);
    expect(hungOnFace(builder.design, 'face-a').length).toBe(3);
  });

  it('on the floor are what has its underside lower than 300, on that face', () => {
    const builder = some();
    expect(itemsOnFace(builder.design, 'face-a').map(({ id }) => id)).toEqual(['a', 'b', 't']);
    raise(builder, 'a', 299);
    expect(itemsOnFace(builder.design, 'face-a').length).toBe(3);
    raise(builder, 'a', 300);
    expect(itemsOnFace(builder.design, 'face-a').length).toBe(2);
  });
});

describe('free stretches', () => {
  it('are a millimetre or longer, and say what bounds them and how long they are along the face', () => {
    for (const [gap, count] of [
      [0.9, 1],
      [1, 2],
    ] as const) {
      const builder = rectangle(4000, 3000);
      put(builder, 'a', 'F600', onA(0));
      put(builder, 'b', 'F600', onA(600 + gap));
      const face = roomShape(builder.design).byId.get('face-a')!;
      const free = freeStretches(builder.design, face, { depth: 560, low: 0, high: 870 });
      expect([gap, free.length]).toEqual([gap, count]);
      if (count === 2)
        expect(free[0]).toMatchObject({ left: { kind: 'item', id: 'a' }, right: { kind: 'item', id: 'b' } });
    }
    // Where walls lean into the band the face itself goes on past what is free, at either end.
    const leaning = rectangle(4000, 3000, 3400, null);
    put(leaning, 'a', 'F600', onA(1700));
    const face = roomShape(leaning.design).byId.get('face-a')!;
    const free = freeStretches(leaning.design, face, { depth: 560, low: 0, high: 870 });
    const first = Math.min(...free.map(({ from }) => from));
    const last = Math.max(...free.map(({ to }) => to));
    expect(first > 1 || last < 3999).toBe(true);
    expect(free.map(({ alongFace }) => rounded(alongFace))).toEqual([1700, 4000 - 2300].map(rounded));
  });
});

describe('open lengths', () => {
  it('end a run or part it, and are none beside fixtures, what is loose, or where nothing stands', () => {
    const builder = rectangle(6000, 4000);
    expect(openLengths(builder.design)).toEqual([]);
    put(builder, 'a', 'F600', onA(1000));
    put(builder, 'b', 'F600', onA(2000));
    expect(open(builder)).toEqual([
      ['base', 0, 1000],
      ['base', 1600, 2000],
      ['base', 2600, 6000],
    ]);
    put(builder, 'toilet', 'WC360', onA(3000), 'generic-mm');
    expect(open(builder)).toEqual([
      ['base', 0, 1000],
      ['base', 1600, 2000],
    ]);
    put(builder, 'panel', 'P18', onA(2600));
    expect(open(builder).length).toBe(2);
    put(builder, 'panel-left', 'P18', onA(982));
    expect(open(builder)[0]).toEqual(['base', 0, 982]);
    put(builder, 'bath', 'BATH1500', onFace('face-c', 1000), 'generic-mm');
    expect(open(builder, 'face-c')).toEqual([]);
  });

  it('go on from the other leg of a corner cabinet, where nothing else stands along its wall', () => {
    for (const [code, band] of [
      ['F900-L', 'base'],
      ['F900-K', 'base'],
      ['U650/720-LL', 'wall'],
    ] as const) {
      const at = code.startsWith('F') ? 900 : 650;
      const corner = (along: number, hand: 'left' | 'right') => {
        const builder = rectangle(4200, 3200);
        const id = builder.set(code, 'face-b', along);
        builder.run(editItems, { ids: [id], change: { hand } });
        return { a: open(builder, 'face-a'), c: open(builder, 'face-c') };
      };
      // At face B's left end it stands along face A, at its right end along face C.
      expect(corner(0, 'left')).toEqual({ a: [[band, 0, 4200 - at]], c: [] });
      expect(corner(60, 'left').a).toEqual([[band, 0, 4200 - at]]);
      expect(corner(61, 'left').a).toEqual([]);
      expect(corner(3200 - at, 'right')).toEqual({ a: [], c: [[band, at, 4200]] });
      expect(corner(0, 'right').a).toEqual([]);
    }
  });

  it('stop at what is fixed, and at a vanity that hangs', () => {
    const builder = rectangle(6000, 4000);
    put(builder, 'a', 'F600', onA(1000));
    build(builder, 'pipe-box', onA(2000), { width: 200, depth: 200 });
    put(builder, 'hung', 'V600-H', onFace('face-c', 1000));
    expect(open(builder)).toEqual([
      ['base', 0, 1000],
      ['base', 1600, 2000],
    ]);
    expect(open(builder, 'face-c')).toEqual([
      ['base', 0, 1000],
      ['base', 1600, 6000],
    ]);
  });

  it('at an outside corner are open from 150 on', () => {
    for (const [left, lengths] of [
      [150, []],
      [151, [['base', 0, 151]]],
    ] as const) {
      const builder = shaped('l', [4000, 2000, 1500, 2000, 2500, 4000]);
      const { faces } = roomShape(builder.design);
      const outside = faces.findIndex(({ corner }) => corner > Math.PI);
      const face = faces[outside]!;
      put(builder, 'a', 'F600', onFace(face.id, left));
      expect([left, open(builder, face.id).filter(([, from]) => from === 0)]).toEqual([left, lengths]);
      const before = faces.at(outside - 1)!;
      put(builder, 'b', 'F600', onFace(before.id, before.length - 600 - left));
      const found = open(builder, before.id).filter(([, , to]) => to === rounded(before.length));
      expect([left, found.length]).toEqual([left, lengths.length]);
    }
  });

  it('of what hangs are beside a wall cabinet, not where a tall one takes them in', () => {
    const builder = rectangle(6000, 4000);
    put(builder, 'w', 'U600/720', onA(1000));
    expect(open(builder)).toEqual([
      ['wall', 0, 1000],
      ['wall', 1600, 6000],
    ]);
    put(builder, 'base', 'F600', onA(1000));
    put(builder, 'far', 'F600', onA(3000));
    expect(open(builder).filter(([band]) => band === 'base')).toEqual([
      ['base', 0, 1000],
      ['base', 1600, 3000],
      ['base', 3600, 6000],
    ]);
    expect(open(builder).filter(([band]) => band === 'wall')).toEqual([
      ['wall', 0, 1000],
      ['wall', 1600, 6000],
    ]);
  });

  it('between tall ones, or one and a wall, are of the tall run, where it is free up to them', () => {
    const builder = rectangle(6000, 4000);
    put(builder, 'a', 'T600/1950-R', onA(300));
    put(builder, 'b', 'T600/2150', onA(1500));
    expect(open(builder)).toEqual([
      ['tall', 0, 300],
      ['tall', 900, 1500],
      ['tall', 2100, 6000],
    ]);
    const [first, between] = openLengths(builder.design);
    expect([first, between]).toMatchObject([
      { low: 0, high: 1950 },
      { low: 0, high: 1950 },
    ]);
    put(builder, 'over', 'U600/600', onA(900));
    put(builder, 'base', 'F600', onA(2700));
    expect(open(builder)).toContainEqual(['base', 900, 1500]);
    expect(open(builder)).toContainEqual(['base', 2100, 2700]);
    const wall = rectangle(6000, 4000);
    put(wall, 'tall', 'T600/1950-R', onA(1000));
    put(wall, 'w', 'U600/600', onA(2000));
    raise(wall, 'w', 1300);
    // Before the tall one the wall band ends too: what the tall run takes in is no open length of its own.
    expect(open(wall).filter(([, from]) => from === 0)).toEqual([['tall', 0, 1000]]);
  });

  it('in a corner behind a blind cabinet that is pulled off it, up to 300, are none', () => {
    for (const [pulled, hand, open0] of [
      [300, 'left', []],
      [301, 'left', [['base', 0, 301]]],
      [300, 'right', [['base', 0, 300]]],
    ] as const) {
      const builder = rectangle(6000, 4000);
      put(builder, 'blind', 'F1200-C', onA(pulled));
      builder.run(editItems, { ids: ['blind'], change: { hand } });
      expect([pulled, hand, open(builder).filter(([, from]) => from === 0)]).toEqual([pulled, hand, open0]);
    }
    const right = rectangle(6000, 4000);
    put(right, 'blind', 'F1200-C', onA(6000 - 1200 - 200));
    right.run(editItems, { ids: ['blind'], change: { hand: 'right' } });
    expect(open(right)).toEqual([['base', 0, 4600]]);
  });

  it('in a corner behind the fillers of both its runs are none, within three millimetres', () => {
    for (const [a, d, closed] of [
      [560, 560, true],
      [563, 557, true],
      [564, 560, false],
      [560, 564, false],
    ] as const) {
      const builder = rectangle(6000, 4000);
      filler(builder, 'fa', 'face-a', a);
      put(builder, 'a', 'F600', onA(a + 50));
      filler(builder, 'fd', 'face-d', 4000 - d - 50);
      put(builder, 'd', 'F600', onFace('face-d', 4000 - d - 50 - 600));
      const left = open(builder).filter(([, from]) => from === 0);
      expect([a, d, left.length === 0]).toEqual([a, d, closed]);
    }
    // At the right end of a face, and the left end of the next, the same.
    const builder = rectangle(6000, 4000);
    filler(builder, 'fa', 'face-a', 6000 - 560 - 50);
    put(builder, 'a', 'F600', onA(6000 - 560 - 650));
    const ends = () => open(builder).filter(([, , to]) => to === 6000).length;
    expect(ends()).toBe(1);
    filler(builder, 'fb', 'face-b', 560);
    put(builder, 'b', 'F600', onFace('face-b', 610));
    expect(ends()).toBe(0);
  });

  it('left open on purpose say by which record, from either end, in that band only', () => {
    const builder = rectangle(6000, 4000);
    put(builder, 'a', 'F600', onA(1000));
    put(builder, 'w', 'U600/720', onA(1000));
    builder.run(leaveOpen, { id: 'first', face: 'face-a', band: 'base', at: 500 });
    builder.run(leaveOpen, { id: 'last', face: 'face-a', band: 'wall', at: 3000 });
    const found = openLengths(builder.design).map(({ band, from, leftOpen }) => [
      band,
      rounded(from),
      leftOpen,
    ]);
    expect(found).toEqual([
      ['base', 0, 'first'],
      ['base', 1600, null],
      ['wall', 0, null],
      ['wall', 1600, 'last'],
    ]);
  });

  it('are none on a bent face where nothing as deep as the run has a millimetre of room', () => {
    // 1521 from corner to corner, 456 deep: what stands there with both back corners on the wall has its front nearer to the middle.
    const radius = (1521 ** 2 / 4 + 456 ** 2) / (2 * 456);
    const least = 2 * radius * Math.atan(0.5 / (Math.sqrt(radius ** 2 - 0.25) - 560));
    const leftOf = (distance: number) => {
      const builder = rectangle(1521, 3500);
      builder.run(bendFace, { face: 'face-a', bend: { side: 'out', depth: 456 } });
      put(builder, 'a', 'F600', onA(distance));
      return openLengths(builder.design).find(({ left }) => left === null)?.length ?? null;
    };
    const taken = 600 - leftOf(600)!;
    expect(leftOf(taken + least - 0.01)).toBeNull();
    expect(leftOf(taken + least + 0.01)).toBeCloseTo(least + 0.01, 4);
  });
});
