<script lang="ts">
  import { placedOpenings, putOpening, removeThings, roomShape, type OpeningRecord } from 'goodreach';
  import { useWorkspace } from '$session/context';
  import Button from '$ui/Button.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import FindingsAbout from './FindingsAbout.svelte';

  let { opening }: { opening: OpeningRecord } = $props();
  const { session, screen } = useWorkspace();
  const placed = $derived(placedOpenings(session.document).find(({ record }) => record.id === opening.id));
  const faces = $derived(roomShape(session.document).faces);

  function change(part: Partial<OpeningRecord>): string {
    return session.run(putOpening, { ...opening, ...part }) ? '' : session.message;
  }

  /** Moves to another face, nearer to its corner where that face is too short for the distance. */
  function moveTo(faceId: string) {
    const length = faces.find(({ id }) => id === faceId)!.length;
    change({ face: faceId, distance: Math.max(0, Math.min(opening.distance, length - opening.width)) });
  }

  /** Keeps the place when the distance is measured from the other end. */
  function measureFrom(from: OpeningRecord['from']) {
    if (!placed) return;
    change({ from, distance: from === 'left' ? placed.left : placed.face.length - placed.right });
  }

  function remove() {
    if (session.run(removeThings, [opening.id])) screen.select(null);
  }
</script>

<h2>
  {placed?.name}
  {opening.type === 'window' ? 'Window' : opening.type === 'door' ? 'Door' : 'Cased opening'}
</h2>
<p class="about">Left and right as seen from inside, facing the wall.</p>
<label class="row">
  Face
  <select value={opening.face} onchange={(event) => moveTo(event.currentTarget.value)}>
    {#each faces as face (face.id)}<option value={face.id}>{face.letter}</option>{/each}
  </select>
</label>
<label class="row">
  Type
  <select
    value={opening.type}
    onchange={(event) => change({ type: event.currentTarget.value as OpeningRecord['type'] })}
  >
    <option value="door">Door</option>
    <option value="window">Window</option>
    <option value="cased">Cased opening</option>
  </select>
</label>
<label class="row">
  Measured from
  <select
    value={opening.from}
    onchange={(event) => measureFrom(event.currentTarget.value as OpeningRecord['from'])}
  >
    <option value="left">Left corner</option>
    <option value="right">Right corner</option>
  </select>
</label>
<LengthField
  label="Distance"
  value={opening.distance}
  style={session.style}
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
{#if opening.type === 'door'}
  <label class="row">
    Hinges
    <select
      value={opening.hinge}
      onchange={(event) => change({ hinge: event.currentTarget.value as OpeningRecord['hinge'] })}
    >
      <option value="left">Left</option>
      <option value="right">Right</option>
    </select>
  </label>
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
  <LengthField
    label="Leaf"
    value={opening.leaf}
    style={session.style}
    least={10}
    most={120}
    onset={(leaf) => change({ leaf })}
  />
{/if}
<FindingsAbout id={opening.id} />
<div><Button onclick={remove}>Remove</Button></div>
