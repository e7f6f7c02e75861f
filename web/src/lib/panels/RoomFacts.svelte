<script lang="ts">
  import {
    itemBoxes,
    MOST_OVERHANG,
    recordsOf,
    renumberItems,
    roomOf,
    roundingSteps,
    setRoom,
    usualStyle,
    type LengthUnit,
    type RoomChange,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import AngleField from '$ui/AngleField.svelte';
  import Button from '$ui/Button.svelte';
  import ChoiceList from '$ui/ChoiceList.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import { stepName, unitNames } from '$ui/unit-names';
  import RoomFinishes from './RoomFinishes.svelte';
  import RoomMeasures from './RoomMeasures.svelte';

  const { session, screen } = useWorkspace();
  const room = $derived(roomOf(session.document));
  const sections = $derived(recordsOf(session.document, 'section'));

  function change(part: RoomChange): string {
    return session.run(setRoom, part) ? '' : session.message;
  }

  const lengths = [
    ['Ceiling', 'ceilingHeight', 1500, 6000],
    ['Tape trusted to', 'lengthUncertainty', 0.01, 100],
    ['Walls', 'wallThickness', 10, 1500],
    ['Counter', 'counterHeight', 500, 1500],
    ['Top', 'topThickness', 3, 150],
    ['Front overhang', 'frontOverhang', 0, MOST_OVERHANG],
    ['End overhang', 'endOverhang', 0, MOST_OVERHANG],
  ] as const;
</script>

<h2>{room.name}</h2>
<label class="row"
  >Name <input
    value={room.name}
    maxlength="80"
    onchange={(event) => change({ name: event.currentTarget.value })}
  /></label
>
<label class="row"
  >Number <input
    value={room.number ?? ''}
    maxlength="12"
    placeholder="none"
    onchange={(event) => change({ number: event.currentTarget.value })}
  /></label
>
<label class="row wide">
  Units
  <select value={room.unit} onchange={(event) => change(usualStyle(event.currentTarget.value as LengthUnit))}>
    {#each Object.entries(unitNames) as [id, words] (id)}<option value={id}>{words}</option>{/each}
  </select>
</label>
<label class="row">
  Rounding
  <select value={room.step} onchange={(event) => change({ step: Number(event.currentTarget.value) })}>
    {#each roundingSteps[room.unit] as step (step)}<option value={step}>{stepName(room.unit, step)}</option
      >{/each}
    {#if !roundingSteps[room.unit].includes(room.step)}<option value={room.step}
        >{stepName(room.unit, room.step)}</option
      >{/if}
  </select>
</label>
<RoomMeasures />
{#if itemBoxes(session.document).length > 0}
  <div>
    <Button title="Clockwise from the first face" onclick={() => session.run(renumberItems, {})}
      >Number the items anew</Button
    >
  </div>
{/if}
{#if sections.length > 0}
  <h3>Sections</h3>
  <ChoiceList things={sections} chosen={null} onchoose={(id) => screen.select(id)}>
    {#snippet children({ name })}Section {name}{/snippet}
  </ChoiceList>
{/if}

<RoomFinishes />
<h3>Standard sizes</h3>
{#each lengths as [label, key, least, most] (key)}
  <LengthField
    {label}
    value={room[key]}
    style={session.style}
    {least}
    {most}
    onset={(mm) => change({ [key]: mm })}
  />
{/each}
<label class="check">
  <input
    type="checkbox"
    checked={room.specials ?? false}
    onchange={(event) => change({ specials: event.currentTarget.checked })}
  />
  Special widths allowed
</label>
<AngleField
  label="Corners trusted to"
  value={room.cornerUncertainty}
  least={0.01}
  most={10}
  onset={(cornerUncertainty) => change({ cornerUncertainty })}
/>

<AngleField
  label="North, left of the top"
  value={room.north ?? 0}
  least={-180}
  most={180}
  onset={(north) => change({ north })}
/>

<style>
  .check {
    display: flex;
    gap: 0.5rem;
    align-items: center;
  }
</style>
