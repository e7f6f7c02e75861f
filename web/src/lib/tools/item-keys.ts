import {
  facePlacement,
  itemBoxes,
  moveItem,
  place,
  quantise,
  type Design,
  type ItemBox,
  type Placement,
} from 'goodreach';
import type { DesignSession } from '../session/design-session.svelte';

/** The way each arrow key points in plan. */
const ways: Record<string, { x: number; y: number }> = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: 1 },
  ArrowDown: { x: 0, y: -1 },
};

/** Nudges an item the way an arrow key points, by a distance in mm; false for another key. */
export function nudge(session: DesignSession, id: string, key: string, by: number): boolean {
  const way = ways[key];
  const box = way && find(session.committed, id);
  if (!way || !box) return false;
  const across = way.x * box.u.x + way.y * box.u.y;
  const out = way.x * box.n.x + way.y * box.n.y;
  const sideways = Math.abs(across) >= Math.abs(out);
  const step = by * Math.sign(sideways ? across : out);
  return session.run(moveItem, { id, placement: moved(box, sideways ? step : 0, sideways ? 0 : step) });
}

function moved({ record, against, origin, u, n, turn }: ItemBox, across: number, out: number): Placement {
  const { placement } = record;
  if (against && placement.on === 'face')
    return facePlacement(against.face, against.along + across, record.width, placement.off + out);
  const corner = place(origin, u, across, n, out);
  return { on: 'floor', x: quantise(corner.x), y: quantise(corner.y), turn };
}

function find(design: Design, id: string): ItemBox | undefined {
  return itemBoxes(design).find((box) => box.id === id);
}
