<script lang="ts">
  import { surfaceLeaves } from '$session/screen.svelte';
  import { useWorkspace } from '$lib/tools/context';
  import Tabs from '$ui/Tabs.svelte';
  import Corrections from './Corrections.svelte';
  import FinishesLeaf from './FinishesLeaf.svelte';
  import PlinthsLeaf from './PlinthsLeaf.svelte';
  import TopsLeaf from './TopsLeaf.svelte';
  import TrimsLeaf from './TrimsLeaf.svelte';

  /** The surfaces of the room: how they are made all over, what each measures, and what was set by hand. */
  const { screen } = useWorkspace();
</script>

<div class="panel">
  <Tabs
    label="Surfaces"
    tabs={surfaceLeaves}
    chosen={screen.surfaceLeaf}
    onchoose={(leaf) => (screen.surfaceLeaf = leaf)}
  />
  {#if screen.surfaceLeaf === 'tops'}<TopsLeaf />{:else if screen.surfaceLeaf === 'plinths'}<PlinthsLeaf
    />{:else if screen.surfaceLeaf === 'trims'}<TrimsLeaf />{:else}<FinishesLeaf />{/if}
  {#if screen.surfaceLeaf !== 'finishes'}<Corrections />{/if}
</div>

<style>
  .panel {
    display: grid;
    align-content: start;
    gap: 0.7rem;
    height: 100%;
    padding: 0.8rem;
    overflow-y: auto;
  }
</style>
