<script lang="ts">
  import type { Range } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';

  /** The objects the studio keeps, each to be forgotten. */
  let { ontold }: { ontold: (note: string, problem: string) => void } = $props();
  const { shelf } = useWorkspace();

  async function forget({ id, name }: Range) {
    const problem = await shelf.forgetObject(id);
    ontold(problem ? '' : `${name} is forgotten. Rooms keep what they have of it.`, problem);
  }
</script>

{#if shelf.objects.length > 0}
  <h3>Kept by the studio</h3>
  <ul>
    {#each shelf.objects as object (object.id)}
      {@const { code } = object.families[0]!}
      <li>
        <span><b>{code}</b> {object.name}</span>
        <Button look="quiet" onclick={() => forget(object)}>Forget {code}</Button>
      </li>
    {/each}
  </ul>
{/if}

<style>
  h3 {
    margin: 1.2rem 0 0.3rem;
    color: var(--soft);
    font-size: 13px;
  }
  ul {
    display: grid;
    gap: 0.2rem;
    margin: 0;
    padding: 0;
    list-style: none;
  }
  li {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 0.5rem;
    border-bottom: 1px solid var(--rule);
    font-size: 13px;
  }
  b {
    color: var(--tide);
    font-weight: 500;
  }
</style>
