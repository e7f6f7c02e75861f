<script lang="ts">
  import { goto } from '$app/navigation';
  import {
    makeRoom,
    outlineFaces,
    refusalText,
    roundingSteps,
    usualStyle,
    isInchUnit,
    faceCount,
    faceLetter,
    formatDegrees,
    roomShape,
    type ChosenOutline,
    type LengthUnit,
  } from 'goodreach';
  import { untrack } from 'svelte';
  import { postJson } from '$session/send-json';
  import OutlineChoice from '$lib/panels/survey/OutlineChoice.svelte';
  import WalkEntry from '$lib/panels/survey/WalkEntry.svelte';
  import { RoomWalk } from '$lib/tools/room-walk.svelte';
  import { page } from '$ui/alive.svelte';
  import Button from '$ui/Button.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import Wordmark from '$ui/Wordmark.svelte';
  import { stepName, unitNames } from '$ui/unit-names';
  import OutlinePad from '$views/plan/OutlinePad.svelte';
  import WalkPad from '$views/plan/WalkPad.svelte';
  import type { PageData } from './$types';

  let { data }: { data: PageData } = $props();
  let name = $state('Kitchen');
  let unit: LengthUnit = $state(untrack(() => data.job.unit));
  let step = $state(untrack(() => data.job.step));
  let outline: ChosenOutline | null = $state.raw({ id: 'rectangle', turns: 0, mirrored: false });
  let lengths: (number | null)[] = $state([]);
  let ceilingHeight = $state(untrack(() => (isInchUnit(data.job.unit) ? 96 * 25.4 : 2400)));
  let problem = $state('');
  let sending = $state(false);
  const walk = new RoomWalk();

  const style = $derived({ unit, step });
  const letters = $derived(
    outline ? Array.from({ length: faceCount(outline.id) }, (_, i) => faceLetter(i)) : [],
  );
  const typed = $derived(lengths.some((length) => length != null));
  const made = $derived.by(() => {
    // The job's own range, unless the room is made in other units than it.
    const range =
      data.job.range && isInchUnit(unit) === isInchUnit(data.job.unit) ? { range: data.job.range } : {};
    const room = { name, unit, step, ceilingHeight, specials: data.specials, ...range };
    if (outline) return typed ? makeRoom({ ...room, faces: outlineFaces(outline, lengths, unit) }) : null;
    if (!walk.made) return null;
    return walk.made.ok ? makeRoom({ ...room, faces: walk.made.value }) : walk.made;
  });
  /** The outline as it lies, at its usual size, while too little is typed to make the room. */
  const sketch = $derived.by(() => {
    if (!outline) return null;
    const faces = outlineFaces(outline, lengths, unit).map((face) => ({ ...face, measured: true }));
    const room = makeRoom({ name, unit, step, ceilingHeight, faces });
    return room.ok ? room.value : null;
  });
  const refusal = $derived(made && !made.ok ? refusalText(made.refusal, style) : '');
  /** Too few lengths is no fault while they are still being typed. */
  const unfinished = $derived(made && !made.ok && made.refusal.code === 'survey-underdetermined');
  const skewed = $derived(
    made?.ok
      ? roomShape(made.value).faces.filter(({ corner, record }) => Math.abs(corner - record.corner) > 1e-4)
      : [],
  );

  function take(index: number, mm: number | null) {
    lengths[index] = mm;
    problem = '';
  }

  function chooseUnit(next: LengthUnit) {
    unit = next;
    step = usualStyle(next).step;
  }

  function choose(next: ChosenOutline | null) {
    if (next?.id !== outline?.id) lengths = [];
    outline = next;
    problem = '';
  }

  async function make(event?: SubmitEvent) {
    event?.preventDefault();
    if (!made?.ok) {
      problem = refusal || 'Type the lengths of the faces first, or drag a rectangle.';
      return;
    }
    sending = true;
    const answer = await postJson<{ id: string }>(`/api/jobs/${data.job.id}/rooms`, { design: made.value });
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
    <label class="row wide">
      Units
      <select
        value={unit}
        disabled={!page.isAlive}
        onchange={(event) => chooseUnit(event.currentTarget.value as LengthUnit)}
      >
        {#each Object.entries(unitNames) as [id, words] (id)}<option value={id}>{words}</option>{/each}
      </select>
    </label>
    <label class="row">
      Rounding
      <select bind:value={step}>
        {#each roundingSteps[unit] as one (one)}<option value={one}>{stepName(unit, one)}</option>{/each}
      </select>
    </label>
    <OutlineChoice {outline} onchoose={choose} />
    {#if outline}
      <p class="help">
        Walk the faces clockwise and type what the tape says. What you leave empty follows from the rest.
      </p>
      {#each letters as letter, index (`${outline.id} ${letter}`)}
        <LengthField
          label="Face {letter}"
          value={lengths[index] ?? null}
          {style}
          least={50}
          placeholder="follows"
          focused={index === 0}
          ontype={(mm) => take(index, mm)}
          onset={(mm) => take(index, mm)}
          onclear={() => take(index, null)}
        />
      {/each}
    {:else}
      <WalkEntry {walk} {style} />
    {/if}
    <LengthField
      label="Ceiling"
      value={ceilingHeight}
      {style}
      least={1500}
      most={6000}
      onset={(mm) => void (ceilingHeight = mm)}
    />
    {#if skewed.length > 0}
      <p class="help">
        Out of square: {skewed
          .map(({ letter, corner }) => `${formatDegrees(corner)} before ${letter}`)
          .join(', ')}. As near square as these lengths allow.
      </p>
    {/if}
    {#if refusal && !problem}<p class={unfinished ? 'help' : 'problem'} role="status">{refusal}</p>{/if}
    {#if problem}<p class="problem" role="alert">{problem}</p>{/if}
    <Button type="submit" look="primary" disabled={sending}>Make the room</Button>
  </form>
  {#if outline}
    <OutlinePad
      design={made?.ok ? made.value : sketch}
      sketched={!made?.ok}
      {style}
      ondraw={(a, b) => {
        choose({ id: 'rectangle', turns: 0, mirrored: false });
        lengths = [a, b];
      }}
    />
  {:else}
    <WalkPad {walk} {style} onclose={() => make()} />
  {/if}
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
    gap: 0.45rem;
    padding: 1rem 1.2rem;
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
  /* What is chosen there would be cut off beside its name. */
  .row.wide {
    grid-template-columns: minmax(0, 1fr);
    gap: 0.2rem;
  }
  .row input,
  .row select {
    min-width: 0;
    min-height: max(32px, var(--touch));
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
