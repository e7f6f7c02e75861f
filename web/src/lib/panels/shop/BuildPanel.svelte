<script lang="ts">
  import { kindName, madeItems, shopListIds } from 'goodreach';
  import { untrack } from 'svelte';
  import { useWorkspace } from '$lib/tools/context';
  import { buildChoice, buildLeaves, type BuiltRoom } from '$views/shop/build-choice.svelte';
  import ChoiceList from '$ui/ChoiceList.svelte';
  import Tabs from '$ui/Tabs.svelte';
  import SchedulesSection from '../draw/SchedulesSection.svelte';
  import ConstructionSection from './ConstructionSection.svelte';
  import CostSection from './CostSection.svelte';
  import NestSection from './NestSection.svelte';
  import ShopFiles from './ShopFiles.svelte';
  import TopsSection from './TopsSection.svelte';

  /** What the shop makes of the room: by cabinet, as lists, on sheets. */
  let { room }: { room: BuiltRoom } = $props();
  const choice = untrack(() => buildChoice(room));
  const { session, saving, screen } = useWorkspace();
  const made = $derived(madeItems(session.settled));
  const things = $derived(made.map((one) => ({ id: one.record.id, ...one })));
  const shown = $derived(things.find(({ id }) => id === screen.selected) ?? things[0]);
  const empty = $derived(made.filter((one) => one.empty.length > 0));
</script>

<div class="panel">
  <Tabs
    label="What is built"
    tabs={buildLeaves}
    chosen={choice.leaf}
    onchoose={(leaf) => (choice.leaf = leaf)}
  />
  {#if choice.leaf === 'parts'}
    <ChoiceList
      {things}
      chosen={shown?.id ?? null}
      onchoose={(id) => {
        screen.select(id);
        [choice.part, choice.row] = [null, 0];
      }}
      empty="Nothing of this room is made in the shop yet."
    >
      {#snippet children(one)}
        <span class="number">{one.number}</span>
        <span class="name">{one.record.name ?? kindName(one.record.type)}</span>
        <span class="code">{one.record.code}</span>
      {/snippet}
    </ChoiceList>
    {#each empty as one (one.number)}
      <p class="problem">
        {one.number}
        {one.record.code}: no drawer goes in behind {one.empty.length === 1
          ? 'a front'
          : `${one.empty.length} fronts`}. Make it deeper or wider, or give it doors.
      </p>
    {/each}
    {#if shown}
      <ConstructionSection item={shown.record} {choice} />
      <ShopFiles {choice} />
    {/if}
  {:else if choice.leaf === 'tops'}
    <TopsSection {choice} />
  {:else if choice.leaf === 'lists'}
    <SchedulesSection {choice} saved={saving.state === 'saved'} title="Lists" ids={shopListIds} book="shop" />
  {:else if choice.leaf === 'cost'}
    <CostSection {choice} saved={saving.state === 'saved'} />
  {:else}
    <NestSection {choice} />
  {/if}
</div>

<style>
  .panel {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    grid-auto-rows: max-content;
    align-content: start;
    gap: 0.6rem;
    height: 100%;
    padding: 0.8rem;
    overflow-y: auto;
  }
  .panel :global(h2) {
    font-size: 14px;
  }
  .panel :global(.row) {
    display: grid;
    grid-template-columns: 4.6rem minmax(0, 1fr);
    align-items: center;
    color: var(--soft);
  }
  .panel :global(select) {
    min-height: max(32px, var(--touch));
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    color: var(--text);
  }
  .panel :global(.exports) {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem;
  }
  .panel :global(.export) {
    display: grid;
    place-items: center;
    min-height: max(32px, var(--touch));
    padding: 0.35rem 0.8rem;
    border: 1px solid var(--rule-strong);
    border-radius: 4px;
    background: var(--sheet);
    color: inherit;
    font-weight: 500;
    text-decoration: none;
  }
  .number {
    min-width: 1.4rem;
    color: var(--tide);
    font-weight: 500;
    font-variant-numeric: tabular-nums;
  }
  .name {
    flex: 1;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  .code {
    color: var(--soft);
    font-size: 12px;
  }
  .problem {
    padding: 0.4rem 0.6rem;
    border-left: 3px solid var(--tight);
    background: var(--sheet);
    font-size: 12.5px;
  }
</style>
