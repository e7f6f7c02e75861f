<script lang="ts">
  import { tick, type Snippet } from 'svelte';

  /** A choice with its name beside it; what is refused goes back to what holds. Its options are drawn by the caller. */
  interface Props {
    label: string;
    value: string | number;
    /** As wide as this is its name. */
    wide?: string;
    onchoose: (value: string) => void;
    children: Snippet;
  }
  let { label, value, wide = '5rem', onchoose, children }: Props = $props();

  async function choose({ currentTarget: select }: { currentTarget: HTMLSelectElement }) {
    onchoose(select.value);
    await tick();
    select.value = String(value);
  }
</script>

<label style="--wide: {wide}">
  <span>{label}</span>
  <select {value} onchange={choose}>{@render children()}</select>
</label>

<style>
  label {
    display: grid;
    grid-template-columns: var(--wide) minmax(0, 1fr);
    align-items: center;
    color: var(--soft);
  }
  select {
    min-width: 0;
    min-height: max(30px, var(--touch));
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    color: var(--text);
  }
</style>
