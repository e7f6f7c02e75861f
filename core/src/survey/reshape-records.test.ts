import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { putMeasurement } from '../commands/put-measurement';
import type { RoomBuilder } from '../demo/build-room';
import { recordOf, type Design } from '../document/design';
import { applyPatch, patchOf } from '../document/patch';
import type { FaceRecord, MeasurementRecord } from '../document/records';
import { distance } from '../geometry/point';
import { must } from '../result';
import { refusalText } from '../wording/refusal-text';
import { datumOf, inDatum } from './datum';
import { reshape, walkedFaces } from './reshape';
import { roomShape, tryRoomShape } from './room-shape';

const faceOf = (design: Design, letter: string) => recordOf(design, 'face', `face-${letter}`)!;
const letters = ['a', 'b', 'c', 'd'];
/** With some fields of some face records as given, whatever a command would say. */
function withFaces(builder: RoomBuilder, change: Partial<Record<string, Partial<FaceRecord>>>): RoomBuilder {
  const records = { ...builder.design.records };
  for (const [letter, fields] of Object.entries(change))
    records[`face-${letter}`] = { ...faceOf(builder.design, letter), ...fields };
  builder.design = { ...builder.design, records };
  return builder;
}
const tape = (id: string, from: string, to: string, length: number): MeasurementRecord => ({
  ...({ kind: 'measurement', id, length, standing: 'measured' } as const),
  ...{
    from: { face: `face-${from}`, from: 'left', distance: 0 },
    to: { face: `face-${to}`, from: 'left', distance: 0 },
  },
});
/** Where the corners are wanted when one of them moves. */
const moved = (design: Design, index: number, x: number, y: number) =>
  walkedFaces(design).map((one, at) =>
    at === index ? { ...one, at: { x: one.at.x + x, y: one.at.y + y } } : one,
  );
function reshaped(design: Design, walked: ReturnType<typeof walkedFaces>) {
  const { written, removed } = must(reshape(design, walked));
  const after = must(applyPatch(design, patchOf(design, written, removed)));
  const wanted = walked.map(({ at }) => at);
  const placed = wanted.map((at) => inDatum(datumOf(wanted), at));
  const off = Math.max(...roomShape(after).corners.map((at, index) => distance(at, placed[index]!)));
  return { after, off, written, removed };
}

it('two walls that are all but parallel make no room that is far larger than it was given', () => {
  const builder = rectangle(4000, 3000, 4010, 2995);
  withFaces(builder, {
    a: { lengthFrom: 'outline' },
    c: { lengthFrom: 'excluded' },
    b: { cornerFrom: 'measured' },
  });
  const shape = tryRoomShape(builder.design);
  expect(shape.ok ? '' : refusalText(shape.refusal)).toContain('Measure face A or face C');
});

describe('the records of a room that is given another shape', () => {
  it('put its corners where they are wanted, whatever of it is measured', () => {
    const standing = fc.constantFrom('measured', 'outline', 'excluded');
    fc.assert(
      fc.property(
        fc.tuple(standing, standing, standing, standing),
        fc.constantFrom('measured', 'assumed', 'excluded'),
        fc.nat(3),
        fc.integer({ min: -400, max: 400 }),
        fc.integer({ min: -400, max: 400 }),
        (lengths, corner, index, x, y) => {
          const builder = rectangle(4000, 3000, 4010, 2995);
          const change = Object.fromEntries(
            letters.map((letter, at) => [letter, { lengthFrom: lengths[at]! }]),
          );
          withFaces(builder, change);
          withFaces(builder, { b: { cornerFrom: corner } });
          const { design } = builder;
          // Too little may be known to begin with.
          fc.pre(tryRoomShape(design).ok);
          const walked = moved(design, index, x, y);
          expect(reshaped(design, walked).off).toBeLessThan(1e-3);
        },
      ),
      { numRuns: 80 },
    );
  });

  it('shift what is given by what the computed changes, and leave the very records that do not change', () => {
    const { design } = rectangle(4000, 3000, 4010, 2990);
    const before = roomShape(design);
    const { after, off, written } = reshaped(design, moved(design, 2, 100, -50));
    expect(off).toBeLessThan(1e-3);
    expect(written.find(({ id }) => id === 'face-a')).toMatchObject({ length: 4000, lengthFrom: 'measured' });
    expect(faceOf(after, 'a').length).toBe(4000);
    for (const [index, letter] of letters.entries()) {
      const [was, is] = [faceOf(design, letter), faceOf(after, letter)];
      const grown = roomShape(after).faces[index]!.chord - before.faces[index]!.chord;
      expect(is.length - was.length).toBeCloseTo(grown, 4);
      expect(is.lengthFrom).toBe('measured');
    }
    const still = must(reshape(design, walkedFaces(design)));
    for (const letter of letters) expect(still.written).toContain(design.records[`face-${letter}`]);
    expect(patchOf(design, still.written, still.removed)).toEqual([]);
  });

  it('let what only follows start where it is wanted', () => {
    const { design } = rectangle(4000, 3000);
    const { after, off } = reshaped(design, moved(design, 2, 120, -60));
    expect(off).toBeLessThan(1e-3);
    const { faces } = roomShape(after);
    for (const [index, letter] of (['c', 'd'] as const).entries()) {
      expect(faceOf(after, letter).lengthFrom).toBe('outline');
      expect(faceOf(after, letter).length).toBeCloseTo(faces[index + 2]!.chord, 4);
    }
    expect(faceOf(after, 'a')).toEqual({ ...faceOf(design, 'a'), corner: faceOf(after, 'a').corner });
  });

  it('assume corners to be as they stand where they were assumed far off, else as far off as before', () => {
    // A rhombus: its corners stand at 60 and 120 degrees, and are assumed square.
    const far = rectangle(3000, 3000, 3000, 3000);
    far.run(putMeasurement, tape('across', 'a', 'c', 3000));
    const result = reshaped(far.design, moved(far.design, 2, 50, -50));
    expect(result.off).toBeLessThan(1e-3);
    const { faces } = roomShape(result.after);
    for (const [index, letter] of letters.entries())
      if (Math.abs(faces[index]!.corner - Math.PI / 2) > 0.3)
        expect(faceOf(result.after, letter).corner).toBeCloseTo(faces[index]!.corner, 6);
    const near = rectangle(4000, 3000, 4100, 3000);
    const stands = roomShape(near.design).faces.map(({ corner }) => corner);
    const { after } = reshaped(near.design, moved(near.design, 2, 10, 0));
    const now = roomShape(after).faces.map(({ corner }) => corner);
    letters.forEach((letter, index) =>
      expect(faceOf(after, letter).corner - Math.PI / 2).toBeCloseTo(now[index]! - stands[index]!, 6),
    );
  });

  it('take lengths as measured that are needed once a taped distance holds no more', () => {
    const builder = rectangle(4000, 3000);
    const every = Object.fromEntries(letters.map((letter) => [letter, { cornerFrom: 'excluded' as const }]));
    builder.run(putMeasurement, tape('first', 'a', 'c', 5000));
    builder.run(putMeasurement, tape('second', 'b', 'd', 5000));
    withFaces(builder, { ...every, d: { ...every['d'], lengthFrom: 'measured' } });
    const { design } = builder;
    const { after, off } = reshaped(design, moved(design, 2, 80, -40));
    expect(off).toBeLessThan(1e-3);
    expect(recordOf(after, 'measurement', 'first')!.standing).toBe('excluded');
    expect(recordOf(after, 'measurement', 'second')).toBe(design.records['second']);
    expect(faceOf(after, 'c').lengthFrom).toBe('measured');
  });

  it('exclude taped distances that change by a hundredth of a millimetre, and keep the others as they are', () => {
    for (const [by, standing] of [
      [0.009, 'measured'],
      [0.011, 'excluded'],
    ] as const) {
      const builder = rectangle(4000, 3000, 4000, 3000);
      builder.run(putMeasurement, tape('across', 'a', 'c', 5000));
      builder.run(putMeasurement, tape('along', 'b', 'd', 5000));
      const { design } = builder;
      // Along the diagonal, so that it grows by as much.
      const { written } = must(reshape(design, moved(design, 2, 0.8 * by, -0.6 * by)));
      const found = written.find(({ id }) => id === 'across') as MeasurementRecord;
      expect([by, found.standing]).toEqual([by, standing]);
      expect(written).toContain(design.records['along']);
    }
  });

  it('go where their face goes, and taped distances to it with it', () => {
    const builder = rectangle(4000, 3000, 4000, 3000);
    builder.run(putMeasurement, tape('to-c', 'a', 'c', 5000));
    builder.run(putMeasurement, tape('from-c', 'c', 'a', 5000));
    builder.run(putMeasurement, tape('other', 'b', 'd', 5000));
    const { design } = builder;
    const walked = walkedFaces(design).filter(({ record }) => record.id !== 'face-c');
    const { removed, written } = must(reshape(design, walked));
    expect([...removed].sort()).toEqual(['face-c', 'from-c', 'to-c']);
    expect(written.map(({ id }) => id)).not.toContain('to-c');
    expect(written.map(({ id }) => id)).toContain('other');
  });

  it('are refused with a face too short or a corner too sharp, by its name', () => {
    const { design } = rectangle(4000, 3000);
    const said = (index: number, x: number, y: number) => {
      const result = reshape(design, moved(design, index, x, y));
      return result.ok ? '' : refusalText(result.refusal);
    };
    expect(said(1, -3999.5, 0)).toContain('Face A');
    expect(said(1, -3900, 0)).toBe('');
    expect(said(2, 0, 2999.5)).toContain('Face B');
    // Corner 2 comes to stand between two walls that go up side by side: 0.05 radians is the least.
    const off = 2000 * Math.tan(0.05);
    expect(said(3, 4000 - off + 0.5, 2000)).toMatch(/^Corner .* from 3 to 357/);
    expect(said(3, 4000 - off - 0.5, 2000)).toBe('');
  });
});
