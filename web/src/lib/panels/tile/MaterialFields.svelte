<script lang="ts">
  import {
    adhesiveOf,
    densityOf,
    drainEdges,
    findZone,
    formatLength,
    isOfFloor,
    LEAST_FALL,
    MOST_BED,
    MOST_FALL,
    MOST_GAP,
    MOST_TILE_THICKNESS,
    notches,
    putZone,
    type DrainEdge,
    type ZoneMaterials,
    type ZoneRecord,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import LengthField from '$ui/LengthField.svelte';
  import NumberField from '$ui/NumberField.svelte';
  import SelectField from '$ui/SelectField.svelte';

  /** What a zone is laid in and filled with: the usual until something else is typed, and again when a field is emptied. */
  let { zone }: { zone: ZoneRecord } = $props();
  const { session } = useWorkspace();

  const adhesive = $derived(adhesiveOf(zone));
  const put = (change: Partial<ZoneRecord>) =>
    session.run(putZone, { ...zone, ...change }) ? '' : session.message;
  const run = (change: ZoneMaterials) => put({ materials: { ...zone.materials, ...change } });
  function drop(what: keyof ZoneMaterials) {
    const { [what]: _, ...materials } = zone.materials ?? {};
    return put({ materials });
  }
  function level() {
    const { fall: _, channel: __, ...rest } = zone;
    return session.run(putZone, rest) ? '' : session.message;
  }
  /** Where a drain could lie along an edge, and which of them it does. */
  const edges = $derived.by(() => {
    const area = zone.fall === undefined ? undefined : findZone(session.document, zone.id);
    return area ? drainEdges(session.document, area) : [];
  });
  const edgeName = ({ face, long }: DrainEdge) =>
    `Along ${face === null ? 'an edge' : `face ${face}`}, ${formatLength(long, session.style)}`;
  const drainAt = $derived.by(() => {
    const { channel } = zone;
    if (!channel) return '';
    const away = edges.map(({ at }) => Math.hypot(at.x - channel.x, at.y - channel.y));
    return String(away.indexOf(Math.min(...away)));
  });
  function layDrain(index: string) {
    const edge = edges[Number(index)];
    const { channel: _, ...inFloor } = zone;
    session.run(putZone, index === '' || !edge ? inFloor : { ...zone, channel: edge.at });
  }
  const chosen = $derived(notches.find(({ kgPerM2 }) => kgPerM2 === adhesive.kgPerM2)?.notch ?? '');
  function choose(notch: number) {
    const found = notches.find((one) => one.notch === notch);
    if (found) run({ kgPerM2: found.kgPerM2, bed: found.bed });
  }
</script>

<LengthField
  label="Thickness"
  value={zone.tile.thickness ?? 9}
  style={session.style}
  least={1}
  most={MOST_TILE_THICKNESS}
  onset={(thickness) => put({ tile: { ...zone.tile, thickness } })}
/>
<SelectField label="Trowel" wide="7.7rem" value={chosen} onchoose={(notch) => choose(Number(notch))}>
  {#each notches as { notch, kgPerM2 } (notch)}
    <option value={notch}>{notch} mm notch, {kgPerM2} kg/m²</option>
  {/each}
  {#if chosen === ''}<option value="">as typed</option>{/if}
</SelectField>
<NumberField
  label="Adhesive"
  value={adhesive.kgPerM2}
  least={0.5}
  most={30}
  decimals={2}
  unit="kg/m²"
  onset={(kgPerM2) => run({ kgPerM2 })}
  onclear={() => drop('kgPerM2')}
/>
<NumberField
  label="Bag"
  value={adhesive.bagKg}
  least={0.5}
  most={100}
  decimals={2}
  unit="kg"
  onset={(bagKg) => run({ bagKg })}
  onclear={() => drop('bagKg')}
/>
<NumberField
  label="A bag covers"
  value={adhesive.cover}
  least={0.1}
  most={100}
  decimals={2}
  unit="m²"
  placeholder="by weight"
  onset={(cover) => run({ cover })}
  onclear={() => drop('cover')}
/>
<NumberField
  label="On the backs"
  value={Math.round(adhesive.backButter * 1000) / 10}
  most={100}
  decimals={1}
  unit="%"
  onset={(percent) => run({ backButter: percent / 100 })}
  onclear={() => drop('backButter')}
/>
<LengthField
  label="Bed"
  value={zone.materials?.bed ?? notches.find(({ notch }) => notch === chosen)?.bed ?? 4}
  style={session.style}
  most={MOST_BED}
  onset={(bed) => run({ bed })}
/>
<NumberField
  label="Grout"
  value={densityOf(zone)}
  least={0.5}
  most={5}
  decimals={2}
  unit="kg/l"
  onset={(density) => run({ density })}
  onclear={() => drop('density')}
/>
{#if isOfFloor(zone)}
  <NumberField
    label="Falls to drain"
    value={zone.fall === undefined ? null : Math.round(zone.fall * 1000) / 10}
    least={LEAST_FALL * 100}
    most={MOST_FALL * 100}
    decimals={1}
    step={0.1}
    unit="%"
    placeholder="level"
    onset={(percent) => put({ fall: percent / 100 })}
    onclear={level}
  />
  {#if zone.fall !== undefined}
    <SelectField label="Drain" value={drainAt} onchoose={layDrain}>
      <option value="">In the floor</option>
      {#each edges as edge, index (index)}<option value={String(index)}>{edgeName(edge)}</option>{/each}
    </SelectField>
  {/if}
{/if}
<LengthField
  label="Gap at edges"
  value={zone.gap ?? 0}
  style={session.style}
  most={MOST_GAP}
  onset={(gap) => put({ gap })}
/>
<label class="sunny">
  <input
    type="checkbox"
    checked={zone.sunny ?? false}
    onchange={({ currentTarget: { checked } }) => put({ sunny: checked })}
  /> In direct sun
</label>

<style>
  .sunny {
    color: var(--soft);
  }
</style>
