<script lang="ts">
  import { ease } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import { tryEase } from './try-ease';
  import { Easer } from '$session/easer.svelte';

  /** The changes that clear the most findings together: sought in a worker, shown in the room while pointed at, made in one edit. */
  const workspace = useWorkspace();
  const { session } = workspace;
  const easer = new Easer();
  /** What the answer is about: after any other edit it is void. */
  let asked: object | null = $state.raw(null);
  const plan = $derived(asked === session.committed ? easer.plan : null);

  $effect(() => () => easer.forget());
  $effect(() => {
    if (asked && asked !== session.committed) easer.forget();
  });

  function ask() {
    asked = session.committed;
    easer.ask(session.committed, null);
  }
  function make() {
    const steps = plan?.steps ?? [];
    tryEase(workspace, null);
    if (session.run(ease, { steps })) easer.forget();
  }
</script>

{#if easer.busy && asked === session.committed}
  <div class="card" role="status">
    <p>
      {#if easer.progress}Looked at {easer.progress.looked} of {easer.progress.open}.{:else}Looking…{/if}
      {#if plan && plan.texts.length > 0}So far {plan.texts.length} change{plan.texts.length === 1 ? '' : 's'}
        clear {plan.cured}.{/if}
    </p>
    <Button onclick={() => easer.stop()}>Stop</Button>
  </div>
{:else if easer.problem}
  <p class="problem" role="alert">{easer.problem}</p>
{:else if plan}
  <div class="card">
    {#if plan.texts.length === 0}
      <p>No change was found that clears any of them and breaks nothing.</p>
      <Button look="quiet" onclick={() => easer.forget()}>Close</Button>
    {:else}
      <p>
        <strong>{plan.texts.length} change{plan.texts.length === 1 ? '' : 's'} clear {plan.cured}</strong>,
        with every door and drawer opened too; {plan.left} remain{plan.left === 1 ? 's' : ''}.{#if plan.isCut}
          The search was ended before it had tried all.{/if}
      </p>
      <ul aria-label="What is changed">
        {#each plan.texts as text, index (index)}<li>{text}</li>{/each}
      </ul>
      <div
        class="row"
        role="group"
        aria-label="Ease all"
        onpointerenter={() => tryEase(workspace, plan.steps)}
        onpointerleave={() => tryEase(workspace, null)}
        onfocusin={() => tryEase(workspace, plan.steps)}
        onfocusout={() => tryEase(workspace, null)}
      >
        <Button look="quiet" onclick={() => easer.forget()}>Leave it</Button>
        <Button look="primary" onclick={make}>Make them</Button>
      </div>
    {/if}
  </div>
{:else}
  <Button onclick={ask}>Ease all…</Button>
{/if}

<style>
  .card {
    display: grid;
    gap: 0.4rem;
    padding: 0.6rem;
    border: 1px solid var(--rule-strong);
    border-radius: 4px;
    background: var(--sheet);
    font-size: 13px;
  }
  ul {
    display: grid;
    gap: 0.25rem;
    margin: 0;
    padding-left: 1.1rem;
  }
  .row {
    display: flex;
    justify-content: flex-end;
    gap: 0.4rem;
  }
  .problem {
    color: var(--blocked);
    font-size: 13px;
  }
</style>
