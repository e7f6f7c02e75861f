<script lang="ts">
  import {
    actionNames,
    distanceFor,
    doorActions,
    fromNames,
    lineUpOpening,
    type MeasuredFrom,
    measuredFrom,
    type OpeningAction,
    openingNames,
    type OpeningRecord,
    type OpeningType,
    openingTypes,
    placedOpenings,
    putOpening,
    removeThings,
    roomShape,
    shapeOfOpening,
    spaceOpenings,
    toNames,
    usualOpening,
    windowActions,
  } from 'goodreach';
  import { nanoid } from 'nanoid';
  import { useWorkspace } from '$lib/tools/context';
  import AngleField from '$ui/AngleField.svelte';
  import Button from '$ui/Button.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import SelectField from '$ui/SelectField.svelte';
  import FindingsAbout from './FindingsAbout.svelte';

  let { opening }: { opening: OpeningRecord } = $props();
  const { session, screen, openingKinds } = useWorkspace();
  const openings = $derived(placedOpenings(session.document));
  const placed = $derived(openings.find(({ record }) => record.id === opening.id));
  const faces = $derived(roomShape(session.document).faces);
  const actions = $derived(
    opening.type === 'door' ? doorActions : opening.type === 'window' ? windowActions : [],
  );
  const turns = $derived(opening.type === 'door' && ['hinged', 'double', 'folding'].includes(opening.action));

  function noteGlass(value: string) {
    const { safetyGlass: _, ...rest } = opening;
    session.run(putOpening, { ...rest, ...(value && { safetyGlass: value === 'yes' }) });
  }

  function change(part: Partial<OpeningRecord>): string {
    return session.run(putOpening, { ...opening, ...part }) ? '' : session.message;
  }

  /** A door that becomes a window opens as windows do, and the other way round. */
  function changeType(type: OpeningType) {
    const known: readonly string[] = type === 'door' ? doorActions : windowActions;
    const { action } = usualOpening('', '', type, 0, session.style.unit);
    change({ type, action: known.includes(opening.action) ? opening.action : action });
  }

  /** Moves to another face, nearer to its corner where that face is too short for the distance. */
  function moveTo(faceId: string) {
    const { length } = faces.find(({ id }) => id === faceId)!;
    const from = opening.from === 'centre' ? 'left' : opening.from;
    const to = opening.from === 'centre' ? 'left' : opening.to;
    const distance = Math.max(0, Math.min(opening.distance, length - opening.width));
    change({ face: faceId, from, to, distance });
  }

  /** Keeps the place when the distance is measured otherwise. */
  function measure(part: Partial<Pick<OpeningRecord, 'from' | 'to'>>) {
    if (!placed) return;
    change({ ...part, distance: distanceFor({ ...opening, ...part }, placed.left, placed.face) });
  }

  /** From an end to the jamb nearer to it, from the centre to the centre line, until chosen otherwise. */
  const measureFrom = (from: MeasuredFrom) => measure({ from, to: from });

  function centre() {
    change({ from: 'centre', to: 'centre', distance: 0 });
  }

  /** The same again, beside it or on the next place free. */
  function another() {
    if (!placed) return;
    const id = `opening-${nanoid(8)}`;
    for (const face of [placed.face, ...faces]) {
      for (const left of [placed.right + 300, placed.left - opening.width - 300, 300]) {
        const copy = { ...opening, id, face: face.id, from: 'left', to: 'left', distance: left } as const;
        if (left < 0 || session.mayRun(putOpening, copy) !== '') continue;
        session.run(putOpening, copy);
        screen.select(id);
        return;
      }
    }
    session.message = 'No face has room for another like it.';
  }

  let kindName = $state('');
  let kept = $state('');

  /** Keeps what the opening is for other rooms and jobs of the studio. */
  async function keep(event: SubmitEvent) {
    event.preventDefault();
    const name = kindName.trim();
    if (name === '') return;
    const wrong = await openingKinds.keep(name, shapeOfOpening(opening));
    kept = wrong || `${name} is kept for every room of the studio: add it under Openings.`;
    if (!wrong) kindName = '';
  }

  function remove() {
    if (session.run(removeThings, [opening.id])) screen.select(null);
  }
</script>

<h2>{placed?.name} {openingNames[opening.type]}</h2>
<p class="about">Left and right as seen from inside, facing the wall.</p>
<label class="row">
  Face
  <select value={opening.face} onchange={(event) => moveTo(event.currentTarget.value)}>
    {#each faces as face (face.id)}<option value={face.id}>{face.letter}</option>{/each}
  </select>
</label>
<label class="row">
  Type
  <select value={opening.type} onchange={(event) => changeType(event.currentTarget.value as OpeningType)}>
    {#each openingTypes as type (type)}<option value={type}>{openingNames[type]}</option>{/each}
  </select>
</label>
{#if actions.length > 0}
  <label class="row">
    Opens as
    <select
      value={opening.action}
      onchange={(event) => change({ action: event.currentTarget.value as OpeningAction })}
    >
      {#each actions as action (action)}<option value={action}>{actionNames[action]}</option>{/each}
    </select>
  </label>
{/if}
<label class="row">
  Measured from
  <select value={opening.from} onchange={(event) => measureFrom(event.currentTarget.value as MeasuredFrom)}>
    {#each measuredFrom as from (from)}<option value={from}>{fromNames[from]}</option>{/each}
  </select>
</label>
<label class="row">
  To its
  <select value={opening.to} onchange={(event) => measure({ to: event.currentTarget.value as MeasuredFrom })}>
    {#each measuredFrom as to (to)}<option value={to}>{toNames[to]}</option>{/each}
  </select>
</label>
<LengthField
  label="Distance"
  name="opening-distance"
  value={opening.distance}
  style={session.style}
  least={opening.from === 'centre' ? -30_000 : 0}
  onset={(distance) => change({ distance })}
/>
<LengthField
  label="Width"
  value={opening.width}
  style={session.style}
  least={100}
  onset={(width) => change({ width })}
/>
<LengthField
  label="Height"
  value={opening.height}
  style={session.style}
  least={100}
  most={6000}
  onset={(height) => change({ height })}
/>
<LengthField
  label="Sill"
  value={opening.sill}
  style={session.style}
  most={6000}
  onset={(sill) => change({ sill })}
/>
<LengthField
  label="Head"
  value={opening.sill + opening.height}
  style={session.style}
  least={opening.sill + 100}
  most={6000}
  onset={(head) => change({ height: head - opening.sill })}
/>
{#if opening.type === 'niche'}
  <LengthField
    label="Depth"
    value={opening.depth}
    style={session.style}
    least={10}
    most={1500}
    onset={(depth) => change({ depth })}
  />
{/if}
{#if opening.type === 'window'}
  <SelectField
    label="Safety glass"
    value={opening.safetyGlass === undefined ? '' : opening.safetyGlass ? 'yes' : 'no'}
    onchoose={noteGlass}
  >
    <option value="">Not known</option>
    <option value="yes">Yes</option>
    <option value="no">No</option>
  </SelectField>
{/if}
{#if opening.type === 'door'}
  {#if opening.action !== 'sliding' && opening.action !== 'double'}
    <label class="row">
      {opening.action === 'pocket' ? 'Slides' : 'Hinges'}
      <select
        value={opening.hinge}
        onchange={(event) => change({ hinge: event.currentTarget.value as OpeningRecord['hinge'] })}
      >
        <option value="left">Left</option>
        <option value="right">Right</option>
      </select>
    </label>
  {/if}
  {#if turns}
    <label class="row">
      Swings
      <select
        value={opening.swing}
        onchange={(event) => change({ swing: event.currentTarget.value as OpeningRecord['swing'] })}
      >
        <option value="in">Into the room</option>
        <option value="out">Out of the room</option>
      </select>
    </label>
    <AngleField
      label="Opens to"
      value={opening.angle}
      least={15}
      most={180}
      onset={(angle) => change({ angle })}
    />
  {/if}
  <LengthField
    label="Leaf"
    value={opening.leaf}
    style={session.style}
    least={10}
    most={120}
    onset={(leaf) => change({ leaf })}
  />
{/if}
{#if opening.type !== 'niche'}
  <LengthField
    label="Casing"
    value={opening.casing}
    style={session.style}
    most={300}
    onset={(casing) => change({ casing })}
  />
{/if}

<h3>Place</h3>
<label class="row">
  Line up with
  <select
    value=""
    onchange={(event) => {
      if (event.currentTarget.value)
        session.run(lineUpOpening, { id: opening.id, with: event.currentTarget.value });
      event.currentTarget.value = '';
    }}
  >
    <option value="">choose</option>
    {#each openings.filter(({ record }) => record.id !== opening.id) as other (other.record.id)}
      <option value={other.record.id}>{other.name}</option>
    {/each}
  </select>
</label>
<div class="buttons">
  <Button onclick={centre}>Centre on face</Button>
  <Button onclick={() => session.run(spaceOpenings, { face: opening.face })}>Space equally</Button>
  <Button onclick={another}>Another like it</Button>
  <Button onclick={remove}>Remove</Button>
</div>
<form class="keep" onsubmit={keep}>
  <label for="{opening.id}-kind">Keep it as a kind</label>
  <input
    id="{opening.id}-kind"
    bind:value={kindName}
    maxlength="60"
    placeholder="Name, then Enter"
    autocomplete="off"
  />
</form>
{#if kept}<p class="about" role="status">{kept}</p>{/if}
<FindingsAbout id={opening.id} />

<style>
  .keep {
    display: grid;
    gap: 0.25rem;
    margin-top: 0.3rem;
  }
  .keep label {
    color: var(--soft);
  }
  .keep input {
    min-height: max(30px, var(--touch));
    padding: 0.15rem 0.45rem;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
  }
  .buttons {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem;
  }
</style>
