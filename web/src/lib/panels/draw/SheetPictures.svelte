<script lang="ts">
  import { save } from '$ui/save-file';
  import type { ShownSheet } from '$views/sheet/sheets.worker';

  /** One sheet as a file that other programs show. */
  let { sheets, name }: { sheets: readonly ShownSheet[]; name: string } = $props();
  let index = $state(0);
  const sheet = $derived(sheets[Math.min(index, sheets.length - 1)]);
  let problem = $state('');
  let busy = $state(false);

  async function give(ending: 'svg' | 'png') {
    if (!sheet) return;
    busy = true;
    problem = '';
    try {
      const { sheetPng, sheetSvg } = await import('$views/sheet/sheet-picture');
      const file = await (ending === 'svg' ? sheetSvg : sheetPng)(sheet);
      save(file, `${name} ${sheet.title}.${ending}`.replace(/[^\w .-]/g, ''));
    } catch (fault) {
      problem = `The picture could not be made: ${String(fault)}. Try a smaller page.`;
    }
    busy = false;
  }
</script>

{#if sheets.length > 1}
  <label class="row">
    Sheet
    <select bind:value={index}>
      {#each sheets as { title }, at (at)}<option value={at}>{at + 1}. {title}</option>{/each}
    </select>
  </label>
{/if}
<div class="exports">
  <button class="export" disabled={busy} onclick={() => give('svg')}>Sheet as SVG</button>
  <button class="export" disabled={busy} onclick={() => give('png')}>Sheet as PNG</button>
</div>
{#if problem}<p class="problem" role="alert">{problem}</p>{/if}
