import {
  usualCut,
  type Caught,
  type Finding,
  type FinishPart,
  type GapPlace,
  type PlanOptions,
  type RunBand,
  type TrimUse,
} from 'goodreach';

/** The steps offered so far; a step changes what is offered, never what is possible. */
export const steps = [
  { id: 'survey', name: 'Survey' },
  { id: 'set', name: 'Set' },
  { id: 'surface', name: 'Surface' },
  { id: 'tile', name: 'Tile' },
  { id: 'reach', name: 'Reach' },
  { id: 'draw', name: 'Draw' },
  { id: 'build', name: 'Build' },
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

/** What the Surface step shows in its panel, and brings forward on the plan. */
export const surfaceLeaves = [
  { id: 'tops', name: 'Tops' },
  { id: 'plinths', name: 'Plinths' },
  { id: 'trims', name: 'Trims' },
  { id: 'finishes', name: 'Finishes' },
] as const;
export type SurfaceLeaf = (typeof surfaceLeaves)[number]['id'];

/** What proposals are asked for: an open length, or one or more whole faces. */
export interface ProposeTarget {
  faces: readonly string[];
  band: RunBand;
  at?: number;
  /** A free-standing block in place of faces. */
  island?: string;
}

/** What the person is looking at and has chosen; none of it enters the design. */
export class ScreenState {
  step: StepId = $state('set');
  /** The selected record: an item, opening or face. */
  selected: string | null = $state(null);
  /** Faces or items chosen besides the selected one, to be changed together. */
  also: readonly string[] = $state.raw([]);
  surveyTab: SurveyTab = $state('faces');
  surfaceLeaf: SurfaceLeaf = $state('tops');
  /** The trim that is brought forward. */
  trimUse: TrimUse = $state('cornice');
  /** The part that is finished, and the things that would show the finish that is tried. */
  finishPart: FinishPart = $state('front');
  covered: readonly string[] = $state.raw([]);
  /** Whether the plan shows how well each corner is known. */
  ellipses = $state(false);
  /** What the plan shows. */
  plan: Required<Omit<PlanOptions, 'unlettered'>> = $state.raw({
    mode: 'wall-units',
    cut: usualCut('mm'),
    without: [],
    medium: 'screen',
  });
  /** The open length whose choices are shown. */
  gap: GapPlace | null = $state.raw(null);
  /** What the shelf's place shows proposals for. */
  proposing: ProposeTarget | null = $state.raw(null);
  /** The finding shown on the drawing, by its key. */
  finding: string | null = $state(null);
  hovered: string | null = $state(null);
  /** Pointer over the plan, room mm. */
  pointer: { x: number; y: number } | null = $state.raw(null);
  caught: Caught | null = $state.raw(null);
  /** What is dragged would run into, where it is. */
  collisions: readonly Finding[] = $state.raw([]);
  /** Whether the reach checks open all doors and drawers. */
  doorsOpen = $state(false);
  /** What the plan shows of the room there is to move, in the Reach step. */
  roomToMove: Readonly<Record<'free' | 'turning' | 'ways', boolean>> = $state.raw({
    ...{ ways: false, turning: false, free: false },
  });
  /** How far everything that opens stands open on the drawings, 0 to 1; or only one thing, the rest closed. */
  opened: { share: number; only: string | null } | null = $state.raw(null);
  dark = $state(false);
  /** Ranges whose differences from the room's were read. */
  toldRanges: readonly string[] = $state.raw([]);

  /** Panels that are folded away; on a tablet they lie over the drawing, one at a time. */
  folded: Readonly<Record<'left' | 'right', boolean>> = $state.raw({ left: false, right: false });
  /** Whether panels lie over the drawing rather than beside it: there is no room for both. */
  narrow = $state(false);
  /** Whether the drawing has the page for itself: no panels, no strip. */
  alone = $state(false);
  /** What was folded before. */
  #before: ScreenState['folded'] = { left: false, right: false };

  /** Folds a panel away, or shows it. */
  fold(side: 'left' | 'right', away = !this.folded[side]): void {
    const other = side === 'left' ? 'right' : 'left';
    // Two drawers would hide all of the drawing.
    this.folded = { ...this.folded, [side]: away, ...(this.narrow && !away ? { [other]: true } : {}) };
    this.alone = false;
  }

  /** Gives the drawing the page for itself; again, and all is back as it was. */
  drawAlone(): void {
    if (this.alone) this.folded = this.#before;
    else {
      this.#before = this.folded;
      this.folded = { left: true, right: true };
    }
    this.alone = !this.alone;
  }

  /** Light paper or evening paper, kept for the next time. */
  turnLight(): void {
    this.dark = !this.dark;
    localStorage.setItem('goodreach-evening', this.dark ? 'yes' : 'no');
  }

  select(id: string | null): void {
    this.selected = id;
    this.also = [];
    this.gap = null;
    this.finding = null;
  }

  /** All that is chosen, the selected one first. */
  get chosen(): readonly string[] {
    return this.selected === null ? [] : [this.selected, ...this.also];
  }

  /** Chooses several, the first of them the selected one. */
  choose(ids: readonly string[]): void {
    this.select(ids[0] ?? null);
    this.also = ids.slice(1);
  }

  isSelected(id: string): boolean {
    return this.selected === id || this.also.includes(id);
  }

  /** Adds things of one sort to those chosen, or takes them out; what is chosen of another sort is let go. */
  toggle(ids: readonly string[], isOfSort: (id: string) => boolean): void {
    const chosen = this.chosen.filter(isOfSort);
    const out = ids.every((id) => chosen.includes(id));
    this.choose(out ? chosen.filter((one) => !ids.includes(one)) : [...new Set([...chosen, ...ids])]);
  }

  /** Shows what can be done with an open length; what is chosen stays chosen, so that it can be shared among it. */
  showGap(gap: GapPlace | null): void {
    this.gap = gap;
    this.finding = null;
  }

  /** Shows proposals in the shelf's place. */
  propose(target: ProposeTarget | null): void {
    this.proposing = target;
    this.gap = null;
    if (target) this.step = 'set';
  }

  showFinding(key: string, first: string | undefined): void {
    this.selected = first ?? null;
    this.gap = null;
    this.finding = key;
  }
}
