<script lang="ts">
  import { onMount, type Snippet } from 'svelte';
  import Button from './Button.svelte';

  /** What is done apart from the page, over it, until it is closed; with how it is told, what is wrong and what to know in it. */
  interface Props {
    title: string;
    /** As wide as this where there is room. */
    wide: string;
    onclose: () => void;
    children: Snippet;
  }
  let { title, wide, onclose, children }: Props = $props();

  const id = $props.id();
  let dialog: HTMLDialogElement;
  onMount(() => dialog.showModal());

  export function close(): void {
    dialog.close();
  }
</script>

<dialog bind:this={dialog} {onclose} aria-labelledby={id} style="--wide: {wide}">
  <header>
    <h2 {id}>{title}</h2>
    <Button look="quiet" onclick={close}>Close</Button>
  </header>
  {@render children()}
</dialog>

<style>
  dialog {
    width: min(var(--wide), 96vw);
    max-height: 92vh;
    /* It grows downwards: what is held stays under the pointer. */
    margin-top: 4vh;
    padding: 1rem 1.4rem 1.4rem;
    overflow-y: auto;
    border: 1px solid var(--rule-strong);
    background: var(--sheet);
    color: var(--text);
  }
  dialog::backdrop {
    background: rgb(29 38 37 / 35%);
  }
  header {
    display: flex;
    align-items: center;
    justify-content: space-between;
    margin-bottom: 0.5rem;
  }
  h2 {
    font-size: 1.1rem;
  }
  dialog :global(.note),
  dialog :global(.problem) {
    margin: 0.3rem 0;
    color: var(--clear);
    font-size: 13px;
  }
  dialog :global(.problem) {
    color: var(--blocked);
  }
  dialog :global(.help) {
    margin-top: 0.4rem;
    color: var(--soft);
    font-size: 12.5px;
  }
</style>
