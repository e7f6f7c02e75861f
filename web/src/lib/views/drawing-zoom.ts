import { zoom, type D3ZoomEvent, type ZoomBehavior } from 'd3-zoom';
import { LEAST_ZOOM, MOST_ZOOM, type Camera } from './camera';

/** Milliseconds a frame of a drag can spare for each drawing; what takes longer draws less, or waits, until the drag rests. */
export const SPARE = 5;

interface ZoomOptions {
  /** Whether a press there takes hold of a thing of the drawing, so that it does not pan. */
  takesHold(target: EventTarget | null): boolean;
  /** Whether every press pans. */
  panning(): boolean;
  /** The camera has moved; by a person's hand, or by the program. */
  onmove(camera: Camera, byHand: boolean): void;
}

/** Zooming at the pointer by the wheel or two fingers, panning by dragging bare paper, the middle button, or with space held: the same in every drawing. */
export function drawingZoom({
  takesHold,
  panning,
  onmove,
}: ZoomOptions): ZoomBehavior<HTMLDivElement, unknown> {
  return zoom<HTMLDivElement, unknown>()
    .scaleExtent([LEAST_ZOOM, MOST_ZOOM])
    .filter((event: Event) => {
      if (event.type === 'wheel') return true;
      if (event.type === 'dblclick') return false;
      if (event instanceof TouchEvent) return event.touches.length > 1 || !takesHold(event.target);
      const mouse = event as MouseEvent;
      return mouse.button === 1 || panning() || (mouse.button === 0 && !takesHold(event.target));
    })
    .clickDistance(4)
    .on('zoom', ({ transform: { k, x, y }, sourceEvent }: D3ZoomEvent<HTMLDivElement, unknown>) =>
      onmove({ k, x, y }, Boolean(sourceEvent)),
    );
}

/** The record a mark on screen is of. */
export function sourceOf(target: EventTarget | null): string | null {
  return target instanceof Element
    ? (target.closest('[data-source]')?.getAttribute('data-source') ?? null)
    : null;
}
