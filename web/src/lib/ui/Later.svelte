<script lang="ts" generics="Props extends object">
  import type { LaterPart } from './later';

  /** A part of the page that may have to be fetched first. */
  let {
    part,
    props,
    coming = 'One moment…',
  }: { part: LaterPart<Props>; props: Props; coming?: string } = $props();
</script>

{#if part.here}
  {@const Here = part.here}
  <Here {...props} />
{:else}
  {#await part.fetch()}
    <p role="status">{coming}</p>
  {:then Here}
    <Here {...props} />
  {:catch}
    <p role="alert">This part of the program could not be loaded. Load the page anew.</p>
  {/await}
{/if}

<style>
  p {
    display: grid;
    height: 100%;
    place-content: center;
    padding: 0.8rem;
    background: var(--paper);
    color: var(--soft);
  }
</style>
