<script lang="ts">
  import {
    formatLength,
    LEAST_ITEM,
    MOST_HEIGHT,
    MOST_ITEM,
    objectTypes,
    quantise,
    refusalText,
    roomOf,
    type ObjectType,
    type Range,
  } from 'goodreach';
  import type { Model, Quarter, Size } from 'goodreach/models';
  import { turned, unturned, type Turning } from 'goodreach/models';
  import { onDestroy } from 'svelte';
  import { base64 } from '$lib/tools/base64';
  import { useWorkspace } from '$lib/tools/context';
  import { ModelAsker } from '$lib/tools/model-asker';
  import type { ReadObject } from '$lib/tools/model.worker';
  import { likelyUnit, objectUnits, type ObjectUnit } from '$lib/tools/object-units';
  import Button from '$ui/Button.svelte';
  import Dialog from '$ui/Dialog.svelte';
  import { later } from '$ui/later';
  import Later from '$ui/Later.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import TextField from '$ui/TextField.svelte';
  import KeptObjects from './KeptObjects.svelte';

  /** Brings an object in from a file: how large it is, which way it stands, what it is called; and the studio's objects, to be forgotten. */
  let { onclose, onkept }: { onclose: () => void; onkept: (object: Range) => void } = $props();
  const { session, shelf } = useWorkspace();
  const preview = later(() => import('$views/room3d/ObjectPreview.svelte'), { isAhead: false });
  const inInches = roomOf(session.committed).unit === 'in';
  const asker = new ModelAsker();
  onDestroy(() => asker.close());

  let dialog: Dialog;

  const MOST_BYTES = 80_000_000;
  const turns: readonly { label: string; quarter: Quarter; title: string }[] = [
    { label: 'Turn', quarter: 'about', title: 'A quarter turn about the upright: its front to its left' },
    { label: 'Tip back', quarter: 'back', title: 'A quarter turn over: its top to the back' },
    { label: 'Tip aside', quarter: 'aside', title: 'A quarter turn over: its top to its right' },
  ];
  const places: Record<ObjectType, string> = {
    object: 'On the floor',
    'object-top': 'Put down on something',
    'object-wall': 'Hung on a wall',
    'object-ceiling': 'Hung down from the ceiling',
  };

  let read: ReadObject | null = $state.raw(null);
  let file = $state('');
  let unit: ObjectUnit = $state('metres');
  let turning: Turning = $state.raw(unturned);
  /** Its size in the units of its file as it is turned, and what else it is drawn out to, each way. */
  let raw: Size = $state.raw({ width: 1, height: 1, depth: 1 });
  let drawn: Size = $state.raw({ width: 1, height: 1, depth: 1 });
  let name = $state('');
  let type: ObjectType = $state('object');
  let up = $state(0);
  let price = $state('');
  let model: Model | null = $state.raw(null);
  let problem = $state('');
  let note = $state('');
  let busy = $state('');

  /** What is flat is as thick as an item can be least. */
  const sized = (key: keyof Size) =>
    quantise(Math.max(LEAST_ITEM, raw[key] * objectUnits[unit] * drawn[key]));
  const size = $derived<Size>({ width: sized('width'), height: sized('height'), depth: sized('depth') });
  const scale = $derived([
    objectUnits[unit] * drawn.width,
    objectUnits[unit] * drawn.height,
    objectUnits[unit] * drawn.depth,
  ] as const);
  const most: Size = { width: MOST_ITEM, height: MOST_HEIGHT, depth: MOST_ITEM };
  const tooLarge = $derived((['width', 'height', 'depth'] as const).some((key) => size[key] > most[key]));
  const tooSmall = $derived(Math.max(size.width, size.height, size.depth) < 10);

  async function take(event: Event & { currentTarget: HTMLInputElement }) {
    const files = [...(event.currentTarget.files ?? [])];
    event.currentTarget.value = '';
    if (files.length === 0) return;
    [problem, note, busy] = ['', '', 'Reading it…'];
    try {
      const bytes = files.reduce((sum, one) => sum + one.size, 0);
      if (bytes > MOST_BYTES) {
        problem = `These files have ${(bytes / 1e6).toFixed(0)} MB; an object of up to ${MOST_BYTES / 1e6} MB is read. Save it in a lighter form.`;
        return;
      }
      const named = await Promise.all(
        files.map(async (one) => ({ name: one.name, bytes: new Uint8Array(await one.arrayBuffer()) })),
      );
      const answer = await asker.ask({ of: 'files', files: named });
      if (!answer.ok) {
        problem = refusalText(answer.refusal, session.style);
        return;
      }
      read = answer.value;
      file = (files.find((one) => /\.(glb|gltf|obj)$/i.test(one.name)) ?? files[0]!).name;
      name ||= file
        .replace(/\.\w+$/, '')
        .replaceAll(/[_-]+/g, ' ')
        .slice(0, 60);
      drawn = { width: 1, height: 1, depth: 1 };
      unit = read.unit === 'metre' ? 'metres' : likelyUnit(read.extent, inInches ? 'in' : 'mm');
      await turnTo(unturned);
    } catch (fault) {
      problem = `The object can’t be read: ${fault instanceof Error ? fault.message : String(fault)}. Save it in a lighter form.`;
    } finally {
      busy = '';
    }
  }

  async function turnTo(next: Turning) {
    turning = next;
    raw = await asker.ask({ of: 'size', turning });
    await show();
  }

  async function turn(quarter: Quarter) {
    // What is drawn out goes round with it.
    const { width, height, depth } = drawn;
    if (quarter === 'about') drawn = { width: depth, height, depth: width };
    else if (quarter === 'back') drawn = { width, height: depth, depth: height };
    else drawn = { width: height, height: width, depth };
    await turnTo(turned(turning, quarter));
  }

  let asked = 0;
  async function show() {
    const own = ++asked;
    const answer = await asker.ask({ of: 'stood', stance: { turning, scale } });
    if (own === asked) model = answer;
  }

  let together = $state(true);
  async function resize(key: keyof Size, mm: number) {
    const by = mm / size[key];
    drawn = together
      ? { width: drawn.width * by, height: drawn.height * by, depth: drawn.depth * by }
      : { ...drawn, [key]: drawn[key] * by };
    await show();
  }

  async function keep() {
    problem = '';
    if (!name.trim()) return (problem = 'Give it a name.');
    const cost = price.trim() === '' ? 0 : Number(price.replace(',', '.'));
    if (!(cost >= 0 && cost <= 1_000_000))
      return (problem = `“${price}” can’t be read as a price. Type a number, as 340, or leave it empty.`);
    busy = 'Keeping it…';
    try {
      const { bytes, outline } = await asker.ask({ of: 'kept', stance: { turning, scale }, size });
      const said = {
        ...{ name: name.trim(), type, ...size, price: cost },
        ...(type !== 'object' && type !== 'object-ceiling' && { up }),
        ...(outline && { outline }),
      };
      const kept = await shelf.keepObject(said, base64(bytes));
      if (!kept.ok) return (problem = kept.message);
      onkept(kept.value);
      dialog.close();
    } catch (fault) {
      problem = `The object can’t be kept: ${fault instanceof Error ? fault.message : String(fault)}. Choose it once more.`;
    } finally {
      busy = '';
    }
  }

  /** Where it usually hangs or stands. */
  function stand(next: ObjectType) {
    type = next;
    up =
      next === 'object-wall'
        ? inInches
          ? 1_371.6
          : 1_400
        : next === 'object-top'
          ? inInches
            ? 914.4
            : 900
          : 0;
  }
</script>

<Dialog bind:this={dialog} title="An object from outside" wide="46rem" {onclose}>
  <label class="file">
    {read ? 'Another file' : 'Choose its file: .glb, .gltf or .obj, with what belongs to it'}
    <input type="file" multiple accept=".glb,.gltf,.bin,.obj,.mtl,.png,.jpg,.jpeg,.webp" onchange={take} />
  </label>
  {#if busy}<p class="note" role="status">{busy}</p>{/if}
  {#if problem}<p class="problem" role="alert">{problem}</p>{/if}
  {#if note}<p class="note" role="status">{note}</p>{/if}
  {#if read && model}
    <form
      onsubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <div class="seen">
        <Later
          part={preview}
          props={{ model, size, hung: type === 'object-wall' || type === 'object-ceiling' }}
        />
        <div class="turns" role="group" aria-label="Turn it">
          {#each turns as { label, quarter, title } (quarter)}
            <Button {title} onclick={() => turn(quarter)}>{label}</Button>
          {/each}
        </div>
        <p class="help">
          {file}: {read.has.toLocaleString('en')} triangles{read.has < read.had
            ? `, made lighter from ${read.had.toLocaleString('en')}`
            : ''}.
        </p>
      </div>
      <div class="fields">
        <TextField label="Name" value={name} most={60} onset={(text) => (name = text)} />
        <label class="row">
          Its unit
          <select
            value={unit}
            onchange={(event) => {
              unit = event.currentTarget.value as ObjectUnit;
              void show();
            }}
          >
            {#each Object.keys(objectUnits) as one (one)}<option value={one}>{one}</option>{/each}
          </select>
        </label>
        {#each [['Width', 'width'], ['Depth', 'depth'], ['Height', 'height']] as const as [label, key] (key)}
          <LengthField
            {label}
            value={size[key]}
            style={session.style}
            least={1}
            most={most[key]}
            onset={(mm) => void resize(key, mm)}
          />
        {/each}
        <label class="check">
          <input type="checkbox" bind:checked={together} /> Keep its proportions
        </label>
        {#if tooLarge || tooSmall}
          <p class="problem" role="alert">
            It would be {formatLength(Math.max(size.width, size.height, size.depth), session.style)} long. Choose
            another unit, or type a size that is right.
          </p>
        {/if}
        <label class="row">
          Stands
          <select value={type} onchange={(event) => stand(event.currentTarget.value as ObjectType)}>
            {#each objectTypes as one (one)}<option value={one}>{places[one]}</option>{/each}
          </select>
        </label>
        {#if type === 'object-top' || type === 'object-wall'}
          <LengthField
            label="Above floor"
            value={up}
            style={session.style}
            most={MOST_HEIGHT}
            onset={(mm) => void (up = mm)}
          />
        {/if}
        <TextField label="Price" value={price} most={12} onset={(text) => (price = text)} />
        <Button type="submit" look="primary" disabled={busy !== '' || tooLarge || tooSmall}>Keep it</Button>
        <p class="help">It is among the objects of the shelf then, in every room of the studio.</p>
      </div>
    </form>
  {/if}
  <KeptObjects ontold={(told, wrong) => ([note, problem] = [told, wrong])} />
</Dialog>

<style>
  .file {
    position: relative;
    display: inline-block;
    padding: 0.4rem 0.7rem;
    border: 1px dashed var(--rule-strong);
    border-radius: 3px;
    cursor: pointer;
    font-size: 13px;
  }
  .file:hover,
  .file:focus-within {
    border-color: var(--clay);
  }
  .file input {
    position: absolute;
    inset: 0;
    opacity: 0;
    cursor: pointer;
  }
  form {
    display: grid;
    grid-template-columns: 334px minmax(230px, 1fr);
    gap: 1.4rem;
    align-items: start;
    margin-top: 0.9rem;
  }
  .fields {
    display: grid;
    gap: 0.5rem;
  }
  .turns {
    margin-bottom: 0.5rem;
    display: flex;
    gap: 0.4rem;
    margin-top: 0.5rem;
  }
  .row {
    display: grid;
    grid-template-columns: 7.2rem minmax(0, 1fr);
    align-items: center;
    gap: 0.5rem;
    color: var(--soft);
  }
  select {
    min-width: 0;
    min-height: max(30px, var(--touch));
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    color: var(--text);
  }
  .check {
    display: flex;
    align-items: center;
    gap: 0.4rem;
    color: var(--soft);
  }
  @media (max-width: 760px) {
    form {
      grid-template-columns: 1fr;
    }
  }
</style>
