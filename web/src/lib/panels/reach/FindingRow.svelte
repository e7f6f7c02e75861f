<script lang="ts">
  import { isAsking, ruleName, ruleSource, saidChecks, sayFinding, type Finding } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import LimitFields from './LimitFields.svelte';
  import Eases from './Eases.svelte';
  import Acceptance from './Acceptance.svelte';
  import VerdictMark from '$ui/VerdictMark.svelte';

  /** A finding as one sentence; chosen, it opens into what was measured, what is asked, and by whom. */
  let { finding }: { finding: Finding } = $props();
  const { session, screen, findings } = useWorkspace();
  const isShown = $derived(screen.finding === finding.key);
</script>

<div role="listitem" class="finding" class:shown={isShown}>
  <button aria-expanded={isShown} onclick={() => screen.showFinding(finding.key, finding.ids[0])}>
    <VerdictMark verdict={finding.verdict} size={16} />
    <span>
      <strong
        >{ruleName(finding.rule)}{#if findings.isNew(finding.key)}<em>new</em>{/if}</strong
      >
      {sayFinding(session.document, finding)}
    </span>
  </button>
  {#if isShown}
    <table>
      <thead><tr><th scope="col">Check</th><th scope="col">Measured</th><th scope="col">Asked</th></tr></thead
      >
      <tbody>
        {#each saidChecks(session.document, finding) as { name, measured, asked, usual, held }, index (index)}
          <tr class:broken={held === false}>
            <td>{name}</td>
            <td>{measured ?? 'not known'}</td>
            <td
              >{asked ?? ''}{#if usual}<small>usually {usual}</small>{/if}</td
            >
          </tr>
        {/each}
      </tbody>
    </table>
    {#each [finding.rule, ...(finding.also ?? [])] as rule (rule)}
      <p>{rule}: {ruleSource(rule)}</p>
    {/each}
    <LimitFields {finding} />
    {#if isAsking(finding)}<Eases {finding} />{/if}
    {#if finding.verdict !== 'clear'}<Acceptance {finding} />{/if}
  {/if}
</div>

<style>
  .finding {
    border: 1px solid transparent;
    border-radius: 4px;
  }
  button {
    display: grid;
    grid-template-columns: auto minmax(0, 1fr);
    gap: 0.55rem;
    width: 100%;
    padding: 0.45rem 0.5rem;
    border: 0;
    background: none;
    cursor: pointer;
    text-align: left;
    font-size: 13px;
  }
  button :global(svg) {
    margin-top: 2px;
  }
  .finding:hover,
  .shown {
    border-color: var(--rule-strong);
    background: var(--sheet);
  }
  strong {
    display: block;
    font-weight: 500;
  }
  em {
    float: right;
    padding: 0 0.35rem;
    border-radius: 3px;
    background: var(--tide);
    color: var(--sheet);
    font-size: 11.5px;
    font-style: normal;
  }
  table {
    width: calc(100% - 1rem);
    margin: 0 0.5rem;
    border-collapse: collapse;
    font-size: 12.5px;
    font-variant-numeric: tabular-nums;
  }
  th,
  td {
    padding: 0.25rem 0.3rem;
    border-top: 1px solid var(--rule);
    text-align: left;
    vertical-align: top;
  }
  th {
    border-top: 0;
    color: var(--soft);
    font-weight: 400;
  }
  th:not(:first-child),
  td:not(:first-child) {
    text-align: right;
  }
  small {
    display: block;
    color: var(--soft);
    font-size: 11.5px;
  }
  .broken td:nth-child(2) {
    font-weight: 500;
  }
  p {
    padding: 0.35rem 0.5rem 0.5rem 0.8rem;
    color: var(--soft);
    font-size: 12px;
  }
</style>
