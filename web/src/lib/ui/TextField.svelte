<script lang="ts">
  /** A short text with its name beside it, kept when it is left. */
  interface Props {
    label: string;
    value: string;
    placeholder?: string;
    most?: number;
    onset: (text: string) => void;
  }
  let { label, value, placeholder = '', most = 60, onset }: Props = $props();
</script>

<label>
  {label}
  <input
    {value}
    {placeholder}
    maxlength={most}
    autocomplete="off"
    onchange={(event) => onset(event.currentTarget.value)}
    onkeydown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
  />
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
    min-height: 30px;
    padding: 0.1rem 0.4rem;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    color: var(--text);
  }
</style>
