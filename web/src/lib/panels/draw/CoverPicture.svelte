<script lang="ts">
  import { roomOf, setRoom } from 'goodreach';
  import { untrack } from 'svelte';
  import { useWorkspace } from '$lib/tools/context';
  import { base64 } from '$lib/tools/base64';
  import Button from '$ui/Button.svelte';
  import type { SheetChoice } from '$views/sheet/sheet-choice.svelte';

  /** The picture on the cover of the set: fetched for the sheets on the desk, and taken off again. */
  let { choice }: { choice: SheetChoice } = $props();
  const { session, roomId } = useWorkspace();
  const file = $derived(roomOf(session.document).coverFile);
  let problem = $state('');

  $effect(() => {
    if (file && untrack(() => choice.cover?.file) !== file) void load(file);
  });
  async function load(wanted: string) {
    const answer = await fetch(`/api/rooms/${roomId}/files/${wanted}`).catch(() => null);
    if (answer?.ok && answer.headers.get('content-type') === 'image/jpeg') {
      const data = base64(new Uint8Array(await answer.arrayBuffer()));
      choice.cover = { file: wanted, picture: { type: 'image/jpeg', data } };
      problem = '';
    } else
      problem = 'The picture of the cover is not there: it shows the plan. Take another in Model or Stand.';
  }
</script>

{#if file && (choice.subject === 'set' || problem)}
  <p class="help">{problem || 'The cover shows the picture that was taken for it.'}</p>
  <Button onclick={() => session.run(setRoom, { coverFile: undefined })}>Show the plan on the cover</Button>
{/if}
