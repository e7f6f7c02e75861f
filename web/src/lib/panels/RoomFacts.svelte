<script lang="ts">
  import {
    formatArea,
    formatLengthWithUnit,
    formatVolume,
    roomOf,
    roomShape,
    roundingSteps,
    setRoom,
    usualStyle,
    zonesOf,
    type LengthUnit,
    type RoomChange,
  } from 'goodreach';
  import { useWorkspace } from '$session/context';
  import Length from '$ui/Length.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import { stepName, unitNames } from '$ui/unit-names';

  const { session } = useWorkspace();
  const room = $derived(roomOf(session.document));
  const shape = $derived(roomShape(session.document));
  const zones = $derived(zonesOf(session.document));

  function change(part: RoomChange): string {
    return session.run(setRoom, part) ? '' : session.message;
  }

  const lengths = [
    ['Ceiling', 'ceilingHeight', 1500, 6000],
    ['Tape trusted to', 'lengthUncertainty', 0.01, 100],
    ['Walls', 'wallThickness', 10, 1500],
    ['Counter', 'counterHeight', 500, 1500],
    ['Top', 'topThickness', 3, 150],
    ['Front overhang', 'frontOverhang', 0, 500],
    ['End overhang', 'endOverhang', 0, 500],
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
<label class="row">
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
{#if zones.length > 1}
  {#each zones as zone (zone.divider ?? 'room')}
    <div class="row">{zone.name} <output>{formatArea(zone.area, room.unit)}</output></div>
  {/each}
{/if}
<div class="row">Floor <output>{formatArea(shape.area, room.unit)}</output></div>
<div class="row">
  Perimeter <output><Length text={formatLengthWithUnit(shape.perimeter, session.style)} /></output>
</div>
<div class="row">Walls <output>{formatArea(shape.wallArea, room.unit)}</output></div>
<div class="row">Volume <output>{formatVolume(shape.volume, room.unit)}</output></div>

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
