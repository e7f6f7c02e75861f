<script lang="ts">
  import {
    pages,
    refusalText,
    roomOf,
    scheduleIds,
    sheetScales,
    sheetSubjects,
    viewChoices,
  } from 'goodreach';
  import { untrack } from 'svelte';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import { drawnSheets } from '$views/sheet/drawn-sheets.svelte';
  import { dimensionDraw } from '$lib/tools/dimension-draw.svelte';
  import FrameFacts from './draw/FrameFacts.svelte';
  import SheetList from './draw/SheetList.svelte';
  import SheetPictures from './draw/SheetPictures.svelte';
  import IssuesSection from './draw/IssuesSection.svelte';
  import SchedulesSection from './draw/SchedulesSection.svelte';
  import StyleSection from './draw/StyleSection.svelte';
  import { partNames, scalesFor } from './draw/draw-words';
  import JobFieldsSection from './draw/JobFieldsSection.svelte';
  import CoverPicture from './draw/CoverPicture.svelte';
  import DimensionTools from './draw/DimensionTools.svelte';
  import type { SheetChoice } from '$views/sheet/sheet-choice.svelte';

  let { choice }: { choice: SheetChoice } = $props();
  const workspace = useWorkspace();
  const { session, saving, roomId } = workspace;
  const draw = dimensionDraw(workspace);
  // Made outside of what follows from it: what makes a derived value does not follow it.
  const sheets = untrack(() => drawnSheets(choice));
  $effect(() => sheets.follow());
  const problem = $derived(
    sheets.problem || (sheets.refusal ? refusalText(sheets.refusal, session.style) : ''),
  );
  const count = $derived(sheets.sheets.length);
  const saved = $derived(saving.state === 'saved');
  const views = $derived(viewChoices(session.document));
  let view = $state('plan');
  const scales = $derived(scalesFor(sheetScales, session.style.unit));
  const href = $derived(
    `/api/rooms/${roomId}/sheet.pdf?show=${choice.subject}&page=${encodeURIComponent(choice.page)}&scale=${choice.scale}${choice.style?.id ? `&style=${choice.style.id}` : ''}`,
  );
</script>

<div class="panel">
  <h2>Sheet</h2>
  <StyleSection {choice} />
  <label class="row">
    Shows
    <select bind:value={choice.subject}>
      {#each sheetSubjects as subject (subject)}<option value={subject}>{partNames[subject]}</option>{/each}
    </select>
  </label>
  <label class="row">
    Page
    <select bind:value={choice.page}>
      {#each pages as page (page.id)}<option value={page.id}>{page.id}</option>{/each}
    </select>
  </label>
  <label class="row">
    Scale
    <select bind:value={choice.scale}>
      {#each scales as scale (scale.id)}<option value={scale.id}>{scale.text}</option>{/each}
    </select>
  </label>
  <CoverPicture {choice} />
  <JobFieldsSection {choice} />
  {#if problem}<p class="problem" role="alert">{problem}</p>{:else if sheets.busy}<p
      class="help"
      role="status"
    >
      Drawing the sheets…
    </p>{:else}<p class="help">
      {count === 1 ? 'One sheet' : `${count} sheets`}{choice.subject === 'reach' ? '' : ', true to scale'}.
    </p>{/if}
  {#if choice.style && !choice.style.id}<p class="help" role="status">
      The PDF is drawn by the template once that is kept.
    </p>{/if}
  {#if !saved}<p class="help" role="status">
      The PDF is made from the saved room; waiting for the last edits to be saved.
    </p>{/if}
  <Button
    look="primary"
    disabled={Boolean(problem) || !saved || choice.style?.id === null}
    onclick={() => window.open(href, '_blank')}>Open the PDF</Button
  >

  <FrameFacts {choice} sheets={sheets.sheets} />
  {#if count > 1}<SheetList {choice} sheets={sheets.sheets} />{/if}

  {#if count > 0 && !problem}<SheetPictures
      sheets={sheets.sheets}
      name={`${choice.titles.job} ${roomOf(session.document).name}`}
    />{/if}

  <DimensionTools {draw} />

  <IssuesSection {choice} ready={saved && !problem && choice.style?.id !== null} />

  <SchedulesSection
    {choice}
    {saved}
    title="Schedules"
    ids={scheduleIds}
    book="all"
    back="Back to the sheets"
  />

  <h2>DXF</h2>
  {#if saved}
    <label class="row">
      Drawing
      <select bind:value={view}>
        <option value="all">All, side by side</option>
        {#each views as { id, title } (id)}<option value={id}>{title}</option>{/each}
      </select>
    </label>
    <a
      class="export"
      href="/api/rooms/{roomId}/drawing.dxf?view={encodeURIComponent(view)}&scale={choice.scale}"
      download>Export as DXF</a
    >
  {/if}

  <h2>Design file</h2>
  <p class="help">The whole room as JSON, to keep or to import into another job.</p>
  {#if saved}<a class="export" href="/api/rooms/{roomId}/design.json" download>Export design</a>{:else}<p
      class="help"
    >
      Export waits for the last edits to be saved.
    </p>{/if}
</div>

<style>
  .panel {
    display: grid;
    grid-auto-rows: max-content;
    align-content: start;
    gap: 0.6rem;
    height: 100%;
    padding: 0.8rem;
    overflow-y: auto;
  }
  .panel :global(h2) {
    font-size: 14px;
  }
  .panel :global(h2:not(:first-child)) {
    margin-top: 0.8rem;
  }
  .panel :global(.row) {
    display: grid;
    grid-template-columns: 4.6rem minmax(0, 1fr);
    align-items: center;
    color: var(--soft);
  }
  .panel :global(select) {
    min-height: max(32px, var(--touch));
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    color: var(--text);
  }
  .panel :global(.help) {
    color: var(--soft);
    font-size: 12.5px;
  }
  .panel :global(.problem) {
    padding: 0.4rem 0.6rem;
    border-left: 3px solid var(--blocked);
    background: var(--sheet);
    color: var(--blocked);
    font-size: 13px;
  }
  .panel :global(.exports) {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem;
  }
  .panel :global(.export) {
    display: grid;
    place-items: center;
    justify-self: start;
    min-height: max(32px, var(--touch));
    padding: 0.35rem 0.8rem;
    border: 1px solid var(--rule-strong);
    border-radius: 4px;
    background: var(--sheet);
    color: inherit;
    font-weight: 500;
    text-decoration: none;
  }
  .panel :global(.export:hover) {
    border-color: var(--clay);
    color: var(--clay-strong);
  }
</style>
