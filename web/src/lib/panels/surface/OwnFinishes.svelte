<script lang="ts">
  import { finishFrom, type FinishRecord } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import Dialog from '$ui/Dialog.svelte';
  import FinishForm from './FinishForm.svelte';
  import Swatch from './Swatch.svelte';
  import TileTable from './TileTable.svelte';

  /** The finishes of the studio's own: all of them, and the one that is made or changed. */
  let { onclose }: { onclose: () => void } = $props();
  const { studioFinishes } = useWorkspace();
  let chosen: FinishRecord | null = $state.raw(null);
  let note = $state('');

  function choose(record: FinishRecord | null) {
    [chosen, note] = [record, ''];
  }
</script>

<Dialog title="Finishes of the studio" wide="50rem" {onclose}>
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
  <TileTable
    onkept={(said) => {
      choose(null);
      note = said;
    }}
  />
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
</Dialog>

<style>
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
</style>
