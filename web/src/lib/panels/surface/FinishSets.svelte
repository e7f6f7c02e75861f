<script lang="ts" module>
  import { later } from '$ui/later';

  const compared = later(() => import('../../views/room3d/CompareFinishes.svelte'), { isAhead: false });
</script>

<script lang="ts">
  import { keepScheme, recordsOf, removeThings, useScheme, wearing } from 'goodreach';
  import { nanoid } from 'nanoid';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import Later from '$ui/Later.svelte';
  import LinkButton from '$ui/LinkButton.svelte';

  /** Sets of finishes of the whole room: kept under a name, used again, and held against each other. */
  const { session } = useWorkspace();
  const schemes = $derived(recordsOf(session.committed, 'scheme'));
  const isWorn = $derived(
    new Set(
      schemes.flatMap((scheme) =>
        wearing(session.committed, scheme) === session.committed ? scheme.id : [],
      ),
    ),
  );
  let name = $state('');
  let compares = $state(false);

  function keep(event: SubmitEvent) {
    event.preventDefault();
    if (session.run(keepScheme, { id: `scheme-${nanoid(8)}`, name })) name = '';
  }
</script>

<details aria-label="Sets of finishes">
  <summary>Sets of finishes{schemes.length > 0 ? `, ${schemes.length}` : ''}</summary>
  {#if schemes.length > 0}
    <ul>
      {#each schemes as scheme (scheme.id)}
        <li>
          <span>{scheme.name}</span>
          {#if isWorn.has(scheme.id)}<em>as it is</em>{:else}<LinkButton
              onclick={() => session.run(useScheme, { id: scheme.id })}>Use</LinkButton
            >{/if}
          <LinkButton label="Forget {scheme.name}" onclick={() => session.run(removeThings, [scheme.id])}
            >Forget</LinkButton
          >
        </li>
      {/each}
    </ul>
    <Button onclick={() => (compares = true)}>Compare in the room</Button>
  {:else}
    <p>Keep the room’s finishes as they are, change them, and hold both against each other.</p>
  {/if}
  <form onsubmit={keep}>
    <input aria-label="Name of the set" placeholder="Keep these as…" maxlength="60" bind:value={name} />
    <Button type="submit">Keep</Button>
  </form>
</details>
{#if compares}
  <Later part={compared} props={{ onclose: () => (compares = false) }} coming={null} />
{/if}

<style>
  details > :global(*) {
    margin-top: 0.45rem;
  }
  summary {
    margin: 0;
    color: var(--tide);
    cursor: pointer;
    font-size: 12.5px;
  }
  p {
    color: var(--soft);
    font-size: 12.5px;
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
    gap: 0.6rem;
    align-items: baseline;
    font-size: 13px;
  }
  li span {
    flex: 1;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  em {
    color: var(--soft);
    font-size: 12.5px;
  }
  form {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 0.3rem;
  }
  input {
    min-width: 0;
    min-height: max(30px, var(--touch));
    padding: 0.1rem 0.4rem;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    color: var(--text);
  }
</style>
