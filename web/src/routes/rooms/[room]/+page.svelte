<script lang="ts">
  import { page } from '$app/state';
  import { roomOf, usualCut } from 'goodreach';
  import { onMount, tick, untrack } from 'svelte';
  import { provideWorkspace } from '$lib/tools/context';
  import { DesignSession } from '$session/design-session.svelte';
  import { historyOf } from '$session/edits';
  import { LiveRoom } from '$session/live-room.svelte';
  import { OpeningKinds } from '$session/opening-kinds.svelte';
  import { ChangeCost } from '$session/change-cost.svelte';
  import { KeptLimits } from '$session/kept-limits.svelte';
  import { RoomFindings } from '$session/room-findings.svelte';
  import { SaveQueue } from '$session/save-queue.svelte';
  import { StudioModels } from '$lib/tools/studio-models.svelte';
  import { StudioFinishes } from '$session/studio-finishes.svelte';
  import { StudioShelf } from '$session/studio-shelf.svelte';
  import { ScreenState, steps } from '$session/screen.svelte';
  import { browserStore, type UnsavedStore } from '$session/unsaved-store';
  import type { PageActing } from '$lib/tools/actions';
  import { panelsAsKept } from '$lib/tools/panels-kept.svelte';
  import { workspaceKeys } from '$lib/tools/workspace-keys';
  import FactsPanel from '$lib/panels/FactsPanel.svelte';
  import { parts } from '$lib/panels/parts.svelte';
  import ShelfPanel from '$lib/panels/items/ShelfPanel.svelte';
  import StatusLine from '$lib/panels/StatusLine.svelte';
  import TopBar from '$lib/panels/TopBar.svelte';
  import { AlongDrag } from '$lib/tools/drag-along';
  import { FaceDrag } from '$lib/tools/drag-face.svelte';
  import { ItemDrag } from '$lib/tools/drag-item';
  import { PlacePick } from '$lib/tools/place-pick.svelte';
  import { UnderlayLines } from '$lib/tools/underlay-lines.svelte';
  import { ToolStack } from '$lib/tools/pointer-tool';
  import { ShownViews } from '$lib/tools/view-host.svelte';
  import PlanView from '$views/plan/PlanView.svelte';
  import type { BuiltRoom } from '$views/shop/build-choice.svelte';
  import { SheetChoice } from '$views/sheet/sheet-choice.svelte';
  import { addSectionLine } from '$lib/tools/section-lines';
  import { laterViews } from '$views/later-views';
  import SplitStage from '$views/SplitStage.svelte';
  import Later from '$ui/Later.svelte';
  import { fetchAhead } from '$ui/later';
  import type { PageData } from './$types';

  let { data }: { data: PageData } = $props();

  /** The page is made anew for each room, so its data is taken once. */
  const { roomId, personId, personName, jobName, studioName, revision, document, edits } = untrack(
    () => data,
  );
  const screen = new ScreenState();
  screen.plan = { ...screen.plan, cut: usualCut(roomOf(document).unit) };
  const asked = page.url.searchParams.get('step');
  screen.step = steps.find(({ id }) => id === asked)?.id ?? 'set';
  const store: UnsavedStore =
    typeof indexedDB === 'undefined'
      ? { read: async () => [], write: async () => {}, onLeft: () => {} }
      : browserStore(roomId);
  const saving: SaveQueue = new SaveQueue({
    roomId,
    revision,
    document,
    store,
    onRebase: (design) => session.replace(design),
  });
  const session = new DesignSession(document, historyOf(edits, personId), (edit) => saving.add(edit));
  const findings = new RoomFindings(session, screen);
  const changeCost = new ChangeCost();
  const keptLimits = new KeptLimits(untrack(() => data.limits));
  const live = new LiveRoom(roomId, (heard) => saving.hear(heard));
  $effect(() => live.choose([...screen.chosen]));
  const drag = new ItemDrag(session, screen);
  const lines = new UnderlayLines(session, roomId);
  const pick = new PlacePick(session, screen, lines);
  const faceDrag = new FaceDrag(session, lines, screen);
  const tools = new ToolStack().push(new AlongDrag(session, lines, screen), faceDrag, drag, pick);
  const views = new ShownViews();
  const choice = new SheetChoice(
    () => session.document,
    () => saving.revision,
    { studio: studioName, job: jobName },
    untrack(() => ({
      unit: roomOf(document).unit,
      job: { id: data.limits.jobId, fields: data.jobFields },
    })),
  );
  const built: BuiltRoom = {
    ...untrack(() => ({ studio: studioName, job: jobName, jobId: data.limits.jobId, roomId })),
    fields: () => choice.fields,
  };
  const openingKinds = new OpeningKinds(untrack(() => data.openingKinds));
  const shelf = new StudioShelf(untrack(() => data));
  const models = new StudioModels();
  const studioFinishes = new StudioFinishes(untrack(() => data.finishes));
  provideWorkspace({
    ...{ session, saving, live, screen, tools, views, pick, drag, faceDrag, openingKinds, shelf, roomId },
    ...{ studioFinishes, models, findings, personName, keptLimits, changeCost },
  });
  $effect(() => void lines.load());

  const acting: PageActing = { ...{ session, screen, roomId, views }, show: (wanted) => (dialog = wanted) };
  /** What a dialog says as it is closed; another may be open by then. */
  const closer = (own: typeof dialog) => () => {
    if (dialog === own) dialog = null;
  };
  /** Milliseconds after which a page that is ready has painted itself. */
  const AT_REST = 300;
  /** What this person left unsaved is looked for while the page is put together. */
  const left = typeof indexedDB === 'undefined' ? null : saving.resume(edits.map(({ id }) => id));
  let dialog: 'palette' | 'shortcuts' | null = $state(null);
  let ready = $state(false);
  /** Whether the plan is on the screen: what comes after it waits for that. */
  let painted = $state(false);
  const stepKey = `step ${roomId}`;
  $effect(() => {
    if (ready) sessionStorage.setItem(stepKey, screen.step);
  });

  /** Where what had the keyboard goes with an edit, as Remove does, the drawing has it, never the bare page. */
  $effect(() => {
    void [session.committed, screen.selected, screen.step, ready];
    void tick().then(() => {
      if (window.document.activeElement !== window.document.body) return;
      window.document.querySelector<HTMLElement>('main [tabindex="0"]')?.focus({ preventScroll: true });
    });
  });

  onMount(() => {
    // A reload goes on in the step that was worked in.
    const [visit] = performance.getEntriesByType('navigation') as PerformanceNavigationTiming[];
    const kept = visit?.type === 'reload' ? sessionStorage.getItem(stepKey) : null;
    screen.step = steps.find(({ id }) => id === kept)?.id ?? screen.step;
    const leave = () => saving.leave();
    addEventListener('pagehide', leave);
    shelf.load();
    void left?.then((resumed) => {
      if (resumed) session.replace(resumed);
      ready = true;
      live.open();
      setTimeout(() => {
        void session.startChecks().then(() => findings.seen());
        painted = true;
      });
      // What was not needed for the room to be there is fetched before it is wanted, once the page is at rest.
      setTimeout(fetchAhead, AT_REST);
    });
    const stopKeys = workspaceKeys(window, { ...acting, tools });
    const stopFitting = panelsAsKept(screen);
    return () => {
      stopKeys();
      stopFitting();
      removeEventListener('pagehide', leave);
      saving.dispose();
      live.close();
    };
  });
</script>

<svelte:head><title>{roomOf(session.document).name} – {jobName} – Good Reach</title></svelte:head>

<div class="stage" data-ready={ready} class:no-left={screen.folded.left} class:no-right={screen.folded.right}>
  <TopBar {jobName} options={data.options} {acting} />
  {#if saving.state === 'apart' || saving.aside.length > 0}<Later part={parts.notice} props={{}} />{/if}
  <aside class="left" aria-label="Shelf" inert={screen.folded.left}>
    {#if screen.step === 'survey'}<Later part={parts.survey} props={{}} />
    {:else if screen.step === 'set' && screen.proposing}
      {#key screen.proposing}<Later part={parts.propose} props={{ target: screen.proposing }} />{/key}
    {:else if screen.step === 'set'}<ShelfPanel />
    {:else if screen.step === 'surface'}<Later part={parts.surface} props={{}} />
    {:else if screen.step === 'tile'}<Later part={parts.tile} props={{}} />
    {:else if screen.step === 'reach'}<Later part={parts.reach} props={{}} />
    {:else if screen.step === 'build'}<Later part={parts.build} props={{ room: built }} />
    {:else}<Later part={parts.draw} props={{ choice }} />{/if}
  </aside>
  <main>
    {#if screen.step === 'draw'}<Later
        part={laterViews.sheets}
        props={{ choice }}
      />{:else if screen.step === 'build'}<Later
        part={laterViews.build}
        props={{ room: built }}
      />{:else if screen.step === 'tile'}<Later part={laterViews.tile} props={{}} />{:else}
      <SplitStage alone={screen.alone}>
        {#snippet plan()}<PlanView />{/snippet}
        <!-- The strip comes once the plan can be worked in. -->
        {#snippet unfold()}{#if painted}<Later part={laterViews.strip} props={{}} />{/if}{/snippet}
        {#snippet room(kind)}
          <Later part={laterViews.room3d} props={{ kind }} coming="The room is being built…" />
        {/snippet}
        {#snippet tools()}
          <button
            title="Cuts the room straight across from the chosen face"
            onclick={() => addSectionLine(session, screen)}>Section line</button
          >
        {/snippet}
      </SplitStage>
    {/if}
  </main>
  <aside class="right" aria-label="Facts" inert={screen.folded.right}><FactsPanel /></aside>
  <StatusLine />
</div>
{#if dialog === 'shortcuts'}<Later part={parts.shortcuts} props={{ onclose: closer('shortcuts') }} />
{:else if dialog === 'palette'}<Later
    part={parts.palette}
    props={{ acting, onclose: closer('palette') }}
    coming={null}
  />{/if}

<style>
  .stage {
    display: grid;
    grid: auto auto minmax(0, 1fr) auto / 17rem minmax(0, 1fr) 18rem;
    grid-template-areas: 'top top top' 'notice notice notice' 'left main right' 'status status status';
    height: 100dvh;
    overflow: hidden;
  }
  .stage > :global(header) {
    grid-area: top;
  }
  .left,
  .right {
    min-height: 0;
    background: var(--chrome);
  }
  .left {
    grid-area: left;
    border-right: 1px solid var(--rule);
  }
  .right {
    grid-area: right;
    border-left: 1px solid var(--rule);
  }
  main {
    grid-area: main;
    min-width: 0;
    min-height: 0;
    container-type: inline-size;
  }
  .stage > :global(footer) {
    grid-area: status;
  }
  .no-left {
    grid-template-columns: 0 minmax(0, 1fr) 18rem;
  }
  .no-right {
    grid-template-columns: 17rem minmax(0, 1fr) 0;
  }
  .no-left.no-right {
    grid-template-columns: 0 minmax(0, 1fr) 0;
  }
  .no-left .left,
  .no-right .right {
    visibility: hidden;
  }
  @media (max-width: 1100px) {
    .stage:not(.no-left, .no-right) {
      grid-template-columns: 14rem minmax(0, 1fr) 15rem;
    }
  }
  /* On a tablet the panels are drawers over the drawing, on a phone as wide as it. */
  @media (max-width: 900px) {
    .stage.stage {
      grid-template-columns: 0 minmax(0, 1fr) 0;
    }
    .left,
    .right {
      z-index: 8;
      width: min(22rem, 100vw);
      box-shadow: var(--shadow);
    }
    .right {
      justify-self: end;
    }
  }
</style>
