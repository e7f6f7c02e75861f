import { perDesign, type Design } from '../../document/design';
import { remember } from '../../document/remember';
import { slabOf } from '../../surfaces/top-joints';
import { quantise } from '../../units/units';
import { nest } from '../nest/nest';
import type { NestCase, NestedSheet } from '../nest/nest-types';
import { isIn, templatesOf, type Template } from './templates';
import { uprightTemplates } from './uprights';

/** What the saw of who makes tops takes, mm. */
const KERF = 4;

/** The pieces of all of one stuff and thickness on their slabs. */
export interface SlabLayout {
  material: string | null;
  thickness: number;
  /** Whether every piece lies along the slab, as its veins or its grain runs; others are turned where that saves a slab. */
  along: boolean;
  /** A part of it is a piece, its id its place among them. */
  case: NestCase;
  slabs: readonly NestedSheet[];
  /** The share of each that becomes pieces. */
  used: readonly number[];
  /** No fewer slabs would do by area. */
  bound: number;
  /** Pieces that no slab holds. */
  tooLarge: readonly number[];
}

/** What is cut from slabs: the pieces of tops, then those of waterfalls and splashes. */
export const slabPieces: (design: Design) => readonly Template[] = perDesign((design) => [
  ...templatesOf(design),
  ...uprightTemplates(design),
]);

/** All of that on slabs of the room's size, the fewest of them, each piece as the rectangle round it. */
export const slabLayouts: (design: Design) => readonly SlabLayout[] = perDesign((design) => {
  const templates = slabPieces(design);
  const groups = new Map<string, { along: boolean; pieces: number[] }>();
  templates.forEach((one, index) => {
    const key = `${one.material ?? ''} ${quantise(one.thickness)}`;
    const known = groups.get(key);
    if (known) known.pieces.push(index);
    else groups.set(key, { along: one.along, pieces: [index] });
  });
  return [...groups.values()].map(({ along, pieces }) => laid(design, templates, along, pieces));
});

/** How pieces lie, once for the same ones: most edits leave them as they are. */
const nestOf = remember((_: typeof ALL, { one }: { one: NestCase }) => nest(one, { searches: false }), {
  kept: 16,
});
const ALL = {};

function laid(
  design: Design,
  templates: readonly Template[],
  along: boolean,
  pieces: readonly number[],
): SlabLayout {
  const { length, width } = slabOf(design);
  const { material, thickness } = templates[pieces[0]!]!;
  const fits = (index: number) => {
    const { length: l, width: w } = templates[index]!;
    return isIn(l, length) && isIn(w, width) ? true : !along && isIn(w, length) && isIn(l, width);
  };
  const caseOf = (grain: boolean): NestCase => ({
    ...{ id: material ?? '', kerf: KERF, trim: 0, stock: [{ id: SLAB, l: length, w: width }] },
    parts: pieces.filter(fits).map((index) => ({
      ...{ id: String(index), grain, qty: 1 },
      // What is a hair over a slab is cut from it all the same.
      l: within(templates[index]!.length, along ? length : Math.max(length, width)),
      w: within(templates[index]!.width, along ? width : Math.max(length, width)),
    })),
  });
  const tooLarge = pieces.filter((index) => !fits(index));
  // Nothing is turned for nothing.
  const answers = [true, ...(along ? [] : [false])].flatMap((grain) => {
    const one = caseOf(grain);
    const found = one.parts.length > 0 ? nestOf(ALL, { one }) : null;
    return found?.ok ? [{ one, nested: found.value }] : [];
  });
  const best = answers.reduce<(typeof answers)[number] | null>(
    (least, two) => (least && least.nested.count <= two.nested.count ? least : two),
    null,
  );
  const slabs = best?.nested.sheets ?? [];
  return {
    ...{ material, thickness, along, tooLarge, case: best?.one ?? caseOf(along) },
    slabs,
    used: slabs.map(({ parts }) => areaOf(parts.map(({ id }) => templates[Number(id)]!)) / (length * width)),
    bound: best?.nested.bound[SLAB] ?? 0,
  };
}
const areaOf = (pieces: readonly Template[]): number => pieces.reduce((sum, { area }) => sum + area, 0);
const SLAB = 'slab';
const within = (size: number, most: number): number => (isIn(size, most) ? Math.min(size, most) : size);
