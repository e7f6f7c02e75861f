import { describe, expect, it } from 'vitest';
import { rectangle, shaped } from '../../testing/rooms';
import { editFaces } from '../commands/edit-faces';
import { editItems } from '../commands/edit-items';
import { putFixed, usualFixed } from '../commands/put-fixed';
import { setRoom } from '../commands/set-room';
import type { Design } from '../document/design';
import { signedArea } from '../geometry/polygon';
import { projectOn } from '../survey/placed-face';
import { roomShape } from '../survey/room-shape';
import type { Mesh } from './mesh';
import { sceneOf } from './scene';
import type { ScenePart } from './scene-part';
import { lookName, lookOf } from './substances';

const partsOf = (design: Design, key: string) => sceneOf(design).find((group) => group.key === key)!.parts;
const cornersOf = ({ positions }: Mesh) =>
  Array.from({ length: positions.length / 3 }, (_, i) => ({
    x: positions[3 * i]!,
    y: positions[3 * i + 1]!,
    z: positions[3 * i + 2]!,
  }));
/** Half the sum of the cross products of its triangles, mm². */
function areaOf({ positions, indices }: Mesh): number {
  let sum = 0;
  for (let i = 0; i < indices.length; i += 3) {
    const [a, b, c] = [0, 1, 2].map((k) => positions.slice(indices[i + k]! * 3, indices[i + k]! * 3 + 3));
    const [u, v] = [b!.map((one, k) => one - a![k]!), c!.map((one, k) => one - a![k]!)];
    sum += Math.hypot(
      u[1]! * v[2]! - u[2]! * v[1]!,
      u[2]! * v[0]! - u[0]! * v[2]!,
      u[0]! * v[1]! - u[1]! * v[0]!,
    );
  }
  return sum / 2;
}
const meshOf = (parts: readonly ScenePart[], substance: string) =>
  parts.find((part) => part.substance === substance)!.mesh;

describe('tiles in three dimensions', () => {
  const builder = shaped('l', [4000, 2000, 1500, 2000, 2500, 4000]);
  builder.open('face-a', 'window', 800, { width: 1000, sill: 900, height: 1200, casing: 60 });
  builder.run(setRoom, { floorFinish: 'marram', wallFinish: ' Samphire ' });
  const { design } = builder;
  const { outline, byId } = roomShape(design);

  it('lie at the finished floor, joints behind them, all of the set-out and nothing else', () => {
    const parts = partsOf(design, 'floor');
    expect(parts.map(lookName)).toEqual(['grout, Marram', 'tile, Marram']);
    for (const { z } of cornersOf(meshOf(parts, 'tile'))) expect(z).toBe(0);
    expect(Math.max(...cornersOf(meshOf(parts, 'grout')).map(({ z }) => z))).toBe(-1.5);
    // All of the floor but the share of its joints; the cuts at its edges have fewer of them than whole tiles.
    const floor = Math.abs(signedArea(outline));
    const share = areaOf(meshOf(parts, 'tile')) / floor;
    expect(share).toBeGreaterThan((600 * 300) / (603 * 303));
    expect(share).toBeLessThan((600 * 300) / (603 * 303) + 0.004);
  });

  it('stand on the finished face of a wall, past its window and the casing about it', () => {
    const face = byId.get('face-a')!;
    const parts = partsOf(design, 'wall face-a');
    for (const corner of cornersOf(meshOf(parts, 'tile'))) {
      const { along, out } = projectOn(face, corner);
      expect(Math.abs(out)).toBeLessThan(1e-6);
      const beside = along <= 740.001 || along >= 1859.999;
      expect(beside || corner.z <= 840.001 || corner.z >= 2159.999).toBe(true);
    }
    const joints = cornersOf(meshOf(parts, 'grout'))
      .map((corner) => ({ ...projectOn(face, corner), z: corner.z }))
      .filter(({ along, z }) => z > 0.001 && along > 1 && along < face.length - 1);
    expect(Math.max(...joints.map(({ out }) => out))).toBeCloseTo(-1.5, 6);
  });

  it('go round what is boxed in, and leave bent faces in their colour', () => {
    const room = rectangle(4000, 3000);
    room.run(setRoom, { wallFinish: 'Groyne' });
    room.run(putFixed, { ...usualFixed(room.design, 'box', 'pipe-box', 'face-a'), height: 1_200 });
    const tiles = partsOf(room.design, 'box').filter(({ substance }) => substance === 'tile');
    expect(tiles.length).toBeGreaterThanOrEqual(3);
    expect(Math.max(...tiles.flatMap(({ mesh }) => cornersOf(mesh).map(({ z }) => z)))).toBeCloseTo(1_200, 6);
  });
});

describe('finishes', () => {
  it('are those of the thing, else of the room; a word we do not know leaves its usual look', () => {
    const builder = rectangle(4000, 3000);
    const [own, other] = [builder.set('F600', 'face-a', 0), builder.set('F600', 'face-a', 600)];
    const front = (id: string) => partsOf(builder.design, id).find(({ substance }) => substance === 'front')!;
    const usual = lookOf(front(own));
    builder.run(setRoom, { frontFinish: 'Kelp' });
    builder.run(editItems, { ids: [own], change: { finish: 'drift OAK' } });
    expect(front(own).finish?.name).toBe('Drift oak');
    expect(front(other).finish?.name).toBe('Kelp');
    expect(lookOf(front(own))).toMatchObject({ texture: { code: 'T1' } });
    expect(
      partsOf(builder.design, own).find(({ substance }) => substance === 'carcass')!.finish,
    ).toBeUndefined();
    const groups = sceneOf(builder.design);
    builder.run(editItems, { ids: [own], change: { finish: 'as the sample' } });
    expect(lookOf(front(own))).toEqual(usual);
    // Only what was finished anew is made anew, the top over it and the plinth before it.
    const kept = sceneOf(builder.design).filter((group) => groups.includes(group));
    expect(kept.length).toBe(groups.length - 3);
    builder.run(editFaces, { faces: ['face-b'], change: { finish: 'Chalk' } });
    expect(partsOf(builder.design, 'wall face-b')[0]!.finish?.name).toBe('Chalk');
    builder.run(setRoom, { frontFinish: '  ' });
    expect(front(other).finish).toBeUndefined();
  });

  it('have grain that runs up a door, along its rails, and along a top', () => {
    const builder = rectangle(4000, 3000);
    builder.run(setRoom, { topFinish: 'Drift oak' });
    builder.set('F600', 'face-b', 600);
    const group = sceneOf(builder.design).find(({ of }) => of === 'top')!;
    const top = meshOf(group.parts, 'top');
    const { u } = roomShape(builder.design).byId.get('face-b')!;
    // What runs up the texture of its upper side changes along the face, and only so.
    const upper = cornersOf(top).map((corner, i) => ({
      ...corner,
      v: top.uvs[2 * i + 1]!,
      nz: top.normals[3 * i + 2]!,
    }));
    for (const { x, y, v, nz } of upper)
      if (nz > 0.9) expect(Math.abs(v)).toBeCloseTo(Math.abs(x * u.x + y * u.y), 6);
  });
});
