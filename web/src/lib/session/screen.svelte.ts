import type { Caught, GapPlace } from 'goodreach';

/** The steps offered so far; a step changes what is offered, never what is possible. */
export const steps = [
  { id: 'survey', name: 'Survey' },
  { id: 'set', name: 'Set' },
  { id: 'reach', name: 'Reach' },
  { id: 'draw', name: 'Draw' },
] as const;
export type StepId = (typeof steps)[number]['id'];

/** What the person is looking at and has chosen; none of it enters the design. */
export class ScreenState {
  step: StepId = $state('set');
  /** The selected record: an item, opening or face. */
  selected: string | null = $state(null);
  /** The open length whose choices are shown. */
  gap: GapPlace | null = $state.raw(null);
  /** The finding shown on the drawing, by its index. */
  finding: number | null = $state(null);
  hovered: string | null = $state(null);
  /** Pointer over the plan, room mm. */
  pointer: { x: number; y: number } | null = $state.raw(null);
  caught: Caught | null = $state.raw(null);
  dark = $state(false);

  select(id: string | null): void {
    this.selected = id;
    this.gap = null;
    this.finding = null;
  }

  showGap(gap: GapPlace | null): void {
    this.gap = gap;
    this.selected = null;
    this.finding = null;
  }

  showFinding(index: number, first: string | undefined): void {
    this.selected = first ?? null;
    this.gap = null;
    this.finding = index;
  }
}
