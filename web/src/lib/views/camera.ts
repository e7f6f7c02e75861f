import type { Bounds, Point } from 'goodreach';

/** How large a paper millimetre is on screen, pixels: texts of 2.7 mm stand about 12.5 px high. */
export const PIXELS_PER_PAPER_MM = 4.6;

/** Where the view looks: pixels per room millimetre, and the pixel where the room's origin lies. */
export interface Camera {
  k: number;
  x: number;
  y: number;
}

export const LEAST_ZOOM = 0.005;
export const MOST_ZOOM = 3;

export function toScreen({ k, x, y }: Camera, point: Point): Point {
  return { x: x + point.x * k, y: y - point.y * k };
}

export function toRoom({ k, x, y }: Camera, pixel: Point): Point {
  return { x: (pixel.x - x) / k, y: (y - pixel.y) / k };
}

/** The camera that shows bounds (room mm) in a view (pixels) with a margin left for the chains. */
export function fitCamera(bounds: Bounds, width: number, height: number, margin: number): Camera {
  const wide = Math.max(1, bounds.right - bounds.left);
  const high = Math.max(1, bounds.top - bounds.bottom);
  const k = Math.min(
    MOST_ZOOM,
    Math.max(LEAST_ZOOM, Math.min((width - 2 * margin) / wide, (height - 2 * margin) / high)),
  );
  return {
    k,
    x: width / 2 - ((bounds.left + bounds.right) / 2) * k,
    y: height / 2 + ((bounds.bottom + bounds.top) / 2) * k,
  };
}

/** What stands in the upper left corner of a view: so far across and down, pixels. */
export interface Corner {
  right: number;
  bottom: number;
}

/** Whether any part of a drawing, by its bounds, comes under what stands in the corner. */
function comesUnder(camera: Camera, parts: readonly Bounds[], corner: Corner): boolean {
  return parts.some(({ left, top }) => {
    const { x, y } = toScreen(camera, { x: left, y: top });
    return x < corner.right && y < corner.bottom;
  });
}

/** As fitCamera, but below what stands in the corner where a part of the drawing would come under it. */
export function fitUnder(
  bounds: Bounds,
  parts: readonly Bounds[],
  width: number,
  height: number,
  margin: number,
  corner: Corner,
): Camera {
  const camera = fitCamera(bounds, width, height, margin);
  if (!comesUnder(camera, parts, corner)) return camera;
  const under = fitCamera(bounds, width, height - corner.bottom, margin);
  return { ...under, y: under.y + corner.bottom };
}

/** A camera, or where that shows the room itself at less than half the view, one that shows it so: what is written about a crowded room would push it out of sight. */
export function keptInSight(camera: Camera, room: Bounds, width: number, height: number): Camera {
  const { k, x, y } = fitCamera(room, width / 2, height / 2, 10);
  return camera.k >= k ? camera : { k, x: x + width / 4, y: y + height / 4 };
}

/** A camera that shows a drawing lower, as far as there is room for it, where a part of it comes under what stands in the corner. */
export function loweredUnder(
  camera: Camera,
  { left, bottom, top }: Bounds,
  parts: readonly Bounds[],
  height: number,
  corner: Corner,
): Camera {
  if (!comesUnder(camera, parts, corner)) return camera;
  const [upper, lower] = [top, bottom].map((y) => toScreen(camera, { x: left, y }).y) as [number, number];
  return { ...camera, y: camera.y + Math.max(0, Math.min(corner.bottom - upper, height - lower)) };
}

/** The scale drawings are annotated at, in steps of a sixth of a doubling so that zooming does not redraw at every notch. */
export function annotationScale({ k }: Camera): number {
  return PIXELS_PER_PAPER_MM / 2 ** (Math.round(Math.log2(k) * 6) / 6);
}

/** A closed ring of places of the room as the path of an svg over its drawing. */
export const ringPath = (camera: Camera, ring: readonly Point[]): string =>
  ring
    .map((point, index) => {
      const { x, y } = toScreen(camera, point);
      return `${index === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`;
    })
    .join('') + 'Z';
