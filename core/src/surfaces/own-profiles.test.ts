import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { editFaces } from '../commands/edit-faces';
import { forgetProfile } from '../commands/forget-profile';
import { keepProfile } from '../commands/keep-profile';
import { setRoom } from '../commands/set-room';
import { setTrim } from '../commands/set-trim';
import type { OwnProfile, TrimUse } from '../document/limits';
import { signedArea } from '../geometry/polygon';
import { volumeOf } from '../scene/mesh';
import { trimMesh } from '../scene/trim-parts';
import { roomShape } from '../survey/room-shape';
import { must } from '../result';
import { fixedProfile, ownProfiles, profileName, profileShape, roundedCorners } from './own-profiles';
import { trimCorrections, trimCuts } from './trim-facts';
import { shapeReach } from './trim-profiles';
import { trims } from './trims';

/** A wedge 30 wide and 50 high, drawn somewhere, clockwise. */
const wedge = [
  { out: 1000, up: 2000 },
  { out: 1000, up: 2050 },
  { out: 1030, up: 2000 },
];
const points = wedge.map(({ out, up }) => ({ x: out, y: up }));

/** A room with two wall units in a corner, and a profile of its own for each use. */
function room() {
  const builder = rectangle();
  builder.set('U800/600', 'face-a', 0);
  builder.set('U800/600', 'face-a', 800);
  for (const use of ['cornice', 'lightRail', 'skirting', 'cove'] as const)
    builder.run(keepProfile, { id: `profile-${use}`, name: `Ridge ${use}`, use, shape: wedge });
  return builder;
}

describe('a profile of the room’s own', () => {
  it.each<[TrimUse, { in: number; out: number; low: number; high: number }]>([
    ['cornice', { in: -14, out: 16, low: 0, high: 50 }],
    ['lightRail', { in: -30, out: 0, low: -50, high: 0 }],
    ['skirting', { in: 0, out: 30, low: 0, high: 50 }],
    ['cove', { in: 0, out: 30, low: -50, high: 0 }],
  ])('is fixed where a %s is, counter-clockwise, wherever it was drawn', (use, reach) => {
    const shape = must(fixedProfile(use, points));
    expect(shapeReach(shape)).toEqual(reach);
    expect(signedArea(shape)).toBeCloseTo(750, 9);
    expect(must(fixedProfile(use, points.toReversed()))).toHaveLength(3);
  });

  it.each([
    [
      'whose sides cross',
      [
        [0, 0],
        [20, 20],
        [20, 0],
        [0, 20],
      ],
      'outline-crossing',
    ],
    [
      'that is nothing',
      [
        [0, 0],
        [20, 0],
        [40, 0],
      ],
      'outline-crossing',
    ],
    [
      '281 high',
      [
        [0, 0],
        [20, 0],
        [0, 281],
      ],
      'profile-large',
    ],
  ] as const)('is refused %s', (_, places, code) => {
    const drawn = places.map(([x, y]) => ({ x, y }));
    expect(fixedProfile('skirting', drawn)).toMatchObject({ ok: false, refusal: { code } });
  });

  it('may be 280 high, and have 200 places but not 201', () => {
    expect(
      fixedProfile('skirting', [
        { x: 0, y: 0 },
        { x: 20, y: 0 },
        { x: 0, y: 280 },
      ]).ok,
    ).toBe(true);
    const round = (count: number) =>
      Array.from({ length: count }, (_, index) => ({
        x: 100 * Math.cos((index * 2 * Math.PI) / count),
        y: 100 * Math.sin((index * 2 * Math.PI) / count),
      }));
    expect(must(fixedProfile('cornice', round(200)))).toHaveLength(200);
    expect(fixedProfile('cornice', round(201))).toMatchObject({ refusal: { code: 'profile-fine' } });
  });

  it('has rounded corners that touch both sides: what a quarter round takes away is r² (1 - π/4), by its chords', () => {
    const square = [0, 1, 2, 3].map((k) => ({
      out: k === 1 || k === 2 ? 40 : 0,
      up: k > 1 ? 40 : 0,
      ...(k === 2 && { round: 15 }),
    }));
    const shape = roundedCorners(square);
    expect(shape).toHaveLength(3 + 7);
    const segments = 6;
    const polygon = (segments / 2) * 15 ** 2 * Math.sin(Math.PI / 2 / segments);
    expect(signedArea(shape)).toBeCloseTo(1600 - 15 ** 2 + polygon, 6);
    // An inside corner is hollowed by as much.
    const hollow = [
      [0, 0],
      [40, 0],
      [40, 20],
      [20, 20],
      [20, 40],
      [0, 40],
    ].map(([out, up], k) => ({ out: out!, up: up!, ...(k === 3 && { round: 10 }) }));
    expect(signedArea(roundedCorners(hollow))).toBeCloseTo(
      1200 + 100 - (segments / 2) * 100 * Math.sin(Math.PI / 2 / segments),
      6,
    );
    // Two that want more than there is meet in the middle.
    const both = square.map((one) => ({ ...one, round: 100 }));
    expect(signedArea(roundedCorners(both))).toBeCloseTo(
      (4 * segments * 20 ** 2 * Math.sin(Math.PI / 2 / segments)) / 2,
      6,
    );
  });

  it('runs where it is asked for, with its own section, and is cut with it', () => {
    const builder = room();
    builder.run(setRoom, { cornice: 'profile-cornice', skirting: 'profile-skirting' });
    const along = trims(builder.design).filter(({ use }) => use === 'cornice');
    expect(along.length).toBeGreaterThan(0);
    for (const piece of along)
      expect(shapeReach(piece.shape)).toEqual({ in: -14, out: 16, low: 0, high: 50 });
    // Round an empty room it is mitred in every corner: its section by the length of the line its middle of gravity goes along (Pappus).
    const empty = rectangle();
    empty.run(keepProfile, { id: 'profile-skirting', name: 'Ridge', use: 'skirting', shape: wedge });
    empty.run(setRoom, { skirting: 'profile-skirting' });
    const round = roomShape(empty.design).faces.reduce((sum, face) => sum + face.length, 0);
    const volume = trims(empty.design).reduce((sum, piece) => sum + volumeOf(trimMesh(piece)), 0);
    expect(volume).toBeCloseTo(750 * (round - 8 * 10), 0);
    expect(trimCuts(builder.design, 'skirting').every(({ profile }) => profile === 'profile-skirting')).toBe(
      true,
    );
  });

  it('is set along one side and one wall, and is named', () => {
    const builder = room();
    builder.run(setTrim, {
      use: 'lightRail',
      at: [{ item: 'item-1', side: 'front' }],
      profile: 'profile-lightRail',
    });
    builder.run(editFaces, { faces: ['face-c'], change: { cove: 'profile-cove' } });
    expect(
      new Set(trims(builder.design).flatMap(({ profile }) => (profile === 'square' ? [] : profile))),
    ).toEqual(new Set(['profile-lightRail', 'profile-cove']));
    expect(
      trimCorrections(builder.design).map(({ profile }) => profileName(builder.design, profile)),
    ).toEqual(['Ridge lightRail', 'Ridge cove']);
    expect(profileName(builder.design, 'ogee')).toBe('Ogee');
  });

  it('of another use, or that is not there, is none', () => {
    const { design } = room();
    expect(profileShape(design, 'cove', 'profile-skirting')).toBeNull();
    expect(profileShape(design, 'cove', 'profile-gone' as OwnProfile)).toBeNull();
    expect(profileShape(design, 'cove', 'none')).toBeNull();
    const builder = room();
    expect(profileName(builder.design, 'profile-gone')).toBe('A profile that is not here');
    builder.run(setRoom, { cornice: 'profile-gone' });
    expect(trims(builder.design).filter(({ use }) => use === 'cornice')).toEqual([]);
  });

  it('is changed under its name, and forgotten once no trim has it', () => {
    const builder = room();
    builder.run(setRoom, { skirting: 'profile-skirting' });
    const taller = wedge.map(({ out, up }) => ({ out, up: 2000 + (up - 2000) * 2 }));
    builder.run(keepProfile, {
      id: 'profile-other',
      name: ' RIDGE skirting',
      use: 'skirting',
      shape: taller,
    });
    expect(ownProfiles(builder.design, 'skirting')).toHaveLength(1);
    const heights = trims(builder.design).map(({ shape }) => shapeReach(shape).high);
    expect(Math.max(...heights)).toBe(100);
    expect(forgetProfile.run(builder.design, { id: 'profile-skirting' })).toMatchObject({
      refusal: { code: 'profile-used', data: { name: 'RIDGE skirting' } },
    });
    builder.run(setRoom, { skirting: 'square' });
    builder.run(forgetProfile, { id: 'profile-skirting' });
    expect(ownProfiles(builder.design, 'skirting')).toEqual([]);
  });
});
