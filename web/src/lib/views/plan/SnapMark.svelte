<script lang="ts">
  import { boxOf, place, roomShape, type Point } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';

  /** What catches a dragged item: its back on the face or edge it hugs, the side that meets its neighbour, or the line it is centred on. */
  let { scale }: { scale: number } = $props();
  const { session, screen } = useWorkspace();

  const moving = $derived(screen.caught ? session.movingItem : null);

  const lines = $derived.by((): [Point, Point][] => {
    if (!moving || !screen.caught) return [];
    const shape = roomShape(session.document);
    const { origin, u, n, rectangle, record } = boxOf(moving, shape);
    const [backLeft, backRight, frontRight, frontLeft] = rectangle;
    const reach = 6 * scale;
    const { by, id } = screen.caught;
    const found: [Point, Point][] = [[place(backLeft, u, -reach, n, 0), place(backRight, u, reach, n, 0)]];
    if (by === 'centre') {
      const across = record.width / 2;
      found.push([place(origin, u, across, n, -reach), place(origin, u, across, n, record.depth + reach)]);
    }
    const other = session.document.records[id];
    if (other?.kind === 'item' && by !== 'face') {
      const near = boxOf(other, shape);
      const right = (near.origin.x - origin.x) * u.x + (near.origin.y - origin.y) * u.y > 0;
      const [from, to] = right ? [backRight, frontRight] : [backLeft, frontLeft];
      found.push([place(from, n, -reach, n, 0), place(to, n, reach, n, 0)]);
    }
    return found;
  });
</script>

{#each lines as [a, b], index (index)}
  <line
    x1={a.x}
    y1={-a.y}
    x2={b.x}
    y2={-b.y}
    stroke-width={0.35 * scale}
    stroke-dasharray="{2.2 * scale} {0.9 * scale}"
  />
{/each}

<style>
  line {
    stroke: var(--clay);
    pointer-events: none;
  }
</style>
