import type { Caught, GapPlace } from 'goodreach';

/** The steps offered so far; a step changes what is offered, never what is possible. */
export const steps = [
  { id: 'survey', name: 'Survey' },
  { id: 'set', name: 'Set' },
  { id: 'reach', name: 'Reach' },
  { id: 'draw', name: 'Draw' },
] as const;
export type StepId = (typeof steps)[number]['id'];

/** What the Survey step shows in its panel. */
export const surveyTabs = [
  { id: 'faces', name: 'Faces' },
  { id: 'checks', name: 'Checks' },
  { id: 'openings', name: 'Openings' },
  { id: 'things', name: 'Things' },
] as const;
export type SurveyTab = (typeof surveyTabs)[number]['id'];

/** What the person is looking at and has chosen; none of it enters the design. */
export class ScreenState {
  step: StepId = $state('set');
  /** The selected record: an item, opening or face. */
  selected: string | null = $state(null);
  /** Faces chosen besides the selected one, to be changed together. */
  also: readonly string[] = $state.raw([]);
  surveyTab: SurveyTab = $state('faces');
  /** Whether the plan shows how well each corner is known. */
  ellipses = $state(false);
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
    this.also = [];
    this.gap = null;
    this.finding = null;
  }

  isSelected(id: string): boolean {
    return this.selected === id || this.also.includes(id);
  }

  /** Adds a face to the faces chosen, or takes it out. */
  toggle(id: string, isFace: (id: string) => boolean): void {
    const chosen = [this.selected, ...this.also].filter((one) => one !== null && isFace(one)) as string[];
    const next = chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen, id];
    this.select(next[0] ?? null);
    this.also = next.slice(1);
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
