import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { collideCommand } from '../cli/collide';
import { caseRefrigerator, casingOf } from '../commands/case-refrigerator';
import { concealCistern, usualLining } from '../commands/conceal-cistern';
import { editFaces } from '../commands/edit-faces';
import { editItems } from '../commands/edit-items';
import { putService } from '../commands/put-service';
import { removeThings } from '../commands/remove-things';
import { seatRow } from '../commands/seat-row';
import { setBacks } from '../commands/set-backs';
import { barPieces, setBar } from '../commands/set-bar';
import { setDrain } from '../commands/set-drain';
import { setConstruction } from '../commands/set-construction';
import { setEndPanel } from '../commands/set-end-panel';
import { setInto } from '../commands/set-into';
import { setOver } from '../commands/set-over';
import { setRoom } from '../commands/set-room';
import type { RoomBuilder } from '../demo/build-room';
import { recordOf, recordsOf } from '../document/design';
import { length, subtract } from '../geometry/point';
import { must, type Result } from '../result';
import { roomShape } from '../survey/room-shape';
import { refusalText } from '../wording/refusal-text';
import { alcoveOf, longestFree } from './alcove';
import { drainDistances } from './drain';
import { itemBoxes } from './item-box';
import { settingOf } from './landing';
import { roughIns } from './rough-ins';

const sentence = (result: Result<unknown>) => (result.ok ? '' : refusalText(result.refusal));
const boxOf = ({ design }: RoomBuilder, id: string) => itemBoxes(design).find((box) => box.id === id)!;
const collisions = ({ design }: RoomBuilder) => collideCommand(design).collisions.map(({ text }) => text);
const inInches = (builder: RoomBuilder) => {
  builder.run(setRoom, { unit: 'in', range: 'saltbox', pack: 'inch-residential' });
  return builder;
};

describe('fixtures', () => {
  it('bring their rough-ins: along their face, off it, and to the nearest surveyed service', () => {
    const builder = rectangle(3000, 2400);
    const sink = builder.set('SINK560', 'face-a', 1000);
    const [cold, hot, drain] = roughIns(builder.design).filter(({ item }) => item === sink);
    expect([cold!.type, hot!.type, drain!.type]).toEqual(['cold', 'hot', 'drain']);
    expect(drain).toMatchObject({ up: 475, against: { letter: 'A', along: 1280, out: 0 }, supply: null });
    expect([cold!.against!.along, hot!.against!.along]).toEqual([1360, 1200]);
    builder.run(putService, {
      kind: 'service',
      id: 'waste',
      type: 'drain',
      up: 175,
      placement: { on: 'face', face: 'face-a', from: 'left', distance: 880, off: 0 },
    });
    const led = roughIns(builder.design).find(({ type }) => type === 'drain')!;
    expect(led.supply).toEqual({ id: 'waste', off: 500 });
  });

  it('with their drain at one end have it at the other when they are of the other hand', () => {
    const builder = rectangle(1700, 2400);
    const tub = builder.set('BATH1700', 'face-a', 0);
    const at = () => roughIns(builder.design).find(({ type }) => type === 'drain')!.against!;
    expect(at()).toEqual({ letter: 'A', along: 150, out: 350 });
    builder.run(editItems, { ids: [tub], change: { hand: 'right' } });
    expect(at()).toEqual({ letter: 'A', along: 1550, out: 350 });
  });

  it('are set by their drain centre and rough-in', () => {
    const builder = inInches(rectangle(60 * 25.4, 96 * 25.4));
    const toilet = builder.set('WC20', 'face-a', 200);
    builder.run(setDrain, { id: toilet, side: 'left', distance: 18 * 25.4 });
    builder.run(setDrain, { id: toilet, side: 'behind', distance: 14 * 25.4 });
    const box = boxOf(builder, toilet);
    expect(box.against!.along + box.record.width / 2).toBeCloseTo(18 * 25.4, 6);
    expect(box.record.placement).toMatchObject({ off: 50.8 });
    const distances = drainDistances(builder.design, box)!;
    for (const [side, inches] of [
      ['left', 18],
      ['right', 42],
      ['behind', 14],
    ] as const)
      expect(distances[side]! / 25.4).toBeCloseTo(inches, 6);
    const chair = builder.place('CHAIR18', { on: 'floor', x: 800, y: -1500, turn: 0 });
    expect(sentence(setDrain.run(builder.design, { id: chair, side: 'left', distance: 1 }))).toContain(
      'no drain',
    );
  });

  it('say whether they fit their alcove, or by how much not', () => {
    const builder = rectangle(1690, 2400);
    const tub = builder.set('BATH1700', 'face-a', 0);
    expect(alcoveOf(builder.design, boxOf(builder, tub))).toMatchObject({ free: 1690, spare: -10 });
    builder.run(editItems, { ids: [tub], change: { width: 1600 } });
    expect(alcoveOf(builder.design, boxOf(builder, tub))!.spare).toBeCloseTo(90, 6);
    const wide = settingOf({ type: 'tub', width: 1800, depth: 750, height: 560, up: 0 });
    // Of face B the tub at its end takes 700.
    expect(longestFree(builder.design, wide)).toBeCloseTo(1700, 6);
  });

  it('are let into a top: one in the middle, two equally spaced, rims level with the top', () => {
    const builder = rectangle(3000, 2400);
    const vanity = builder.set('V1200-S', 'face-a', 500);
    builder.run(setInto, { host: vanity, range: 'fathom', code: 'BASINI500', ids: ['left', 'right'] });
    const centres = ['left', 'right'].map((id) => boxOf(builder, id).against!.along + 250);
    expect(centres).toEqual([800, 1400]);
    expect(recordOf(builder.design, 'item', 'left')).toMatchObject({
      up: 820 + 30 - 180,
      type: 'basin-inset',
    });
    expect(collisions(builder)).toEqual([]);
    const three = { host: vanity, range: 'fathom', code: 'BASINI500', ids: ['a', 'b', 'c'] };
    expect(sentence(setInto.run(builder.design, three))).toContain('100 mm too little');
    const turned = builder.place('F900-S', { on: 'floor', x: 1500, y: -1500, turn: 0.5 });
    builder.run(setInto, { host: turned, range: 'fathom', code: 'SINK560', ids: ['bowl'] });
    const [host, bowl] = [boxOf(builder, turned), boxOf(builder, 'bowl')];
    expect(bowl.turn).toBeCloseTo(host.turn, 9);
    expect(length(subtract(bowl.origin, host.origin))).toBeCloseTo(Math.hypot(170, 60), 5);
  });

  it('that hang have their cistern concealed in a lined wall and come out by as much', () => {
    const builder = rectangle(900, 2400);
    const toilet = builder.set('WCH360', 'face-a', 270);
    builder.run(concealCistern, { id: toilet, fixed: 'lining', ...usualLining(builder.design) });
    expect(recordOf(builder.design, 'fixed', 'lining')).toMatchObject({
      width: 600,
      depth: 165,
      height: 1150,
      placement: { face: 'face-a', from: 'left', distance: 150 },
    });
    expect(recordOf(builder.design, 'item', toilet)!.placement).toMatchObject({ off: 165 });
    expect(collisions(builder)).toEqual([]);
    const deep = { id: toilet, fixed: 'lining', width: 600, depth: 5, height: 1150 };
    expect(sentence(concealCistern.run(builder.design, deep))).toContain('depth');
  });

  it('a mirror has an outline of its own in elevation: along and up, and stays a thin box in plan', () => {
    const builder = rectangle(3000, 2400);
    const mirror = builder.set('MIR800/800', 'face-a', 400);
    const corners = [
      { along: 400, out: 100 },
      { along: 800, out: 400 },
      { along: 400, out: 900 },
      { along: 0, out: 400 },
    ];
    builder.run(editItems, { ids: [mirror], change: { corners } });
    const record = () => recordOf(builder.design, 'item', mirror)!;
    expect(record()).toMatchObject({ width: 800, height: 800, depth: 5, up: 1200 });
    expect(
      record()
        .corners!.map(({ along, out }) => [along, out])
        .sort(),
    ).toEqual([
      [0, 300],
      [400, 0],
      [400, 800],
      [800, 300],
    ]);
    expect(boxOf(builder, mirror).footprint).toHaveLength(4);
    builder.run(editItems, { ids: [mirror], change: { height: 400 } });
    expect(Math.max(...record().corners!.map(({ out }) => out))).toBe(400);
    expect(collisions(builder)).toEqual([]);
    const crossed = [corners[0]!, corners[2]!, corners[1]!, corners[3]!];
    expect(sentence(editItems.run(builder.design, { ids: [mirror], change: { corners: crossed } }))).not.toBe(
      '',
    );
  });
});

describe('ends and backs', () => {
  it('an end panel finishes a side where there is room for it', () => {
    const builder = rectangle(3000, 2400);
    const base = builder.set('F600', 'face-a', 500);
    builder.set('F600', 'face-a', 1100);
    builder.run(setEndPanel, { id: base, side: 'left', panel: 'panel' });
    expect(boxOf(builder, 'panel')).toMatchObject({
      against: { along: 482 },
      record: { width: 18, depth: 560, height: 870 },
    });
    const other = setEndPanel.run(builder.design, { id: base, side: 'right', panel: 'p' });
    expect(sentence(other)).toContain('18 mm too little');
    const corner = builder.set('F900-L', 'face-a', 2100);
    builder.run(editItems, { ids: [corner], change: { hand: 'right' } });
    const island = builder.place('F600', { on: 'floor', x: 1500, y: -1500, turn: 2 });
    builder.run(setEndPanel, { id: island, side: 'right', panel: 'free' });
    expect(boxOf(builder, 'free').turn).toBeCloseTo(2, 9);
    expect(collisions(builder)).toEqual([]);
  });

  it('an end panel is as thick as its cabinet is built with, or else its range', () => {
    const builder = rectangle(3000, 2400);
    const base = builder.set('F600', 'face-a', 525);
    const other = builder.set('F600', 'face-a', 1600);
    builder.run(setConstruction, { range: 'fathom', ways: { endPanel: 25 } });
    builder.run(setConstruction, { ids: [other], ways: { endPanel: 30 } });
    builder.run(setEndPanel, { id: base, side: 'left', panel: 'thick' });
    expect(boxOf(builder, 'thick')).toMatchObject({ against: { along: 500 }, record: { width: 25 } });
    builder.run(setEndPanel, { id: other, side: 'right', panel: 'own' });
    expect(boxOf(builder, 'own')).toMatchObject({ against: { along: 2200 }, record: { width: 30 } });
  });

  it('a refrigerator is cased in with panels and a bridge that goes under their top', () => {
    const builder = inInches(rectangle(140 * 25.4, 96 * 25.4));
    const cold = builder.set('COLD36', 'face-a', 30 * 25.4);
    builder.run(caseRefrigerator, { id: cold, ids: ['left', 'right', 'bridge'] });
    const bridge = boxOf(builder, 'bridge');
    expect(bridge.record.width).toBeCloseTo(37 * 25.4, 6);
    expect(bridge.high).toBeCloseTo(boxOf(builder, 'left').high, 6);
    expect(bridge.low).toBeGreaterThan(boxOf(builder, cold).high);
    expect(collisions(builder)).toEqual([]);
    expect(must(casingOf(builder.design, boxOf(builder, cold))).bridge.ok).toBe(true);
    const tight = inInches(rectangle(140 * 25.4, 96 * 25.4));
    const close = tight.set('COLD36', 'face-a', 0);
    const cased = caseRefrigerator.run(tight.design, { id: close, ids: ['a', 'b', 'c'] });
    expect(sentence(cased)).toContain('too little');
  });

  it('says why nothing bridges a refrigerator, and cases it in all the same', () => {
    const builder = inInches(rectangle(140 * 25.4, 96 * 25.4));
    const cold = builder.set('COLD36', 'face-a', 30 * 25.4);
    const why = () => {
      const { bridge } = must(casingOf(builder.design, boxOf(builder, cold)));
      return bridge.ok ? '' : refusalText(bridge.refusal, { unit: 'in', step: 25.4 / 16 });
    };
    const panel = must(casingOf(builder.design, boxOf(builder, cold))).panel.height / 25.4;
    const lowest = 12;
    const high = (inches: number) =>
      builder.run(editItems, { ids: [cold], change: { height: inches * 25.4 } });
    builder.run(setRoom, { specials: true });
    high(panel - 0.5 - lowest);
    expect(why()).toBe('');
    high(panel - 0.5 - lowest + 0.125);
    expect(why()).toContain('11 7/8" are free over it');
    expect(why()).toContain('the lowest that is made is 12" high');
    builder.run(caseRefrigerator, { id: cold, ids: ['left', 'right', 'bridge'] });
    expect(['left', 'right', 'bridge'].map((id) => !!builder.design.records[id])).toEqual([
      true,
      true,
      false,
    ]);
    builder.run(removeThings, ['left', 'right']);
    high(70);
    builder.run(editItems, { ids: [cold], change: { width: 20 * 25.4 } });
    expect(why()).toContain('none of the range goes in between panels 21" apart');
  });

  it('have a rough-in in mm as well, where their outlet goes into the floor', () => {
    const builder = rectangle(1800, 2400);
    const toilet = builder.set('WC360-F', 'face-a', 200);
    builder.run(setDrain, { id: toilet, side: 'behind', distance: 260 });
    expect(recordOf(builder.design, 'item', toilet)!.placement).toMatchObject({ off: 30 });
    expect(drainDistances(builder.design, boxOf(builder, toilet))!.behind).toBeCloseTo(260, 6);
    const wall = builder.set('WC360', 'face-a', 1000);
    expect(drainDistances(builder.design, boxOf(builder, wall))!.behind).toBeNull();
  });

  it('a row gets a divided back, and seats in the middle of equal shares facing it', () => {
    const builder = rectangle(5000, 4000);
    const turn = 0.4;
    const first = builder.place('F900', { on: 'floor', x: 1500, y: -1500, turn });
    const second = builder.place('F900', {
      on: 'floor',
      x: 1500 + 900 * Math.cos(turn),
      y: -1500 + 900 * Math.sin(turn),
      turn,
    });
    const ids = [second, first];
    builder.run(setBacks, { ids, panels: ['p1', 'p2', 'p3'] });
    expect(['p1', 'p2', 'p3'].map((id) => recordOf(builder.design, 'item', id)!.width)).toEqual([
      600, 600, 600,
    ]);
    const stools = { range: 'fathom', code: 'STOOL380/650', overhang: 380 };
    builder.run(seatRow, { ...stools, ids, side: 'behind', seats: ['s1', 's2'] });
    const box = boxOf(builder, first);
    for (const [id, along] of [
      ['s1', 450],
      ['s2', 1350],
    ] as const) {
      const { record, origin, u, n } = boxOf(builder, id);
      const off = subtract(origin, box.origin);
      expect(off.x * box.u.x + off.y * box.u.y + record.width / 2).toBeCloseTo(along, 4);
      // It stands half under the top.
      expect(-(off.x * box.n.x + off.y * box.n.y) - record.depth).toBeCloseTo(190, 4);
      expect(u.x * box.u.x + u.y * box.u.y).toBeCloseTo(1, 6);
      expect(n.x * box.n.x + n.y * box.n.y).toBeCloseTo(1, 6);
    }
    expect(collisions(builder)).toEqual([]);
    const asked = (side: 'behind' | 'left', seats: string[]) =>
      sentence(seatRow.run(builder.design, { ...stools, ids, side, seats }));
    expect(asked('behind', ['a', 'b', 'c', 'd', 'e'])).toContain('20 mm too little');
    // The end is as long as one cabinet is deep.
    expect(asked('left', ['a'])).toBe('');
    expect(asked('left', ['a', 'b'])).toContain('100 mm too little');
    expect(
      sentence(seatRow.run(builder.design, { ...stools, ids, side: 'left', seats: ['a'], overhang: 900 })),
    ).toContain('The overhang');
    const away = builder.place('F900', { on: 'floor', x: 500, y: -3000, turn: 0 });
    expect(sentence(setBacks.run(builder.design, { ids: [first, away], panels: ['x'] }))).toContain(
      'a row of',
    );
    expect(recordsOf(builder.design, 'item')).toHaveLength(8);
  });

  it('a shelf hangs over a window in its middle, on the head of its casing', () => {
    const builder = rectangle(3000, 2400);
    const window = builder.open('face-a', 'window', 700, { width: 900, sill: 1000, height: 900, casing: 60 });
    const shelf = builder.set('PS1200', 'face-a', 0);
    builder.run(setOver, { id: shelf, opening: window });
    expect(boxOf(builder, shelf)).toMatchObject({ low: 1960, against: { along: 1150 - 600 } });
    expect(collisions(builder)).toEqual([]);
  });

  it('a bar lies on a half wall, alike on both sides, and goes into nothing', () => {
    const builder = rectangle(3000, 2400);
    const asked = () => setBar.run(builder.design, { face: 'face-c', ids: ['bar'] });
    expect(sentence(asked())).toContain('Face C goes up to the ceiling');
    builder.run(editFaces, { faces: ['face-c'], change: { wallHeight: 1050, thickness: 120 } });
    builder.run(setBar, { face: 'face-c', ids: ['bar'] });
    const bar = boxOf(builder, 'bar');
    expect(bar).toMatchObject({ low: 1050, record: { width: 3000, depth: 300, placement: { off: -210 } } });
    expect(collisions(builder)).toEqual([]);
    builder.run(editItems, { ids: ['bar'], change: { up: 900 } });
    expect(collisions(builder).join()).toContain('face C');
  });

  it('a bar longer than can be made lies in equal pieces, end to end', () => {
    for (const [length, pieces] of [
      [4000, 1],
      [4000.1, 2],
      [9000, 3],
    ] as const) {
      const builder = rectangle(length, 2400);
      builder.run(editFaces, { faces: ['face-c'], change: { wallHeight: 1050, thickness: 120 } });
      const face = roomShape(builder.design).byId.get('face-c')!;
      expect(barPieces(face)).toBe(pieces);
      const ids = Array.from({ length: pieces }, (_, index) => `bar-${index}`);
      builder.run(setBar, { face: 'face-c', ids });
      const bars = ids.map((id) => boxOf(builder, id));
      expect(bars.reduce((sum, { record }) => sum + record.width, 0)).toBeCloseTo(length, 5);
      bars.slice(1).forEach(({ against }, index) => {
        const before = bars[index]!;
        expect(against!.along).toBeCloseTo(before.against!.along + before.record.width, 5);
      });
      expect(collisions(builder)).toEqual([]);
    }
    const builder = rectangle(9000, 2400);
    builder.run(editFaces, { faces: ['face-c'], change: { wallHeight: 1050, thickness: 120 } });
    expect(sentence(setBar.run(builder.design, { face: 'face-c', ids: ['a', 'b'] }))).toContain('4000 mm');
    expect(sentence(setBar.run(builder.design, { face: 'face-c', ids: [] }))).not.toBe('');
  });
});
