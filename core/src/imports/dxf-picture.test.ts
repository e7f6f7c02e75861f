import { describe, expect, it } from 'vitest';
import { must, type Result } from '../result';
import { refusalText } from '../wording/refusal-text';
import { makeRoom } from '../survey/make-room';
import { roomShape } from '../survey/room-shape';
import { walkToFaces } from '../survey/walk';
import { dxfPicture } from './dxf-picture';
import { dxfRoom } from './dxf-room';

const sentence = (result: Result<unknown>) => (result.ok ? '' : refusalText(result.refusal));
const pairs = (...list: (string | number)[]) => list.join('\n');
const file = (entities: string, units = 4) =>
  pairs(
    0,
    'SECTION',
    2,
    'HEADER',
    9,
    '$INSUNITS',
    70,
    units,
    0,
    'ENDSEC',
    0,
    'SECTION',
    2,
    'ENTITIES',
    entities,
    0,
    'ENDSEC',
    0,
    'EOF',
  );
const line = (x1: number, y1: number, x2: number, y2: number) =>
  pairs(0, 'LINE', 8, 0, 10, x1, 20, y1, 30, 0, 11, x2, 21, y2, 31, 0);
/** Every place of the picture's path, pixels. */
const places = (svg: string) =>
  [...svg.match(/ d="([^"]*)"/)![1]!.matchAll(/(-?[\d.]+) (-?[\d.]+)/g)].map(([, x, y]) => [
    Number(x),
    Number(y),
  ]);

/** A file with blocks, each by its name and what it is made of. */
const withBlocks = (blocks: Record<string, string>, entities: string) =>
  file(entities).replace(
    pairs(0, 'SECTION', 2, 'ENTITIES'),
    pairs(
      ...[0, 'SECTION', 2, 'BLOCKS'],
      ...Object.entries(blocks).map(([name, made]) =>
        pairs(0, 'BLOCK', 8, 0, 2, name, 10, 0, 20, 0, 30, 0, 3, name, made, 0, 'ENDBLK', 8, 0),
      ),
      ...[0, 'ENDSEC', 0, 'SECTION', 2, 'ENTITIES'],
    ),
  );
const insert = (name: string) => pairs(0, 'INSERT', 8, 0, 2, name, 10, 0, 20, 0, 30, 0);
const times = (count: number, entity: string) => pairs(...Array.from({ length: count }, () => entity));
const circle = pairs(0, 'CIRCLE', 8, 0, 10, 0, 20, 0, 30, 0, 40, 1);

describe('a DXF drawing that is not whole', () => {
  const good = line(0, 0, 100, 50);
  const sound = must(dxfPicture(file(good)));

  it.each([
    ['a line with one end', pairs(0, 'LINE', 8, 0, 10, 5, 20, 5)],
    ['a line that ends nowhere', pairs(0, 'LINE', 8, 0, 10, 5, 20, 5, 11, 'nan', 21, 1)],
    ['a circle without a centre', pairs(0, 'CIRCLE', 8, 0, 40, 9)],
    ['an arc without a radius', pairs(0, 'ARC', 8, 0, 10, 5, 20, 5, 50, 0, 51, 90)],
    ['a closed polyline of nothing', pairs(0, 'LWPOLYLINE', 8, 0, 90, 0, 70, 1)],
    ['a block put nowhere', pairs(0, 'INSERT', 8, 0, 2, 'none')],
  ])('leaves %s away and draws the rest', (_, entity) => {
    expect(must(dxfPicture(file(pairs(entity, good))))).toEqual(sound);
  });

  it('puts a block that says no place of its own as it was drawn', () => {
    const bare = withBlocks({ a: good }, insert('a')).replace(
      pairs(2, 'a', 10, 0, 20, 0, 30, 0),
      pairs(2, 'a'),
    );
    expect(must(dxfPicture(bare))).toEqual(sound);
    expect(must(dxfPicture(withBlocks({ a: good }, pairs(good, 0, 'INSERT', 8, 0, 2, 'a'))))).toEqual(sound);
  });

  it('is refused where it has no part for what is drawn', () => {
    const none = pairs(0, 'SECTION', 2, 'HEADER', 9, '$INSUNITS', 70, 4, 0, 'ENDSEC', 0, 'EOF');
    expect(sentence(dxfPicture(none))).toContain('it has no lines');
  });
});

describe('a DXF drawing of much', () => {
  it('is read up to half a million places, however few they are written with', () => {
    // A circle has 73 places and is one thing, its block is one more.
    const drawing = (count: number) => withBlocks({ ROUND: circle }, times(count, insert('ROUND')));
    expect(sentence(dxfPicture(drawing(6_666)))).toBe('');
    expect(sentence(dxfPicture(drawing(6_667)))).toContain('it has more than 500000 places');
  });

  // Twenty to the seventh lines would take minutes.
  it('comes to an end where blocks lie in blocks lie in blocks', () => {
    const blocks: Record<string, string> = { B0: line(0, 0, 1, 1) };
    for (let level = 1; level < 8; level++) blocks[`B${level}`] = times(20, insert(`B${level - 1}`));
    expect(sentence(dxfPicture(withBlocks(blocks, insert('B7'))))).toContain(
      'it has more than 500000 places',
    );
    expect(sentence(dxfPicture(withBlocks({ SELF: times(30, insert('SELF')) }, insert('SELF'))))).not.toBe(
      '',
    );
  });
});

describe('a DXF drawing', () => {
  it('becomes a picture to scale, its top upwards', () => {
    const picture = must(dxfPicture(file(pairs(line(1000, 0, 5000, 0), line(1000, 0, 1000, 2000)))));
    expect([picture.pixelsWide, picture.pixelsHigh, picture.mmPerPixel]).toEqual([2000, 1000, 2]);
    expect(places(picture.svg)).toEqual([
      [0, 1000],
      [2000, 1000],
      [0, 1000],
      [0, 0],
    ]);
  });

  it('in inches or without units says so', () => {
    expect(must(dxfPicture(file(line(0, 0, 100, 0), 1))).mmPerPixel).toBeCloseTo((100 / 2000) * 25.4, 9);
    expect(must(dxfPicture(file(line(0, 0, 100, 0), 0))).mmPerPixel).toBeNull();
  });

  it('keeps the bulges of its polylines, and its arcs', () => {
    const half = pairs(0, 'LWPOLYLINE', 8, 0, 90, 2, 70, 0, 10, 0, 20, 0, 42, 1, 10, 200, 20, 0);
    const picture = must(dxfPicture(file(half)));
    // Half a circle of radius 100, below its chord when it bulges to the right of the way it is walked.
    expect([picture.pixelsWide, picture.pixelsHigh]).toEqual([2000, 1000]);
    for (const [x, y] of places(picture.svg)) expect(Math.hypot(x! - 1000, y!)).toBeCloseTo(1000, 1);
    const quarter = pairs(0, 'ARC', 8, 0, 10, 0, 20, 0, 30, 0, 40, 50, 50, 0, 51, 90);
    const arc = must(dxfPicture(file(quarter)));
    expect([arc.pixelsWide, arc.pixelsHigh]).toEqual([2000, 2000]);
  });

  it.each([
    ['junk', 'PK\u0003\u0004', 'can’t be read as a DXF drawing'],
    ['nothing', '', 'can’t be read as a DXF drawing'],
    ['a drawing without lines', file(pairs(0, 'POINT', 8, 0, 10, 1, 20, 1, 30, 0)), 'it has no lines'],
  ])('is refused: %s', (_, text, reason) => {
    expect(sentence(dxfPicture(text))).toContain(reason);
  });
});

describe('a room from a DXF drawing', () => {
  const roomOf = (drawing: string) => {
    const faces = must(walkToFaces(must(dxfRoom(drawing, 1)), 'share'));
    return roomShape(must(makeRoom({ name: 'R', unit: 'mm', step: 1, ceilingHeight: 2400, faces })));
  };
  const polyline = (closed: boolean, ...places: [number, number][]) =>
    pairs(
      0,
      'LWPOLYLINE',
      8,
      0,
      90,
      places.length,
      70,
      closed ? 1 : 0,
      ...places.flatMap(([x, y]) => [10, x, 20, y]),
    );
  const l: [number, number][] = [
    [0, 0],
    [400, 0],
    [400, 120],
    [400, 250],
    [220, 250],
    [220, 310],
    [0, 310],
  ];

  it('is its largest closed polyline, whichever way round it is drawn, in the drawing’s units', () => {
    for (const places of [l, [...l].reverse()]) {
      const small = polyline(true, [10, 10], [50, 10], [50, 60]);
      const room = roomOf(
        file(pairs(small, polyline(true, ...places), polyline(false, [0, 0], [900, 900])), 5),
      );
      expect(room.faces.map(({ length }) => Math.round(length)).sort()).toEqual(
        [1800, 2200, 2500, 3100, 4000, 600].sort(),
      );
      expect(room.area).toBeCloseTo((400 * 250 + 220 * 60) * 100, 0);
    }
  });

  it('has its arcs as bent faces, whichever way round it is drawn', () => {
    // 4000 × 3000 with a half circle of radius 2000 on the far side, drawn as a bulge.
    const one = pairs(
      0,
      'LWPOLYLINE',
      8,
      0,
      90,
      4,
      70,
      1,
      10,
      0,
      20,
      0,
      10,
      4000,
      20,
      0,
      10,
      4000,
      20,
      3000,
      42,
      1,
      10,
      0,
      20,
      3000,
    );
    const other = pairs(
      0,
      'LWPOLYLINE',
      8,
      0,
      90,
      4,
      70,
      1,
      10,
      0,
      20,
      0,
      10,
      0,
      20,
      3000,
      42,
      -1,
      10,
      4000,
      20,
      3000,
      10,
      4000,
      20,
      0,
    );
    for (const drawn of [one, other]) {
      const room = roomOf(file(drawn, 4));
      expect(room.faces.map(({ chord }) => Math.round(chord)).sort()).toEqual([3000, 3000, 4000, 4000]);
      expect(room.faces.flatMap(({ arc }) => (arc ? [Math.round(arc.radius)] : []))).toEqual([2000]);
      expect(room.area).toBeCloseTo(12e6 + (Math.PI * 2000 ** 2) / 2, 0);
    }
  });

  it('is refused where nothing closes', () => {
    expect(sentence(dxfRoom(file(polyline(false, ...l)), 1))).toContain(
      'no closed polyline to take as the room',
    );
  });
});
