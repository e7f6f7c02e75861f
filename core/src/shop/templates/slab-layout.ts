import { perDesign, type Design } from '../../document/design';
import { finishAlong } from '../../surfaces/finish-of';
import { slabOf } from '../../surfaces/top-joints';
import { tops } from '../../surfaces/tops';
import { quantise } from '../../units/units';
import { nest } from '../nest/nest';
import type { NestCase, NestedSheet } from '../nest/nest-types';
import { templatesOf, type Template } from './templates';

/** What the saw of who makes tops takes, mm. */
const KERF = 4;

/** The pieces of all tops of one stuff and thickness on their slabs. */
export interface SlabLayout {
  material: string | null;
  thickness: number;
  /** Whether every piece lies along the slab, as its veins or its grain runs; others are turned where that saves a slab. */
  along: boolean;
  /** A part of it is a piece, its id its place among the templates of the room. */
  case: NestCase;
  slabs: readonly NestedSheet[];
  /** The share of each that becomes pieces. */
  used: readonly number[];
  /** No fewer slabs would do by area. */
  bound: number;
  /** Pieces that no slab holds. */
  tooLarge: readonly number[];
}

/** Every piece of every top on slabs of the room's size, the fewest of them, each piece as the rectangle round it. */
export const slabLayouts: (design: Design) => readonly SlabLayout[] = perDesign((design) => {
  const templates = templatesOf(design);
  const groups = new Map<string, { along: boolean; pieces: number[] }>();
  templates.forEach((one, index) => {
    const key = `${one.material ?? ''} ${quantise(one.thickness)}`;
    const known = groups.get(key);
    if (known) known.pieces.push(index);
    else groups.set(key, { along: runsAlong(design, one), pieces: [index] });
  });
  return [...groups.values()].map(({ along, pieces }) => laid(design, templates, along, pieces));
});

/** Whether a top's finish looks otherwise when it is turned: veins, grain, brushed metal, a picture. */
function runsAlong(design: Design, { top }: Template): boolean {
  const finish = finishAlong(design, 'top', tops(design)[top - 1]!.items);
  return finish !== null && (finish.grain === true || DIRECTED.has(finish.figure.type));
}
const DIRECTED: ReadonlySet<string> = new Set(['boards', 'brushed', 'grain', 'layers', 'picture', 'veins']);

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
    const found = one.parts.length > 0 ? nest(one, { searches: false }) : null;
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
const HAIR = 1e-6;
const isIn = (size: number, most: number): boolean => size <= most + HAIR;
const within = (size: number, most: number): number => (isIn(size, most) ? Math.min(size, most) : size);
