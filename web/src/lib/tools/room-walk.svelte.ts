import {
  aim,
  turned,
  walkedPath,
  walkedPlaces,
  walkGap,
  walkToFaces,
  type Aim,
  type NewFace,
  type Point,
  type Result,
  type WalkedFace,
} from 'goodreach';

/** A walk that misses its start by less than this share of its length has only been measured inexactly. */
const SMALL_GAP = 0.01;

/** A room being walked face by face: typed lengths, directions from the pointer or a typed turn. */
export class RoomWalk {
  faces: readonly WalkedFace[] = $state.raw([]);
  /** Where the next face would run by the pointer; null until it points. */
  aimed: Aim | null = $state.raw(null);
  /** A typed turn to the right, radians; it goes before the pointer. */
  turn: number | null = $state(null);
  #chosenMode: 'close' | 'share' | null = $state(null);

  readonly places = $derived(walkedPlaces(this.faces));
  readonly path = $derived(walkedPath(this.faces));
  readonly gap = $derived(walkGap(this.faces));
  /** Direction of the next face: typed, pointed, or a square turn to the right. */
  readonly heading = $derived(
    this.turn !== null
      ? turned(this.faces, this.turn)
      : (this.aimed?.heading ?? (this.faces.length === 0 ? 0 : turned(this.faces, Math.PI / 2))),
  );
  /** A gap that is small against the walk is an error of measuring, to be shared out, unless it is said otherwise; a large one is a face that was not walked. */
  readonly gapMode: 'close' | 'share' = $derived(
    this.#chosenMode ?? (this.gap <= SMALL_GAP * this.walked ? 'share' : 'close'),
  );
  readonly made: Result<NewFace[]> | null = $derived(
    this.faces.length < 2 ? null : walkToFaces(this.faces, this.gapMode),
  );

  chooseGap(mode: 'close' | 'share'): void {
    this.#chosenMode = mode;
  }

  private get walked(): number {
    return this.faces.reduce((sum, { length }) => sum + length, 0);
  }

  point(at: Point | null, near: number): void {
    this.aimed = at ? aim(this.faces, at, near) : null;
  }

  add(length: number): void {
    this.faces = [...this.faces, { length, heading: this.heading, typed: this.turn !== null }];
    this.turn = null;
    this.aimed = null;
  }

  /** Takes a whole loop at once, as from a drawing. */
  take(faces: readonly WalkedFace[]): void {
    this.faces = faces;
    this.turn = null;
    this.aimed = null;
    this.#chosenMode = 'share';
  }

  takeBack(): void {
    this.faces = this.faces.slice(0, -1);
    this.aimed = null;
  }
}
