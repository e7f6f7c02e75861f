<script lang="ts">
  import {
    patternNames,
    putZone,
    zonePatterns,
    zoneCell,
    refusalText,
    type ZonePatternType,
    type ZoneRecord,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import PatternEditor from './PatternEditor.svelte';
  import PatternPicture from './PatternPicture.svelte';

  /** Every pattern, laid with the tile in hand. */
  let { zone }: { zone: ZoneRecord } = $props();
  const { session } = useWorkspace();

  const choices = $derived(
    zonePatterns.map((type) => {
      const pattern = type === 'own' && zone.pattern.own ? { type, own: zone.pattern.own } : { type };
      const own = type === zone.pattern.type ? zone : { ...zone, pattern };
      const cell = zoneCell(own);
      return { type, own, problem: cell.ok ? '' : refusalText(cell.refusal, session.style) };
    }),
  );
  let drawing = $state(false);
  /** A pattern of one's own is drawn first. */
  function choose(type: ZonePatternType) {
    if (type === 'own') drawing = true;
    else {
      const { own } = zone.pattern;
      session.run(putZone, { ...zone, pattern: { type, ...(own && { own }) } });
    }
  }
</script>

<div class="patterns" role="group" aria-label="Pattern">
  {#each choices as { type, own, problem } (type)}
    <button
      aria-pressed={zone.pattern.type === type}
      disabled={problem !== ''}
      title={problem || patternNames[type]}
      onclick={() => choose(type)}
    >
      {#if !problem}<PatternPicture zone={own} size={76} />{/if}
      <span class="visually-hidden">{patternNames[type]}</span>
    </button>
  {/each}
</div>
{#if drawing}<PatternEditor {zone} onclose={() => (drawing = false)} />{/if}

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
