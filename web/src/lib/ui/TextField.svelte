<script lang="ts">
  /** A short text with its name beside it, kept when it is left; `offers` are words it is often one of. */
  interface Props {
    label: string;
    value: string;
    placeholder?: string;
    most?: number;
    offers?: readonly string[];
    onset: (text: string) => void;
  }
  let { label, value, placeholder = '', most = 60, offers = [], onset }: Props = $props();
  const list = $props.id();
</script>

<label>
  {label}
  <input
    {value}
    {placeholder}
    maxlength={most}
    autocomplete="off"
    list={offers.length > 0 ? list : undefined}
    onchange={(event) => onset(event.currentTarget.value)}
    onkeydown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
  />
  {#if offers.length > 0}<datalist id={list}>
      {#each offers as offer (offer)}<option value={offer}></option>{/each}
    </datalist>{/if}
</label>

<style>
  label {
    display: grid;
    grid-template-columns: 7.2rem minmax(0, 1fr);
    align-items: center;
    gap: 0.5rem;
    color: var(--soft);
  }
  input {
    min-width: 0;
    min-height: max(30px, var(--touch));
    padding: 0.1rem 0.4rem;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    color: var(--text);
  }
</style>
