<script lang="ts">
  import {
    findingGroupTitle,
    findingOrderNames,
    findingOrders,
    groupFindings,
    isWaived,
    ruleName,
    type Finding,
    type FindingOrder,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import Tabs from '$ui/Tabs.svelte';
  import AcceptedIdle from './reach/AcceptedIdle.svelte';
  import EaseAll from './reach/EaseAll.svelte';
  import DoorStudy from './reach/DoorStudy.svelte';
  import CheckedBy from './reach/CheckedBy.svelte';
  import RoomToMoveChoice from './reach/RoomToMoveChoice.svelte';
  import ReportLinks from './reach/ReportLinks.svelte';
  import FindingRow from './reach/FindingRow.svelte';

  const { session, findings } = useWorkspace();
  let order: FindingOrder = $state('place');
  const report = $derived(findings.report);
  const sorted = $derived.by(() => {
    const open: Finding[] = [];
    const accepted: Finding[] = [];
    const clear: Finding[] = [];
    for (const finding of report?.findings ?? [])
      (finding.verdict === 'clear' ? clear : isWaived(finding) ? accepted : open).push(finding);
    return { open, accepted, clear };
  });
  const groups = $derived(groupFindings(session.document, sorted.open, order));
</script>

<div class="panel">
  <h2>Reach checks</h2>
  <p class="help">A planning aid, not a certificate of compliance.</p>
  <CheckedBy />
  <RoomToMoveChoice />
  <DoorStudy />
  {#each report?.failed ?? [] as { rule, reason } (rule)}
    <p class="failed" role="alert">The check “{ruleName(rule)}” could not run: {reason}</p>
  {/each}
  {#if findings.news.length > 0}
    <p class="news">
      <span>{findings.news.length} new or worse</span>
      <Button onclick={() => findings.seen()}>Seen</Button>
    </p>
  {/if}
  {#if sorted.open.length > 0}
    <EaseAll />
    <Tabs
      label="Findings put together"
      tabs={findingOrders.map((id) => ({ id, name: findingOrderNames[id] }))}
      chosen={order}
      onchoose={(id) => (order = id)}
    />
    <div role="list" aria-label="Findings">
      {#each groups as { key, of, findings: own } (key)}
        <h3>{findingGroupTitle(of)} <span>{own.length}</span></h3>
        {#each own as finding (finding.key)}<FindingRow {finding} />{/each}
      {/each}
    </div>
  {:else if report}
    <p class="help">
      {sorted.clear.length > 0
        ? 'Everything that was checked is kept.'
        : 'Nothing to check yet. Set cabinets and openings; every check runs as you work.'}
    </p>
  {/if}
  {#if report}<ReportLinks />{/if}
  {#if report}<AcceptedIdle findings={report.findings} accepted={sorted.accepted} />{/if}
  {#if sorted.clear.length > 0}
    <details>
      <summary>Clear ({sorted.clear.length})</summary>
      <div role="list" aria-label="Clear">
        {#each sorted.clear as finding (finding.key)}<FindingRow {finding} />{/each}
      </div>
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
  h3 {
    display: flex;
    justify-content: space-between;
    margin: 0.55rem 0.5rem 0.1rem;
    color: var(--soft);
    font-size: 12.5px;
    font-weight: 500;
  }
  h3 span {
    font-weight: 400;
    font-variant-numeric: tabular-nums;
  }
  .news {
    display: flex;
    align-items: center;
    gap: 0.5rem;
  }
  .news {
    justify-content: space-between;
    padding-left: 0.5rem;
    border-left: 3px solid var(--tide);
    font-size: 13px;
    font-weight: 500;
  }
  .help {
    color: var(--soft);
    font-size: 12.5px;
  }
  .failed {
    color: var(--blocked);
    font-size: 13px;
  }
  [role='list'] {
    display: grid;
    gap: 0.15rem;
  }
  summary {
    padding: 0.3rem 0;
    color: var(--soft);
    cursor: pointer;
    font-size: 13px;
  }
</style>
