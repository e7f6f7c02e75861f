<script lang="ts">
  import { page } from '$ui/alive.svelte';

  /** What else can be done with something of a list, behind a button beside it. */
  interface Entry {
    label: string;
    /** A page it leads to, or what it does. */
    href?: string;
    run?: () => void;
  }
  let { of, entries }: { of: string; entries: readonly Entry[] } = $props();

  let open = $state(false);
  let place: HTMLDivElement;
  let button: HTMLButtonElement;

  function close() {
    open = false;
    button.focus();
  }
</script>

<svelte:window
  onpointerdown={(event) => {
    if (open && !place.contains(event.target as Node)) open = false;
  }}
/>

<!-- svelte-ignore a11y_no_static_element_interactions (Escape closes what a button within has opened) -->
<div class="more" bind:this={place} onkeydown={(event) => event.key === 'Escape' && open && close()}>
  <button
    bind:this={button}
    class="dots"
    disabled={!page.isAlive}
    aria-expanded={open}
    aria-haspopup="true"
    aria-label="More for {of}"
    title="More"
    onclick={() => (open = !open)}><span aria-hidden="true">⋯</span></button
  >
  {#if open}
    <div class="menu dropped" role="group" aria-label="More for {of}">
      {#each entries as { label, href, run } (label)}
        {#if href}<a {href}>{label}</a>
        {:else}<button
            onclick={() => {
              close();
              run?.();
            }}>{label}</button
          >{/if}
      {/each}
    </div>
  {/if}
</div>

<style>
  .more {
    position: relative;
  }
  .dots {
    min-width: max(30px, var(--touch));
    min-height: max(28px, var(--touch));
    border: 1px solid transparent;
    border-radius: 3px;
    background: none;
    color: var(--soft);
    cursor: pointer;
    font-size: 1.1rem;
    line-height: 1;
  }
  .dots:hover,
  .dots[aria-expanded='true'] {
    border-color: var(--rule-strong);
    background: var(--sheet);
    color: var(--text);
  }
  .menu {
    right: 0;
    min-width: 11rem;
  }
</style>
