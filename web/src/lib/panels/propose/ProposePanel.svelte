<script lang="ts">
  import {
    endKinds,
    fillingFamilies,
    findRange,
    formatLength,
    itemNumbers,
    MOST_LOOSE,
    movable,
    placedOpenings,
    replaceable,
    replaceItems,
    roomOf,
    roomShape,
    runBands,
    usualEnds,
    type DescribedProposal,
    type EndFillers,
    type EndKind,
    type RunBand,
    type Side,
  } from 'goodreach';
  import { onDestroy, untrack } from 'svelte';
  import { useWorkspace } from '$lib/tools/context';
  import { Proposer } from '$session/proposer.svelte';
  import type { ProposeTarget } from '$session/screen.svelte';
  import Button from '$ui/Button.svelte';
  import More from '$ui/More.svelte';
  import { judgedBy, type Judged } from './criterion-names';
  import CriteriaOrder from './CriteriaOrder.svelte';
  import EndFillerFields from './EndFillerFields.svelte';
  import ProposalCard from './ProposalCard.svelte';

  /** Proposals for an open length or whole faces: what is asked, and the best answers. */
  let { target }: { target: ProposeTarget } = $props();
  const { session, screen, shelf } = useWorkspace();
  const proposer = new Proposer();

  const design = $derived(session.committed);
  const known = $derived(shelf.known(design));
  const rangeId = $derived(roomOf(design).range);
  const letters = $derived(target.faces.map((id) => roomShape(design).byId.get(id)?.letter ?? '').join(', '));
  let band: RunBand = $state(untrack(() => target.band));
  const families = $derived.by(() => {
    const range = findRange(rangeId, known);
    return range ? fillingFamilies(range, band) : [];
  });
  let family = $state('');
  const filling = $derived(families.some(({ code }) => code === family) ? family : (families[0]?.code ?? ''));
  let order: Judged[] = $state([...judgedBy]);
  let ends: EndFillers = $state.raw(untrack(() => usualEnds(roomOf(session.committed).unit)));
  /** Items that stay though they would be taken away. */
  let kept: readonly string[] = $state.raw([]);
  const wholeFaces = $derived(target.at === undefined && target.island === undefined);
  const title = $derived.by(() => {
    if (target.island !== undefined) return 'Proposals for the island';
    if (!wholeFaces) return `Proposals for the open length on ${letters}`;
    return `Proposals for face${target.faces.length > 1 ? 's' : ''} ${letters}`;
  });
  const plain = $derived(wholeFaces ? replaceable(design, target.faces, band) : []);
  const numbers = $derived(itemNumbers(design));
  /** What else stands there, and may be let stand elsewhere in the run. */
  const movables = $derived(
    wholeFaces
      ? movable(
          design,
          target.faces,
          band,
          plain.map(({ id }) => id),
        )
      : [],
  );
  let anywhere: readonly string[] = $state.raw([]);
  const loose = $derived(anywhere.filter((id) => movables.some((one) => one.id === id)));

  /** Lines that both sides may be alike about. */
  const centres = $derived.by(() => {
    if (target.island !== undefined) return [{ name: 'its middle', at: 0 }];
    const [first] = target.faces;
    const face = first === undefined ? undefined : roomShape(design).byId.get(first);
    if (!face) return [];
    const windows = placedOpenings(design)
      .filter((one) => one.face.id === face.id)
      .map(({ name, left, right }) => ({ name: `Opening ${name}`, at: (left + right) / 2 }));
    const stay = Object.values(design.records).flatMap((record) =>
      record.kind === 'item' && record.placement.on === 'face' && record.placement.face === face.id
        ? [{ record, placement: record.placement }]
        : [],
    );
    const items = stay
      .filter(({ record }) => !plain.some(({ id }) => id === record.id))
      .map(({ record: { id, code, width }, placement: { from, distance } }) => ({
        name: `${numbers.get(id)}. ${code}`,
        at: from === 'left' ? distance + width / 2 : face.length - distance - width / 2,
      }));
    return [{ name: `Face ${face.letter}`, at: face.length / 2 }, ...windows, ...items];
  });
  let centreName = $state('');
  const centre = $derived(centres.find(({ name }) => name === centreName) ?? null);

  let shown: DescribedProposal | null = $state.raw(null);
  $effect(() => {
    const request = {
      faces: [...target.faces],
      band,
      ...(target.at === undefined ? {} : { at: target.at }),
      ...(target.island === undefined ? {} : { island: target.island }),
      range: rangeId,
      family: filling,
      replaced: plain.map(({ id }) => id).filter((id) => !kept.includes(id)),
      centre: centre ? { face: target.faces[0] ?? '', at: centre.at } : null,
      order: order.filter((one) => one !== 'findings'),
      soundAt: order.indexOf('findings'),
      most: 4,
      ends,
      loose,
    };
    proposer.ask({ design, request, known });
  });

  function argsOf({ removed, items }: DescribedProposal) {
    const of = shelf.own(rangeId);
    return { removed, items, ...(of ? { of } : {}) };
  }

  function show(proposal: DescribedProposal | null) {
    shown = proposal;
    if (proposal) session.preview(replaceItems, argsOf(proposal));
    else session.dropPreview();
  }

  function set(proposal: DescribedProposal) {
    shown = null;
    const ids = proposal.items.map(({ id }) => id);
    if (!session.run(replaceItems, argsOf(proposal))) return;
    screen.propose(null);
    screen.choose(ids.slice(0, 1));
  }

  onDestroy(() => {
    proposer.cancel();
    if (shown) session.dropPreview();
  });

  const bandNames: Record<RunBand, string> = { base: 'On the floor', wall: 'Hung', tall: 'Tall' };
  const endNames: Record<EndKind, string> = {
    wall: 'At a wall',
    corner: 'At an inside corner',
    tall: 'At a tall side',
  };
  const sides = ['left', 'right'] as const;

  /** Gives an end of the run a filler of its own, as it is at a wall to begin with, or takes it away. */
  function setOwnEnd(side: Side, own: boolean) {
    const { [side]: _, ...others } = ends;
    ends = own ? { ...others, [side]: ends.wall } : others;
  }
</script>

<section class="panel" aria-label="Proposals">
  <header>
    <h2>{title}</h2>
    <Button onclick={() => screen.propose(null)}>Back to the shelf</Button>
  </header>
  {#if wholeFaces}
    <label class="row">
      Run
      <select bind:value={band}>
        {#each runBands as one (one)}<option value={one}>{bandNames[one]}</option>{/each}
      </select>
    </label>
  {/if}
  <label class="row">
    Fill with
    <select value={filling} onchange={(event) => (family = event.currentTarget.value)}>
      {#each families as { code, name } (code)}<option value={code}>{name}</option>{/each}
    </select>
  </label>
  <label class="row">
    Alike about
    <select bind:value={centreName}>
      <option value="">no centre line</option>
      {#each centres as { name } (name)}<option value={name}>{name}</option>{/each}
    </select>
  </label>
  <More title="What counts, in order">
    <CriteriaOrder {order} onchange={(next) => (order = next)} />
  </More>
  <More title="Fillers">
    {#each endKinds as kind (kind)}
      <EndFillerFields
        label={endNames[kind]}
        value={ends[kind]}
        onset={(filler) => void (ends = { ...ends, [kind]: filler })}
      />
    {/each}
    {#if target.island === undefined}
      {#each sides as side (side)}
        <label class="stay">
          <input
            type="checkbox"
            checked={ends[side] !== undefined}
            onchange={(event) => setOwnEnd(side, event.currentTarget.checked)}
          />
          Another filler at the {side} end
        </label>
        {#if ends[side]}
          <EndFillerFields
            label="At the {side} end"
            value={ends[side]}
            onset={(filler) => void (ends = { ...ends, [side]: filler })}
          />
        {/if}
      {/each}
    {/if}
  </More>
  <More title="What stays, and what moves">
    {#each plain as { id, code, width } (id)}
      <label class="stay">
        <input
          type="checkbox"
          checked={kept.includes(id)}
          onchange={(event) =>
            (kept = event.currentTarget.checked ? [...kept, id] : kept.filter((one) => one !== id))}
        />
        {numbers.get(id)}. {code}, {formatLength(width, session.style)}, stays
      </label>
    {/each}
    {#each movables as { id, code, width } (id)}
      <label class="stay">
        <input
          type="checkbox"
          checked={loose.includes(id)}
          disabled={!loose.includes(id) && loose.length >= MOST_LOOSE}
          onchange={(event) =>
            (anywhere = event.currentTarget.checked ? [...loose, id] : loose.filter((one) => one !== id))}
        />
        {numbers.get(id)}. {code}, {formatLength(width, session.style)}, may stand anywhere
      </label>
    {/each}
    {#if plain.length + movables.length === 0}<p>Nothing stands there yet.</p>{/if}
  </More>
  <div class="answers" aria-live="polite" aria-busy={proposer.busy}>
    {#if proposer.problem}<p role="alert">{proposer.problem}</p>{/if}
    {#if proposer.proposals.some(({ proven }) => !proven)}
      <p class="about">The best found in the time there is; that nothing is better is not proven.</p>
    {/if}
    <ol>
      {#each proposer.proposals as proposal, index (proposal)}
        <ProposalCard
          {proposal}
          place={index + 1}
          hasCentre={centre !== null}
          onshow={(on) => show(on ? proposal : null)}
          onset={() => set(proposal)}
        />
      {/each}
    </ol>
  </div>
</section>

<style>
  .panel {
    display: flex;
    flex-direction: column;
    gap: 0.55rem;
    height: 100%;
    padding: 0.8rem;
    overflow-y: auto;
  }
  header {
    display: grid;
    gap: 0.4rem;
    justify-items: start;
  }
  h2 {
    font-size: 14px;
  }
  .row {
    display: grid;
    grid-template-columns: 5rem minmax(0, 1fr);
    align-items: center;
  }
  select {
    min-width: 0;
    min-height: max(32px, var(--touch));
    padding: 0.15rem 0.35rem;
    border: 1px solid var(--rule-strong);
    border-radius: 3px;
    background: var(--sheet);
    color: var(--text);
    font: inherit;
  }
  .stay {
    display: flex;
    gap: 0.4rem;
    align-items: center;
    margin-top: 0.3rem;
    font-size: 13px;
  }
  ol {
    display: grid;
    gap: 0.5rem;
    margin: 0;
    padding: 0;
    list-style: none;
  }
  p {
    font-size: 13px;
  }
</style>
