<script lang="ts">
  import {
    formatLength,
    profileName,
    roomOf,
    roomShape,
    setRoom,
    trimCuts,
    trimNames,
    trimPlaces,
    trimProfiles,
    trims,
    trimCut,
    wallTrimOf,
    withoutRoom,
    type TrimProfile,
    type TrimUse,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import { carrierName } from '$lib/tools/top-words';
  import { endsName, saidProfile, trimWays } from '$lib/tools/trim-words';
  import LiningsSection from './LiningsSection.svelte';
  import SurfaceSection from './SurfaceSection.svelte';
  import { later } from '$ui/later';
  import Later from '$ui/Later.svelte';
  import LinkButton from '$ui/LinkButton.svelte';
  import Ways from '$ui/Ways.svelte';

  /** The trims of the room: the profile of each all over, and what is to be cut of it. The one that is open is brought forward on the plan. */
  const { session, screen } = useWorkspace();
  const design = $derived(session.settled);
  const room = $derived(roomOf(session.document));
  const length = (mm: number) => formatLength(mm, session.style);

  const uses = Object.keys(trimProfiles) as TrimUse[];
  const nowOf = (use: TrimUse): TrimProfile =>
    use === 'skirting' || use === 'cove'
      ? (room[use] ?? wallTrimOf(session.document, use, null).profile)
      : (room[use] ?? 'none');
  const total = (use: TrimUse) =>
    trims(design).reduce((sum, piece) => sum + (piece.use === use ? trimCut(piece).length : 0), 0);
  const without = $derived(withoutRoom(design));
  const sloped = $derived(!('flat' in roomShape(design).ceiling));

  const entry = later(() => import('./ProfileEntry.svelte'), { isAhead: false });
  let drawing: TrimUse | null = $state(null);

  function choose(use: TrimUse, profile: TrimProfile) {
    screen.trimUse = use;
    session.run(setRoom, { [use]: profile });
  }
</script>

{#each uses as use (use)}
  {@const long = total(use)}
  {@const opened = screen.trimUse === use}
  <SurfaceSection
    name={trimNames[use]}
    figure={long > 0.5 ? length(long) : 'none'}
    hint="Bring it forward on the plan"
    {opened}
    onchoose={() => (screen.trimUse = use)}
  >
    {#if opened}
      <div class="ways" role="group" aria-label="Profile of every {trimNames[use].toLowerCase()}">
        <Ways
          ways={trimWays(session.document, use)}
          now={nowOf(use)}
          onchoose={(profile) => choose(use, profile)}
        />
        <span class="now">{profileName(session.document, nowOf(use))}</span>
      </div>
      <div>
        <LinkButton onclick={() => (drawing = use)}>Profiles of your own…</LinkButton>
      </div>
      {#if use === 'cornice' && without.length > 0}
        <p class="help">
          No room for one on {without.map((id) => carrierName(design, id)).join(', ')}: the ceiling or a
          soffit is too low.
        </p>
      {/if}
      {#if use === 'capping' && trimPlaces(design, use).length === 0}
        <p class="help">Line a wall part of its height: a capping lies on the lining.</p>
      {/if}
      {#if use === 'cove' && sloped}<p class="help">Under a sloped ceiling there are no coves.</p>{/if}
      {#if long > 0.5}
        <table>
          <caption class="visually-hidden">What is to be cut</caption>
          <thead>
            <tr
              ><th scope="col">No.</th><th scope="col">Long point</th><th scope="col">Ends, left · right</th
              ></tr
            >
          </thead>
          <tbody>
            {#each trimCuts(design, use) as { profile, cut, count }, at (at)}
              <tr>
                <td>{count}</td>
                <td>{length(cut.length)}</td>
                <td>{endsName(cut)}{profile === nowOf(use) ? '' : ` (${saidProfile(design, profile)})`}</td>
              </tr>
            {/each}
          </tbody>
        </table>
      {/if}
    {/if}
  </SurfaceSection>
{/each}
{#if drawing}
  <Later part={entry} coming={null} props={{ use: drawing, onclose: () => (drawing = null) }} />
{/if}
<LiningsSection />

<style>
  .ways {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.2rem;
  }
  .now {
    margin-left: 0.4rem;
    color: var(--soft);
    font-size: 12.5px;
  }
  .help {
    color: var(--soft);
    font-size: 12.5px;
  }
  table {
    width: 100%;
    margin-top: 0.5rem;
    border-collapse: collapse;
    font-size: 12.5px;
  }
  th {
    padding: 0 0.4rem 0.15rem 0;
    color: var(--soft);
    font-weight: 400;
    text-align: left;
  }
  td {
    padding: 0.1rem 0.4rem 0.1rem 0;
    border-top: 1px solid color-mix(in srgb, var(--rule) 50%, transparent);
    color: var(--tide);
    white-space: nowrap;
  }
</style>
