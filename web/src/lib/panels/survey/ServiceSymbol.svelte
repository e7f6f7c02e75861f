<script lang="ts">
  import { drawServiceSymbol, svgMarks, type ServiceType } from 'goodreach';

  let { type }: { type: ServiceType } = $props();
  const marks = $derived(svgMarks(drawServiceSymbol(type), 1));
</script>

<svg class="drawing" viewBox="-2.2 -2.2 4.4 4.4" aria-hidden="true">
  <!-- eslint-disable-next-line svelte/no-at-html-tags -- drawn by core, every text escaped -->
  {@html marks}
</svg>

<style>
  svg {
    flex: none;
    width: 20px;
    height: 20px;
  }
</style>
