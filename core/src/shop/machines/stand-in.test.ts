import { describe, expect, it } from 'vitest';
import { usualMachine } from './machine';
import type { PlacedWork } from './placed-work';
import { plainIso } from './posts';
import { readIso } from './read-iso';
import { played, type Clamp } from './stand-in';

const part: PlacedWork = {
  id: '1 shelf',
  outline: [
    { x: 100, y: 100 },
    { x: 500, y: 100 },
    { x: 500, y: 300 },
    { x: 100, y: 300 },
  ],
  bores: [{ at: { x: 200, y: 200 }, size: 5, depth: 12 }],
  pockets: [
    {
      ...{ type: 'groove', at: { x: 300, y: 100 }, size: [8, 200] as const, depth: 6 },
      open: { left: false, right: false, low: true, high: true },
    },
  ],
};

const play = (lines: string, clamps: readonly Clamp[] = []) =>
  played(
    `${plainIso.before.join('\n')}\n${lines}\nM30\n`,
    { size: [1_000, 600], thick: 18, works: [part], clamps, beyond: 0 },
    usualMachine,
  ).faults.map(({ why, about }) => (about ? `${why}: ${about}` : why));

const cutter = 'T1 M6\nS18000 M3\n';
const drill = 'T12 M6\nS5000 M3\n';
const small = 'T2 M6\nS18000 M3\n';

describe('the router’s stand-in', () => {
  it('lets pass what cuts a part out, bores its hole and mills its groove', () => {
    expect(play(`${drill}G0 X200 Y200\nG0 Z15\nG1 Z-12 F1500\nG0 Z15`)).toEqual([]);
    expect(play(`${small}G0 X303 Y94\nG0 Z15\nG1 Z-6 F900\nG1 Y300 F6000\nG1 X305\nG1 Y100\nG0 Z15`)).toEqual(
      [],
    );
    expect(
      play(
        `${cutter}G0 X94 Y200\nG0 Z15\nG1 Z-18.3 F900\nG1 Y300 F9000\nG2 X100 Y306 I6 J0\nG1 X500\nG2 X506 Y300 I0 J-6\nG1 Y100\nG2 X500 Y94 I-6 J0\nG1 X100\nG2 X94 Y100 I0 J6\nG1 Y200\nG0 Z15`,
      ),
    ).toEqual([]);
  });

  it.each([
    ['beside its outline by less than it is wide', 94.03, 'part: 1 shelf'],
    ['just within what is the same', 94.01, null],
  ])('tells what takes away of a part: %s', (_, x, fault) => {
    const text = `${cutter}G0 X${x} Y150\nG0 Z15\nG1 Z-18 F900\nG1 Y250 F9000\nG0 Z15`;
    expect(play(text)[0] ?? null).toBe(fault);
  });

  it.each([
    ['deeper than the hole', 'Z-12.03', 'part: 1 shelf'],
    ['as deep', 'Z-12.01', null],
  ])('holds a hole to its depth: %s', (_, z, fault) => {
    expect(play(`${drill}G0 X200 Y200\nG0 Z15\nG1 ${z} F1500\nG0 Z15`)[0] ?? null).toBe(fault);
  });

  it('holds a hole to its place and size, and a groove to its sides', () => {
    expect(play(`${drill}G0 X200.03 Y200\nG0 Z15\nG1 Z-12 F1500\nG0 Z15`)).toEqual(['part: 1 shelf']);
    expect(play(`T13 M6\nS1 M3\nG0 X200 Y200\nG0 Z15\nG1 Z-12 F1500\nG0 Z15`)).toEqual(['part: 1 shelf']);
    expect(play(`${small}G0 X302.9 Y100\nG0 Z15\nG1 Z-6 F900\nG1 Y300 F6000\nG0 Z15`)).toEqual([
      'part: 1 shelf',
      'part: 1 shelf',
    ]);
  });

  it.each([
    ['Z-18.31', null],
    ['Z-18.33', 'deep'],
  ])('goes no deeper than into the board below: %s', (z, fault) => {
    expect(play(`${cutter}G0 X50 Y50\nG0 Z15\nG1 ${z} F900\nG0 Z15`)[0] ?? null).toBe(fault);
  });

  it.each([
    ['X6', null],
    ['X5.97', 'off-sheet'],
    ['X994.03', 'off-sheet'],
  ])('stays on the sheet with all of the tool: %s', (x, fault) => {
    expect(play(`${cutter}G0 ${x} Y50\nG0 Z15\nG1 Z-5 F900\nG0 Z15`)[0] ?? null).toBe(fault);
  });

  it('meets no clamp, over it neither where it does not go high enough', () => {
    const clamp: Clamp = { at: { x: 600, y: 0 }, size: [60, 60], high: 20 };
    const through = `${drill}G0 X700 Y30\nG0 Z15\nG0 X550\nG0 Z30`;
    expect(play(through, [clamp])).toEqual(['clamp']);
    expect(play(through.replace('Z15', 'Z20'), [clamp])).toEqual([]);
    expect(play(through, [{ ...clamp, at: { x: 600, y: 33 } }])).toEqual([]);
  });

  it('tells what no machine should do', () => {
    expect(play('G0 X50 Y50\nG0 Z15\nG1 Z-5 F900')).toEqual(['no-tool']);
    expect(play('T99 M6\nS1 M3\nG0 X50 Y50\nG0 Z15\nG1 Z-5 F900')).toEqual(['no-tool']);
    expect(play('T1 M6\nG0 X50 Y50\nG0 Z15\nG1 Z-5 F900')).toEqual(['not-turning']);
    expect(play(`${cutter}G0 X50 Y50\nG0 Z-1`)).toEqual(['rapid']);
    expect(play(`${cutter}G0 X50 Y50\nG0 Z15\nG1 Z-2 F900\nG0 X80\nG0 Z15`)).toEqual(['rapid']);
    expect(play(`${drill}G0 X50 Y50\nG0 Z15\nG1 Z-2 F900\nG1 X60\nG0 Z15`)).toEqual(['drill-sideways']);
    expect(play(`T3 M6\nS1 M3\nG0 X50 Y50\nG0 Z15\nG1 Z-12 F900\nG0 Z15`)).toEqual(['reach']);
  });

  it('passes nothing over that it can’t read, and names its line', () => {
    const { faults } = readIso('%\n(G1 X5)\nG21\nG1 X1..2 F5\nG17 Q7\nG20\nG2 X10 I3\nG1 X5 ; G99\n');
    expect(faults).toEqual([
      { line: 4, why: 'number', word: 'X1..2' },
      { line: 5, why: 'word', word: 'Q7' },
      { line: 6, why: 'unit', word: 'G20' },
      { line: 7, why: 'arc', word: 'G2 X10 I3' },
    ]);
    expect(readIso('X5').faults).toEqual([{ line: 1, why: 'word', word: 'X5' }]);
    expect(readIso('G1 X5').faults).toEqual([{ line: 1, why: 'feed', word: 'G1 X5' }]);
    expect(readIso('M30\nQ1').faults).toEqual([]);
  });

  it('reads a long file once over: twice the text takes no more than its share', () => {
    const lines = 'G1 X1 Y2 F5\n'.repeat(40_000);
    expect(readIso(lines).strokes).toHaveLength(40_000);
    expect(readIso('9'.repeat(200_000)).faults).toHaveLength(1);
  });

  it('reckons how long it takes: the way at its feed, the ways between at full speed, a change of tools', () => {
    const { minutes } = played(
      `G21\n${cutter}G0 X0 Y0\nG0 Z0\nG1 X900 F9000\nM30`,
      { size: [1_000, 600], thick: 18, works: [], clamps: [], beyond: 50 },
      usualMachine,
    );
    expect(minutes).toBeCloseTo(0.2 + 200 / 25_000 + 0.1, 9);
  });
});
