import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cornered } from '../../testing/rooms';
import { collideCommand } from '../cli/collide';
import { bendFace } from '../commands/bend-face';
import { editItems } from '../commands/edit-items';
import { replaceItems } from '../commands/replace-items';
import { after, type RoomBuilder } from '../demo/build-room';
import type { RunBand } from '../document/limits';
import type { Point } from '../geometry/point';
import { openLengths } from '../setting/open-lengths';
import { refusalText } from '../wording/refusal-text';
import { criteria } from './fill-problem';
import { propose } from './propose';
import { usualEnds, type ProposalRequest } from './request';

/** A room of four faces: A and B so long, D as long as B, with the inside angles at both ends of A, degrees. */
function fourFaces(a: number, b: number, atLeft: number, atRight: number): RoomBuilder {
  const ray = ({ x, y }: Point, degrees: number): Point => {
    const turn = (degrees * Math.PI) / 180;
    return { x: x + b * Math.cos(turn), y: y - b * Math.sin(turn) };
  };
  const [left, right] = [
    { x: 0, y: 0 },
    { x: a, y: 0 },
  ];
  return cornered([left, right, ray(right, 180 - atRight), ray(left, atLeft)]);
}

let count = 0;
const families = { base: 'F*', wall: 'U*', tall: 'T*' };
const asked = (faces: readonly string[], band: RunBand = 'base'): ProposalRequest => ({
  ...{ faces, band, range: 'fathom', family: families[band], replaced: [], centre: null, order: criteria },
  ...{ most: 3, ends: usualEnds('mm'), loose: [] },
});
const proposed = ({ design }: RoomBuilder, faces: readonly string[], band?: RunBand) =>
  propose(design, asked(faces, band), () => `new-${(count += 1)}`);

const corner = fc.oneof(
  fc.integer({ min: 60, max: 150 }),
  fc.double({ min: 88.8, max: 91.2, noNaN: true }),
  fc.constant(90),
);
const aThing = fc.record({
  face: fc.constantFrom('face-a', 'face-b'),
  at: fc.integer({ min: 0, max: 1500 }),
  width: fc.integer({ min: 60, max: 700 }),
  depth: fc.integer({ min: 60, max: 700 }),
});
const anOpening = fc.record({
  face: fc.constantFrom('face-a', 'face-b', 'face-d'),
  type: fc.constantFrom('door', 'window', 'cased'),
  at: fc.integer({ min: 0, max: 500 }),
  hinge: fc.constantFrom('left', 'right'),
  casing: fc.constantFrom(0, 70),
});
/** A room with nothing in it, or with a few things. */
const few = <T>(one: fc.Arbitrary<T>) =>
  fc.oneof(fc.constant([]), fc.array(one, { minLength: 1, maxLength: 2 }));
const aRoom = fc.record({
  a: fc.integer({ min: 1200, max: 4500 }),
  b: fc.integer({ min: 1500, max: 4500 }),
  atLeft: corner,
  atRight: corner,
  three: fc.boolean(),
  band: fc.constantFrom<RunBand>('base', 'wall', 'tall'),
  things: few(aThing),
  openings: few(anOpening).map((all) =>
    all.filter(({ face }, index) => index === 0 || face !== all[0]!.face),
  ),
});

describe('what is proposed about a corner', () => {
  it('goes into nothing and closes the corner, whatever its angle and whatever stands beside it (property)', () => {
    fc.assert(
      fc.property(aRoom, ({ a, b, atLeft, atRight, three, band, things, openings }) => {
        // The two sides come no nearer to each other than two runs and a little.
        const cosines = Math.cos((atLeft * Math.PI) / 180) + Math.cos((atRight * Math.PI) / 180);
        fc.pre(Math.min(a, a - b * cosines) > 1400);
        const builder = fourFaces(a, b, atLeft, atRight);
        for (const { face, at, width, depth } of things) {
          const from = face === 'face-a' ? 'right' : 'left';
          const id = builder.place('BOX', { on: 'face', face, from, distance: at, off: 0 });
          builder.run(editItems, { ids: [id], change: { width, depth, height: 2300 } });
        }
        for (const { face, type, at, hinge, casing } of openings)
          builder.open(face, type as 'door', at + casing, { hinge: hinge as 'left', casing, width: 700 });
        const { design } = builder;
        const before = collideCommand(design).collisions.map(({ text }) => text);
        const result = proposed(builder, three ? ['face-d', 'face-a', 'face-b'] : ['face-a', 'face-b'], band);
        for (const { removed, items, corners } of result.ok ? result.value : []) {
          const done = after(design, replaceItems, { removed, items });
          expect(collideCommand(done).collisions.map(({ text }) => text)).toEqual(before);
          if (things.length + openings.length > 0) continue;
          expect(corners).toHaveLength(three ? 2 : 1);
          const letters = three ? 'DAB' : 'AB';
          const open = openLengths(done).filter((one) => letters.includes(one.face.letter));
          expect(open.filter((one) => one.band === band)).toEqual([]);
        }
      }),
      { numRuns: 30 },
    );
  });

  it('is one cabinet with legs up to a degree out of square, pulled off a wall that leans towards it, and none beyond', () => {
    const cornersAt = (degrees: number) => {
      const result = proposed(fourFaces(3500, 3400, 90, degrees), ['face-a', 'face-b']);
      return (result.ok ? result.value : []).map(({ items, corners }) => ({
        corner: corners[0],
        legs: items.find(({ code }) => /-[LK]D?$/.test(code)),
      }));
    };
    for (const degrees of [88.99, 91.01])
      expect(cornersAt(degrees).map(({ corner }) => corner)).toEqual([
        'empty-corner',
        'empty-corner',
        'empty-corner',
      ]);
    for (const degrees of [89, 90, 91]) {
      const [best] = cornersAt(degrees);
      const { width, placement } = best!.legs!;
      const leans = Math.max(0, width / Math.tan((degrees * Math.PI) / 180));
      expect(placement).toMatchObject({ face: 'face-a', from: 'right' });
      expect(placement.on === 'face' && placement.distance).toBeCloseTo(leans, 5);
    }
  });

  it('is nothing in a corner out of square, where the runs meet at half its angle', () => {
    for (const degrees of [70, 135]) {
      const result = proposed(fourFaces(3500, 3400, 90, degrees), ['face-a', 'face-b']);
      const [best] = result.ok ? result.value : [];
      const meet = (reach: number) => reach / Math.tan((degrees * Math.PI) / 360);
      const inCorner = best!.items.slice(-2);
      for (const { type, width, placement } of inCorner) {
        expect(type).toBe('filler');
        expect(placement.on === 'face' && placement.distance).toBeCloseTo(meet(560), 5);
        expect(width).toBeCloseTo(meet(580) - meet(560) + 50, 5);
      }
    }
  });

  it('has room on the face between two corners, and beside what stands near one; or the refusal says how much is missing', () => {
    const three = ['face-d', 'face-a', 'face-b'];
    const text = (builder: RoomBuilder, faces = three) => {
      const result = proposed(builder, faces);
      return result.ok ? '' : refusalText(result.refusal);
    };
    // Two empty corners take 630 each: 560 of the other run, 20 for its fronts, 50 of filler.
    expect(text(fourFaces(1260, 3000, 90, 90))).toBe('');
    expect(text(fourFaces(1259, 3000, 90, 90))).toContain(
      'needs 1260 mm with its fillers, and 1259 mm are open on face A: 1 mm too little',
    );
    for (const [face, length] of [
      ['A', 'face-a'],
      ['B', 'face-b'],
    ] as const) {
      const beside = (free: number) => {
        const builder = fourFaces(3000, 3000, 90, 90);
        builder.set('F900', length, face === 'A' ? 2100 - free : free);
        return builder;
      };
      const two = ['face-a', 'face-b'];
      expect(text(beside(630), two)).toBe('');
      expect(text(beside(629), two)).toContain(`629 mm are open on face ${face}: 1 mm too little`);
      // Nearer than the other run is deep, it ends that run, and there is no corner.
      const near = proposed(beside(559), two);
      expect(near.ok && near.value[0]!.corners).toEqual([]);
    }
  });

  it('goes round what stands in the corner itself: blind past it, no legs', () => {
    const boxed = (size: number) => {
      const builder = fourFaces(3500, 3400, 90, 90);
      const id = builder.place('BOX', { on: 'face', face: 'face-a', from: 'right', distance: 0, off: 0 });
      builder.run(editItems, { ids: [id], change: { width: size, depth: size, height: 2300 } });
      const result = proposed(builder, ['face-a', 'face-b']);
      return result.ok ? result.value[0]!.items : [];
    };
    const pullOf = (size: number) => {
      const blind = boxed(size).find(({ type }) => type === 'base-blind' || type === 'base-corner-pull-out');
      return blind?.placement.on === 'face' && blind.placement.distance;
    };
    expect(pullOf(100)).toBe(100);
    expect(pullOf(200)).toBe(200);
    expect(pullOf(201)).toBe(false);
    expect(boxed(201).length).toBeGreaterThan(0);
  });

  it('is cut from a filler of the range that is wide enough, as high as the run', () => {
    const builder = fourFaces(3000, 3000, 90, 80);
    builder.set('U600/720', 'face-a', 0);
    const result = proposed(builder, ['face-a', 'face-b'], 'wall');
    const fillers = (result.ok ? result.value[0]!.items : []).filter(({ type }) => type === 'filler-wall');
    expect(fillers.length).toBeGreaterThan(2);
    for (const { code, width, height, depth } of fillers)
      expect({ code, height, depth }).toEqual({
        code: `FU${width > 50 ? 100 : 50}/720`,
        height: 720,
        depth: 350,
      });
  });

  it('is none at an outside corner, and between faces that don’t follow one another', () => {
    // Face C turns round the corner that stands out into the room.
    const builder = cornered([
      ...[
        [0, 0],
        [4_000, 0],
        [4_000, -2_000],
        [2_500, -2_000],
        [2_500, -4_000],
        [0, -4_000],
      ].map(([x, y]) => ({ x: x!, y: y! })),
    ]);
    for (const faces of [
      ['face-c', 'face-d'],
      ['face-a', 'face-c'],
    ]) {
      const result = proposed(builder, faces);
      const [best] = result.ok ? result.value : [];
      expect(best!.corners).toEqual([]);
      const done = after(builder.design, replaceItems, { removed: [], items: best!.items });
      expect(collideCommand(done).collisions).toEqual([]);
      expect(new Set(best!.items.map(({ placement }) => placement.on === 'face' && placement.face))).toEqual(
        new Set(faces),
      );
    }
  });

  it('is not asked for where a face is bent', () => {
    const builder = fourFaces(3000, 3000, 90, 90);
    builder.run(bendFace, { face: 'face-b', bend: { side: 'out', depth: 100 } });
    const result = proposed(builder, ['face-a', 'face-b']);
    expect(result.ok ? '' : refusalText(result.refusal)).toContain(
      'Face B is bent: a run round a corner can be proposed only on a straight one. Ask for each face by itself.',
    );
    for (const face of ['face-a', 'face-b']) expect(proposed(builder, [face]).ok).toBe(true);
  });
});
