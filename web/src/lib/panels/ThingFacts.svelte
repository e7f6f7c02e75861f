<script lang="ts">
  import type { DesignRecord, ItemRecord } from 'goodreach';
  import DimensionFacts from './draw/DimensionFacts.svelte';
  import DividerFacts from './DividerFacts.svelte';
  import FaceFacts from './FaceFacts.svelte';
  import FixedFacts from './FixedFacts.svelte';
  import ItemFacts from './items/ItemFacts.svelte';
  import ItemsFacts from './items/ItemsFacts.svelte';
  import MeasurementFacts from './MeasurementFacts.svelte';
  import OpeningFacts from './OpeningFacts.svelte';
  import StandpointFacts from './StandpointFacts.svelte';
  import SectionFacts from './SectionFacts.svelte';
  import ServiceFacts from './ServiceFacts.svelte';
  import UnderlayFacts from './UnderlayFacts.svelte';
  import ZoneFacts from './tile/ZoneFacts.svelte';

  /** What is known of a chosen thing, or of several items. */
  let { record, items }: { record: DesignRecord; items: readonly ItemRecord[] } = $props();
</script>

{#if items.length > 1}
  <ItemsFacts items={items as [ItemRecord, ...ItemRecord[]]} />
{:else if record.kind === 'item'}
  {#key record.id}<ItemFacts item={record} />{/key}
{:else if record.kind === 'opening'}
  {#key record.id}<OpeningFacts opening={record} />{/key}
{:else if record.kind === 'face'}
  {#key record.id}<FaceFacts face={record} />{/key}
{:else if record.kind === 'dimension'}
  {#key record.id}<DimensionFacts dimension={record} />{/key}
{:else if record.kind === 'divider'}
  {#key record.id}<DividerFacts divider={record} />{/key}
{:else if record.kind === 'standpoint'}
  {#key record.id}<StandpointFacts point={record} />{/key}
{:else if record.kind === 'section'}
  {#key record.id}<SectionFacts section={record} />{/key}
{:else if record.kind === 'fixed'}
  {#key record.id}<FixedFacts thing={record} />{/key}
{:else if record.kind === 'service'}
  {#key record.id}<ServiceFacts service={record} />{/key}
{:else if record.kind === 'underlay'}
  {#key record.id}<UnderlayFacts underlay={record} />{/key}
{:else if record.kind === 'zone'}
  {#key record.id}<ZoneFacts zone={record} />{/key}
{:else if record.kind === 'measurement'}
  {#key record.id}<MeasurementFacts measurement={record} />{/key}
{/if}
