<script lang="ts">
  import { refusalText, svgMarks } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import type { SheetChoice } from './sheet-choice.svelte';

  let { choice }: { choice: SheetChoice } = $props();
  const { session } = useWorkspace();
  const drawn = $derived(choice.sheets);
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex (a scrolling view must be reachable by keyboard) -->
<div class="desk" tabindex="0" role="region" aria-label="Sheets">
  {#if drawn.ok}
    {#each drawn.value as { page, title, marks } (title)}
      <figure>
        <svg
          class="drawing"
          viewBox="0 {-page.height} {page.width} {page.height}"
          role="img"
          aria-label="{title}, {page.id}"
        >
          <!-- eslint-disable-next-line svelte/no-at-html-tags -- drawn by core, every text escaped -->
          {@html svgMarks(marks, 1)}
        </svg>
      </figure>
    {/each}
  {:else}
    <p>{refusalText(drawn.refusal, session.style)}</p>
  {/if}
</div>

<style>
  .desk {
    display: grid;
    place-content: safe center;
    gap: 1.2rem;
    height: 100%;
    padding: 1.4rem;
    overflow: auto;
    background: color-mix(in srgb, var(--chrome) 70%, var(--rule));
  }
  figure {
    --ink-drawing: #1d2625;
    --ink-measure: #17606b;
    --ink-faint: #b9af9c;
    --ink-poche: #6b7674;
    --ink-paper: #fff;
    --ink-top: #7a6a4b;
    --ink-item: #fff;
    --ink-water: #e8efed;
    width: min(calc(100cqw - 2.8rem), 62rem);
    margin: 0;
    background: #fff;
    box-shadow: var(--shadow);
  }
  svg {
    display: block;
    width: 100%;
  }
  p {
    max-width: 30rem;
  }
</style>
