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
import { checkReach, runRules } from './check-reach';
import { countVerdicts } from './rule';
import { sayFinding } from '../wording/rule-texts';
import type { Rule } from './rule';
import { rules } from './rules';
import { kneeSpaceFor, kneeSpaces } from './seats';

/** The sentences of one rule in a room, gravest first, each with its verdict. */
function found(builder: RoomBuilder, rule: string): string[] {
  return checkReach(builder.design)
    .findings.filter((finding) => finding.rule === rule)
    .map((finding) => `${finding.verdict}: ${sayFinding(builder.design, finding)}`);
}

describe('folders of rules and kinds', () => {
  it.each([
    ['rules', rules.map(({ id }) => id), new URL('./rules/', import.meta.url)],
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

describe('work-aisle', () => {
  /** Two runs facing each other in a room of this depth: the aisle is the depth less twice 560 + 40. */
  const facing = (depth: number) => {
    const builder = rectangle(4000, depth);
    builder.set('F600', 'face-a', 1000);
    builder.set('F600', 'face-c', 2400);
    return builder;
  };
  it.each([
    [2200, 'clear: Aisle of 1000 mm between F600 and F600.'],
    [2199, 'tight: Aisle between F600 and F600 is 999 mm; 1000 mm is asked for.'],
  ])('between tops in a room %d deep', (depth, sentence) => {
    expect(found(facing(depth), 'work-aisle')).toEqual([sentence]);
  });

  it('reports the tightest place where the runs are not parallel', () => {
    const builder = rectangle(4000, 2200, 4000, 2240);
    builder.set('F600', 'face-a', 1000);
    builder.set('F600', 'face-c', 2400);
    const [finding] = checkReach(builder.design).findings.filter(({ rule }) => rule === 'work-aisle');
    const [a, b, c, d] = finding!.place as [
      { x: number; y: number },
      { x: number; y: number },
      { x: number; y: number },
      { x: number; y: number },
    ];
    const widths = [Math.hypot(a.x - d.x, a.y - d.y), Math.hypot(b.x - c.x, b.y - c.y)];
    expect(finding!.measured).toBeCloseTo(Math.min(...widths), 6);
    expect(Math.abs(widths[0]! - widths[1]!)).toBeGreaterThan(0.5);
  });

  it('sees an island from the front of a run with its top’s overhang, but not a joint in a corner', () => {
    const builder = rectangle();
    builder.set('F600', 'face-a', 1000);
    builder.place('F600', { on: 'floor', x: 1000, y: -1500, turn: 0 });
    expect(found(builder, 'work-aisle')).toEqual([
      'tight: Aisle between F600 and F600 is 880 mm; 1000 mm is asked for.',
    ]);
    const corner = new RoomBuilder(orchardKitchen());
    expect(found(corner, 'work-aisle').some((sentence) => sentence.includes('DISH24'))).toBe(false);
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
    expect(found(seated(380, 1200), 'knee-space')).toEqual(['clear: Knee space of 380 mm at STOOL380/650.']);
    expect(found(seated(250, 1200), 'knee-space')).toEqual([
      'tight: Knee space at STOOL380/650 is 250 mm deep; 380 mm is asked for at this height.',
    ]);
    // A stool in the open is at nothing.
    const away = rectangle();
    away.place('STOOL380/650', { on: 'floor', x: 1000, y: -1000, turn: 0 });
    expect(found(away, 'knee-space')).toEqual([]);
  });

  it('is not made deeper by panels on the back: the top stands out past them', () => {
    const builder = seated(380, 1200);
    builder.run(setBacks, { ids: ['item-1'], panels: ['back'] });
    expect(found(builder, 'knee-space')).toEqual(['clear: Knee space of 380 mm at STOOL380/650.']);
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
    expect(found(builder, 'knee-space')).toEqual([expect.stringMatching(/^clear: Knee space of 3\d\d mm/)]);
    // As deep as the bar stands out on the room's side: its listed or needed depth, less the wall and 25 behind it.
    const depth = recordOf(builder.design, 'item', 'bar')!.depth;
    const [finding] = checkReach(builder.design).findings.filter(({ rule }) => rule === 'knee-space');
    expect(finding).toMatchObject({ measured: expect.closeTo(depth - 120 - 25, 6), required: 300 });
  });

  it('counts the width from middle to middle, each pair once', () => {
    expect(found(seated(380, 1020, 1500), 'seat-width')).toEqual([
      'tight: STOOL380/650 stand 480 mm apart, middle to middle; 600 mm is asked for.',
    ]);
    expect(found(seated(380, 960, 1560), 'seat-width')).toEqual([
      'clear: Each STOOL380/650 has 600 mm of width.',
    ]);
    expect(found(seated(380, 960), 'seat-width')).toEqual([]);
    expect(found(seated(380, 900, 1300, 1700), 'seat-width')).toHaveLength(2);
  });

  it('stands at each height for what the guideline lists', () => {
    const depths = kneeSpaces['inch-residential'];
    const inches = [30, 36, 42].map(
      (height) => Math.round((kneeSpaceFor(depths, height * 25.4) / 25.4) * 1e6) / 1e6,
    );
    expect(inches).toEqual([18, 15, 12]);
  });
});

describe('door-swing', () => {
  const withDoor = () => {
    const builder = rectangle();
    builder.open('face-a', 'door', 500);
    return builder;
  };
  it('is clear in an empty room, blocked by a cabinet in the sweep, by how much', () => {
    const builder = withDoor();
    expect(found(builder, 'door-swing')).toEqual(['clear: Door D1 swings freely.']);
    builder.place('F600', { on: 'floor', x: 500, y: -750, turn: 0 });
    expect(found(builder, 'door-swing')).toEqual([
      'blocked: Door D1 hits F600: it stands 51 mm inside the swing.',
    ]);
  });
  it('does not mind a cabinet behind the hinge, nor a door that opens out', () => {
    const builder = withDoor();
    builder.place('F300', { on: 'floor', x: 150, y: -10, turn: 0 });
    expect(found(builder, 'door-swing')[0]).toMatch(/^clear/);
    const out = rectangle();
    out.open('face-a', 'door', 500, { swing: 'out' });
    out.place('F600', { on: 'floor', x: 500, y: -750, turn: 0 });
    expect(found(out, 'door-swing')).toEqual([]);
  });
  it('finds two doors that swing through the same place', () => {
    const builder = withDoor();
    builder.open('face-d', 'door', 100, { from: 'right', hinge: 'left' });
    expect(found(builder, 'door-swing')[0]).toBe(
      'blocked: Door D1 and door D2 swing through the same place.',
    );
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
    expect(found(builder, 'item-collision')).toEqual(['blocked: F600 and F500 go 20 mm into each other.']);
  });
  it('tell how far an item goes into a wall, or a leaning wall into it', () => {
    const builder = rectangle();
    builder.set('F600', 'face-a', -30);
    expect(found(builder, 'wall-collision')).toEqual(['blocked: F600 goes 30 mm into face D.']);
    const leaning = rectangle(4000, 3000, 4150, 3000);
    leaning.set('F600', 'face-c', 0);
    expect(found(leaning, 'wall-collision')[0]).toMatch(/^blocked: F600 goes \d+ mm into face [BD]\./);
  });
  it('tell of an item taller than the ceiling', () => {
    const builder = rectangle();
    builder.set('COLD600', 'face-a', 0);
    builder.run(setRoom, { ceilingHeight: 1800 });
    expect(found(builder, 'wall-collision')).toEqual(['blocked: COLD600 goes 50 mm into the ceiling.']);
  });
  it('tell of an item in front of a door, or of a window it reaches up to', () => {
    const builder = rectangle();
    builder.open('face-a', 'cased', 0);
    builder.open('face-b', 'window', 0, { sill: 1000 });
    builder.set('F600', 'face-a', 500);
    builder.set('F600', 'face-b', 700);
    expect(found(builder, 'opening-blocked')).toEqual([
      'blocked: F600 stands 100 mm in front of opening D1.',
    ]);
    builder.set('COLD600', 'face-b', 0);
    expect(found(builder, 'opening-blocked')).toContain(
      'blocked: COLD600 stands 100 mm in front of window W1.',
    );
  });
});

describe('the report', () => {
  it('counts verdicts, gravest first', () => {
    const report = checkReach(orchardKitchen());
    expect(countVerdicts(report)).toEqual({ clear: 3, tight: 2, blocked: 0 });
    expect(report.findings[0]!.verdict).toBe('tight');
  });
  it('names a rule that crashes and still runs the others', () => {
    const crashing: Rule = {
      ...rules[0]!,
      id: 'open-fronts',
      check: () => {
        throw new Error('no such thing');
      },
    };
    const report = runRules(orchardKitchen(), [crashing, ...rules.filter(({ onRequest }) => !onRequest)]);
    expect(report.failed).toEqual([{ rule: 'open-fronts', reason: 'no such thing' }]);
    expect(report.findings.length).toBe(5);
  });
});
