<script lang="ts">
  import { boundsOf, splitZone, type ZoneRecord } from 'goodreach';
  import { nanoid } from 'nanoid';
  import { useWorkspace } from '$lib/tools/context';
  import { tileWork } from '$lib/tools/tile-work.svelte';
  import Button from '$ui/Button.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import SelectField from '$ui/SelectField.svelte';

  /** Splits a zone in two: by a line drawn across it, or by one so far from its left or its lower edge. */
  let { zone }: { zone: ZoneRecord } = $props();
  const workspace = useWorkspace();
  const { session } = workspace;
  const work = tileWork(workspace);

  let way: 'left' | 'bottom' = $state('left');
  const bounds = $derived(boundsOf(work.area?.taken.flat() ?? []));
  const most = $derived(way === 'left' ? bounds.right - bounds.left : bounds.top - bounds.bottom);
  let far = $state(600);

  function split() {
    const on = (along: number) =>
      way === 'left' ? { x: bounds.left + far, y: along } : { x: along, y: bounds.bottom + far };
    session.run(splitZone, { id: zone.id, through: [on(0), on(1000)], part: `zone-${nanoid(8)}` });
  }
</script>

<SelectField label="From" value={way} onchoose={(from) => (way = from as typeof way)}>
  <option value="left">Its left edge</option>
  <option value="bottom">Its lower edge</option>
</SelectField>
<LengthField
  label="So far"
  value={far}
  style={session.style}
  least={1}
  {most}
  onset={(mm) => void (far = mm)}
/>
<div>
  <Button onclick={split}>Split there</Button>
  <Button aria-pressed={work.draw.shape === 'split'} onclick={() => work.draw.begin('split')}
    >Draw the line</Button
  >
</div>

<style>
  div {
    display: flex;
    gap: 0.3rem;
  }
</style>
