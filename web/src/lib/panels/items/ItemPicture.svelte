<script lang="ts">
  import { drawItemSymbol, svgMarks, type ShelfItem } from 'goodreach';

  /** An item as the plan draws it, small: front down, all to one scale. */
  let { item }: { item: ShelfItem } = $props();
  const MM_PER_PIXEL = 18;
  /** What is wider than an entry of the shelf is drawn smaller. */
  const MOST_WIDE = 60;
  const scale = $derived(Math.max(MM_PER_PIXEL, item.width / MOST_WIDE));
  const marks = $derived(svgMarks(drawItemSymbol(item), 55));
  const size = $derived({ width: item.width / scale + 4, height: item.depth / scale + 5 });
  const viewBox = $derived(`-36 -36 ${item.width + 72} ${item.depth + 90}`);
</script>

<!-- eslint-disable svelte/no-at-html-tags -- drawn by core, every text escaped -->
<svg class="drawing" width={size.width} height={size.height} {viewBox} aria-hidden="true">{@html marks}</svg>

<style>
  svg {
    max-width: 100%;
    height: 46px;
    pointer-events: none;
  }
</style>
