import { select } from 'd3-selection';
import { zoom, zoomIdentity, type D3ZoomEvent, type ZoomBehavior } from 'd3-zoom';
import type { Point } from 'goodreach';
import { untrack } from 'svelte';
import { annotationScale, LEAST_ZOOM, MOST_ZOOM, toRoom, type Camera } from './camera';

/** A key zooms by so much. */
const KEY_ZOOM = 1.25;

interface Options {
  /** How near and far it goes, pixels per millimetre; as near and far as the drawings of a room. */
  reach?: [number, number];
  start?: Camera;
  /** Whether a press there takes hold of a thing of the drawing, so that it does not pan. */
  takesHold?(target: EventTarget | null): boolean;
  /** Whether every press pans; whether every finger does. */
  panning?(): boolean;
  penned?(): boolean;
  /** Whether what a person's hand has made of the camera leaves the frame it was fitted to. */
  leavesFrame?(now: Camera, before: Camera): boolean;
}

/** Where a drawing is looked at from: zoomed at the pointer by the wheel or two fingers, panned by dragging bare paper, the middle button, or with space held; the same in every drawing. */
export class DrawingCamera {
  now: Camera = $state.raw({ k: 0.1, x: 0, y: 0 });
  readonly scale = $derived(annotationScale(this.now));
  /** It shows what it was fitted to, until a person zooms or pans. */
  framed = true;
  #element: HTMLElement | null = null;
  readonly #behaviour: ZoomBehavior<HTMLElement, unknown>;

  constructor({ reach, start, takesHold, panning, penned, leavesFrame }: Options = {}) {
    if (start) this.now = start;
    const holds = (target: EventTarget | null) => takesHold?.(target) ?? false;
    this.#behaviour = zoom<HTMLElement, unknown>()
      .scaleExtent(reach ?? [LEAST_ZOOM, MOST_ZOOM])
      .filter((event: Event) => {
        if (event.type === 'wheel') return true;
        if (event.type === 'dblclick') return false;
        if (event instanceof TouchEvent)
          return event.touches.length > 1 || penned?.() === true || !holds(event.target);
        const mouse = event as MouseEvent;
        return mouse.button === 1 || panning?.() === true || (mouse.button === 0 && !holds(event.target));
      })
      .clickDistance(4)
      .duration(0)
      .on('zoom', ({ transform: { k, x, y }, sourceEvent }: D3ZoomEvent<HTMLElement, unknown>) => {
        const next = { k, x, y };
        if (sourceEvent && (leavesFrame?.(next, this.now) ?? true)) this.framed = false;
        this.now = next;
      });
  }

  attach(element: HTMLElement): void {
    this.#element = element;
    select(element).call(this.#behaviour);
    untrack(() => this.move(this.now));
  }

  /** Looks from elsewhere; it stays framed or not as it was. */
  move({ k, x, y }: Camera): void {
    this.now = { k, x, y };
    if (this.#element)
      select(this.#element).call(this.#behaviour.transform, zoomIdentity.translate(x, y).scale(k));
  }

  /** Looks at all of what is drawn. */
  frame(camera: Camera): void {
    this.framed = true;
    this.move(camera);
  }

  toRoom(pixel: Point): Point {
    return toRoom(this.now, pixel);
  }

  /** The part of the room that a view of so many pixels shows, as an SVG takes it; moved by `shift`, mm. */
  viewBox(width: number, height: number, shift: Point = { x: 0, y: 0 }): string {
    const { k, x, y } = this.now;
    return `${-x / k + shift.x} ${-y / k - shift.y} ${width / k} ${height / k}`;
  }

  /** Plus and minus zoom about the middle; whether it was one of them. */
  key({ key, ctrlKey, metaKey, altKey }: KeyboardEvent): boolean {
    if (ctrlKey || metaKey || altKey) return false;
    const by = key === '+' || key === '=' ? KEY_ZOOM : key === '-' ? 1 / KEY_ZOOM : null;
    if (by === null || !this.#element) return false;
    select(this.#element).call(this.#behaviour.scaleBy, by);
    this.framed = false;
    return true;
  }
}

/** The record a mark on screen is of. */
export function sourceOf(target: EventTarget | null): string | null {
  return target instanceof Element
    ? (target.closest('[data-source]')?.getAttribute('data-source') ?? null)
    : null;
}
