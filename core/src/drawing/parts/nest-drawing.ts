import type { NestCase, NestedSheet } from '../../shop/nest/nest-types';
import { DASH, line, outline, TEXT, WEIGHT, type Primitive } from '../primitives';
import { textWidth } from '../text-layout';

/** Text keeps so far off the edges of its part, paper mm. */
const PAD = 1;
/** Figures of cuts stand so far off the sheet, paper mm. */
const OFF = 2.4;

/** A sheet with its parts as they lie, its length across; the cuts up to one are drawn, that one marked. mm, the sheet's corner at 0, 0; `scale` is mm per paper mm. */
export function nestDrawing(
  sheet: NestedSheet,
  { trim, stock }: Pick<NestCase, 'stock' | 'trim'>,
  {
    scale,
    length,
    cut = null,
    chosen = new Set<string>(),
    say = (id) => id,
    hand = null,
  }: {
    scale: number;
    length: (mm: number) => string;
    cut?: number | null;
    chosen?: ReadonlySet<string>;
    /** What a part is called by its id. */
    say?: (id: string) => string;
    /** The part in hand, and whether it can lie where it is. */
    hand?: { part: number; fits: boolean } | null;
  },
): Primitive[] {
  const { l, w } = stock.find(({ id }) => id === sheet.stock)!;
  const rectangle = (x: number, y: number, wide: number, high: number) => [
    { x, y },
    { x: x + wide, y },
    { x: x + wide, y: y + high },
    { x, y: y + high },
  ];
  return [
    outline('items', rectangle(0, 0, l, w), WEIGHT.object, 'drawing', 'water'),
    {
      ...outline('items', rectangle(trim, trim, l - 2 * trim, w - 2 * trim), WEIGHT.thin, 'faint'),
      dash: DASH,
    },
    ...inOrder(sheet.parts, hand?.part ?? null).flatMap((part): Primitive[] => {
      const isInHand = hand !== null && part === sheet.parts[hand.part];
      const isChosen = isInHand || chosen.has(part.id);
      const ring = rectangle(part.x, part.y, part.l, part.w);
      const mark = outline(
        'items',
        ring,
        isChosen ? WEIGHT.cut : WEIGHT.top,
        isChosen ? 'measure' : 'drawing',
        isInHand ? 'paper' : 'item',
      );
      return [
        { ...mark, source: part.id, ...(isInHand && !hand.fits && { dash: DASH }) },
        ...textsOf(part, say(part.id), scale, length),
      ];
    }),
    ...cutMarks(sheet, scale, cut),
  ];
}

/** Parts as they are drawn over one another: what is in hand last. */
const inOrder = <P>(parts: readonly P[], last: number | null): readonly P[] =>
  last === null ? parts : [...parts.filter((_, index) => index !== last), parts[last]!];

/** What a part is and how large, where there is room for it; along it where it is narrow. */
function textsOf(
  { id, x, y, l, w }: NestedSheet['parts'][number],
  said: string,
  scale: number,
  length: (mm: number) => string,
): Primitive[] {
  const size = `${length(l)} × ${length(w)}`;
  const rows = [said, size];
  const isUpright = w > l;
  const [long, high] = [Math.max(l, w), Math.min(l, w)];
  const shown = rows.filter((text) => textWidth(text, TEXT.small) * scale <= long - 2 * PAD * scale);
  const step = TEXT.small * 1.25 * scale;
  const fitting = shown.slice(0, Math.floor((high - PAD * scale) / step));
  return fitting.map((text, index) => {
    const off = ((fitting.length - 1) / 2 - index) * step;
    const [cx, cy] = [x + l / 2, y + w / 2];
    return {
      ...{
        type: 'text',
        layer: 'items',
        source: id,
        text,
        size: TEXT.small,
        anchor: 'middle',
        ink: 'drawing',
      },
      at: isUpright ? { x: cx - off, y: cy } : { x: cx, y: cy + off },
      turn: isUpright ? Math.PI / 2 : 0,
    };
  });
}

/** The cuts made so far, and the one that is next. */
function cutMarks({ cuts }: NestedSheet, scale: number, cut: number | null): Primitive[] {
  if (cut === null) return [];
  return cuts.slice(0, cut + 1).flatMap((one, index): Primitive[] => {
    const [a, b] =
      'x' in one
        ? [
            { x: one.x, y: one.from },
            { x: one.x, y: one.to },
          ]
        : [
            { x: one.from, y: one.y },
            { x: one.to, y: one.y },
          ];
    const isNext = index === cut;
    const stroke = line('items', [a, b], isNext ? WEIGHT.cut : WEIGHT.top, isNext ? 'measure' : 'top');
    if (!isNext) return [stroke];
    const at = 'x' in one ? { x: one.x, y: one.from - OFF * scale } : { x: one.from - OFF * scale, y: one.y };
    const order: Primitive = {
      ...{
        type: 'text',
        layer: 'items',
        text: String(index + 1),
        size: TEXT.figure,
        anchor: 'middle',
        turn: 0,
      },
      ...{ ink: 'measure', bold: true, ground: true, at },
    };
    return [stroke, order];
  });
}
