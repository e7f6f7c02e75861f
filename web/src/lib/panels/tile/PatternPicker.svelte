<script lang="ts">
  import {
    patternNames,
    putZone,
    tilePatterns,
    zoneCell,
    refusalText,
    type Finish,
    type TilePattern,
    type ZoneRecord,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import PatternPicture from './PatternPicture.svelte';

  /** Every pattern, laid with the tile in hand. */
  let { zone, finish }: { zone: ZoneRecord; finish: Finish | null } = $props();
  const { session } = useWorkspace();

  const choices = $derived(
    tilePatterns.map((type) => {
      const own = type === zone.pattern.type ? zone : { ...zone, pattern: { type } };
      const cell = zoneCell(own);
      return { type, own, problem: cell.ok ? '' : refusalText(cell.refusal, session.style) };
    }),
  );
  const choose = (type: TilePattern) => session.run(putZone, { ...zone, pattern: { type } });
</script>

<div class="patterns" role="group" aria-label="Pattern">
  {#each choices as { type, own, problem } (type)}
    <button
      aria-pressed={zone.pattern.type === type}
      disabled={problem !== ''}
      title={problem || patternNames[type]}
      onclick={() => choose(type)}
    >
      {#if !problem}<PatternPicture zone={own} {finish} size={76} />{/if}
      <span class="visually-hidden">{patternNames[type]}</span>
    </button>
  {/each}
</div>

<style>
  .patterns {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(76px, 1fr));
    gap: 0.3rem;
  }
  button {
    display: grid;
    place-content: center;
    min-height: 60px;
    padding: 0;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    cursor: pointer;
    overflow: hidden;
  }
  button:hover:not(:disabled) {
    border-color: var(--tide);
  }
  button:disabled {
    cursor: default;
    opacity: 0.4;
  }
  button[aria-pressed='true'] {
    border-color: var(--clay);
    box-shadow: 0 0 0 2px var(--clay);
  }
</style>
