<script lang="ts">
  import {
    centroid,
    facesAcross,
    fixedNames,
    fixedThings,
    type FixedType,
    fixedTypes,
    formatLength,
    itemNumbers,
    placedDividers,
    type PlacedFace,
    placedServices,
    putDivider,
    putFixed,
    putService,
    roomOf,
    roomShape,
    roughIns,
    serviceNames,
    type ServiceType,
    serviceTypes,
    usualFixed,
    usualServiceHeight,
  } from 'goodreach';
  import { nanoid } from 'nanoid';
  import { useWorkspace } from '$lib/tools/context';
  import ChoiceList from '$ui/ChoiceList.svelte';
  import ServiceSymbol from './ServiceSymbol.svelte';
  import UnderlayEntry from './UnderlayEntry.svelte';

  const { session, screen } = useWorkspace();
  const shape = $derived(roomShape(session.document));
  const things = $derived(fixedThings(session.document));
  const services = $derived(placedServices(session.document));

  const length = (mm: number) => formatLength(mm, session.style);
  /** What fixtures and appliances need where they stand: their rough-ins, by item. */
  const brought = $derived.by(() => {
    const numbers = itemNumbers(session.settled);
    return roughIns(session.settled).map((point, index) => ({
      ...point,
      id: `${point.item} ${index}`,
      number: numbers.get(point.item)!,
    }));
  });

  /** The face chosen, or the first. */
  function face() {
    const selected = session.committed.records[screen.selected ?? ''];
    if (selected?.kind === 'face') return shape.byId.get(selected.id)!;
    if (selected && 'placement' in selected && selected.placement.on === 'face')
      return shape.byId.get(selected.placement.face)!;
    return shape.faces[0]!;
  }

  function addFixed(type: FixedType) {
    const id = `fixed-${nanoid(8)}`;
    if (session.run(putFixed, usualFixed(session.committed, id, type, face().id))) screen.select(id);
  }

  /** A line from the middle of the chosen face to the face across from it, where the room can be divided so. */
  function divide() {
    const on = face();
    const middle = ({ id, length }: PlacedFace) => ({
      face: id,
      from: 'left' as const,
      distance: Math.round(length / 2),
    });
    for (const other of facesAcross(shape.faces, on)) {
      const record = {
        kind: 'divider' as const,
        id: `divider-${nanoid(8)}`,
        name: 'Part',
        from: middle(on),
        to: middle(other),
        side: 'left' as const,
      };
      if (session.mayRun(putDivider, record) !== '') continue;
      session.run(putDivider, record);
      screen.select(record.id);
      return;
    }
    session.message = 'No line divides the room there. Choose a face that has another across from it.';
  }

  function addService(type: ServiceType) {
    const id = `service-${nanoid(8)}`;
    const { unit, ceilingHeight } = roomOf(session.committed);
    const on = face();
    const middle = centroid(shape.outline);
    const done = session.run(putService, {
      kind: 'service',
      id,
      type,
      up: usualServiceHeight(type, unit, ceilingHeight),
      placement:
        type === 'light'
          ? { on: 'floor', ...middle, turn: 0 }
          : { on: 'face', face: on.id, from: 'left', distance: Math.round(on.length / 2), off: 0 },
    });
    if (done) screen.select(id);
  }
</script>

<h3>Fixed things</h3>
<div class="adds">
  <!-- What lines a wall is a surface. -->
  {#each fixedTypes.filter((type) => type !== 'lining') as type (type)}
    <button onclick={() => addFixed(type)}>{fixedNames[type]}</button>
  {/each}
</div>
<ChoiceList {things} chosen={screen.selected} onchoose={(id) => screen.select(id)}>
  {#snippet children({ record, against })}
    {fixedNames[record.type]}{against ? ` on face ${against.face.letter}` : ''}
  {/snippet}
</ChoiceList>
<h3>Open plan</h3>
<div class="adds">
  <button onclick={divide}>Dividing line</button>
</div>
<ChoiceList
  things={placedDividers(session.document).map(({ record }) => record)}
  chosen={screen.selected}
  onchoose={(id) => screen.select(id)}
>
  {#snippet children({ name })}{name}{/snippet}
</ChoiceList>
<h3>Services</h3>
<div class="adds">
  {#each serviceTypes as type (type)}
    <button onclick={() => addService(type)}><ServiceSymbol {type} /> {serviceNames[type]}</button>
  {/each}
</div>
<ChoiceList
  things={services}
  chosen={screen.selected}
  onchoose={(id) => screen.select(id)}
  empty="Choose a face, then what comes out of it; type its distance and height in the facts."
>
  {#snippet children({ record, against })}
    <ServiceSymbol type={record.type} />
    {serviceNames[record.type]}{against ? ` on face ${against.face.letter}` : ''}
  {/snippet}
</ChoiceList>
{#if brought.length > 0}
  <h4>Brought by items</h4>
  <ChoiceList
    things={brought}
    chosen={null}
    onchoose={(id) => screen.select(brought.find((one) => one.id === id)?.item ?? null)}
  >
    {#snippet children({ type, number, against, up })}
      <ServiceSymbol {type} />
      {number}. {serviceNames[type]}, {against ? `${against.letter} ${length(against.along)}, ` : ''}{length(
        up,
      )} up
    {/snippet}
  </ChoiceList>
{/if}

<UnderlayEntry />

<style>
  h4 {
    color: var(--soft);
    font-size: 12.5px;
    font-weight: 500;
  }
  h3 {
    font-size: 13px;
  }
  .adds {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.3rem;
  }
  button {
    display: flex;
    align-items: center;
    gap: 0.4rem;
    min-height: max(30px, var(--touch));
    padding: 0.15rem 0.5rem;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    cursor: pointer;
    text-align: left;
  }
  button:hover {
    border-color: var(--clay);
  }
</style>
