import { styleOf, type Design } from '../../document/design';
import { itemBoxes, type ItemBox } from '../../setting/item-box';
import { tops } from '../../surfaces/tops';
import type { PlacedFace } from '../../survey/placed-face';
import { formatLength } from '../../units/format-length';
import { levelNames, type LevelName } from '../../wording/drawing-words';
import { line, outline, TEXT, WEIGHT, type Primitive } from '../primitives';

/** A height that is called out: above the finished floor, mm, and what is there. */
export interface Level {
  height: number;
  name: LevelName;
}

/** Heights nearer than this are one, mm. */
const SAME = 1;

/** The heights that matter on some faces, from the floor up: those of what stands against them, and of the walls themselves. */
export function levelsOn(design: Design, faces: readonly PlacedFace[]): Level[] {
  const on = new Set(faces.map(({ id }) => id));
  const boxes = itemBoxes(design).filter(({ against }) => against && on.has(against.face.id));
  return levelsOf(design, boxes, faces.flatMap(wallLevels));
}

/** How high a wall comes over both its ends. */
export function wallLevels({ ceiling, wallHeight }: PlacedFace): Level[] {
  return wallHeight === null
    ? ceiling.map((height) => ({ height, name: 'ceiling' as const }))
    : [{ height: wallHeight, name: 'half-wall' }];
}

/** The heights of some items, with others, from the floor up: countertops, undersides of wall cabinets, rims. */
export function levelsOf(design: Design, boxes: readonly ItemBox[], others: readonly Level[]): Level[] {
  const standing = new Map(boxes.map((box) => [box.id, box]));
  const found: Level[] = [{ height: 0, name: 'floor' }];
  for (const { surface, items } of tops(design)) {
    const carriers = items.flatMap((id) => standing.get(id) ?? []);
    if (carriers.length === 0) continue;
    const vanity = carriers.every(({ kind }) => kind.group === 'vanity');
    found.push({ height: surface, name: vanity ? 'vanity' : 'counter' });
  }
  for (const { kind, low, high } of boxes) {
    if (kind.group === 'wall' && !kind.flat) found.push({ height: low, name: 'wall-units' });
    if (kind.symbol === 'bath') found.push({ height: high, name: 'tub-rim' });
  }
  found.push(...others);
  const levels: Level[] = [];
  for (const level of found.sort((a, b) => a.height - b.height)) {
    const same = levels.find(
      ({ height, name }) => Math.abs(height - level.height) < SAME && name === level.name,
    );
    if (!same) levels.push(level);
  }
  return levels;
}

/** How far markers stand off the drawing, and how long their lines are, paper mm. */
const OFF = 2;
const LONG = 12;
/** Texts one above the other stand at least this far apart, paper mm. */
const APART = 3.4;

/** Level markers left of x, mm: a small triangle on a line at each height, the height above the finished floor and a word. */
export function drawLevels(design: Design, levels: readonly Level[], x: number, scale: number): Primitive[] {
  const style = styleOf(design);
  const [near, far] = [x - OFF * scale, x - (OFF + LONG) * scale];
  let free = -Infinity;
  return levels.flatMap(({ height, name }): Primitive[] => {
    const y = Math.max(height, free);
    free = y + APART * scale;
    const tip = { x: far, y: height };
    const size = 0.9 * scale;
    const marker = [
      tip,
      { x: far - size, y: height + 1.5 * size },
      { x: far + size, y: height + 1.5 * size },
    ];
    return [
      line(
        'levels',
        [
          { x: far - size, y: height },
          { x: near, y: height },
        ],
        WEIGHT.thin,
        'measure',
      ),
      outline('levels', marker, WEIGHT.thin, 'measure', height === 0 ? 'measure' : 'paper'),
      {
        type: 'text',
        layer: 'levels',
        at: { x: far - 2 * scale, y: y + 0.2 * scale },
        text: `${formatLength(height, style)} ${levelNames[name]}`,
        size: TEXT.small,
        anchor: 'end',
        turn: 0,
        ink: 'measure',
      },
    ];
  });
}
