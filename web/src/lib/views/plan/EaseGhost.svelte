<script lang="ts">
  import { findBox, formatLength, middleOf, type Point } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';

  /** Where what an ease moves stood before, and the way it goes. */
  let { scale }: { scale: number } = $props();
  const { session, findings } = useWorkspace();

  const ghosts = $derived(
    session.moving.flatMap((id) => {
      const [before, after] = [findBox(session.committed, id), findBox(session.document, id)];
      if (!before || !after) return [];
      const [from, to] = [middleOf(before), middleOf(after)];
      return [{ id, outline: before.footprint, from, to, far: Math.hypot(to.x - from.x, to.y - from.y) }];
    }),
  );
  const at = ({ x, y }: Point) => `${x} ${-y}`;
  const HEAD = 2;

  /** An arrow head where it ends, in the direction it goes. */
  function head(from: Point, to: Point, far: number): string {
    const [ux, uy] = [(to.x - from.x) / far, (to.y - from.y) / far];
    const size = Math.min(HEAD * scale, far / 2);
    const back = (side: number): Point => ({
      x: to.x - size * ux - side * 0.5 * size * uy,
      y: to.y - size * uy + side * 0.5 * size * ux,
    });
    return `M${at(back(1))}L${at(to)}L${at(back(-1))}Z`;
  }
</script>

{#if findings.trial}
  {#each ghosts as { id, outline, from, to, far } (id)}
    <path
      class="before"
      d="M{outline.map(at).join('L')}Z"
      stroke-width={0.3 * scale}
      stroke-dasharray="{scale} {0.8 * scale}"
    />
    {#if far > 1}
      <path class="way" d="M{at(from)}L{at(to)}" stroke-width={0.4 * scale} />
      <path class="head" d={head(from, to, far)} />
      <text x={to.x} y={-to.y + 5 * scale} font-size={3 * scale} stroke-width={scale}
        >{formatLength(far, session.style)}</text
      >
    {/if}
  {/each}
{/if}

<style>
  path {
    fill: none;
    pointer-events: none;
  }
  .before {
    stroke: var(--soft);
  }
  .way {
    stroke: var(--clay);
  }
  text {
    fill: var(--clay-strong);
    stroke: var(--paper);
    font-weight: 500;
    paint-order: stroke;
    pointer-events: none;
    text-anchor: middle;
  }
  .head {
    fill: var(--clay);
  }
</style>
