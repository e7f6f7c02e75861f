<script lang="ts">
  import {
    aimNames,
    ALIKE,
    findZone,
    formatLength,
    outermostApart,
    refusalText,
    type SetOut,
    type SetOuts,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import { tileWork } from '$lib/tools/tile-work.svelte';
  import Button from '$ui/Button.svelte';
  import OffsetMapView from './OffsetMapView.svelte';
  import SearchChoices from './SearchChoices.svelte';
  import TileCharts from './TileCharts.svelte';
  import ZonePicture from './ZonePicture.svelte';

  /** Under the zone: the map of how good each offset is, what is counted, and the best set-outs. */
  const workspace = useWorkspace();
  const { session } = workspace;
  const work = tileWork(workspace);

  const length = (mm: number) => formatLength(mm, session.style);
  const count = (many: number, one: string, more = `${one}s`) => `${many} ${many === 1 ? one : more}`;
  const laid = $derived(work.tiled?.ok ? work.tiled.value : null);
  const changed = $derived.by(() => {
    const { still } = work;
    if (!laid || !still || laid === still) return '';
    const by = (now: number, before: number, what: string) =>
      now === before ? [] : [`${now > before ? '+' : '−'}${Math.abs(now - before)} ${what}`];
    const told = [
      ...by(laid.count.whole, still.count.whole, 'whole'),
      ...by(laid.count.cut, still.count.cut, 'cut'),
      ...by(
        laid.slivers.size,
        still.slivers.size,
        laid.slivers.size - still.slivers.size === 1 ? 'sliver' : 'slivers',
      ),
    ];
    return told.length > 0 ? told.join(', ') : 'as many as before';
  });
  const figures = $derived.by((): [string, string][] => {
    if (!laid) return [];
    const { whole, cut, cutParts } = laid.count;
    const { order } = work;
    const apart = outermostApart(laid.edges).filter((by) => by > ALIKE);
    const unit = work.zone?.sheet ? 'sheet' : 'tile';
    const parts = cutParts > cut ? `, in ${cutParts} parts` : '';
    return [
      ['Whole', `${whole}`],
      ['Cut', `${cut}${parts}`],
      ['Narrowest', laid.narrowest === null ? 'none cut' : length(laid.narrowest)],
      ['Slivers', `${laid.slivers.size}`],
      ['Cut from', order ? count(order.tiles, unit) : '…'],
      ['To buy', order ? `${order.bought}` : '…'],
      ['Opposite cuts', apart.length === 0 ? 'equal' : `${apart.map(length).join(' and ')} apart`],
    ];
  });
  /** How a set-out is laid otherwise than the zone is now. */
  const otherwise = ({ laying }: SetOut): string[] => {
    const { zone } = work;
    if (!zone) return [];
    return [
      ...(laying.finish === zone.finish ? [] : [laying.finish ?? '']),
      ...(laying.joint === zone.joint ? [] : [`joint ${length(laying.joint)}`]),
      ...(laying.angle === zone.angle ? [] : ['turned']),
    ];
  };
  const told = (answer: SetOut, { score } = answer): string[] => [
    ...otherwise(answer),
    `narrowest ${length(score.narrowest)}`,
    `${score.cut} cut of ${score.pieces}`,
    score.slivers > 0 ? count(score.slivers, 'sliver') : 'no sliver',
    ...(work.sight.size === 0
      ? []
      : [score.sight > 0.05 ? `${length(score.sight)} short in sight` : 'whole in sight']),
  ];
  /** What is known of the narrowest cut, which other aims may come before. */
  function provenText({ answers, widest, proven }: SetOuts): string {
    if (!proven) return 'The best of those tried; others may be as good.';
    const first = answers[0]?.score.narrowest ?? 0;
    return first > widest - 0.05
      ? 'No other offset has a wider narrowest cut.'
      : `The narrowest cut can be ${length(widest)} at most; what comes before it in the order makes it less.`;
  }
  let choosing = $state(false);
  let charting = $state(false);
  const aims = $derived(
    work.freedom.aims
      .slice(0, 3)
      .map((aim, index) => (index === 0 ? aimNames[aim] : aimNames[aim].toLowerCase()))
      .join(', then '),
  );
</script>

<section class="strip" aria-label="Set-out">
  {#if work.area && work.tiled}
    {#if work.tiled.ok}
      <OffsetMapView />
      <div class="figures">
        <dl>
          {#each figures as [term, said] (term)}
            <div class:bad={term === 'Slivers' && said !== '0'}>
              <dt>{term}</dt>
              <dd>{said}</dd>
            </div>
          {/each}
        </dl>
        <p class="changed" aria-live="polite">{changed}</p>
        <Button look="quiet" onclick={() => (charting = true)}>Charts…</Button>
        {#if work.problem}<p class="problem" role="alert">{work.problem}</p>{/if}
      </div>
      <div class="answers">
        {#if work.searching !== null}
          <progress max="1" value={work.searching} aria-label="Looking for the best set-out"></progress>
          <Button onclick={() => work.endSearch()}>Stop</Button>
        {:else if work.answers}
          <ol>
            {#each work.answers.answers as answer, index (index)}
              {@const said = told(answer)}
              <li>
                <button
                  aria-pressed={work.isNow(answer)}
                  title={said.join(', ')}
                  onclick={() => work.setOutAs(answer)}
                >
                  <span class="pictures">
                    <ZonePicture area={work.area} origin={answer.origin} laying={answer.laying} />
                    {#each answer.others as { id, origin, laying } (id)}
                      {@const area = findZone(session.document, id)}
                      {#if area}<ZonePicture {area} {origin} {laying} />{/if}
                    {/each}
                  </span>
                  <span
                    ><b>{index + 1}</b>
                    {length(answer.score.narrowest)}
                    <small>{[`${answer.score.cut} cut`, ...otherwise(answer)].join(', ')}</small></span
                  >
                  <span class="visually-hidden">{said.join(', ')}</span>
                </button>
              </li>
            {/each}
          </ol>
          <div class="below">
            <p class="proven">
              {provenText(work.answers)}
            </p>
            <span class="act"
              ><Button look="quiet" onclick={() => (choosing = true)}>What is best…</Button></span
            >
          </div>
        {:else}
          <Button onclick={() => work.search()}>Best set-outs</Button>
          <Button look="quiet" onclick={() => (choosing = true)}>What is best…</Button>
          <p class="proven">
            {aims}.
          </p>
        {/if}
      </div>
    {:else}
      <p class="problem" role="alert">{refusalText(work.tiled.refusal, session.style)}</p>
    {/if}
  {:else}
    <p class="proven">Choose a zone to see how it can be set out.</p>
  {/if}
</section>
{#if charting}<TileCharts onclose={() => (charting = false)} />{/if}
{#if choosing}<SearchChoices onclose={() => (choosing = false)} />{/if}

<style>
  .strip {
    display: flex;
    gap: 1rem;
    min-height: 9rem;
    padding: 0.6rem 0.8rem;
    border-top: 1px solid var(--rule);
    background: var(--chrome);
    overflow-x: auto;
  }
  .figures {
    flex: 0 0 auto;
  }
  dl {
    display: grid;
    grid-template-columns: repeat(2, auto);
    gap: 0.1rem 1.2rem;
    margin: 0;
  }
  dl div {
    display: flex;
    justify-content: space-between;
    gap: 0.6rem;
  }
  dt {
    color: var(--soft);
    font-size: 13px;
  }
  dd {
    margin: 0;
    font-variant-numeric: tabular-nums;
    font-weight: 500;
  }
  .bad dd {
    color: var(--clay-strong);
  }
  .changed {
    min-height: 1.4em;
    color: var(--tide);
    font-size: 13px;
  }
  .answers {
    flex: 1 1 20rem;
    min-width: 0;
  }
  ol {
    display: grid;
    grid-auto-columns: max-content;
    grid-auto-flow: column;
    gap: 0.4rem;
    margin: 0 0 0.2rem;
    padding: 2px;
    overflow-x: auto;
    list-style: none;
  }
  li button {
    display: grid;
    gap: 0.1rem;
    padding: 3px;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    cursor: pointer;
    font-size: 13px;
    text-align: left;
  }
  li button:hover {
    border-color: var(--tide);
  }
  li button[aria-pressed='true'] {
    border-color: var(--clay);
    box-shadow: 0 0 0 1px var(--clay);
  }
  .pictures {
    display: flex;
    gap: 3px;
  }
  small {
    color: var(--soft);
    font-size: 12px;
  }
  .below {
    display: flex;
    align-items: center;
    justify-content: space-between;
  }
  .act {
    flex: none;
    white-space: nowrap;
  }
  .proven {
    max-width: 34rem;
    color: var(--soft);
    font-size: 12.5px;
  }
  .problem {
    color: var(--blocked);
    font-size: 13px;
  }
</style>
