<script lang="ts">
  import { fixedNames, type FixedRecord, putFixed, removeThings } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import FindingsAbout from './FindingsAbout.svelte';
  import LiningFacts from './LiningFacts.svelte';
  import OutlineFields from './OutlineFields.svelte';
  import PlacementFields from './PlacementFields.svelte';

  let { thing }: { thing: FixedRecord } = $props();
  const { session, screen } = useWorkspace();
  const standing = $derived(thing.type === 'partition' || thing.type === 'half-wall');
  const round = $derived(thing.type === 'round-column');
  /** What hangs from the ceiling keeps its top there when its underside moves. */
  const hanging = $derived(thing.type === 'soffit');

  function change(part: Partial<FixedRecord>): string {
    return session.run(putFixed, { ...thing, ...part }) ? '' : session.message;
  }

  function remove() {
    if (session.run(removeThings, [thing.id])) screen.select(null);
  }
</script>

<h2>{fixedNames[thing.type]}</h2>
{#if thing.type === 'lining'}<LiningFacts {thing} />{/if}
<PlacementFields
  placement={thing.placement}
  width={thing.width}
  onchange={(placement) => change({ placement })}
/>
{#if !thing.corners}
  <LengthField
    label={round ? 'Diameter' : standing ? 'Thickness' : 'Width'}
    value={thing.width}
    style={session.style}
    least={1}
    onset={(width) => change(round ? { width, depth: width } : { width })}
  />
{/if}
{#if !round && !thing.corners}
  <LengthField
    label={standing ? 'Length' : thing.type === 'lining' ? 'Thickness' : 'Depth'}
    value={thing.depth}
    style={session.style}
    least={1}
    onset={(depth) => change({ depth })}
  />
{/if}
<LengthField
  label={hanging ? 'Drop' : 'Height'}
  value={thing.height}
  style={session.style}
  least={1}
  most={6000}
  onset={(height) => change(hanging ? { height, up: thing.up + thing.height - height } : { height })}
/>
<LengthField
  label={hanging ? 'Underside' : 'Above floor'}
  value={thing.up}
  style={session.style}
  most={6000}
  onset={(up) => change(hanging ? { up, height: thing.up + thing.height - up } : { up })}
/>
{#if !round && !standing && thing.type !== 'lining'}{#key thing.id}<OutlineFields {thing} />{/key}{/if}
<FindingsAbout id={thing.id} />
<div><Button onclick={remove}>Remove</Button></div>
