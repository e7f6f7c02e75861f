<script lang="ts" module>
  import { later } from '$ui/later';

  const ownFinishes = later(() => import('./OwnFinishes.svelte'), { isAhead: false });
</script>

<script lang="ts">
  import {
    constructionOf,
    constructionOfItem,
    doorStyleNames,
    doorStyles,
    finishesFor,
    finishMaterials,
    finishNamed,
    finishPartNames,
    findRange,
    frontStyle,
    handleStyleNames,
    handleStyles,
    finishParts,
    rangesOf,
    recordOf,
    roomOf,
    saidFinish,
    setStyle,
    type Finish,
    type FinishPart,
    type FinishReach,
    type StyleChange,
  } from 'goodreach';
  import { onDestroy } from 'svelte';
  import { useWorkspace } from '$lib/tools/context';
  import { FinishTrial } from '$lib/tools/finish-trial.svelte';
  import { doorWays, handleWays } from '$lib/tools/style-ways';
  import { carrierName } from '$lib/tools/top-words';
  import Ways from '$ui/Ways.svelte';
  import LinkButton from '$ui/LinkButton.svelte';
  import Later from '$ui/Later.svelte';
  import { materialNames } from './finish-words';
  import FinishSets from './FinishSets.svelte';
  import Swatch from './Swatch.svelte';

  /** What everything is finished with: a part is chosen, how far a finish reaches from what is chosen in the room, and the finish; it is shown in the room before it is taken. */
  const { session, screen, studioFinishes } = useWorkspace();
  const design = $derived(session.committed);
  const room = $derived(roomOf(design));
  const part = $derived(screen.finishPart);

  const item = $derived(screen.selected ? (recordOf(design, 'item', screen.selected) ?? null) : null);
  const trial = new FinishTrial(useWorkspace());
  onDestroy(() => trial.leave());
  const { scopes, scope } = $derived(trial);
  const isOfItem = $derived('items' in scope.to);
  const said = $derived(saidFinish(room, isOfItem ? item : null, part));
  const face = $derived('faces' in scope.to ? recordOf(design, 'face', scope.to.faces[0]) : undefined);
  const now = $derived(finishNamed(design, face?.finish ?? said.word));
  const usualOf = (one: FinishPart) => finishNamed(design, saidFinish(room, null, one).word);

  const reachNames: Record<FinishReach, string> = {
    one: 'This one',
    run: 'Its run',
    kind: 'Its kind',
    room: 'The room',
    everywhere: 'Everywhere',
  };
  const suited = $derived(finishesFor(part, studioFinishes.known(design)));
  const shelves = $derived(
    finishMaterials.flatMap((material) => {
      const all = suited.filter(({ of, own }) => of === material && !own);
      return all.length > 0 ? [{ name: materialNames[material], all }] : [];
    }),
  );
  const own = $derived(suited.filter(({ own }) => own));
  let makes = $state(false);

  const word = $derived(face?.finish ?? said.word);
  const status = $derived.by(() => {
    if (!word) return 'not chosen';
    const by = face?.finish
      ? 'set for this wall'
      : said.by === 'item'
        ? `set for ${carrierName(design, item!.id)}`
        : 'by the room';
    return `${now ? `${now.code} ${now.name}` : word}, ${by}`;
  });
  const canGoBack = $derived(
    face ? face.finish !== undefined : isOfItem ? said.by === 'item' : said.by === 'room',
  );

  const isNow = (finish: Finish) => now === finish || (finish.own && now?.own?.id === finish.own.id);

  /** A press on a swatch: held, carried over the room, or put back before it was let go. */
  let pressed: { x: number; y: number; is: 'held' | 'carried' | 'left' } | null = null;
  /** Whether the click that ends a press was none. */
  let wasCarried = false;
  /** Pixels a pointer travels before a press is no click. */
  const CLICK = 5;
  function press(event: PointerEvent & { currentTarget: HTMLElement }) {
    wasCarried = false;
    // Fingers move the list.
    if (event.button !== 0 || event.pointerType === 'touch') return;
    event.currentTarget.setPointerCapture(event.pointerId);
    pressed = { x: event.clientX, y: event.clientY, is: 'held' };
  }
  function carry({ clientX, clientY }: PointerEvent, finish: Finish) {
    if (!pressed || pressed.is === 'left') return;
    if (pressed.is === 'held' && Math.hypot(clientX - pressed.x, clientY - pressed.y) < CLICK) return;
    pressed.is = 'carried';
    trial.carry(finish, clientX, clientY);
  }
  function letGo() {
    wasCarried = pressed !== null && pressed.is !== 'held';
    pressed = null;
    trial.drop();
  }
  function take(finish: Finish) {
    if (!wasCarried) trial.take(finish);
    wasCarried = false;
  }
  function key(event: KeyboardEvent, finish: Finish) {
    wasCarried = false;
    if (trial.widen(event.key, finish)) event.preventDefault();
    else if (event.key === 'Escape' && pressed) {
      event.stopPropagation();
      pressed.is = 'left';
      trial.leave();
    }
  }

  const hasStyle = $derived(part === 'front' || part === 'handle');
  const styleTo = $derived(scope.to as StyleChange['to']);
  const made = $derived.by(() => {
    const known = rangesOf(design);
    if (isOfItem && item) return constructionOfItem(item, known);
    const range = findRange(room.range, known);
    return range ? constructionOf(range) : null;
  });
  const style = $derived(frontStyle(room, (isOfItem && item) || {}, made));
  const styleKey = $derived(part === 'front' ? 'doorStyle' : 'handleStyle');
  const ownStyle = $derived((isOfItem ? item?.[styleKey] : room[styleKey]) !== undefined);
</script>

<div class="parts" role="group" aria-label="What is finished">
  {#each finishParts as one (one)}
    {@const usual = usualOf(one)}
    <button aria-pressed={one === part} onclick={() => (screen.finishPart = one)}>
      {#if usual}<Swatch finish={usual} width={22} height={22} />{:else}<span class="none"></span>{/if}
      <span>{finishPartNames[one]}</span>
    </button>
  {/each}
</div>

{#if scopes.length > 1}
  <div class="reach" role="group" aria-label="How far it reaches">
    {#each scopes as { reach, covers } (reach)}
      <button
        aria-pressed={scope.reach === reach}
        title="{covers.length} {covers.length === 1 ? 'thing' : 'things'}"
        onpointerenter={() => (screen.covered = covers)}
        onpointerleave={() => (screen.covered = [])}
        onclick={() => (trial.asked = reach)}
        >{reach === 'one' && covers.length > 1 ? `These ${covers.length}` : reachNames[reach]}</button
      >
    {/each}
  </div>
{:else if part !== 'floor' && part !== 'ceiling'}
  <p class="help">
    For all of the room. Choose {part === 'wall' ? 'a wall' : 'a cabinet'} to finish it by itself.
  </p>
{/if}

<p class="now">
  <strong>{finishPartNames[part]}</strong>
  <span>{status}</span>
  {#if canGoBack}<LinkButton onclick={() => trial.take(null)}>Back to automatic</LinkButton>{/if}
</p>

{#if hasStyle}
  <div class="styles">
    {#if part === 'front'}
      <Ways
        ways={doorStyles.map((id) => ({ id, name: doorStyleNames[id], d: doorWays[id] }))}
        now={style.door}
        onchoose={(value) => session.run(setStyle, { style: 'doorStyle', value, to: styleTo })}
      />
    {:else}
      <Ways
        ways={handleStyles.map((id) => ({ id, name: handleStyleNames[id], d: handleWays[id] }))}
        now={style.handle}
        onchoose={(value) => session.run(setStyle, { style: 'handleStyle', value, to: styleTo })}
      />
    {/if}
    <span class="styled">
      {part === 'front' ? doorStyleNames[style.door] : handleStyleNames[style.handle]}
      {#if ownStyle}
        <LinkButton
          onclick={() => session.run(setStyle, { style: styleKey, value: null, to: styleTo } as StyleChange)}
          >{isOfItem ? 'As the room' : 'As the range'}</LinkButton
        >
      {/if}
    </span>
  </div>
{/if}

{#snippet shelf(all: readonly Finish[])}
  <ul>
    {#each all as finish (finish.own?.id ?? finish.code)}
      <li>
        <button
          class="swatch"
          aria-pressed={isNow(finish)}
          title="{finish.name}: press to take it or carry it over the room, arrow up and down for how far it reaches"
          aria-label="{finish.code} {finish.name}"
          draggable="false"
          onpointerenter={() => trial.carried ?? trial.show(finish)}
          onpointerleave={() => trial.carried ?? trial.hide()}
          onpointerdown={press}
          onpointermove={(event) => carry(event, finish)}
          onpointerup={letGo}
          onpointercancel={() => {
            pressed = null;
            trial.leave();
          }}
          onfocus={() => trial.show(finish)}
          onblur={() => trial.hide()}
          onkeydown={(event) => key(event, finish)}
          onclick={() => take(finish)}
        >
          <Swatch {finish} />
          <span class="label"><b>{finish.code}</b> {finish.name}</span>
        </button>
      </li>
    {/each}
  </ul>
{/snippet}
<FinishSets />
<div class="own">
  <h3>The studio’s own</h3>
  <LinkButton onclick={() => (makes = true)}>{own.length > 0 ? 'Make or change' : 'Make one'}</LinkButton>
</div>
{#if own.length > 0}{@render shelf(own)}{/if}
{#each shelves as { name, all } (name)}
  <h3>{name}</h3>
  {@render shelf(all)}
{/each}
{#if trial.carried}
  {@const { finish, x, y } = trial.carried}
  <div class="carried" style="left: {x}px; top: {y}px">
    <Swatch {finish} width={44} height={32} />
    {#if trial.over}
      <span>{finishPartNames[trial.part]}: {reachNames[scope.reach].toLowerCase()}</span>
    {/if}
  </div>
{/if}
{#if makes}
  <Later part={ownFinishes} props={{ onclose: () => (makes = false) }} coming={null} />
{/if}

<style>
  .parts {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.15rem;
  }
  .parts button {
    display: flex;
    align-items: center;
    gap: 0.4rem;
    min-height: max(30px, var(--touch));
    padding: 0 0.3rem;
    border: 1px solid transparent;
    border-radius: 3px;
    background: none;
    color: var(--text);
    cursor: pointer;
    font-size: 13px;
    text-align: left;
  }
  .parts button:hover {
    border-color: var(--rule);
  }
  .parts button[aria-pressed='true'] {
    border-color: var(--clay);
    background: var(--sheet);
    font-weight: 500;
  }
  .none {
    width: 22px;
    height: 22px;
    border: 1px dashed var(--soft);
    border-radius: 2px;
  }
  .reach {
    display: flex;
    flex-wrap: wrap;
    gap: 0.2rem;
  }
  .reach button {
    min-height: max(26px, var(--touch));
    padding: 0 0.45rem;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: none;
    color: var(--soft);
    cursor: pointer;
    font-size: 12.5px;
  }
  .reach button[aria-pressed='true'] {
    border-color: var(--clay);
    background: var(--sheet);
    color: var(--text);
  }
  .help {
    color: var(--soft);
    font-size: 12.5px;
  }
  .now {
    display: grid;
    justify-items: start;
    gap: 0.1rem;
    font-size: 13px;
  }
  .now span {
    color: var(--tide);
  }
  .styled {
    display: flex;
    flex-basis: 100%;
    justify-content: space-between;
    color: var(--soft);
    font-size: 12.5px;
  }
  .styles {
    display: flex;
    flex-wrap: wrap;
    gap: 0.2rem;
  }
  .carried {
    position: fixed;
    z-index: 30;
    display: flex;
    align-items: center;
    gap: 0.4rem;
    margin: 12px 0 0 12px;
    padding: 3px 6px 3px 3px;
    border-radius: 3px;
    background: var(--sheet);
    box-shadow: var(--shadow);
    font-size: 12.5px;
    pointer-events: none;
  }
  .own {
    display: flex;
    align-items: baseline;
    justify-content: space-between;
  }
  h3 {
    margin-top: 0.2rem;
    color: var(--soft);
    font-size: 12.5px;
    font-weight: 500;
  }
  ul {
    display: grid;
    grid-template-columns: repeat(3, 1fr);
    align-items: start;
    gap: 0.5rem 0.35rem;
    margin: 0;
    padding: 0;
    list-style: none;
  }
  .swatch {
    display: grid;
    gap: 0.15rem;
    padding: 2px;
    border: 0;
    border-radius: 3px;
    background: none;
    color: var(--text);
    cursor: pointer;
    font-size: 11.5px;
    text-align: left;
  }
  .swatch:hover,
  .swatch:focus-visible {
    box-shadow: 0 0 0 1.5px var(--tide);
  }
  .swatch[aria-pressed='true'] {
    box-shadow: 0 0 0 2px var(--clay);
  }
  .label {
    max-width: 74px;
    line-height: 1.2;
  }
  b {
    color: var(--tide);
    font-weight: 500;
  }
</style>
