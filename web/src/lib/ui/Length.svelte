<script lang="ts">
  /** A written length with its fraction built; the space before the fraction is narrowed. */
  let { text }: { text: string } = $props();
  const parts = $derived(text.split(/(?: (?=\d+\/\d))?(?<![\d/])(\d+\/\d+)/));
</script>

<span class="length"
  >{#each parts as part, index (index)}{#if index % 2 === 1}<span class="frac">{part}</span
      >{:else}{part}{/if}{/each}</span
>

<style>
  .length {
    white-space: nowrap;
  }
</style>
