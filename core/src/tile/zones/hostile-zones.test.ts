import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cornered } from '../../../testing/rooms';
import { putFixed } from '../../commands/put-fixed';
import { putService } from '../../commands/put-service';
import { designTileCommand } from '../../cli/design-tile';
import {
  borderCorners,
  LEAST_FALL,
  MOST_FACE,
  MOST_FALL,
  MOST_GAP,
  MOST_INSET,
  MOST_JOINT,
  MOST_TILE,
  revealSides,
  tileColourings,
  tileTurns,
  zonePatterns,
} from '../../document/limits';
import { recordsOf } from '../../document/design';
import type { ZoneRecord } from '../../document/records';
import { recordFaults } from '../../document/validate-design';
import { drawPlan } from '../../drawing/plan';
import { checkDesign } from '../../survey/check-design';
import { sceneOf } from '../../scene/scene';
import { bestSetOuts, usualAims } from './set-outs';
import { mapOffsets } from './offset-map';
import { tiledZones } from './zone-laying';

const place = fc.record({
  x: fc.oneof(fc.constantFrom(0, -MOST_FACE, MOST_FACE, 1e-6), fc.integer({ min: -3000, max: 8000 })),
  y: fc.oneof(fc.constantFrom(0, -MOST_FACE, MOST_FACE, -1e-6), fc.integer({ min: -6000, max: 3000 })),
});
const ownPiece = fc.record({
  ...{ x: fc.nat(2), y: fc.nat(2), w: fc.integer({ min: 1, max: 3 }), h: fc.integer({ min: 1, max: 3 }) },
});
const side = fc.oneof(fc.constantFrom(5, MOST_TILE), fc.integer({ min: 40, max: 1200 }));

/** Any zone that a file may hold, however little sense it makes. */
const anyZone = fc.record(
  {
    kind: fc.constant('zone' as const),
    id: fc.constantFrom('one', 'two', 'three'),
    placement: fc.oneof(
      fc.record({
        on: fc.constant('floor' as const),
        x: fc.integer({ min: -9000, max: 9000 }),
        y: fc.constantFrom(0, -200_000),
        turn: fc.constantFrom(0, 0.3, -6.2),
      }),
      fc.record({
        on: fc.constant('face' as const),
        face: fc.constantFrom('face-a', 'face-b', 'face-e'),
        from: fc.constantFrom('left' as const, 'right' as const),
        distance: fc.constantFrom(0, 700, -MOST_FACE),
        off: fc.constantFrom(0, 300),
      }),
    ),
    inside: fc.constantFrom(...revealSides),
    /** -1 what lies over an item, 0 on a thing, else one of its sides, the last of which it has not. */
    upon: fc.integer({ min: -1, max: 4 }),
    corners: fc.array(place, { minLength: 3, maxLength: 7 }),
    pattern: fc.record(
      {
        type: fc.constantFrom(...zonePatterns),
        own: fc.record({
          columns: fc.integer({ min: 1, max: 3 }),
          rows: fc.integer({ min: 1, max: 3 }),
          shift: fc.integer({ min: 0, max: 11 }),
          pieces: fc.array(ownPiece, { minLength: 1, maxLength: 5 }),
        }),
        mirrored: fc.boolean(),
        random: fc.record({ seed: fc.constantFrom(0, 999_999), least: fc.constantFrom(0, 100, MOST_TILE) }),
        offset: fc.record({ n: fc.integer({ min: -100, max: 100 }), d: fc.integer({ min: 1, max: 100 }) }),
        stagger: fc.array(fc.integer({ min: -MOST_TILE, max: MOST_TILE }), { minLength: 1, maxLength: 9 }),
        n: fc.integer({ min: 2, max: 12 }),
      },
      { requiredKeys: ['type'] },
    ),
    tile: fc.record({ w: side, h: side }),
    joint: fc.constantFrom(0, 1e-6, 3, MOST_JOINT),
    origin: place,
    angle: fc.constantFrom(0, Math.PI / 2, 1e-9, 0.7, -6.2832),
    threshold: fc.constantFrom(0, 50, 1500),
    colouring: fc.record({ way: fc.constantFrom(...tileColourings), finish: fc.constantFrom('Jetty', '?') }),
    border: fc.record({
      inset: fc.oneof(fc.constantFrom(0, 1e-6, MOST_INSET), fc.integer({ min: 0, max: 600 })),
      tile: fc.record({ w: side, h: side }),
      corners: fc.constantFrom(...borderCorners),
      finish: fc.constantFrom('Jetty', '?'),
      islands: fc.boolean(),
    }),
    gap: fc.constantFrom(0, 1e-6, 6, MOST_GAP),
    fall: fc.constantFrom(LEAST_FALL, MOST_FALL),
    sunny: fc.boolean(),
    materials: fc.record(
      { cover: fc.constantFrom(0.1, 100), backButter: fc.constantFrom(0, 1), bed: fc.constantFrom(0, 200) },
      { requiredKeys: [] },
    ),
    reuse: fc.record(
      {
        off: fc.boolean(),
        kerf: fc.constantFrom(0, 10),
        turned: fc.constantFrom(...tileTurns),
        apart: fc.array(place, { maxLength: 3 }),
      },
      { requiredKeys: [] },
    ),
    sight: fc.array(place, { maxLength: 3 }),
    sliver: fc.constantFrom(1, MOST_TILE),
    grout: fc.constantFrom('#000000', '#c8c4bb'),
    spares: fc.constantFrom(0, 1),
    perBox: fc.constantFrom(1, 10_000),
    sheet: fc.record({ w: side, h: side }),
  },
  {
    requiredKeys: ['kind', 'id', 'placement', 'pattern', 'tile', 'joint', 'origin', 'angle'],
  },
);

const REFUSED = [
  ...['tile-out-of-proportion', 'tiles-too-many', 'weave-out-of-proportion'],
  ...['pattern-unfilled', 'stagger-too-far'],
];

describe('zones from files', () => {
  it('are laid, drawn and ordered, or say why not, whatever they hold', () => {
    fc.assert(
      fc.property(fc.array(anyZone, { minLength: 1, maxLength: 3 }), (zones) => {
        // Corners that are not square, one bent wall, a door and cabinets.
        const room = cornered([
          { x: 0, y: 0 },
          { x: 5000, y: 300 },
          { x: 5200, y: -3600 },
          { x: 2600, y: -3500 },
          { x: 2500, y: -4800 },
          { x: -200, y: -4700 },
        ]);
        room.set('F600', 'face-a', 500);
        room.open('face-b', 'door', 500, { width: 800 });
        room.open('face-a', 'niche', 3000, { width: 500, height: 300, sill: 1200, depth: 80 });
        const opening = recordsOf(room.design, 'opening').find(({ type }) => type === 'niche')!.id;
        for (const [id, x, y] of [
          ['drain', 1500, -2000],
          ['other', 5100, -3500],
        ] as const)
          room.run(putService, {
            ...{ kind: 'service', id, type: 'drain', up: 0 },
            placement: { on: 'floor', x, y, turn: 0 },
          });
        room.run(putFixed, {
          ...{ kind: 'fixed', id: 'step', type: 'step', width: 900, depth: 300, height: 150, up: 0 },
          placement: { on: 'floor', x: 1000, y: -3000, turn: 0.4 },
          corners: [
            { along: 0, out: 0 },
            { along: 900, out: 0 },
            { along: 500, out: 300 },
          ],
        });
        const records = zones.map(({ inside, upon, ...zone }) =>
          JSON.parse(
            JSON.stringify({
              ...zone,
              ...(inside && { inside: { opening, side: inside } }),
              ...(upon !== undefined && {
                upon: { thing: upon < 0 ? 'item-1' : 'step', ...(upon > 0 && { edge: upon - 1 }) },
              }),
            }),
          ),
        ) as ZoneRecord[];
        for (const record of records) expect(recordFaults(record.id, record, 'r')).toEqual([]);
        const design = {
          ...room.design,
          records: { ...room.design.records, ...Object.fromEntries(records.map((one) => [one.id, one])) },
        };
        expect(checkDesign(design).ok).toBe(true);
        for (const { tiled, record, rings, field, holes } of tiledZones(design)) {
          if (!tiled.ok) {
            expect(REFUSED).toContain(tiled.refusal.code);
            continue;
          }
          const { laid, ordered, count, narrowest } = tiled.value;
          expect(laid.tiledArea).toBeLessThanOrEqual(laid.zoneArea * (1 + 1e-6) + 1);
          expect(Number.isFinite(count.jointArea)).toBe(true);
          expect(narrowest === null || narrowest >= 0).toBe(true);
          if (laid.pieces.length > 300 || ordered.length > 5_000) continue;
          expect(
            bestSetOuts({ zone: record, rings, holes, sight: [0, 99], aims: usualAims }).answers.length,
          ).toBeGreaterThanOrEqual(0);
          for (const { values } of mapOffsets(record, field))
            expect(values.every(Number.isFinite)).toBe(true);
        }
        const most = tiledZones(design).reduce(
          (sum, { tiled }) => sum + (tiled.ok ? tiled.value.laid.pieces.length : 0),
          0,
        );
        if (most > 5000) return;
        expect(designTileCommand(design).ok).toBe(true);
        for (const mark of drawPlan(design, 50))
          if (mark.type === 'path')
            expect(mark.rings.flat().every(({ x, y }) => Number.isFinite(x + y))).toBe(true);
        for (const { parts } of sceneOf(design))
          for (const { mesh } of parts) expect(mesh.positions.every(Number.isFinite)).toBe(true);
      }),
      { numRuns: Number(process.env['TILE_RUNS'] ?? 25) },
    );
  });
});
