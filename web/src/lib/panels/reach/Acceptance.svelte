<script lang="ts">
  import { removeThings, waiveFinding, waiversOf, type Finding } from 'goodreach';
  import { nanoid } from 'nanoid';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import { sayDate } from '$ui/say-date';

  /** That a finding is accepted, and why; or the way to accept it. */
  let { finding }: { finding: Finding } = $props();
  const { session, personName } = useWorkspace();
  let reason = $state('');
  let asking = $state(false);
  let problem = $state('');
  const field = $props.id();

  function accept() {
    const { key, rule, also = [] } = finding;
    const keys = [rule, ...also].map((one) => one + key.slice(rule.length));
    const on = new Date().toISOString().slice(0, 10);
    const args = { id: `waiver-${nanoid(8)}`, findings: keys, reason, by: personName, on };
    if (session.run(waiveFinding, args)) asking = false;
    else problem = session.message;
  }
</script>

{#if finding.waiver}
  {@const { reason: said, by, on, isReopened } = finding.waiver}
  <p class="said">
    {#if isReopened}<strong>Accepted before it came to this.</strong>{/if}
    “{said}” {by}, {sayDate(on)}
  </p>
{/if}
{#if finding.waiver && !finding.waiver.isReopened}
  <div class="row">
    <Button look="quiet" onclick={() => session.run(removeThings, waiversOf(session.committed, finding))}
      >Take back</Button
    >
  </div>
{:else if asking}
  <form
    onsubmit={(event) => {
      event.preventDefault();
      accept();
    }}
  >
    <label for={field}>Why it is accepted; printed beside it</label>
    <textarea
      id={field}
      rows="2"
      maxlength="400"
      bind:value={reason}
      aria-invalid={problem !== ''}
      {@attach (node) => node.focus()}></textarea>
    {#if problem}<p class="problem" role="alert">{problem}</p>{/if}
    <div class="row">
      <Button look="quiet" onclick={() => (asking = false)}>Cancel</Button>
      <Button look="primary" type="submit">Accept</Button>
    </div>
  </form>
{:else}
  <div class="row"><Button look="quiet" onclick={() => (asking = true)}>Accept with a reason…</Button></div>
{/if}

<style>
  .said {
    padding: 0.35rem 0.8rem 0;
    font-size: 13px;
  }
  strong {
    display: block;
    color: var(--blocked);
    font-weight: 500;
  }
  form {
    display: grid;
    gap: 0.3rem;
    padding: 0.4rem 0.8rem;
  }
  label {
    color: var(--soft);
    font-size: 12.5px;
  }
  textarea {
    padding: 0.3rem 0.4rem;
    border: 1px solid var(--rule-strong);
    border-radius: 3px;
    background: var(--sheet);
    color: var(--text);
    font: inherit;
    font-size: 13px;
    resize: vertical;
  }
  .problem {
    color: var(--blocked);
    font-size: 12.5px;
  }
  .row {
    display: flex;
    justify-content: flex-end;
    gap: 0.4rem;
    padding: 0 0.4rem 0.4rem;
  }
</style>
