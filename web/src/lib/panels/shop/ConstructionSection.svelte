<script lang="ts">
  import {
    canonical,
    constructionOf,
    constructionOfItem,
    rangeBuilding,
    rangesOf,
    recordsOf,
    setConstruction,
    wayGroups,
    waysOf,
    type ItemRecord,
    type WayKey,
    type WaysChange,
  } from 'goodreach';
  import { untrack } from 'svelte';
  import { useWorkspace } from '$lib/tools/context';
  import type { BuildChoice } from '$views/shop/build-choice.svelte';
  import Button from '$ui/Button.svelte';
  import More from '$ui/More.svelte';
  import SelectField from '$ui/SelectField.svelte';
  import WayField from './WayField.svelte';

  /** How a cabinet is built, and all of its range: set here, kept for new rooms of the job or of the studio, or taken from what they keep. */
  let { item: shown, choice }: { item: ItemRecord; choice: BuildChoice } = $props();
  const { session, screen } = useWorkspace();
  const kept = $derived(choice.constructions);
  void untrack(() => kept.fetch());

  const known = $derived(rangesOf(session.document));
  /** The chosen ones that are built in some way. */
  const chosen = $derived(
    recordsOf(session.document, 'item').filter(
      (one) => screen.isSelected(one.id) && constructionOfItem(one, known) !== null,
    ),
  );
  const isSome = $derived(choice.buildsFor === 'chosen' && chosen.length > 1);
  /** What is shown of several is one of them. */
  const item = $derived(isSome && !chosen.some(({ id }) => id === shown.id) ? chosen[0]! : shown);
  const ids = $derived(isSome ? chosen.map(({ id }) => id) : [item.id]);
  const range = $derived(rangeBuilding(item, known));
  const record = $derived(recordsOf(session.document, 'construction').find((one) => one.range === range?.id));
  const isOne = $derived(choice.buildsFor === 'one' || isSome);
  /** What is shown, what it would be, and what is otherwise. */
  const made = $derived(isOne ? constructionOfItem(item, known) : range && constructionOf(range));
  const usual = $derived.by(() => {
    if (!range) return null;
    if (isOne) return constructionOf(range);
    const { ways: _, ...plain } = range;
    return constructionOf(plain);
  });
  const own = $derived(isOne ? item.built : record?.ways);
  const all = $derived(recordsOf(session.document, 'construction'));
  const key = (ones: readonly { range: string; ways: object }[]) =>
    ones
      .map(({ range: of, ways }) => `${of} ${canonical(ways)}`)
      .sort()
      .join();
  /** What the job builds otherwise, and the studio where the job says nothing of a range, that the room does not. */
  const toTake = $derived(
    [...new Map([...kept.studio, ...kept.job].map((one) => [one.range, one])).values()].filter(
      (one) => !all.some((here) => key([here]) === key([one])),
    ),
  );

  function set(ways: WaysChange): string {
    const done = isOne
      ? session.run(setConstruction, { ids, ways })
      : session.run(setConstruction, { range: range!.id, ways });
    return done ? '' : session.message;
  }
  function take() {
    for (const { range: of, ways } of toTake) {
      const here = all.find((one) => one.range === of);
      const gone = Object.fromEntries(Object.keys(here?.ways ?? {}).map((way) => [way, null]));
      session.run(setConstruction, { range: of, ways: { ...gone, ...ways } });
    }
  }
  const changed = (ways: readonly WayKey[]) => ways.filter((way) => own?.[way] !== undefined).length;
</script>

{#if made && usual && range}
  {@const possible = waysOf(made)}
  <More title="How it is built">
    <SelectField
      label="Set for"
      wide="5rem"
      value={isSome ? 'chosen' : isOne ? 'one' : 'range'}
      onchoose={(to) => (choice.buildsFor = to === 'one' || to === 'chosen' ? to : 'range')}
    >
      <option value="range">all of {range.name}</option>
      <option value="one">{item.code} alone</option>
      {#if chosen.length > 1}<option value="chosen">the {chosen.length} that are chosen</option>{/if}
    </SelectField>
    {#if isSome}<p class="help">
        Shown as {item.code} is; what is set holds for all {ids.length}.
      </p>{/if}
    {#if !isOne && item.built}
      <p class="help">{item.code} itself is built otherwise in {Object.keys(item.built).length} of these.</p>
    {/if}
    {#each Object.entries(wayGroups) as [name, ways] (name)}
      {@const offered = ways.filter((way) => possible.includes(way))}
      {@const count = changed(offered)}
      <More title={count > 0 ? `${name}, ${count} of its own` : name}>
        {#each offered as way (way)}
          <WayField {way} {made} {usual} isOwn={own?.[way] !== undefined} style={session.style} onset={set} />
        {/each}
      </More>
    {/each}
    {#if kept.known && !isOne}
      <div class="exports">
        {#if key(all) !== key(kept.job)}<Button onclick={() => void kept.keep('job', all)}
            >For new rooms of the job</Button
          >{/if}
        {#if key(all) !== key(kept.studio)}<Button onclick={() => void kept.keep('studio', all)}
            >For all new rooms</Button
          >{/if}
        {#if toTake.length > 0}<Button onclick={take}>Build as is kept</Button>{/if}
      </div>
    {/if}
    {#if kept.problem}<p class="fault" role="alert">{kept.problem}</p>{/if}
  </More>
{/if}

<style>
  .help {
    color: var(--soft);
    font-size: 12.5px;
  }
  .fault {
    color: var(--blocked);
    font-size: 12.5px;
  }
</style>
