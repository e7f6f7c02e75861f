<script lang="ts">
  import {
    formatLength,
    isWayLength,
    named,
    parseLengthWithin,
    refusalText,
    shopLengthStyle,
    stuffNames,
    wayChoices,
    wayLengths,
    wayNames,
    wayOf,
    MOST_DRAWER_SIZE,
    LEAST_DRAWER_SIZE,
    sheetStuffs,
    type ConstructionMethod,
    type LengthStyle,
    type WaysChange,
    type WayKey,
  } from 'goodreach';
  import LengthField from '$ui/LengthField.svelte';
  import SelectField from '$ui/SelectField.svelte';
  import TextField from '$ui/TextField.svelte';

  /** A way of building: a length, a choice, or sizes with commas between them. What is otherwise than it would be says what that is. */
  interface Props {
    way: WayKey;
    made: ConstructionMethod;
    usual: ConstructionMethod;
    isOwn: boolean;
    style: LengthStyle;
    onset: (ways: WaysChange) => string;
  }
  let { way, made, usual, isOwn, style, onset }: Props = $props();
  const value = $derived(wayOf(made, way));
  /** As fine as saws are set; whole millimetres without their tenths. */
  const fine = $derived.by(() => {
    const shop = shopLengthStyle(style);
    const isWhole = typeof value === 'number' && shop.unit === 'mm' && Number.isInteger(value);
    return isWhole ? { ...shop, step: 1 } : shop;
  });
  const choices = $derived(
    way in wayChoices
      ? (wayChoices[way as keyof typeof wayChoices] as Record<string, string>)
      : Object.fromEntries(sheetStuffs.map((one) => [one, stuffNames[one]])),
  );
  const said = (one: unknown): string => {
    if (typeof one === 'number') return formatLength(one, fine);
    if (Array.isArray(one)) return one.map((size: number) => formatLength(size, fine)).join(', ');
    return typeof one === 'string' ? (choices[one] ?? one) : '';
  };
  let problem = $state('');
  const set = (to: unknown): string => onset({ [way]: to });
  const tell = (said: string) => void (problem = said);

  /** Sizes typed with commas between them. */
  function sizes(text: string): string {
    const read = text
      .split(',')
      .filter((one) => one.trim() !== '')
      .map((one) =>
        parseLengthWithin(one, fine.unit, named(wayNames[way]), LEAST_DRAWER_SIZE, MOST_DRAWER_SIZE),
      );
    for (const one of read) if (!one.ok) return refusalText(one.refusal, fine);
    return set(read.flatMap((one) => (one.ok ? [one.value] : [])));
  }
</script>

<div class="way" class:own={isOwn}>
  {#if isWayLength(way)}
    <LengthField
      label={wayNames[way]}
      value={typeof value === 'number' ? value : null}
      style={fine}
      least={wayLengths[way][0]}
      most={wayLengths[way][1]}
      onset={set}
      onclear={() => set(null)}
    />
  {:else if Array.isArray(value)}
    <TextField label={wayNames[way]} value={said(value)} onset={(text) => tell(sizes(text))} />
  {:else}
    <SelectField label={wayNames[way]} wide="7.2rem" value={String(value)} onchoose={(to) => tell(set(to))}>
      {#each Object.entries(choices) as [key, name] (key)}<option value={key}>{name}</option>{/each}
    </SelectField>
  {/if}
  {#if problem}<p class="problem" role="alert">{problem}</p>{/if}
  {#if isOwn}
    <p>
      Usually {said(wayOf(usual, way))}.
      <button type="button" aria-label="{wayNames[way]} as usual" onclick={() => tell(set(null))}
        >As usual</button
      >
    </p>
  {/if}
</div>

<style>
  .own {
    padding-left: 0.4rem;
    border-left: 3px solid var(--clay);
  }
  p {
    color: var(--soft);
    font-size: 12px;
  }
  .problem {
    color: var(--blocked);
  }
  button {
    min-height: max(24px, var(--touch));
    padding: 0 0.3rem;
    border: none;
    background: none;
    color: var(--tide);
    cursor: pointer;
    text-decoration: underline;
  }
</style>
