<script lang="ts">
  import {
    dimensionEnds,
    frameScales,
    LEAST_REACH,
    MOST_REACH,
    nounOf,
    ownView,
    placeOfEnd,
    putDimension,
    recordsOf,
    removeThings,
    sayFirst,
    USUAL_DETAIL_SCALE,
    USUAL_REACH,
    type DimensionEnd,
    type DimensionRecord,
    type DimensionWay,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import NumberField from '$ui/NumberField.svelte';
  import SelectField from '$ui/SelectField.svelte';
  import { dimensionNames, scalesFor, viewName } from './draw-words';

  /** A dimension or note that was put on paper: what it is of, where it stands, its words. */
  let { dimension }: { dimension: DimensionRecord } = $props();
  const { session, screen } = useWorkspace();
  const design = $derived(session.document);
  const { id } = $derived(dimension);
  const isLine = $derived(dimension.type === 'length' || dimension.type === 'baseline');
  const upright = $derived(ownView(design, dimension.view)?.up === 'up');
  const [least, most] = $derived(dimensionEnds[dimension.type]);

  const run = (change: Partial<DimensionRecord>): string =>
    session.run(putDimension, { ...dimension, ...change }) ? '' : session.message;
  const change = (index: number, end: Partial<DimensionEnd>) =>
    run({ ends: dimension.ends.map((one, at) => (at === index ? { ...one, ...end } : one)) });

  /** What an end can be of. */
  const things = $derived(
    (['room', 'face', 'opening', 'item', 'fixed', 'service'] as const).flatMap((kind) =>
      recordsOf(design, kind).map(({ id: of }) => ({
        of,
        name: kind === 'room' ? 'The room' : sayFirst(nounOf(design, { of })),
      })),
    ),
  );
  const shares = {
    along: ['left', 'middle', 'right'],
    out: ['back', 'middle', 'front'],
    up: ['bottom', 'middle', 'top'],
  } as const;
  const sides = $derived(upright ? (['along', 'up'] as const) : (['along', 'out'] as const));
  const ways: Record<DimensionWay, string> = { across: 'Across', up: 'Up', aligned: 'Straight' };

  function write({ currentTarget }: { currentTarget: HTMLTextAreaElement }) {
    const text = currentTarget.value.trim();
    const { text: _, ...without } = dimension;
    if (!text && dimension.type !== 'note') session.run(putDimension, without);
    else run({ text });
  }
</script>

<h2>{dimensionNames[dimension.type].replace(/^./, (first) => first.toUpperCase())}</h2>
<p class="about">
  On {viewName(design, dimension.view).replace(/^(Plan|Ceiling)/, (word) => `the ${word.toLowerCase()}`)}. It
  goes with what it is of.
</p>
{#if isLine}
  <SelectField
    label="Measured"
    wide="7.2rem"
    value={dimension.way ?? 'aligned'}
    onchoose={(way) => run({ way: way as DimensionWay })}
  >
    {#each Object.entries(ways) as [way, name] (way)}<option value={way}>{name}</option>{/each}
  </SelectField>
{/if}
{#each dimension.ends as end, index (index)}
  <fieldset>
    <legend>{dimension.ends.length === 1 ? 'Of' : `End ${index + 1}`}</legend>
    {#if !placeOfEnd(design, end)}<p class="lost">
        What it was of is no longer there. Choose something else.
      </p>{/if}
    <select
      aria-label="What end {index + 1} is of"
      value={end.of}
      onchange={(event) => change(index, { of: event.currentTarget.value })}
    >
      {#if !things.some(({ of }) => of === end.of)}<option value={end.of}>gone</option>{/if}
      {#each things as { of, name } (of)}<option value={of}>{name}</option>{/each}
    </select>
    <div class="shares">
      {#each sides as side (side)}
        <select
          aria-label="Where on it, end {index + 1}, {side}"
          value={end[side]}
          onchange={(event) => change(index, { [side]: Number(event.currentTarget.value) })}
        >
          {#if ![0, 0.5, 1].includes(end[side])}<option value={end[side]}
              >{Math.round(end[side] * 100)} %</option
            >{/if}
          {#each shares[side] as name, at (name)}<option value={at / 2}>{name}</option>{/each}
        </select>
      {/each}
      {#if dimension.ends.length > least}
        <Button look="quiet" onclick={() => run({ ends: dimension.ends.filter((_, at) => at !== index) })}
          >Take out</Button
        >
      {/if}
    </div>
  </fieldset>
{/each}
{#if dimension.type === 'detail'}
  <LengthField
    label="Goes so far from its middle"
    style={session.style}
    least={LEAST_REACH}
    most={MOST_REACH}
    value={dimension.reach ?? USUAL_REACH}
    onset={(reach) => run({ reach })}
  />
  <SelectField
    label="Drawn to"
    wide="7.2rem"
    value={String(dimension.ratio ?? USUAL_DETAIL_SCALE)}
    onchoose={(ratio) => run({ ratio: Number(ratio) })}
  >
    {#each scalesFor(frameScales, session.style.unit) as { ratio, text } (ratio)}<option value={String(ratio)}
        >{text}</option
      >{/each}
  </SelectField>
{/if}
{#if dimension.ends.length < most}
  <Button
    onclick={() =>
      run({
        ends: [...dimension.ends, { of: dimension.ends.at(-1)!.of, along: 1, out: 1, up: upright ? 1 : 0 }],
      })}>Another end</Button
  >
{/if}
<NumberField
  label={isLine
    ? 'Line off, mm of paper'
    : dimension.type === 'angle'
      ? 'Arc off, mm of paper'
      : 'Words off, mm of paper'}
  value={dimension.off}
  least={-500}
  most={500}
  onset={(off) => run({ off })}
/>
<label class="words">
  {dimension.type === 'note' ? 'Words' : dimension.type === 'detail' ? 'Its name' : 'Words behind the number'}
  <textarea
    rows={dimension.type === 'note' ? 4 : 1}
    maxlength="600"
    value={dimension.text ?? ''}
    onchange={write}></textarea>
</label>
<Button
  onclick={() => {
    if (session.run(removeThings, [id])) screen.select(null);
  }}>Remove</Button
>

<style>
  fieldset {
    display: grid;
    gap: 0.25rem;
    margin: 0;
    padding: 0;
    border: 0;
  }
  legend {
    padding: 0;
    color: var(--soft);
    font-size: 13px;
  }
  select,
  textarea {
    min-width: 0;
    min-height: max(30px, var(--touch));
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    color: var(--text);
  }
  textarea {
    padding: 0.3rem 0.4rem;
    resize: vertical;
  }
  .shares {
    display: flex;
    gap: 0.3rem;
  }
  .words {
    display: grid;
    gap: 0.2rem;
    color: var(--soft);
  }
  .lost {
    color: var(--blocked);
    font-size: 12.5px;
  }
</style>
