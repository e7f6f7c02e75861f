<script lang="ts">
  import type { Snippet } from 'svelte';
  import Button from '$ui/Button.svelte';
  import type { BuildChoice } from './build-choice.svelte';

  /** What sheet is shown, on which machine, and the way to the others. */
  interface Props {
    choice: BuildChoice;
    title: string;
    said: string;
    count: number;
    children?: Snippet;
  }
  let { choice, title, said, count, children }: Props = $props();

  function turn(by: number) {
    choice.sheet = Math.max(0, Math.min(count - 1, choice.sheet + by));
    choice.cut = null;
  }
</script>

<header>
  <h2>{title}</h2>
  <p>{said}</p>
  <div class="ways">
    <Button disabled={choice.sheet === 0} onclick={() => turn(-1)}>Sheet before</Button>
    <Button disabled={choice.sheet >= count - 1} onclick={() => turn(1)}>Next sheet</Button>
    {@render children?.()}
  </div>
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
