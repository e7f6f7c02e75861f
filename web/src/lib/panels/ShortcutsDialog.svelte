<script lang="ts">
  import { onMount } from 'svelte';
  import { shortcuts } from '$lib/tools/workspace-keys';
  import Button from '$ui/Button.svelte';

  let { onclose }: { onclose: () => void } = $props();
  let dialog: HTMLDialogElement;
  onMount(() => dialog.showModal());
</script>

<dialog bind:this={dialog} {onclose} aria-labelledby="shortcuts-title">
  <h2 id="shortcuts-title">Shortcuts</h2>
  <dl>
    {#each shortcuts as { keys, does } (keys)}
      <dt>{keys}</dt>
      <dd>{does}</dd>
    {/each}
  </dl>
  <Button onclick={() => dialog.close()}>Close</Button>
</dialog>

<style>
  dialog {
    width: min(32rem, 92vw);
    padding: 1.4rem;
    border: 1px solid var(--rule-strong);
    background: var(--sheet);
    color: var(--text);
  }
  dialog::backdrop {
    background: rgb(29 38 37 / 35%);
  }
  h2 {
    font-size: 1.1rem;
  }
  dl {
    display: grid;
    grid-template-columns: 9rem minmax(0, 1fr);
    gap: 0.35rem 1rem;
    margin: 1rem 0;
  }
  dt {
    color: var(--tide);
    font-weight: 500;
  }
  dd {
    margin: 0;
  }
</style>
