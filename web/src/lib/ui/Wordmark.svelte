<script lang="ts">
  let { large = false }: { large?: boolean } = $props();
</script>

<span class="wordmark" class:large>
  <svg viewBox="0 0 22 22" aria-hidden="true"
    ><path d="M2 20V3h18" /><path class="swing" d="M6 20A14 14 0 0 1 20 7" /></svg
  >
  Good Reach
</span>

<style>
  .wordmark {
    display: inline-flex;
    align-items: center;
    gap: 0.5rem;
    font-weight: 500;
    white-space: nowrap;
  }
  svg {
    width: 1.15em;
    height: 1.15em;
  }
  path {
    fill: none;
    stroke: var(--ink);
    stroke-width: 2.4;
  }
  .swing {
    stroke: var(--clay);
    stroke-width: 2;
  }
  .large {
    font-size: 1.6rem;
  }
</style>
