<script lang="ts">
  import type { Finish } from 'goodreach';
  import Swatch from '../surface/Swatch.svelte';

  /** Tiles by their pictures, one of them chosen. */
  interface Props {
    label: string;
    tiles: readonly Finish[];
    chosen: string | undefined;
    onchoose: (name: string) => void;
  }
  let { label, tiles, chosen, onchoose }: Props = $props();
</script>

<div class="tiles" role="group" aria-label={label}>
  {#each tiles as one (one.name)}
    <button aria-pressed={one.name === chosen} title={one.name} onclick={() => onchoose(one.name)}>
      <Swatch finish={one} width={56} height={40} />
      <span>{one.name}</span>
    </button>
  {/each}
</div>

<style>
  .tiles {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(58px, 1fr));
    gap: 0.3rem;
  }
  button {
    display: grid;
    justify-items: center;
    padding: 2px 0 1px;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    cursor: pointer;
    font-size: 11.5px;
    overflow: hidden;
  }
  button[aria-pressed='true'] {
    border-color: var(--clay);
    box-shadow: 0 0 0 2px var(--clay);
  }
</style>
