<script lang="ts">
  import type { Snippet } from 'svelte';
  import Button from '$ui/Button.svelte';
  import StageHeader from './StageHeader.svelte';
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

<StageHeader {title} {said}>
  <Button disabled={choice.sheet === 0} onclick={() => turn(-1)}>Sheet before</Button>
  <Button disabled={choice.sheet >= count - 1} onclick={() => turn(1)}>Next sheet</Button>
  {@render children?.()}
</StageHeader>
