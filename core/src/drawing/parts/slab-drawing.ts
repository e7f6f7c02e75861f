import type { SlabLayout } from '../../shop/templates/slab-layout';
import type { Template } from '../../shop/templates/templates';
import { templateWords } from '../../wording/shop-words';
import { line, outline, WEIGHT, type Primitive } from '../primitives';
import { laidTemplate } from './template-drawing';

/** Lines of the veins are so far apart, paper mm. */
const VEINS = 9;

/** A slab with the pieces that are cut from it, its length across, its veins or grain along it; mm, the slab's corner at 0, 0. */
export function slabDrawing(
  { case: { stock }, slabs, along }: SlabLayout,
  slab: number,
  templates: readonly Template[],
  scale: number,
): Primitive[] {
  const { l, w } = stock[0]!;
  const ring = [
    { x: 0, y: 0 },
    { x: l, y: 0 },
    { x: l, y: w },
    { x: 0, y: w },
  ];
  const veins = along ? Math.floor(w / (VEINS * scale)) : 0;
  return [
    outline('tops', ring, WEIGHT.object, 'drawing', 'water'),
    ...Array.from({ length: veins }, (_, index) => {
      const y = ((index + 0.5) / veins) * w;
      return line(
        'tops',
        [
          { x: 0, y },
          { x: l, y },
        ],
        WEIGHT.thin,
        'faint',
      );
    }),
    ...slabs[slab]!.parts.flatMap((part) => {
      const template = templates[Number(part.id)]!;
      const named = { name: templateWords.name(template), mark: templateWords.mark(template) };
      return laidTemplate(template, part, { scale, along, ...named });
    }),
  ];
}
