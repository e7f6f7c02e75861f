<script lang="ts">
  import { formatArea, formatLengthWithUnit, formatVolume, roomOf, roomShape, zonesOf } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import Length from '$ui/Length.svelte';

  /** Area, perimeter, walls and volume of the room as it is shown, live while it changes. */
  const { session } = useWorkspace();
  const unit = $derived(roomOf(session.document).unit);
  const shape = $derived(roomShape(session.document));
  const zones = $derived(zonesOf(session.document));
</script>

{#if zones.length > 1}
  {#each zones as zone (zone.divider ?? 'room')}
    <div class="row">{zone.name} <output>{formatArea(zone.area, unit)}</output></div>
  {/each}
{/if}
<div class="row">Floor <output>{formatArea(shape.area, unit)}</output></div>
<div class="row">
  Perimeter <output><Length text={formatLengthWithUnit(shape.perimeter, session.style)} /></output>
</div>
<div class="row">Walls <output>{formatArea(shape.wallArea, unit)}</output></div>
<div class="row">Volume <output>{formatVolume(shape.volume, unit)}</output></div>
