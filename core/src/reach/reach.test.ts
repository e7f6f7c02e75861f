import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { editFaces } from '../commands/edit-faces';
import { editItems } from '../commands/edit-items';
import { moveItem } from '../commands/move-item';
import { setBacks } from '../commands/set-backs';
import { setBar } from '../commands/set-bar';
import { setRoom } from '../commands/set-room';
import { turnItems } from '../commands/turn-items';
import { RoomBuilder } from '../demo/build-room';
import { orchardKitchen } from '../demo/orchard-kitchen';
import { recordOf } from '../document/design';
import { readdirSync } from 'node:fs';
import { itemKinds } from '../ranges/kinds';
import { checkReach, isAsked, runRules } from './check-reach';
import { countVerdicts } from './finding';
import { sayFinding } from '../wording/rule-texts';
import { kneeSpaceFor } from './knee-space';
import { measures } from './measures';
import { rulePacks } from './packs';

/** The sentences of one rule in a room, gravest first, each with its verdict. */
function found(builder: RoomBuilder, rule: string): string[] {
  return checkReach(builder.design)
    .findings.filter((finding) => finding.rule === rule)
    .map((finding) => `${finding.verdict}: ${sayFinding(builder.design, finding)}`);
}

describe('folders of measures, packs and kinds', () => {
  it.each([
    ['measures', Object.keys(measures), new URL('./measures/', import.meta.url)],
    ['packs', Object.keys(rulePacks).sort(), new URL('./packs/', import.meta.url)],
    ['kinds', itemKinds.map(({ id }) => id), new URL('../ranges/kinds/', import.meta.url)],
  ])('list every file of %s under its own name, in order', (_, ids, folder) => {
    const files = readdirSync(folder).filter((file) => !file.endsWith('.test.ts'));
    expect(ids).toEqual(files.map((file) => file.replace('.ts', '')).sort());
  });
});

describe('counter-height', () => {
  it('is clear at the room’s height and tight when another standard sneaks in', () => {
    const builder = rectangle();
    builder.set('F600', 'face-a', 0);
    expect(found(builder, 'counter-height')).toEqual(['clear: Counter stands at 900 mm.']);
    builder.run(setRoom, { counterHeight: 914.4 });
    expect(found(builder, 'counter-height')).toEqual([
      'tight: Counter stands at 900 mm, 14 mm below the room’s 914 mm.',
    ]);
  });
});

describe('knee-space and seat-width', () => {
  /** An island 900 wide, its back at y = -1000, the top 900 above the floor and so far past it; a stool half under. */
  const seated = (overhang: number, ...lefts: number[]) => {
    const builder = rectangle();
    const island = builder.place('F900', { on: 'floor', x: 1000, y: -1000, turn: 0 });
    builder.run(editItems, { ids: [island], change: { overhangs: { behind: overhang } } });
    for (const x of lefts)
      builder.place('STOOL380/650', { on: 'floor', x, y: -1000 + 380 + overhang / 2, turn: 0 });
    return builder;
  };

  it('is measured from the edge of the top to what is under it', () => {
    expect(found(seated(380, 1200), 'M-seat')).toEqual([
      'clear: Stool 2: width per seat 940 mm; knee depth 380 mm.',
    ]);
    expect(found(seated(250, 1200), 'M-seat')).toEqual([
      'tight: Stool 2: knee depth 250 mm, at least 380 mm is asked for.',
    ]);
    // A stool in the open is at nothing.
    const away = rectangle();
    away.place('STOOL380/650', { on: 'floor', x: 1000, y: -1000, turn: 0 });
    expect(found(away, 'M-seat')).toEqual([]);
  });

  it('is not made deeper by panels on the back: the top stands out past them', () => {
    const builder = seated(380, 1200);
    builder.run(setBacks, { ids: ['item-1'], panels: ['back'] });
    expect(found(builder, 'M-seat')).toEqual(['clear: Stool 2: width per seat 940 mm; knee depth 380 mm.']);
  });

  it('asks for less under a bar, and takes a half wall for what it is', () => {
    const builder = rectangle();
    builder.run(editFaces, { faces: ['face-c'], change: { wallHeight: 1050, thickness: 120 } });
    builder.run(setBar, { face: 'face-c', ids: ['bar'], seats: 'this-side' });
    const stool = builder.set('STOOL380/750', 'face-c', 1000);
    const stand = (off: number) => {
      const placement = { on: 'face', face: 'face-c', from: 'left', distance: 1000, off } as const;
      builder.run(moveItem, { id: stool, placement });
      builder.run(turnItems, { ids: [stool], by: Math.PI });
    };
    stand(150);
    expect(found(builder, 'M-seat')).toEqual([
      expect.stringMatching(/^clear: Stool 2: .*knee depth 3\d\d mm\.$/),
    ]);
    // As deep as the bar stands out on the room's side: its listed or needed depth, less the wall and 25 behind it.
    const depth = recordOf(builder.design, 'item', 'bar')!.depth;
    const [finding] = checkReach(builder.design).findings.filter(({ rule }) => rule === 'M-seat');
    expect(finding!.checks).toMatchObject([
      { id: 'width-per-seat' },
      { id: 'knee-depth', measured: expect.closeTo(depth - 120 - 25, 6), required: 300 },
    ]);
  });

  it('counts the width from middle to middle, each pair once', () => {
    expect(found(seated(380, 1020, 1500), 'seat-width')).toEqual([
      'tight: Stool 2 stands 480 mm from its neighbour, middle to middle; 600 mm is asked for.',
    ]);
    expect(found(seated(380, 960, 1560), 'seat-width')).toEqual(['clear: Stool 2 has 600 mm of width.']);
    expect(found(seated(380, 960), 'seat-width')).toEqual([]);
    expect(found(seated(380, 900, 1300, 1700), 'seat-width')).toHaveLength(2);
  });

  it('stands at each height for what the guideline lists', () => {
    const room = rectangle();
    room.run(setRoom, { packs: ['kitchen'] });
    const inches = [30, 36, 42].map(
      (height) => Math.round((kneeSpaceFor(room.design, height * 25.4) / 25.4) * 1e6) / 1e6,
    );
    expect(inches).toEqual([18, 15, 12]);
  });
});

describe('M-swing', () => {
  const withDoor = () => {
    const builder = rectangle();
    builder.open('face-a', 'door', 500);
    return builder;
  };
  it('is clear in an empty room, blocked by a cabinet in the sweep, by how much', () => {
    const builder = withDoor();
    expect(found(builder, 'M-swing')).toEqual(['clear: Door D1 swings freely.']);
    builder.place('F600', { on: 'floor', x: 500, y: -750, turn: 0 });
    expect(found(builder, 'M-swing')).toEqual([
      'blocked: Door D1 hits base cabinet 1: it stands 50 mm inside the swing.',
      'blocked: Door D1 hits the top over base cabinet 1: it stands 70 mm inside the swing.',
    ]);
  });
  it('does not mind a cabinet behind the hinge, nor a door that opens out', () => {
    const builder = withDoor();
    builder.place('F300', { on: 'floor', x: 150, y: -10, turn: 0 });
    expect(found(builder, 'M-swing')[0]).toMatch(/^clear/);
    const out = rectangle();
    out.open('face-a', 'door', 500, { swing: 'out' });
    out.place('F600', { on: 'floor', x: 500, y: -750, turn: 0 });
    expect(found(out, 'M-swing')).toEqual([]);
  });
  it('finds two doors that swing through the same place', () => {
    const builder = withDoor();
    builder.open('face-d', 'door', 100, { from: 'right', hinge: 'left' });
    expect(found(builder, 'M-swing')[0]).toBe('blocked: Door D1 and door D2 swing through the same place.');
  });
});

describe('collisions', () => {
  it('are silent for neighbours that touch', () => {
    const builder = rectangle();
    builder.set('F600', 'face-a', 0);
    builder.set('F600', 'face-a', 600);
    expect([...found(builder, 'item-collision'), ...found(builder, 'wall-collision')]).toEqual([]);
  });
  it('tell how far two items go into each other', () => {
    const builder = rectangle();
    builder.set('F600', 'face-a', 0);
    builder.set('F500', 'face-a', 580);
    expect(found(builder, 'item-collision')).toEqual([
      'blocked: Base cabinet 1 and base cabinet 2 go 20 mm into each other.',
    ]);
  });
  it('tell how far an item goes into a wall, or a leaning wall into it', () => {
    const builder = rectangle();
    builder.set('F600', 'face-a', -30);
    expect(found(builder, 'wall-collision')).toEqual(['blocked: Base cabinet 1 goes 30 mm into face D.']);
    const leaning = rectangle(4000, 3000, 4150, 3000);
    leaning.set('F600', 'face-c', 0);
    expect(found(leaning, 'wall-collision')[0]).toMatch(
      /^blocked: Base cabinet 1 goes \d+ mm into face [BD]\./,
    );
  });
  it('tell of an item taller than the ceiling', () => {
    const builder = rectangle();
    builder.set('COLD600', 'face-a', 0);
    builder.run(setRoom, { ceilingHeight: 1800 });
    expect(found(builder, 'wall-collision')).toEqual([
      'blocked: Refrigerator 1 goes 50 mm into the ceiling.',
    ]);
  });
  it('tell of an item in front of a door, or of a window it reaches up to', () => {
    const builder = rectangle();
    builder.open('face-a', 'cased', 0);
    builder.open('face-b', 'window', 0, { sill: 1000 });
    builder.set('F600', 'face-a', 500);
    builder.set('F600', 'face-b', 700);
    expect(found(builder, 'opening-blocked')).toEqual([
      'blocked: Base cabinet 1 stands 100 mm in front of opening D1.',
    ]);
    builder.set('COLD600', 'face-b', 0);
    expect(found(builder, 'opening-blocked')).toContain(
      'blocked: Refrigerator 3 stands 100 mm in front of window W1.',
    );
  });
});

describe('the report', () => {
  it('counts verdicts, gravest first', () => {
    const report = checkReach(orchardKitchen());
    expect(countVerdicts(report)).toEqual({ blocked: 6, tight: 10, unjudged: 3, clear: 36 });
    expect(report.findings[0]!.verdict).toBe('blocked');
  });
  it('names a rule that crashes and still runs the others', () => {
    const rules = [...rulePacks.standard.rules, ...rulePacks.metric.rules].filter((rule) => !isAsked(rule));
    const { checks } = rules[0]!;
    const crashing = { ...rules[0]!, inputs: null as never, measure: 'top-overhang' as const, checks };
    const report = runRules(orchardKitchen(), [crashing, ...rules]);
    expect(report.failed).toEqual([{ rule: rules[0]!.id, reason: expect.stringContaining('null') }]);
    expect(report.findings.length).toBe(runRules(orchardKitchen(), rules).findings.length);
  });
});
