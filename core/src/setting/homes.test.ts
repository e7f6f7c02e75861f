import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { setItem } from '../commands/set-item';
import type { RoomBuilder } from '../demo/build-room';
import { roomOf } from '../document/design';
import { findItem } from '../ranges/shelf';
import { must } from '../result';
import { refusalText } from '../wording/refusal-text';
import { hug, hugFace } from './hug';
import { itemBoxes } from './item-box';
import { asLanded, settingOf, type Landing } from './landing';
import { nextPlace } from './next-place';
import { roomShape } from '../survey/room-shape';

const settingFor = (builder: RoomBuilder, code: string) =>
  settingOf(must(findItem(roomOf(builder.design).range, code)));
/** Sets the next one from the shelf, and gives its box. */
function setNext(builder: RoomBuilder, code: string, beside?: string) {
  const landing = nextPlace(builder.design, settingFor(builder, code), beside)!;
  return put(builder, code, landing);
}
function put(builder: RoomBuilder, code: string, landing: Landing) {
  const id = `own-${Object.keys(builder.design.records).length}`;
  builder.run(setItem, { id, range: roomOf(builder.design).range, code, ...asLanded(landing) });
  return itemBoxes(builder.design).find((box) => box.id === id)!;
}
const rounded = ({ x, y }: { x: number; y: number }) => ({
  x: Math.round(x * 1e3) / 1e3,
  y: Math.round(y * 1e3) / 1e3,
});

describe('a corner cabinet', () => {
  it('is set in the first corner both walls of which are free as far as it reaches', () => {
    const builder = rectangle(4000, 3000);
    builder.set('F600', 'face-a', 900);
    expect(setNext(builder, 'F900-L').record).toMatchObject({
      hand: 'left',
      placement: { face: 'face-a', from: 'left', distance: 0 },
    });
    expect(setNext(builder, 'F900-L').record).toMatchObject({
      hand: 'right',
      placement: { face: 'face-a', from: 'right', distance: 0 },
    });
    expect(setNext(builder, 'F900-L').record.placement).toMatchObject({ face: 'face-b', from: 'right' });
  });

  it('passes by a corner with a door as near on the other wall, and one that is far from square', () => {
    for (const [distance, from] of [
      [899.99, 'right'],
      [900, 'left'],
    ] as const) {
      const builder = rectangle(4000, 3000);
      builder.open('face-d', 'door', distance, { width: 700, from: 'right', to: 'right', casing: 0 });
      expect(setNext(builder, 'F900-L').record.placement).toMatchObject({ face: 'face-a', from });
    }
    const leaning = rectangle(4000, 3000, 4600, null);
    const corners = roomShape(leaning.design).faces.map(
      ({ corner }) => Math.abs(corner - Math.PI / 2) <= 0.1,
    );
    const { placement } = setNext(leaning, 'F900-L').record;
    const { faces, byId } = roomShape(leaning.design);
    if (placement.on !== 'face') throw new Error('on the floor');
    const index = faces.indexOf(byId.get(placement.face)!);
    expect(corners).toContain(false);
    expect(corners[placement.from === 'left' ? index : (index + 1) % 4]).toBe(true);
  });

  it('that is blind is pulled off its corner to a neighbour up to 300 away', () => {
    for (const [neighbour, off] of [
      [2499, 0],
      [2500, 300],
      [2700, 100],
      [2800, 0],
    ] as const) {
      const builder = rectangle(4000, 3000);
      builder.set('F300', 'face-a', 0);
      builder.set('F600', 'face-a', neighbour - 600);
      const { record } = setNext(builder, 'F1200-C');
      expect([neighbour, record.placement]).toEqual([
        neighbour,
        { on: 'face', face: 'face-a', from: 'right', distance: off, off: 0 },
      ]);
    }
  });

  it('is set wherever it goes when no corner is free', () => {
    const builder = rectangle(2400, 2400);
    for (const face of ['face-a', 'face-b', 'face-c', 'face-d']) builder.set('F300', face, 0);
    expect(setNext(builder, 'F900-L').record.placement).toMatchObject({ face: 'face-a', distance: 300 });
  });
});

describe('trim', () => {
  const run = () => {
    const builder = rectangle(4000, 3000);
    builder.set('F600', 'face-a', 500);
    builder.set('F900', 'face-a', 1100);
    const [left] = [builder.set('U600/720', 'face-a', 500), builder.set('U900/720', 'face-a', 1100)];
    return { builder, left };
  };

  it('lands on the fronts it trims: over them, under them, or back from them at their foot, cut to their length', () => {
    const { builder } = run();
    const wall = itemBoxes(builder.design).find(({ record }) => record.code === 'U600/720')!;
    expect(setNext(builder, 'KC2400').record).toMatchObject({
      width: 1500,
      up: wall.high,
      placement: { face: 'face-a', from: 'left', distance: 500, off: wall.record.depth - 60 },
    });
    expect(setNext(builder, 'KL2400').record).toMatchObject({
      width: 1500,
      up: wall.low - 35,
      placement: { distance: 500, off: wall.record.depth - 18 },
    });
    expect(setNext(builder, 'K2400').record).toMatchObject({
      width: 1500,
      up: 0,
      placement: { distance: 500, off: 560 - 50 - 16 },
    });
  });

  it('stops where fronts step back by more than a tolerance, hang higher, or stand apart', () => {
    for (const [off, gap, width] of [
      [0, 0, 1200],
      [3, 0, 1200],
      [3.1, 0, 600],
      [0, 3, 1203],
      [0, 3.1, 600],
    ] as const) {
      const builder = rectangle(4000, 3000);
      builder.set('F600', 'face-a', 500);
      builder.place('F600', { on: 'face', face: 'face-a', from: 'left', distance: 1100 + gap, off });
      expect([off, gap, setNext(builder, 'K2400').record.width]).toEqual([off, gap, width]);
    }
  });

  it('goes along what is left, then along the next run, and on the face that is chosen first', () => {
    const { builder } = run();
    const far = builder.set('F600', 'face-c', 1000);
    expect(setNext(builder, 'K2400', far).record).toMatchObject({
      width: 600,
      placement: { face: 'face-c' },
    });
    expect(setNext(builder, 'K2400', far).record).toMatchObject({
      width: 1500,
      placement: { face: 'face-a' },
    });
    // Nothing is left to trim: it is set as anything else is.
    expect(nextPlace(builder.design, settingFor(builder, 'K2400'))!.caught!.by).not.toBe('edge');
  });

  it('is drawn to the fronts when it is dragged near, in the room and along a face, and moved ones keep their width', () => {
    const { builder } = run();
    const light = settingFor(builder, 'KL2400');
    const near = hug(builder.design, light, { x: 1240, y: -400 }, 14);
    expect(near).toMatchObject({ caught: { by: 'edge' }, width: 1500, placement: { distance: 500 } });
    expect(hug(builder.design, light, { x: 1240, y: -1400 }, 14).caught?.by).not.toBe('edge');
    const face = roomShape(builder.design).byId.get('face-a')!;
    const along = hugFace(builder.design, light, face, 1300, 14);
    expect(along).toMatchObject({ caught: { by: 'edge' }, up: 1365 });
    const { record } = put(builder, 'KL2400', near);
    const moved = { ...settingOf(record), except: new Set([record.id]) };
    expect(hug(builder.design, moved, { x: 1250, y: -340 }, 14)).not.toHaveProperty('width');
  });

  it('is cut to no less than can be, and to no more than its length', () => {
    const { builder } = run();
    const cut = (width: number) =>
      setItem.run(builder.design, {
        ...{ id: 'own', range: 'fathom', code: 'KC2400', width },
        placement: { on: 'face', face: 'face-a', from: 'left', distance: 0, off: 0 },
      });
    expect([49, 50, 2400, 2401].map((width) => cut(width).ok)).toEqual([false, true, true, false]);
    const wrong = cut(49);
    expect(!wrong.ok && refusalText(wrong.refusal)).toContain('KC2400');
  });
});

describe('shower glass', () => {
  it('stands on the open edges of its tray, flush with it, on its top, one after the other', () => {
    const builder = rectangle(3000, 2400);
    builder.run(
      ...([setItem, { id: 'tray', range: 'generic-mm', code: trayCode(), placement: onA(0) }] as const),
    );
    const tray = itemBoxes(builder.design)[0]!;
    const { width, depth } = tray.record;
    const glass = setNext(builder, 'GLASS700', 'tray');
    expect(glass.low).toBe(tray.high);
    expect(rounded(glass.rectangle[3])).toEqual({ x: 0, y: -depth });
    expect(rounded(glass.rectangle[2])).toEqual({ x: 700, y: -depth });
    const door = settingFor(builder, 'SDOOR600');
    const dragged = hug(builder.design, door, { x: width - 330, y: -depth - 100 }, 60);
    expect(dragged.caught).toEqual({ by: 'edge', id: 'tray' });
    expect(rounded(put(builder, 'SDOOR600', dragged).rectangle[2])).toEqual({ x: width, y: -depth });
    // What is set next goes to a wall, not beside the glass that was set last.
    const next = nextPlace(builder.design, settingFor(builder, 'WC360-F'), glass.id)!;
    expect(next.placement.on).toBe('face');
    // The front edge has too little left: it stands on the side that is open, looking out of the tray.
    const side = setNext(builder, 'GLASS700', 'tray');
    expect(side.n.x).toBeCloseTo(1, 9);
    expect(Math.max(...side.rectangle.map(({ x }) => x))).toBeCloseTo(width, 6);
  });

  const onA = (distance: number) => ({
    on: 'face' as const,
    face: 'face-a',
    from: 'left' as const,
    distance,
    off: 0,
  });
  const trayCode = () => 'TRAY1400';
});

describe('an island', () => {
  it('takes what is dropped behind it back to back, facing out, in line with its edges', () => {
    const builder = rectangle(5000, 4000);
    builder.place('F600', { on: 'floor', x: 2000, y: -2000, turn: 0 });
    builder.place('F900', { on: 'floor', x: 2600, y: -2000, turn: 0 });
    const base = settingFor(builder, 'F600');
    const at = (x: number, y: number) => hug(builder.design, base, { x, y }, 30);
    const middle = put(builder, 'F600', at(2712, -1700));
    expect(middle.n.y).toBeCloseTo(1, 9);
    expect(rounded(middle.rectangle[0])).toEqual({ x: 3012, y: -2000 });
    // In the 488 that are left to the right nothing 600 wide goes in; to the left it catches the end.
    const left = at(2330, -1700);
    expect(left.caught?.by).toBe('beside');
    expect(at(2300, -1300).caught?.by).not.toBe('beside');
  });
});
