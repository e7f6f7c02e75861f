import { describe, expect, it } from 'vitest';
import { rectangle, shaped } from '../../testing/rooms';
import { bendFace } from '../commands/bend-face';
import { putSection } from '../commands/put-section';
import type { RoomBuilder } from '../demo/build-room';
import { applyPatch, patchOf } from '../document/patch';
import type { SectionRecord } from '../document/records';
import { must } from '../result';
import { usualServiceHeight } from './services';
import { nextSectionName, placedSections, straightAcross } from './sections';
import { atFacePlace } from './placed-face';
import { roomShape } from './room-shape';

const line = (change: Partial<SectionRecord> = {}): SectionRecord => ({
  ...{ kind: 'section', id: 's', name: '1', side: 'left' },
  from: { face: 'face-a', from: 'left', distance: 1500 },
  to: { face: 'face-c', from: 'right', distance: 1500 },
  ...change,
});
const across = ({ design }: RoomBuilder, id: string) =>
  straightAcross(design, roomShape(design).byId.get(id)!);

describe('a section line', () => {
  it('is seen from the side it is looked at from: its ends left and right, u between them, n to the viewer', () => {
    const builder = rectangle(4000, 3000);
    builder.run(putSection, line());
    const [left] = placedSections(builder.design);
    // Walked down from face A, what is on the left (to the east) lies before the viewer.
    expect(left).toMatchObject({
      id: 's',
      length: 3000,
      left: { x: 1500, y: 0 },
      right: { x: 1500, y: -3000 },
    });
    expect([left!.u.x + 0, left!.u.y, left!.n.x, left!.n.y + 0]).toEqual([0, -1, -1, 0]);
    builder.run(putSection, line({ side: 'right' }));
    const [right] = placedSections(builder.design);
    expect(right).toMatchObject({ left: { x: 1500, y: -3000 }, right: { x: 1500, y: 0 } });
    expect(right!.n.x).toBe(1);
  });

  it('whose ends are nearer than a face can be long cuts nothing', () => {
    const count = (distance: number) => {
      const builder = rectangle(4000, 3000);
      const from = { face: 'face-a', from: 'right', distance: 40 } as const;
      const near = line({ from, to: { face: 'face-b', from: 'left', distance } });
      return placedSections(must(applyPatch(builder.design, patchOf(builder.design, [near])))).length;
    };
    expect([30, 29.9].map(count)).toEqual([1, 0]);
  });

  it('goes straight across from the middle of a face to the wall it meets first', () => {
    const builder = shaped('l', [4000, 2000, 1500, 2000, 2500, 4000]);
    // From the middle of A down: the wall C at 2000 for x over 2500, E at 4000 before it.
    expect(across(builder, 'face-a')).toEqual({
      from: { face: 'face-a', from: 'left', distance: 2000 },
      to: { face: 'face-e', from: 'left', distance: 500 },
    });
    expect(across(builder, 'face-c')).toMatchObject({ to: { face: 'face-a', distance: 3250 } });
    // From the middle of F the line runs along wall C: it ends where that begins.
    const { to } = across(builder, 'face-f');
    const end = atFacePlace(roomShape(builder.design).byId.get(to.face)!, to);
    expect([Math.round(end.x), Math.round(end.y)]).toEqual([2500, -2000]);
    expect(across(builder, 'face-b').to.face).toBe('face-f');
  });

  it('meets a bent wall where it is', () => {
    const builder = rectangle(4000, 3000);
    builder.run(bendFace, { face: 'face-c', bend: { side: 'out', depth: 500 } });
    const { to } = across(builder, 'face-a');
    const face = roomShape(builder.design).byId.get('face-c')!;
    expect(to.face).toBe('face-c');
    expect(to.distance).toBeCloseTo(face.length / 2, 1);
  });

  it('is named by the first number that is free', () => {
    const builder = rectangle(4000, 3000);
    expect(nextSectionName(builder.design)).toBe('1');
    builder.run(putSection, line());
    expect(nextSectionName(builder.design)).toBe('2');
    builder.run(putSection, line({ id: 't', name: '3', side: 'right' }));
    expect(nextSectionName(builder.design)).toBe('2');
  });
});

describe('the usual height of a service', () => {
  it('is that of the unit, and of a light the ceiling', () => {
    expect(usualServiceHeight('light', 'mm', 2380)).toBe(2380);
    const heights = (
      ['cold', 'hot', 'drain', 'gas', 'socket', 'switch', 'data', 'vent', 'extract'] as const
    ).map((type) => [
      usualServiceHeight(type, 'mm', 2400),
      Math.round(usualServiceHeight(type, 'in', 2400) / 25.4),
    ]);
    expect(heights).toEqual([
      ...[
        [550, 22],
        [550, 22],
        [400, 16],
        [100, 4],
        [1150, 44],
        [1050, 48],
        [300, 16],
        [2100, 84],
        [2100, 84],
      ],
    ]);
  });
});
