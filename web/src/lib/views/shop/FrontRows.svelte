<script lang="ts">
  import {
    formatLength,
    kindOf,
    MOST_ACROSS,
    MOST_INSIDE,
    MOST_ROWS,
    named,
    parseLengthWithin,
    refusalText,
    rowName,
    rowShows,
    rowShowsNames,
    rowsNow,
    setRows,
    shopLengthStyle,
    type ItemRecord,
    type ItemRow,
    type RowShows,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import type { BuildChoice } from './build-choice.svelte';
  import Button from '$ui/Button.svelte';
  import ChoiceList from '$ui/ChoiceList.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import NumberField from '$ui/NumberField.svelte';
  import SelectField from '$ui/SelectField.svelte';
  import TextField from '$ui/TextField.svelte';

  /** What shows on a cabinet's front, row by row, and what is behind the one in hand. */
  let { item, choice }: { item: ItemRecord; choice: BuildChoice } = $props();
  const { session } = useWorkspace();
  const rows = $derived(rowsNow(session.document, item.id));
  const at = $derived(rows ? Math.min(choice.row, rows.length - 1) : 0);
  const row = $derived(rows?.[at]);
  const fine = $derived(shopLengthStyle(session.style));
  const whole = $derived(fine.unit === 'mm' ? { ...fine, step: 1 } : fine);
  const holds = $derived(kindOf(item.type).rows?.some(({ shows }) => shows === 'niche') ?? false);
  const offered = $derived(rowShows.filter((one) => one !== 'niche' || row?.shows === 'niche'));
  let problem = $state('');

  function keep(next: readonly ItemRow[] | null): string {
    problem = '';
    return session.run(setRows, { id: item.id, rows: next }) ? '' : session.message;
  }
  /** Says why something is not done, where the field it was typed in does not. */
  const tell = (said: string): boolean => {
    problem = said;
    return said === '';
  };
  /** The row in hand with some of it another; what is undefined goes. */
  function change(by: { [K in keyof ItemRow]?: ItemRow[K] | undefined }): string {
    const next = Object.fromEntries(
      Object.entries({ ...row!, ...by }).filter(([, value]) => value !== undefined),
    ) as unknown as ItemRow;
    return keep(rows!.map((one, index) => (index === at ? next : one)));
  }
  function show(shows: RowShows) {
    const { high, across, widths } = row!;
    tell(
      change({
        ...{ shows, high, across, widths, shelves: undefined, clear: undefined },
        ...{ glass: undefined, single: undefined },
      }),
    );
  }
  function add() {
    // Half of a typed height for each; what is shared stays shared.
    const { high } = row!;
    const halves = high === undefined ? {} : { high: (high - 3) / 2 };
    const next: ItemRow = { shows: row!.shows === 'niche' ? 'drawer' : row!.shows, ...halves };
    if (tell(keep([...rows!.slice(0, at), { ...row!, ...halves }, next, ...rows!.slice(at + 1)])))
      choice.row = at + 1;
  }
  function remove() {
    const rest = rows!.filter((_, index) => index !== at);
    // Something has to take what it leaves.
    const open = rest.some(({ high }) => high === undefined)
      ? rest
      : rest.map(({ high: _, ...one }, index) =>
          index === rest.length - 1 ? one : { ...one, high: rest[index]!.high! },
        );
    if (tell(keep(open))) choice.row = Math.max(0, at - 1);
  }
  function move(by: number) {
    const next = [...rows!];
    [next[at], next[at + by]] = [next[at + by]!, next[at]!];
    if (tell(keep(next))) choice.row = at + by;
  }
  const said = (sizes: readonly number[] | undefined) =>
    (sizes ?? []).map((one) => formatLength(one, Number.isInteger(one) ? whole : fine)).join(', ');
  /** Sizes typed with commas between them; nothing for none. */
  function sizes(name: string, text: string, done: (typed: number[] | undefined) => void) {
    const read = text
      .split(',')
      .filter((one) => one.trim() !== '')
      .map((one) => parseLengthWithin(one, fine.unit, named(name), 20, 6_000));
    const bad = read.find((one) => !one.ok);
    if (bad && !bad.ok) problem = refusalText(bad.refusal, fine);
    else done(read.length > 0 ? read.flatMap((one) => (one.ok ? [one.value] : [])) : undefined);
  }
</script>

{#if rows && row}
  <section class="front" aria-label="Front and inside">
    <div class="rows">
      <ChoiceList
        things={rows.map((one, index) => ({ id: String(index), one }))}
        chosen={String(at)}
        onchoose={(id) => (choice.row = Number(id))}
      >
        {#snippet children({ one })}
          <span class="name">{rowName(one.shows, one.across ?? 1)}</span>
          <span class="high">{one.high === undefined ? 'shared' : said([one.high])}</span>
        {/snippet}
      </ChoiceList>
      <div class="acts">
        {#if rows.length < MOST_ROWS}<Button onclick={add}>Split this row</Button>{/if}
        {#if rows.length > 1 && row.shows !== 'niche'}<Button look="quiet" onclick={remove}>Remove it</Button
          >{/if}
        {#if at > 0}<Button look="quiet" onclick={() => move(-1)}>Up</Button>{/if}
        {#if at < rows.length - 1}<Button look="quiet" onclick={() => move(1)}>Down</Button>{/if}
        {#if item.rows}<Button look="quiet" onclick={() => tell(keep(null))}>As its kind is</Button>{/if}
      </div>
      {#if holds}<p class="help">The opening of its appliance stays.</p>{/if}
    </div>
    <div class="fields">
      {#key at}
        <SelectField label="Shows" wide="7.2rem" value={row.shows} onchoose={(to) => show(to as RowShows)}>
          {#each offered as one (one)}<option value={one}>{rowShowsNames[one]}</option>{/each}
        </SelectField>
        <LengthField
          label="Front, high"
          name="row-high"
          value={row.high ?? null}
          style={row.high === undefined || Number.isInteger(row.high) ? whole : fine}
          least={20}
          most={6_000}
          placeholder="shared"
          onset={(high) => change({ high })}
          onclear={() => change({ high: undefined })}
        />
        {#if row.shows !== 'niche'}
          <NumberField
            label="Side by side"
            value={row.across ?? 1}
            most={MOST_ACROSS}
            onset={(across) => change({ across: across > 1 ? across : undefined, widths: undefined })}
          />
          {#if (row.across ?? 1) > 1}
            <TextField
              label="Widths from the left"
              value={said(row.widths)}
              placeholder="equal"
              onset={(text) => sizes('the width', text, (widths) => tell(change({ widths })))}
            />
          {/if}
        {/if}
        {#if row.shows === 'doors' || row.shows === 'flap' || row.shows === 'shelves'}
          <NumberField
            label="Shelves"
            value={row.clear?.length ?? row.shelves ?? null}
            most={MOST_INSIDE}
            placeholder="as usual"
            onset={(shelves) => change({ shelves, clear: undefined })}
            onclear={() => change({ shelves: undefined, clear: undefined })}
          />
          <TextField
            label="Clear under them, from below"
            value={said(row.clear)}
            placeholder="even"
            onset={(text) =>
              sizes('the height under a shelf', text, (clear) => tell(change({ clear, shelves: undefined })))}
          />
        {/if}
        {#if row.shows === 'doors'}
          <label class="tick">
            <input
              type="checkbox"
              checked={row.glass ?? false}
              onchange={(event) => tell(change({ glass: event.currentTarget.checked || undefined }))}
            /> Glass
          </label>
        {/if}
      {/key}
      {#if problem}<p class="fault" role="alert">{problem}</p>{/if}
    </div>
  </section>
{:else}
  <p class="help">
    The front of {item.code} comes as it is: it stands in a corner, or what is behind it is bought with it.
  </p>
{/if}

<style>
  .front {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1.1fr);
    min-height: 0;
    border-top: 1px solid var(--rule);
    background: var(--sheet);
  }
  .rows,
  .fields {
    display: grid;
    grid-auto-rows: max-content;
    align-content: start;
    gap: 0.4rem;
    padding: 0.6rem 0.8rem;
    overflow-y: auto;
  }
  .rows {
    border-right: 1px solid var(--rule);
  }
  .fields > :global(*) {
    max-width: 22rem;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem;
  }
  .name {
    flex: 1;
  }
  .high {
    color: var(--soft);
    font-variant-numeric: tabular-nums;
  }
  .tick {
    display: flex;
    align-items: center;
    gap: 0.4rem;
    min-height: var(--touch);
    color: var(--soft);
  }
  .help {
    padding: 0.6rem 0.8rem;
    color: var(--soft);
    font-size: 12.5px;
  }
  .fault {
    color: var(--blocked);
    font-size: 12.5px;
  }
  @container (max-width: 560px) {
    .front {
      grid-template-columns: minmax(0, 1fr);
      overflow-y: auto;
    }
  }
</style>
