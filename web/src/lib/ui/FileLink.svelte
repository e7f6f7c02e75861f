<script lang="ts">
  import { takeFile } from './take-file';

  /** Takes one file, by words that stand among links. */
  interface Props {
    label: string;
    /** Endings and types offered, as in `.csv,text/csv`. */
    accept: string;
    onfile: (file: File) => void;
  }
  let { label, accept, onfile }: Props = $props();
</script>

<label>
  {label}
  <input class="visually-hidden" type="file" {accept} {@attach takeFile((file) => onfile(file))} />
</label>

<style>
  label {
    padding: 0.15rem 0;
    color: var(--tide);
    cursor: pointer;
  }
  label:hover,
  label:focus-within {
    color: var(--clay-strong);
    text-decoration: underline;
  }
</style>
