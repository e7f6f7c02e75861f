import { describe, expect, it } from 'vitest';
import { rectangle } from '../../../testing/rooms';
import { bendFace } from '../../commands/bend-face';
import { putOpening } from '../../commands/put-opening';
import { putZone } from '../../commands/put-zone';
import { removeThings } from '../../commands/remove-things';
import type { RoomBuilder } from '../../demo/build-room';
import { recordOf, recordsOf } from '../../document/design';
import { revealSides, type RevealSide } from '../../document/limits';
import { brokenReferences } from '../../document/references';
import { drawFaceTiles } from '../../drawing/draw-tiles';
import { cross, dot } from '../../geometry/point';
import { signedArea } from '../../geometry/polygon';
import { must } from '../../result';
import { sceneOf } from '../../scene/scene';
import { holeDepth } from '../../survey/hole-depth';
import { placedOpenings } from '../../survey/openings';
import { linedUp } from './lined-up';
import { frontOf, revealFrame, revealOutline, revealsOf } from './reveals';
import { sightEdges } from './sight-edges';
import { usualZone } from './usual-zone';
import { findZone, zoneAreas } from './zone-areas';
import { tiledZone, tiledZones } from './zone-laying';
import { trimLengths } from './zone-trim';

/** A niche of 600 by 400, 90 deep, 1000 up and 1500 along, and a window with a wall of its own. */
function room(): RoomBuilder {
  const builder = rectangle(4000, 3000);
  builder.open('face-a', 'niche', 1500, { width: 600, height: 400, sill: 1000, depth: 90 });
  builder.open('face-b', 'window', 1000, { width: 900, height: 1200, sill: 900 });
  builder.open('face-c', 'door', 500);
  return builder;
}
const niche = ({ design }: RoomBuilder) => placedOpenings(design).find(({ name }) => name === 'N1')!.record;
function tile(builder: RoomBuilder, side: RevealSide, change = {}): void {
  const inside = { opening: niche(builder).id, side };
  const made = usualZone(builder.design, { id: side, face: 'face-a', inside });
  builder.run(putZone, { ...made, ...change });
}
const sides = ({ design }: RoomBuilder, name: string) =>
  revealsOf(design)
    .filter(({ opening }) => opening.name === name)
    .map(({ side, wide, high }) => [side, wide, high]);

describe('the sides of a hole in a wall', () => {
  it('are as large as it is, by its depth to the back or to the frame', () => {
    const builder = room();
    expect(sides(builder, 'N1')).toEqual([
      ['back', 600, 400],
      ['left', 90, 400],
      ['right', 90, 400],
      ['sill', 600, 90],
      ['head', 600, 90],
    ]);
    const deep = placedOpenings(builder.design).find(({ name }) => name === 'W1')!.face.thickness * 0.6 - 35;
    expect(sides(builder, 'W1')).toEqual([
      ['left', deep, 1200],
      ['right', deep, 1200],
      ['sill', 900, deep],
      ['head', 900, deep],
    ]);
    expect(sides(builder, 'D1')).toEqual([]);
    // A hole that begins on the floor has no sill.
    builder.open('face-d', 'cased', 500);
    expect(sides(builder, 'D2').map(([side]) => side)).toEqual(['left', 'right', 'head']);
  });

  it('are each where they are seen, square on, and face into the hole', () => {
    const builder = room();
    const all = revealsOf(builder.design).filter(({ opening }) => opening.name === 'N1');
    const { at, u, n } = all[0]!.opening;
    const middle = { x: at.x + u.x * 300 - n.x * 45, y: at.y + u.y * 300 - n.y * 45 };
    for (const reveal of all) {
      const { origin, right, up, normal } = revealFrame(reveal);
      const corner = (x: number, y: number) => [0, 1, 2].map((i) => origin[i]! + right[i]! * x + up[i]! * y);
      const places = [
        corner(0, 0),
        corner(reveal.wide, 0),
        corner(reveal.wide, reveal.high),
        corner(0, reveal.high),
      ];
      for (const [x, y, z] of places) {
        // On the sides of the hole: no further than its middle from each.
        const off = { x: x! - middle.x, y: y! - middle.y };
        expect(Math.abs(dot(off, u))).toBeCloseTo(300, 6);
        expect(Math.abs(dot(off, n))).toBeCloseTo(45, 6);
        expect(Math.abs(z! - 1200)).toBeCloseTo(200, 6);
      }
      const centre = [0, 1, 2].map((i) => (places[0]![i]! + places[2]![i]!) / 2);
      const inwards = [middle.x - centre[0]!, middle.y - centre[1]!, 1200 - centre[2]!];
      expect(normal.reduce((sum, way, i) => sum + way * inwards[i]!, 0)).toBeGreaterThan(40);
      // Walked round, it is seen from where its normal points.
      const spun = [
        right[1] * up[2] - right[2] * up[1],
        right[2] * up[0] - right[0] * up[2],
        cross({ x: right[0], y: right[1] }, { x: up[0], y: up[1] }),
      ];
      expect(spun.map((way) => Math.round(way) + 0)).toEqual(normal.map((way) => Math.round(way) + 0));
      for (const { x, y } of frontOf(reveal)) {
        const [px, py] = corner(x, y);
        expect(dot({ x: px! - at.x, y: py! - at.y }, n)).toBeCloseTo(0, 6);
      }
    }
  });

  it('of a window in a bent wall begin at that: its sill and head along the bend', () => {
    for (const bend of [400, -400]) {
      const builder = rectangle(4000, 3000);
      builder.design = {
        ...builder.design,
        records: {
          ...builder.design.records,
          'face-a': { ...recordOf(builder.design, 'face', 'face-a')!, bend },
        },
      };
      builder.open('face-a', 'window', 1500, { width: 900, height: 1200, sill: 900 });
      const all = revealsOf(builder.design);
      expect(all.map(({ side }) => side)).toEqual(['left', 'right', 'sill', 'head']);
      const deep = holeDepth(all[0]!.opening);
      const radius = (2000 ** 2 + 400 ** 2) / (2 * 400);
      const half = Math.asin(450 / radius);
      const segment = radius ** 2 * (half - Math.sin(half) * Math.cos(half));
      for (const reveal of all) {
        const area = signedArea(revealOutline(reveal));
        const level = reveal.side === 'sill' || reveal.side === 'head';
        const flat = level ? 900 * deep : deep * 1200;
        // Bent out of the room the wall stands back between the jambs: there is less of a sill.
        expect((area - flat) / segment).toBeCloseTo(level ? -Math.sign(bend) : 0, 1);
        const inside = { opening: reveal.opening.record.id, side: reveal.side };
        builder.run(putZone, usualZone(builder.design, { id: reveal.side, face: 'face-a', inside }));
        expect(must(tiledZone(findZone(builder.design, reveal.side)!)).laid.zoneArea).toBeCloseTo(area, 3);
      }
      // The trim of its sill is as long as the bend there.
      const trim = trimLengths(builder.design);
      expect(trim.get('left')).toBeCloseTo(1200, 6);
      expect(trim.get('sill')).toBeCloseTo(2 * radius * half, 1);
      expect(trim.get('head')).toBeCloseTo(2 * radius * half, 1);
    }
  });

  it('of a niche in a bent wall are tiled all round, and those of a window less what stands back behind its frame', () => {
    for (const side of ['in', 'out'] as const) {
      const builder = rectangle(4000, 3000);
      builder.run(bendFace, { face: 'face-a', bend: { side, depth: 400 } });
      builder.open('face-a', 'niche', 1500, { width: 600, height: 400, sill: 1000, depth: 60 });
      for (const name of revealSides) {
        tile(builder, name);
        const { laid } = must(tiledZone(findZone(builder.design, name)!));
        const reveal = revealsOf(builder.design).find((one) => one.side === name)!;
        expect(laid.zoneArea).toBeCloseTo(signedArea(revealOutline(reveal)), 3);
        expect(laid.tiledArea).toBeGreaterThan(0.9 * laid.zoneArea);
      }
      // Its back lies in the elevation in the middle of its hole, as wide as it is straight across.
      const { left, right } = placedOpenings(builder.design)[0]!;
      const xs = drawFaceTiles(builder.design, 'face-a').flatMap((mark) =>
        mark.type === 'path' ? mark.rings.flat().map(({ x }) => x) : [],
      );
      expect(Math.min(...xs) - left).toBeCloseTo((right - left - 600) / 2, 6);
      expect(right - Math.max(...xs)).toBeCloseTo((right - left - 600) / 2, 6);
    }
    // A frame 37 deep behind the jambs of a wall that stands back by 37 between them has no level sides to tile.
    const sidesAt = (width: number) => {
      const builder = rectangle(4000, 3000);
      builder.run(bendFace, { face: 'face-a', bend: { side: 'out', depth: 400 } });
      builder.open('face-a', 'window', 500, { width, height: 400, sill: 1000 });
      return revealsOf(builder.design).map((one) => one.side);
    };
    const [radius, deep] = [5200, 120 * 0.6 - 35];
    const wide = (off: number) => 2 * Math.sqrt(radius ** 2 - (radius - off) ** 2);
    expect(sidesAt(wide(deep - 1.01))).toEqual(['left', 'right', 'sill', 'head']);
    expect(sidesAt(wide(deep - 0.99))).toEqual(['left', 'right']);
  });

  it('are tiled with a whole side at the corner with the wall, and need a trim there', () => {
    const builder = room();
    for (const side of revealSides) tile(builder, side);
    const laid = Object.fromEntries(zoneAreas(builder.design).map((zone) => [zone.id, zone]));
    expect(zoneAreas(builder.design).map(({ id }) => id)).toEqual(revealSides);
    for (const side of revealSides) {
      const zone = laid[side]!;
      const { edges, laid: tiles } = must(tiledZone(zone));
      const { wide, high } = zone.surface.reveal!;
      expect(tiles.zoneArea).toBeCloseTo(wide * high, 6);
      const sight = [...sightEdges(builder.design, zone, edges)];
      expect(sight).toHaveLength(side === 'back' ? 0 : 1);
      // What is cut is cut off inside the hole.
      for (const index of sight) expect(edges[index]!.size).toBe(90);
    }
    const at = (side: RevealSide) => laid[side]!.record;
    const { tile: size, joint } = at('left');
    // Tiles begin at the corner with the wall, or end there.
    expect(at('left').origin.x % (size.w + joint)).toBe(0);
    expect((at('right').origin.x + size.w - 90) % (size.w + joint)).toBe(0);
    expect(at('sill').origin.y % (size.h + joint)).toBe(0);
    expect((at('head').origin.y + size.h - 90) % (size.h + joint)).toBe(0);
    const trims = trimLengths(builder.design);
    expect(revealSides.map((side) => trims.get(side))).toEqual([0, 400, 400, 600, 600]);
  });

  it('line up with the wall and with one another', () => {
    const builder = room();
    builder.run(putZone, {
      ...usualZone(builder.design, { id: 'wall', face: 'face-a' }),
      origin: { x: 37, y: 11 },
    });
    for (const side of revealSides) tile(builder, side, { origin: { x: 1, y: 2 } });
    const to = (id: string, other: string) =>
      linedUp(builder.design, findZone(builder.design, id)!, findZone(builder.design, other)!);
    expect(to('back', 'wall')).toEqual({ x: 37 - 1500, y: 11 - 1000 });
    expect(to('left', 'wall')).toEqual({ x: 1, y: 11 - 1000 });
    expect(to('head', 'wall')).toEqual({ x: 37 - 1500, y: 2 });
    expect(to('wall', 'back')).toEqual({ x: 1501, y: 1002 });
    expect(to('sill', 'back')).toEqual({ x: 1, y: 2 });
    expect(to('sill', 'left')).toBeNull();
  });

  it('are seen in three dimensions, and the back of a niche in the elevation of its wall', () => {
    const builder = room();
    const before = sceneOf(builder.design).find(({ source }) => source === niche(builder).id);
    tile(builder, 'back');
    tile(builder, 'head');
    const groups = sceneOf(builder.design);
    for (const id of ['back', 'head']) {
      const positions = groups
        .find(({ source }) => source === id)!
        .parts.flatMap(({ mesh }) => mesh.positions);
      const ups = positions.filter((_, index) => index % 3 === 2);
      const [low, high] = [Math.min(...ups), Math.max(...ups)];
      if (id === 'back') expect([low, high]).toEqual([1000, 1400]);
      else expect([low, high].every((up) => up < 1400 && up > 1389)).toBe(true);
    }
    const [mark] = drawFaceTiles(builder.design, 'face-a');
    const places = mark!.type === 'path' ? mark!.rings.flat() : [];
    expect(Math.min(...places.map(({ x }) => x))).toBeCloseTo(1500, 6);
    expect(Math.max(...places.map(({ y }) => y))).toBeCloseTo(1400, 6);
    expect(drawFaceTiles(builder.design, 'face-a')).toHaveLength(1);
    expect(before).toBeDefined();
    // Where a reveal is tiled no board lines it.
    const window = placedOpenings(builder.design).find(({ name }) => name === 'W1')!.record.id;
    const boards = () =>
      sceneOf(builder.design)
        .find(({ source }) => source === window)!
        .parts.flatMap(({ mesh }) => mesh.positions);
    const lined = boards();
    builder.run(
      putZone,
      usualZone(builder.design, { id: 'jamb', face: 'face-b', inside: { opening: window, side: 'left' } }),
    );
    expect(boards()).not.toEqual(lined);
  });

  it('go with their opening, and are empty where it is of another kind', () => {
    const builder = room();
    const { id } = niche(builder);
    tile(builder, 'back');
    tile(builder, 'left');
    builder.run(putOpening, { ...niche(builder), type: 'window' });
    const [back] = tiledZones(builder.design).filter((zone) => zone.id === 'back');
    expect(back!.rings).toEqual([]);
    expect(must(back!.tiled).laid.pieces).toEqual([]);
    builder.run(removeThings, [id]);
    expect(recordsOf(builder.design, 'zone')).toEqual([]);
    // On a face that is no more it is refused with a sentence, not a fault.
    const corners = [
      { x: 0, y: 0 },
      { x: 100, y: 0 },
      { x: 0, y: 100 },
    ];
    const lost = putZone.run(builder.design, usualZone(builder.design, { id: 'x', face: 'none', corners }));
    expect(lost.ok ? '' : lost.refusal.code).toBe('record-missing');
    const broken = room();
    tile(broken, 'back');
    const { [niche(broken).id]: _, ...records } = broken.design.records;
    expect(brokenReferences({ ...broken.design, records }).map(({ code }) => code)).toEqual([
      'reference-broken',
    ]);
    expect(recordOf(broken.design, 'zone', 'back')!.inside!.side).toBe('back');
  });
});
