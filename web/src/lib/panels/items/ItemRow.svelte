<script lang="ts">
  import {
    editItems,
    kindOf,
    kneeSpaceFor,
    MOST_OVERHANG,
    roomOf,
    seatRow,
    setBacks,
    shelfOf,
    type ItemRecord,
    type OverhangSide,
    type SeatSide,
  } from 'goodreach';
  import { nanoid } from 'nanoid';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import More from '$ui/More.svelte';

  /** What goes with the free sides of cabinets on the floor: how far their top stands out, a finished back, seats. */
  let { items }: { items: readonly [ItemRecord, ...ItemRecord[]] } = $props();
  const { session, shelf } = useWorkspace();
  const ids = $derived(items.map(({ id }) => id));
  const room = $derived(roomOf(session.settled));
  const locked = $derived(items.some((one) => one.locked));
  const carries = $derived(items.every(({ type, up }) => kindOf(type).top === 'under' && up < 300));
  const free = $derived(
    items.every((one) => ['base', 'shapes'].includes(kindOf(one.type).group) && one.placement.on === 'floor'),
  );
  const newIds = (count: number) =>
    Array.from({ length: Math.min(Math.max(1, count || 1), 12) }, () => `item-${nanoid(8)}`);

  const sides: readonly [SeatSide, string, string][] = [
    ['behind', 'behind', 'Past its back'],
    ['left', 'at the left end', 'Past its left end'],
    ['right', 'at the right end', 'Past its right end'],
  ];

  const pasts: readonly [OverhangSide, string][] = [
    ['front', 'Past its front'],
    ...sides.map(([id, , past]): [OverhangSide, string] => [id, past]),
  ];

  const usualOverhang = (side: OverhangSide) => (side === 'front' ? room.frontOverhang : room.endOverhang);

  /** How far the top stands out on one side, where all chosen share it. */
  function overhangOf(side: OverhangSide): number | null {
    const own = new Set(items.map(({ overhangs }) => overhangs?.[side] ?? usualOverhang(side)));
    return own.size === 1 ? [...own][0]! : null;
  }

  /** The room's own overhang again where that is what was typed. */
  function overhang(side: OverhangSide, mm: number): string {
    const own = Math.abs(mm - usualOverhang(side)) < 1e-4 ? null : mm;
    return session.run(editItems, { ids, change: { overhangs: { [side]: own } } }) ? '' : session.message;
  }

  let backs = $state(3);
  let seats = $state(2);
  let side: SeatSide = $state('behind');
  let seat = $state('');
  const stools = $derived(
    free
      ? shelfOf(room.range, shelf.known(session.committed)).filter(({ type }) =>
          ['stool', 'chair'].includes(type),
        )
      : [],
  );
  const which = $derived(stools.some(({ code }) => code === seat) ? seat : (stools[0]?.code ?? ''));
  /** How deep knees reach under a top as high as this one. */
  const usualKnees = $derived(
    kneeSpaceFor(
      session.committed,
      Math.max(...items.map(({ up, height }) => up + height)) + room.topThickness,
    ),
  );
  let typedKnees: number | null = $state(null);
  const knees = $derived(typedKnees ?? usualKnees);

  function setSeats() {
    session.run(seatRow, {
      ids,
      side,
      range: room.range,
      code: which,
      seats: newIds(seats),
      overhang: knees,
    });
  }
</script>

{#if free && carries}
  <More title="Back and seats">
    <label class="row">Panels <input type="number" min="1" max="12" bind:value={backs} /></label>
    <Button disabled={locked} onclick={() => session.run(setBacks, { ids, panels: newIds(backs) })}
      >Finish the back</Button
    >
    <label class="row">Seats <input type="number" min="1" max="12" bind:value={seats} /></label>
    <label class="row">
      Which
      <select value={which} onchange={(event) => (seat = event.currentTarget.value)}>
        {#each stools as { code, name } (code)}<option value={code}>{code}, {name}</option>{/each}
      </select>
    </label>
    <label class="row">
      Where
      <select bind:value={side}>
        {#each sides as [id, name] (id)}<option value={id}>{name}</option>{/each}
      </select>
    </label>
    <LengthField
      label="Knee space"
      value={knees}
      style={session.style}
      most={MOST_OVERHANG}
      onset={(mm) => {
        typedKnees = mm;
        return '';
      }}
    />
    <Button disabled={locked} onclick={setSeats}>Set seats, and the top over their knees</Button>
  </More>
{/if}
{#if carries}
  <More title="How far the top stands out">
    {#each pasts as [id, past] (id)}
      <LengthField
        label={past}
        value={overhangOf(id)}
        placeholder="differs"
        style={session.style}
        most={MOST_OVERHANG}
        disabled={locked}
        onset={(mm) => overhang(id, mm)}
      />
    {/each}
  </More>
{/if}
