import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { bendFace } from '../commands/bend-face';
import { distance } from '../geometry/point';
import { dxfPicture } from '../imports/dxf-picture';
import { pictureLines } from '../imports/picture-lines';
import { must } from '../result';
import type { UnderlayRecord } from '../document/records';
import { roomShape } from './room-shape';
import { faceToLine, lineTargets, roomTargets, snapPlace, underlaySegments } from './snap-place';

const room = roomTargets(rectangle(4000, 3000).design);

describe('a pointed place', () => {
  it('is drawn to a corner before a face, to a face before a level, and to nothing far off', () => {
    expect(snapPlace([room], { x: 3960, y: -30 }, 60)).toEqual({ at: { x: 4000, y: 0 }, caught: 'corner' });
    expect(snapPlace([room], { x: 2000, y: -30 }, 60)).toMatchObject({ at: { x: 2000 }, caught: 'face' });
    const before = { x: 1000, y: -1500 };
    const first = { x: 2015, y: -700 };
    expect(snapPlace([room], { x: 2003, y: -1520 }, 60, [first, before], 10)).toEqual({
      at: { x: 2015, y: -1500 },
      caught: 'level',
    });
    expect(snapPlace([room], { x: 1503, y: -1618 }, 60, [first, before], 10)).toEqual({
      at: { x: 1500, y: -1620 },
      caught: null,
    });
    expect(snapPlace([room], { x: 2000, y: -1520 }, 60, [before])).toEqual({
      at: { x: 2000, y: -1500 },
      caught: 'level',
    });
    expect(snapPlace([room], { x: 2000, y: -1520 }, 60)).toEqual({ at: { x: 2000, y: -1520 }, caught: null });
  });

  it('is never moved farther than asked, and lies on a bent face where it is drawn to one', () => {
    const builder = rectangle(4000, 3000);
    builder.run(bendFace, { face: 'face-a', bend: { depth: 800, side: 'out' } });
    const [face] = roomShape(builder.design).faces;
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 4000 }), fc.integer({ min: -3000, max: 900 }), (x, y) => {
        const { at, caught } = snapPlace([roomTargets(builder.design)], { x, y }, 80);
        expect(distance(at, { x, y })).toBeLessThan(80);
        if (caught !== 'face' || at.y <= 0) return;
        const { centre, radius } = face!.arc!;
        expect(Math.abs(distance(at, centre) - radius)).toBeLessThan(0.11);
      }),
    );
  });
});

describe('the lines of an underlay', () => {
  const dxf = [
    '0',
    'SECTION',
    '2',
    'HEADER',
    '9',
    '$INSUNITS',
    '70',
    '4',
    '0',
    'ENDSEC',
    '0',
    'SECTION',
    '2',
    'ENTITIES',
  ];
  for (const [x1, y1, x2, y2] of [
    [0, 0, 4130, 0],
    [4130, 0, 4130, 2500],
  ])
    dxf.push('0', 'LINE', '8', '0', '10', `${x1}`, '20', `${y1}`, '11', `${x2}`, '21', `${y2}`);
  dxf.push('0', 'ENDSEC', '0', 'EOF');
  const picture = must(dxfPicture(dxf.join('\n')));
  const underlay: UnderlayRecord = {
    kind: 'underlay',
    id: 'under',
    file: 'file',
    name: 'plan',
    pixelsWide: picture.pixelsWide,
    pixelsHigh: picture.pixelsHigh,
    x: -60,
    y: 2480,
    turn: 0,
    mmPerPixel: picture.mmPerPixel!,
    fade: 0.5,
    locked: false,
  };

  it('are read back from its picture, to a hundredth of a millimetre', () => {
    const segments = underlaySegments(underlay, pictureLines(picture.svg));
    expect(segments).toHaveLength(2);
    const wanted = [
      [-60, -20, 4070, -20],
      [4070, -20, 4070, 2480],
    ];
    segments.forEach(({ a, b }, index) =>
      [a.x, a.y, b.x, b.y].forEach((value, at) =>
        expect(Math.abs(value - wanted[index]![at]!)).toBeLessThan(0.01),
      ),
    );
    expect(pictureLines('<svg><path d="M0 0C1 1 2 2 3 3"/></svg>')).toEqual([]);
  });

  it('turn with it', () => {
    const [first] = underlaySegments({ ...underlay, turn: Math.PI / 2 }, pictureLines(picture.svg));
    expect(first!.b.x - first!.a.x).toBeCloseTo(0, 6);
    expect(first!.b.y - first!.a.y).toBeCloseTo(4130, 1);
  });

  it('draw ends, and faces that run along them', () => {
    const segments = underlaySegments(underlay, pictureLines(picture.svg));
    expect(snapPlace([room, lineTargets(segments)], { x: 4065, y: -40 }, 50)).toMatchObject({
      caught: 'end',
    });
    const { faces } = roomShape(rectangle(4000, 3000).design);
    expect(faceToLine(faces[0]!, segments, -50, 80)).toBeCloseTo(-20, 2);
    expect(faceToLine(faces[0]!, segments, -120, 80)).toBeNull();
    expect(faceToLine(faces[1]!, segments, 100, 80)).toBeCloseTo(70, 2);
    expect(faceToLine(faces[2]!, segments, 0, 80)).toBeNull();
  });
});
