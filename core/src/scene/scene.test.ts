import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rectangle, shaped } from '../../testing/rooms';
import { bendFace } from '../commands/bend-face';
import { editFaces } from '../commands/edit-faces';
import { setRoom } from '../commands/set-room';
import { editItems } from '../commands/edit-items';
import { moveItem } from '../commands/move-item';
import { demoJobs } from '../demo/demo-jobs';
import type { Design } from '../document/design';
import { distance } from '../geometry/point';
import { signedArea } from '../geometry/polygon';
import { itemBoxes } from '../setting/item-box';
import { tops } from '../surfaces/tops';
import { projectOn } from '../survey/placed-face';
import { roomShape } from '../survey/room-shape';
import { wallRings } from '../survey/wall-outline';
import { volumeOf, type Mesh } from './mesh';
import { sceneOf } from './scene';
import type { SceneGroup, Substance } from './scene-part';

const groupOf = (design: Design, key: string) => sceneOf(design).find((group) => group.key === key)!;
const meshesOf = ({ parts }: SceneGroup, substance: Substance) =>
  parts.filter((part) => part.substance === substance).map(({ mesh }) => mesh);
const cornersOf = ({ positions }: Mesh) =>
  Array.from({ length: positions.length / 3 }, (_, i) => ({
    x: positions[3 * i]!,
    y: positions[3 * i + 1]!,
    z: positions[3 * i + 2]!,
  }));
/** Prisms of a ring: its area by the shoelace formula, times how high. */
const area = (ring: readonly { x: number; y: number }[]) => Math.abs(signedArea(ring));

describe('walls in three dimensions', () => {
  it('hold what their ground and height hold, less their openings', () => {
    const builder = shaped('l', [4000, 2000, 1500, 2000, 2500, 4000]);
    builder.open('face-a', 'window', 800, { width: 1000, sill: 900, height: 1200 });
    builder.open('face-f', 'door', 500, { width: 800, sill: 0, height: 2000 });
    builder.open('face-b', 'niche', 600, { width: 400, sill: 1000, height: 500, depth: 80 });
    const { design } = builder;
    const { faces } = roomShape(design);
    const rings = wallRings(faces);
    const cut: Record<string, number> = {
      'face-a': 1000 * 1200 * 120,
      'face-f': 800 * 2000 * 120,
      'face-b': 400 * 500 * 80,
    };
    faces.forEach((face, index) => {
      const [mesh] = meshesOf(groupOf(design, `wall ${face.id}`), 'wall');
      const whole = area(rings[index]!) * 2400;
      expect(volumeOf(mesh!) / (whole - (cut[face.id] ?? 0))).toBeCloseTo(1, 9);
    });
  });

  it('stand on their faces, follow the ceiling, and stop where they are half walls', () => {
    const builder = rectangle(4000, 3000);
    builder.run(editFaces, { faces: ['face-a'], change: { ceilingHeight: 3000 } });
    builder.run(editFaces, { faces: ['face-c'], change: { wallHeight: 1100 } });
    builder.run(bendFace, { face: 'face-b', bend: { side: 'out', depth: 300 } });
    const { design } = builder;
    for (const face of roomShape(design).faces) {
      const [mesh] = meshesOf(groupOf(design, `wall ${face.id}`), 'wall');
      for (const corner of cornersOf(mesh!)) {
        const { along, out } = projectOn(face, corner);
        if (out < -1e-3) continue;
        expect(Math.abs(out)).toBeLessThan(1e-6);
        const [left, right] = face.ceiling;
        const top = face.wallHeight ?? left + ((right - left) * along) / face.length;
        expect(Math.min(Math.abs(corner.z), Math.abs(corner.z - top))).toBeLessThan(1e-3);
      }
    }
  });
});

describe('things in three dimensions', () => {
  it('have their sides where the plan has them, and their fronts as far before as they are built', () => {
    const setup = fc.record({
      code: fc.constantFrom('F600', 'F900-3', 'U600/720', 'T600/2070', 'F300'),
      x: fc.integer({ min: 500, max: 3000 }),
      turn: fc.double({ min: -3, max: 3, noNaN: true }),
    });
    fc.assert(
      fc.property(setup, ({ code, x, turn }) => {
        const builder = rectangle(4000, 3000);
        const id = builder.place(code, { on: 'floor', x, y: -1500, turn });
        const own = itemBoxes(builder.design).find((one) => one.id === id)!;
        const local = (corner: { x: number; y: number }) => {
          const off = { x: corner.x - own.origin.x, y: corner.y - own.origin.y };
          return { across: off.x * own.u.x + off.y * own.u.y, out: off.x * own.n.x + off.y * own.n.y };
        };
        const group = groupOf(builder.design, id);
        const extent = (substance: Substance) => {
          // Drawers slide in the box, and come out to their fronts.
          const still = {
            ...group,
            parts: group.parts.filter(({ moves }) => substance === 'front' || !moves),
          };
          const spots = meshesOf(still, substance).flatMap(cornersOf);
          const places = spots.map(local);
          const [across, out] = [places.map((one) => one.across), places.map((one) => one.out)];
          const ups = spots.map(({ z }) => z);
          return [across, out, ups].map((list) => [Math.min(...list), Math.max(...list)]);
        };
        const { width, depth } = own.record;
        const [across, out, up] = extent('carcass');
        const near = ([a, b]: number[], [c, d]: [number, number]) => {
          expect(a).toBeCloseTo(c, 6);
          expect(b).toBeCloseTo(d, 6);
        };
        near(across!, [0, width]);
        near(out!, [0, depth]);
        near(up!, [own.low < 1 ? 150 : own.low, own.high]);
        // Frameless: fronts 1.5 short of the sides, 20 before the box.
        const front = extent('front');
        near(front[0]!, [1.5, width - 1.5]);
        expect(front[1]![1]).toBeCloseTo(depth + 20, 6);
        expect(front[2]![1]).toBeCloseTo(own.high - 1.5, 6);
      }),
      { numRuns: 30 },
    );
  });

  it('of a countertop hold its area times its thickness, less the bowl let into it', () => {
    const builder = rectangle(4000, 3000);
    builder.run(setRoom, { edgeProfile: 'square' });
    builder.set('F600', 'face-a', 500);
    const [top] = tops(builder.design);
    const topOf = (design: Design) => sceneOf(design).find(({ of }) => of === 'top')!;
    const volume = () =>
      meshesOf(topOf(builder.design), 'top').reduce((sum, mesh) => sum + volumeOf(mesh), 0);
    expect(volume() / (top!.area * 30)).toBeCloseTo(1, 6);
    const sink = builder.set('F800-S', 'face-a', 1100);
    const whole = tops(builder.design)[0]!.area * 30;
    const { width, depth } = itemBoxes(builder.design).find(({ id }) => id === sink)!.record;
    const bowl = (width - 2 * 80) * (depth - 60 - depth * 0.22) * 30;
    expect(volume() / (whole - bowl)).toBeCloseTo(1, 5);
  });

  it('open as their fronts say: a leaf about its hinge, away from its box', () => {
    const builder = rectangle(4000, 3000);
    const id = builder.set('F300', 'face-a', 500);
    for (const hand of ['left', 'right'] as const) {
      builder.run(editItems, { ids: [id], change: { hand } });
      const own = itemBoxes(builder.design).find((one) => one.id === id)!;
      const [leaf] = groupOf(builder.design, id).parts.filter(({ moves }) => moves);
      if (!leaf?.moves || !('turns' in leaf.moves)) throw new Error('The door does not turn.');
      const { about, by } = leaf.moves.turns;
      // The corner farthest from the hinge, turned by the angle, stands before the front.
      const far = cornersOf(leaf.mesh).reduce((best, corner) =>
        distance(corner, { x: about[0], y: about[1] }) > distance(best, { x: about[0], y: about[1] })
          ? corner
          : best,
      );
      const [dx, dy] = [far.x - about[0], far.y - about[1]];
      const opened = {
        x: about[0] + dx * Math.cos(by) - dy * Math.sin(by),
        y: about[1] + dx * Math.sin(by) + dy * Math.cos(by),
      };
      const out = (opened.x - own.origin.x) * own.n.x + (opened.y - own.origin.y) * own.n.y;
      expect(out).toBeGreaterThan(own.record.depth + 250);
    }
  });

  it('are the same objects as long as nothing about them has changed', () => {
    const builder = rectangle(4000, 3000);
    builder.open('face-b', 'window', 500);
    const still = builder.set('F600', 'face-c', 500);
    const moved = builder.set('F600', 'face-a', 500);
    const before = sceneOf(builder.design);
    const placement = { on: 'face', face: 'face-a', from: 'left', distance: 900, off: 0 } as const;
    builder.run(moveItem, { id: moved, placement });
    const after = sceneOf(builder.design);
    const changes = after.filter((group) => !before.includes(group)).map(({ key }) => key);
    // The skirting of its wall ends at it.
    const skirting = changes.filter((key) => key.startsWith('skirting face-a '));
    expect(skirting.length).toBe(2);
    const changed = changes.filter((key) => !skirting.includes(key));
    const boards = changed.filter((key) => key.startsWith(`plinth ${moved} `));
    expect([boards.length, new Set(boards).size]).toEqual([3, 3]);
    expect(changed.filter((key) => !boards.includes(key)).sort()).toEqual([moved, `top ${moved}`].sort());
    expect(groupOf(builder.design, still)).toBe(before.find(({ key }) => key === still));
  });

  it('of every demo room are closed, the right way out, with a normal and a place on the texture for each corner', () => {
    for (const { rooms } of demoJobs())
      for (const design of rooms)
        for (const { key, of, parts } of sceneOf(design))
          for (const { mesh, substance } of parts) {
            const count = mesh.positions.length / 3;
            expect([mesh.normals.length / 3, mesh.uvs.length / 2]).toEqual([count, count]);
            expect(mesh.positions.every(Number.isFinite) && mesh.normals.every(Number.isFinite)).toBe(true);
            expect(Math.max(...mesh.indices)).toBeLessThan(count);
            // Tiles, their joints on what is boxed in and in zones, and mirrors are faces before what holds them.
            const isFace = substance === 'tile' || substance === 'mirror';
            if (isFace || (substance === 'grout' && (of === 'fixed' || key.startsWith('zone ')))) continue;
            if (substance !== 'ceiling') expect(volumeOf(mesh), `${key} ${substance}`).toBeGreaterThan(0);
          }
  });
});
