<script lang="ts">
  import { ease, type Finding } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import { Easer } from '$session/easer.svelte';
  import { tryEase } from './try-ease';
  import type { SaidEase } from '$session/ease.worker';

  /** The least changes that cure a finding: pointed at, each is shown in the room; pressed, it is made. */
  let { finding }: { finding: Finding } = $props();
  const workspace = useWorkspace();
  const { session } = workspace;
  const easer = new Easer();
  const key = $derived(finding.key);

  $effect(() => {
    easer.ask(session.committed, key);
    return () => {
      easer.forget();
      leave();
    };
  });

  let shown: SaidEase | null = null;
  function show(one: SaidEase) {
    shown = one;
    tryEase(workspace, one.steps);
  }
  function leave() {
    if (shown) tryEase(workspace, null);
    shown = null;
  }
  function make(one: SaidEase) {
    leave();
    session.run(ease, { steps: one.steps });
  }
</script>

<div class="eases">
  {#if easer.busy}
    <p role="status">Looking for the least change…</p>
  {:else if easer.problem}
    <p class="problem" role="alert">{easer.problem}</p>
  {:else if easer.eases?.length === 0}
    <p>No single change cures this and breaks nothing.</p>
  {:else}
    <ul aria-label="Eases">
      {#each easer.eases ?? [] as one, index (index)}
        <li>
          <button
            onpointerenter={() => show(one)}
            onpointerleave={leave}
            onfocus={() => show(one)}
            onblur={leave}
            onclick={() => make(one)}
            >{one.text}{#if one.cures.length > 1}<span>Clears {one.cures.length - 1} more.</span>{/if}</button
          >
        </li>
      {/each}
    </ul>
  {/if}
</div>

<style>
  .eases {
    margin: 0.2rem 0.5rem 0.3rem;
    padding-top: 0.3rem;
    border-top: 1px solid var(--rule);
  }
  p {
    padding: 0.2rem 0.3rem;
    color: var(--soft);
    font-size: 12.5px;
  }
  .problem {
    color: var(--blocked);
  }
  ul {
    margin: 0;
    padding: 0;
    list-style: none;
  }
  button {
    width: 100%;
    min-height: max(28px, var(--touch));
    padding: 0.3rem;
    border: 0;
    border-left: 2px solid var(--clay);
    background: none;
    color: var(--text);
    cursor: pointer;
    font-size: 13px;
    text-align: left;
  }
  li + li {
    margin-top: 0.2rem;
  }
  button:hover {
    background: var(--chrome);
    color: var(--clay-strong);
  }
  span {
    display: block;
    color: var(--soft);
    font-size: 12px;
  }
</style>
