<script lang="ts">
  import {
    itemBoxes,
    itemNumbers,
    setTiling,
    tilingOf,
    usualTiling,
    type ItemBox,
    type TilingWay,
    type ZoneRecord,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import More from '$ui/More.svelte';

  /** What stands on a floor or at a face that is tiled: whether tiles end at it, or go on under and behind it. */
  let { zone }: { zone: ZoneRecord } = $props();
  const { session } = useWorkspace();

  const face = $derived(zone.placement.on === 'face' ? zone.placement.face : null);
  const boxes = $derived(
    itemBoxes(session.settled).filter(({ kind, low, against }) => {
      if (kind.group === 'dressing' || kind.group === 'furniture' || kind.group === 'accessories')
        return false;
      return face === null ? low <= ON_FLOOR : against?.face.id === face;
    }),
  );
  const ON_FLOOR = 5;
  const numbers = $derived(itemNumbers(session.settled));
  const name = ({ id, record }: ItemBox) => `${record.code}${numbers.has(id) ? ` (${numbers.get(id)})` : ''}`;
  const choose = (box: ItemBox, way: string) =>
    session.run(setTiling, { ids: [box.id], way: way === usualTiling(box.kind) ? null : (way as TilingWay) });
</script>

{#if boxes.length > 0}
  <More title="What stands there">
    {#each boxes as box (box.id)}
      <label>
        <span>{name(box)}</span>
        <select value={tilingOf(box)} onchange={({ currentTarget: { value } }) => choose(box, value)}>
          <option value="around">Tiled round</option>
          <option value="under">{face === null ? 'Tiled under' : 'Tiled behind'}</option>
        </select>
      </label>
    {/each}
  </More>
{/if}

<style>
  label {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 0.4rem;
    align-items: center;
    color: var(--soft);
    font-size: 13px;
  }
  select {
    min-height: max(28px, var(--touch));
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    color: var(--text);
  }
</style>
