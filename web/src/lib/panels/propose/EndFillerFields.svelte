<script lang="ts">
  import { MOST_FILLER, noFiller, type EndFiller } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import LengthField from '$ui/LengthField.svelte';

  /** The filler of one end: from a least to a greatest width, or none, or none where that will do. */
  let { label, value, onset }: { label: string; value: EndFiller; onset: (value: EndFiller) => void } =
    $props();
  const { session } = useWorkspace();
  const isNone = $derived(value.most === 0);
  /** What it goes back to when it is to have one again. */
  let before: EndFiller = $state.raw({ least: 0, most: MOST_FILLER, optional: false });

  function setNone(none: boolean) {
    if (none) before = value;
    onset(none ? noFiller : before);
  }
</script>

<fieldset>
  <legend>{label}</legend>
  {#if !isNone}
    <LengthField
      label="Least"
      value={value.least}
      style={session.style}
      least={0}
      most={value.most}
      onset={(least) => onset({ ...value, least })}
    />
    <LengthField
      label="Greatest"
      value={value.most}
      style={session.style}
      least={Math.max(value.least, 1)}
      most={MOST_FILLER}
      onset={(most) => onset({ ...value, most })}
    />
    {#if value.least > 0}
      <label>
        <input
          type="checkbox"
          checked={value.optional}
          onchange={(event) => onset({ ...value, optional: event.currentTarget.checked })}
        />
        or none, where that closes
      </label>
    {/if}
  {/if}
  <label>
    <input type="checkbox" checked={isNone} onchange={(event) => setNone(event.currentTarget.checked)} />
    none here
  </label>
</fieldset>

<style>
  fieldset {
    display: grid;
    gap: 0.2rem;
    margin: 0.4rem 0 0;
    padding: 0.4rem 0 0;
    border: 0;
    border-top: 1px solid var(--rule);
  }
  legend {
    float: left;
    padding: 0;
    font-size: 13px;
    font-weight: 500;
  }
  label {
    display: flex;
    gap: 0.4rem;
    align-items: center;
    font-size: 13px;
  }
</style>
