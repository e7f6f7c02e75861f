<script lang="ts">
  import { formatLength, findOpening, roomOf, roomShape, say, type Caught, type PlaceCatch } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import Length from '$ui/Length.svelte';
  import { unitNames } from '$ui/unit-names';
  import VerdictMark from '$ui/VerdictMark.svelte';

  const { session, screen, saving, pick, findings, changeCost } = useWorkspace();
  const came = $derived(
    changeCost.by === null || changeCost.by === 0 ? '' : (Math.abs(changeCost.by) / 100).toFixed(2),
  );
  const counts = $derived(session.judge?.countVerdicts(session.judge.checkReach(session.settled)));
  const hit = $derived(
    screen.collisions[0] && session.judge?.sayFinding(session.committed, screen.collisions[0]),
  );

  function caughtText({ by, id, face }: Caught): string {
    const shape = roomShape(session.document);
    const letter = face ? shape.byId.get(face)?.letter : '';
    const record = session.document.records[id];
    const opening = findOpening(session.document, id);
    switch (by) {
      case 'end':
        return `end of face ${letter}`;
      case 'face':
        return `face ${letter}`;
      case 'wall':
        return `wall ${shape.byId.get(id)?.letter ?? ''}`;
      case 'below':
        return record?.kind === 'item' ? `edge of ${record.code} below` : '';
      case 'centre':
        if (record?.kind === 'item') return `middle of ${record.code}`;
        return `centre of ${opening?.name ?? 'the opening'}`;
      case 'overhead':
        return `under what is above face ${letter}`;
      case 'opening':
        return `edge of ${opening?.name ?? 'the opening'}`;
      default:
        if (record?.kind === 'fixed') return `beside ${say(record.type)}`;
        return record?.kind === 'item' ? `beside ${record.code}` : '';
    }
  }

  const pickedTo: Record<PlaceCatch, string> = {
    corner: 'corner',
    end: 'end of a line',
    face: 'face',
    level: 'level with the last place',
    line: 'line of the underlay',
  };

  const savedText = $derived.by(() => {
    switch (saving.state) {
      case 'saved':
        return `saved, revision ${saving.revision}`;
      case 'saving':
        return 'saving';
      case 'offline':
        return `not saved yet, ${saving.waiting} kept here`;
      case 'apart':
        return 'not saved';
    }
  });
</script>

<footer>
  <span>{unitNames[roomOf(session.document).unit]}</span>
  <span class="pointer">
    {#if screen.pointer}
      <Length text={formatLength(screen.pointer.x, session.style)} />,
      <Length text={formatLength(-screen.pointer.y, session.style)} />
    {/if}
  </span>
  <span class="caught" aria-live="polite"
    >{#if hit}<span class="hit">{hit}</span>{:else if screen.caught}caught: {caughtText(
        screen.caught,
      )}{:else if pick.aimed?.caught}caught: {pickedTo[
        pick.aimed.caught
      ]}{:else if session.gone.length > 0}gone with {session.gone.map(({ code }) => code).join(', ')}: what
      was set by hand at its top{/if}</span
  >
  <button class="counts" onclick={() => (screen.step = 'reach')} title="Reach checks">
    <VerdictMark verdict="clear" /> <span>{counts?.clear ?? '…'}</span>
    <VerdictMark verdict="tight" /> <span>{counts?.tight ?? '…'}</span>
    <VerdictMark verdict="blocked" /> <span>{counts?.blocked ?? '…'}</span>
    {#if findings.news.length > 0}<span class="news">{findings.news.length} new</span>{/if}
    {#if counts?.unjudged}<VerdictMark verdict="unjudged" /> <span>{counts.unjudged}</span>{/if}
  </button>
  {#if came}<span class="came" role="status">last change {changeCost.by! > 0 ? '+' : '−'}{came}</span>{/if}
  <span class="saved {saving.state}" role="status" title={saving.message}>{savedText}</span>
</footer>

{#if saving.state === 'offline' && saving.message}<p class="notice" role="alert">{saving.message}</p>{/if}

<style>
  footer {
    display: grid;
    grid-template-columns: auto 10rem minmax(0, 1fr) auto;
    grid-auto-columns: auto;
    grid-auto-flow: column;
    align-items: center;
    gap: 1.4rem;
    min-height: 32px;
    padding: 0 1rem;
    border-top: 1px solid var(--rule);
    background: var(--chrome);
    color: var(--soft);
    font-size: 13px;
  }
  .caught {
    color: var(--tide);
  }
  .hit {
    color: var(--blocked);
  }
  .counts {
    display: flex;
    align-items: center;
    gap: 0.35rem;
    min-height: max(28px, var(--touch));
    padding: 0 0.4rem;
    border: 0;
    border-radius: 3px;
    background: none;
    color: var(--text);
    cursor: pointer;
  }
  .counts span {
    margin-right: 0.4rem;
  }
  .news {
    padding: 0 0.35rem;
    border-radius: 3px;
    background: var(--tide);
    color: var(--sheet);
  }
  .counts:hover {
    background: var(--sheet);
  }
  .came {
    color: var(--text);
    font-variant-numeric: tabular-nums;
  }
  .saved {
    min-width: 11rem;
    text-align: right;
  }
  .offline,
  .apart {
    color: var(--blocked);
    font-weight: 500;
  }
  .notice {
    position: fixed;
    right: 1rem;
    bottom: 44px;
    max-width: 26rem;
    padding: 0.6rem 0.9rem;
    border-left: 3px solid var(--blocked);
    background: var(--sheet);
    box-shadow: var(--shadow);
    font-size: 13px;
  }
  @media (max-width: 900px) {
    footer {
      grid-template-columns: minmax(0, 1fr) auto;
      gap: 0.6rem;
    }
    footer > :first-child,
    .pointer {
      display: none;
    }
  }
  @media (max-width: 600px) {
    footer {
      padding: 0 0.4rem;
    }
    .saved {
      min-width: 0;
    }
  }
</style>
