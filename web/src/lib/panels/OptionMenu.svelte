<script lang="ts">
  import { useWorkspace } from '$lib/tools/context';
  import type { RoomOption } from '$session/room-option';
  import Later from '$ui/Later.svelte';
  import { parts } from './parts.svelte';

  /** The options of the room: which one this is; the others, and what can be done, where it is opened. */
  let { options }: { options: readonly RoomOption[] } = $props();
  const { roomId } = useWorkspace();
  const own = $derived(options.find(({ id }) => id === roomId));
  let open = $state(false);
  let menu: HTMLDivElement;
</script>

<svelte:window
  onpointerdown={(event) => {
    if (open && !menu.contains(event.target as Node)) open = false;
  }}
/>

<div class="options" bind:this={menu}>
  <button
    class="now"
    aria-expanded={open}
    aria-haspopup="true"
    onclick={() => (open = !open)}
    onkeydown={(event) => event.key === 'Escape' && (open = false)}
  >
    option {own?.option ?? 'A'}{#if options.length > 1 && own?.chosen}<span class="chosen">, chosen</span
      >{/if}
  </button>
  {#if open}
    <Later part={parts.options} props={{ options }} coming={null} />
  {/if}
</div>

<style>
  .options {
    position: relative;
    display: inline-block;
  }
  .now {
    min-height: max(28px, var(--touch));
    padding: 0 0.4rem;
    border: 1px solid transparent;
    border-radius: 3px;
    background: none;
    cursor: pointer;
  }
  .now:hover,
  .now[aria-expanded='true'] {
    border-color: var(--rule-strong);
    background: var(--sheet);
  }
  .chosen {
    color: var(--text);
  }
</style>
