import type { Design } from '../../document/design';
import { madeItems, type MadeItem } from '../parts/design-parts';
import { edgingName } from '../parts/materials';
import type { Part } from '../parts/part';
import { sidesLength } from '../parts/ring-cut';

/** How much of an edging goes onto parts: its length in all, mm, onto how many edges, of which items. */
export interface EdgingNeeded {
  name: string;
  long: number;
  edges: number;
  items: readonly MadeItem[];
}

/** How long the edged edges of one piece of a part are together, mm, and how many. */
export function edgedLength({ edged, edgedSides, outline, length, width }: Part): {
  long: number;
  edges: number;
} {
  if (outline && edgedSides) return { long: sidesLength(outline, edgedSides), edges: edgedSides.length };
  const long = edged.reduce((sum, edge) => sum + (edge.startsWith('l') ? length : width), 0);
  return { long, edges: edged.length };
}

/** Every edging that is needed, the most of it first. */
export function edgingNeeded(design: Design): EdgingNeeded[] {
  const found = new Map<string, { long: number; edges: number; items: Set<MadeItem> }>();
  for (const made of madeItems(design))
    for (const part of made.parts) {
      const { long, edges } = edgedLength(part);
      if (edges === 0) continue;
      const name = edgingName(part.material, part.edging);
      const known = found.get(name) ?? { long: 0, edges: 0, items: new Set() };
      known.long += long * part.qty;
      known.edges += edges * part.qty;
      known.items.add(made);
      found.set(name, known);
    }
  return [...found]
    .map(([name, { long, edges, items }]) => ({ name, long, edges, items: [...items] }))
    .sort((a, b) => b.long - a.long);
}
