import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { expectNoneHidden, strokesOf } from '../../../testing/hidden-strokes';
import { underSlope } from '../../../testing/made-rooms';
import { rectangle, shaped } from '../../../testing/rooms';
import { collideCommand } from '../../cli/collide';
import { bendFace } from '../../commands/bend-face';
import { editFaces } from '../../commands/edit-faces';
import { insertCorner } from '../../commands/insert-corner';
import { moveFace } from '../../commands/move-face';
import { putFixed } from '../../commands/put-fixed';
import { putSection } from '../../commands/put-section';
import { removeThings } from '../../commands/remove-things';
import { RoomBuilder } from '../../demo/build-room';
import { galleyWithBay } from '../../demo/galley-with-bay';
import { orchardKitchen } from '../../demo/orchard-kitchen';
import type { Design } from '../../document/design';
import type { SectionRecord } from '../../document/records';
import { clipHalfPlane, extent } from '../../geometry/convex';
import type { Result } from '../../result';
import { itemBoxes } from '../../setting/item-box';
import { solidsOf } from '../../solids/solids';
import { placedSections } from '../../survey/sections';
import { roomShape } from '../../survey/room-shape';
import { refusalText } from '../../wording/refusal-text';
import { drawPlan } from '../plan';
import type { PathMark } from '../primitives';
import { drawSection } from './draw-section';
import { panelsOf, topAt } from './panels';
import { sectionFrame } from './section-frame';
import { drawSingleView } from './single-view';
import { roomViews } from './views';

/** From the middle of face A straight across to face C, looking at face B. */
const across = (change: Partial<SectionRecord> = {}): SectionRecord => ({
  kind: 'section',
  id: 'cut',
  name: '1',
  from: { face: 'face-a', from: 'left', distance: 2000 },
  to: { face: 'face-c', from: 'right', distance: 2000 },
  side: 'left',
  ...change,
});
const cut = (builder: RoomBuilder, change: Partial<SectionRecord> = {}) => {
  builder.run(putSection, across(change));
  return placedSections(builder.design)[0]!;
};
const sentence = (result: Result<unknown>) => (result.ok ? '' : refusalText(result.refusal));
const THICK = 100;
const round = (numbers: readonly number[]) => numbers.map((one) => Math.round(one * 1e6) / 1e6);
/** The extents of what is filled as cut wall. */
const poche = (builder: RoomBuilder) =>
  drawSection(builder.design, placedSections(builder.design)[0]!, 20)
    .filter((mark): mark is PathMark => mark.type === 'path' && mark.fill === 'poche')
    .map(({ rings: [ring] }) => {
      const [xs, ys] = [ring!.map(({ x }) => x), ring!.map(({ y }) => y)];
      return round([Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)]);
    })
    .sort(([a, , b], [c, , d]) => a! - c! || b! - d!);

describe('a section', () => {
  it('cuts the walls and what the line runs through, and sees what lies beyond: a hand-made case', () => {
    const builder = rectangle(4000, 3000);
    builder.run(editFaces, { faces: ['face-a', 'face-c'], change: { thickness: THICK } });
    const through = builder.set('F600', 'face-a', 1700);
    const beyond = builder.set('F600', 'face-b', 1000);
    const behind = builder.set('F600', 'face-d', 1000);
    const section = cut(builder, { side: 'right' });
    // Walking from A to C through the room, face D lies on the right hand.
    const solids = solidsOf(builder.design);
    const seen = (id: string) =>
      panelsOf(sectionFrame(builder.design, section), solids)
        .filter(({ solid }) => solid.id === id && solid.of === 'item')
        .map(({ left, right, low, high, section: isCut }) => [...round([left, right, low, high]), isCut]);
    expect(sectionFrame(builder.design, section).inside).toEqual([THICK, THICK + 3000]);
    // Looking at D, face C is on the left: the item on A ends at the right wall, 560 deep.
    expect(seen(through)).toEqual([[THICK + 2440, THICK + 3000, 150, 870, true]]);
    // 1000 from the left end of face D, which starts at C.
    expect(seen(behind)).toEqual([[THICK + 1000, THICK + 1600, 150, 870, false]]);
    expect(seen(beyond)).toEqual([]);
    expect(poche(builder)).toEqual([
      [0, THICK, 0, 2400],
      [THICK + 3000, 2 * THICK + 3000, 0, 2400],
    ]);
  });

  it('leaves the opening it runs through free, and half walls where they end', () => {
    const builder = rectangle(4000, 3000);
    builder.run(editFaces, { faces: ['face-a', 'face-c'], change: { thickness: THICK } });
    builder.run(editFaces, { faces: ['face-c'], change: { wallHeight: 1100 } });
    const window = { sill: 900, height: 1200, width: 1000 };
    builder.open('face-a', 'window', 1500, window);
    cut(builder);
    expect(poche(builder)).toEqual([
      [0, THICK, 0, 900],
      [0, THICK, 2100, 2400],
      [THICK + 3000, 2 * THICK + 3000, 0, 1100],
    ]);
  });

  it('follows the slope of the ceiling', () => {
    const builder = rectangle(4000, 3000);
    builder.run(editFaces, { faces: ['face-a', 'face-b'], change: { ceilingHeight: 3000 } });
    // The corners at the ends of face A are raised: over the line it falls evenly from A to C.
    const { above, inside } = sectionFrame(builder.design, cut(builder));
    expect(above.map(({ x, y }) => round([x - inside[0], y]))).toEqual(
      expect.arrayContaining([
        [0, 3000],
        [3000, 2400],
      ]),
    );
    for (const { x, y } of above) expect(y).toBeCloseTo(3000 - ((x - inside[0]) * 600) / 3000, 6);
  });

  it('ends a cabinet that is cut to the slope under that, and one seen beyond', () => {
    // Rising 1 in 1 from 1800 at face A: 5 off it, square to it, it comes to 2150 so far from the wall.
    const { builder, id } = underSlope('fathom', 'T600/2150', 1800, 5800);
    const low = 1800 - 5 * Math.SQRT2;
    for (const [at, isCut] of [
      [1300, true],
      [2500, false],
    ] as const) {
      builder.run(putSection, {
        ...across({ id: `cut-${at}`, name: String(at), side: 'right' }),
        from: { face: 'face-a', from: 'left', distance: at },
        to: { face: 'face-c', from: 'right', distance: at },
      });
      const section = placedSections(builder.design).find(({ record }) => record.id === `cut-${at}`)!;
      const frame = sectionFrame(builder.design, section);
      const wall = frame.inside[1];
      const pieces = panelsOf(frame, solidsOf(builder.design))
        .filter(({ solid, section: own }) => solid.id === id && solid.of === 'item' && own === isCut)
        .sort((p, q) => p.left - q.left);
      const tops = pieces.map((one) => [
        ...[wall - one.left, topAt(one, one.left), wall - one.right, topAt(one, one.right)],
      ]);
      expect(tops.map(round)).toEqual(
        [
          [560, 2150, 2150 - low, 2150],
          [2150 - low, 2150, 0, low],
        ].map(round),
      );
      expect(pieces.map(({ edgeLeft, edgeRight }) => [edgeLeft, edgeRight])).toEqual([
        [true, false],
        [false, true],
      ]);
    }
  });

  it('does not see round a corner', () => {
    // A U, 5000 wide: its arms, 1500 wide, reach 2000 further down than what joins them.
    const builder = shaped('u', [5000, 4000, 1500, 2000, 2000, 2000, 1500, 4000]);
    const hidden = builder.set('F600', 'face-h', 500);
    const seen = builder.set('F600', 'face-h', 2600);
    // Cut along the right arm, looking at the left: up to 2000 from its end the wall of the arm stands before it.
    const section = cut(builder, {
      from: { face: 'face-a', from: 'left', distance: 4250 },
      to: { face: 'face-c', from: 'left', distance: 750 },
      side: 'right',
    });
    const marks = drawSection(builder.design, section, 20);
    expect(strokesOf(marks, hidden)).toEqual([]);
    expect(strokesOf(marks, seen)).not.toEqual([]);
  });

  it('cuts every item to the very width the line has within it, and hides no stroke wrongly, whatever stands where', () => {
    const item = fc.record({
      code: fc.constantFrom('F600', 'F450-3', 'T600/2070', 'U600/720', 'COLD600'),
      x: fc.integer({ min: 0, max: 3400 }),
      y: fc.integer({ min: -2400, max: 0 }),
      turn: fc.double({ min: -3, max: 3, noNaN: true }),
    });
    const ends = fc.record({
      a: fc.integer({ min: 50, max: 3950 }),
      c: fc.integer({ min: 50, max: 3950 }),
      side: fc.constantFrom('left' as const, 'right' as const),
    });
    fc.assert(
      fc.property(fc.array(item, { minLength: 1, maxLength: 7 }), ends, (items, { a, c, side }) => {
        const builder = rectangle(4000, 3000);
        for (const { code, x, y, turn } of items) {
          const id = builder.place(code, { on: 'floor', x, y, turn });
          if (collideCommand(builder.design).collisions.length > 0) builder.run(removeThings, [id]);
        }
        const section = cut(builder, {
          from: { face: 'face-a', from: 'left', distance: a },
          to: { face: 'face-c', from: 'left', distance: c },
          side,
        });
        cutAsClipped(builder.design, section.id);
        const view = roomViews(builder.design).find(({ of }) => of === 'section')!;
        expectNoneHidden(builder.design, view);
      }),
      { numRuns: 40 },
    );
  });

  it('of the demo kitchens hides no stroke wrongly', () => {
    for (const make of [galleyWithBay, orchardKitchen]) {
      const { faces } = roomShape(make());
      const at = (index: number) => ({ face: faces.at(index)!.id, from: 'left' as const, distance: 250 });
      for (const side of ['left', 'right'] as const) {
        const builder = new RoomBuilder(make());
        cut(builder, { id: 'section-1', from: at(0), to: at(-2), side });
        const { design } = builder;
        expectNoneHidden(
          design,
          roomViews(design).find(({ of }) => of === 'section')!,
        );
      }
    }
  });

  it('is marked in the plan, goes with its faces, and is drawn anew only when something changes', () => {
    const builder = rectangle(4000, 3000);
    const section = cut(builder);
    const marks = drawPlan(builder.design, 20).filter(({ source }) => source === 'cut');
    expect(marks.flatMap((mark) => (mark.type === 'text' ? [mark.text] : []))).toEqual(['1', '1']);
    const before = drawSection(builder.design, section, 20);
    builder.run(putFixed, {
      kind: 'fixed',
      id: 'later',
      type: 'column',
      ...{ width: 200, depth: 200, height: 2400, up: 0 },
      placement: { on: 'floor', x: 200, y: -1500, turn: 0 },
    });
    expect(drawSection(builder.design, placedSections(builder.design)[0]!, 20)).toBe(before);
    builder.run(insertCorner, { face: 'face-a', distance: 1000, id: 'new' });
    expect(placedSections(builder.design)[0]!.record.from).toEqual({
      face: 'new',
      from: 'left',
      distance: 1000,
    });
    builder.run(moveFace, { face: 'face-c', by: 300 });
    expect(placedSections(builder.design)[0]!.length).toBeCloseTo(3300, 3);
  });

  it.each([
    ['along one face', { to: { face: 'face-a', from: 'right', distance: 200 } }, 'not along face A'],
    ['past the end of a face', { to: { face: 'face-c', from: 'left', distance: 4500 } }, 'can’t be 4500 mm'],
    [
      'to a face that is not there',
      { to: { face: 'face-x', from: 'left', distance: 0 } },
      'no longer in this room',
    ],
    ['with a name that is taken', { id: 'other', name: ' 1 ' }, 'There is a section 1 already'],
  ] as const)('is refused %s', (_, change, reason) => {
    const builder = rectangle(4000, 3000);
    cut(builder);
    expect(sentence(putSection.run(builder.design, across(change as Partial<SectionRecord>)))).toContain(
      reason,
    );
  });

  it('sees a bent wall without an edge at every chord', () => {
    const builder = rectangle(4000, 3000);
    builder.run(bendFace, { face: 'face-b', bend: { side: 'out', depth: 400 } });
    const upright = drawSection(builder.design, cut(builder), 20)
      .filter((mark): mark is PathMark => mark.type === 'path' && mark.source === 'face-b' && !mark.closed)
      .flatMap(({ rings }) => rings.filter(([a, b]) => Math.abs(a!.x - b!.x) < 1e-9));
    expect(upright.length).toBeLessThanOrEqual(2);
  });
});

describe('the sides of what stands free', () => {
  it('are those that can be stood before, each with what is there', () => {
    const builder = rectangle(5000, 4000);
    const left = builder.place('F600', { on: 'floor', x: 2000, y: -1800, turn: 0 });
    const right = builder.place('F900', { on: 'floor', x: 2600, y: -1800, turn: 0 });
    builder.set('F600', 'face-a', 1000);
    const views = roomViews(builder.design).filter(({ of }) => of === 'side');
    expect(views.map(({ name }) => name)).toEqual([
      'Island, front',
      'Island, right end',
      'Island, back',
      'Island, left end',
    ]);
    const shown = (index: number) => {
      const strokes = (id: string) =>
        strokesOf(drawSingleView(builder.design, views[index]!, 20), id).flatMap(({ rings }) => rings.flat());
      return [left, right].map((id) => {
        const xs = strokes(id).map(({ x }) => x);
        return xs.length === 0 ? null : round([Math.min(...xs), Math.max(...xs)]);
      });
    };
    expect(shown(0)).toEqual([
      [0, 600],
      [600, 1500],
    ]);
    expect(shown(1)).toEqual([null, [0, 560]]);
    expect(shown(2)).toEqual([
      [900, 1500],
      [0, 900],
    ]);
    for (const view of views) expectNoneHidden(builder.design, view);
  });

  it('of a partition show what has its back to it', () => {
    const builder = rectangle(5000, 4000);
    builder.run(putFixed, {
      kind: 'fixed',
      id: 'wall',
      type: 'partition',
      ...{ width: 2000, depth: 100, height: 2400, up: 0 },
      placement: { on: 'floor', x: 1500, y: -2000, turn: 0 },
    });
    const item = builder.place('F600', { on: 'floor', x: 1700, y: -2100, turn: 0 });
    const views = roomViews(builder.design).filter(({ of }) => of === 'side');
    expect(views.map(({ name }) => name)).toContain('Partition, front');
    const front = views.find(({ name }) => name === 'Partition, front')!;
    const xs = strokesOf(drawSingleView(builder.design, front, 20), item).flatMap(({ rings }) =>
      rings.flat().map(({ x }) => x),
    );
    expect(round([Math.min(...xs), Math.max(...xs)])).toEqual([200, 800]);
  });

  it('of a partition are drawn where the end of a run stands right before them as well', () => {
    const builder = rectangle(5000, 4000);
    builder.set('F600', 'face-a', 700);
    // Square to face A, 600 long, against the right end of the run.
    builder.run(putFixed, {
      kind: 'fixed',
      id: 'stub',
      type: 'partition',
      ...{ width: 100, depth: 600, height: 2400, up: 0 },
      placement: { on: 'face', face: 'face-a', from: 'left', distance: 1300, off: 0 },
    });
    const names = roomViews(builder.design).flatMap(({ of, name }) => (of === 'side' ? [name] : []));
    expect(names).toEqual(['Partition, right end', 'Partition, left end']);
  });
});

/** Each cut item takes as much of the section as its footprint, clipped twice to a line, is long. */
function cutAsClipped(design: Design, id: string): void {
  const section = placedSections(design).find((one) => one.id === id)!;
  const frame = sectionFrame(design, section);
  const { left, u, n } = section;
  const at = left.x * n.x + left.y * n.y;
  for (const box of itemBoxes(design)) {
    const panels = panelsOf(frame, solidsOf(design)).filter(
      (panel) => panel.section && panel.solid.id === box.id && panel.solid.of === 'item',
    );
    const before = clipHalfPlane(box.footprint, n, at);
    const strip = clipHalfPlane(before, { x: -n.x, y: -n.y }, -at - 1e-9);
    if (before.length < 3 || strip.length < 2) {
      expect(panels).toEqual([]);
      continue;
    }
    const [from, to] = extent(strip, u).map(
      (along) => along - (left.x * u.x + left.y * u.y) + frame.inside[0],
    );
    if (to! - from! < 0.02) continue;
    expect(panels[0]!.left).toBeCloseTo(from!, 5);
    expect(panels[0]!.right).toBeCloseTo(to!, 5);
  }
}
