<script lang="ts">
  import { footprintOf, roomShape, type Placement, type Side } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import AngleField from '$ui/AngleField.svelte';
  import LengthField from '$ui/LengthField.svelte';

  /** Where something stands: against a face by a distance from one of its ends, or free by its place from the first corner. */
  interface Props {
    placement: Placement;
    width: number;
    onchange: (placement: Placement) => string;
  }
  let { placement, width, onchange }: Props = $props();
  const { session } = useWorkspace();
  const shape = $derived(roomShape(session.document));

  function stand(face: string) {
    const { origin, turn } = footprintOf(placement, width, 0, shape);
    if (face === '') onchange({ on: 'floor', x: origin.x, y: origin.y, turn });
    else if (placement.on === 'face') onchange({ ...placement, face });
    else onchange({ on: 'face', face, from: 'left', distance: 0, off: 0 });
  }

  /** Keeps the place when the distance is measured from the other end. */
  function measureFrom(from: Side) {
    if (placement.on !== 'face' || placement.from === from) return;
    const { length } = shape.byId.get(placement.face)!;
    onchange({ ...placement, from, distance: length - placement.distance - width });
  }
</script>

<label class="row">
  Stands
  <select
    value={placement.on === 'face' ? placement.face : ''}
    onchange={(event) => stand(event.currentTarget.value)}
  >
    {#each shape.faces as face (face.id)}<option value={face.id}>on face {face.letter}</option>{/each}
    <option value="">free</option>
  </select>
</label>
{#if placement.on === 'face'}
  <label class="row">
    Measured from
    <select value={placement.from} onchange={(event) => measureFrom(event.currentTarget.value as Side)}>
      <option value="left">Left corner</option>
      <option value="right">Right corner</option>
    </select>
  </label>
  <LengthField
    label="Distance"
    value={placement.distance}
    style={session.style}
    least={-30_000}
    onset={(distance) => onchange({ ...placement, distance })}
  />
  <LengthField
    label="Off the face"
    value={placement.off}
    style={session.style}
    least={-4000}
    onset={(off) => onchange({ ...placement, off })}
  />
{:else}
  <LengthField
    label="Across"
    value={placement.x}
    style={session.style}
    least={-30_000}
    hint="from corner"
    onset={(x) => onchange({ ...placement, x })}
  />
  <LengthField
    label="Down"
    value={-placement.y}
    style={session.style}
    least={-30_000}
    onset={(down) => onchange({ ...placement, y: -down })}
  />
  {#if width > 0}
    <AngleField label="Turned by" value={placement.turn} onset={(turn) => onchange({ ...placement, turn })} />
  {/if}
{/if}
