<script lang="ts">
  import { page } from '$app/state';
</script>

<svelte:head><title>Good Reach</title></svelte:head>

<main>
  <h1>{page.error?.message ?? 'Something is wrong with the program.'}</h1>
  {#if page.error?.id}<p>Quote {page.error.id} when you report it.</p>{/if}
  <p><a href="/studio">Go to your jobs</a></p>
</main>

<style>
  main {
    display: grid;
    gap: 1rem;
    max-width: 34rem;
    margin: 18vh auto 0;
    padding: 0 1.5rem;
  }
  h1 {
    font-size: 1.5rem;
  }
</style>
