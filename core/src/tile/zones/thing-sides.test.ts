import { describe, expect, it } from 'vitest';
import { rectangle } from '../../../testing/rooms';
import { editItems } from '../../commands/edit-items';
import { putFixed } from '../../commands/put-fixed';
import { putZone } from '../../commands/put-zone';
import { removeThings } from '../../commands/remove-things';
import { setInto } from '../../commands/set-into';
import type { RoomBuilder } from '../../demo/build-room';
import { recordOf, recordsOf } from '../../document/design';
import { brokenReferences } from '../../document/references';
import type { FixedRecord, ZoneRecord, ZoneUpon } from '../../document/records';
import { drawTopTiles } from '../../drawing/draw-tiles';
import { drawPlan } from '../../drawing/plan';
import { drawElevation } from '../../drawing/elevation/draw-elevation';
import { cross, place, type Point } from '../../geometry/point';
import { boundsOf } from '../../geometry/polygon';
import { must } from '../../result';
import { sceneOf } from '../../scene/scene';
import { findBox } from '../../setting/item-box';
import { roomShape } from '../../survey/room-shape';
import { surfaceName } from '../../wording/surface-name';
import { sightEdges } from './sight-edges';
import { linedUp } from './lined-up';
import { sharedLines } from './shared-lines';
import { findThingSide, thingSides } from './thing-sides';
import { usualZone } from './usual-zone';
import { findZone, zoneAreas } from './zone-areas';
import { tiledZone } from './zone-laying';
import { trimLengths } from './zone-trim';

/** A room of 4 by 3 m with a boxing 900 wide, 200 deep and 1200 high at its first face, 1000 from the left end. */
function room(change: Partial<FixedRecord> = {}): RoomBuilder {
  const builder = rectangle(4000, 3000);
  builder.run(putFixed, {
    ...{ kind: 'fixed', id: 'box', type: 'pipe-box', width: 900, depth: 200, height: 1200, up: 0 },
    placement: { on: 'face', face: 'face-a', from: 'left', distance: 1000, off: 0 },
    ...change,
  });
  return builder;
}
function tile(builder: RoomBuilder, upon: ZoneUpon, change: Partial<ZoneRecord> = {}): string {
  const id = `${upon.thing}-${upon.edge ?? 'top'}`;
  builder.run(putZone, { ...usualZone(builder.design, { id, face: null, upon }), ...change });
  return id;
}
const names = ({ design }: RoomBuilder) =>
  thingSides(design).map((side) => surfaceName({ face: null, reveal: null, side }));

describe('the sides of things', () => {
  it('are its top, its front and its ends, as far as no wall hides them', () => {
    expect(names(room())).toEqual([
      'Pipe box, top',
      'Pipe box, right side',
      'Pipe box, front',
      'Pipe box, left side',
    ]);
    // In the corner one end is hidden; up to the ceiling there is no top; free in the room nothing is.
    expect(
      names(room({ placement: { on: 'face', face: 'face-a', from: 'left', distance: 0, off: 0 } })),
    ).toEqual(['Pipe box, top', 'Pipe box, right side', 'Pipe box, front']);
    expect(names(room({ type: 'chase', height: 2400 }))).toEqual([
      'Chase, right side',
      'Chase, front',
      'Chase, left side',
    ]);
    const free = { on: 'floor', x: 1500, y: -1500, turn: 0.3 } as const;
    expect(names(room({ type: 'half-wall', placement: free }))).toHaveLength(5);
    // Two of a kind have numbers, and what is round only a top.
    const builder = room();
    builder.run(putFixed, {
      ...recordOf(builder.design, 'fixed', 'box')!,
      ...{ id: 'other', width: 300, up: 0 },
      placement: { on: 'face', face: 'face-c', from: 'left', distance: 1000, off: 0 },
    });
    expect(names(builder)).toContain('Pipe box 2, front');
    expect(names(room({ type: 'round-column', height: 900 }))).toEqual(['Round column, top']);
  });

  it('are as large as it is, and lie where it stands, seen square on', () => {
    const { design } = room();
    for (const [edge, wide, high] of [
      [undefined, 900, 200],
      [1, 200, 1200],
      [2, 900, 1200],
      [3, 200, 1200],
    ] as const) {
      const side = findThingSide(design, { thing: 'box', ...(edge !== undefined && { edge }) })!;
      const { left, right, bottom, top } = boundsOf(side.region.flat());
      expect([left, bottom]).toEqual([0, 0]);
      expect(right).toBeCloseTo(wide, 9);
      expect(top).toBeCloseTo(high, 9);
      const { right: u, up, normal } = side.frame;
      const across = [u[1] * up[2] - u[2] * up[1], u[2] * up[0] - u[0] * up[2], u[0] * up[1] - u[1] * up[0]];
      across.forEach((part, axis) => expect(part).toBeCloseTo(normal[axis]!, 9));
    }
    // The room lies below its first face: the front faces down the plan, and begins at its left end.
    const front = findThingSide(design, { thing: 'box', edge: 2 })!.frame;
    expect(front.origin.map(Math.round)).toEqual([1000, -200, 0]);
    expect(front.normal.map(Math.round)).toEqual([0, -1, 0]);
    const top = findThingSide(design, { thing: 'box' })!.frame;
    expect(top.origin.map(Math.round)).toEqual([1000, -200, 1200]);
    expect(findThingSide(design, { thing: 'box', edge: 4 })).toBeUndefined();
    expect(findThingSide(design, { thing: 'face-a' })).toBeUndefined();
  });

  it('are tiled with whole tiles along the front of the top and under the top of what stands', () => {
    const builder = room();
    const [top, front] = [tile(builder, { thing: 'box' }), tile(builder, { thing: 'box', edge: 2 })];
    const { tile: size, joint, origin } = findZone(builder.design, front)!.record;
    const rows = (1200 - origin.y - size.h) / (size.h + joint);
    expect(rows).toBeCloseTo(Math.round(rows), 6);
    const laid = must(tiledZone(findZone(builder.design, front)!));
    expect(laid.laid.zoneArea).toBeCloseTo(900 * 1200, 6);
    const area = findZone(builder.design, top)!;
    const at = area.record.origin.y / (area.record.tile.h + area.record.joint);
    expect(at).toBeCloseTo(Math.round(at), 6);
    // The eye meets the front of the top, and the top of the front.
    const edges = (id: string) => must(tiledZone(findZone(builder.design, id)!)).edges;
    const seen = (id: string) =>
      [...sightEdges(builder.design, findZone(builder.design, id)!, edges(id))].map(
        (index) => edges(id)[index]!.a.y + 0,
      );
    expect(seen(top)).toEqual([0]);
    expect(seen(front)).toEqual([1200]);
    // They come after everything else.
    builder.run(putZone, usualZone(builder.design, { id: 'wall', face: 'face-a' }));
    expect(zoneAreas(builder.design).map(({ id }) => id)).toEqual(['wall', top, front]);
  });

  it('are tiled round what stands at them and on them', () => {
    const builder = room();
    builder.set('F600', 'face-a', 1900);
    const end = tile(builder, { thing: 'box', edge: 1 });
    const { rings } = findZone(builder.design, end)!;
    // A base cabinet and its top hide the foot of the end they stand at.
    expect(rings.length).toBeGreaterThan(1);
    builder.run(putFixed, {
      ...recordOf(builder.design, 'fixed', 'box')!,
      ...{ id: 'post', type: 'column', width: 100, depth: 100, height: 1000, up: 1200 },
      placement: { on: 'face', face: 'face-a', from: 'left', distance: 1400, off: 50 },
    });
    const top = tile(builder, { thing: 'box' });
    expect(must(tiledZone(findZone(builder.design, top)!)).laid.zoneArea).toBeCloseTo(
      900 * 200 - 100 * 100,
      3,
    );
  });

  it('share heights with walls, ways with the face they stand along, and the floor’s joints where they lie', () => {
    const builder = room();
    const [top, front] = [tile(builder, { thing: 'box' }), tile(builder, { thing: 'box', edge: 2 })];
    builder.run(putZone, usualZone(builder.design, { id: 'wall', face: 'face-a' }));
    builder.run(putZone, usualZone(builder.design, { id: 'floor', face: null }));
    const { design } = builder;
    const areas = ['wall', front, top, 'floor'].map((id) => findZone(design, id)!);
    const lines = sharedLines(design, areas, false).map((all) => all.map(({ name }) => name));
    expect(lines[1]).toEqual(['height', 'face-a']);
    expect(lines[0]).toEqual(['height', 'face-a']);
    expect(lines[2]).toEqual(['face-a', 'floor 0', 'floor 1']);
    // The place of the wall's zero is a thousand further to the left than the front's.
    const from = (index: number) =>
      sharedLines(design, areas, false)[index]!.find(({ name }) => name === 'face-a')!.from;
    expect(from(1) - from(0)).toBeCloseTo(1000, 9);
    const lined = linedUp(design, areas[1]!, areas[0]!)!;
    expect(lined.y).toBe(areas[0]!.record.origin.y);
    const onTop = linedUp(design, areas[2]!, areas[3]!)!;
    const plan = (zone: (typeof areas)[number], at: Point) => zone.surface.toPlan(at);
    const [a, b] = [plan(areas[2]!, onTop), plan(areas[3]!, areas[3]!.record.origin)];
    expect([a.x, a.y].map((value) => Math.round(value * 1e3))).toEqual(
      [b.x, b.y].map((value) => Math.round(value * 1e3)),
    );
    expect(linedUp(design, areas[1]!, areas[3]!)).toBeNull();
  });

  it('are trimmed along their free edges, and where two free ones meet', () => {
    const builder = room();
    const trim = (id: string) => trimLengths(builder.design).get(id)!;
    const [top, right, front, left] = [undefined, 1, 2, 3].map((edge) =>
      tile(builder, { thing: 'box', ...(edge !== undefined && { edge }) }),
    ) as [string, string, string, string];
    expect(trim(top)).toBeCloseTo(200 + 900 + 200, 6);
    // Each outer corner is the trim of one of the two.
    expect(trim(left) + trim(front) + trim(right)).toBeCloseTo(2400, 6);
    expect(trim(right)).toBe(0);
  });

  it('are seen on the plan, and in three dimensions where they are', () => {
    const builder = room();
    const [top, front] = [tile(builder, { thing: 'box' }), tile(builder, { thing: 'box', edge: 2 })];
    const [mark] = drawTopTiles(builder.design, 'fixed');
    expect(drawTopTiles(builder.design, 'item')).toEqual([]);
    // Its own ground does not lie over them.
    const plan = drawPlan(builder.design, 50);
    const grounds = plan.flatMap(({ source }, index) => (source === 'box' ? [index] : []));
    expect(plan.indexOf(mark!)).toBeGreaterThan(Math.max(...grounds));
    const drawn = boundsOf(mark!.type === 'path' ? mark!.rings.flat() : []);
    expect([drawn.left, drawn.right, drawn.bottom, drawn.top].map(Math.round)).toEqual([1000, 1900, -200, 0]);
    const group = (id: string) => sceneOf(builder.design).find(({ source }) => source === id)!;
    const at = (id: string, axis: number) =>
      group(id).parts.flatMap(({ mesh }) => mesh.positions.filter((_, index) => index % 3 === axis));
    expect(Math.max(...at(top, 2))).toBeCloseTo(1208, 6);
    expect(Math.min(...at(front, 1))).toBeCloseTo(-208, 6);
    for (const one of [group(top), group(front)])
      for (const { mesh } of one.parts)
        for (let i = 0; i < mesh.indices.length; i += 3) {
          const [a, b, c] = [0, 1, 2].map((corner) => {
            const from = mesh.indices[i + corner]! * 3;
            return mesh.positions.slice(from, from + 3);
          }) as [number[], number[], number[]];
          const normal = mesh.normals.slice(mesh.indices[i]! * 3, mesh.indices[i]! * 3 + 3);
          const [u, v] = [0, 1].map((k) => [b, c][k]!.map((value, axis) => value - a[axis]!)) as [
            number[],
            number[],
          ];
          const facing =
            (u[1]! * v[2]! - u[2]! * v[1]!) * normal[0]! +
            (u[2]! * v[0]! - u[0]! * v[2]!) * normal[1]! +
            cross({ x: u[0]!, y: u[1]! }, { x: v[0]!, y: v[1]! }) * normal[2]!;
          expect(facing).toBeGreaterThan(0);
        }
  });

  it('are seen in the elevations that look at them, as far as nothing stands before them', () => {
    const builder = room();
    const front = tile(builder, { thing: 'box', edge: 2 }, { origin: { x: 0, y: 0 } });
    const { tile: size, joint } = findZone(builder.design, front)!.record;
    const drawn = (id: string) => {
      const marks = drawElevation(builder.design, roomShape(builder.design).byId.get(id)!, 20);
      return marks.flatMap((mark) =>
        mark.type === 'path' && mark.layer === 'tiles' ? mark.rings.flat() : [],
      );
    };
    const bounds = boundsOf(drawn('face-a'));
    expect([bounds.left, bounds.right, bounds.bottom, bounds.top].map(Math.round)).toEqual([
      1000, 1900, 0, 1200,
    ]);
    expect(drawn('face-a').some(({ x }) => Math.abs(x - 1000 - size.w - joint) < 1e-6)).toBe(true);
    // The face opposite looks at its back, which no tiles are on.
    expect(drawn('face-c')).toEqual([]);
    builder.place('F600', { on: 'floor', x: 1000, y: -300, turn: 0 });
    expect(drawn('face-a').some(({ x, y }) => x > 1001 && x < 1599 && y < 800)).toBe(false);
    expect(boundsOf(drawn('face-a')).top).toBeCloseTo(1200, 6);
  });

  it('go with the thing', () => {
    const builder = room();
    tile(builder, { thing: 'box' });
    tile(builder, { thing: 'box', edge: 2 });
    const broken = { ...builder.design, records: { ...builder.design.records } };
    delete (broken.records as Record<string, unknown>)['box'];
    expect(brokenReferences(broken).map(({ code }) => code)).toContain('reference-broken');
    builder.run(removeThings, ['box']);
    expect(recordsOf(builder.design, 'zone')).toEqual([]);
  });
});

describe('a countertop', () => {
  const run = () => {
    const builder = rectangle(4000, 3000);
    builder.set('F600', 'face-a', 500);
    builder.set('F600', 'face-a', 1100);
    return builder;
  };

  it('is one surface, whichever of its items is named', () => {
    const builder = run();
    const [first, second] = recordsOf(builder.design, 'item').map(({ id }) => id) as [string, string];
    expect(names(builder)).toEqual(['Countertop over 1']);
    const keys = [first, second].map((thing, index) => {
      const from = index * 500;
      const id = `on-${thing}`;
      builder.run(putZone, {
        ...usualZone(builder.design, { id, face: null, upon: { thing } }),
        corners: [
          { x: from, y: 0 },
          { x: from + 400, y: 0 },
          { x: from + 400, y: 300 },
        ],
      });
      return findZone(builder.design, id)!.surface.key;
    });
    expect(keys[0]).toBe(keys[1]);
  });

  it('is tiled round what is let into it, and under what is moved about', () => {
    const builder = run();
    const [first] = recordsOf(builder.design, 'item').map(({ id }) => id) as [string];
    const id = tile(builder, { thing: first });
    const area = () => must(tiledZone(findZone(builder.design, id)!)).laid.zoneArea;
    const all = area();
    const { origin, u, n } = findBox(builder.design, first)!;
    const on = (along: number, out: number) => place(origin, u, along, n, out);
    // A stool that is pushed half under it, and is higher than it.
    builder.place('STOOL380/650', { on: 'floor', ...on(100, 450), turn: 0 });
    const stool = recordsOf(builder.design, 'item').find(({ type }) => type === 'stool')!;
    builder.run(editItems, { ids: [stool.id], change: { height: 1000 } });
    expect(area()).toBeCloseTo(all, 6);
    builder.run(setInto, { host: first, range: 'fathom', code: 'HOB580', ids: ['hob'] });
    expect(area()).toBeLessThan(all - 100 * 100);
  });

  it('keeps its tiles where they are when an item under it goes, and loses them with the last', () => {
    const builder = run();
    const [first, second] = recordsOf(builder.design, 'item').map(({ id }) => id) as [string, string];
    const id = tile(builder, { thing: first });
    const place = () => {
      const { surface, record } = findZone(builder.design, id)!;
      return surface.toPlan(record.origin);
    };
    const before = place();
    builder.run(removeThings, [first]);
    expect(recordOf(builder.design, 'zone', id)!.upon).toEqual({ thing: second });
    expect(place().x).toBeCloseTo(before.x, 5);
    expect(place().y).toBeCloseTo(before.y, 5);
    expect(must(tiledZone(findZone(builder.design, id)!)).laid.zoneArea).toBeGreaterThan(600 * 500);
    builder.run(removeThings, [second]);
    expect(recordOf(builder.design, 'zone', id)).toBeUndefined();
  });
});
