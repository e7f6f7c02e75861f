<script lang="ts">
  import { setRoom } from 'goodreach';
  import { askServer } from '$lib/outcome';
  import { useWorkspace } from '$lib/tools/context';
  import { save } from '$ui/save-file';
  import { asJpeg } from './as-jpeg';
  import { GraphicsLost } from './painter';
  import type { RoomStage } from './room-stage';
  import { Taking } from './taking.svelte';

  /** A picture of the view at a size for print; with `file`, the room as one for other programs. */
  let { stage, file }: { stage: RoomStage; file: boolean } = $props();
  const { session, saving, roomId } = useWorkspace();

  /** Pixels the picture on a cover is wide. */
  const COVER = 1_920;
  const widths = [1_280, 1_920, 3_000, 4_000];
  /** What is chosen in place of a width to put the picture on the cover of the set of drawings. */
  const FOR_COVER = 'cover';
  let width: number | typeof FOR_COVER = $state(1_920);
  const taking = new Taking();

  async function take(width: number) {
    try {
      const picture = await taking.start((told) => stage.picture(width, told));
      if (picture) save(picture, 'room.png');
    } catch (fault) {
      session.message =
        fault instanceof GraphicsLost
          ? fault.message
          : `This browser can’t write a picture ${width} pixels wide. Take a smaller one.`;
    }
  }

  /** Puts the view on the cover of the set: stored with the room, as it is seen now. */
  async function toCover() {
    try {
      const picture = await taking.start((told) => stage.picture(COVER, told));
      if (!picture) return;
      const answer = await askServer(`/api/rooms/${roomId}/files`, {
        method: 'POST',
        headers: { 'x-file-name': 'cover', 'content-type': 'application/octet-stream' },
        body: await asJpeg(picture),
      });
      const body = (await answer.json()) as { id?: string; message?: string };
      if (answer.ok && body.id) session.run(setRoom, { coverFile: body.id });
      else session.message = body.message ?? 'The picture could not be stored. Try again.';
    } catch (fault) {
      session.message =
        fault instanceof GraphicsLost
          ? fault.message
          : 'The picture could not be taken or sent. Try again when the server is back.';
    }
  }
</script>

{#if taking.done === null}
  <select aria-label="Width of the picture, pixels; or for the cover of the set" bind:value={width}>
    {#each widths as one (one)}<option value={one}>{one} px</option>{/each}
    <option value={FOR_COVER}>Cover</option>
  </select>
  <button onclick={() => (width === FOR_COVER ? toCover() : take(width))}>Picture</button>
  {#if file && saving.state === 'saved'}
    <a href="/api/rooms/{roomId}/room.glb" download title="The saved room in three dimensions, glTF in metres"
      >glTF</a
    >
  {/if}
{:else}
  <progress max="1" value={taking.done} aria-label="The picture is being drawn"></progress>
  <button onclick={() => taking.stop()}>Stop</button>
{/if}
