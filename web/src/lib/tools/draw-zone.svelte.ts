import { boundsOf, putZone, splitZone, usualZone, type Point, type ZonePlace } from 'goodreach';
import { nanoid } from 'nanoid';
import type { OnFace } from './drag-item';
import type { PointerTool, ViewKind } from './pointer-tool';
import type { TileWork } from './tile-work.svelte';

/** How a zone is drawn: from corner to corner, or one corner after the other; or the line that splits the one in hand. */
export type ZoneShape = 'outline' | 'rectangle' | 'split';

/** Drawing the outline of a zone on the surface that is shown: presses set its corners, drawn to those of the surface; Enter, or a press on the first, closes an outline. */
export class ZoneDraw implements PointerTool {
  readonly views: ReadonlySet<ViewKind> = new Set(['tile']);
  shape: ZoneShape | null = $state(null);
  corners: readonly ZonePlace[] = $state.raw([]);
  /** Where the next corner would be. */
  next: ZonePlace | null = $state.raw(null);
  /** The corners of the surface and of its zones, which draw others. */
  known: () => readonly Point[] = () => [];

  constructor(private readonly work: TileWork) {}

  get active(): boolean {
    return this.shape !== null;
  }

  get claims(): boolean {
    return this.active;
  }

  begin(shape: ZoneShape): void {
    this.shape = this.shape === shape ? null : shape;
    this.corners = [];
    this.next = null;
  }

  claim(_pixel: Point, at: Point | OnFace | null, near: number, free: boolean): void {
    if (!at || 'face' in at) return;
    const place = this.#caught(at, near, free);
    const first = this.corners[0];
    if (this.shape === 'rectangle' && first) return this.#done(rectangle(first, place));
    if (this.shape === 'split' && first) return this.#split(first, place);
    const closes =
      first && this.corners.length > 2 && Math.hypot(place.x - first.x, place.y - first.y) <= near;
    if (closes) this.#done(this.corners);
    else this.corners = [...this.corners, place];
  }

  move(_pixel: Point, at: Point | OnFace | null, near: number, free: boolean): void {
    if (this.shape) this.next = !at || 'face' in at ? null : this.#caught(at, near, free);
  }

  key(key: string): boolean {
    if (!this.shape) return false;
    if (key === 'Backspace' && this.corners.length > 0) this.corners = this.corners.slice(0, -1);
    else if (key === 'Enter' && this.corners.length > 2) this.#done(this.corners);
    else return false;
    return true;
  }

  cancel(): void {
    this.shape = null;
    this.corners = [];
    this.next = null;
  }

  /** Each way by itself, so that a corner lies in line with others; else on whole steps of the job. */
  #caught({ x, y }: Point, near: number, free: boolean): ZonePlace {
    const { step } = this.work.session.style;
    const onStep = (value: number) => Math.round(value / step) * step;
    const drawn = (value: number, others: readonly number[]) => {
      const best = others.reduce((a, b) => (Math.abs(b - value) < Math.abs(a - value) ? b : a), Infinity);
      return Math.abs(best - value) <= near ? best : onStep(value);
    };
    if (free) return { x: onStep(x), y: onStep(y) };
    const all = [...this.known(), ...this.corners];
    return {
      x: drawn(
        x,
        all.map((one) => one.x),
      ),
      y: drawn(
        y,
        all.map((one) => one.y),
      ),
    };
  }

  #split(from: ZonePlace, to: ZonePlace): void {
    const { area, session } = this.work;
    this.cancel();
    if (!area) return;
    const { fromDrawing } = area.surface;
    session.run(splitZone, {
      id: area.id,
      through: [fromDrawing(from), fromDrawing(to)],
      part: `zone-${nanoid(8)}`,
    });
  }

  #done(corners: readonly ZonePlace[]): void {
    const { session, screen, wish } = this.work;
    const id = `zone-${nanoid(8)}`;
    this.cancel();
    const zone = usualZone(session.committed, { id, ...wish, corners: [...corners] });
    if (session.run(putZone, zone)) screen.select(id);
  }
}

function rectangle(a: ZonePlace, b: ZonePlace): ZonePlace[] {
  const { left, right, bottom, top } = boundsOf([a, b]);
  return [
    { x: left, y: bottom },
    { x: right, y: bottom },
    { x: right, y: top },
    { x: left, y: top },
  ];
}
