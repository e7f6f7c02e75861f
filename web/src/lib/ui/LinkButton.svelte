<script lang="ts">
  import type { Snippet } from 'svelte';

  /** Something small that can be done, as words in a line. */
  let { onclick, label, children }: { onclick: () => void; label?: string; children: Snippet } = $props();
</script>

<button {onclick} aria-label={label}>{@render children()}</button>

<style>
  button {
    min-height: max(24px, var(--touch));
    padding: 0;
    border: 0;
    background: none;
    color: var(--clay-strong);
    cursor: pointer;
    font-size: 12.5px;
    text-decoration: underline;
    text-underline-offset: 2px;
  }
</style>
