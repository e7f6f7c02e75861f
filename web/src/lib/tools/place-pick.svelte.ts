import {
  distance,
  isInchUnit,
  roomTargets,
  snapPlace,
  type Design,
  type PlaceCatch,
  type Point,
  type SnapTargets,
} from 'goodreach';
import type { DesignSession } from '../session/design-session.svelte';
import type { OnFace } from './drag-item';
import type { PointerTool, ViewKind } from './pointer-tool';
import type { UnderlayLines } from './underlay-lines.svelte';

/** What places are picked for: the two ends of a known length of an underlay, or the corners of an outline. */
export type PickPurpose = 'scale' | 'outline';

interface Picking {
  /** The record they are picked for, or none while there is none yet; another selection ends it. */
  id: string | null;
  purpose: PickPurpose;
}

/** Picking places on the plan, each drawn to corners, faces and lines near it. */
export class PlacePick implements PointerTool {
  readonly views: ReadonlySet<ViewKind> = new Set(['plan']);
  #picking: Picking | null = $state.raw(null);
  #places: readonly Point[] = $state.raw([]);
  /** Where the next place would be. */
  aimed: { at: Point; caught: PlaceCatch | null } | null = $state.raw(null);
  #done: (places: readonly Point[]) => void = () => {};
  #more: (design: Design) => readonly SnapTargets[] = () => [];

  constructor(
    private readonly session: Pick<DesignSession, 'committed' | 'style'>,
    private readonly selection: { selected: string | null },
    private readonly lines: Pick<UnderlayLines, 'targets'>,
  ) {}

  /** What is being picked, and the places so far; null when nothing is. */
  get now(): (Picking & { places: readonly Point[] }) | null {
    const picking = this.#picking;
    return picking?.id === this.selection.selected ? { ...picking, places: this.#places } : null;
  }

  get active(): boolean {
    return this.now !== null;
  }

  /** Whether another place is wanted. */
  get claims(): boolean {
    const now = this.now;
    return now !== null && (now.purpose === 'outline' || now.places.length < 2);
  }

  /** `done` gets the corners of an outline once it is closed; its places are drawn to `more` beside the room. */
  start(
    id: string | null,
    purpose: PickPurpose,
    done: (places: readonly Point[]) => void = () => {},
    more: (design: Design) => readonly SnapTargets[] = () => [],
  ): void {
    this.#picking = { id, purpose };
    this.#places = [];
    this.aimed = null;
    this.#done = done;
    this.#more = more;
  }

  cancel(): void {
    this.#picking = null;
    this.aimed = null;
  }

  claim(_pixel: Point, at: Point | OnFace | null, near: number): void {
    if (at && !('face' in at)) this.click(at, near);
  }

  move(_pixel: Point, at: Point | OnFace | null, near: number): void {
    this.point(at && 'face' in at ? null : at, near);
  }

  /** An outline is closed by Enter; Backspace takes its last place back. */
  key(key: string): boolean {
    if (this.now?.purpose !== 'outline') return false;
    if (key === 'Enter') this.close();
    else if (key === 'Backspace') this.takeBack();
    else return false;
    return true;
  }

  /** The pointer is at a place of the room; `near` is how far, mm, it is drawn. */
  point(at: Point | null, near: number): void {
    this.aimed = at && this.claims ? this.#drawn(at, near) : null;
  }

  /** A place is clicked. An outline is closed by clicking its first place. */
  click(at: Point, near: number): void {
    if (!this.claims) return;
    const [first] = this.#places;
    if (first && this.#places.length >= 3 && distance(at, first) <= near) return this.close();
    this.#places = [...this.#places, this.#drawn(at, near).at];
    this.aimed = null;
  }

  takeBack(): void {
    this.#places = this.#places.slice(0, -1);
  }

  close(): void {
    const places = this.#places;
    this.cancel();
    this.#done(places);
  }

  #drawn(at: Point, near: number) {
    const [first] = this.#places;
    const closing =
      first && this.#places.length >= 3
        ? [{ points: [{ at: first, caught: 'corner' as const }], lines: [] }]
        : [];
    const design = this.session.committed;
    const targets = [...closing, roomTargets(design), this.lines.targets];
    if (this.#picking?.purpose === 'scale') return snapPlace(targets, at, near);
    targets.push(...this.#more(design));
    const grain = isInchUnit(this.session.style.unit) ? 25.4 / 4 : 10;
    return snapPlace(
      targets,
      at,
      near,
      [first, this.#places.at(-1)].filter((one) => one !== undefined),
      grain,
    );
  }
}
