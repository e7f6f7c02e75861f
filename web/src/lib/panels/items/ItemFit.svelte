<script lang="ts">
  import {
    alcoveOf,
    caseRefrigerator,
    casingOf,
    concealCistern,
    drainDistances,
    drainSides,
    formatLength,
    findBox,
    kindOf,
    openingsOn,
    refusalText,
    roomOf,
    setDrain,
    setEndPanel,
    setInto,
    setOver,
    shelfOf,
    usualLining,
    type DrainSide,
    type ItemRecord,
    type Side,
  } from 'goodreach';
  import { nanoid } from 'nanoid';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import Length from '$ui/Length.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import More from '$ui/More.svelte';
  import CutRound from './CutRound.svelte';
  import ItemRow from './ItemRow.svelte';

  /** What fits chosen items into the room: drains, alcoves, what is let into a top, and ends. */
  let { items }: { items: readonly [ItemRecord, ...ItemRecord[]] } = $props();
  const { session, shelf } = useWorkspace();
  const item = $derived(items[0]);
  const single = $derived(items.length === 1);
  const kind = $derived(kindOf(item.type));
  const locked = $derived(items.some((one) => one.locked));
  const box = $derived(findBox(session.settled, item.id));
  const newId = () => `item-${nanoid(8)}`;
  const newIds = (count: number) => Array.from({ length: Math.min(Math.max(1, count || 1), 12) }, newId);

  const drains = $derived(
    single && box && kind.group === 'fixtures' ? drainDistances(session.settled, box) : null,
  );
  const sideNames: Record<DrainSide, string> = {
    left: 'Drain from left',
    right: 'Drain from right',
    behind: 'Rough-in',
  };
  const alcove = $derived(
    single && box && (kind.symbol === 'bath' || kind.symbol === 'shower')
      ? alcoveOf(session.settled, box)
      : null,
  );

  /** What can be let into its top. */
  const bowls = $derived.by(() => {
    const hosts: Record<string, readonly string[]> = { base: ['sink', 'hob'], vanity: ['basin-inset'] };
    const types = single && kind.front && !kind.plan ? (hosts[kind.group] ?? []) : [];
    if (types.length === 0) return [];
    return shelfOf(roomOf(session.committed).range, shelf.known(session.committed)).filter(
      (one) => types.includes(one.type) && one.width <= item.width && one.depth <= item.depth,
    );
  });
  let bowl = $state('');
  const which = $derived(chosenOf(bowls, bowl));
  let bowlCount = $state(1);
  /** The openings it can hang over. */
  const windows = $derived(
    single && box?.against && item.up > 300 && ['wall', 'panels'].includes(kind.group)
      ? openingsOn(session.settled, box.against!.face.id)
      : [],
  );
  const isCabinet = $derived(['base', 'wall', 'tall', 'vanity'].includes(kind.group));
  /** The code chosen of some that are offered; the first until one is. */
  function chosenOf(offered: readonly { code: string }[], code: string): string {
    return offered.some((one) => one.code === code) ? code : (offered[0]?.code ?? '');
  }

  function finish(side: Side) {
    session.run(setEndPanel, { id: item.id, side, panel: newId() });
  }

  /** What is to be said of what was done to which item. */
  let said = $state.raw({ id: '', text: '' });
  const note = $derived(said.id === item.id ? said.text : '');

  /** Where nothing goes in over it that is said, as the panels are set all the same. */
  function caseIn() {
    const casing = box && casingOf(session.committed, box);
    if (!session.run(caseRefrigerator, { id: item.id, ids: [newId(), newId(), newId()] })) return;
    const bridge = casing?.ok ? casing.value.bridge : null;
    said = { id: item.id, text: bridge && !bridge.ok ? refusalText(bridge.refusal, session.style) : '' };
  }

  function letIn() {
    session.run(setInto, {
      host: item.id,
      range: roomOf(session.committed).range,
      code: which,
      ids: newIds(bowlCount),
    });
  }
</script>

{#if drains}
  {#each drainSides as side (side)}
    {#if drains[side] !== null}
      <LengthField
        label={sideNames[side]}
        value={drains[side]}
        style={session.style}
        disabled={locked}
        onset={(distance) => (session.run(setDrain, { id: item.id, side, distance }) ? '' : session.message)}
      />
    {/if}
  {/each}
{/if}
{#if alcove}
  <p class="about">
    {#if alcove.spare < 0}
      <strong>
        <Length text={formatLength(-alcove.spare, session.style)} /> too long: <Length
          text={formatLength(alcove.free, session.style)}
        /> are free there.
      </strong>
    {:else}
      It fits: <Length text={formatLength(alcove.free, session.style)} /> are free there, <Length
        text={formatLength(alcove.spare, session.style)}
      /> to spare.
    {/if}
  </p>
{/if}
{#if single && item.type === 'toilet-hung' && item.placement.on === 'face' && item.placement.off === 0}
  <div>
    <Button
      disabled={locked}
      onclick={() =>
        session.run(concealCistern, {
          id: item.id,
          fixed: `fixed-${nanoid(8)}`,
          ...usualLining(session.committed),
        })}>Conceal its cistern</Button
    >
  </div>
{/if}
{#if bowls.length > 0}
  <More title={kind.group === 'vanity' ? 'Let basins in' : 'Let a sink or hob in'}>
    <label class="row">
      Which
      <select value={which} onchange={(event) => (bowl = event.currentTarget.value)}>
        {#each bowls as { code, name } (code)}<option value={code}>{code}, {name}</option>{/each}
      </select>
    </label>
    {#if kind.group === 'vanity'}
      <label class="row">How many <input type="number" min="1" max="4" bind:value={bowlCount} /></label>
    {/if}
    <Button onclick={letIn}>Let in</Button>
  </More>
{/if}
{#if windows.length > 0}
  <label class="row">
    Hang over
    <select
      value=""
      disabled={locked}
      onchange={(event) => {
        session.run(setOver, { id: item.id, opening: event.currentTarget.value });
        event.currentTarget.value = '';
      }}
    >
      <option value="" disabled>an opening</option>
      {#each windows as { record, name } (record.id)}<option value={record.id}>{name}</option>{/each}
    </select>
  </label>
{/if}
{#if single && item.type === 'refrigerator'}
  <div>
    <Button disabled={locked} onclick={caseIn}>Case it in</Button>
  </div>
  {#if note}<p class="about" role="status">{note}</p>{/if}
{/if}
{#if single && isCabinet}
  <CutRound {item} />
  <div class="pair">
    <Button onclick={() => finish('left')}>Finish left end</Button>
    <Button onclick={() => finish('right')}>Finish right end</Button>
  </div>
{/if}
<ItemRow {items} />

<style>
  strong {
    color: var(--blocked);
    font-weight: 500;
  }
  .pair {
    display: flex;
    flex-wrap: wrap;
    gap: 0.3rem;
  }
  .pair :global(button) {
    min-height: max(28px, var(--touch));
    padding: 0.1rem 0.5rem;
    font-size: 13px;
  }
</style>
