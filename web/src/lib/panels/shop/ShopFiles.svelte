<script lang="ts">
  import { roomOf, usualPages } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import type { BuildChoice } from '$views/shop/build-choice.svelte';
  import Button from '$ui/Button.svelte';
  import RouterFields from './RouterFields.svelte';

  /** What the shop takes of the room’s cabinets: on paper, and for its machines. */
  let { choice }: { choice: BuildChoice } = $props();
  const { session, saving, roomId } = useWorkspace();
  const pages = $derived(usualPages(session.style.unit));
  const sheet = (show: string, page: string) => `/api/rooms/${roomId}/sheet.pdf?show=${show}&page=${page}`;
  const machines = $derived(choice.machines);
  const make = (format: 'dxf' | 'iso' | 'points') =>
    machines.files(
      { ask: 'parts', format, design: session.settled, machine: choice.router },
      `${choice.titles.job} ${roomOf(session.document).name} parts`,
      session.style,
    );
</script>

<h2>On paper</h2>
{#if saving.state === 'saved'}
  <div class="exports">
    <a class="export" href={sheet('cabinets', pages.drawing)} target="_blank">Cabinets</a>
    <a class="export" href={sheet('parts', pages.hand)} target="_blank">Every part</a>
    <a class="export" href={sheet('labels', pages.hand)} target="_blank">Labels</a>
    <a class="export" href={sheet('part-labels', pages.hand)} target="_blank">Labels of parts</a>
  </div>
{:else}
  <p class="help">As soon as the last edit is saved.</p>
{/if}
<h2>For machines</h2>
<div class="exports">
  <Button disabled={machines.busy} onclick={() => make('dxf')}>Drawings, DXF</Button>
  <Button disabled={machines.busy} onclick={() => make('iso')}>Router files</Button>
  <Button disabled={machines.busy} onclick={() => make('points')}>Every hole, CSV</Button>
</div>
{#if machines.problem}<p class="problem" role="alert">{machines.problem}</p>{/if}

<RouterFields {choice} />

<style>
  .help {
    color: var(--soft);
    font-size: 12.5px;
  }
</style>
