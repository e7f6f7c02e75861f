<script lang="ts">
  import { checkReach, checkReachOpen, ruleName } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import CheckedBy from './reach/CheckedBy.svelte';
  import FindingRow from './reach/FindingRow.svelte';

  const { session, screen } = useWorkspace();
  const report = $derived((screen.doorsOpen ? checkReachOpen : checkReach)(session.settled));
  const open = $derived(report.findings.filter(({ verdict }) => verdict !== 'clear'));
  const clear = $derived(report.findings.filter(({ verdict }) => verdict === 'clear'));
</script>

<div class="panel">
  <h2>Reach checks</h2>
  <p class="help">A planning aid, not a certificate of compliance.</p>
  <CheckedBy />
  <label class="open">
    <input type="checkbox" bind:checked={screen.doorsOpen} />
    With all doors and drawers open
  </label>
  {#each report.failed as { rule, reason } (rule)}
    <p class="failed" role="alert">The check “{ruleName(rule)}” could not run: {reason}</p>
  {/each}
  <ul aria-label="Findings">
    {#each open as finding (finding.key)}
      <FindingRow {finding} />
    {:else}
      <li class="help">
        {clear.length > 0
          ? 'Everything that was checked is kept.'
          : 'Nothing to check yet. Set cabinets and openings; every check runs as you work.'}
      </li>
    {/each}
  </ul>
  {#if clear.length > 0}
    <details>
      <summary>Clear ({clear.length})</summary>
      <ul aria-label="Clear">
        {#each clear as finding (finding.key)}<FindingRow {finding} />{/each}
      </ul>
    </details>
  {/if}
</div>

<style>
  .panel {
    display: grid;
    align-content: start;
    gap: 0.6rem;
    height: 100%;
    padding: 0.8rem;
    overflow-y: auto;
  }
  h2 {
    font-size: 14px;
  }
  .open {
    display: flex;
    align-items: center;
    gap: 0.5rem;
  }
  .help {
    color: var(--soft);
    font-size: 12.5px;
  }
  .failed {
    color: var(--blocked);
    font-size: 13px;
  }
  ul {
    display: grid;
    gap: 0.25rem;
    margin: 0;
    padding: 0;
    list-style: none;
  }
  summary {
    padding: 0.3rem 0;
    color: var(--soft);
    cursor: pointer;
    font-size: 13px;
  }
</style>
