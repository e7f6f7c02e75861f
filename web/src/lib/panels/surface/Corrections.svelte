<script lang="ts">
  import {
    formatLength,
    setEdgeWay,
    setPlinth,
    setTopCorner,
    setTopEdge,
    setTopJoints,
    topCorrections,
    tops,
    trimCorrections,
    trimNames,
    type ItemSide,
    type OverhangSide,
    type TopCorrection,
    type TopEdgeWay,
    type TrimCorrection,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import { carrierName, cornerNames, profileNames, sideNames } from '$lib/tools/top-words';
  import { alongName, putTrim, saidProfile } from '$lib/tools/trim-words';
  import LinkButton from '$ui/LinkButton.svelte';

  /** What was set by hand of tops, plinths and trims; each goes back by itself. */
  const { session } = useWorkspace();
  const design = $derived(session.settled);
  type Correction = TopCorrection | TrimCorrection;
  const corrections = $derived<Correction[]>([...topCorrections(design), ...trimCorrections(design)]);
  const length = (mm: number) => formatLength(mm, session.style);

  function wayTold({ profile, splash, waterfall }: TopEdgeWay): string {
    const said = [
      ...(waterfall ? ['goes down to the floor'] : []),
      ...(profile ? [`is ${profileNames[profile].toLowerCase()}`] : []),
      ...(splash?.full ? ['has a splash up to what hangs there'] : []),
      ...(splash && !splash.full
        ? [splash.height ? `has a splash of ${length(splash.height)}` : 'has no splash']
        : []),
    ];
    return said.join(', ');
  }

  function toldTrim({ items, profile, ...one }: TrimCorrection): string {
    const name = 'along' in one ? carrierName(design, items[0]!) : alongName(design, one);
    const what = profile === 'none' ? 'no' : saidProfile(design, profile);
    const where = 'along' in one ? ` at the ${sideNames[one.along]}` : '';
    return `${name.replace(/^[ft]/, (first) => first.toUpperCase())}: ${what} ${trimNames[one.trim].toLowerCase()}${where}`;
  }

  function told(one: Correction): string {
    if ('trim' in one) return toldTrim(one);
    const [first, last] = [one.items[0]!, one.items.at(-1)!];
    const name = carrierName(design, first) + (last === first ? '' : ` to ${carrierName(design, last)}`);
    if ('side' in one) return `${name}: ${sideNames[one.side]} stands out ${length(one.overhang)}`;
    if ('edge' in one) return `${name}: ${sideNames[one.edge]} ${wayTold(one.way)}`;
    if ('plinth' in one) return `${name}: plinth ${length(one.back)} back at the ${sideNames[one.plinth]}`;
    if ('noPlinth' in one) return `${name}: no plinth`;
    if ('joint' in one)
      return `${name}: ${cornerNames[one.joint]} ${one.way === 'none' ? 'not joined' : one.way === 'mitre' ? 'mitred' : `joined, ${one.way} run through`}`;
    if ('across' in one) return `${name}: joined ${one.across.map(length).join(', ')} from its left end`;
    const { radius, chamfer } = one.shape;
    return radius === undefined
      ? `${name}: ${cornerNames[one.corner]} cut by ${length(chamfer!)}`
      : `${name}: ${cornerNames[one.corner]} round, ${length(radius)}`;
  }

  const sides = (items: readonly string[], side: OverhangSide) =>
    items.map((item) => ({ item, side })) as [ItemSide, ...ItemSide[]];

  function undoTrim(one: TrimCorrection) {
    if ('along' in one) putTrim(session, one.trim, { items: sides(one.items, one.along) }, null);
    else putTrim(session, one.trim, 'face' in one ? { face: one.face } : { fixed: one.fixed }, null);
  }

  function undoOne(one: Correction) {
    if ('trim' in one) return undoTrim(one);
    const [item] = one.items as [string];
    if ('across' in one) session.run(setTopJoints, { id: item, across: [] });
    else if ('joint' in one) session.run(setTopJoints, { at: [{ item, corner: one.joint }], way: null });
    else if ('side' in one) session.run(setTopEdge, { ids: one.items, side: one.side, overhang: null });
    else if ('edge' in one)
      session.run(setEdgeWay, {
        at: sides(one.items, one.edge),
        way: { profile: null, splash: null, waterfall: false },
      });
    else if ('plinth' in one) session.run(setPlinth, { at: sides(one.items, one.plinth), back: null });
    else if ('noPlinth' in one) session.run(setPlinth, { ids: one.items, none: false });
    else session.run(setTopCorner, { at: [{ item, corner: one.corner }], shape: null });
  }
</script>

{#if corrections.length > 0 || tops(design).length > 0}
  <h2>Set by hand</h2>
  <ul>
    {#each corrections as one, at (at)}
      <li>
        <span>{told(one)}{one.shows ? '' : '; it waits, as there is no such edge now'}</span>
        <LinkButton onclick={() => undoOne(one)}>Back to automatic</LinkButton>
      </li>
    {:else}
      <li class="help">Nothing. Click a number beside an edge on the plan, or the dot at a corner.</li>
    {/each}
  </ul>
{/if}

<style>
  h2 {
    font-size: 14px;
  }
  .help {
    color: var(--soft);
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
</style>
