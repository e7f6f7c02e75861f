<script lang="ts">
  import { finishFrom, type FinishRecord } from 'goodreach';
  import { onMount } from 'svelte';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import FinishForm from './FinishForm.svelte';
  import Swatch from './Swatch.svelte';

  /** The finishes of the studio's own: all of them, and the one that is made or changed. */
  let { onclose }: { onclose: () => void } = $props();
  const { studioFinishes } = useWorkspace();
  let dialog: HTMLDialogElement;
  let chosen: FinishRecord | null = $state.raw(null);
  let note = $state('');
  onMount(() => dialog.showModal());

  function choose(record: FinishRecord | null) {
    [chosen, note] = [record, ''];
  }
</script>

<dialog bind:this={dialog} {onclose} aria-labelledby="own-finishes">
  <header>
    <h2 id="own-finishes">Finishes of the studio</h2>
    <Button look="quiet" onclick={() => dialog.close()}>Close</Button>
  </header>
  <ul>
    <li>
      <button aria-pressed={chosen === null} onclick={() => choose(null)}
        ><span class="new">+</span> New</button
      >
    </li>
    {#each studioFinishes.own as record (record.id)}
      <li>
        <button aria-pressed={chosen?.id === record.id} onclick={() => choose(record)}>
          <Swatch finish={finishFrom(record)} width={26} height={26} />
          <span><b>{record.code}</b> {record.name}</span>
        </button>
      </li>
    {/each}
  </ul>
  {#if note}<p class="note" role="status">{note}</p>{/if}
  {#key chosen}
    <FinishForm
      record={chosen}
      onkept={(record) => {
        choose(record);
        note = `${record.code} ${record.name} is kept. It is with the swatches of every room.`;
      }}
      onforgotten={() => {
        const name = chosen?.name;
        choose(null);
        note = `${name} is forgotten. Rooms keep what they have of it.`;
      }}
    />
  {/key}
</dialog>

<style>
  dialog {
    width: min(50rem, 96vw);
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
  }
  h2 {
    font-size: 1.1rem;
  }
  ul {
    display: flex;
    flex-wrap: wrap;
    gap: 0.3rem;
    margin: 0.4rem 0 1rem;
    padding: 0;
    list-style: none;
  }
  li button {
    display: flex;
    align-items: center;
    gap: 0.4rem;
    min-height: max(34px, var(--touch));
    padding: 0 0.5rem;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: none;
    color: var(--text);
    cursor: pointer;
    font-size: 13px;
  }
  li button[aria-pressed='true'] {
    border-color: var(--clay);
    box-shadow: inset 0 0 0 1px var(--clay);
  }
  .new,
  b {
    color: var(--tide);
    font-weight: 500;
  }
  .note {
    margin-bottom: 0.8rem;
    color: var(--clear);
  }
</style>
