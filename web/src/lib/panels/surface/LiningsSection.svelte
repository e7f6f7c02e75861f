<script lang="ts">
  import {
    fixedThings,
    formatLength,
    liningStyleNames,
    lineFace,
    liningStyles,
    roomShape,
    type LiningStyle,
  } from 'goodreach';
  import { nanoid } from 'nanoid';
  import { useWorkspace } from '$lib/tools/context';
  import { liningWays } from '$lib/tools/style-ways';
  import ChoiceList from '$ui/ChoiceList.svelte';
  import Ways from '$ui/Ways.svelte';

  /** What lines the walls: those there are, and another before the chosen wall. */
  const { session, screen } = useWorkspace();
  const design = $derived(session.settled);
  const linings = $derived(fixedThings(design).filter(({ record }) => record.type === 'lining'));
  const length = (mm: number) => formatLength(mm, session.style);
  const face = $derived.by(() => {
    const { faces, byId } = roomShape(design);
    const record = design.records[screen.selected ?? ''];
    if (record?.kind === 'face') return byId.get(record.id)!;
    const against =
      record && 'placement' in record && record.placement.on === 'face' ? record.placement : null;
    return (against && byId.get(against.face)) || faces[0]!;
  });

  function line(style: LiningStyle) {
    const prefix = `lining-${nanoid(8)}`;
    if (session.run(lineFace, { face: face.id, style, prefix })) screen.select(`${prefix}-0`);
  }
</script>

<section aria-label="Linings">
  <h3>Linings</h3>
  <ChoiceList
    things={linings}
    chosen={screen.selected}
    onchoose={(id) => screen.select(id)}
    empty="Choose a wall, then what stands before it."
  >
    {#snippet children({ record, against })}
      {liningStyleNames[record.style ?? 'plain']}{against ? ` on face ${against.face.letter}` : ''},
      {length(record.depth)}
    {/snippet}
  </ChoiceList>
  <div class="ways" role="group" aria-label="Line face {face.letter}">
    <span>Face {face.letter}</span>
    <Ways
      ways={liningStyles.map((id) => ({ id, name: liningStyleNames[id], d: liningWays[id] }))}
      now={null}
      onchoose={line}
    />
  </div>
</section>

<style>
  section {
    display: grid;
    gap: 0.4rem;
    padding-top: 0.5rem;
    border-top: 1px solid var(--rule);
  }
  h3 {
    font-size: 13px;
    font-weight: 500;
  }
  .ways {
    display: flex;
    align-items: center;
    gap: 0.2rem;
  }
  span {
    min-width: 3.2rem;
    color: var(--soft);
    font-size: 12.5px;
  }
</style>
