<script lang="ts">
  import {
    formatArea,
    putDivider,
    removeThings,
    roomOf,
    roomShape,
    zonesOf,
    type DividerRecord,
    type FacePlace,
  } from 'goodreach';
  import { useWorkspace } from '$session/context';
  import Button from '$ui/Button.svelte';
  import LengthField from '$ui/LengthField.svelte';

  let { divider }: { divider: DividerRecord } = $props();
  const { session, screen } = useWorkspace();
  const faces = $derived(roomShape(session.document).faces);
  const zones = $derived(zonesOf(session.document));
  const unit = $derived(roomOf(session.document).unit);
  const ends = ['from', 'to'] as const;
  const endNames = { from: 'Starts on', to: 'Ends on' };

  function change(part: Partial<DividerRecord>): string {
    return session.run(putDivider, { ...divider, ...part }) ? '' : session.message;
  }

  /** Another face, nearer to its left end where it is too short for the distance. */
  function moveTo(end: 'from' | 'to', face: string) {
    const { length } = faces.find(({ id }) => id === face)!;
    const place: FacePlace = { face, from: 'left', distance: Math.min(divider[end].distance, length) };
    change({ [end]: place });
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
{#each ends as end (end)}
  <label class="row">
    {endNames[end]}
    <select value={divider[end].face} onchange={(event) => moveTo(end, event.currentTarget.value)}>
      {#each faces as face (face.id)}<option value={face.id}>face {face.letter}</option>{/each}
    </select>
  </label>
  <LengthField
    label={end === 'from' ? 'Start, from left' : 'End, from left'}
    value={divider[end].from === 'left'
      ? divider[end].distance
      : faces.find(({ id }) => id === divider[end].face)!.length - divider[end].distance}
    style={session.style}
    onset={(distance) => change({ [end]: { face: divider[end].face, from: 'left', distance } })}
  />
{/each}
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
