<script lang="ts">
  import { formatArea, putDivider, removeThings, roomOf, zonesOf, type DividerRecord } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import FacePlaceFields from './FacePlaceFields.svelte';

  let { divider }: { divider: DividerRecord } = $props();
  const { session, screen } = useWorkspace();
  const zones = $derived(zonesOf(session.document));
  const unit = $derived(roomOf(session.document).unit);

  function change(part: Partial<DividerRecord>): string {
    return session.run(putDivider, { ...divider, ...part }) ? '' : session.message;
  }
</script>

<h2>Dividing line</h2>
<p class="about">Divides an open plan where there is no wall.</p>
<label class="row">
  Part’s name
  <input
    value={divider.name}
    maxlength="80"
    onchange={(event) => change({ name: event.currentTarget.value })}
  />
</label>
<FacePlaceFields place={divider.from} end="Start" onset={(from) => change({ from })} />
<FacePlaceFields place={divider.to} end="End" onset={(to) => change({ to })} />
{#each zones as zone (zone.divider ?? 'room')}
  <div class="row">{zone.name} <output>{formatArea(zone.area, unit)}</output></div>
{/each}
<div class="buttons">
  <Button onclick={() => change({ side: divider.side === 'left' ? 'right' : 'left' })}
    >Name the other side</Button
  >
  <Button
    onclick={() => {
      if (session.run(removeThings, [divider.id])) screen.select(null);
    }}>Remove</Button
  >
</div>

<style>
  .buttons {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem;
  }
</style>
