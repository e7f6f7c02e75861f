<script lang="ts">
  import { takeFile } from './take-file';

  /** Takes one file, chosen or dropped. */
  interface Props {
    label: string;
    /** Endings offered, as in `.png,.svg`. */
    accept: string;
    disabled?: boolean;
    onfile: (file: File) => void;
  }
  let { label, accept, disabled = false, onfile }: Props = $props();
</script>

<label>
  {label}
  <input type="file" {accept} {disabled} {@attach takeFile((file) => onfile(file))} />
</label>

<style>
  label {
    position: relative;
    padding: 0.3rem 0.6rem;
    border: 1px dashed var(--rule-strong);
    border-radius: 3px;
    cursor: pointer;
    font-size: 13px;
  }
  label:hover,
  label:focus-within {
    border-color: var(--clay);
  }
  input {
    position: absolute;
    inset: 0;
    opacity: 0;
    cursor: pointer;
  }
</style>
