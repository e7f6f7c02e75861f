<script lang="ts">
  import { labelOf } from '$session/edits';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import { save } from '$ui/save-file';

  const { session, saving } = useWorkspace();

  /** Each reason once, with what was put aside for it. */
  const reasons = $derived.by(() => {
    const byReason = new Map<string, string[]>();
    for (const edit of saving.aside) {
      const why = edit.why ?? '';
      byReason.set(why, [...(byReason.get(why) ?? []), labelOf(edit)]);
    }
    return [...byReason];
  });

  function keep(name: string, contents: unknown) {
    save(new Blob([JSON.stringify(contents)], { type: 'application/json' }), name);
  }
</script>

{#if saving.state === 'apart'}
  <div class="notice" role="alert">
    <p>{saving.message} Nothing is lost: keep your version as a file, then take the room as it is saved.</p>
    <Button onclick={() => keep('my-version.json', session.document)}>Keep my version</Button>
    <Button onclick={() => saving.takeSaved()}>Take the saved room</Button>
  </div>
{:else if saving.aside.length > 0}
  <div class="notice" role="alert">
    <p>
      {#each reasons as [why, labels] (why)}
        Not kept: <strong>{labels.map((label) => `“${label}”`).join(', ')}</strong>. {why}
      {/each}
      {saving.state === 'saved' ? 'Everything else is saved.' : 'Everything else stays.'}
    </p>
    <Button onclick={() => keep('put-aside.json', saving.aside)}>Keep as a file</Button>
    <Button onclick={() => saving.dropAside()}>All right</Button>
  </div>
{/if}

<style>
  .notice {
    display: flex;
    grid-area: notice;
    align-items: center;
    gap: 1rem;
    padding: 0.4rem 1rem;
    border-bottom: 2px solid var(--blocked);
    background: var(--sheet);
  }
  p {
    flex: 1;
    margin: 0;
  }
  strong {
    font-weight: 500;
  }
</style>
