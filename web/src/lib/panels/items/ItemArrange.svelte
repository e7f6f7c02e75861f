<script lang="ts">
  import {
    centreItems,
    openLengths,
    planSides,
    placedOpenings,
    formatLength,
    itemBoxes,
    itemNumbers,
    MOST_COPIES,
    repeatItems,
    roomShape,
    turnItems,
    type CentreOn,
    type ItemRecord,
    type PlanSide,
  } from 'goodreach';
  import { nanoid } from 'nanoid';
  import { useWorkspace } from '$lib/tools/context';
  import AngleField from '$ui/AngleField.svelte';
  import Button from '$ui/Button.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import More from '$ui/More.svelte';
  import { itemActions } from '../../tools/item-actions';

  /** What places items anew: turning, mirroring, centring, repeating. */
  let { items }: { items: readonly ItemRecord[] } = $props();
  const workspace = useWorkspace();
  const { session, screen } = workspace;
  const ids = $derived(items.map(({ id }) => id));
  const locked = $derived(items.some((item) => item.locked));
  const turns = itemActions.filter(({ id }) => ['turn', 'turn-half', 'square', 'mirror'].includes(id));

  /** Which items these are: the same while they are moved. */
  const which = $derived(ids.join(' '));
  /** What can be centred on, by a key that says it again. */
  const targets = $derived.by(() => {
    const design = session.committed;
    const own = new Set(which.split(' '));
    const { faces } = roomShape(design);
    const numbers = itemNumbers(design);
    const found: { key: string; name: string; on: CentreOn }[] = [];
    for (const gap of openLengths(design)) {
      const at = { face: gap.face.id, at: (gap.from + gap.to) / 2, band: gap.band };
      const size = formatLength(gap.length, session.style);
      found.push({
        key: `gap ${at.band} ${at.face} ${at.at}`,
        name: `Open length ${size} on ${gap.face.letter}${gap.band === 'base' ? '' : `, ${gap.band} run`}`,
        on: { gap: at },
      });
    }
    for (const { record, name } of placedOpenings(design))
      found.push({ key: record.id, name: `Opening ${name}`, on: { opening: record.id } });
    for (const { id, letter } of faces) found.push({ key: id, name: `Face ${letter}`, on: { face: id } });
    for (const { id, record } of itemBoxes(design))
      if (!own.has(id)) found.push({ key: id, name: `${numbers.get(id)}. ${record.code}`, on: { item: id } });
    return found;
  });

  function centre(key: string) {
    const target = targets.find((one) => one.key === key);
    if (target) session.run(centreItems, { ids, on: target.on });
  }

  const sideNames: Record<PlanSide, string> = {
    left: 'its left',
    right: 'its right',
    behind: 'its back',
    front: 'its front',
  };
  let times = $state(1);
  let side: PlanSide = $state('right');
  let gap = $state(0);

  function repeat() {
    // Whatever is typed: the command says what it may be, no more ids are made than that.
    const made = Math.min(Math.max(0, times || 0), MOST_COPIES) * ids.length;
    const copies = Array.from({ length: made }, () => `item-${nanoid(8)}`);
    if (session.run(repeatItems, { ids, times, side, gap, copies })) screen.choose([...ids, ...copies]);
  }
</script>

<More title="Turn, mirror, centre">
  <div class="buttons">
    {#each turns as action (action.id)}
      <Button disabled={locked} title={action.keys} onclick={() => action.run(workspace)}
        >{action.name}</Button
      >
    {/each}
  </div>
  <AngleField
    label="Turn by"
    value={null}
    placeholder="degrees"
    disabled={locked}
    onset={(by) => (session.run(turnItems, { ids, by }) ? '' : session.message)}
  />
  <label class="row">
    Centre on
    <select
      value=""
      disabled={locked}
      onchange={(event) => {
        centre(event.currentTarget.value);
        event.currentTarget.value = '';
      }}
    >
      <option value="" disabled>choose</option>
      {#each targets as { key, name } (key)}<option value={key}>{name}</option>{/each}
    </select>
  </label>
</More>
<More title="Repeat">
  <label class="row">
    Times
    <input type="number" min="1" max={MOST_COPIES} bind:value={times} />
  </label>
  <label class="row">
    Towards
    <select bind:value={side}>
      {#each planSides as one (one)}<option value={one}>{sideNames[one]}</option>{/each}
    </select>
  </label>
  <LengthField
    label="Gap between"
    value={gap}
    style={session.style}
    least={-30_000}
    onset={(mm) => void (gap = mm)}
  />
  <Button onclick={repeat}>Repeat</Button>
</More>

<style>
  .buttons {
    display: flex;
    flex-wrap: wrap;
    gap: 0.3rem;
  }
  .buttons :global(button) {
    min-height: max(28px, var(--touch));
    padding: 0.1rem 0.5rem;
    font-size: 13px;
  }
</style>
