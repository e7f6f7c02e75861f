<script lang="ts">
  import type { Snippet } from 'svelte';
  import { page } from './alive.svelte';
  import type { HTMLButtonAttributes } from 'svelte/elements';

  interface Props extends HTMLButtonAttributes {
    children: Snippet;
    look?: 'plain' | 'primary' | 'quiet';
  }
  let { children, look = 'plain', type = 'button', disabled = false, ...rest }: Props = $props();
  /** What only the page's scripts answer waits for them, looking as it will; a form is sent without any. */
  const waits = $derived(type === 'button' && !page.isAlive);
</script>

<button {type} class={[look, { off: disabled }]} disabled={disabled || waits} {...rest}
  >{@render children()}</button
>

<style>
  button {
    display: inline-flex;
    align-items: center;
    justify-content: center;
    gap: 0.4rem;
    min-height: max(32px, var(--touch));
    padding: 0.3rem 0.8rem;
    border: 1px solid var(--rule-strong);
    border-radius: 4px;
    background: var(--sheet);
    cursor: pointer;
    font-weight: 500;
  }
  button:hover:enabled {
    border-color: var(--clay);
    color: var(--clay-strong);
  }
  .off {
    cursor: default;
    opacity: 0.45;
  }
  .primary {
    border-color: var(--clay);
    background: var(--clay);
    color: var(--on-clay);
  }
  .primary:hover:enabled {
    background: var(--clay-strong);
    color: var(--on-clay);
  }
  .quiet {
    border-color: transparent;
    background: none;
  }
</style>
