import { Matrix, pseudoInverse } from 'ml-matrix';
import { describe, expect, it } from 'vitest';
import { cornered, rectangle } from '../../testing/rooms';
import { putMeasurement } from '../commands/put-measurement';
import type { RoomBuilder } from '../demo/build-room';
import { recordOf } from '../document/design';
import type { FacePlace, FaceRecord, MeasurementRecord } from '../document/records';
import type { Point } from '../geometry/point';
import { computedValue, type Observation } from './observations';
import { roomShape } from './room-shape';
import { surveyReport } from './survey-report';

const letters = ['a', 'b', 'c', 'd', 'e', 'f'];
const corner = (index: number): FacePlace => ({
  face: `face-${letters[index]!}`,
  from: 'left',
  distance: 0,
});
const tape = (from: number, to: number, length: number, change: Partial<MeasurementRecord> = {}) =>
  ({
    ...{ kind: 'measurement', id: `tape-${from}-${to}`, standing: 'measured', length },
    ...{ from: corner(from), to: corner(to) },
    ...change,
  }) as MeasurementRecord;

function withFace(builder: RoomBuilder, letter: string, fields: Partial<FaceRecord>): RoomBuilder {
  const record = { ...recordOf(builder.design, 'face', `face-${letter}`)!, ...fields };
  builder.design = { ...builder.design, records: { ...builder.design.records, [record.id]: record } };
  return builder;
}
const open = [
  { x: 0, y: 0 },
  { x: 4000, y: 0 },
  { x: 4300, y: -2900 },
  { x: -200, y: -3100 },
];

/** What the measured values leave of the corners, first and first direction fixed, by derivatives taken by differences and a pseudo-inverse. */
function covarianceElsewhere(corners: readonly Point[], observations: readonly Observation[]): Matrix {
  const free = corners.flatMap((_, index) =>
    index === 0
      ? []
      : index === 1
        ? [[index, 'x'] as const]
        : ([
            [index, 'x'],
            [index, 'y'],
          ] as const),
  );
  const valued = (one: Observation, at: number, axis: 'x' | 'y', by: number) =>
    computedValue(
      corners.map((place, index) => (index === at ? { ...place, [axis]: place[axis] + by } : place)),
      one,
    );
  const rows = observations.map((one) =>
    free.map(([at, axis]) => (valued(one, at, axis, 0.01) - valued(one, at, axis, -0.01)) / 0.02 / one.sigma),
  );
  const jacobian = new Matrix(rows);
  return pseudoInverse(jacobian.transpose().mmul(jacobian), 1e-12);
}

describe('the report of a survey', () => {
  it('knows every corner to an ellipse that is that of the normal equations', () => {
    const room = cornered(open, { corners: 'ABCD' });
    room.run(putMeasurement, tape(0, 2, Math.hypot(4300, 2900)));
    room.run(putMeasurement, tape(1, 3, Math.hypot(4200, 3100)));
    const { corners, observations } = roomShape(room.design);
    const used = observations.filter(({ standing }) => standing === 'measured');
    const covariance = covarianceElsewhere(corners, used);
    const report = surveyReport(room.design);
    report.corners.forEach(({ ellipse: { major, minor, turn } }, index) => {
      const block =
        index === 0
          ? [0, 0, 0]
          : index === 1
            ? [covariance.get(0, 0), 0, 0]
            : [
                covariance.get(2 * index - 3, 2 * index - 3),
                covariance.get(2 * index - 2, 2 * index - 2),
                covariance.get(2 * index - 3, 2 * index - 2),
              ];
      const [xx, yy, xy] = block as [number, number, number];
      // Of an ellipse its halves squared are the most and the least variance in any direction.
      const variances = Array.from({ length: 3600 }, (_, step) => {
        const [c, s] = [Math.cos((step * Math.PI) / 3600), Math.sin((step * Math.PI) / 3600)];
        return xx * c * c + 2 * xy * c * s + yy * s * s;
      });
      expect(major).toBeCloseTo(Math.sqrt(Math.max(...variances)), 3);
      expect(minor).toBeCloseTo(Math.sqrt(Math.max(0, Math.min(...variances))), 3);
      const along =
        xx * Math.cos(turn) ** 2 + 2 * xy * Math.cos(turn) * Math.sin(turn) + yy * Math.sin(turn) ** 2;
      expect(along).toBeCloseTo(major ** 2, 6);
    });
    // One more than is needed: the misfit of them all is what it should be by chance, or a share of it.
    expect([report.open, report.redundancy]).toEqual([false, 1]);
    const cost = used.reduce(
      (sum, one) => sum + ((computedValue(corners, one) - one.given) / one.sigma) ** 2,
      0,
    );
    expect(report.sigma0).toBeCloseTo(Math.sqrt(cost), 6);
  });

  it('tells the unit weight of two spare measurements from half of what they misfit by', () => {
    const room = cornered(open, { corners: 'CD' });
    room.run(putMeasurement, tape(0, 2, Math.hypot(4300, 2900) + 9));
    const report = surveyReport(room.design);
    const { corners, observations } = roomShape(room.design);
    const cost = observations
      .filter(({ standing }) => standing === 'measured')
      .reduce((sum, one) => sum + ((computedValue(corners, one) - one.given) / one.sigma) ** 2, 0);
    expect(report.redundancy).toBe(2);
    expect(report.sigma0).toBeCloseTo(Math.sqrt(cost / 2), 6);
    expect(report.sigma0).toBeGreaterThan(1);
  });

  it('is open where too little is measured, and not where just enough is, or more', () => {
    const state = (lengths: string, corners: string) => {
      const { open: is, redundancy, sigma0 } = surveyReport(cornered(open, { lengths, corners }).design);
      return [is, redundancy, sigma0 === null];
    };
    expect(state('', 'ABCD')).toEqual([true, 0, true]);
    expect(state('', 'ACD')).toEqual([false, 0, true]);
    expect(state('', 'CD')).toEqual([false, 1, false]);
    expect(state('C', 'ABCD')).toEqual([true, 0, true]);
  });

  it('lists what was measured and what of that is not believed, never what only follows', () => {
    const names = (room: RoomBuilder) =>
      surveyReport(room.design)
        .measurements.map(({ observation: { of, id }, redundancy }) => [
          `${of} ${id.slice(-1)}`,
          redundancy === null,
        ])
        .sort();
    const taken = cornered(open, { lengths: 'D', corners: 'ACD' });
    expect(names(taken)).toEqual(
      [
        ['corner b', false],
        ['length a', false],
        ['length b', false],
        ['length c', false],
      ].sort(),
    );
    withFace(taken, 'd', { lengthFrom: 'excluded' });
    expect(names(taken)).toContainEqual(['length d', true]);
    withFace(taken, 'c', { cornerFrom: 'excluded' });
    expect(names(taken)).toContainEqual(['corner c', true]);
    expect(names(taken)).not.toContainEqual(['corner d', true]);
    taken.run(putMeasurement, tape(0, 2, 5000, { standing: 'excluded' }));
    expect(names(taken)).toContainEqual(['distance 2', true]);
  });

  it('of what is not believed tells by how much it is off', () => {
    const room = rectangle(4000, 3000);
    room.run(putMeasurement, tape(0, 2, 5030, { standing: 'excluded' }));
    const excluded = surveyReport(room.design).measurements.find(
      ({ observation }) => observation.id === 'tape-0-2',
    )!;
    expect(excluded.residual).toBeCloseTo(-30, 6);
    expect([excluded.redundancy, excluded.standardised]).toEqual([null, null]);
  });
});

describe('what to measure next', () => {
  const next = (room: RoomBuilder) => {
    const wanted = surveyReport(room.design).next;
    return wanted && [wanted.name, wanted.why];
  };

  it('is the diagonal that is known least; once there is a spare one, nothing', () => {
    const room = cornered(open, { corners: 'ABCD' });
    expect(next(room)).toEqual(['A/B to C/D', 'open']);
    room.run(putMeasurement, tape(1, 3, Math.hypot(4200, 3100)));
    expect(next(room)).toEqual(['D/A to B/C', 'unchecked']);
    room.run(putMeasurement, tape(0, 2, Math.hypot(4300, 2900)));
    expect(next(room)).toBeNull();
  });

  it('is a face that was never taped before one that is, and never one that was', () => {
    const room = cornered(open, { lengths: 'D', corners: 'ACD' });
    room.run(putMeasurement, tape(1, 3, Math.hypot(4200, 3100)));
    room.run(putMeasurement, tape(0, 2, Math.hypot(4300, 2900), { standing: 'excluded' }));
    expect(next(room)).toEqual(['face D', 'unchecked']);
  });

  it('is a corner where all distances are taped, whichever ends they are taped from', () => {
    // A triangle of which all sides are taped has nothing left but its corners.
    const triangle = cornered(
      [
        { x: 0, y: 0 },
        { x: 4000, y: 0 },
        { x: 1500, y: -3000 },
      ],
      { corners: 'ABC' },
    );
    const [name, why] = next(triangle)!;
    expect([name!.startsWith('corner '), why]).toEqual([true, 'unchecked']);
    const known = surveyReport(triangle.design).corners;
    const worst = known.reduce((a, b) => (b.sigma > a.sigma ? b : a));
    expect(name).toBe(`corner ${worst.name}`);
    // The same distance taped from the other ends of the same corners is the same pair.
    const fromEnds = (from: number, to: number, ends: [string, string]) => {
      const room = cornered(open, { corners: 'ABCD' });
      const [a, b] = ends.map((face) => ({ face: `face-${face}`, from: 'right', distance: 0 }) as const);
      room.run(putMeasurement, tape(from, to, 5100, { from: a!, to: b! }));
      return next(room);
    };
    expect(fromEnds(1, 3, ['a', 'c'])).toEqual(['D/A to B/C', 'unchecked']);
    expect(fromEnds(0, 2, ['d', 'b'])).toEqual(['A/B to C/D', 'unchecked']);
  });
});
