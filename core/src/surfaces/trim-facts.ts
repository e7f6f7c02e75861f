import { recordsOf, type Design } from '../document/design';
import {
  itemTrims,
  overhangSides,
  wallTrims,
  type ItemTrim,
  type OverhangSide,
  type TrimProfile,
  type TrimUse,
  type WallTrim,
} from '../document/limits';
import { trimCut, type TrimCut, type TrimPiece, type TrimPlace } from './trim-piece';
import { trims } from './trims';
import { itemTrimPlaces } from './trims-along-items';
import { cappingPlaces } from './trims-along-linings';
import { wallTrimPlaces } from './trims-along-walls';

/** What is otherwise about a trim than the room says: along a side of items, along a wall, or on a lining; whether there is anything for it to show at. */
export type TrimCorrection = { items: readonly string[]; shows: boolean; profile: TrimProfile } & (
  | { trim: ItemTrim; along: OverhangSide }
  | { trim: WallTrim; face: string }
  | { trim: 'capping'; fixed: string }
);

/** Every correction of the trims. */
export function trimCorrections(design: Design): TrimCorrection[] {
  const there = new Set(
    itemTrims.flatMap((use) =>
      itemTrimPlaces(design, use).flatMap(({ along }) =>
        'items' in along ? along.items.map(({ item, side }) => `${use} ${item} ${side}`) : [],
      ),
    ),
  );
  const capped = new Set(cappingPlaces(design).flatMap(({ along }) => ('fixed' in along ? along.fixed : [])));
  return [
    ...recordsOf(design, 'item').flatMap(({ id, trims: own }) =>
      itemTrims.flatMap((trim) =>
        overhangSides.flatMap((along): TrimCorrection[] => {
          const profile = own?.[trim]?.[along];
          if (!profile) return [];
          return [{ items: [id], shows: there.has(`${trim} ${id} ${along}`), profile, trim, along }];
        }),
      ),
    ),
    ...recordsOf(design, 'face').flatMap((face) =>
      wallTrims.flatMap((trim): TrimCorrection[] => {
        const profile = face[trim];
        return profile ? [{ items: [], shows: true, profile, trim, face: face.id }] : [];
      }),
    ),
    ...recordsOf(design, 'fixed').flatMap(({ id, capping: profile }): TrimCorrection[] =>
      profile ? [{ items: [], shows: capped.has(id), profile, trim: 'capping', fixed: id }] : [],
    ),
  ];
}

/** Where trims of a use go, or are left out. */
export const trimPlaces = (design: Design, use: TrimUse): TrimPlace[] =>
  use === 'capping'
    ? cappingPlaces(design)
    : use === 'skirting' || use === 'cove'
      ? wallTrimPlaces(design, use)
      : itemTrimPlaces(design, use);

/** Lengths of one use and profile that are cut alike: how many. */
export interface TrimCutRow {
  profile: TrimPiece['profile'];
  cut: TrimCut;
  count: number;
}

/** What of a trim is to be cut, the longest first, alike ones together: lengths by the tenth of a millimetre, ends by the tenth of a degree. */
export function trimCuts(design: Design, use: TrimUse): TrimCutRow[] {
  const rows = new Map<string, TrimCutRow>();
  for (const piece of trims(design)) {
    if (piece.use !== use) continue;
    const cut = trimCut(piece);
    const ends = cut.ends.map(({ angle, longer }) => {
      const tenths = Math.round((angle * 1_800) / Math.PI);
      return tenths === 0 ? '0' : `${tenths} ${longer}`;
    });
    const key = [piece.profile, Math.round(cut.length * 10), ...ends].join(' ');
    const known = rows.get(key);
    if (known) known.count += 1;
    else rows.set(key, { profile: piece.profile, cut, count: 1 });
  }
  return [...rows.values()].sort((a, b) => b.cut.length - a.cut.length);
}
