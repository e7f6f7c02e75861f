<script lang="ts" generics="Props extends object">
  import { browser } from '$app/environment';
  import type { LaterPart } from './later';

  /**
   * A part of the page that may have to be fetched first; what is drawn within a picture says nothing while it comes. The server never draws it, however many
   * have asked for it before: it is made for a page that lives.
   */
  let {
    part,
    props,
    coming = 'One moment…',
  }: { part: LaterPart<Props>; props: Props; coming?: string | null } = $props();
</script>

{#if browser && part.here}
  {@const Here = part.here}
  <Here {...props} />
{:else}
  {#await browser ? part.fetch() : new Promise<never>(() => undefined)}
    {#if coming !== null}<p role="status">{coming}</p>{/if}
  {:then Here}
    <Here {...props} />
  {:catch}
    {#if coming !== null}<p role="alert">
        This part of the program could not be loaded. Load the page anew.
      </p>{/if}
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
