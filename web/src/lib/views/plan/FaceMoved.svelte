<script lang="ts">
  import { formatLength } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import { toScreen, type Camera } from '../camera';

  /** How far a dragged face stands from where it was, beside the pointer. */
  let { by, onLine, camera }: { by: number; onLine: boolean; camera: Camera } = $props();
  const { session, screen } = useWorkspace();
  const text = $derived(
    `${by < 0 ? 'in' : 'out'} ${formatLength(Math.abs(by), session.style)}${onLine ? ', on the line' : ''}`,
  );
</script>

{#if screen.pointer}
  {@const at = toScreen(camera, screen.pointer)}
  <output class="moved" style="left: {at.x + 18}px; top: {at.y - 30}px">{text}</output>
{/if}

<style>
  output {
    position: absolute;
    padding: 0.1rem 0.45rem;
    border: 1px solid var(--clay);
    border-radius: 3px;
    background: var(--sheet);
    color: var(--tide);
    font-weight: 500;
    pointer-events: none;
    white-space: nowrap;
  }
</style>
