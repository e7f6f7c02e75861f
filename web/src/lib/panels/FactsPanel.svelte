<script lang="ts">
  import type { ItemRecord } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import DividerFacts from './DividerFacts.svelte';
  import FaceFacts from './FaceFacts.svelte';
  import FixedFacts from './FixedFacts.svelte';
  import ItemFacts from './items/ItemFacts.svelte';
  import ItemsFacts from './items/ItemsFacts.svelte';
  import MeasurementFacts from './MeasurementFacts.svelte';
  import OpeningFacts from './OpeningFacts.svelte';
  import StandpointFacts from './StandpointFacts.svelte';
  import SectionFacts from './SectionFacts.svelte';
  import RoomFacts from './RoomFacts.svelte';
  import ServiceFacts from './ServiceFacts.svelte';
  import UnderlayFacts from './UnderlayFacts.svelte';

  const { session, screen } = useWorkspace();
  const record = $derived(session.document.records[screen.selected ?? '']);
  const items = $derived(
    screen.chosen.flatMap((id) => {
      const one = session.document.records[id];
      return one?.kind === 'item' ? [one] : [];
    }),
  );
</script>

<div class="facts">
  {#if items.length > 1}
    <ItemsFacts items={items as [ItemRecord, ...ItemRecord[]]} />
  {:else if record?.kind === 'item'}
    {#key record.id}<ItemFacts item={record} />{/key}
  {:else if record?.kind === 'opening'}
    {#key record.id}<OpeningFacts opening={record} />{/key}
  {:else if record?.kind === 'face'}
    {#key record.id}<FaceFacts face={record} />{/key}
  {:else if record?.kind === 'divider'}
    {#key record.id}<DividerFacts divider={record} />{/key}
  {:else if record?.kind === 'standpoint'}
    {#key record.id}<StandpointFacts point={record} />{/key}
  {:else if record?.kind === 'section'}
    {#key record.id}<SectionFacts section={record} />{/key}
  {:else if record?.kind === 'fixed'}
    {#key record.id}<FixedFacts thing={record} />{/key}
  {:else if record?.kind === 'service'}
    {#key record.id}<ServiceFacts service={record} />{/key}
  {:else if record?.kind === 'underlay'}
    {#key record.id}<UnderlayFacts underlay={record} />{/key}
  {:else if record?.kind === 'measurement'}
    {#key record.id}<MeasurementFacts measurement={record} />{/key}
  {:else}
    <RoomFacts />
  {/if}
  {#if session.message}<p class="problem" role="alert">{session.message}</p>{/if}
</div>

<style>
  .facts {
    display: grid;
    align-content: start;
    gap: 0.5rem;
    height: 100%;
    padding: 0.8rem;
    overflow-y: auto;
  }
  .facts :global(h2) {
    font-size: 16px;
  }
  .facts :global(h3) {
    margin-top: 0.5rem;
    padding-top: 0.6rem;
    border-top: 1px solid var(--rule);
    color: var(--soft);
    font-size: 13px;
  }
  .facts :global(.about) {
    color: var(--soft);
    font-size: 13px;
  }
  .facts :global(.row) {
    display: grid;
    grid-template-columns: 7.2rem minmax(0, 1fr);
    align-items: center;
    gap: 0.5rem;
    color: var(--soft);
  }
  /* What is chosen there would be cut off beside its name. */
  .facts :global(.row.wide) {
    grid-template-columns: minmax(0, 1fr);
    gap: 0.2rem;
  }
  .facts :global(.row select),
  .facts :global(.row input) {
    min-width: 0;
    min-height: max(30px, var(--touch));
    padding: 0.1rem 0.4rem;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    color: var(--text);
  }
  .facts :global(.row output) {
    color: var(--text);
    font-weight: 500;
  }
  .problem {
    position: sticky;
    bottom: 0;
    box-shadow: var(--shadow);
    padding: 0.4rem 0.6rem;
    border-left: 3px solid var(--blocked);
    background: var(--sheet);
    color: var(--blocked);
    font-size: 13px;
  }
</style>
