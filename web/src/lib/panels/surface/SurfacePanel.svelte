<script lang="ts">
  import {
    edgeLengths,
    formatArea,
    formatLength,
    isThin,
    jointedTops,
    JOINT_CLEAR,
    LEAST_RAIL,
    LEAST_SLAB,
    MOST_OVERHANG,
    MOST_SLAB,
    netArea,
    recordOf,
    roomOf,
    setRoom,
    setTopCorner,
    setTopEdge,
    setTopJoints,
    slabOf,
    topCorrections,
    topCutOuts,
    tops,
    type EdgeKind,
    type JointedPiece,
    type RoomChange,
    type Top,
    type TopCorrection,
    UNSUPPORTED,
    unsupported,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import { carrierName, cornerNames, edgeName, sideNames, useNames } from '$lib/tools/top-words';
  import Button from '$ui/Button.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import VerdictMark from '$ui/VerdictMark.svelte';

  /** The tops of the room: how they are made all over, what each measures, and what was set by hand. */
  const { session, screen } = useWorkspace();
  const design = $derived(session.settled);
  const room = $derived(roomOf(session.document));
  const all = $derived(tops(design));
  const corrections = $derived(topCorrections(design));
  const length = (mm: number) => formatLength(mm, session.style);

  const kinds: readonly [EdgeKind, string][] = [
    ['front', 'Front'],
    ['end', 'Free ends'],
    ['back', 'At walls and behind'],
    ['cut', 'Against what interrupts it'],
  ];
  const lengths: readonly ['topThickness' | 'frontOverhang' | 'endOverhang', string, number, number][] = [
    ['topThickness', 'Thickness', 3, 150],
    ['frontOverhang', 'Past fronts', 0, MOST_OVERHANG],
    ['endOverhang', 'Past free ends', 0, MOST_OVERHANG],
  ];

  const change = (part: RoomChange) => (session.run(setRoom, part) ? '' : session.message);

  function told(one: TopCorrection): string {
    const [first, last] = [one.items[0]!, one.items.at(-1)!];
    const name = carrierName(design, first) + (last === first ? '' : ` to ${carrierName(design, last)}`);
    if ('side' in one) return `${name}: ${sideNames[one.side]} stands out ${length(one.overhang)}`;
    if ('joint' in one)
      return `${name}: ${cornerNames[one.joint]} ${one.way === 'none' ? 'not joined' : one.way === 'mitre' ? 'mitred' : `joined, ${one.way} run through`}`;
    if ('across' in one) return `${name}: joined ${one.across.map(length).join(', ')} from its left end`;
    const { radius, chamfer } = one.shape;
    return radius === undefined
      ? `${name}: ${cornerNames[one.corner]} cut by ${length(chamfer!)}`
      : `${name}: ${cornerNames[one.corner]} round, ${length(radius)}`;
  }

  function undoOne(one: TopCorrection) {
    const [item] = one.items as [string];
    if ('across' in one) session.run(setTopJoints, { id: item, across: [] });
    else if ('joint' in one) session.run(setTopJoints, { at: [{ item, corner: one.joint }], way: null });
    else if ('side' in one) session.run(setTopEdge, { ids: one.items, side: one.side, overhang: null });
    else session.run(setTopCorner, { at: [{ item, corner: one.corner }], shape: null });
  }

  const slab = $derived(slabOf(design));
  const jointsOf = (top: Top) => jointedTops(design).get(top)!;
  const isTooLong = ({ length: long, width }: JointedPiece) =>
    long > slab.length + 1e-6 || width > slab.width + 1e-6;
  /** The chosen item that carries a top, for a joint over its middle. */
  const over = $derived(
    all.some(({ items }) => items.includes(screen.selected ?? '')) ? screen.selected : null,
  );

  function join(id: string) {
    const record = recordOf(session.committed, 'item', id);
    if (!record) return;
    const told = record.topJoints?.across?.map(({ at }) => at) ?? [];
    session.run(setTopJoints, { id, across: [...told, record.width / 2] });
  }

  const tooLarge = ({ rings }: Top) => rings.some((ring) => ring.tooLarge !== null);
</script>

<div class="panel">
  <h2>Tops</h2>
  <div class="all">
    {#each lengths as [key, label, least, most] (key)}
      <LengthField
        {label}
        value={room[key]}
        style={session.style}
        {least}
        {most}
        onset={(mm) => change({ [key]: mm })}
      />
    {/each}
    {#each [['slabLength', 'Slab length', slab.length], ['slabWidth', 'Slab width', slab.width]] as const as [key, label, value] (key)}
      <LengthField
        {label}
        {value}
        style={session.style}
        least={LEAST_SLAB}
        most={MOST_SLAB}
        onset={(mm) => change({ [key]: mm })}
      />
    {/each}
  </div>
  {#each all as top, index (index)}
    {@const sums = edgeLengths(top)}
    <section aria-label="Top {index + 1}">
      <h3>
        <button title="Choose what it stands on" onclick={() => screen.choose(top.items)}
          >Top {index + 1}</button
        >
        <span>{formatArea(top.area, room.unit)}</span>
      </h3>
      <dl>
        <div>
          <dt>Surface at</dt>
          <dd>{length(top.surface)}</dd>
        </div>
        {#if netArea(design, top) < top.area}<div>
            <dt>Less its cut-outs</dt>
            <dd>{formatArea(netArea(design, top), room.unit)}</dd>
          </div>{/if}
        {#each kinds as [kind, name] (kind)}
          {#if sums[kind] > 0.5}<div>
              <dt>{name}</dt>
              <dd>{length(sums[kind])}</dd>
            </div>{/if}
        {/each}
      </dl>
      {#each (topCutOuts(design).get(top) ?? []).filter(isThin) as { item, use, nearest }, at (at)}
        <p class="tight">
          <VerdictMark verdict="tight" size={14} />
          <span
            >{nearest === null
              ? `The ${useNames[use]} of ${carrierName(design, item)} runs over the edge of the top.`
              : `Only ${length(nearest)} is left beside the ${useNames[use]} of ${carrierName(design, item)}; a top needs ${length(LEAST_RAIL)}.`}</span
          >
        </p>
      {/each}
      {#each unsupported(design, top) as { edge, overhang }, at (at)}
        <p class="tight">
          <VerdictMark verdict="tight" size={14} />
          <span
            >{edgeName(design, edge)} stands out {length(overhang)}: over {length(UNSUPPORTED)} a top needs brackets.</span
          >
        </p>
      {/each}
      {#each jointsOf(top).joints.filter(({ nearCutOut, over }) => nearCutOut ?? over) as joint, at (at)}
        <p class="tight">
          <VerdictMark verdict="tight" size={14} />
          <span
            >{joint.over
              ? `A joint lies over ${carrierName(design, joint.over)}.`
              : `A joint comes nearer than ${length(JOINT_CLEAR)} to the cut-out of ${carrierName(design, joint.nearCutOut!)}.`}</span
          >
        </p>
      {/each}
      {#if jointsOf(top).pieces.length > 1 || jointsOf(top).pieces.some(isTooLong)}
        <p class="help">
          Made in {jointsOf(top).pieces.length}: {jointsOf(top)
            .pieces.map((piece) => `${length(piece.length)} × ${length(piece.width)}`)
            .join(', ')}
        </p>
      {/if}
      {#each jointsOf(top).pieces.filter(isTooLong) as piece, at (at)}
        <p class="tight">
          <VerdictMark verdict="tight" size={14} />
          <span
            >A piece of {length(piece.length)} × {length(piece.width)} does not come out of a slab of {length(
              slab.length,
            )} × {length(slab.width)}. Join it once more.</span
          >
        </p>
      {/each}
      {#if tooLarge(top)}<p class="problem" role="alert">
          Its corners take more of an edge than there is, so all of them are square. Make them smaller.
        </p>{/if}
    </section>
  {:else}
    <p class="help">No tops yet. Set base cabinets: a top runs over them by itself.</p>
  {/each}
  {#if over}<div>
      <Button onclick={() => join(over)}>Join the top over {carrierName(design, over)}</Button>
    </div>{/if}
  {#if all.length > 0}
    <h2>Set by hand</h2>
    <ul>
      {#each corrections as one, at (at)}
        <li>
          <span>{told(one)}{one.shows ? '' : '; it waits, as the top lies at something there'}</span>
          <button class="back" onclick={() => undoOne(one)}>Back to automatic</button>
        </li>
      {:else}
        <li class="help">Nothing. Click a number beside an edge on the plan, or the dot at a corner.</li>
      {/each}
    </ul>
  {/if}
</div>

<style>
  .panel {
    display: grid;
    align-content: start;
    gap: 0.7rem;
    height: 100%;
    padding: 0.8rem;
    overflow-y: auto;
  }
  h2 {
    font-size: 14px;
  }
  .all {
    display: grid;
    gap: 0.3rem;
  }
  section {
    padding-top: 0.5rem;
    border-top: 1px solid var(--rule);
  }
  h3 {
    display: flex;
    align-items: baseline;
    justify-content: space-between;
    font-size: 13.5px;
  }
  h3 span {
    color: var(--tide);
    font-weight: 500;
  }
  h3 button {
    min-height: max(24px, var(--touch));
    padding: 0;
    border: 0;
    background: none;
    color: inherit;
    cursor: pointer;
    font-weight: 600;
  }
  h3 button:hover {
    text-decoration: underline;
  }
  dl {
    display: grid;
    gap: 0.1rem;
    margin: 0.2rem 0 0;
  }
  dl div {
    display: flex;
    justify-content: space-between;
    gap: 0.5rem;
  }
  dt,
  .help {
    color: var(--soft);
    font-size: 12.5px;
  }
  dd {
    margin: 0;
    color: var(--tide);
    font-size: 12.5px;
  }
  ul {
    display: grid;
    gap: 0.6rem;
    margin: 0;
    padding: 0;
    list-style: none;
  }
  li:not(.help) {
    display: grid;
    justify-items: start;
    gap: 0.25rem;
    font-size: 13px;
  }
  .back {
    min-height: max(24px, var(--touch));
    padding: 0;
    border: 0;
    background: none;
    color: var(--clay-strong);
    cursor: pointer;
    font-size: 12.5px;
    text-decoration: underline;
    text-underline-offset: 2px;
  }
  .tight {
    display: flex;
    gap: 0.35rem;
    margin-top: 0.25rem;
    font-size: 12.5px;
  }
  .problem {
    color: var(--blocked);
    font-size: 12.5px;
  }
</style>
