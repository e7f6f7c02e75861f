import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import type { RoomBuilder } from '../demo/build-room';
import type { OpeningRecord } from '../document/records';
import type { Band } from '../setting/occupancy';
import { roomShape } from '../survey/room-shape';
import { runStretches } from './run-stretches';

const base: Band = { depth: 560, low: 0, high: 870 };
const hung: Band = { depth: 350, low: 1_400, high: 2_120 };
const faceOf = ({ design }: RoomBuilder, letter: string) =>
  roomShape(design).faces.find((face) => face.letter === letter)!;
const stretches = (builder: RoomBuilder, letter: string, band = base) =>
  runStretches(builder.design, faceOf(builder, letter), band).map(({ from, to, length, left, right }) => ({
    from: Math.round(from * 10) / 10,
    to: Math.round(to * 10) / 10,
    ends: [left?.kind === 'opening', right?.kind === 'opening'],
    whole: Math.abs(length - (to - from)) < 1e-9,
  }));
/** A room of 4000 by 3000 with an opening in face B, so far from the corner of A and B. */
const withOpening = (type: OpeningRecord['type'], at: number, change: Partial<OpeningRecord> = {}) => {
  const builder = rectangle(4_000, 3_000);
  builder.open('face-b', type, at, { width: 800, height: 2_000, ...change });
  return builder;
};
/** The leaf’s outer corner swings so far. */
const reach = Math.round(Math.hypot(800, 40) * 10) / 10;

describe('where a run is proposed', () => {
  it('keeps out of the swing of a door in the next face, and 100 off one that opens outwards', () => {
    const free = (to: number) => [{ from: 0, to, ends: [false, true], whole: true }];
    const inwards = stretches(withOpening('door', 200), 'A');
    expect(inwards).toHaveLength(1);
    // Hinged at its far side the door sweeps all of the band beside it; at the near one too, from the hinge on. The top stands out 20 past what carries it.
    expect(inwards[0]!.to).toBeGreaterThan(4_000 - reach - 20 - 2);
    expect(inwards[0]!.to).toBeLessThanOrEqual(4_000 - 700);
    expect(stretches(withOpening('door', 200, { swing: 'out' }), 'A')).toEqual(free(3_900));
    expect(stretches(withOpening('cased', 200), 'A')).toEqual(free(3_900));
    // Past the band’s depth and the casing nothing is in its way.
    const past = (at: number) => stretches(withOpening('cased', at, { casing: 70 }), 'A');
    expect(past(631)).toMatchObject([{ to: 4_000 }]);
    expect(past(629)).toMatchObject([{ to: 3_900 }]);
  });

  it('ends beside the opening with what is left on either side of it, longer than a millimetre', () => {
    // Across from a door in a room so narrow that its swing comes into the band.
    const builder = rectangle(4_000, 1_300);
    builder.open('face-c', 'door', 1_000, { width: 800 });
    const [first, second] = stretches(builder, 'A');
    expect([first!.from, first!.ends, second!.to, second!.ends]).toEqual([
      0,
      [false, true],
      4_000,
      [true, false],
    ]);
    expect(second!.from - first!.to).toBeGreaterThan(300);
    expect(first!.whole && second!.whole).toBe(true);
  });

  it('leaves as they are the stretches that no opening comes to', () => {
    const builder = withOpening('cased', 200);
    builder.set('F600', 'face-a', 1_000);
    builder.set('F600', 'face-a', 2_500);
    expect(stretches(builder, 'A').map(({ from, to, whole }) => [from, to, whole])).toEqual([
      [0, 1_000, true],
      [1_600, 2_500, true],
      [3_100, 3_900, true],
    ]);
    // What is left beside it is a stretch from a millimetre on.
    const beside = (free: number) => {
      const near = withOpening('cased', 200);
      near.set('F600', 'face-a', 3_300 - free);
      return stretches(near, 'A').map(({ to }) => to);
    };
    expect(beside(1)).toEqual([3_299, 3_900]);
    expect(beside(0.9)).toEqual([3_299.1]);
  });

  it('has nothing of the openings of the face itself but what they swing past their jambs', () => {
    const jambs = (change: Partial<OpeningRecord>) => {
      const builder = rectangle(4_000, 3_000);
      builder.open('face-a', 'door', 1_000, { width: 800, ...change });
      return stretches(builder, 'A').map(({ from, to }) => [from, to]);
    };
    expect(jambs({ swing: 'out' })).toEqual([
      [0, 1_000],
      [1_800, 4_000],
    ]);
    // The corner of the leaf goes 1 mm past the jamb across from its hinge.
    const [left, right] = jambs({ hinge: 'left' });
    expect(left).toEqual([0, 980]);
    expect(right![0]).toBeGreaterThanOrEqual(1_000 + reach + 20);
    expect(right![0]).toBeLessThan(1_000 + reach + 21);
    // Opened past square it comes before the wall on the side of its hinge.
    expect(jambs({ hinge: 'left', angle: (3 * Math.PI) / 4 })[0]![1]).toBeLessThan(1_000 - 550);
  });

  it('minds a window where it would be covered, and nothing that is lower or higher than the band', () => {
    const window = withOpening('window', 100, { sill: 1_000, height: 1_000, width: 900 });
    expect(stretches(window, 'A')).toMatchObject([{ to: 4_000 }]);
    expect(stretches(window, 'A', hung)).toMatchObject([{ to: 3_900 }]);
    const high = withOpening('window', 100, { sill: 2_130, height: 200, width: 900 });
    expect(stretches(high, 'A', hung)).toMatchObject([{ to: 4_000 }]);
  });
});
