<script lang="ts">
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import { itemActions } from '../../tools/item-actions';

  /** What is done with the chosen items as a whole. */
  const workspace = useWorkspace();
  const shown = ['double', 'copy', 'group', 'ungroup', 'lock', 'unlock', 'remove'];
  const actions = itemActions.filter(({ id }) => shown.includes(id));
</script>

<div class="actions">
  {#each actions as action (action.id)}
    {#if action.when(workspace)}
      <Button title={action.keys} onclick={() => action.run(workspace)}>{action.name}</Button>
    {/if}
  {/each}
</div>

<style>
  .actions {
    display: flex;
    flex-wrap: wrap;
    gap: 0.3rem;
  }
  .actions :global(button) {
    min-height: max(28px, var(--touch));
    padding: 0.1rem 0.55rem;
    font-size: 13px;
  }
</style>
