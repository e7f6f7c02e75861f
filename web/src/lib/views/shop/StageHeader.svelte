<script lang="ts">
  import type { Snippet } from 'svelte';

  /** What is on the stage, what is told of it, and what can be done there. */
  let { title, said, children }: { title: string; said: string; children?: Snippet } = $props();
</script>

<header>
  <h2>{title}</h2>
  <p>{said}</p>
  {#if children}<div class="ways">{@render children()}</div>{/if}
</header>

<style>
  header {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0.2rem 0.8rem;
    padding: 0.7rem 1rem 0;
  }
  h2 {
    font-size: 16px;
  }
  p {
    color: var(--soft);
    font-size: 13px;
    font-variant-numeric: tabular-nums;
  }
  .ways {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem;
    margin-left: auto;
  }
</style>
