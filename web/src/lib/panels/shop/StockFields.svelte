<script lang="ts">
  import {
    afterCutting,
    canonical,
    formatLength,
    usualStock,
    type MaterialCase,
    type Stock,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import { sayDate } from '$ui/say-date';
  import type { BuildChoice } from '$views/shop/build-choice.svelte';
  import Button from '$ui/Button.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import More from '$ui/More.svelte';
  import NumberField from '$ui/NumberField.svelte';

  /** What is cut from: sizes of sheets and offcuts of any material or of the one that is shown, how many there are, how they are sawn; and what of it the studio keeps. */
  interface Props {
    choice: BuildChoice;
    shown: MaterialCase | undefined;
    isNested: boolean;
  }
  let { choice, shown, isNested }: Props = $props();
  const { session } = useWorkspace();
  const books = $derived(choice.books);
  const stock = $derived(choice.stock);
  const material = $derived(shown?.case.id);
  /** Those that the material that is shown can be cut from, with where they stand. */
  const lines = $derived(
    stock.sheets.flatMap((sheet, index) =>
      sheet.material === undefined || sheet.material === material ? [{ sheet, index }] : [],
    ),
  );
  const isKept = $derived(canonical(stock) === canonical(books.stock?.book ?? usualStock));
  const named = $derived(shown ? `${formatLength(shown.material.thick, session.style)} ${shown.name}` : '');

  type Sheet = Stock['sheets'][number];
  const setSheets = (sheets: readonly Sheet[]) => choice.take({ ...stock, sheets });
  function change(index: number, by: Partial<Sheet>): string {
    setSheets(stock.sheets.map((one, at) => (at === index ? { ...one, ...by } : one)));
    return '';
  }
  function count(index: number, many: number): string {
    setSheets(
      stock.sheets.map((one, at) => {
        if (at !== index) return one;
        const { count: _, ...rest } = one;
        return many > 0 ? { ...rest, count: many } : rest;
      }),
    );
    return '';
  }
  const add = (own: boolean) =>
    setSheets([...stock.sheets, { l: 3_050, w: 1_300, ...(own && material && { material }) }]);
  const remove = (index: number) => setSheets(stock.sheets.filter((_, at) => at !== index));
  /** What was nested of the material is cut: its counted sheets go, offcuts come. */
  async function cut() {
    const nest = material && choice.nester.found[material]?.nest;
    if (!nest || !shown) return;
    const next = afterCutting(stock, { material: shown.case.id, nest, sizes: shown.case.stock });
    if (await books.keepStock(next)) choice.take(next);
  }
</script>

{#if choice.cutOn === 'saw'}
  <More title="Saw">
    <LengthField
      label="Kerf"
      value={stock.kerf}
      style={session.style}
      most={50}
      onset={(kerf) => {
        choice.take({ ...stock, kerf });
        return '';
      }}
    />
    <LengthField
      label="Trim all round"
      value={stock.trim}
      style={session.style}
      most={100}
      onset={(trim) => {
        choice.take({ ...stock, trim });
        return '';
      }}
    />
  </More>
{/if}
<More title="Sheets and offcuts">
  {#each lines as { sheet, index } (index)}
    <div class="sheet" role="group" aria-label="Sheet {index + 1}">
      <span>{sheet.material ? named : 'Of any material'}</span>
      <LengthField
        label="Long"
        value={sheet.l}
        style={session.style}
        least={50}
        most={10_000}
        onset={(l) => change(index, { l })}
      />
      <LengthField
        label="Wide"
        value={sheet.w}
        style={session.style}
        least={50}
        most={10_000}
        onset={(w) => change(index, { w })}
      />
      <NumberField
        label="Count, 0: enough"
        value={sheet.count ?? 0}
        most={10_000}
        onset={(many) => count(index, many)}
      />
      {#if stock.sheets.length > 1}<Button look="quiet" onclick={() => remove(index)}>Remove</Button>{/if}
    </div>
  {/each}
  <div class="exports">
    <Button onclick={() => add(false)}>Add a size</Button>
    {#if shown}<Button onclick={() => add(true)}>Add of {named}</Button>{/if}
  </div>
</More>
<p class="help">
  {#if books.stock}Kept by {books.stock.keptBy} on {sayDate(books.stock.keptAt)}.{:else}The studio keeps no
    sheets of its own yet.{/if}
</p>
<div class="exports">
  {#if !isKept}<Button disabled={books.busy} onclick={() => books.keepStock(stock)}
      >Keep for the studio</Button
    >{/if}
  {#if isNested && choice.cutOn === 'saw'}
    <Button disabled={books.busy} onclick={cut}>These are cut: keep the offcuts</Button>
  {/if}
</div>
{#if books.problem}<p class="problem" role="alert">{books.problem}</p>{/if}

<style>
  .sheet {
    display: grid;
    gap: 0.3rem;
    justify-items: start;
    padding: 0.4rem 0;
    border-top: 1px solid var(--rule);
    font-size: 13px;
  }
  .sheet span,
  .help {
    color: var(--soft);
    font-size: 12.5px;
  }
</style>
