import {
  findItem,
  lookName,
  makeRoom,
  moveItem,
  must,
  outlineFaces,
  sceneOf,
  setItem,
  usualStyle,
  type SceneGroup,
  emptyHistory,
} from 'goodreach';
import { BatchedMesh, MeshBasicMaterial, Vector3 } from 'three';
import { describe, expect, it } from 'vitest';
import { DesignSession } from '../../session/design-session.svelte';
import { posed, RoomBatches } from './batches';

function setUp() {
  const faces = outlineFaces({ id: 'rectangle', turns: 0, mirrored: false }, [6000, 4000], 'mm');
  const room = must(makeRoom({ name: 'Kitchen', ...usualStyle('mm'), ceilingHeight: 2400, faces }));
  const session = new DesignSession(room, emptyHistory, () => {});
  let count = 0;
  const set = (code: string, distance: number, face = 'face-a') => {
    const placement = { on: 'face', face, from: 'left', distance, off: 0 } as const;
    session.run(setItem, { id: `item-${++count}`, range: 'fathom', code, placement });
  };
  return { session, set, batches: new RoomBatches(() => new MeshBasicMaterial()) };
}

const batched = ({ root }: RoomBatches) =>
  root.children.filter((child): child is BatchedMesh => child instanceof BatchedMesh);

/** Every part's places as they were built, by group and part, in metres of the scene turned back to the room's mm. */
function built(batches: RoomBatches): Map<string, number[][]> {
  batches.root.updateMatrixWorld(true);
  const found = new Map<string, number[][]>();
  for (const mesh of batched(batches)) {
    const positions = mesh.geometry.getAttribute('position');
    for (let instance = 0; instance < mesh.instanceCount + 40; instance++) {
      let geometry: number;
      try {
        geometry = mesh.getGeometryIdAt(instance);
      } catch {
        continue;
      }
      const { vertexStart, vertexCount } = mesh.getGeometryRangeAt(geometry)!;
      const group = batches.groupAt({ object: mesh, batchId: instance } as never)!;
      const list = found.get(`${group.key} ${mesh.name}`) ?? [];
      for (let i = vertexStart; i < vertexStart + vertexCount; i++) {
        const at = new Vector3().fromBufferAttribute(positions, i).applyMatrix4(mesh.matrixWorld);
        list.push([at.x * 1000, -at.z * 1000, at.y * 1000]);
      }
      found.set(`${group.key} ${mesh.name}`, list);
    }
  }
  return found;
}

function expectAsCore(groups: readonly SceneGroup[], batches: RoomBatches) {
  const places = built(batches);
  for (const { key, parts } of groups)
    for (const substance of new Set(parts.map((part) => part.substance))) {
      const wanted = parts
        .filter((part) => part.substance === substance)
        .flatMap(({ mesh }) =>
          Array.from({ length: mesh.positions.length / 3 }, (_, i) => mesh.positions.slice(3 * i, 3 * i + 3)),
        );
      const sorted = (list: number[][]) =>
        list
          .map((one) => one.map((mm) => Math.round(mm * 100) / 100 + 0))
          .sort((a, b) => a[0]! - b[0]! || a[1]! - b[1]! || a[2]! - b[2]!);
      const got = places.get(`${key} ${substance}`) ?? [];
      expect(got.length, `${key} ${substance}`).toBe(wanted.length);
      const [a, b] = [sorted(got), sorted(wanted)];
      a.forEach((at, i) => at.forEach((mm, k) => expect(Math.abs(mm - b[i]![k]!)).toBeLessThan(0.011)));
    }
}

/** To a thousandth of a millimetre, corner by corner in the order they were made: float32 keeps a room's sizes to half of that. */
function expectExactlyAsCore(groups: readonly SceneGroup[], batches: RoomBatches) {
  const places = built(batches);
  for (const { key, parts } of groups)
    for (const substance of new Set(parts.map((part) => part.substance))) {
      const wanted = parts
        .filter((part) => part.substance === substance)
        .flatMap(({ mesh }) => mesh.positions);
      const got = places.get(`${key} ${substance}`)!.flat();
      expect(Math.max(...got.map((mm, index) => Math.abs(mm - wanted[index]!)))).toBeLessThan(1e-3);
    }
}

describe('the room as three-dimensional objects', () => {
  it('has every corner where core has it, and as few batches as there are substances', () => {
    const { session, set, batches } = setUp();
    for (let i = 0; i < 9; i++)
      set(['F600', 'F600-3', 'U600/720'][i % 3]!, Math.floor(i / 3) * 1300 + (i % 3 === 1 ? 620 : 0));
    const groups = sceneOf(session.document);
    batches.update(groups);
    expectAsCore(groups, batches);
    expectExactlyAsCore(groups, batches);
    expect(batched(batches).length).toBeLessThanOrEqual(
      new Set(groups.flatMap(({ parts }) => parts.map(lookName))).size,
    );
  });

  it('makes anew only what an edit has changed', () => {
    const { session, set, batches } = setUp();
    set('F600', 0);
    set('F600', 1500);
    set('F900', 0, 'face-c');
    batches.update(sceneOf(session.document));
    expect(batches.update(sceneOf(session.document))).toBe(0);
    const placement = { on: 'face', face: 'face-a', from: 'left', distance: 2500, off: 0 } as const;
    session.run(moveItem, { id: 'item-2', placement });
    const groups = sceneOf(session.document);
    // The skirting of its wall ends at it, on either side.
    const own = groups.filter(({ source, key }) => source === 'item-2' || key.startsWith('skirting face-a '));
    expect(batches.update(groups)).toBe(own.reduce((sum, { parts }) => sum + parts.length, 0));
    expectAsCore(groups, batches);
  });

  it('grows past what it was made for, and forgets what is gone', () => {
    const { session, set, batches } = setUp();
    set('F300', 0);
    batches.update(sceneOf(session.document));
    const before = sceneOf(session.document);
    for (let i = 0; i < 60; i++) set('F300-3', 300 + (i % 18) * 300, ['face-a', 'face-b', 'face-c'][i % 3]);
    const groups = sceneOf(session.document);
    batches.update(groups);
    expectAsCore(groups, batches);
    batches.update(before);
    expectAsCore(before, batches);
    expect([...batches.groups]).toHaveLength(before.length);
  });

  it('opens what opens: a door is turned, a drawer slid', () => {
    const turned = new Vector3(400, 0, 0).applyMatrix4(
      posed({ turns: { about: [0, 0, 0], axis: [0, 0, 1], by: -Math.PI / 2 } }, 1),
    );
    expect([turned.x, turned.y].map((one) => Math.round(one) + 0)).toEqual([0, -400]);
    const slid = new Vector3(1, 2, 3).applyMatrix4(posed({ slides: [0, -400, 0] }, 0.5));
    expect(slid.toArray()).toEqual([1, -198, 3]);
    const { session, set, batches } = setUp();
    set('F600', 0);
    expect(must(findItem('fathom', 'F600')).width).toBe(600);
    batches.update(sceneOf(session.document));
    expect([batches.opens('item-1'), batches.opens('face-a'), batches.isOpen('item-1')]).toEqual([
      true,
      false,
      false,
    ]);
    batches.open('item-1', 1);
    expect(batches.isOpen('item-1')).toBe(true);
  });
});
