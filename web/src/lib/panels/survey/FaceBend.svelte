<script lang="ts">
  import { bendFace, type Bend, type PlacedFace } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import More from '$ui/More.svelte';

  /** A face bent to an arc: by its depth, its radius or its length along the arc. */
  let { placed }: { placed: PlacedFace } = $props();
  const { session } = useWorkspace();
  const bent = $derived(placed.record.bend ?? 0);
  /** Which way it is to bend, while it does not yet. */
  let wanted: 'in' | 'out' = $state('out');
  let past = $state(false);
  const side = $derived(bent === 0 ? wanted : bent > 0 ? 'out' : 'in');
  const more = $derived(bent === 0 ? past : Math.abs(bent) > placed.chord / 2);

  function bend(change: Bend): string {
    return session.run(bendFace, { face: placed.id, bend: change }) ? '' : session.message;
  }

  function turn(to: 'in' | 'out') {
    wanted = to;
    if (bent !== 0) bend({ depth: Math.abs(bent), side: to });
  }

  function reach(to: boolean) {
    past = to;
    if (placed.arc) bend({ radius: placed.arc.radius, more: to, side });
  }
</script>

<More title="Bend to an arc" open={bent !== 0}>
  <label class="row">
    Bends
    <select value={side} onchange={(event) => turn(event.currentTarget.value as 'in' | 'out')}>
      <option value="out">Out of the room</option>
      <option value="in">Into the room</option>
    </select>
  </label>
  <LengthField
    label="Arc depth"
    value={bent === 0 ? null : Math.abs(bent)}
    style={session.style}
    placeholder="type, Enter"
    onset={(depth) => bend({ depth, side })}
  />
  <LengthField
    label="Radius"
    value={placed.arc?.radius ?? null}
    style={session.style}
    most={1_000_000}
    placeholder="type, Enter"
    onset={(radius) => bend({ radius, more, side })}
  />
  <label class="row">
    Of a circle
    <select value={more} onchange={(event) => reach(event.currentTarget.value === 'true')}>
      <option value={false}>Up to half</option>
      <option value={true}>More than half</option>
    </select>
  </label>
  <LengthField
    label="Along the arc"
    value={placed.arc ? placed.length : null}
    style={session.style}
    most={100_000}
    placeholder="type, Enter"
    onset={(along) => bend({ along, side })}
  />
  {#if bent !== 0}<Button onclick={() => bend({ depth: 0, side })}>Straighten</Button>{/if}
</More>
