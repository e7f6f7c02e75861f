<script lang="ts">
  import '@fontsource/fira-sans/latin-400.css';
  import '@fontsource/fira-sans/latin-500.css';
  import '$ui/app.css';
  import type { Snippet } from 'svelte';

  let { children }: { children: Snippet } = $props();
</script>

{@render children()}
