import { dot, length, subtract, type Point } from '../geometry/point';
import { TOUCH } from '../geometry/tolerance';
import { alongArc, fromCentre, type PlacedFace } from '../survey/placed-face';
import { wrapAngle } from '../units/angles';
import { joined, stretchesOfPath, stretchOfPolygon, type Strip } from './strip';

type Stretch = [number, number];

/** The floor along a face, from the face to some depth off it: which stretch of it, mm from the face's left end, things take up. */
export interface FaceBand {
  /** Of a convex polygon; null if it stays outside or only touches its edges. */
  ofPolygon(polygon: readonly Point[]): Stretch | null;
  /** Of a line: one stretch for every time it comes in. */
  ofPath(path: readonly Point[]): Stretch[];
}

/** The band of a face, as deep as asked, mm. */
export function faceBand(face: PlacedFace, depth: number): FaceBand {
  if (face.arc) {
    const reach = within(face, 0, depth);
    const touch = within(face, TOUCH, depth - TOUCH);
    const ofEdges = (edges: readonly Edge[]) => touch(edges) && reach(edges);
    return {
      ofPolygon: (polygon) => ofEdges(edgesOf(polygon, true)),
      ofPath: (path) => joined(edgesOf(path, false).map((edge) => ofEdges([edge]))),
    };
  }
  const strip: Strip = { origin: face.start, u: face.u, n: face.n, near: 0, far: depth };
  return {
    ofPolygon: (polygon) => stretchOfPolygon(strip, polygon),
    ofPath: (path) => stretchesOfPath(strip, path),
  };
}

type Edge = readonly [Point, Point];

function edgesOf(points: readonly Point[], closed: boolean): Edge[] {
  const edges = points.map((point, index): Edge => [point, points[(index + 1) % points.length]!]);
  return closed ? edges : edges.slice(0, -1);
}

/**
 * The stretch of a bent face that edges which follow one another take of the ring between two distances off it. Along a straight
 * edge the direction from the centre only ever turns one way, so the stretch ends where an edge ends or crosses the ring's two circles.
 */
function within(face: PlacedFace, near: number, far: number): (edges: readonly Edge[]) => Stretch | null {
  const { length: whole, arc } = face;
  const { centre, sweep } = arc!;
  const [a, b] = [fromCentre(arc!, near), fromCentre(arc!, far)].sort((p, q) => p - q) as Stretch;
  const [inner, outer] = [Math.max(0, a), b];
  return (edges) => {
    let stretch: Stretch | null = null;
    let angle = edges.length > 0 ? angleOf(subtract(edges[0]![0], centre)) : 0;
    // Counted on from edge to edge, so that nothing jumps where it passes behind the face's middle.
    let along = alongArc(face, angle);
    for (const edge of edges) {
      const [p, q] = [subtract(edge[0], centre), subtract(edge[1], centre)];
      const cuts = [...crossings(p, q, inner), ...crossings(p, q, outer), 1].sort((s, t) => s - t);
      let from = 0;
      for (const to of cuts) {
        const turned = wrapAngle(angleOf(between(p, q, to)) - angle);
        const next = along + (whole * turned) / sweep;
        const away = length(between(p, q, (from + to) / 2));
        if (away >= inner && away <= outer && to - from > 1e-12) {
          const taken: Stretch = stretch ?? [along, along];
          stretch = [Math.min(taken[0], along, next), Math.max(taken[1], along, next)];
        }
        [from, angle, along] = [to, angle + turned, next];
      }
    }
    return stretch;
  };
}

const angleOf = ({ x, y }: Point): number => Math.atan2(y, x);

const between = (a: Point, b: Point, t: number): Point => ({
  x: a.x + (b.x - a.x) * t,
  y: a.y + (b.y - a.y) * t,
});

/** The shares of the way from p to q at which it is a radius from the origin. */
function crossings(p: Point, q: Point, radius: number): number[] {
  const way = subtract(q, p);
  const [a, b, c] = [dot(way, way), dot(p, way), dot(p, p) - radius * radius];
  const root = b * b - a * c;
  if (root <= 0) return [];
  return [(-b - Math.sqrt(root)) / a, (-b + Math.sqrt(root)) / a].filter((t) => t > 0 && t < 1);
}
