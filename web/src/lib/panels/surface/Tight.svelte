<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { Verdict } from 'goodreach';
  import VerdictMark from '$ui/VerdictMark.svelte';

  /** Something that is tight about a surface, or in its way, as a sentence. */
  let { verdict = 'tight', children }: { verdict?: Verdict; children: Snippet } = $props();
</script>

<p>
  <VerdictMark {verdict} size={14} />
  <span>{@render children()}</span>
</p>

<style>
  p {
    display: flex;
    gap: 0.35rem;
    margin-top: 0.25rem;
    font-size: 12.5px;
  }
</style>
