<script lang="ts">
  import { choiceOf, putZone, type ZonePattern, type ZoneRecord } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import LengthField from '$ui/LengthField.svelte';
  import SelectField from '$ui/SelectField.svelte';
  import NumberField from '$ui/NumberField.svelte';
  import Button from '$ui/Button.svelte';

  /** What can be said of a pattern besides its kind: by how much rows are moved on, how planks lie, how many tiles make a weave. */
  let { zone }: { zone: ZoneRecord } = $props();
  const { session } = useWorkspace();

  /** As it is said, mirrored or not. */
  const choice = $derived(choiceOf({ ...zone.pattern, mirrored: false }, zone.tile, zone.joint));
  const run = (change: Partial<ZonePattern>) =>
    session.run(putZone, { ...zone, pattern: { ...zone.pattern, ...change } }) ? '' : session.message;

  const SHARES = [
    [1, 2],
    [1, 3],
    [1, 4],
    [1, 5],
    [1, 6],
  ] as const;
  const offset = $derived(choice.type === 'running' || choice.type === 'vertical' ? choice.offset : null);
  const share = $derived(offset && SHARES.find(([n, d]) => n === offset[0] && d === offset[1]));
  /** Longer tiles are seldom quite flat: by more than a third their ends stand out beside the middles of the next row, mm. */
  const LONG = 380;
  const isBowed = $derived(
    offset !== null &&
      Math.max(zone.tile.w, zone.tile.h) > LONG &&
      Math.abs(offset[0] / offset[1] - 0.5) < 0.5 - 1 / 3 - 1e-9,
  );
  /** Another row by row: the next chance. */
  const shuffle = () =>
    zone.pattern.random &&
    run({ random: { ...zone.pattern.random, seed: (zone.pattern.random.seed + 1) % 1_000_000 } });
  function lie(way: string) {
    const { random: _, stagger: __, ...bare } = zone.pattern;
    const least = Math.floor((zone.tile.w + zone.joint) / 6);
    session.run(putZone, {
      ...zone,
      pattern: way === 'chance' ? { ...bare, random: { seed: 1, least } } : bare,
    });
  }
</script>

{#if offset}
  <SelectField
    label="Moved on"
    value={share ? share.join('/') : ''}
    onchoose={(value) => {
      const [n, d] = value.split('/').map(Number);
      if (d) run({ offset: { n: n!, d } });
    }}
  >
    {#each SHARES as [n, d] (d)}<option value="{n}/{d}">by {n}/{d} of a tile</option>{/each}
    {#if !share}<option value="">by so much</option>{/if}
  </SelectField>
  <NumberField
    label="In percent"
    value={Math.round((offset[0] / offset[1]) * 100)}
    most={99}
    unit="%"
    onset={(percent) => run({ offset: { n: percent, d: 100 } })}
  />
  {#if isBowed}<p class="hint" role="status">
      Tiles as long as these are best moved on by a third at most: their ends would stand out.
    </p>{/if}
{:else if choice.type === 'plank'}
  <SelectField label="Rows" value={zone.pattern.random ? 'chance' : 'steps'} onchoose={lie}>
    <option value="steps">In steps</option>
    <option value="chance">By chance</option>
  </SelectField>
  {#if zone.pattern.random}
    <LengthField
      label="Joints apart"
      value={zone.pattern.random.least}
      style={session.style}
      onset={(least) => run({ random: { seed: zone.pattern.random!.seed, least } })}
    />
    <Button look="quiet" onclick={shuffle}>Another chance</Button>
  {/if}
{:else if choice.type === 'basketweave'}
  <NumberField label="Tiles a weave" value={choice.n} least={2} most={12} onset={(n) => run({ n })} />
{/if}
{#if choice.type !== 'grid'}
  <label class="mirrored"
    ><input
      type="checkbox"
      checked={zone.pattern.mirrored ?? false}
      onchange={({ currentTarget: { checked } }) => run({ mirrored: checked })}
    /> Mirrored</label
  >
{/if}

<style>
  .hint,
  .mirrored {
    color: var(--soft);
    font-size: 13px;
  }
</style>
