import { boundsMeet, boundsOf, widened, type Bounds, type Polygon } from './polygon';

/** Polygons in groups whose extents stay at least a distance apart, mm: what is made of one group says nothing of another. */
export function apart(polygons: readonly Polygon[], distance: number): Polygon[][] {
  let groups: { bounds: Bounds; together: Polygon[] }[] = [];
  for (const polygon of polygons) {
    let own = { bounds: boundsOf(polygon), together: [polygon] };
    const others: typeof groups = [];
    for (const group of groups)
      if (boundsMeet(widened(own.bounds, distance), group.bounds))
        own = {
          bounds: joined(own.bounds, group.bounds),
          together: [...group.together, ...own.together],
        };
      else others.push(group);
    groups = [...others, own];
  }
  return groups.map(({ together }) => together);
}

const joined = (a: Bounds, b: Bounds): Bounds => ({
  left: Math.min(a.left, b.left),
  right: Math.max(a.right, b.right),
  bottom: Math.min(a.bottom, b.bottom),
  top: Math.max(a.top, b.top),
});
