import fc from 'fast-check';
import { Matrix, pseudoInverse } from 'ml-matrix';
import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { diagonal, measuredFaces, normalFrom, trueRoom } from '../../testing/surveys';
import { editFaces } from '../commands/edit-faces';
import { putMeasurement } from '../commands/put-measurement';
import { applyPatch, patchOf } from '../document/patch';
import type { FacePlace, MeasurementRecord, Side } from '../document/records';
import { refusalText } from '../wording/refusal-text';
import { designRefusals } from './check-design';
import { makeRoom } from './make-room';
import { distance, type Point } from '../geometry/point';
import { must } from '../result';
import { difference, placeAt, type Observation } from './observations';
import { roomShape } from './room-shape';
import { weightOf } from './adjust-loop';
import { solveLoop, type LoopDistance } from './solve-loop';
import { measurementReports, suspectsAmong, surveyReport, type MeasurementReport } from './survey-report';

/** An independent adjustment: all 2n coordinates free, derivatives by differences, steps by the pseudo-inverse; compared by lengths, not places. */
function adjustedElsewhere(start: readonly Point[], observations: readonly Observation[]): Point[] {
  let corners = start.map((corner) => ({ ...corner }));
  const used = observations.filter(({ standing }) => standing === 'measured');
  const off = (at: Point[]) => used.map((one) => difference(at, one) * Math.sqrt(weightOf(one)));
  const nudged = (index: number, by: number) =>
    corners.map((corner, i) =>
      i === index >> 1 ? { x: corner.x + (index % 2 ? 0 : by), y: corner.y + (index % 2 ? by : 0) } : corner,
    );
  for (let round = 0; round < 12; round++) {
    const columns = Array.from({ length: 2 * corners.length }, (_, index) => {
      const [ahead, behind] = [off(nudged(index, 1e-3)), off(nudged(index, -1e-3))];
      return ahead.map((value, row) => (value - behind[row]!) / 2e-3);
    });
    const jacobian = new Matrix(columns).transpose();
    const step = pseudoInverse(jacobian, 1e-9)
      .mmul(Matrix.columnVector(off(corners)))
      .to1DArray();
    corners = corners.map(({ x, y }, i) => ({ x: x - step[2 * i]!, y: y - step[2 * i + 1]! }));
  }
  return corners;
}

const allPairs = (count: number) =>
  Array.from({ length: count }, (_, a) => Array.from({ length: count }, (__, b) => [a, b] as const))
    .flat()
    .filter(([a, b]) => a < b);

describe('an over-measured room', () => {
  it('comes out true when every measurement is', () => {
    fc.assert(
      fc.property(fc.integer({ min: 4, max: 14 }), fc.nat(1e6), (count, seed) => {
        const corners = trueRoom(count, seed);
        const offset: LoopDistance = {
          ...diagonal(corners, 0, 2),
          id: 'offset',
          to: { face: 2, from: 'right', distance: 200 },
        };
        offset.length = distance(corners[0]!, placeAt(corners, offset.to));
        const solved = must(solveLoop(measuredFaces(corners), [diagonal(corners, 1, 3), offset]));
        solved.corners.forEach((corner, index) =>
          expect(distance(corner, corners[index]!)).toBeLessThan(1e-6),
        );
      }),
      { numRuns: 60 },
    );
  });

  it('is shared out by least squares: against an adjustment of another make', () => {
    fc.assert(
      fc.property(fc.integer({ min: 4, max: 8 }), fc.nat(1e6), (count, seed) => {
        const corners = trueRoom(count, seed);
        const error = normalFrom(seed + 1);
        const distances = allPairs(count)
          .slice(0, count)
          .map(([a, b]) => diagonal(corners, a, b, 2 * error()));
        distances.push({
          ...diagonal(corners, 1, 3, 2 * error()),
          id: 'offset',
          from: { face: 0, from: 'left', distance: 120 },
        });
        const solved = must(solveLoop(measuredFaces(corners, error), distances));
        const other = adjustedElsewhere(corners, solved.observations);
        for (const [a, b] of allPairs(count)) {
          const apart = distance(solved.corners[a]!, solved.corners[b]!);
          expect(Math.abs(apart - distance(other[a]!, other[b]!))).toBeLessThan(1e-3);
        }
      }),
      { numRuns: 25 },
    );
  });

  it('takes the excluded measurement as if it had never been taken', () => {
    const corners = trueRoom(6, 7);
    const error = normalFrom(3);
    const faces = measuredFaces(corners, error);
    const wrong: LoopDistance = { ...diagonal(corners, 0, 3, 80), standing: 'excluded' };
    expect(must(solveLoop(faces, [wrong])).corners).toEqual(must(solveLoop(faces)).corners);
  });
});

describe('the survey report', () => {
  /** A rectangle with every length and both diagonals taped; one value wrong. */
  const taped = (change: Record<string, number> = {}) => {
    const builder = rectangle(4000, 3000, 4000 + (change['C'] ?? 0), 3000);
    const tape = (id: string, from: string, to: string) =>
      builder.run(putMeasurement, {
        kind: 'measurement',
        id,
        from: { face: from, from: 'left', distance: 0 },
        to: { face: to, from: 'left', distance: 0 },
        length: 5000 + (change[id] ?? 0),
        standing: 'measured',
      });
    tape('p', 'face-a', 'face-c');
    tape('q', 'face-b', 'face-d');
    return builder;
  };

  it('finds nothing wrong where nothing is, and knows each corner', () => {
    const { suspects, measurements, corners, next, misclosure } = surveyReport(taped().design);
    expect(suspects).toEqual([]);
    expect(next).toBeNull();
    expect(misclosure.length).toBeLessThan(1e-9);
    expect(measurements).toHaveLength(6);
    for (const { residual } of measurements) expect(Math.abs(residual)).toBeLessThan(1e-6);
    expect(corners[0]!.ellipse.major).toBe(0);
    expect(corners[2]!.ellipse.major).toBeGreaterThan(1);
    expect(corners[2]!.ellipse.major).toBeLessThan(4);
    expect(corners.map(({ name }) => name)).toEqual(['D/A', 'A/B', 'B/C', 'C/D']);
  });

  it('agrees with redundancies that add up to the number of spare measurements', () => {
    const { measurements } = surveyReport(taped({ p: 3, C: -2 }).design);
    const sum = measurements.reduce((all, { redundancy }) => all + redundancy!, 0);
    expect(sum).toBeCloseTo(6 - 5, 3);
  });

  it('names the one measurement that is 30 mm off, among diagonals enough to tell', () => {
    const corners = trueRoom(7, 11);
    const error = normalFrom(5);
    const others = allPairs(7).map(([a, b]) => diagonal(corners, a, b, 0.5 * error()));
    fc.assert(
      fc.property(fc.nat(others.length - 1), fc.constantFrom(-30, 30), (index, off) => {
        const distances = others.map((one, i) => (i === index ? { ...one, length: one.length + off } : one));
        const faces = measuredFaces(corners, () => 0.2 * error());
        const solved = must(solveLoop(faces, distances));
        const [worst] = suspectsAmong(measurementReports(solved.corners, solved.observations));
        expect(worst!.observation.name).toBe(others[index]!.name);
      }),
    );
  });

  it('says when it can’t tell which of several is wrong, and excluding one mends it', () => {
    const builder = taped({ p: 30 });
    const { suspects } = surveyReport(builder.design);
    expect(suspects.map(({ observation }) => observation.name)).toContain('D/A to B/C');
    expect(suspects.length).toBeGreaterThan(1);
    const record = builder.design.records['p'];
    if (record?.kind !== 'measurement') throw new Error('no measurement');
    builder.run(putMeasurement, { ...record, standing: 'excluded' });
    expect(surveyReport(builder.design).suspects).toEqual([]);
    const excluded = surveyReport(builder.design).measurements.find(
      ({ observation }) => observation.id === 'p',
    )!;
    expect(excluded.residual).toBeCloseTo(-30, 3);
    expect(roomShape(builder.design).faces[0]!.length).toBeCloseTo(4000, 6);
  });

  it('says which measurement to take next: a diagonal while the corners are only assumed, then one that checks', () => {
    const builder = rectangle(4000, 3000, 4000, 3000);
    expect(surveyReport(builder.design).next).toMatchObject({ why: 'open', name: 'D/A to B/C' });
    builder.run(putMeasurement, {
      kind: 'measurement',
      id: 'p',
      from: { face: 'face-a', from: 'left', distance: 0 },
      to: { face: 'face-c', from: 'left', distance: 0 },
      length: 5012,
      standing: 'measured',
    });
    expect(surveyReport(builder.design).next).toMatchObject({ why: 'unchecked', name: 'A/B to C/D' });
    expect(roomShape(builder.design).faces[0]!.corner).not.toBeCloseTo(Math.PI / 2, 4);
  });

  it('tells what it is worth: spare values, unit weight, and what each length and angle is known to', () => {
    const report = surveyReport(taped({ p: 3, C: -2 }).design);
    expect([report.open, report.redundancy]).toEqual([false, 1]);
    const squares = report.measurements.map(
      ({ residual, observation }) => (residual / observation.sigma) ** 2,
    );
    expect(report.sigma0).toBeCloseTo(Math.sqrt(squares.reduce((sum, one) => sum + one, 0)), 9);
    // Two tapes of one length are known better than one: never worse than what each is trusted to.
    report.lengthSigmas.forEach((sigma) => expect(sigma).toBeLessThanOrEqual(2 + 1e-9));
    // A corner of 3000 and 4000 across a diagonal of 5000, each ± 2: the law of cosines, each error by itself.
    const alone = rectangle(4000, 3000, 4000, 3000);
    alone.run(putMeasurement, { ...(taped().design.records['p'] as MeasurementRecord), length: 5000 });
    const { corners, sigma0 } = surveyReport(alone.design);
    const perMm = [5000 / 12e6, 3000 / 12e6, 4000 / 12e6];
    expect(corners[1]!.sigma).toBeCloseTo(2 * Math.hypot(...perMm), 9);
    expect(sigma0).toBeNull();
  });

  it('trusts a corner as far as is said of it', () => {
    const worst = (uncertainty: number | null) => {
      const builder = taped();
      builder.run(editFaces, {
        faces: ['face-b'],
        change: { corner: Math.PI / 2 + 0.02, cornerFrom: 'measured', cornerUncertainty: uncertainty },
      });
      return surveyReport(builder.design).suspects.map(({ observation }) => observation.name);
    };
    expect(worst(null)).toEqual(['corner A/B']);
    expect(worst(0.02)).toEqual([]);
  });

  it('suspects what is over three times chance, and what can’t be told from it', () => {
    const one = (standardised: number | null) => ({ standardised }) as MeasurementReport;
    const suspects = (...sizes: (number | null)[]) =>
      suspectsAmong(sizes.map(one)).map(({ standardised }) => standardised);
    expect(suspects(2.999, -3, null)).toEqual([]);
    expect(suspects(2, -3.001)).toEqual([-3.001]);
    expect(suspects(-10, 9.81, 9.79, null)).toEqual([-10, 9.81]);
  });

  it('asks for a corner where every distance is taped, and never for nothing', () => {
    const corners = trueRoom(3, 4);
    const faces = measuredFaces(corners).map((face) => ({ ...face, cornerStanding: 'assumed' as const }));
    const room = makeRoom({
      name: 'Triangle',
      unit: 'mm',
      step: 1,
      ceilingHeight: 2400,
      faces: faces.map(({ length, corner }) => ({ length, corner, measured: true, cornerMeasured: false })),
    });
    expect(surveyReport(must(room)).next).toMatchObject({
      why: 'unchecked',
      name: expect.stringMatching(/^corner ./),
    });
  });
});

describe('a distance that was taped to nowhere', () => {
  const tape = (from: FacePlace, to: FacePlace) => {
    const builder = rectangle(2400, 3000);
    const made = putMeasurement.run(builder.design, {
      kind: 'measurement',
      id: 'm',
      from,
      to,
      length: 2000,
      standing: 'measured',
    });
    return made.ok ? '' : refusalText(made.refusal);
  };
  const at = (face: string, distance = 0, from: Side = 'left'): FacePlace => ({ face, from, distance });

  it('is refused: past the end of its face, from a corner to itself, along one face from one end', () => {
    expect(tape(at('face-c'), at('face-a', 20_000))).toContain('along face A can’t be 20000 mm');
    expect(tape(at('face-b'), at('face-a', 0, 'right'))).toContain('says nothing of the room');
    expect(tape(at('face-a', 100), at('face-a', 2000))).toContain('says nothing of the room');
    expect(tape(at('face-a', 100), at('face-a', 200, 'right'))).toBe('');
  });

  it('is refused in a file too: within what a tape is off by it is let be', () => {
    const stored = (distance: number) => {
      const { design } = rectangle(2400, 3000, 2400, 3000);
      const record: MeasurementRecord = {
        kind: 'measurement',
        id: 'm',
        from: at('face-d'),
        to: at('face-a', distance),
        length: Math.hypot(3000, distance),
        standing: 'measured',
      };
      return designRefusals(must(applyPatch(design, patchOf(design, [record])))).map((refusal) =>
        refusalText(refusal),
      );
    };
    expect(stored(2424)).toEqual([]);
    expect(stored(2430)[0]).toContain('does not fit on face A');
  });
});
