<script lang="ts">
  import { drawTop, topTargets, type Point } from 'goodreach';
  import { nanoid } from 'nanoid';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';

  /** Draws a top by itself on the plan, by its corners: a desk, a window board, a shelf, what goes on from another top. */
  const { session, screen, pick } = useWorkspace();
  const drawing = $derived(pick.now?.id === null ? pick.now : null);

  function draw() {
    screen.choose([]);
    const made = (outline: readonly Point[]) => {
      const id = `item-${nanoid(8)}`;
      if (session.run(drawTop, { id, outline })) screen.choose([id]);
    };
    pick.start(null, 'outline', made, (design) => [topTargets(design)]);
  }
</script>

{#if drawing}
  <p class="help" role="status">
    Click its corners on the plan, one after the other: they are drawn to walls and tops. Click the first
    again, or press Enter, to close it; Backspace takes one back.
  </p>
  <div class="buttons">
    <Button look="primary" disabled={drawing.places.length < 3} onclick={() => pick.close()}>Close it</Button>
    <Button onclick={() => pick.cancel()}>Stop drawing</Button>
  </div>
{:else}
  <div class="buttons"><Button onclick={draw}>Draw a top by itself</Button></div>
{/if}

<style>
  .help {
    color: var(--soft);
    font-size: 12.5px;
  }
  .buttons {
    display: flex;
    gap: 0.4rem;
  }
</style>
