import type { Point } from 'goodreach';

/** What the plan lends to the panels beside it: where a pixel of the window lies in the room, and showing it all. */
export interface PlanPort {
  locate(clientX: number, clientY: number): { at: Point; snap: number } | null;
  fit(): void;
}

export function emptyPort(): PlanPort {
  return { locate: () => null, fit: () => {} };
}
