<script lang="ts">
  import { untrack, type Snippet } from 'svelte';

  /** What is not always needed: a line that opens to more fields. */
  let {
    title,
    open: opens = false,
    children,
  }: { title: string; open?: boolean; children: Snippet } = $props();
  // Whether it is open is the person’s from then on, whatever its title comes to say.
  let open = $state(untrack(() => opens));
</script>

<details bind:open>
  <summary>{title}</summary>
  {@render children()}
</details>

<style>
  details {
    display: grid;
    gap: 0.4rem;
  }
  summary {
    color: var(--tide);
    cursor: pointer;
  }
  details :global(.field),
  details :global(.row) {
    margin-top: 0.35rem;
  }
  details :global(button) {
    margin-top: 0.5rem;
  }
</style>
