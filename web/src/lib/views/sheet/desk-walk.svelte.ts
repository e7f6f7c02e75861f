import { rowWay, setRowWay, type Point } from 'goodreach';
import { nanoid } from 'nanoid';
import type { DesignSession } from '$lib/session/design-session.svelte';
import type { ShownFigure, ShownLabel, ShownSheet } from './sheets.worker';

/** What keys have come to on the sheet that is shown: a number, a label. */
export class DeskWalk {
  figure: ShownFigure | null = $state.raw(null);
  label: ShownLabel | null = $state.raw(null);

  constructor(private readonly sheet: () => ShownSheet | undefined) {}

  /** Goes to the next number, or to the one before. */
  figures(by: 1 | -1): void {
    const all = this.sheet()?.figures ?? [];
    this.figure = next(all, this.figure ? all.indexOf(this.figure) : -1, by);
  }

  /** Goes to the next label, or to the one before. */
  labels(by: 1 | -1): void {
    const all = this.sheet()?.labels ?? [];
    this.label = next(all, all.findIndex(this.#isSame), by);
  }

  /** Once the sheets are drawn anew it is at the same label, where that is still there. */
  renew(all: readonly ShownLabel[]): void {
    if (this.label && !all.includes(this.label)) this.label = all.find(this.#isSame) ?? null;
  }

  readonly #isSame = ({ key, view }: ShownLabel): boolean =>
    key === this.label?.key && view === this.label.view;
}

function next<T>(all: readonly T[], at: number, by: 1 | -1): T | null {
  if (all.length === 0) return null;
  return all[(at + by + all.length + (at < 0 && by < 0 ? 1 : 0)) % all.length]!;
}

/** Puts a label elsewhere, mm of paper to the right and up; whether it could be. */
export function moveLabel(
  session: DesignSession,
  { view, key: row, letters }: ShownLabel,
  { x, y }: Point,
): boolean {
  const { off = 0, over = 0 } = rowWay(session.committed, view, row) ?? {};
  const to = { off: off + x / letters, over: over + y / letters };
  return session.run(setRowWay, { id: `row-way-${nanoid(8)}`, view, row, ...to });
}
