<script lang="ts">
  import {
    LEAST_REPEAT,
    MOST_BOX,
    MOST_JOINT,
    MOST_TILE,
    MOST_TILE_THICKNESS,
    MOST_VARIES,
    shadeNames,
    tileShades,
    type FinishTile,
    type TileShade,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import LengthField from '$ui/LengthField.svelte';
  import NumberField from '$ui/NumberField.svelte';
  import SelectField from '$ui/SelectField.svelte';

  /** A tile as it comes and as it is laid: its size, its joint, what comes in a box, the sheets of mosaic, and how much tiles differ. */
  let { tile = $bindable() }: { tile: FinishTile } = $props();
  const { style } = $derived(useWorkspace().session);

  const set = (change: Partial<FinishTile>) => void (tile = { ...tile, ...change });
  function drop(what: 'perBox' | 'sheet' | 'shade' | 'varies') {
    const { [what]: _, ...rest } = tile;
    tile = rest;
    return '';
  }
  const LAID = [
    [0, 'In line'],
    [0.5, 'By halves'],
    [1 / 3, 'By thirds'],
  ] as const;
</script>

<LengthField
  label="Tile, along"
  value={tile.long}
  {style}
  least={LEAST_REPEAT}
  most={MOST_TILE}
  onset={(long) => set({ long })}
/>
<LengthField
  label="Tile, across"
  value={tile.high}
  {style}
  least={LEAST_REPEAT}
  most={MOST_TILE}
  onset={(high) => set({ high })}
/>
<LengthField
  label="Thickness"
  value={tile.thickness ?? 9}
  {style}
  least={1}
  most={MOST_TILE_THICKNESS}
  onset={(thickness) => set({ thickness })}
/>
<LengthField label="Joint" value={tile.joint} {style} most={MOST_JOINT} onset={(joint) => set({ joint })} />
<SelectField
  label="Laid"
  wide="7.7rem"
  value={tile.offset}
  onchoose={(offset) => set({ offset: Number(offset) })}
>
  {#each LAID as [offset, name] (name)}<option value={offset}>{name}</option>{/each}
  {#if !LAID.some(([offset]) => offset === tile.offset)}<option value={tile.offset}>As it is</option>{/if}
</SelectField>
<label class="grout">
  Grout
  <input type="color" value={tile.grout} onchange={({ currentTarget: { value } }) => set({ grout: value })} />
</label>
<NumberField
  label={tile.sheet ? 'Sheets in a box' : 'In a box'}
  value={tile.perBox ?? null}
  least={1}
  most={MOST_BOX}
  onset={(perBox) => set({ perBox })}
  onclear={() => drop('perBox')}
/>
<label class="sheets">
  <input
    type="checkbox"
    checked={tile.sheet !== undefined}
    onchange={({ currentTarget: { checked } }) =>
      void (checked ? set({ sheet: { w: 300, h: 300 } }) : drop('sheet'))}
  /> Comes on sheets
</label>
{#if tile.sheet}
  <LengthField
    label="Sheet, along"
    value={tile.sheet.w}
    {style}
    least={LEAST_REPEAT}
    most={MOST_TILE}
    onset={(w) => set({ sheet: { ...tile.sheet!, w } })}
  />
  <LengthField
    label="Sheet, across"
    value={tile.sheet.h}
    {style}
    least={LEAST_REPEAT}
    most={MOST_TILE}
    onset={(h) => set({ sheet: { ...tile.sheet!, h } })}
  />
{/if}
<LengthField
  label="Differs in size"
  value={tile.varies ?? 0}
  {style}
  most={MOST_VARIES}
  onset={(varies) => void (varies > 0 ? set({ varies }) : drop('varies'))}
/>
<SelectField
  label="Differs in shade"
  wide="7.7rem"
  value={tile.shade ?? 'uniform'}
  onchoose={(shade) => void (shade === 'uniform' ? drop('shade') : set({ shade: shade as TileShade }))}
>
  {#each tileShades as shade (shade)}<option value={shade}>{shadeNames[shade]}</option>{/each}
</SelectField>

<style>
  .grout {
    display: grid;
    grid-template-columns: 7.2rem minmax(0, 1fr);
    align-items: center;
    gap: 0.5rem;
    color: var(--soft);
  }
  .sheets {
    min-height: var(--touch);
    color: var(--soft);
  }
  input[type='color'] {
    width: 3.4rem;
    min-height: max(30px, var(--touch));
    padding: 2px;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
  }
</style>
