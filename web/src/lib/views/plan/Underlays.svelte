<script lang="ts">
  import { recordsOf } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';

  /** The pictures laid under the plan. */
  const { session, roomId } = useWorkspace();
  const underlays = $derived(recordsOf(session.document, 'underlay'));
</script>

{#each underlays as { id, file, x, y, turn, mmPerPixel, pixelsWide, pixelsHigh, fade, locked } (id)}
  <image
    data-source={locked ? undefined : id}
    href="/api/rooms/{roomId}/files/{file}"
    width={pixelsWide * mmPerPixel}
    height={pixelsHigh * mmPerPixel}
    preserveAspectRatio="none"
    opacity={1 - fade}
    transform="translate({x} {-y}) rotate({(-turn * 180) / Math.PI})"
  />
{/each}

<style>
  image {
    cursor: move;
  }
</style>
