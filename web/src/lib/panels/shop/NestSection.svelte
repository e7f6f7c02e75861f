<script lang="ts">
  import {
    findPage,
    findScale,
    formatLength,
    frontStrips,
    isLaidFor,
    matchingNames,
    matchings,
    materialCases,
    roomOf,
    usualPages,
    type Matching,
  } from 'goodreach';
  import { onDestroy, untrack } from 'svelte';
  import { useWorkspace } from '$lib/tools/context';
  import type { BuildChoice } from '$views/shop/build-choice.svelte';
  import Button from '$ui/Button.svelte';
  import { sayDate } from '$ui/say-date';
  import SelectField from '$ui/SelectField.svelte';
  import ClampFields from './ClampFields.svelte';
  import SheetUse from './SheetUse.svelte';
  import RouterFields from './RouterFields.svelte';
  import StockFields from './StockFields.svelte';

  /** How sheets are sawn, and what every material takes of them. */
  let { choice }: { choice: BuildChoice } = $props();
  const { session, saving } = useWorkspace();
  const nester = $derived(choice.nester);
  const cases = $derived(materialCases(session.settled, choice.sawing));
  const shown = $derived(cases.find(({ case: { id } }) => id === choice.material) ?? cases[0]);
  const old = $derived(new Set(cases.filter((one) => choice.isOld(one)).map((one) => one.case.id)));
  /** How long each material may be searched for, s; where no fewer sheets would do it is over sooner. */
  const SECONDS = { 4: 'a moment', 30: 'half a minute', 120: 'two minutes' };
  const length = (mm: number) => formatLength(mm, session.style);
  /** Sheets are kept, but were laid for another saw. */
  const looses = $derived(
    cases.some(({ case: one }) => choice.keeps[one.id]?.length && !isLaidFor(one, choice.laidFor(one.id))),
  );
  const laid = $derived(choice.laid);
  void untrack(() => choice.beginSheets());
  // What is laid out is kept with the room, so that it is there when they are cut.
  $effect(() => {
    const sheets = choice.laidOut;
    if (sheets) untrack(() => laid.keep(sheets));
  });
  onDestroy(() => {
    nester.stop();
    if (choice.laidOut) laid.keep(choice.laidOut);
    void laid.flush();
  });
  function takeTheirs() {
    const theirs = laid.takeTheirs();
    if (theirs) choice.showLaid(theirs.book);
  }

  const machines = $derived(choice.machines);
  /** What is laid out as the room and the sheets are now, by material. */
  const nests = $derived(
    Object.fromEntries(
      cases.flatMap(({ case: { id } }) => {
        const nest = nester.found[id]?.nest;
        return nest && !old.has(id) ? [[id, nest] as const] : [];
      }),
    ),
  );
  /** Files of what is still being laid out would be of some materials, and not of their last sheets. */
  const waits = $derived(machines.busy || nester.busy);
  const name = $derived(`${choice.titles.job} ${roomOf(session.document).name} sheets`);
  const files = (format: 'dxf' | 'iso') =>
    machines.files(
      {
        ask: 'sheets',
        format,
        design: session.settled,
        machine: choice.router,
        sawing: choice.sawing,
        nests,
      },
      name,
      session.style,
    );
  function paper() {
    const page = findPage(usualPages(session.style.unit).drawing);
    const scale = findScale('20');
    if (!page.ok || !scale.ok) return;
    const options = {
      ...{ page: page.value, scale: scale.value, ...choice.titles, revision: saving.revision },
      date: new Date().toISOString().slice(0, 10),
    };
    void machines.files(
      {
        ...{ ask: 'paper', design: session.settled, sawing: choice.sawing, nests, options },
        matched: choice.matched,
      },
      name,
      session.style,
    );
  }
  function start() {
    choice.layFrom(saving.revision);
    const held = Object.fromEntries(
      cases.map((one) => {
        const strips = frontStrips(session.settled, one, choice.matching);
        return [
          one.case.id,
          { strips, kept: choice.keeps[one.case.id] ?? [], laidFor: choice.laidFor(one.case.id) },
        ];
      }),
    );
    nester.ask(
      cases.map((one) => one.case),
      { seconds: choice.seconds, style: session.style, held },
    );
    if (shown) choice.show(shown.case.id);
  }
</script>

<SelectField
  label="Cut on"
  value={choice.cutOn}
  onchoose={(machine) => choice.cutWith(machine === 'router' ? 'router' : 'saw')}
>
  <option value="saw">a panel saw</option>
  <option value="router">a router</option>
</SelectField>
{#if cases.some((one) => one.material.grained)}
  <SelectField
    label="Grain runs on"
    wide="6.4rem"
    value={choice.matching}
    onchoose={(way) => (choice.matching = way as Matching)}
  >
    {#each matchings as way (way)}<option value={way}>{matchingNames[way]}</option>{/each}
  </SelectField>
{/if}
<SelectField
  label="Look for"
  value={String(choice.seconds)}
  onchoose={(seconds) => (choice.seconds = Number(seconds))}
>
  {#each Object.entries(SECONDS) as [seconds, words] (seconds)}<option value={seconds}>{words}</option>{/each}
</SelectField>
{#if nester.busy}
  <Button onclick={() => nester.stop()}>Stop, and keep the best so far</Button>
{:else}
  <Button look="primary" disabled={cases.length === 0} onclick={start}
    >{nester.asked.length > 0 ? 'Nest again' : 'Nest'}</Button
  >
{/if}
{#if nester.problem}<p class="problem" role="alert">{nester.problem}</p>{/if}
{#if laid.theirs}
  <p class="problem" role="alert">{laid.problem}</p>
  <div class="exports">
    <Button onclick={takeTheirs}>Take theirs</Button>
    <Button onclick={() => choice.laidOut && laid.keepMine(choice.laidOut)}>Keep these</Button>
  </div>
{:else if laid.problem}<p class="problem" role="alert">{laid.problem}</p>
{:else if laid.known && nester.asked.length > 0 && !nester.busy}
  <p class="help">
    Laid out by {laid.known.keptBy}, {sayDate(laid.known.keptAt)}, at revision {laid.known.book.of}.
  </p>
{/if}
{#if old.size > 0}<p class="help" role="status">
    The room or the sheets have changed since these were laid out.
    {#if looses}What was kept lies for another saw: it is laid out anew, too.{/if}
  </p>{/if}
<ul>
  {#each cases as one (one.case.id)}
    {@const found = nester.found[one.case.id]}
    <li>
      <button
        class:chosen={one === shown}
        aria-pressed={one === shown}
        onclick={() => choice.show(one.case.id)}
      >
        <span class="name">{length(one.material.thick)} {one.name}</span>
        <span class="figures">
          {#if found?.problem}<span class="bad">{found.problem}</span>
          {:else if found?.nest}
            {found.nest.count}
            {found.nest.count === 1 ? 'sheet' : 'sheets'}, {Math.round(found.nest.yield * 100)} % used
            <small
              >{found.nest.proven
                ? 'proven: no fewer would do'
                : `at least ${Math.min(...Object.values(found.nest.bound))} by area`}</small
            >
            {#if nester.busy && found.done < 1}<progress value={found.done} aria-label="How far the search is"
              ></progress>{/if}
          {:else}{one.case.parts.reduce((sum, { qty }) => sum + qty, 0)} parts{/if}
        </span>
      </button>
    </li>
  {/each}
</ul>
{#if Object.keys(nests).length > 0}
  <SheetUse {cases} {nests} sawing={choice.sawing} />
  <h2>Files</h2>
  <div class="exports">
    <Button disabled={waits} onclick={paper}>Sheets as PDF</Button>
    <Button disabled={waits} onclick={() => files('dxf')}>Drawings, DXF</Button>
    {#if choice.cutOn === 'router'}
      <Button disabled={waits} onclick={() => files('iso')}>Router files</Button>
    {/if}
  </div>
  {#if nester.busy}<p class="help">
      They can be taken once every material is laid out, or the search is stopped.
    </p>{/if}
  {#if machines.problem && choice.cutOn === 'saw'}<p class="problem" role="alert">{machines.problem}</p>{/if}
  {#if choice.cutOn === 'router' && shown}
    <ClampFields {choice} material={shown.case.id} />
  {/if}
{/if}
{#if choice.cutOn === 'router'}<RouterFields {choice} />{/if}
<StockFields {choice} {shown} isNested={shown !== undefined && shown.case.id in nests} />

<style>
  ul {
    display: grid;
    gap: 0.3rem;
    margin: 0;
    padding: 0;
    list-style: none;
  }
  li button {
    display: grid;
    gap: 0.1rem;
    width: 100%;
    min-height: max(44px, var(--touch));
    padding: 0.35rem 0.5rem;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    cursor: pointer;
    font-size: 13px;
    text-align: left;
  }
  li button:hover,
  li .chosen {
    border-color: var(--clay);
  }
  .figures {
    display: grid;
    color: var(--soft);
    font-size: 12px;
    font-variant-numeric: tabular-nums;
  }
  small {
    font-size: 11.5px;
  }
  progress {
    width: 100%;
    height: 4px;
    accent-color: var(--tide);
  }
  .bad {
    color: var(--blocked);
  }
  .help {
    color: var(--soft);
    font-size: 12.5px;
  }
</style>
