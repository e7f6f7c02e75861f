import type { Design } from '../../document/design';
import type { DimensionRecord } from '../../document/records';
import { add, length as sizeOf, scale, type Point } from '../../geometry/point';
import { ownDimensionWords } from '../../wording/drawing-words';
import { DASH, line, outline, TEXT, WEIGHT, type Primitive, type TextMark } from '../primitives';
import { richMarks } from '../rich-text';
import { detailsOf } from './details';

/** Between lines of words, and from them to the line that leads there, paper mm. */
const LINE = 3.6;
const BESIDE = 1.2;

/** Words with a line to what they are of. */
export function leader(end: Point, words: readonly string[], off: Point, at: number): Primitive[] {
  const text = add(end, scale(off, at));
  const right = off.x >= 0;
  const beside = { x: text.x - (right ? BESIDE : -BESIDE) * at, y: text.y };
  const lines = words.map((one, index): TextMark => ({
    ...{ type: 'text', layer: 'labels', text: one, size: TEXT.normal, turn: 0, ink: 'drawing', ground: true },
    at: { x: text.x, y: text.y - index * LINE * at },
    anchor: right ? 'start' : 'end',
  }));
  if (sizeOf(off) < 2)
    return lines.flatMap((mark) =>
      richMarks({ ...mark, at: { ...mark.at, x: end.x }, anchor: 'middle' }, at),
    );
  return [
    line('labels', [end, beside], WEIGHT.thin, 'drawing'),
    {
      ...{ type: 'arc', layer: 'labels', centre: end, radius: 0.5 * at, from: 0, sweep: 2 * Math.PI },
      ...{ weight: WEIGHT.thin, ink: 'drawing', fill: 'drawing' },
    },
    ...lines.flatMap((mark) => richMarks(mark, at)),
  ];
}

/** A small triangle on a line at the height of a place, with that height. */
export function levelMarks(
  end: Point,
  words: string,
  { off, over = 0 }: DimensionRecord,
  at: number,
): Primitive[] {
  const tip = { x: end.x + off * at, y: end.y };
  const size = 0.9 * at;
  const right = off >= 0;
  return [
    line('levels', [end, { x: tip.x + (right ? size : -size), y: end.y }], WEIGHT.thin, 'measure'),
    outline(
      'levels',
      [tip, { x: tip.x - size, y: tip.y + 1.5 * size }, { x: tip.x + size, y: tip.y + 1.5 * size }],
      WEIGHT.thin,
      'measure',
      'paper',
    ),
    {
      ...{
        type: 'text',
        layer: 'levels',
        text: words,
        size: TEXT.small,
        turn: 0,
        ink: 'measure',
        ground: true,
      },
      at: { x: tip.x + (right ? 2 : -2) * at, y: tip.y + (over + 0.2) * at },
      anchor: right ? 'start' : 'end',
    },
  ];
}

/** A circle about what is drawn again larger, with its number beside it. */
export function detailMarks(design: Design, record: DimensionRecord, centre: Point, at: number): Primitive[] {
  const detail = detailsOf(design).find((one) => one.record === record);
  if (!detail) return [];
  const { number, reach } = detail;
  const [x, y] = [record.off * at, (record.over ?? 0) * at];
  const out = Math.max(Math.hypot(x, y), 1e-6);
  const rim = { x: centre.x + (x / out) * reach, y: centre.y + (y / out) * reach };
  const words = { x: centre.x + x, y: centre.y + y };
  const right = x >= 0;
  return [
    {
      ...{ type: 'arc', layer: 'labels', centre, radius: reach, from: 0, sweep: 2 * Math.PI },
      ...{ weight: WEIGHT.top, ink: 'drawing', dash: DASH },
    },
    ...(out > reach
      ? [
          line(
            'labels',
            [rim, { x: words.x - (right ? BESIDE : -BESIDE) * at, y: words.y }],
            WEIGHT.thin,
            'drawing',
          ),
        ]
      : []),
    {
      ...{ type: 'text', layer: 'labels', at: words, size: TEXT.figure, turn: 0, ink: 'drawing', bold: true },
      ...{ text: ownDimensionWords.detail(number, record.text ?? null), anchor: right ? 'start' : 'end' },
      ground: true,
    },
  ];
}
