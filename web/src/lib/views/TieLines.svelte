<script lang="ts">
  import type { Point } from 'goodreach';

  /** The lines of live distances, each with a dot where it ends, pixels of the view. */
  let { lines }: { lines: readonly (readonly [Point, Point])[] } = $props();
</script>

<svg aria-hidden="true">
  {#each lines as [a, b], index (index)}
    <line x1={a.x} y1={a.y} x2={b.x} y2={b.y} />
    <circle cx={b.x} cy={b.y} r="2.5" />
  {/each}
</svg>

<style>
  svg {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    pointer-events: none;
  }
  line {
    stroke: var(--tide);
    stroke-width: 1.2;
  }
  circle {
    fill: var(--tide);
  }
</style>
