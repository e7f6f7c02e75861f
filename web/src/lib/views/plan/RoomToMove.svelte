<script lang="ts">
  import { boundsOf, formatLength, isKeptFree, middle, roomToTurn, walkedWays, type Point } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';

  /** The ways people walk with their narrowest width, the room to turn in, and the ground and counter that are to be kept free: as asked for. */
  let { scale }: { scale: number } = $props();
  const { session, screen, findings } = useWorkspace();

  const shows = $derived(screen.roomToMove);
  const ways = $derived(shows.ways ? walkedWays(session.settled) : []);
  const turning = $derived(shows.turning ? roomToTurn(session.settled) : null);
  const free = $derived(shows.free ? (findings.report?.findings.filter(isKeptFree) ?? []) : []);
  /** Several ways are narrowest at one place: its width is said once. */
  const narrow = $derived(
    ways.filter(
      ({ width, from, to }, index) =>
        width > 0 &&
        !ways.slice(0, index).some((other) => {
          const [a, b] = [middle(from, to), middle(other.from, other.to)];
          return Math.hypot(a.x - b.x, a.y - b.y) < 12 * scale;
        }),
    ),
  );
  const at = ({ x, y }: Point) => `${x} ${-y}`;
  const path = (line: readonly Point[]) => `M${line.map(at).join('L')}`;
  const say = (mm: number) => formatLength(mm, session.style);

  const circle = $derived.by(() => {
    if (!turning) return null;
    const { left, right, bottom, top } = boundsOf(turning.place);
    return { x: (left + right) / 2, y: -(bottom + top) / 2, text: say(turning.across) };
  });
</script>

{#each free as finding (finding.key)}
  <polygon
    class="free"
    points={finding.place.map(({ x, y }) => `${x},${-y}`).join(' ')}
    stroke-width={0.25 * scale}
  />
{/each}
{#if turning && circle}
  <path
    class="turning"
    d="{path(turning.place)}Z"
    stroke-width={0.35 * scale}
    stroke-dasharray="{1.6 * scale} {scale}"
  />
  <text x={circle.x} y={circle.y} font-size={3.2 * scale} stroke-width={scale}>{circle.text}</text>
{/if}
{#each ways as { ids, line } (ids.join(' '))}
  <path class="way" d={path(line)} stroke-width={1.6 * scale} />
{/each}
{#each narrow as { ids, from, to, width } (ids.join(' '))}
  {@const middleOf = middle(from, to)}
  <path class="narrow" d="M{at(from)}L{at(to)}" stroke-width={0.4 * scale} />
  <text x={middleOf.x} y={-middleOf.y} font-size={3.2 * scale} stroke-width={scale}>{say(width)}</text>
{/each}

<style>
  path,
  polygon {
    fill: none;
    pointer-events: none;
  }
  .way {
    stroke: color-mix(in srgb, var(--tide) 28%, transparent);
    stroke-linecap: round;
    stroke-linejoin: round;
  }
  .narrow {
    stroke: var(--tide);
  }
  .turning {
    stroke: var(--tide);
  }
  .free {
    fill: color-mix(in srgb, var(--tide) 9%, transparent);
    stroke: color-mix(in srgb, var(--tide) 45%, transparent);
  }
  text {
    fill: var(--tide);
    stroke: var(--paper);
    dominant-baseline: middle;
    font-weight: 500;
    paint-order: stroke;
    pointer-events: none;
    text-anchor: middle;
  }
</style>
