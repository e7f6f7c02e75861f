<script lang="ts">
  import '@fontsource/fira-sans/latin-400.css';
  import '@fontsource/fira-sans/latin-500.css';
  import '$ui/app.css';
  import { onMount, type Snippet } from 'svelte';
  import { page } from '$ui/alive.svelte';

  let { children }: { children: Snippet } = $props();

  onMount(() => {
    page.isAlive = true;
  });
</script>

{@render children()}
