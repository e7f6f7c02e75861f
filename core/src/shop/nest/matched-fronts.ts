import type { Design } from '../../document/design';
import { itemBoxes } from '../../setting/item-box';
import type { Board } from '../parts/board';
import type { MadeItem } from '../parts/design-parts';
import type { Part } from '../parts/part';
import type { Strip } from './held';
import type { MaterialCase } from './part-cases';

/** Over which fronts grain runs on: up each cabinet, along each run, or over none. */
export const matchings = ['none', 'up', 'along'] as const;
export type Matching = (typeof matchings)[number];

const FRONTS: ReadonlySet<Part['name']> = new Set([
  'door',
  'drawer-front',
  'flap',
  'fixed-front',
  'appliance-door',
] as const);
/** Fronts are at one level, or in one line, that differ by no more, mm. */
const LEVEL = 1;

interface Front {
  id: string;
  made: MadeItem;
  one: Board;
}

/** The strips that the fronts of a material are cut in, so that the grain runs on over them: from the top down, or from left to right as one stands before a run. */
export function frontStrips(design: Design, { material, of }: MaterialCase, matching: Matching): Strip[] {
  if (matching === 'none' || !material.grained) return [];
  const fronts = [...of].flatMap(([id, { made, part }]) =>
    FRONTS.has(part.name)
      ? part.boards.filter(({ frame }) => !frame).map((one): Front => ({ id, made, one }))
      : [],
  );
  return (matching === 'up' ? upEach(fronts) : alongRuns(design, fronts))
    .filter(({ length }) => length > 1)
    .map((strip) => ({ ids: strip.map(({ id }) => id), way: matching === 'up' ? 'along' : 'across' }));
}

/** The fronts over one another in each cabinet, from the top down. */
function upEach(fronts: readonly Front[]): Front[][] {
  const found = new Map<string, Front[]>();
  for (const front of fronts) {
    const key = `${front.made.record.id} ${Math.round(front.one.x[0] / LEVEL)} ${Math.round(front.one.x[1] / LEVEL)}`;
    found.set(key, [...(found.get(key) ?? []), front]);
  }
  return [...found.values()].map((strip) => strip.sort((a, b) => b.one.z[1] - a.one.z[1]));
}

/** The fronts at one level along each face, from left to right. */
function alongRuns(design: Design, fronts: readonly Front[]): Front[][] {
  const boxes = new Map(itemBoxes(design).map((box) => [box.id, box]));
  const found = new Map<string, { at: number; front: Front }[]>();
  for (const front of fronts) {
    const box = boxes.get(front.made.record.id);
    if (!box?.against) continue;
    const level = [front.one.z[0] + box.low, front.one.z[1] + box.low]
      .map((z) => Math.round(z / LEVEL))
      .join(' ');
    const key = `${box.against.face.id} ${level}`;
    found.set(key, [...(found.get(key) ?? []), { at: box.against.along + front.one.x[0], front }]);
  }
  return [...found.values()].map((strip) => strip.sort((a, b) => a.at - b.at).map(({ front }) => front));
}
