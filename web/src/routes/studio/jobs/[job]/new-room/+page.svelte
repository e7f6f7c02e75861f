<script lang="ts">
  import { goto } from '$app/navigation';
  import {
    makeRoom,
    refusalText,
    roundingSteps,
    usualStyle,
    isInchUnit,
    faceLetter,
    roomShape,
    type LengthUnit,
  } from 'goodreach';
  import { untrack } from 'svelte';
  import { postJson } from '$session/post-json';
  import Button from '$ui/Button.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import Wordmark from '$ui/Wordmark.svelte';
  import { stepName, unitNames } from '$ui/unit-names';
  import OutlinePad from '$views/plan/OutlinePad.svelte';
  import type { PageData } from './$types';

  let { data }: { data: PageData } = $props();
  let name = $state('Kitchen');
  let unit: LengthUnit = $state(untrack(() => data.job.unit));
  let step = $state(untrack(() => data.job.step));
  let lengths: (number | null)[] = $state([null, null, null, null]);
  let ceilingHeight = $state(untrack(() => (isInchUnit(data.job.unit) ? 96 * 25.4 : 2400)));
  let problem = $state('');
  let sending = $state(false);

  const style = $derived({ unit, step });
  const ready = $derived(lengths[0] !== null && lengths[1] !== null);
  const made = $derived.by(() => {
    const [a, b, c, d] = lengths;
    if (a == null || b == null) return null;
    return makeRoom({ name, unit, step, ceilingHeight, lengths: [a, b, c ?? null, d ?? null] });
  });
  const refusal = $derived(made && !made.ok ? refusalText(made.refusal, style) : '');
  const corners = $derived(
    made?.ok ? roomShape(made.value).faces.map(({ corner }) => (corner * 180) / Math.PI) : [],
  );
  const outOfSquare = $derived(corners.some((corner) => Math.abs(corner - 90) > 0.005));

  function take(index: number, mm: number) {
    lengths[index] = mm;
    problem = '';
  }

  function chooseUnit(next: LengthUnit) {
    unit = next;
    step = usualStyle(next).step;
  }

  async function make(event: SubmitEvent) {
    event.preventDefault();
    if (!ready) {
      problem = 'Type at least the lengths of faces A and B, or drag a rectangle.';
      return;
    }
    sending = true;
    const body = { name, unit, step, ceilingHeight, lengths: [...lengths] };
    const answer = await postJson<{ id: string }>(`/api/jobs/${data.job.id}/rooms`, body);
    sending = false;
    if (answer.ok) await goto(`/rooms/${answer.value.id}?step=survey`);
    else problem = answer.message;
  }
</script>

<svelte:head><title>New room – {data.job.name} – Good Reach</title></svelte:head>

<div class="page">
  <header>
    <a class="home" href="/studio" aria-label="Jobs"><Wordmark /></a>
    <span class="crumb"><a href="/studio">{data.job.name}</a> / new room</span>
  </header>
  <form onsubmit={make}>
    <h1>Measure the room</h1>
    <label class="row">Name <input bind:value={name} required maxlength="80" /></label>
    <label class="row">
      Units
      <select value={unit} onchange={(event) => chooseUnit(event.currentTarget.value as LengthUnit)}>
        {#each Object.entries(unitNames) as [id, words] (id)}<option value={id}>{words}</option>{/each}
      </select>
    </label>
    <label class="row">
      Rounding
      <select bind:value={step}>
        {#each roundingSteps[unit] as one (one)}<option value={one}>{stepName(unit, one)}</option>{/each}
      </select>
    </label>
    <p class="help">
      Walk the faces one way round and type what the tape says. Leave C and D empty for a plain rectangle.
    </p>
    {#each lengths as length, index (index)}
      <LengthField
        label="Face {faceLetter(index)}"
        value={length}
        {style}
        least={50}
        placeholder={index > 1 ? `as ${faceLetter(index - 2)}` : ''}
        focused={index === 0}
        ontype={(mm) => take(index, mm)}
        onset={(mm) => take(index, mm)}
      />
    {/each}
    <LengthField
      label="Ceiling"
      value={ceilingHeight}
      {style}
      least={1500}
      most={6000}
      onset={(mm) => void (ceilingHeight = mm)}
    />
    {#if outOfSquare}
      <p class="help">
        Out of square: corners of {corners.map((corner) => `${corner.toFixed(2)}°`).join(', ')}. They are as
        near square as these lengths allow.
      </p>
    {/if}
    {#if refusal || problem}<p class="problem" role="alert">{refusal || problem}</p>{/if}
    <Button type="submit" look="primary" disabled={sending || Boolean(refusal)}>Make the room</Button>
  </form>
  <OutlinePad
    design={made?.ok ? made.value : null}
    {style}
    ondraw={(a, b) => (lengths = [a, b, null, null])}
  />
</div>

<style>
  .page {
    display: grid;
    grid: auto minmax(0, 1fr) / 21rem minmax(0, 1fr);
    height: 100%;
  }
  header {
    display: flex;
    grid-column: 1 / -1;
    align-items: center;
    gap: 1.2rem;
    padding: 0.6rem 1.2rem;
    border-bottom: 1px solid var(--rule);
    background: var(--chrome);
  }
  .home {
    color: inherit;
    text-decoration: none;
  }
  .crumb {
    color: var(--soft);
  }
  form {
    display: grid;
    align-content: start;
    gap: 0.7rem;
    padding: 1.2rem;
    border-right: 1px solid var(--rule);
    background: var(--chrome);
    overflow-y: auto;
  }
  h1 {
    font-size: 1.25rem;
  }
  .row {
    display: grid;
    grid-template-columns: 7.2rem minmax(0, 1fr);
    align-items: center;
    gap: 0.5rem;
    color: var(--soft);
  }
  .row input,
  .row select {
    min-width: 0;
    min-height: 32px;
    padding: 0.15rem 0.45rem;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    color: var(--text);
  }
  .help {
    color: var(--soft);
    font-size: 13px;
  }
  .problem {
    padding: 0.4rem 0.6rem;
    border-left: 3px solid var(--blocked);
    background: var(--sheet);
    color: var(--blocked);
  }
  @media (max-width: 700px) {
    .page {
      grid: auto auto 60vh / minmax(0, 1fr);
      height: auto;
    }
  }
</style>
