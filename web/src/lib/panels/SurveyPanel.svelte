<script lang="ts">
  import { useWorkspace } from '$lib/tools/context';
  import { surveyTabs } from '$session/screen.svelte';
  import Tabs from '$ui/Tabs.svelte';
  import ChecksTab from './survey/ChecksTab.svelte';
  import FacesTab from './survey/FacesTab.svelte';
  import OpeningsTab from './survey/OpeningsTab.svelte';
  import ThingsTab from './survey/ThingsTab.svelte';

  const { screen } = useWorkspace();
</script>

<div class="panel">
  <Tabs
    label="What to survey"
    tabs={surveyTabs}
    chosen={screen.surveyTab}
    onchoose={(tab) => (screen.surveyTab = tab)}
  />
  {#if screen.surveyTab === 'faces'}<FacesTab />
  {:else if screen.surveyTab === 'checks'}<ChecksTab />
  {:else if screen.surveyTab === 'openings'}<OpeningsTab />
  {:else}<ThingsTab />{/if}
</div>

<style>
  .panel {
    display: grid;
    align-content: start;
    gap: 0.6rem;
    height: 100%;
    padding: 0.4rem 0.8rem 0.8rem;
    overflow-y: auto;
  }
  .panel :global(.help) {
    color: var(--soft);
    font-size: 12.5px;
  }
</style>
