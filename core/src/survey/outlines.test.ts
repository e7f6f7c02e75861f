import fc from 'fast-check';
import { Matrix, pseudoInverse } from 'ml-matrix';
import { describe, expect, it } from 'vitest';
import { outlineFaces, outlines } from './outlines';

/** The direction each face is walked in: clockwise, the first along +x. */
function headings(corners: readonly number[]): number[] {
  let heading = 0;
  return corners.map((corner, index) => (index === 0 ? 0 : (heading -= Math.PI - corner)));
}
/** Those whose usual lengths close as they stand, so that they can be told from outside. */
const anOutline = fc.record({
  id: fc.constantFrom('rectangle', 'l', 't', 'u', 'bay'),
  turns: fc.integer({ min: 0, max: 3 }),
  mirrored: fc.boolean(),
});

describe('the faces of an outline', () => {
  it.each([
    ['mm', 500],
    ['ft-in', 2 * 304.8],
  ] as const)('are of usual lengths in %s where none is given, and close', (unit, length) => {
    for (const { id, usual } of outlines) {
      const faces = outlineFaces({ id, turns: 0, mirrored: false }, [], unit);
      // A splayed side is as long as the rest of the outline asks.
      faces.forEach((face, index) =>
        expect(Math.abs(face.length / (usual[index]! * length) - 1)).toBeLessThan(0.02),
      );
      expect(faces.every(({ measured, cornerMeasured }) => !measured && !cornerMeasured)).toBe(true);
      const ways = headings(faces.map(({ corner }) => corner));
      for (const part of [Math.cos, Math.sin])
        expect(faces.reduce((sum, face, index) => sum + face.length * part(ways[index]!), 0)).toBeCloseTo(
          0,
          6,
        );
    }
  });

  it('that are not given grow with those that are, and are changed no more than closing asks', () => {
    fc.assert(
      fc.property(
        anOutline,
        fc.array(fc.option(fc.double({ min: 0.93, max: 1.07, noNaN: true }), { freq: 1 }), {
          minLength: 8,
          maxLength: 8,
        }),
        (outline, given) => {
          const usual = outlineFaces(outline, [], 'mm').map(({ length }) => length);
          const lengths = usual.map((length, index) => {
            const by = given[index] ?? null;
            return by === null ? null : Math.round(length * by);
          });
          const faces = outlineFaces(outline, lengths, 'mm');
          lengths.forEach((length, index) => {
            if (length !== null) expect(faces[index]).toMatchObject({ length, measured: true });
            else expect(faces[index]!.measured).toBe(false);
          });
          const ratios = lengths.flatMap((length, index) =>
            length === null ? [] : [length / usual[index]!],
          );
          const grown = ratios.length > 0 ? ratios.reduce((sum, one) => sum + one, 0) / ratios.length : 1;
          const ways = headings(faces.map(({ corner }) => corner));
          const first = usual.map((length, index) => lengths[index] ?? length * grown);
          const free = lengths.flatMap((length, index) => (length === null ? [index] : []));
          fc.pre(free.length > 0);
          const across = new Matrix([
            free.map((index) => Math.cos(ways[index]!)),
            free.map((index) => Math.sin(ways[index]!)),
          ]);
          const gap = [Math.cos, Math.sin].map((part) =>
            first.reduce((sum, length, index) => sum + length * part(ways[index]!), 0),
          );
          const by = pseudoInverse(across, 1e-9).mmul(Matrix.columnVector(gap)).to1DArray();
          const wanted = free.map((index, at) => first[index]! - by[at]!);
          fc.pre(wanted.every((length) => length > 100));
          free.forEach((index, at) => expect(faces[index]!.length).toBeCloseTo(wanted[at]!, 3));
        },
      ),
      { numRuns: 600 },
    );
  });
});
