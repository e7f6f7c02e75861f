import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { levelNames } from '../../wording/drawing-words';
import { expectNoneHidden, strokesOf } from '../../../testing/hidden-strokes';
import { rectangle } from '../../../testing/rooms';
import { collideCommand } from '../../cli/collide';
import { bendFace } from '../../commands/bend-face';
import { editFaces } from '../../commands/edit-faces';
import { editItems } from '../../commands/edit-items';
import { moveItem } from '../../commands/move-item';
import { removeThings } from '../../commands/remove-things';
import { RoomBuilder } from '../../demo/build-room';
import { galleyWithBay } from '../../demo/galley-with-bay';
import { orchardKitchen } from '../../demo/orchard-kitchen';
import { recordOf, type Design } from '../../document/design';
import type { FacePlacement } from '../../document/records';
import type { Point } from '../../geometry/point';
import { itemBoxes } from '../../setting/item-box';
import { solidsOf } from '../../solids/solids';
import { projectOn } from '../../survey/placed-face';
import { roomShape } from '../../survey/room-shape';
import { drawPlan } from '../plan';
import type { PathMark } from '../primitives';
import { drawElevation } from './draw-elevation';
import { levelsOn } from './levels';
import { panelsOf } from './panels';
import { faceFrame } from './view-frame';
import { roomViews } from './views';

const faceOf = (design: Design, letter: string) =>
  roomShape(design).faces.find((face) => face.letter === letter)!;
const panels = (design: Design, letter: string) => {
  const face = faceOf(design, letter);
  return panelsOf(faceFrame(design, face), solidsOf(design));
};
describe('an elevation', () => {
  it('shows what stands against its face from the front, and from its end what comes along the next', () => {
    const builder = rectangle(4000, 3000);
    const item = builder.set('F600', 'face-a', 0);
    const seen = (letter: string) =>
      panels(builder.design, letter)
        .filter(({ solid }) => solid.id === item && solid.of === 'item')
        .map(({ left, right, low, high, outLeft, section }) => [left, right, low, high, outLeft, section]);
    expect(seen('A')).toEqual([[0, 600, 150, 870, 560, false]]);
    // Face D ends in the corner the item stands in: its right side, 600 before that face, is 560 deep.
    expect(seen('D')).toEqual([[2440, 3000, 150, 870, 600, false]]);
    expect([seen('B'), seen('C')]).toEqual([[], []]);
  });

  it('cuts what comes forward along the next face right before its own run', () => {
    const builder = rectangle(4000, 3000);
    const item = builder.set('F900', 'face-a', 200);
    const cut = panels(builder.design, 'D').filter(({ solid }) => solid.id === item && solid.of === 'item');
    expect(cut).toMatchObject([
      { section: true, left: 2440, right: 3000, low: 150, high: 870, outLeft: 650 },
    ]);
    // A deeper thing against the face takes the cut with it.
    builder.set('COLD600', 'face-d', 500);
    const { cut: at } = faceFrame(builder.design, faceOf(builder.design, 'D'));
    const [depth] = itemBoxes(builder.design).flatMap(({ record }) =>
      record.code === 'COLD600' ? record.depth : [],
    );
    expect(at).toBe(depth! + 40 + 10);
  });

  it('is not cut through an island that stands before it', () => {
    const builder = rectangle(4000, 1600);
    const island = builder.place('F600', { on: 'floor', x: 1500, y: -900, turn: 0 });
    // Nor is its top shown, which stands out nearer to the face.
    const marks = drawElevation(builder.design, faceOf(builder.design, 'C'), 20);
    expect(marks.filter(({ source }) => source === island)).toEqual([]);
  });

  it('leaves no stroke of what is behind something: a hand-made case', () => {
    const builder = rectangle(4000, 3000);
    const base = builder.set('F600', 'face-a', 1000);
    // 300 wide and 400 high, 40 before the fronts, over the right half of the cabinet.
    const box = builder.set('BOX', 'face-a', 1450);
    const placement = { on: 'face', face: 'face-a', from: 'left', distance: 1450, off: 600 } as const;
    builder.run(moveItem, { id: box, placement });
    builder.run(editItems, { ids: [box], change: { width: 300, depth: 40, height: 400 } });
    const strokes = strokesOf(drawElevation(builder.design, faceOf(builder.design, 'A'), 20), base);
    const inside = ({ x, y }: Point) => x > 1450 + 1e-6 && x < 1750 - 1e-6 && y > 0 && y < 400 - 1e-6;
    for (const { rings } of strokes)
      for (const [a, b] of rings as [Point, Point][]) {
        expect([a, b].filter(inside)).toEqual([]);
        expect(inside({ x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 })).toBe(false);
      }
    // Its right edge goes on above the box, to the underside of the top.
    const right = strokes.flatMap(({ rings }) => rings).filter((ring) => ring.every(({ x }) => x === 1600));
    expect(right).toEqual([
      [
        { x: 1600, y: 400 },
        { x: 1600, y: 870 },
      ],
    ]);
  });

  it('agrees to 1e-6 mm with the plan and the solid on every edge, whatever stands where', () => {
    const setup = fc.record({
      skew: fc.integer({ min: -300, max: 300 }),
      letter: fc.constantFrom('a', 'b', 'c', 'd'),
      along: fc.double({ min: 0, max: 1500, noNaN: true }),
      code: fc.constantFrom('F600', 'F900-3', 'U600/720', 'T600/2070', 'F450'),
      off: fc.double({ min: 0, max: 60, noNaN: true }),
    });
    fc.assert(
      fc.property(setup, ({ skew, letter, along, code, off }) => {
        const builder = rectangle(4000, 3000, 4000 + skew, 3000);
        const id = builder.set(code, `face-${letter}`, Number(along.toFixed(3)));
        const item = recordOf(builder.design, 'item', id)!;
        const placement = { ...item.placement, off } as FacePlacement;
        builder.run(moveItem, { id, placement });
        const { design } = builder;
        const face = faceOf(design, letter.toUpperCase());
        const [front] = panelsOf(faceFrame(design, face), solidsOf(design)).filter(
          ({ solid, parts }) => solid.id === id && solid.of === 'item' && parts.length > 0,
        );
        const [outline] = drawPlan(design, 20).filter(
          (mark): mark is PathMark => mark.type === 'path' && mark.source === id && mark.closed,
        );
        const spots = outline!.rings[0]!.map((corner) => projectOn(face, corner));
        expect(front!.left).toBeCloseTo(Math.min(...spots.map((spot) => spot.along)), 6);
        expect(front!.right).toBeCloseTo(Math.max(...spots.map((spot) => spot.along)), 6);
        expect(front!.outLeft).toBeCloseTo(Math.max(...spots.map((spot) => spot.out)), 6);
        const box = itemBoxes(design).find((one) => one.id === id)!;
        const foot = box.low < 1 ? 150 : 0;
        // What is drawn of its box; its plinth lies under that.
        const drawn = strokesOf(drawElevation(design, face, 20), id)
          .flatMap(({ rings }) => rings.flat())
          .filter(({ y }) => y > box.low + foot - 1e-3);
        expect(Math.min(...drawn.map(({ x }) => x))).toBeCloseTo(front!.left, 6);
        expect(Math.max(...drawn.map(({ x }) => x))).toBeCloseTo(front!.right, 6);
        expect(Math.min(...drawn.map(({ y }) => y))).toBeCloseTo(box.low + foot, 6);
        expect(Math.max(...drawn.map(({ y }) => y))).toBeCloseTo(box.high, 6);
      }),
      { numRuns: 60 },
    );
  });

  it('has no hidden stroke: of random rooms, every stroke is held against what a ray from the viewer meets first', () => {
    const item = fc.record({
      code: fc.constantFrom('F600', 'F450-3', 'T600/2070', 'U600/720', 'STOOL380/650', 'COLD600'),
      x: fc.integer({ min: 0, max: 3400 }),
      y: fc.integer({ min: -2400, max: 0 }),
      turn: fc.double({ min: -3, max: 3, noNaN: true }),
    });
    fc.assert(
      fc.property(fc.array(item, { minLength: 2, maxLength: 9 }), (items) => {
        const builder = rectangle(4000, 3000);
        for (const { code, x, y, turn } of items) {
          const id = builder.place(code, { on: 'floor', x, y, turn });
          // What goes into something else has no order of depth.
          if (collideCommand(builder.design).collisions.length > 0) builder.run(removeThings, [id]);
        }
        const { design } = builder;
        for (const view of roomViews(design)) expectNoneHidden(design, view);
      }),
      { numRuns: 40 },
    );
  });

  it('of the demo kitchens has no hidden stroke', () => {
    for (const design of [galleyWithBay(), orchardKitchen()])
      for (const view of roomViews(design)) expectNoneHidden(design, view);
  });

  it('follows a sloped ceiling, stops at a half wall, and unrolls a bent face', () => {
    const builder = rectangle(4000, 3000);
    builder.run(editFaces, { faces: ['face-a'], change: { ceilingHeight: 2000 } });
    const ceiling = ({ design }: RoomBuilder, letter: string) =>
      faceFrame(design, faceOf(design, letter)).above;
    expect(ceiling(builder, 'A')).toEqual([
      { x: 0, y: 2000 },
      { x: 4000, y: 2400 },
    ]);
    builder.run(editFaces, { faces: ['face-c'], change: { wallHeight: 1100 } });
    expect(ceiling(builder, 'C').map(({ y }) => y)).toEqual([1100, 1100]);
    builder.run(bendFace, { face: 'face-b', bend: { side: 'out', depth: 300 } });
    const face = faceOf(builder.design, 'B');
    const item = builder.set('F600', 'face-b', face.length / 2 - 300);
    const [front] = panels(builder.design, 'B').filter(
      ({ solid, parts }) => solid.id === item && parts.length > 0,
    );
    expect((front!.left + front!.right) / 2).toBeCloseTo(face.length / 2, 3);
    expect(faceFrame(builder.design, face).length).toBeGreaterThan(3000);
  });

  it('is the same marks while nothing it shows has changed', () => {
    const builder = new RoomBuilder(orchardKitchen());
    const [a, c] = ['A', 'C'].map((letter) =>
      drawElevation(builder.design, faceOf(builder.design, letter), 20),
    );
    const [first] = itemBoxes(builder.design).filter(({ against }) => against?.face.letter === 'A');
    builder.run(editItems, { ids: [first!.id], change: { finish: 'Kelp' } });
    expect(drawElevation(builder.design, faceOf(builder.design, 'C'), 20)).toBe(c);
    expect(drawElevation(builder.design, faceOf(builder.design, 'A'), 20)).not.toBe(a);
  });

  it('calls out its heights', () => {
    const builder = rectangle(4000, 3000);
    builder.set('F600', 'face-a', 0);
    builder.set('U600/720', 'face-a', 0);
    const names = (letter: string) =>
      levelsOn(builder.design, [faceOf(builder.design, letter)]).map(
        ({ height, name }) => `${height} ${levelNames[name]}`,
      );
    expect(names('A')).toEqual(['0 FFL', '900 counter', '1400 wall units', '2400 FCL']);
    expect(names('C')).toEqual(['0 FFL', '2400 FCL']);
  });
});

describe('the cut before a face', () => {
  it.each([
    [49, false],
    [50, false],
    [50.005, false],
    [51, true],
  ])('leaves whole what ends right at it: a cabinet %s from the corner', (distance, isCut) => {
    // Nothing stands against face D: the room is cut 650 before it, where a cabinet on face A ends.
    const builder = rectangle(4000, 3000, 4000, 3000);
    builder.set('F600', 'face-a', distance);
    const { design } = builder;
    const face = roomShape(design).byId.get('face-d')!;
    const panels = panelsOf(faceFrame(design, face), solidsOf(design));
    expect(panels.some(({ section, solid }) => section && solid.of === 'item')).toBe(isCut);
    expect(panels.some(({ section, solid }) => !section && solid.of === 'item')).toBe(!isCut);
  });
});
