<script lang="ts">
  /** An icon from its SVG file, `size` pixels wide; what it stands for is said beside it. */
  let { svg, size = 18 }: { svg: string; size?: number } = $props();
</script>

<!-- eslint-disable svelte/no-at-html-tags -- a file of the program's own -->
<span style:--size="{size}px" aria-hidden="true">{@html svg}</span>

<style>
  span {
    display: inline-grid;
    vertical-align: middle;
  }
  span > :global(svg) {
    width: var(--size);
    height: var(--size);
  }
</style>
