<script lang="ts">
  import {
    clearBefore,
    finishNamed,
    formatLengthWithUnit,
    liningStyleNames,
    liningStyles,
    putFixed,
    type FixedRecord,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import { liningWays } from '$lib/tools/style-ways';
  import LinkButton from '$ui/LinkButton.svelte';
  import Ways from '$ui/Ways.svelte';

  /** How a lining is made, what it is finished with, whether it shines, and what it leaves of the room. */
  let { thing }: { thing: FixedRecord } = $props();
  const { session, screen } = useWorkspace();
  const style = $derived(thing.style ?? 'plain');
  const clear = $derived(clearBefore(session.settled, thing.id));
  const finish = $derived(finishNamed(session.document, thing.finish));
  const length = (mm: number) => formatLengthWithUnit(mm, session.style);

  function finishIt() {
    screen.step = 'surface';
    screen.surfaceLeaf = 'finishes';
    screen.finishPart = 'wall';
  }
</script>

<div class="ways" role="group" aria-label="How it is made">
  <Ways
    ways={liningStyles.map((id) => ({ id, name: liningStyleNames[id], d: liningWays[id] }))}
    now={style}
    onchoose={(style) => session.run(putFixed, { ...thing, style })}
  />
</div>
<p class="about">{liningStyleNames[style]}</p>
<p class="about">
  {finish ? `${finish.code} ${finish.name}` : (thing.finish ?? 'Finished as the walls')}
  <LinkButton onclick={finishIt}>Finishes</LinkButton>
</p>
<label>
  <input
    type="checkbox"
    checked={thing.lit === true}
    onchange={(event) => {
      const { lit: _, ...rest } = thing;
      session.run(putFixed, { ...rest, ...(event.currentTarget.checked && { lit: true }) });
      event.currentTarget.checked = thing.lit === true;
    }}
  />
  Light from a recess at its top
</label>
{#if clear !== null}<p class="about">{length(clear)} clear before it</p>{/if}

<style>
  .ways {
    display: flex;
    gap: 0.2rem;
  }
  label {
    display: flex;
    align-items: center;
    gap: 0.5rem;
  }
  input {
    accent-color: var(--clay);
  }
</style>
