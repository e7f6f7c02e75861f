import type { Design } from '../../document/design';
import type { Stuff } from '../../ranges/build-method';
import { madeItems, type MadeItem } from '../parts/design-parts';
import { materialName, type Material } from '../parts/materials';
import { sawnWidth, type Part } from '../parts/part';
import type { NestCase, NestPart, NestStock } from './nest-types';

/** What is cut from sheets; solid timber is cut to length, glass is bought cut. */
const SHEETS: ReadonlySet<Stuff> = new Set([
  ...(['faced-board', 'hardboard', 'mdf', 'plywood', 'veneered-board'] as const),
]);

/** How sheets are sawn: the kerf and what is trimmed off every edge, mm; the sizes there are of a material, by its key, or of every other. */
export interface Sawing {
  kerf: number;
  trim: number;
  stock: Readonly<Record<string, readonly NestStock[]>>;
  usual: readonly NestStock[];
}

/** The parts of one material as a nest is asked for, and what each of its ids is. */
export interface MaterialCase {
  material: Material;
  name: string;
  case: NestCase;
  of: ReadonlyMap<string, { made: MadeItem; part: Part }>;
}

/** A nest for every sheet material that a room takes, the most of it first. */
export function materialCases(design: Design, { kerf, trim, stock, usual }: Sawing): MaterialCase[] {
  const found = new Map<string, { material: Material; of: Map<string, { made: MadeItem; part: Part }> }>();
  for (const made of madeItems(design))
    for (const part of made.parts) {
      const { material } = part;
      if (!SHEETS.has(material.stuff)) continue;
      const known = found.get(material.key) ?? {
        material,
        of: new Map<string, { made: MadeItem; part: Part }>(),
      };
      known.of.set(`${made.number} ${part.id}`, { made, part });
      found.set(material.key, known);
    }
  return [...found.entries()]
    .map(([key, { material, of }]): MaterialCase => ({
      material,
      name: materialName(material),
      case: {
        ...{ id: key, kerf, trim, stock: stock[key] ?? usual },
        parts: [...of].map(([id, { part }]): NestPart => ({
          ...{ id, l: part.cutLength, w: sawnWidth(part), qty: part.qty },
          grain: material.grained,
        })),
      },
      of,
    }))
    .sort((a, b) => areaOf(b.case) - areaOf(a.case));
}

const areaOf = ({ parts }: NestCase): number => parts.reduce((sum, { l, w, qty }) => sum + l * w * qty, 0);
