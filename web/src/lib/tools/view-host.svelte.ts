import { itemBoxes, type Point } from 'goodreach';
import type { Workspace } from './context';
import type { OnFace } from './drag-item';
import { actOnKey, groupOf } from './item-actions';
import { chooseOnKey, nudgeStep } from './item-keys';
import type { ViewKind } from './pointer-tool';

/** Where a pixel of the window lies in a view, and how far its snap reaches there, mm. */
export interface Located {
  at: Point | OnFace;
  snap: number;
}

/** What a view tells its host of itself: how a pixel becomes a place and a thing, and what is its own. */
export interface HostedView {
  kind: ViewKind;
  /** The record that is seen under the pointer. */
  sourceAt(event: Pick<MouseEvent, 'target' | 'type'>, pixel: Point): string | null;
  /** The place of the room, or of a face, under a pixel; null where there is none. */
  placeAt(pixel: Point): Point | OnFace | null;
  /** How far things are drawn to others, mm. */
  near(): number;
  /** Where what is pressed on can be moved in this view, a pixel as a place; null where it is only seen. */
  wayOf(id: string, pixel: Point): ((pixel: Point) => Point | OnFace | null) | null;
  /** Moves what is chosen as an arrow key points; false where it can't. */
  nudge?(key: string, by: number): boolean;
  /** Where the menu of what is chosen opens from the keyboard, in pixels of the view; null where nothing is. */
  menuAt?(): Point | null;
  /** A key that is the view's own; whether it was one. */
  key?(event: KeyboardEvent): boolean;
  /** The pointer is over a place of it, or has left. */
  pointed?(at: Point | OnFace | null, inside: boolean): void;
  /** Shows all of it. */
  fit?(): void;
  /** A drag of what no tool takes is the view's, to turn or walk by; what is only clicked is chosen when it is let go. */
  turning?: {
    turn(by: Point, event: PointerEvent): void;
    zoom(by: number): void;
  };
}

/** What a host needs of the page. */
type Hosting = Pick<Workspace, 'session' | 'screen' | 'tools' | 'views' | 'roomId'>;
type Way = (pixel: Point) => Point | OnFace | null;

/** What the pointer has pressed, until it is let go. */
interface Press {
  source: string | null;
  /** Where what a tool has hold of is moved. */
  way: Way | null;
  from: Point;
  last: Point;
  travelled: boolean;
  button: number;
  shift: boolean;
}

/** Pixels a pointer travels before a press is no click. */
const CLICK = 4;

/**
 * What all drawings of a room have in common: the pointer's presses, moves and releases given to the tools, what is chosen by them,
 * the keys, and the menu of what is chosen. A view says only how a pixel becomes a place and a thing.
 */
export class ViewHost {
  /** Where the menu of the chosen items is open, in pixels of the view. */
  menu: Point | null = $state.raw(null);
  /** Whether every drag moves the drawing: space is held. */
  panning = $state(false);
  /** Fingers look and a pencil does, once a pencil has been used. */
  penned = false;
  #element: HTMLElement | null = null;
  #corner = { left: 0, top: 0 };
  #press: Press | null = null;
  /** Whether the last press was a drag: with the second button that has turned the view, and asks for no menu. */
  #travelled = false;
  /** What was pressed last: a click on bare paper lets go of what is chosen, and capture moves a click's target. */
  #pressed: 'paper' | 'thing' | null = null;
  readonly #fingers = new Map<number, Point>();

  constructor(
    private readonly workspace: Hosting,
    private readonly view: HostedView,
  ) {}

  /** The element it listens on; gives what ends that. */
  attach(element: HTMLElement): () => void {
    this.#element = element;
    return this.workspace.views.show(this);
  }

  /** Where a pixel of the window lies in the view; null outside it. */
  locate(clientX: number, clientY: number): Located | null {
    if (!this.#element) return null;
    const { left, top, right, bottom } = this.#element.getBoundingClientRect();
    if (clientX < left || clientX > right || clientY < top || clientY > bottom) return null;
    const at = this.view.placeAt({ x: clientX - left, y: clientY - top });
    return at && { at, snap: this.view.near() };
  }

  /** What is seen at a pixel of the window; null outside the view. */
  sourceUnder(clientX: number, clientY: number): { source: string | null } | null {
    const target = document.elementFromPoint(clientX, clientY);
    if (!target || !this.#element?.contains(target)) return null;
    this.takeCorner();
    const source = this.view.sourceAt({ target, type: 'pointermove' }, this.#pixelAt(clientX, clientY));
    return { source };
  }

  fit(): void {
    this.view.fit?.();
  }

  focus(): void {
    this.#element?.focus({ preventScroll: true });
  }

  /** Taken when the pointer comes or presses: asking in every move would lay the page out anew each time. */
  takeCorner(): void {
    if (this.#element) this.#corner = this.#element.getBoundingClientRect();
  }

  pixelOf({ clientX, clientY }: MouseEvent): Point {
    return this.#pixelAt(clientX, clientY);
  }

  #pixelAt(clientX: number, clientY: number): Point {
    return { x: clientX - this.#corner.left, y: clientY - this.#corner.top };
  }

  press(event: PointerEvent): void {
    this.#pressed = null;
    this.#travelled = false;
    this.takeCorner();
    const { view } = this;
    const { tools, screen } = this.workspace;
    if (isControl(event.target)) return;
    const pixel = this.pixelOf(event);
    if (event.pointerType === 'pen') this.penned = true;
    if (event.pointerType === 'touch') this.#fingers.set(event.pointerId, pixel);
    // A second finger takes the drawing in hand: what the first began is dropped.
    if (this.#fingers.size > 1) {
      tools.cancel();
      if (this.#press) this.#press = { ...this.#press, way: null, travelled: true };
      return;
    }
    const acts = event.button === 0 && !this.panning && !this.#looksOnly(event);
    if (!view.turning && !acts) return;
    if (acts && tools.claim(view.kind, pixel, view.placeAt(pixel), view.near(), event.altKey)) {
      this.#pressed = 'thing';
      this.focus();
      return;
    }
    const source = acts ? view.sourceAt(event, pixel) : null;
    const { button, shiftKey: shift } = event;
    const press: Press = { source, way: null, from: pixel, last: pixel, travelled: false, button, shift };
    this.#press = press;
    this.#pressed = source ? 'thing' : 'paper';
    // Where a drag turns the view, only what is chosen already is taken hold of, and a click chooses.
    const holds = view.turning ? source !== null && screen.isSelected(source) : this.#choose(source, event);
    if (source && acts && holds) {
      const way = view.wayOf(source, pixel);
      const at = way?.(pixel);
      if (way && at && tools.press(view.kind, source, pixel, at, screen.chosen)) press.way = way;
    }
    if (press.way || view.turning) this.#element?.setPointerCapture(event.pointerId);
    this.focus();
  }

  /** Chooses what is pressed on; false where it was only added to what is chosen, or taken from it. */
  #choose(source: string | null, { shiftKey, altKey }: Pick<PointerEvent, 'shiftKey' | 'altKey'>): boolean {
    const { screen, session } = this.workspace;
    if (!source) return false;
    const { records } = session.committed;
    const kind = records[source]?.kind;
    const group = kind === 'item' ? groupOf(session.committed, source) : [source];
    if (shiftKey && (kind === 'face' || kind === 'item')) {
      screen.toggle(group, (id) => records[id]?.kind === kind);
      return false;
    }
    // In a group, one of it is reached by pressing it with Alt, or by its number in the facts.
    if (kind !== 'item' || altKey) screen.select(source);
    else if (!screen.isSelected(source)) screen.choose(group);
    return true;
  }

  move(event: PointerEvent): void {
    const { view } = this;
    const { tools, screen } = this.workspace;
    const pixel = this.pixelOf(event);
    const press = this.#press;
    if (press && Math.hypot(pixel.x - press.from.x, pixel.y - press.from.y) > CLICK)
      press.travelled = this.#travelled = true;
    if (this.#fingers.has(event.pointerId)) this.#pinch(event.pointerId, pixel);
    if (this.#fingers.size > 1) return;
    const at = press?.way ? press.way(pixel) : view.placeAt(pixel);
    tools.move(view.kind, pixel, at, view.near(), event.altKey);
    if (press && !press.way && view.turning) {
      view.turning.turn({ x: pixel.x - press.last.x, y: pixel.y - press.last.y }, event);
      press.last = pixel;
    }
    const source = tools.active || view.turning ? null : view.sourceAt(event, pixel);
    if (!view.turning) screen.hovered = source;
    view.pointed?.(at, true);
  }

  /** Two fingers nearer to each other or farther apart, where the view does not zoom of itself. */
  #pinch(pointerId: number, pixel: Point): void {
    const before = this.#fingers.get(pointerId)!;
    const other = [...this.#fingers].find(([id]) => id !== pointerId)?.[1];
    this.#fingers.set(pointerId, pixel);
    if (!other) return;
    const apart = (a: Point) => Math.max(1, Math.hypot(a.x - other.x, a.y - other.y));
    this.view.turning?.zoom(apart(before) / apart(pixel));
  }

  release(event: PointerEvent): void {
    const { tools, screen } = this.workspace;
    this.#fingers.delete(event.pointerId);
    const press = this.#press;
    this.#press = null;
    // What hangs on the pointer is set by a press, never by letting go.
    tools.release();
    if (!press || !this.view.turning || press.button !== 0 || press.travelled) return;
    // Nothing was carried: of several that are chosen the one that is clicked is meant.
    if (!press.shift) screen.select(null);
    this.#choose(press.source, { shiftKey: press.shift, altKey: event.altKey });
  }

  cancel(event: PointerEvent): void {
    this.#fingers.delete(event.pointerId);
    this.#press = null;
    this.workspace.tools.cancel();
  }

  leave(): void {
    const { tools, screen } = this.workspace;
    if (this.#press?.way) return;
    screen.hovered = null;
    if (!this.#press) tools.move(this.view.kind, { x: 0, y: 0 }, null, 0, false);
    this.view.pointed?.(null, false);
  }

  click(): void {
    if (this.#pressed === 'paper' && !this.view.turning) this.workspace.screen.select(null);
  }

  /** Whether the press moves the drawing whatever it is on. */
  #looksOnly({ pointerType }: PointerEvent): boolean {
    return this.penned && pointerType === 'touch';
  }

  openMenu(event: MouseEvent): void {
    event.preventDefault();
    if (this.#travelled) return;
    this.takeCorner();
    const pixel = this.pixelOf(event);
    const { screen, session } = this.workspace;
    const source = this.view.sourceAt(event, pixel);
    if (source && session.committed.records[source]?.kind === 'item' && !screen.isSelected(source))
      screen.choose(groupOf(session.committed, source));
    this.menu = pixel;
  }

  closeMenu(): void {
    this.menu = null;
    this.focus();
  }

  key(event: KeyboardEvent): void {
    if (event.target !== this.#element) return;
    const said = this.#keyed(event);
    if (said) event.preventDefault();
    if (said === 'alone') event.stopPropagation();
  }

  /** Whether a key was for this view, and `alone` where nothing else may hear it. */
  #keyed(event: KeyboardEvent): boolean | 'alone' {
    const { tools, screen, session } = this.workspace;
    const { view } = this;
    if (event.key === ' ') return (this.panning = true);
    if (event.key === 'Escape') {
      if (!tools.drop()) screen.select(null);
      return true;
    }
    if (tools.key(view.kind, event.key)) return 'alone';
    const chosen = session.committed.records[screen.selected ?? '']?.kind === 'item';
    if (chosen && view.nudge && event.key.startsWith('Arrow') && !event.altKey)
      return view.nudge(event.key, nudgeStep(session, event));
    if (view.key?.(event)) return true;
    if (event.key === 'a' && (event.ctrlKey || event.metaKey)) {
      screen.choose(itemBoxes(session.committed).map(({ id }) => id));
      return true;
    }
    if (event.key === 'ContextMenu' || (event.shiftKey && event.key === 'F10')) {
      this.menu = view.menuAt?.() ?? null;
      return true;
    }
    return chooseOnKey(session, screen, event) || actOnKey(this.workspace, event) ? 'alone' : false;
  }

  keyUp({ key }: KeyboardEvent): void {
    if (key === ' ') this.panning = false;
  }
}

/** The views that are shown now, those shown last first, as they lie over the others. */
export class ShownViews {
  readonly #hosts: ViewHost[] = [];

  show(host: ViewHost): () => void {
    this.#hosts.unshift(host);
    return () => void this.#hosts.splice(this.#hosts.indexOf(host), 1);
  }

  locate(clientX: number, clientY: number): Located | null {
    for (const host of this.#hosts) {
      const located = host.locate(clientX, clientY);
      if (located) return located;
    }
    return null;
  }

  /** What is seen at a pixel of the window, in whichever view it lies; null outside all of them. */
  sourceUnder(clientX: number, clientY: number): { source: string | null } | null {
    for (const host of this.#hosts) {
      const under = host.sourceUnder(clientX, clientY);
      if (under) return under;
    }
    return null;
  }

  fit(): void {
    for (const host of this.#hosts) host.fit();
  }
}

/** Buttons and cards that lie over a drawing have their own presses. */
function isControl(target: EventTarget | null): boolean {
  return (
    target instanceof Element && target.closest('button, input, select, label, .chip-card, .menu') !== null
  );
}
