import type { Point } from 'goodreach';
import type { OnFace } from './drag-item';

/** Where a pixel of the window lies in a view, and how far its snap reaches there, mm. */
export interface Located {
  at: Point | OnFace;
  snap: number;
}

/** What the plan and the unfolded room lend to the panels beside them: where a pixel of the window lies in one of them, and showing all of the plan. */
export interface PlanPort {
  locate(clientX: number, clientY: number): Located | null;
  fit(): void;
}

export function emptyPort(): PlanPort {
  return { locate: () => null, fit: () => {} };
}

/** A port of several views, the uppermost first: the first that a pixel lies in answers. */
export function joinedPort(plan: PlanPort, views: readonly PlanPort[]): PlanPort {
  return {
    locate: (x, y) => views.map((port) => port.locate(x, y)).find(Boolean) ?? null,
    fit: () => plan.fit(),
  };
}
