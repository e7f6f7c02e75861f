import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { layTile } from '../commands/lay-tile';
import { putZone } from '../commands/put-zone';
import type { FinishRecord } from '../document/records';
import { recordOf, type Design } from '../document/design';
import { drawElevation } from '../drawing/elevation/draw-elevation';
import { drawPlan } from '../drawing/plan';
import type { PathMark } from '../drawing/primitives';
import { boundsOf, signedArea } from '../geometry/polygon';
import { must } from '../result';
import { projectOn } from '../survey/placed-face';
import { roomShape } from '../survey/room-shape';
import { usualZone } from '../tile/zones/usual-zone';
import { tiledZones } from '../tile/zones/zone-laying';
import type { Mesh } from './mesh';
import { sceneOf } from './scene';
import { lookName, lookOf } from './substances';

const placesOf = ({ positions }: Mesh) =>
  Array.from({ length: positions.length / 3 }, (_, i) => ({
    x: positions[3 * i]!,
    y: positions[3 * i + 1]!,
    z: positions[3 * i + 2]!,
  }));
const round = (value: number) => Math.round(value * 1e6) / 1e6 + 0;
/** How many mm² its triangles take. */
function areaOf({ positions, indices }: Mesh): number {
  let sum = 0;
  for (let i = 0; i < indices.length; i += 3) {
    const [a, b, c] = [0, 1, 2].map((k) => positions.slice(indices[i + k]! * 3, indices[i + k]! * 3 + 3));
    const [u, v] = [b!.map((one, k) => one - a![k]!), c!.map((one, k) => one - a![k]!)];
    const across = [0, 1, 2].map(
      (k) => u[(k + 1) % 3]! * v[(k + 2) % 3]! - u[(k + 2) % 3]! * v[(k + 1) % 3]!,
    );
    sum += Math.hypot(...across) / 2;
  }
  return sum;
}
const groupOf = (design: Design, key: string) => sceneOf(design).find((group) => group.key === key)!;
const meshOf = (design: Design, key: string, substance: string) =>
  groupOf(design, key).parts.find((part) => part.substance === substance)!.mesh;
const laidOf = (design: Design, id: string) =>
  must(tiledZones(design).find((zone) => zone.id === id)!.tiled).laid;

function tiled() {
  const room = rectangle(4000, 3000);
  room.set('F600', 'face-a', 0);
  room.run(putZone, usualZone(room.design, { id: 'floor', face: null }));
  const corners = [
    { x: 1000, y: -2000 },
    { x: 2000, y: -2000 },
    { x: 2000, y: -1500 },
  ];
  room.run(putZone, { ...usualZone(room.design, { id: 'inlay', face: null, corners }), angle: 0.4 });
  room.run(putZone, usualZone(room.design, { id: 'wall', face: 'face-a' }));
  return room;
}

describe('zones of tile in three dimensions', () => {
  const { design } = tiled();

  it('lie at the finished floor, their joints behind them, what is not tiled up to its level', () => {
    for (const id of ['floor', 'inlay']) {
      expect(
        [...new Set(placesOf(meshOf(design, `zone ${id}`, 'tile')).map(({ z }) => z))].map(round),
      ).toEqual([0]);
      expect([...new Set(placesOf(meshOf(design, `zone ${id}`, 'grout')).map(({ z }) => round(z)))]).toEqual([
        -1.5,
      ]);
      const { tiledArea, zoneArea } = laidOf(design, id);
      expect(areaOf(meshOf(design, `zone ${id}`, 'tile'))).toBeCloseTo(tiledArea, 0);
      expect(areaOf(meshOf(design, `zone ${id}`, 'grout'))).toBeCloseTo(zoneArea, 0);
    }
    const floor = groupOf(design, 'floor').parts.flatMap(({ mesh }) => placesOf(mesh).map(({ z }) => z));
    expect(Math.max(...floor)).toBe(-2);
    const { floor: _, ...records } = design.records;
    const beside = groupOf({ ...design, records }, 'floor').parts.flatMap(({ mesh }) =>
      placesOf(mesh).map(({ z }) => z),
    );
    expect(Math.max(...beside)).toBe(0);
  });

  it('stand just before their wall, straight or bent, as far as they go', () => {
    const bent = { ...recordOf(design, 'face', 'face-a')!, bend: 300 };
    for (const own of [design, { ...design, records: { ...design.records, 'face-a': bent } }]) {
      const face = roomShape(own).byId.get('face-a')!;
      const places = placesOf(meshOf(own, 'zone wall', 'tile'));
      const at = places.map((place) => projectOn(face, place));
      for (const { out } of at) expect(out).toBeCloseTo(8, 6);
      expect(Math.min(...at.map(({ along }) => along))).toBeGreaterThanOrEqual(-1e-6);
      expect(Math.max(...at.map(({ along }) => along))).toBeLessThanOrEqual(face.length + 1e-6);
      expect(Math.max(...places.map(({ z }) => z))).toBeCloseTo(2400, 6);
      const joints = placesOf(meshOf(own, 'zone wall', 'grout')).map((place) => projectOn(face, place).out);
      for (const out of joints) expect(out).toBeCloseTo(6.5, 6);
    }
  });

  it('are one face where they are more than can be shown', () => {
    const cornersOf = (w: number) => {
      const room = rectangle(4000, 3000);
      const own = {
        pattern: { type: 'grid' },
        tile: { w, h: 20 },
        joint: 0,
        origin: { x: 0, y: 0 },
      } as const;
      room.run(putZone, { ...usualZone(room.design, { id: 'floor', face: null }), ...own });
      return placesOf(meshOf(room.design, 'zone floor', 'tile')).length;
    };
    expect([cornersOf(20), cornersOf(19.99)]).toEqual([120_000, 4]);
  });

  it('are chosen by their record, and the same object until something of them changes', () => {
    const groups = sceneOf(design).filter(({ key }) => key.startsWith('zone '));
    expect(groups.map(({ source, of }) => [source, of])).toEqual([
      ['floor', 'floor'],
      ['inlay', 'floor'],
      ['wall', 'wall'],
    ]);
    const room = tiled();
    const before = groupOf(room.design, 'zone wall');
    room.set('F600', 'face-c', 0);
    expect(groupOf(room.design, 'zone wall')).toBe(before);
    room.set('F600', 'face-a', 900);
    expect(groupOf(room.design, 'zone wall')).not.toBe(before);
  });
});

describe('zones of tile on drawings', () => {
  const { design } = tiled();
  const tilesOf = (marks: readonly { layer: string }[]) =>
    marks.filter(({ layer }) => layer === 'tiles') as unknown as PathMark[];
  const area = (mark: PathMark) => mark.rings.reduce((sum, ring) => sum + signedArea(ring), 0);

  it('are all their pieces in plan, under everything else, and none looking up', () => {
    const marks = drawPlan(design, 50);
    expect(marks.slice(0, 2).map(({ layer }) => layer)).toEqual(['tiles', 'tiles']);
    const [floor, inlay] = tilesOf(marks);
    expect(area(floor!)).toBeCloseTo(laidOf(design, 'floor').tiledArea, 0);
    expect(area(inlay!)).toBeCloseTo(laidOf(design, 'inlay').tiledArea, 0);
    const { left, bottom } = boundsOf(inlay!.rings.flat());
    expect([left, bottom].map(Math.round)).toEqual([1013, -1997]);
    expect(tilesOf(drawPlan(design, 50, { mode: 'ceiling' }))).toEqual([]);
    expect(tilesOf(drawPlan(design, 50, { without: ['tiles'] }))).toEqual([]);
  });

  it('are their outline alone where nobody could see them all', () => {
    // 100 by 60 are as many as are drawn; 101 by 60 are not.
    const ringsOf = (w: number) => {
      const room = rectangle(4000, 3000);
      const own = {
        pattern: { type: 'grid' },
        tile: { w, h: 50 },
        joint: 0,
        origin: { x: 0, y: 0 },
      } as const;
      room.run(putZone, { ...usualZone(room.design, { id: 'floor', face: null }), ...own });
      return tilesOf(drawPlan(room.design, 50))[0]!.rings.length;
    };
    expect([ringsOf(40), ringsOf(39.9)]).toEqual([6000, 1]);
  });

  it('are those of its own face in an elevation, along it from its left end', () => {
    const { byId } = roomShape(design);
    const [wall, ...others] = tilesOf(drawElevation(design, byId.get('face-a')!, 20));
    expect(others).toEqual([]);
    expect(area(wall!)).toBeCloseTo(laidOf(design, 'wall').tiledArea, 0);
    expect(boundsOf(wall!.rings.flat())).toMatchObject({ left: 0, top: 2400 });
    expect(tilesOf(drawElevation(design, byId.get('face-b')!, 20))).toEqual([]);
  });

  it('show how their tiles differ in shade: all of them together, each shade by itself', () => {
    const room = rectangle(4000, 3000);
    const zone = usualZone(room.design, { id: 'floor', face: null });
    const own: FinishRecord = {
      ...{ kind: 'finish', id: 'own', name: 'Speckle', code: 'T90', of: 'tile', colour: '#808080' },
      ...{ rough: 0.6, long: 300, high: 300, grain: false },
      tile: { long: 300, high: 300, joint: 3, offset: 0, grout: '#404040', shade: 'strong' },
    };
    const tiles = () =>
      groupOf(room.design, 'zone floor').parts.filter(({ substance }) => substance === 'tile');
    room.run(putZone, zone);
    const all = areaOf(tiles()[0]!.mesh);
    expect(tiles()).toHaveLength(1);
    room.run(layTile, { zone: { ...zone, finish: 'Speckle' }, own: [own] });
    const shades = tiles().map(({ shade = 0 }) => shade);
    expect([...shades].sort((a, b) => a - b)).toEqual([-0.2, -0.1, 0, 0.1, 0.2]);
    expect(tiles().reduce((sum, { mesh }) => sum + areaOf(mesh), 0)).toBeCloseTo(all, 3);
    // Half way to white or black is half of what is left; each shade is drawn by itself.
    const looks = tiles().map((part) => lookOf(part).colour);
    expect(looks[shades.indexOf(0.2)]).toBe('#999999');
    expect(looks[shades.indexOf(-0.1)]).toBe('#737373');
    expect(looks[shades.indexOf(0)]).toBe('#808080');
    expect(new Set(tiles().map(lookName)).size).toBe(5);
  });

  it('have joints of their own colour where one is said, else that of their tile', () => {
    const room = rectangle(4000, 3000);
    const zone = usualZone(room.design, { id: 'floor', face: null });
    const joints = () => {
      const parts = groupOf(room.design, 'zone floor').parts;
      return lookOf(parts.find(({ substance }) => substance === 'grout')!).colour;
    };
    room.run(putZone, zone);
    const own = joints();
    room.run(putZone, { ...zone, grout: '#123456' });
    expect([own === '#123456', joints()]).toEqual([false, '#123456']);
    room.run(putZone, zone);
    expect(joints()).toBe(own);
  });
});
