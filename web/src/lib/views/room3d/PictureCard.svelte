<script lang="ts">
  import { useWorkspace } from '$lib/tools/context';
  import { save } from './save';
  import type { RoomStage } from './room-stage';

  /** A picture of the view at a size for print; with `file`, the room as one for other programs. */
  let { stage, file }: { stage: RoomStage; file: boolean } = $props();
  const { saving, roomId } = useWorkspace();

  const widths = [1_280, 1_920, 3_000, 4_000];
  let width = $state(1_920);
  let done: number | null = $state(null);
  let stopped = false;

  async function take() {
    stopped = false;
    done = 0;
    const picture = await stage.picture(width, (share) => {
      done = share;
      return !stopped;
    });
    done = null;
    if (!picture) return;
    save(picture, 'room.png');
  }
</script>

{#if done === null}
  <select aria-label="Width of the picture, pixels" bind:value={width}>
    {#each widths as one (one)}<option value={one}>{one} px</option>{/each}
  </select>
  <button onclick={take}>Picture</button>
  {#if file && saving.state === 'saved'}
    <a href="/api/rooms/{roomId}/room.glb" download title="The saved room in three dimensions, glTF in metres"
      >glTF</a
    >
  {/if}
{:else}
  <progress max="1" value={done} aria-label="The picture is being drawn"></progress>
  <button onclick={() => (stopped = true)}>Stop</button>
{/if}
