<script lang="ts" generics="Id extends string">
  /** The ways something can be made, each a tiny drawing. */
  let {
    ways,
    now,
    onchoose,
  }: {
    ways: readonly { id: Id; name: string; d: string }[];
    /** None is pressed where each makes another. */
    now: Id | null;
    onchoose: (way: Id) => void;
  } = $props();
</script>

{#each ways as { id, name, d } (id)}
  <button aria-pressed={now === id} title={name} onclick={() => onchoose(id)}>
    <svg viewBox="0 0 24 24" aria-hidden="true"><path {d} /></svg>
    <span class="visually-hidden">{name}</span>
  </button>
{/each}

<style>
  button {
    width: 34px;
    height: 34px;
    padding: 4px;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    cursor: pointer;
  }
  button:hover {
    border-color: var(--tide);
  }
  button[aria-pressed='true'] {
    border-color: var(--clay);
    box-shadow: inset 0 -2px var(--clay);
  }
  path {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.9;
  }
</style>
