<script lang="ts">
  import { baseDifference, findRange, formatLength, isCabinetRange, setRoom, type Range } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';

  /** The range looked into: the room's, or another, of which is said once how it differs. */
  interface Props {
    chosen: string;
    known: readonly Range[];
    /** The range looked into, where it is not the room's. */
    other: string | null;
    onlook: () => void;
  }
  let { chosen, known, other = $bindable(), onlook }: Props = $props();
  const { session, screen } = useWorkspace();
  const range = $derived(other ?? chosen);

  /** What is said once when another range than the room's is looked into. */
  const difference = $derived.by(() => {
    if (other === null || screen.toldRanges.includes(other)) return null;
    const [own, than] = [findRange(other, known), findRange(chosen, known)];
    if (!own || !than) return null;
    const by = baseDifference(own, than);
    const say = (mm: number, more: string, less: string) =>
      mm === 0 ? '' : `${formatLength(Math.abs(mm), session.style)} ${mm > 0 ? more : less}`;
    const parts = by ? [say(by.height, 'higher', 'lower'), say(by.depth, 'deeper', 'shallower')] : [];
    return { own, than, text: parts.filter(Boolean).join(' and ') };
  });

  function told() {
    if (other) screen.toldRanges = [...screen.toldRanges, other];
  }

  function lookInto(id: string) {
    other = id === chosen ? null : id;
    onlook();
  }

  function makeRoomRange() {
    if (other && session.run(setRoom, { range: other })) other = null;
  }
</script>

<label class="range">
  Range
  <select value={range} onchange={(event) => lookInto(event.currentTarget.value)}>
    {#each known.filter(isCabinetRange) as one (one.id)}
      <option value={one.id}
        >{one.name}, {one.construction}{one.id === chosen ? '' : ' (not the room’s)'}</option
      >
    {/each}
  </select>
</label>
{#if difference}
  <div class="told" role="status">
    <p>
      This room is of {difference.than.name}. {difference.own.name} bases stand
      {difference.text || 'as high and as deep'}{difference.text ? ' than its own' : ''}.
    </p>
    <Button onclick={told}>Understood</Button>
    <Button onclick={makeRoomRange}>Make it the room’s range</Button>
  </div>
{/if}

<style>
  .range {
    display: grid;
    grid-template-columns: auto minmax(0, 1fr);
    align-items: center;
    gap: 0.6rem;
    color: var(--soft);
  }
  .range,
  .told {
    margin: 0 0.8rem;
  }
  select {
    min-width: 0;
    min-height: max(32px, var(--touch));
    padding: 0.15rem 0.45rem;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    color: var(--text);
  }
  .told {
    display: flex;
    flex-wrap: wrap;
    gap: 0.35rem;
    margin: 0 0.8rem;
    padding: 0.5rem 0.6rem;
    border-left: 3px solid var(--tight-mark);
    background: var(--sheet);
    font-size: 13px;
  }
  .told :global(button) {
    min-height: max(28px, var(--touch));
    padding: 0.1rem 0.5rem;
    font-size: 13px;
  }
</style>
