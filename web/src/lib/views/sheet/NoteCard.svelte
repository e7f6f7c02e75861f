<script lang="ts">
  import type { DimensionDraw } from '$lib/tools/dimension-draw.svelte';
  import Button from '$ui/Button.svelte';

  /** The words of a note that is being put on paper. */
  let { draw, onclose }: { draw: DimensionDraw; onclose: () => void } = $props();
  let text = $state('');
  let problem = $state('');

  function write() {
    problem = draw.write(text);
    if (!problem) onclose();
  }
  function keys(event: KeyboardEvent) {
    event.stopPropagation();
    if (event.key === 'Enter' && !event.shiftKey) {
      event.preventDefault();
      write();
    } else if (event.key === 'Escape') {
      draw.cancel();
      onclose();
    }
  }
  /** After the press that has opened it: what was pressed on takes the focus last. */
  function start(node: HTMLTextAreaElement) {
    const later = setTimeout(() => node.focus());
    return () => clearTimeout(later);
  }
</script>

<div class="chip-card" role="group" aria-label="Write a note">
  <label>
    Note
    <textarea rows="3" maxlength="600" bind:value={text} onkeydown={keys} {@attach start}></textarea>
  </label>
  <p class="how">*Bold* between stars, a dash begins a point. Shift and Enter begin a line.</p>
  {#if problem}<p role="alert">{problem}</p>{/if}
  <Button look="primary" onclick={write}>Write it</Button>
</div>

<style>
  .how {
    color: var(--soft);
    font-size: 12px;
  }
  .chip-card {
    display: grid;
    gap: 0.4rem;
    width: 17rem;
    padding: 0.6rem;
    border: 1px solid var(--tide);
    border-radius: 4px;
    background: var(--sheet);
    box-shadow: var(--shadow);
  }
  label {
    display: grid;
    gap: 0.2rem;
    color: var(--soft);
  }
  textarea {
    padding: 0.3rem 0.4rem;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    color: var(--text);
    resize: vertical;
  }
  p {
    color: var(--blocked);
    font-size: 12.5px;
  }
</style>
