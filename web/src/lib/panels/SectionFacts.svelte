<script lang="ts">
  import { formatLength, placedSections, putSection, removeThings, type SectionRecord } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import TextField from '$ui/TextField.svelte';
  import FacePlaceFields from './FacePlaceFields.svelte';

  let { section }: { section: SectionRecord } = $props();
  const { session, screen } = useWorkspace();
  const placed = $derived(placedSections(session.document).find(({ id }) => id === section.id));

  function change(part: Partial<SectionRecord>): string {
    return session.run(putSection, { ...section, ...part }) ? '' : session.message;
  }
</script>

<h2>Section {section.name}</h2>
<p class="about">The room is cut along this line. Drag it in the plan, or put its ends where they belong.</p>
<TextField label="Name" value={section.name} most={4} onset={(name) => change({ name })} />
<FacePlaceFields place={section.from} end="Start" onset={(from) => change({ from })} />
<FacePlaceFields place={section.to} end="End" onset={(to) => change({ to })} />
{#if placed}
  <div class="row">Length <output>{formatLength(placed.length, session.style)}</output></div>
{:else}
  <p class="about">Its ends have come together, so nothing is cut. Put them apart.</p>
{/if}
<div class="buttons">
  <Button onclick={() => change({ side: section.side === 'left' ? 'right' : 'left' })}
    >Look the other way</Button
  >
  <Button
    onclick={() => {
      if (session.run(removeThings, [section.id])) screen.select(null);
    }}>Remove</Button
  >
</div>

<style>
  .buttons {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem;
  }
</style>
