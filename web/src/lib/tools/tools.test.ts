import {
  lineTargets,
  makeRoom,
  must,
  outlineFaces,
  placedOpenings,
  pushPart,
  recordsOf,
  putFixed,
  putOpening,
  roomShape,
  usualFixed,
  usualOpening,
  usualStyle,
  type Design,
  type Point,
  emptyHistory,
} from 'goodreach';
import { describe, expect, it } from 'vitest';
import { DesignSession } from '../session/design-session.svelte';
import type { LocalEdit } from '../session/edits';
import { ScreenState } from '../session/screen.svelte';
import { AlongDrag } from './drag-along';
import { addSectionLine } from './section-lines';
import { FaceDrag } from './drag-face.svelte';
import { PlacePick } from './place-pick.svelte';
import { RoomWalk } from './room-walk.svelte';

const room = (): Design =>
  must(
    makeRoom({
      name: 'Kitchen',
      ...usualStyle('mm'),
      ceilingHeight: 2400,
      faces: outlineFaces({ id: 'rectangle', turns: 0, mirrored: false }, [4000, 3000], 'mm'),
    }),
  );

function session() {
  const edits: LocalEdit[] = [];
  return { edits, session: new DesignSession(room(), emptyHistory, (edit) => edits.push(edit)) };
}

/** No underlay, and one line 37 mm outside face C that ends 1234 mm right of the room's left side. */
const none = { segments: [] };
const oneLine = { segments: [{ a: { x: 1234, y: -3037 }, b: { x: 3900, y: -3037 } }] };

const surveying = { step: 'survey' } as const;
const lengths = (design: Design) => roomShape(design).faces.map(({ length }) => Math.round(length));

describe('dragging a face', () => {
  it('shows it in steps of 10 mm, and does it on release as one edit', () => {
    const { session: on, edits } = session();
    const drag = new FaceDrag(on, none, surveying);
    drag.press('face-c', { x: 0, y: 0 }, { x: 2000, y: -3100 });
    drag.move({ x: 1, y: 1 }, { x: 2000, y: -3101 }, 0);
    expect([drag.active, on.previewing]).toEqual([false, false]);
    drag.move({ x: 0, y: 20 }, { x: 2040, y: -3264 }, 0);
    expect([drag.by, lengths(on.document)]).toEqual([160, [4000, 3160, 4000, 3160]]);
    expect(lengths(on.committed)).toEqual([4000, 3000, 4000, 3000]);
    drag.release();
    expect([drag.by, lengths(on.committed), edits.length]).toEqual([null, [4000, 3160, 4000, 3160], 1]);
  });

  it('goes back into line with what it was pushed out of, from less than a face can be long', () => {
    const { session: on } = session();
    on.run(pushPart, {
      ...{ face: 'face-c', from: 'left', distance: 1000, width: 900, depth: 300 },
      ids: ['p', 'front', 'q', 'r', 's'],
    });
    const drag = new FaceDrag(on, none, surveying);
    const pull = (by: number) => {
      drag.press('front', { x: 0, y: 0 }, { x: 2500, y: -3300 });
      drag.move({ x: 0, y: -90 }, { x: 2500, y: -3300 + by }, 0);
      const shown = drag.by;
      drag.cancel();
      return shown;
    };
    expect([pull(249), pull(251), pull(340)]).toEqual([-250, -300, -300]);
    drag.press('front', { x: 0, y: 0 }, { x: 2500, y: -3300 });
    drag.move({ x: 0, y: -90 }, { x: 2500, y: -3010 }, 0);
    drag.release();
    expect(lengths(on.committed)).toEqual([4000, 3000, 4000, 3000]);
  });

  it('keeps to the last place that can be, and leaves no trace when it is dropped', () => {
    const { session: on, edits } = session();
    const drag = new FaceDrag(on, none, surveying);
    drag.press('face-c', { x: 0, y: 0 }, { x: 2000, y: -3000 });
    drag.move({ x: 0, y: -90 }, { x: 2000, y: -1000 }, 0);
    drag.move({ x: 0, y: -190 }, { x: 2000, y: 500 }, 0);
    expect([drag.by, lengths(on.document)[1]]).toEqual([-2000, 1000]);
    drag.cancel();
    expect([drag.active, on.previewing, lengths(on.document)[1], edits.length]).toEqual([
      false,
      false,
      3000,
      0,
    ]);
  });

  it('does nothing for what is no face', () => {
    const { session: on } = session();
    const drag = new FaceDrag(on, none, surveying);
    drag.press('room', { x: 0, y: 0 }, { x: 0, y: 0 });
    drag.move({ x: 50, y: 50 }, { x: 900, y: 900 }, 0);
    expect([drag.active, on.previewing]).toEqual([false, false]);
  });

  it('is drawn to a line of an underlay that runs along it', () => {
    const { session: on } = session();
    const drag = new FaceDrag(on, oneLine, surveying);
    drag.press('face-c', { x: 0, y: 0 }, { x: 2000, y: -3000 });
    drag.move({ x: 0, y: 20 }, { x: 2000, y: -3050 }, 20);
    expect([drag.by, drag.onLine]).toEqual([37, true]);
    drag.move({ x: 0, y: 30 }, { x: 2000, y: -3081 }, 20);
    expect([drag.by, drag.onLine]).toEqual([80, false]);
    drag.release();
    expect(lengths(on.committed)[1]).toBe(3080);
  });
});

describe('picking places', () => {
  const picking = (purpose: 'scale' | 'outline', done = (_: readonly Point[]) => {}) => {
    const selection = { selected: 'thing' as string | null };
    const pick = new PlacePick(session().session, selection, { targets: lineTargets(oneLine.segments) });
    pick.start('thing', purpose, done);
    return { pick, selection };
  };

  it('draws them to corners of the room and ends of lines, and wants two for a scale', () => {
    const { pick } = picking('scale');
    pick.point({ x: 1240, y: -3030 }, 30);
    expect(pick.aimed).toEqual({ at: { x: 1234, y: -3037 }, caught: 'end' });
    pick.click({ x: 1240, y: -3030 }, 30);
    expect([pick.claims, pick.aimed]).toEqual([true, null]);
    pick.click({ x: 3990, y: -2990 }, 30);
    expect(pick.now?.places.map(({ x, y }) => [x, Math.round(y)])).toEqual([
      [1234, -3037],
      [4000, -3000],
    ]);
    expect(pick.claims).toBe(false);
  });

  it('closes an outline at its first place, takes back the last, and ends with the selection', () => {
    const given: (readonly Point[])[] = [];
    const { pick, selection } = picking('outline', (places) => given.push(places));
    for (const [x, y] of [
      [1000, -1000],
      [2000, -1010],
      [3000, -2000],
    ])
      pick.click({ x: x!, y: y! }, 30);
    pick.takeBack();
    pick.click({ x: 2005, y: -2500 }, 30);
    pick.click({ x: 1010, y: -1010 }, 30);
    expect(given).toEqual([
      [
        { x: 1000, y: -1000 },
        { x: 2000, y: -1000 },
        { x: 2000, y: -2500 },
      ],
    ]);
    expect(pick.now).toBeNull();
    pick.start('thing', 'outline');
    selection.selected = null;
    expect([pick.now, pick.claims]).toEqual([null, false]);
  });
});

describe('dragging along a face', () => {
  it('slides an opening as it is measured, and no further than it fits', () => {
    const { session: on } = session();
    on.run(putOpening, { ...usualOpening('w', 'face-a', 'window', 500, 'mm'), from: 'right', to: 'right' });
    const drag = new AlongDrag(on, none, surveying);
    drag.press('w', { x: 0, y: 0 }, { x: 3000, y: 0 });
    drag.move({ x: -40, y: 30 }, { x: 2604, y: -400 }, 0);
    const left = () => placedOpenings(on.document)[0]!.left;
    expect(left()).toBeCloseTo(4000 - 500 - 900 - 400, 6);
    drag.move({ x: 900, y: 0 }, { x: 9000, y: 0 }, 0);
    expect(left()).toBeCloseTo(2200, 6);
    drag.release();
    expect(on.committed.records['w']).toMatchObject({ from: 'right', distance: 900 });
  });

  it('is drawn to the end of a line in its wall', () => {
    const { session: on } = session();
    on.run(putOpening, usualOpening('w', 'face-c', 'window', 500, 'mm'));
    const drag = new AlongDrag(on, oneLine, surveying);
    drag.press('w', { x: 0, y: 0 }, { x: 3000, y: -3000 });
    // Face C runs from right to left: its right jamb comes to the end at 1234 mm from the room's left side.
    drag.move({ x: -90, y: 0 }, { x: 3000 - (4000 - 1400 - 1234) - 15, y: -3000 }, 20);
    expect(placedOpenings(on.document)[0]!.right).toBeCloseTo(4000 - 1234, 6);
    drag.cancel();
  });

  it('moves a section line with both its ends, as far as its faces go', () => {
    const { session: on } = session();
    addSectionLine(on, new ScreenState());
    const [line] = recordsOf(on.committed, 'section');
    expect([line!.from, line!.to]).toEqual([
      { face: 'face-a', from: 'left', distance: 2000 },
      { face: 'face-c', from: 'left', distance: 2000 },
    ]);
    const drag = new AlongDrag(on, none, surveying);
    drag.press(line!.id, { x: 0, y: 0 }, { x: 2000, y: 500 });
    drag.move({ x: 90, y: 0 }, { x: 2500, y: 800 }, 0);
    drag.release();
    const ends = () => {
      const { from, to } = recordsOf(on.committed, 'section')[0]!;
      return [from.distance, to.distance];
    };
    // Face C runs from right to left.
    expect(ends()).toEqual([2500, 1500]);
    drag.press(line!.id, { x: 0, y: 0 }, { x: 2500, y: 500 });
    drag.move({ x: 90, y: 0 }, { x: 9000, y: 500 }, 0);
    drag.release();
    expect(ends()).toEqual([4000, 0]);
  });

  it('moves what stands free over the floor', () => {
    const { session: on } = session();
    const column = usualFixed(on.committed, 'c', 'column', 'face-a');
    on.run(putFixed, { ...column, placement: { on: 'floor', x: 1000, y: -1000, turn: 0 } });
    const drag = new AlongDrag(on, none, surveying);
    drag.press('c', { x: 0, y: 0 }, { x: 1100, y: -1100 });
    drag.move({ x: 20, y: 20 }, { x: 1333, y: -1288 }, 0);
    drag.release();
    expect(on.committed.records['c']).toMatchObject({ placement: { x: 1230, y: -1190 } });
    expect(drag.active).toBe(false);
  });
});

describe('walking a room', () => {
  it('turns right by itself, by the pointer, or by a typed turn, which counts as measured', () => {
    const walk = new RoomWalk();
    walk.add(4000);
    expect(walk.heading).toBeCloseTo(-Math.PI / 2, 9);
    walk.point({ x: 7000, y: 20 }, 50);
    expect(walk.heading).toBeCloseTo(0, 9);
    walk.turn = Math.PI / 3;
    expect(walk.heading).toBeCloseTo(-Math.PI / 3, 9);
    walk.add(3000);
    expect(walk.faces[1]).toMatchObject({ length: 3000, typed: true });
    expect([walk.turn, walk.aimed]).toEqual([null, null]);
  });

  it.each([
    [140, 'share'],
    [142, 'close'],
  ] as const)('that misses its start by %s in 14 m is to be %sd unless chosen otherwise', (miss, mode) => {
    const walk = new RoomWalk();
    // A gap of one part in a hundred of the walk, just under and just over.
    for (const length of [4000, 3000, 4000 + miss, 3000]) walk.add(length);
    expect(walk.gap).toBeCloseTo(miss, 6);
    expect(walk.gapMode).toBe(mode);
  });

  it('is taken back face by face, and closed or shared out as chosen', () => {
    const walk = new RoomWalk();
    expect(walk.made).toBeNull();
    for (const length of [4000, 3000, 4006, 3000]) walk.add(length);
    expect(walk.gap).toBeCloseTo(6, 6);
    expect(walk.gapMode).toBe('share');
    expect(must(walk.made!)).toHaveLength(4);
    walk.chooseGap('close');
    expect(must(walk.made!)).toHaveLength(5);
    walk.takeBack();
    expect(must(walk.made!).map(({ measured }) => measured)).toEqual([true, true, true, false]);
  });
});

describe('dragging on a face as it is seen', () => {
  const windowAt = (change = {}) => ({
    ...usualOpening('w1', 'face-a', 'window', 1000, 'mm'),
    ...{ width: 1200, height: 1000, sill: 1000, casing: 0, ...change },
  });
  const faceOf = (design: Design) => roomShape(design).byId.get('face-a')!;
  function dragging(along: number, up: number, near: number, opening = windowAt(), others = [opening]) {
    const { session: on, edits } = session();
    for (const one of others) on.run(putOpening, one);
    const drag = new AlongDrag(on, none, surveying);
    const face = faceOf(on.committed);
    drag.press(opening.id, { x: 0, y: 0 }, { face, along: 1500, up: 1400 });
    drag.move({ x: 30, y: 30 }, { face, along: 1500 + along, up: 1400 + up }, near);
    const record = () => recordsOf(on.document, 'opening').find(({ id }) => id === opening.id)!;
    return { on, edits, drag, record, face };
  }

  it('moves a window along and raises it, in round figures, as one edit', () => {
    const { on, edits, drag, record } = dragging(203, 148, 0);
    expect(record().sill).toBe(1150);
    expect(placedOpenings(on.document)[0]!.left).toBeCloseTo(1200, 6);
    drag.release();
    expect(edits.at(-1)!.patch).toHaveLength(1);
    expect(on.committed.records['w1']).toMatchObject({ sill: 1150 });
  });

  it('draws its head and sill to those of others and to the counter, within reach', () => {
    const other = windowAt({ id: 'w2', distance: 2600, height: 800, sill: 1170, width: 600 });
    const both = [windowAt(), other];
    // Head to head: 1970 - 1000 = 970; sill to sill 1170; sill to the counter 900.
    expect(dragging(0, -24, 14, both[0], both).record().sill).toBe(970);
    expect(dragging(0, 162, 14, both[0], both).record().sill).toBe(1170);
    expect(dragging(0, -93, 14, both[0], both).record().sill).toBe(900);
    expect(dragging(0, -44.1, 14, both[0], both).record().sill).toBe(960);
    expect(dragging(0, -43.9, 14, both[0], both).record().sill).toBe(970);
  });

  it('leaves a door on the floor, and holds a window above it', () => {
    const door = { ...windowAt(), type: 'door' as const, action: 'hinged' as const, sill: 0, height: 2000 };
    expect(dragging(100, 300, 0, door).record().sill).toBe(0);
    expect(dragging(0, -1100, 0).record().sill).toBe(0);
  });

  it('drops it at Escape, and takes no hold on another face, or of a place in plan half way', () => {
    const { on, drag, record, face } = dragging(203, 148, 0);
    drag.move({ x: 60, y: 60 }, { x: 0, y: 0 }, 0);
    drag.move({ x: 60, y: 60 }, null, 0);
    expect(record().sill).toBe(1150);
    drag.cancel();
    expect([on.previewing, drag.active]).toEqual([false, false]);
    const other = roomShape(on.committed).byId.get('face-b')!;
    expect(drag.press('w1', { x: 0, y: 0 }, { face: other, along: 0, up: 0 })).toBe(false);
    drag.move({ x: 50, y: 0 }, { face, along: 50, up: 0 }, 0);
    expect(drag.active).toBe(false);
  });
});
