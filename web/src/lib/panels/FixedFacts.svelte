<script lang="ts">
  import { putFixed, removeThings, type FixedRecord } from 'goodreach';
  import { useWorkspace } from '$session/context';
  import Button from '$ui/Button.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import { fixedNames } from '$ui/thing-names';
  import FindingsAbout from './FindingsAbout.svelte';
  import PlacementFields from './PlacementFields.svelte';

  let { thing }: { thing: FixedRecord } = $props();
  const { session, screen } = useWorkspace();
  const standing = $derived(thing.type === 'partition' || thing.type === 'half-wall');
  const round = $derived(thing.type === 'round-column');

  function change(part: Partial<FixedRecord>): string {
    return session.run(putFixed, { ...thing, ...part }) ? '' : session.message;
  }

  function remove() {
    if (session.run(removeThings, [thing.id])) screen.select(null);
  }
</script>

<h2>{fixedNames[thing.type]}</h2>
<PlacementFields
  placement={thing.placement}
  width={thing.width}
  onchange={(placement) => change({ placement })}
/>
<LengthField
  label={round ? 'Diameter' : standing ? 'Thickness' : 'Width'}
  value={thing.width}
  style={session.style}
  least={1}
  onset={(width) => change(round ? { width, depth: width } : { width })}
/>
{#if !round}
  <LengthField
    label={standing ? 'Length' : 'Depth'}
    value={thing.depth}
    style={session.style}
    least={1}
    onset={(depth) => change({ depth })}
  />
{/if}
<LengthField
  label="Height"
  value={thing.height}
  style={session.style}
  least={1}
  most={6000}
  onset={(height) => change({ height })}
/>
<LengthField
  label="Above floor"
  value={thing.up}
  style={session.style}
  most={6000}
  onset={(up) => change({ up })}
/>
<FindingsAbout id={thing.id} />
<div><Button onclick={remove}>Remove</Button></div>
