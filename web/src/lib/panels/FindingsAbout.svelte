<script lang="ts">
  import { checkReach, sayFinding } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import VerdictMark from '$ui/VerdictMark.svelte';

  /** The findings that speak of one thing. */
  let { id }: { id: string } = $props();
  const { session } = useWorkspace();
  const findings = $derived(
    checkReach(session.settled).findings.filter(
      ({ ids, verdict }) => ids.includes(id) && verdict !== 'clear',
    ),
  );
</script>

{#if findings.length > 0}
  <h3>Findings</h3>
  <ul>
    {#each findings as finding (finding.key)}
      <li><VerdictMark verdict={finding.verdict} />{sayFinding(session.document, finding)}</li>
    {/each}
  </ul>
{/if}

<style>
  ul {
    display: grid;
    gap: 0.4rem;
    margin: 0;
    padding: 0;
    list-style: none;
  }
  li {
    display: grid;
    grid-template-columns: auto minmax(0, 1fr);
    gap: 0.5rem;
    font-size: 13px;
  }
  li :global(svg) {
    margin-top: 3px;
  }
</style>
