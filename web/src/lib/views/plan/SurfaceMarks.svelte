<script lang="ts">
  import { useWorkspace } from '$lib/tools/context';
  import type { Camera } from '../camera';
  import FinishMarks from './FinishMarks.svelte';
  import PlinthEdges from './PlinthEdges.svelte';
  import TopEdges from './TopEdges.svelte';
  import TrimEdges from './TrimEdges.svelte';

  /** What the leaf of the Surface step that is open brings forward. */
  let { camera }: { camera: Camera } = $props();
  const { screen } = useWorkspace();
</script>

{#if screen.surfaceLeaf === 'tops'}<TopEdges
    {camera}
  />{:else if screen.surfaceLeaf === 'plinths'}<PlinthEdges
    {camera}
  />{:else if screen.surfaceLeaf === 'trims'}<TrimEdges {camera} />{:else}<FinishMarks {camera} />{/if}
