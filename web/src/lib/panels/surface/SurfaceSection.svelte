<script lang="ts">
  import type { Snippet } from 'svelte';

  /** One surface of the room: its name, its main figure, and what else is measured of it. */
  interface Props {
    name: string;
    figure: string;
    rows?: readonly (readonly [string, string])[];
    /** Chooses what it belongs to, or what the hint says. */
    onchoose: () => void;
    hint?: string;
    /** Of one that opens: whether it is open. */
    opened?: boolean;
    children?: Snippet;
  }
  let {
    name,
    figure,
    rows = [],
    onchoose,
    hint = 'Choose what it belongs to',
    opened,
    children,
  }: Props = $props();
</script>

<section aria-label={name}>
  <h3>
    <button title={hint} aria-expanded={opened} onclick={onchoose}>{name}</button>
    <span>{figure}</span>
  </h3>
  <dl>
    {#each rows as [term, said] (term)}
      <div>
        <dt>{term}</dt>
        <dd>{said}</dd>
      </div>
    {/each}
  </dl>
  {@render children?.()}
</section>

<style>
  section {
    padding-top: 0.5rem;
    border-top: 1px solid var(--rule);
  }
  h3 {
    display: flex;
    align-items: baseline;
    justify-content: space-between;
    font-size: 13.5px;
  }
  h3 span {
    color: var(--tide);
    font-weight: 500;
  }
  h3 button {
    min-height: max(24px, var(--touch));
    padding: 0;
    border: 0;
    background: none;
    color: inherit;
    cursor: pointer;
    font-weight: 600;
  }
  h3 button[aria-expanded='true'] {
    color: var(--clay-strong);
  }
  h3 button:hover {
    text-decoration: underline;
  }
  dl {
    display: grid;
    gap: 0.1rem;
    margin: 0.2rem 0 0;
  }
  dl div {
    display: flex;
    justify-content: space-between;
    gap: 0.5rem;
  }
  dt {
    color: var(--soft);
    font-size: 12.5px;
  }
  dd {
    margin: 0;
    color: var(--tide);
    font-size: 12.5px;
  }
</style>
