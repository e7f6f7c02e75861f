<script lang="ts">
  import { askServer } from '$lib/outcome';
  import { putUnderlay, recordsOf, roomShape } from 'goodreach';
  import { nanoid } from 'nanoid';
  import { useWorkspace } from '$lib/tools/context';
  import ChoiceList from '$ui/ChoiceList.svelte';
  import FileEntry from '$ui/FileEntry.svelte';
  import { pictureOf, Unreadable, type Picture } from '$lib/tools/picture-of';

  /** Lays pictures under the plan: uploads them, and lists those that lie there. */
  const { session, screen, roomId } = useWorkspace();
  const underlays = $derived(recordsOf(session.document, 'underlay'));
  let problem = $state('');
  let sending = $state(false);

  async function lay(file: File) {
    problem = '';
    sending = true;
    try {
      const picture = await pictureOf(file);
      const answer = await askServer(`/api/rooms/${roomId}/files`, {
        method: 'POST',
        headers: { 'x-file-name': encodeURIComponent(file.name), 'content-type': 'application/octet-stream' },
        body: picture.blob,
      });
      const body = (await answer.json()) as { id?: string; message?: string };
      if (answer.ok && body.id) set(body.id, file.name, picture);
      else problem = body.message ?? 'The picture could not be stored. Try again.';
    } catch (error) {
      problem =
        error instanceof Unreadable
          ? error.message
          : `${file.name} could not be read or sent. Choose a PNG, JPEG, SVG, PDF or DXF file, and try again.`;
    }
    sending = false;
  }

  /** As wide as the room until it is scaled, where it has no scale of its own; its top left corner over the room's first. */
  function set(file: string, name: string, { wide, high, mmPerPixel }: Picture) {
    const xs = roomShape(session.committed).outline.map(({ x }) => x);
    const id = `underlay-${nanoid(8)}`;
    const done = session.run(putUnderlay, {
      kind: 'underlay',
      id,
      file,
      name: name.slice(0, 120),
      pixelsWide: wide,
      pixelsHigh: high,
      x: Math.min(...xs),
      y: 0,
      turn: 0,
      mmPerPixel: mmPerPixel ?? (Math.max(...xs) - Math.min(...xs)) / wide,
      fade: 0.5,
      locked: false,
    });
    if (done) screen.select(id);
  }
</script>

<h3>Underlay</h3>
<FileEntry
  label={sending ? 'Sending the picture…' : 'Lay a picture under the plan'}
  accept=".png,.jpg,.jpeg,.svg,.pdf,.dxf"
  disabled={sending}
  onfile={lay}
/>
{#if problem}<p class="problem" role="alert">{problem}</p>{/if}
<ChoiceList things={underlays} chosen={screen.selected} onchoose={(id) => screen.select(id)}>
  {#snippet children({ name })}{name}{/snippet}
</ChoiceList>

<style>
  h3 {
    font-size: 13px;
  }
  .problem {
    color: var(--blocked);
    font-size: 13px;
  }
</style>
