import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { setRoom } from '../commands/set-room';
import { RoomBuilder } from '../demo/build-room';
import { orchardKitchen } from '../demo/orchard-kitchen';
import { readdirSync } from 'node:fs';
import { itemKinds } from '../ranges/kinds';
import { checkReach, countVerdicts, runRules, sayFinding } from './check-reach';
import type { Rule } from './rule';
import { rules } from './rules';

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
      id: 'crashing',
      check: () => {
        throw new Error('no such thing');
      },
    };
    const report = runRules(orchardKitchen(), [crashing, ...rules.filter(({ onRequest }) => !onRequest)]);
    expect(report.failed).toEqual([{ rule: 'crashing', reason: 'no such thing' }]);
    expect(report.findings.length).toBe(5);
  });
});
