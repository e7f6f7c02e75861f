import { describe, expect, it } from 'vitest';
import { onA, put } from '../../testing/placing';
import { cornered, rectangle } from '../../testing/rooms';
import { putMeasurement } from '../commands/put-measurement';
import type { RoomBuilder } from '../demo/build-room';
import { recordOf, recordsOf, type Design } from '../document/design';
import { applyPatch, patchOf } from '../document/patch';
import type { MeasurementRecord } from '../document/records';
import { distance, type Point } from '../geometry/point';
import { must } from '../result';
import { refusalText } from '../wording/refusal-text';
import { datumOf, inDatum } from './datum';
import { lettersOf } from './face-letters';
import { placedOpenings } from './openings';
import { roomShape } from './room-shape';
import { NO_LENGTH, reshapedTo } from './walked-at';

const at = (x: number, y: number): Point => ({ x, y });
/** The room after it was walked at other corners: its corners, and the letters and records of its faces. */
function walkedAt({ design }: RoomBuilder, corners: readonly Point[]) {
  const { written, removed } = must(reshapedTo(design, corners));
  const after = must(applyPatch(design, patchOf(design, written, removed)));
  expect(written.map(({ id }) => id).filter((id) => removed.includes(id))).toEqual([]);
  return { after, written, removed, ...seen(after) };
}
function seen(design: Design) {
  const { faces } = roomShape(design);
  return {
    letters: faces.map(({ letter }) => letter).join(''),
    lengths: faces.map(({ length }) => Math.round(length * 1e3) / 1e3),
  };
}
function refused({ design }: RoomBuilder, corners: readonly Point[]): string {
  const shaped = reshapedTo(design, corners);
  return shaped.ok ? '' : refusalText(shaped.refusal);
}
const box = [at(0, 0), at(4000, 0), at(4000, -3000), at(0, -3000)];

describe('a face whose ends come together', () => {
  it('is gone when it is shorter than no length at all, and else too short to be one', () => {
    const nearly = (short: number) => [at(0, 0), at(4000, 0), at(4000, -3000), at(0, -short)];
    const { letters, lengths } = walkedAt(rectangle(), nearly(NO_LENGTH - 1e-6));
    expect([letters, lengths]).toEqual(['ABC', [4000, 3000, 5000]]);
    expect(refused(rectangle(), nearly(NO_LENGTH))).toContain('Face D');
    expect(refused(rectangle(), nearly(NO_LENGTH + 1e-6))).toContain('Face D');
  });

  it('takes a measurement to it with it, and no other', () => {
    const room = rectangle();
    const tape = (id: string, from: string, to: string): MeasurementRecord => ({
      ...({ kind: 'measurement', id, length: 5000, standing: 'excluded' } as const),
      from: { face: `face-${from}`, from: 'left', distance: 0 },
      to: { face: `face-${to}`, from: 'left', distance: 0 },
    });
    room.run(putMeasurement, tape('gone', 'b', 'd'));
    room.run(putMeasurement, tape('stays', 'a', 'c'));
    expect(walkedAt(room, [at(0, 0), at(4000, 0), at(4000, -3000), at(0, 0)]).removed).toEqual([
      'face-d',
      'gone',
    ]);
  });

  it('is refused while an opening or an item is on it, and only then', () => {
    const away = [at(0, 0), at(4000, 0), at(4000, -3000), at(0, 0)];
    const withWindow = (face: string) => {
      const room = rectangle();
      room.open(face, 'window', 100, { width: 600 });
      return room;
    };
    expect(refused(withWindow('face-d'), away)).toContain('Something stands on face D');
    expect(walkedAt(withWindow('face-b'), away).letters).toBe('ABC');
    const withItem = (face: string) => {
      const room = rectangle();
      put(room, 'base', 'F600', { ...onA(200), face } as ReturnType<typeof onA>);
      return room;
    };
    expect(refused(withItem('face-d'), away)).toContain('Something stands on face D');
    expect(walkedAt(withItem('face-b'), away).letters).toBe('ABC');
    const free = rectangle();
    put(free, 'island', 'F600', { on: 'floor', x: 2000, y: -1000, turn: 0 });
    expect(walkedAt(free, away).letters).toBe('ABC');
  });

  it('leaves at least three faces', () => {
    const triangle = cornered([at(0, 0), at(4000, 0), at(2000, -3000)]);
    expect(refused(triangle, [at(0, 0), at(4000, 0), at(4000, 0)])).toContain('at least 3 faces');
  });
});

it('a face that would turn round, or stand square to how it ran, is refused by its letter', () => {
  const [, , c, d] = box as [Point, Point, Point, Point];
  expect(refused(rectangle(), [at(0, 0), at(0, 1000), c, d])).toContain(
    'Face A would be left with no length',
  );
  expect(refused(rectangle(), [at(0, 0), at(-1000, 0), c, d])).toContain('Face A');
  expect(refused(rectangle(), [at(0, 0), at(4000, 0), at(4000, 500), d])).toContain('Face B');
  expect(walkedAt(rectangle(), [at(0, 0), at(1000, 0), c, d]).lengths[0]).toBe(1000);
});

it('corners that move and leave every face its length keep all faces', () => {
  const { letters, lengths, removed } = walkedAt(rectangle(), [
    at(0, 0),
    at(5000, 0),
    at(5000, -3000),
    at(0, -3000),
  ]);
  expect([letters, lengths, removed]).toEqual(['ABCD', [5000, 3000, 5000, 3000], []]);
});

/** A room with a notch 500 deep in its top: A, then B into the room, C along it, D back out, and E in line with A; F, G and H are the other walls. */
const notched = [
  ...[at(0, 0), at(1000, 0), at(1000, -500), at(2200, -500)],
  ...[at(2200, 0), at(5000, 0), at(5000, -4000), at(0, -4000)],
];
/** The notch pulled back until its front is in line with what is beside it. */
const flush = notched.map(({ x, y }) => at(x, y === -500 ? 0 : y));

describe('faces that run on in one line when what was between them is gone', () => {
  it('are one, under the letter of the first, as long as all of them', () => {
    const { letters, lengths, removed, after } = walkedAt(cornered(notched), flush);
    expect([letters, lengths]).toEqual(['AFGH', [5000, 4000, 5000, 4000]]);
    expect(removed).toEqual(['face-b', 'face-c', 'face-d', 'face-e']);
    expect(recordOf(after, 'face', 'face-a')).toMatchObject({ length: 5000, lengthFrom: 'measured' });
    roomShape(after).corners.forEach((corner, index) =>
      expect(distance(corner, [at(0, 0), at(5000, 0), at(5000, -4000), at(0, -4000)][index]!)).toBeLessThan(
        1e-6,
      ),
    );
  });

  it('are one wherever the walk begins; it begins with the face it began with', () => {
    // Begun at each of the corners in turn; how far round the one whole then stands.
    notched.forEach((_, begin) => {
      const turned = (corners: readonly Point[]) => [...corners.slice(begin), ...corners.slice(0, begin)];
      const { letters, lengths } = walkedAt(
        cornered(turned(notched)),
        turned(flush).map((corner) => inDatum(datumOf(turned(notched)), corner)),
      );
      const letter = (index: number) => 'ABCDEFGH'[(index + 8 - begin) % 8]!;
      const whole = [0, 2, 4].map(letter).sort()[0]!;
      const rows = [
        [whole, 5000],
        [letter(5), 4000],
        [letter(6), 5000],
        [letter(7), 4000],
      ] as const;
      const first = Math.max(0, begin - 4);
      const order = [...rows.slice(first), ...rows.slice(0, first)];
      expect(letters).toBe(order.map(([one]) => one).join(''));
      expect(lengths).toEqual(order.map(([, length]) => length));
    });
  });

  it('measured each, the whole is; with one that only follows, so does the whole', () => {
    const follows = (lengths: string) =>
      recordOf(walkedAt(cornered(notched, { lengths }), flush).after, 'face', 'face-a')!.lengthFrom;
    expect(follows('')).toBe('measured');
    expect(follows('A')).toBe('outline');
    expect(follows('E')).toBe('outline');
    expect(follows('F')).toBe('measured');
  });

  it('are as long as was taped along them all, whichever way; that measurement is then the face’s', () => {
    const tape = (from: MeasurementRecord['from'], to: MeasurementRecord['to']): MeasurementRecord => ({
      ...({ kind: 'measurement', id: 'tape', standing: 'measured', uncertainty: 1.5 } as const),
      ...{ length: 5004, from, to },
    });
    const start = { face: 'face-a', from: 'left', distance: 0 } as const;
    const end = { face: 'face-e', from: 'right', distance: 0 } as const;
    for (const taped of [tape(start, end), tape(end, start)]) {
      const room = cornered(notched);
      room.run(putMeasurement, taped);
      const { corners } = roomShape(room.design);
      const shut = corners.map((corner, index) =>
        index === 2 ? corners[1]! : index === 3 ? corners[4]! : corner,
      );
      // In line, as far as the adjusted corners are: to the hundredth of a degree.
      const { after, removed, letters } = walkedAt(room, shut);
      expect(letters).toBe('AFGH');
      expect(removed).toContain('tape');
      const { length, lengthFrom, lengthUncertainty } = recordOf(after, 'face', 'face-a')!;
      expect([lengthFrom, lengthUncertainty]).toEqual(['measured', 1.5]);
      // What was taped stays what was taped, beside what the adjustment makes of it.
      expect(length).toBeCloseTo(5004, 1);
      expect(recordsOf(after, 'measurement')).toEqual([]);
    }
    for (const other of [
      tape(start, { ...end, distance: 10 }),
      tape({ ...start, distance: 10 }, end),
      tape({ ...start, from: 'right' }, end),
      tape(start, { ...end, from: 'left' }),
      tape(start, { ...end, face: 'face-f' }),
    ]) {
      const room = cornered(notched);
      room.run(putMeasurement, { ...other, standing: 'excluded' });
      expect(walkedAt(room, flush).removed).not.toContain('tape');
    }
  });

  it('carry what is on them: the window of the second stands as far from the far corner', () => {
    const room = cornered(notched);
    room.open('face-e', 'window', 300, { width: 600 });
    const [window] = placedOpenings(walkedAt(room, flush).after);
    expect([window!.face.letter, window!.left, window!.right]).toEqual(['A', 2500, 3100]);
  });

  it('stay two where they only nearly run on, run back, or are bent', () => {
    // Half a degree off, and then a twentieth of one.
    const leaning = (degrees: number) => {
      const end = at(5000, 2800 * Math.tan((degrees * Math.PI) / 180));
      const change = (corners: readonly Point[]) => corners.map((one, i) => (i === 5 ? end : one));
      return walkedAt(cornered(change(notched)), change(flush)).letters;
    };
    expect(leaning(0.5)).toBe('AEFGH');
    expect(leaning(0.05)).toBe('AFGH');
    // Neighbours in line with nothing gone between them are two faces on purpose.
    const split = [...notched.slice(0, 6), at(5000, -2000), ...notched.slice(6)];
    const shut = [...flush.slice(0, 6), at(5000, -2000), ...flush.slice(6)];
    expect(walkedAt(cornered(split), shut).letters).toBe('AFGHI');
    const bent = (face: string, bend: number) => {
      const room = cornered(notched);
      const record = { ...recordOf(room.design, 'face', face)!, bend };
      room.design = { ...room.design, records: { ...room.design.records, [face]: record } };
      return walkedAt(room, flush).letters;
    };
    expect(bent('face-a', -100)).toBe('ACFGH');
    expect(bent('face-e', -100)).toBe('AEFGH');
    expect(bent('face-g', -100)).toBe('AFGH');
  });

  it('keep the letter that comes first, whatever comes first in the walk', () => {
    const room = cornered(notched);
    const loop = { ...recordsOf(room.design, 'loop')[0]!, letters: [...'EBCDAFGH'] };
    room.design = { ...room.design, records: { ...room.design.records, loop } };
    const { after, letters } = walkedAt(room, flush);
    expect(letters).toBe('AFGH');
    expect(lettersOf(recordsOf(after, 'loop')[0]!)).toEqual([...'AFGH']);
    expect(recordOf(after, 'face', 'face-a')).toBeUndefined();
    // Its corner is that of the face that came first.
    expect(roomShape(after).faces[0]!.corner).toBeCloseTo(Math.PI / 2, 9);
    expect(recordOf(after, 'face', 'face-e')!.corner).toBeCloseTo(Math.PI / 2, 9);
  });

  it('have the corner the first had, with how it is known', () => {
    const room = cornered(notched, { corners: 'A' });
    const record = { ...recordOf(room.design, 'face', 'face-a')!, cornerUncertainty: 0.01 };
    room.design = { ...room.design, records: { ...room.design.records, 'face-a': record } };
    const shut = recordOf(walkedAt(room, flush).after, 'face', 'face-a')!;
    expect([shut.cornerFrom, shut.cornerUncertainty]).toEqual(['assumed', 0.01]);
    const other = cornered(notched);
    const last = { ...recordOf(other.design, 'face', 'face-a')! };
    expect(last.cornerUncertainty).toBeUndefined();
    expect('cornerUncertainty' in recordOf(walkedAt(other, flush).after, 'face', 'face-a')!).toBe(false);
  });
});
