<script lang="ts">
  import { idleWaivers, removeThings, ruleName, type Finding } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import FindingRow from './FindingRow.svelte';

  /** What was accepted, and what of it is not found any more. */
  let { findings, accepted }: { findings: readonly Finding[]; accepted: readonly Finding[] } = $props();
  const { session } = useWorkspace();
  /** As it was left, also where there was nothing in it meanwhile. */
  let isUnfolded = $state(false);
  const idle = $derived(idleWaivers(session.settled, findings));
</script>

{#if accepted.length + idle.length > 0}
  <details bind:open={isUnfolded}>
    <summary>Accepted ({accepted.length})</summary>
    <div role="list" aria-label="Accepted">
      {#each accepted as finding (finding.key)}<FindingRow {finding} />{/each}
    </div>
    {#if idle.length > 0}
      <h3>Accepted, not found any more</h3>
      <ul>
        {#each idle as { id, finding, reason } (id)}
          <li>
            <span>{ruleName(finding.split(' ', 1)[0]!)}: {reason}</span>
            <Button look="quiet" onclick={() => session.run(removeThings, [id])}>Forget</Button>
          </li>
        {/each}
      </ul>
    {/if}
  </details>
{/if}

<style>
  summary {
    padding: 0.3rem 0;
    color: var(--soft);
    cursor: pointer;
    font-size: 13px;
  }
  h3 {
    margin: 0.4rem 0.5rem;
    color: var(--soft);
    font-size: 12.5px;
    font-weight: 500;
  }
  ul {
    margin: 0;
    padding: 0;
    list-style: none;
  }
  li {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 0.5rem;
    padding-left: 0.5rem;
    font-size: 13px;
  }
</style>
