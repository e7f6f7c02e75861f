<script lang="ts" generics="One extends { id: string }">
  import type { Snippet } from 'svelte';

  /** A list of things of which one is chosen; what each says is drawn by the caller. */
  interface Props {
    things: readonly One[];
    chosen: string | null;
    onchoose: (id: string) => void;
    children: Snippet<[One]>;
    /** What to do next while there is nothing to choose. */
    empty?: string;
  }
  let { things, chosen, onchoose, children, empty = '' }: Props = $props();
</script>

{#if things.length > 0}
  <ul>
    {#each things as one (one.id)}
      <li>
        <button class:chosen={chosen === one.id} onclick={() => onchoose(one.id)}
          >{@render children(one)}</button
        >
      </li>
    {/each}
  </ul>
{:else if empty}
  <p>{empty}</p>
{/if}

<style>
  ul {
    display: grid;
    gap: 0.2rem;
    margin: 0;
    padding: 0;
    list-style: none;
  }
  button {
    display: flex;
    align-items: center;
    gap: 0.4rem;
    width: 100%;
    min-height: max(30px, var(--touch));
    padding: 0.15rem 0.5rem;
    border: 1px solid transparent;
    border-radius: 3px;
    background: none;
    cursor: pointer;
    text-align: left;
  }
  button:hover,
  button.chosen {
    border-color: var(--clay);
    background: var(--sheet);
  }
  p {
    color: var(--soft);
    font-size: 12.5px;
  }
</style>
