import type { Design } from '../document/design';
import { itemNumbers } from '../setting/item-numbers';
import { runPlinths } from '../shop/lists/lengths';
import { hardwareCode } from '../shop/parts/hardware';
import { madeItems, type MadeItem } from '../shop/parts/design-parts';
import { edgingName, materialName } from '../shop/parts/materials';
import type { Part, PartEdge } from '../shop/parts/part';
import { boardNames, hardwareNames } from '../wording/shop-words';

const edges: readonly PartEdge[] = ['l1', 'l2', 'w1', 'w2'];

/** Everything the shop makes of a room, part by part: lengths mm, places in each cabinet's own frame (its left side, its back, its underside). */
export function partsReport(design: Design): object {
  const numbers = itemNumbers(design);
  return {
    cabinets: madeItems(design).map(cabinet),
    // Plinths that go through a run, by the items they stand before.
    plinths: runPlinths(design).map(({ items, length, height, thickness }) => ({
      items: items.map((id) => numbers.get(id)),
      ...{ length: round(length), height: round(height), thickness },
    })),
  };
}

const cabinet = ({ number, record, parts, hardware }: MadeItem): object => ({
  ...{ item: number, id: record.id, code: record.code },
  ...{ width: record.width, depth: record.depth, height: record.height },
  parts: parts.map(told),
  hardware: hardware.map((line) => ({
    code: hardwareCode(line),
    name: hardwareNames[line.id],
    qty: line.qty,
  })),
});

function told(part: Part): object {
  const { material, edged, edging, outline, plane, cutOutline, edgedSides } = part;
  const name = edgingName(material, edging);
  return {
    id: part.id,
    name: boardNames[part.name],
    material: materialName(material),
    ...{ thickness: material.thick, length: round(part.length), width: round(part.width) },
    ...{ cutLength: round(part.cutLength), cutWidth: round(part.cutWidth) },
    // A strip is cut wider by so much, to be scribed to what it stands against, or narrower.
    ...(part.scribe && { scribe: round(part.scribe) }),
    edging: Object.fromEntries(edges.map((edge) => [edge, edged.includes(edge) ? name : null])),
    qty: part.qty,
    boxes: part.boxes.map((box) => box.map(round)),
    ...(outline && { outline: outline.map(({ x, y }) => [round(x), round(y)]) }),
    // Told by two other directions than those of the plan.
    ...(plane && { plane }),
    ...(cutOutline && { cutOutline: cutOutline.map(({ x, y }) => [round(x), round(y)]) }),
    ...(edgedSides && { edgedSides: edgedSides.map((side) => ({ side, edging: name })) }),
    machining: part.machining.map(({ type, face, at, size, depth }) => ({
      ...{ type, face, at: at.map(round) },
      size: typeof size === 'number' ? size : size.map(round),
      depth: round(depth),
    })),
  };
}

/** To what is far finer than any saw, without the noise of reckoning. */
const round = (value: number): number => Math.round(value * 1e6) / 1e6 + 0;
