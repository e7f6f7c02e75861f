<script lang="ts">
  import { recordsOf } from 'goodreach';
  import { useWorkspace } from '$session/context';

  /** The pictures laid under the plan, and the places picked on one of them. */
  let { scale }: { scale: number } = $props();
  const { session, screen, roomId } = useWorkspace();
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
{#each screen.pick?.places ?? [] as { x, y }, index (index)}
  <path
    d="M{x - 2 * scale} {-y}H{x + 2 * scale}M{x} {-y - 2 * scale}V{-y + 2 * scale}"
    stroke-width={0.4 * scale}
  />
{/each}

<style>
  image {
    cursor: move;
  }
  path {
    fill: none;
    stroke: var(--clay);
  }
</style>
