<script lang="ts">
  import { LEAST_EYE, MOST_EYE, putStandpoint, removeThings, type StandpointRecord } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import TextField from '$ui/TextField.svelte';

  let { point }: { point: StandpointRecord } = $props();
  const { session, screen } = useWorkspace();

  function change(part: Partial<StandpointRecord>): string {
    return session.run(putStandpoint, { ...point, ...part }) ? '' : session.message;
  }
</script>

<h2>{point.name}</h2>
<p class="about">A place to stand and look from. Choose Stand below the plan to see it.</p>
<TextField label="Name" value={point.name} most={40} onset={(name) => change({ name })} />
<LengthField
  label="Eye height"
  value={point.eye}
  style={session.style}
  least={LEAST_EYE}
  most={MOST_EYE}
  onset={(eye) => change({ eye })}
/>
<div>
  <Button
    onclick={() => {
      if (session.run(removeThings, [point.id])) screen.select(null);
    }}>Remove</Button
  >
</div>
