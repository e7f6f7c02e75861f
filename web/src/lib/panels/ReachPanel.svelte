<script lang="ts">
  import { checkReach, checkReachOpen, packs, roomOf, ruleName, sayFinding } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import VerdictMark from '$ui/VerdictMark.svelte';

  const { session, screen } = useWorkspace();
  const report = $derived((screen.doorsOpen ? checkReachOpen : checkReach)(session.settled));
  const pack = $derived(packs[roomOf(session.document).pack]);
</script>

<div class="panel">
  <h2>Reach checks</h2>
  <p class="help">{pack.name}: {pack.basis}. A planning aid, not a certificate of compliance.</p>
  <label class="open">
    <input type="checkbox" bind:checked={screen.doorsOpen} />
    With all doors and drawers open
  </label>
  {#each report.failed as { rule, reason } (rule)}
    <p class="failed" role="alert">The check “{ruleName(rule)}” could not run: {reason}</p>
  {/each}
  <ul>
    {#each report.findings as finding, index (index)}
      <li>
        <button
          class:shown={screen.finding === index}
          onclick={() => screen.showFinding(index, finding.ids[0])}
        >
          <VerdictMark verdict={finding.verdict} size={16} />
          <span>
            <strong>{ruleName(finding.rule)}</strong>
            {sayFinding(session.document, finding)}
          </span>
        </button>
      </li>
    {:else}
      <li class="help">Nothing to check yet. Set cabinets and openings; every check runs as you work.</li>
    {/each}
  </ul>
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
  button {
    display: grid;
    grid-template-columns: auto minmax(0, 1fr);
    gap: 0.55rem;
    width: 100%;
    padding: 0.45rem 0.5rem;
    border: 1px solid transparent;
    border-radius: 4px;
    background: none;
    cursor: pointer;
    text-align: left;
    font-size: 13px;
  }
  button :global(svg) {
    margin-top: 2px;
  }
  button:hover,
  .shown {
    border-color: var(--rule-strong);
    background: var(--sheet);
  }
  strong {
    display: block;
    font-weight: 500;
  }
</style>
