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

/** As fitCamera, but under what stands in the upper left corner of the view, so far across and down, pixels, where the bounds would come under it. */
export function fitUnder(
  bounds: Bounds,
  width: number,
  height: number,
  margin: number,
  corner: { right: number; bottom: number },
): Camera {
  const camera = fitCamera(bounds, width, height, margin);
  const { x, y } = toScreen(camera, { x: bounds.left, y: bounds.top });
  if (x >= corner.right || y >= corner.bottom) return camera;
  const under = fitCamera(bounds, width, height - corner.bottom, margin);
  return { ...under, y: under.y + corner.bottom };
}

/** A camera, or where that shows the room itself at less than half the view, one that shows it so: what is written about a crowded room would push it out of sight. */
export function keptInSight(camera: Camera, room: Bounds, width: number, height: number): Camera {
  const { k, x, y } = fitCamera(room, width / 2, height / 2, 10);
  return camera.k >= k ? camera : { k, x: x + width / 4, y: y + height / 4 };
}

/** A camera that shows bounds lower, as far as there is room for it, where they come under what stands in the upper left corner. */
export function loweredUnder(
  camera: Camera,
  { left, bottom, top }: Bounds,
  height: number,
  corner: { right: number; bottom: number },
): Camera {
  const [upper, lower] = [toScreen(camera, { x: left, y: top }), toScreen(camera, { x: left, y: bottom })];
  if (upper.x >= corner.right || upper.y >= corner.bottom) return camera;
  return { ...camera, y: camera.y + Math.max(0, Math.min(corner.bottom - upper.y, height - lower.y)) };
}

/** The scale drawings are annotated at, in steps of a sixth of a doubling so that zooming does not redraw at every notch. */
export function annotationScale({ k }: Camera): number {
  return PIXELS_PER_PAPER_MM / 2 ** (Math.round(Math.log2(k) * 6) / 6);
}
