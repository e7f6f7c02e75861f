<script lang="ts">
  /** Outlines lit up over the drawing, as paths in pixels. */
  let { rings, colour }: { rings: readonly string[]; colour: 'clay' | 'tide' } = $props();
</script>

<svg aria-hidden="true" style="--lit: var(--{colour})">
  {#each rings as d, index (index)}<path {d} />{/each}
</svg>

<style>
  svg {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    pointer-events: none;
  }
  path {
    fill: color-mix(in srgb, var(--lit) 32%, transparent);
    stroke: var(--lit);
    stroke-width: 1.2;
  }
</style>
