import { perDesign, type Design } from '../../document/design';
import { dot, inward, place, subtract, type Point } from '../../geometry/point';
import { forEachEdge, type Polygon } from '../../geometry/polygon';
import { ceilingAlong } from '../../survey/ceiling';
import { roomShape } from '../../survey/room-shape';
import type { PlacedSection } from '../../survey/sections';
import { wallRings } from '../../survey/wall-outline';
import { CLEAR, StraightView } from './view-frame';

/** The room beyond a section line, and how far the walls it cuts reach past its left end, mm. */
export function sectionFrame(design: Design, section: PlacedSection): SectionFrame {
  const known = frames(design);
  let frame = known.get(section.id);
  if (!frame) known.set(section.id, (frame = frameOfSection(design, section)));
  return frame;
}

const frames = perDesign(() => new Map<string, SectionFrame>());

function frameOfSection(design: Design, { left, u, n, length }: PlacedSection): SectionFrame {
  const { outline, ceiling, faces } = roomShape(design);
  const rings = wallRings(faces);
  const [before, after] = cutWallsAround(rings, left, u, length);
  const deep = -Math.min(...[...outline, ...rings.flat()].map((point) => dot(subtract(point, left), n)));
  const cut = Math.max(0, deep) + CLEAR;
  const end = place(left, u, length, n, 0);
  const above = ceilingAlong(ceiling, left, end).map(({ along, height }) => ({
    x: along + before,
    y: height,
  }));
  const shift = { along: before, out: cut };
  const view = { u, length: before + length + after, cut, above };
  return new SectionFrame([before, before + length], left, n, shift, view);
}

/** The frame of a section: the room between the walls that are cut lies from the first to the second of `inside`, mm along it. */
export class SectionFrame extends StraightView {
  constructor(
    readonly inside: readonly [number, number],
    ...straight: ConstructorParameters<typeof StraightView>
  ) {
    super(...straight);
  }
}

/** How thick the walls are along a line, before its start and after its end, mm. */
function cutWallsAround(rings: readonly Polygon[], left: Point, u: Point, length: number): [number, number] {
  const spans = rings.flatMap((ring) => crossingsOf(ring, left, u));
  const beyond = (end: number, way: 1 | -1) => {
    let reached = end;
    // Walls that meet in a corner are cut one after the other.
    for (let more = true; more;) {
      const next = spans.find(([from, to]) => {
        const [near, far] = way > 0 ? [from, to] : [to, from];
        return (near - reached) * way < CLEAR / 10 && (far - reached) * way > CLEAR / 10;
      });
      more = next !== undefined;
      if (next) reached = way > 0 ? next[1] : next[0];
    }
    return (reached - end) * way;
  };
  return [beyond(0, -1), beyond(length, 1)];
}

/** The stretches of a line that lie within a ring, by their distances along it from a place, mm. */
export function crossingsOf(ring: Polygon, from: Point, u: Point): [number, number][] {
  const n = inward(u);
  const places: number[] = [];
  forEachEdge(ring, (a, b) => {
    const [outA, outB] = [dot(subtract(a, from), n), dot(subtract(b, from), n)];
    if (outA > 0 === outB > 0) return;
    const share = outA / (outA - outB);
    places.push(dot(subtract(place(a, subtract(b, a), share, n, 0), from), u));
  });
  places.sort((a, b) => a - b);
  return Array.from({ length: Math.floor(places.length / 2) }, (_, i) => [
    places[2 * i]!,
    places[2 * i + 1]!,
  ]);
}
