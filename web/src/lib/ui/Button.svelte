<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { HTMLButtonAttributes } from 'svelte/elements';

  interface Props extends HTMLButtonAttributes {
    children: Snippet;
    look?: 'plain' | 'primary' | 'quiet';
  }
  let { children, look = 'plain', type = 'button', ...rest }: Props = $props();
</script>

<button {type} class={look} {...rest}>{@render children()}</button>

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
  button:hover:not(:disabled) {
    border-color: var(--clay);
    color: var(--clay-strong);
  }
  button:disabled {
    cursor: default;
    opacity: 0.45;
  }
  .primary {
    border-color: var(--clay);
    background: var(--clay);
    color: var(--on-clay);
  }
  .primary:hover:not(:disabled) {
    background: var(--clay-strong);
    color: var(--on-clay);
  }
  .quiet {
    border-color: transparent;
    background: none;
  }
</style>
