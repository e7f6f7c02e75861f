import { describe, expect, it } from 'vitest';
import { demoJobs } from '../../demo/demo-jobs';
import { galleyWithBay } from '../../demo/galley-with-bay';
import { madeItems } from '../parts/design-parts';
import { workedFrom } from '../parts/part-outline';
import { leftToDo } from './left-to-do';
import { pointRows } from './posts';
import { workPiece } from './work-piece';

const made = madeItems(galleyWithBay());
const partOf = (code: string, id: string) =>
  made.find(({ record }) => record.code === code)!.parts.find((part) => part.id === id)!;

describe('a part as it lies on a machine', () => {
  it('is as large as it is cut, holes keeping their places but for the edging that is not there yet', () => {
    const side = partOf('F600', 'side-left');
    const piece = workPiece(side);
    expect([piece.length, piece.width, piece.thick]).toEqual([720, 559, 18]);
    expect(workedFrom(side)).toBe('right');
    // Seen from inside the cabinet the front is to the left of a left side; laid a quarter turn to the right, grain along, it comes to lie far.
    const fronts = side.machining.filter(
      ({ type, face, at }) => type === 'hole' && face === 'right' && at[0] === 37,
    );
    expect(fronts.length).toBeGreaterThan(0);
    for (const { at, size, depth } of fronts)
      expect(piece.up.bores).toContainEqual({ at: { x: at[1], y: 523 }, size, depth });
    const [groove] = piece.up.pockets;
    // The back stands in 20 from the wall.
    expect(groove!.at.y).toBeCloseTo(20, 9);
    expect(groove!.size[1]).toBeCloseTo(8, 9);
    expect(groove!.depth).toBeCloseTo(8, 9);
  });

  it('has the bolts’ bores in its edges where the cams are, whichever face those are made from', () => {
    let pairs = 0;
    for (const design of demoJobs().flatMap(({ rooms }) => rooms))
      for (const { parts } of madeItems(design))
        for (const part of parts) {
          const piece = workPiece(part);
          const bolts = piece.edges.filter(({ size, depth }) => size === 8 && depth === 24);
          const cams = [
            ...piece.up.bores,
            ...piece.down.bores.map((one) => ({ ...one, at: { x: one.at.x, y: piece.width - one.at.y } })),
          ].filter(({ size }) => size === 15);
          for (const { edge, along } of bolts) {
            const off = cams.filter(({ at: { x, y } }) => {
              const [over, inward] = {
                left: [y, x],
                right: [y, piece.length - x],
                low: [x, y],
                high: [x, piece.width - y],
              }[edge] as [number, number];
              return Math.abs(over - along) < 1e-6 && Math.abs(inward - 24) < 1e-6;
            });
            expect(off).toHaveLength(1);
            pairs++;
          }
        }
    expect(pairs).toBeGreaterThan(100);
  });

  it('tells what a router from above leaves to do', () => {
    expect(leftToDo(workPiece(partOf('F600', 'side-left')))).toEqual({
      ...{ below: 0, edgeHoles: 0, edgeCuts: 0, roundCorners: 0 },
    });
    // Its cams are made from below: the groove for the back is on the other face.
    expect(leftToDo(workPiece(partOf('F600', 'bottom')))).toMatchObject({ below: 1, edgeHoles: 10 });
    const drawer = made.find(({ parts }) => parts.some(({ id }) => id === 'drawer-back'))!;
    // Two notches for the runners' hooks, the groove for the bottom on the other face.
    const back = drawer.parts.find(({ id }) => id === 'drawer-back')!;
    expect(leftToDo(workPiece(back))).toMatchObject({ below: 1, roundCorners: 2 });
    expect(leftToDo(workPiece(partOf('F600', 'stile')))).toMatchObject({ edgeCuts: 1 });
  });

  it('is a table of points: each face as it is seen when it lies up, edges from the face that lies up', () => {
    const rows = pointRows('2 bottom', workPiece(partOf('F600', 'bottom')));
    expect(rows).toContainEqual({
      ...{ piece: '2 bottom', face: 'left', kind: 'hole', x: 0, y: 60, z: 9 },
      ...{ length: 8, width: 8, depth: 24 },
    });
    expect(rows.filter(({ face }) => face === 'right').every(({ x }) => x === 564)).toBe(true);
    const groove = rows.find(({ kind }) => kind === 'groove')!;
    expect(groove.face).toBe('down');
    const cams = rows.filter(({ length }) => length === 15);
    expect(new Set(cams.map(({ x }) => x))).toEqual(new Set([24, 540]));
  });
});
