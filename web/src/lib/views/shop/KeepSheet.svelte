<script lang="ts">
  import type { NestedSheet } from 'goodreach';
  import Button from '$ui/Button.svelte';
  import type { BuildChoice } from './build-choice.svelte';

  /** Has a sheet stay as it is when the others are laid out anew, or not any more. */
  let { choice, material, sheet }: { choice: BuildChoice; material: string; sheet: NestedSheet } = $props();
  const isKept = $derived(choice.isKept(material, sheet));
</script>

<Button aria-pressed={isKept} onclick={() => choice.keep(material, sheet)}
  >{isKept ? 'Kept as it is' : 'Keep this sheet'}</Button
>
