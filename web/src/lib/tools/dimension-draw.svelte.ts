import {
  dimensionEnds,
  endsOn,
  isInchUnit,
  LEAST_REACH,
  MOST_REACH,
  ownView,
  placeOfEnd,
  putDimension,
  recordOf,
  rememberOne,
  wayBetween,
  type DimensionEnd,
  type DimensionRecord,
  type DimensionType,
  type DimensionWay,
  type Point,
  type ViewOnPage,
} from 'goodreach';
import { nanoid } from 'nanoid';
import type { DesignSession } from '../session/design-session.svelte';
import type { ScreenState } from '../session/screen.svelte';
import type { OnFace } from './drag-item';
import type { Workspace } from './context';
import type { PointerTool, ViewKind } from './pointer-tool';

/** What is put on paper next. */
export interface DimensionWish {
  type: DimensionType;
  way?: DimensionWay;
}

/** A drawing of the room as it lies on the desk: what of the sheet's place, mm of the desk, its top is. */
export interface FrameOnDesk {
  frame: ViewOnPage;
  /** Where the bottom of its page is on the desk, which counts downwards. */
  bottom: number;
}

/** A place of something on the desk. */
export interface EndOnDesk {
  end: DimensionEnd;
  frame: ViewOnPage & { view: string };
  at: Point;
}

/** Putting dimensions and notes on paper: presses choose what they are of, the last one where they stand. */
export class DimensionDraw implements PointerTool {
  readonly views: ReadonlySet<ViewKind> = new Set(['sheet']);
  wish: DimensionWish | null = $state.raw(null);
  ends: readonly EndOnDesk[] = $state.raw([]);
  /** What the next press would take. */
  next: EndOnDesk | null = $state.raw(null);
  /** Where the pointer is on the desk. */
  at: Point | null = $state.raw(null);
  /** A note waits for its words: where they stand, mm of paper from what they are of. */
  writing: { end: EndOnDesk; off: Point } | null = $state.raw(null);
  /** What is dragged, from where on the desk, and as it is now. */
  #held: { record: DimensionRecord; from: Point } | null = null;
  #moved: DimensionRecord | null = null;
  /** Where keys came to last. */
  #from: Point | null = null;
  /** Where keys begin on the desk; gives the desk the keyboard. */
  start: () => Point | null = () => null;
  focus: () => void = () => {};
  /** The drawings that lie on the desk. */
  frames: () => readonly FrameOnDesk[] = () => [];

  constructor(
    private readonly session: DesignSession,
    private readonly screen: ScreenState,
  ) {}

  get active(): boolean {
    return this.wish !== null || this.#held !== null;
  }

  get claims(): boolean {
    return this.wish !== null && this.writing === null;
  }

  /** What the next press is for. */
  get asks(): string {
    if (!this.wish) return '';
    const [least, most] = dimensionEnds[this.wish.type];
    const found = this.ends.length;
    if (found < least) return ASKS[this.wish.type][Math.min(found, ASKS[this.wish.type].length - 1)]!;
    if (this.wish.type === 'detail') return 'Press how far its circle shall go.';
    return found < most
      ? 'Press the next place, or bare paper where the line shall stand.'
      : 'Press where it shall stand.';
  }

  /** Takes hold of a dimension: dragged, its line stands elsewhere; its ends stay. */
  press(id: string, _pixel: Point, at: Point | OnFace): boolean {
    const record = recordOf(this.session.committed, 'dimension', id);
    if (this.wish || !record || 'face' in at) return false;
    this.#held = { record, from: at };
    return true;
  }

  release(): void {
    const moved = this.#moved;
    this.#held = this.#moved = null;
    if (moved) this.session.run(putDimension, moved);
  }

  #drag(at: Point): void {
    const { record, from } = this.#held!;
    const letters = this.#lettersOf(record.view);
    const by = { x: (at.x - from.x) / letters, y: (from.y - at.y) / letters };
    const moved = { ...record, ...this.#movedBy(record, by) };
    if (this.session.preview(putDimension, moved)) this.#moved = moved;
  }

  /** By how much the letters of a drawing are larger than usual: what is stored is of usual ones. */
  #lettersOf(view: string): number {
    return this.frames().find(({ frame }) => frame.view === view)?.frame.letters ?? 1;
  }

  /** How far off a dimension stands that was dragged so far, mm of paper, which counts upwards. */
  #movedBy(record: DimensionRecord, by: Point): Pick<DimensionRecord, 'off' | 'over'> {
    const design = this.session.committed;
    if (record.type === 'angle') return { off: record.off + by.x };
    if (record.type !== 'length' && record.type !== 'baseline')
      return { off: record.off + by.x, over: (record.over ?? 0) + by.y };
    const view = ownView(design, record.view);
    const ends = record.ends.flatMap((end) => {
      const place = placeOfEnd(design, end);
      return place && view ? [view.project(place)] : [];
    });
    const along = ends.length > 1 ? wayBetween(record, ends) : { x: 1, y: 0 };
    return { off: record.off + by.y * along.x - by.x * along.y };
  }

  begin(wish: DimensionWish): void {
    const isSame = this.wish?.type === wish.type && this.wish.way === wish.way;
    this.cancel();
    if (isSame) return;
    this.wish = wish;
    this.focus();
  }

  claim(_pixel: Point, at: Point | OnFace | null, near: number): void {
    if (!this.wish || !at || 'face' in at) return;
    const [least, most] = dimensionEnds[this.wish.type];
    const caught = this.ends.length < most ? this.#caught(at, near) : null;
    if (caught) this.ends = [...this.ends, caught];
    else if (this.ends.length >= least) this.#place(at);
  }

  move(_pixel: Point, at: Point | OnFace | null, near: number): void {
    if (this.#held && at && !('face' in at)) return this.#drag(at);
    if (!this.wish) return;
    this.at = !at || 'face' in at ? null : at;
    const isOpen = this.ends.length < dimensionEnds[this.wish.type][1];
    this.next = this.at && isOpen ? this.#caught(this.at, near) : null;
  }

  key(key: string): boolean {
    if (!this.wish) return false;
    const way = WAYS[key as keyof typeof WAYS];
    if (way) this.#walk(way);
    else if (key === 'Backspace' && this.ends.length > 0) this.ends = this.ends.slice(0, -1);
    else if (key === 'Enter' && this.next) {
      this.ends = [...this.ends, this.next];
      this.#from = this.next.at;
      this.next = null;
    } else if (key === 'Enter' && this.ends.length >= dimensionEnds[this.wish.type][0]) {
      const [{ at }] = this.ends as [EndOnDesk];
      this.#place({ x: at.x + USUAL_OFF, y: at.y - USUAL_OFF });
    } else return false;
    return true;
  }

  /** Goes to the nearest place as an arrow key points, from the last one: straight on rather than aside. */
  #walk(way: Point): void {
    if (this.ends.length >= dimensionEnds[this.wish!.type][1]) return;
    const from = this.next?.at ?? this.#from ?? this.start();
    if (!from) return;
    let best: EndOnDesk | null = null;
    let least = Infinity;
    for (const one of this.#allEnds()) {
      const off = { x: one.at.x - from.x, y: one.at.y - from.y };
      const on = off.x * way.x + off.y * way.y;
      const aside = Math.abs(off.x * way.y - off.y * way.x);
      if (on < STILL || on + 3 * aside >= least) continue;
      least = on + 3 * aside;
      best = one;
    }
    if (best) this.next = best;
  }

  cancel(): void {
    if (this.#held) this.session.dropPreview();
    this.#held = this.#moved = null;
    this.wish = null;
    this.ends = [];
    this.next = this.at = this.writing = this.#from = null;
  }

  /** Writes the words of a note. */
  write(text: string): string {
    if (!this.writing) return '';
    const { end, off } = this.writing;
    return this.#put({ ends: [end], off: off.x, over: off.y, text });
  }

  /** The nearest place of the drawings on the desk; once one is chosen, of that drawing. */
  #caught(at: Point, near: number): EndOnDesk | null {
    let best: EndOnDesk | null = null;
    let least = near;
    for (const one of this.#allEnds({ at, near })) {
      const away = Math.hypot(one.at.x - at.x, one.at.y - at.y);
      if (away >= least) continue;
      least = away;
      best = one;
    }
    return best;
  }

  /** The places of the drawings on the desk, or of those a place is near to; once one is chosen, of that drawing. */
  *#allEnds(about?: { at: Point; near: number }): Generator<EndOnDesk> {
    const [first] = this.ends;
    for (const { frame, bottom } of this.frames()) {
      const { view } = frame;
      if (view === null) continue;
      const { left, right, top, bottom: low } = frame.box;
      const near = about?.near ?? 0;
      const paper = about && { x: about.at.x, y: bottom - about.at.y };
      if (paper && (paper.x < left - near || paper.x > right + near)) continue;
      if (paper && (paper.y < low - near || paper.y > top + near)) continue;
      if (first && (view !== first.frame.view || frame.ratio !== first.frame.ratio)) continue;
      for (const { end, at } of endsOn(this.session.committed, view))
        yield {
          ...{ end, frame: { ...frame, view } },
          at: {
            x: frame.origin.x + at.x / frame.ratio,
            y: bottom - frame.origin.y - at.y / frame.ratio,
          },
        };
    }
  }

  /** Puts it where the line, or the words, shall stand. */
  #place(at: Point): void {
    const [first] = this.ends;
    if (!first || !this.wish) return;
    const off = { x: at.x - first.at.x, y: first.at.y - at.y };
    const { type } = this.wish;
    if (type === 'note') {
      this.writing = { end: first, off };
      return;
    }
    if (type === 'detail') {
      const far = Math.max(LEAST_CIRCLE, Math.hypot(off.x, off.y));
      // Its number stands outside its circle, up to the right.
      const beside = far * Math.SQRT1_2 + BESIDE_CIRCLE;
      const { ratio } = first.frame;
      const reach = Math.min(MOST_REACH, Math.max(LEAST_REACH, far * ratio));
      const larger = isInchUnit(this.session.style.unit) ? DETAIL_SCALES.inches : DETAIL_SCALES.metric;
      this.#put({ ends: this.ends, off: beside, over: beside, reach, ratio: larger });
      return;
    }
    if (type === 'angle') {
      const tip = this.ends[1]!.at;
      this.#put({ ends: this.ends, off: Math.hypot(at.x - tip.x, at.y - tip.y) });
    } else if (type === 'length' || type === 'baseline') {
      const along = this.#way();
      this.#put({ ends: this.ends, off: off.y * along.x - off.x * along.y });
    } else this.#put({ ends: this.ends, off: off.x, over: off.y });
  }

  /** The way lengths are measured on paper, which counts upwards. */
  #way(): Point {
    const way = this.wish?.way ?? 'aligned';
    if (way === 'across') return { x: 1, y: 0 };
    if (way === 'up') return { x: 0, y: 1 };
    const [a, b] = [this.ends[0]!.at, this.ends.at(-1)!.at];
    const long = Math.hypot(b.x - a.x, b.y - a.y) || 1;
    return { x: (b.x - a.x) / long, y: (a.y - b.y) / long };
  }

  #put(
    put: Pick<DimensionRecord, 'off' | 'over' | 'ratio' | 'reach' | 'text'> & { ends: readonly EndOnDesk[] },
  ): string {
    const { wish } = this;
    const { ends, ...placed } = put;
    const { view, letters } = ends[0]!.frame;
    placed.off /= letters;
    if (placed.over !== undefined) placed.over /= letters;
    if (!wish) return '';
    const id = `dimension-${nanoid(8)}`;
    const done = this.session.run(putDimension, {
      ...{ kind: 'dimension', id, view, ...wish },
      ...{ ends: ends.map(({ end }) => end), ...placed },
    });
    if (!done) return this.session.message;
    this.cancel();
    this.screen.select(id);
    return '';
  }
}

/** The one of a page, among its tools from when it is first asked for. */
export const dimensionDraw = rememberOne(({ session, screen, tools }: Workspace): DimensionDraw => {
  const draw = new DimensionDraw(session, screen);
  tools.push(draw);
  return draw;
});

/** The ways of the arrow keys on the desk, which counts downwards; a place no farther on than this is no other, mm of paper. */
const WAYS = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: -1 },
  ArrowDown: { x: 0, y: 1 },
} as const;
const STILL = 0.2;

/** So far off stands what is put by the keyboard, mm of paper. */
const USUAL_OFF = 20;

/** The circle of a detail is no smaller, and its number stands so far outside it, mm of paper; what it is drawn to at first. */
const LEAST_CIRCLE = 3;
const BESIDE_CIRCLE = 4;
const DETAIL_SCALES = { metric: 5, inches: 4 } as const;

/** What is asked for, place by place. */
const ASKS: Record<DimensionType, readonly string[]> = {
  length: [
    'Press the first place to measure from: corners and middles catch.',
    'Press the place to measure to.',
  ],
  baseline: ['Press the place that all is measured from.', 'Press the first place to measure to.'],
  angle: ['Press a place on one side of the angle.', 'Press its point.', 'Press a place on its other side.'],
  radius: ['Press a bent face or a round column.'],
  level: ['Press the place whose height is told.'],
  area: ['Press the thing or the wall whose area is told.'],
  note: ['Press what the note is about.'],
  detail: ['Press the middle of what is drawn again larger: corners and middles catch.'],
};
