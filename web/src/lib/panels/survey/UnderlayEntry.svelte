<script lang="ts">
  import { putUnderlay, recordsOf, roomShape } from 'goodreach';
  import { nanoid } from 'nanoid';
  import { useWorkspace } from '$session/context';
  import { pictureOf, Unreadable, type Picture } from '$lib/tools/picture-of';

  /** Lays pictures under the plan: uploads them, and lists those that lie there. */
  const { session, screen, roomId } = useWorkspace();
  const underlays = $derived(recordsOf(session.document, 'underlay'));
  let problem = $state('');
  let sending = $state(false);

  async function lay(event: Event & { currentTarget: HTMLInputElement }) {
    const [file] = event.currentTarget.files ?? [];
    event.currentTarget.value = '';
    if (!file) return;
    problem = '';
    sending = true;
    try {
      const picture = await pictureOf(file);
      const answer = await fetch(`/api/rooms/${roomId}/files`, {
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
<label class="file">
  {sending ? 'Sending the picture…' : 'Lay a picture under the plan'}
  <input type="file" accept=".png,.jpg,.jpeg,.svg,.pdf,.dxf" disabled={sending} onchange={lay} />
</label>
{#if problem}<p class="problem" role="alert">{problem}</p>{/if}
<ul>
  {#each underlays as { id, name } (id)}
    <li>
      <button class:selected={screen.selected === id} onclick={() => screen.select(id)}>{name}</button>
    </li>
  {/each}
</ul>

<style>
  h3 {
    font-size: 13px;
  }
  .file {
    position: relative;
    display: grid;
    place-items: center start;
    min-height: 30px;
    padding: 0.15rem 0.5rem;
    border: 1px dashed var(--rule-strong);
    border-radius: 3px;
    cursor: pointer;
  }
  .file:hover,
  .file:focus-within {
    border-color: var(--clay);
  }
  input {
    position: absolute;
    inset: 0;
    opacity: 0;
    cursor: pointer;
  }
  ul {
    display: grid;
    gap: 0.2rem;
    margin: 0;
    padding: 0;
    list-style: none;
  }
  li button {
    width: 100%;
    min-height: 30px;
    padding: 0.15rem 0.5rem;
    overflow: hidden;
    border: 1px solid transparent;
    border-radius: 3px;
    background: none;
    cursor: pointer;
    text-align: left;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  li button:hover,
  li button.selected {
    border-color: var(--clay);
    background: var(--sheet);
  }
  .problem {
    color: var(--blocked);
    font-size: 13px;
  }
</style>
