<script lang="ts">
  import {
    FINISH_CODE,
    finishFrom,
    finishMaterials,
    LEAST_REPEAT,
    MOST_FINISH,
    MOST_REPEAT,
    nextCode,
    type Finish,
    type FinishMaterial,
    type FinishRecord,
    type FinishTile,
  } from 'goodreach';
  import { onDestroy, untrack } from 'svelte';
  import { useWorkspace } from '$lib/tools/context';
  import { jpegOf, Photo, type Flat } from '$lib/tools/photo';
  import { Unreadable } from '$lib/tools/picture-of';
  import Button from '$ui/Button.svelte';
  import FileEntry from '$ui/FileEntry.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import LinkButton from '$ui/LinkButton.svelte';
  import TextField from '$ui/TextField.svelte';
  import { materialNames } from './finish-words';
  import FinishTileFields from './FinishTileFields.svelte';
  import FlatPreview from './FlatPreview.svelte';
  import StraightenPad from './StraightenPad.svelte';
  import Swatch from './Swatch.svelte';

  /** A finish of the studio's own: what it is called, how it looks, where it comes from, and a picture of it put straight. */
  interface Props {
    /** The one that is changed; null for another. */
    record: FinishRecord | null;
    onkept: (record: FinishRecord) => void;
    onforgotten: () => void;
  }
  let { record, onkept, onforgotten }: Props = $props();
  const { session, studioFinishes } = useWorkspace();
  const known = $derived(studioFinishes.known(session.committed));

  const start = untrack(() => record);
  let of: FinishMaterial = $state(start?.of ?? 'timber');
  let said = $state({
    name: start?.name ?? '',
    code: start?.code ?? '',
    colour: start?.colour ?? '#b49a78',
    shine: start ? Math.round(100 * (1 - start.rough)) : 40,
    long: start?.long ?? 600,
    high: start?.high ?? 600,
    supplier: start?.supplier ?? '',
    price: start?.price ? String(start.price.amount) : '',
    per: start?.price?.per ?? ('m2' as 'm' | 'm2'),
    tile: start?.tile ?? ({ long: 300, high: 100, joint: 3, offset: 0.5, grout: '#d5d0c4' } as FinishTile),
  });
  type Grain = 'none' | 'upright' | 'across';
  let grain: Grain = $state(start?.grain ? 'upright' : 'none');
  let dropsPicture = $state(false);
  const next = $derived(nextCode(of, new Set(known.map(({ code }) => code))));
  const code = $derived(said.code || next);

  let photo: Photo | null = $state.raw(null);
  let quad = $state.raw<Parameters<Photo['flat']>[0] | null>(null);
  let flat: Flat | null = $state.raw(null);
  let problem = $state('');
  let busy = $state(false);

  /** What the photograph shows, as wide and high as it is, in pixels: small for looking, larger to be kept. */
  function sized(most: number): [number, number] {
    const by = most / Math.max(said.long, said.high);
    return [Math.max(8, Math.round(said.long * by)), Math.max(8, Math.round(said.high * by))];
  }
  let asked = 0;
  $effect(() => {
    if (!photo || !quad) return;
    const [width, height] = sized(220);
    const own = ++asked;
    photo.flat(quad, width, height, grain === 'across').then(
      (made) => {
        if (own === asked) flat = made;
      },
      () => (problem = 'The picture could not be put straight. Choose it once more.'),
    );
  });

  async function read(file: File) {
    problem = '';
    try {
      const next = await Photo.of(file);
      photo?.close();
      photo = next;
      const [x, y] = [next.width * 0.06, next.height * 0.06];
      quad = [
        { x, y },
        { x: next.width - x, y },
        { x: next.width - x, y: next.height - y },
        { x, y: next.height - y },
      ];
      dropsPicture = false;
    } catch (error) {
      problem =
        error instanceof Unreadable ? error.message : `${file.name} could not be read. Try another picture.`;
    }
  }
  onDestroy(() => photo?.close());

  /** Pixels of the longer side of what is kept. */
  const KEPT = 1_024;

  async function keep() {
    problem = '';
    const { name, shine, long, high, supplier, price, per, tile, colour } = said;
    if (!name.trim()) return (problem = 'Give the finish a name.');
    if (!FINISH_CODE.test(code)) return (problem = 'A code is one to four capitals and a number, as T21.');
    const amount = price.trim() === '' ? null : Number(price.replace(',', '.'));
    if (amount !== null && !(amount >= 0 && amount <= 1_000_000))
      return (problem = `“${price}” can’t be read as a price. Type a number, as 84.50, or leave it empty.`);
    busy = true;
    try {
      let picture: string | null | undefined = dropsPicture ? null : undefined;
      let tone = colour;
      if (photo && quad) {
        const whole = await photo.flat(quad, ...sized(KEPT), grain === 'across');
        [picture, tone] = [await jpegOf(whole.pixels), whole.colour];
      }
      // The grain is upright in what is kept.
      const [wide, tall] = photo && grain === 'across' ? [high, long] : [long, high];
      const kept = await studioFinishes.keep(
        {
          ...{ name: name.trim(), code, of, colour: tone, rough: 1 - shine / 100, long: wide, high: tall },
          ...(of === 'metal' && { metal: 0.75 }),
          ...(grain !== 'none' && { grain: true }),
          ...(of === 'tile' && { tile: { ...tile } }),
          ...(supplier.trim() && { supplier: supplier.trim() }),
          ...(amount !== null && { price: { amount, per } }),
        },
        picture,
        start?.id,
      );
      if (kept.ok) onkept(kept.value);
      else problem = kept.message;
    } catch {
      problem = 'The picture could not be put straight. Choose it once more.';
    }
    busy = false;
  }

  async function forget() {
    problem = await studioFinishes.forget(start!.id);
    if (!problem) onforgotten();
  }

  /** It as it is now, without its picture where another is being put straight. */
  const shown: Finish = $derived(
    finishFrom({
      ...{ kind: 'finish', id: 'shown', name: 'x', code, of, rough: 0.5, colour: said.colour },
      ...{ long: said.long, high: said.high },
      ...(start?.picture && !dropsPicture && !photo && { picture: start.picture }),
      ...(grain !== 'none' && { grain: true }),
      ...(of === 'tile' && { tile: said.tile }),
    }),
  );
  const hasPicture = $derived(photo !== null || (start?.picture !== undefined && !dropsPicture));
</script>

<form
  onsubmit={(event) => {
    event.preventDefault();
    void keep();
  }}
>
  <div class="picture">
    {#if photo && quad}
      <StraightenPad
        url={photo.url}
        width={photo.width}
        height={photo.height}
        {quad}
        onmove={(after) => (quad = after)}
      />
      <p class="help">Put the four corners on the piece whose size you know, and type that size.</p>
    {:else}
      <div class="empty"><Swatch finish={shown} width={330} height={180} /></div>
    {/if}
    <FileEntry
      label={hasPicture ? 'Another picture' : 'A picture of it'}
      accept=".png,.jpg,.jpeg,.webp"
      onfile={read}
    />
    {#if hasPicture}
      <LengthField
        label="It shows, across"
        value={said.long}
        style={session.style}
        least={LEAST_REPEAT}
        most={MOST_REPEAT}
        onset={(mm) => void (said.long = mm)}
      />
      <LengthField
        label="Upright"
        value={said.high}
        style={session.style}
        least={LEAST_REPEAT}
        most={MOST_REPEAT}
        onset={(mm) => void (said.high = mm)}
      />
      <LinkButton
        onclick={() => {
          photo?.close();
          [photo, quad, flat] = [null, null, null];
          dropsPicture = start?.picture !== undefined;
        }}>Without a picture</LinkButton
      >
    {/if}
  </div>

  <div class="fields">
    <TextField label="Name" value={said.name} most={MOST_FINISH} onset={(text) => (said.name = text)} />
    <TextField
      label="Code"
      value={said.code}
      placeholder={next}
      most={8}
      onset={(text) => (said.code = text.trim().toUpperCase())}
    />
    <label class="row">
      Material
      <select bind:value={of}>
        {#each finishMaterials as one (one)}<option value={one}>{materialNames[one]}</option>{/each}
      </select>
    </label>
    {#if !hasPicture}
      <label class="row">Colour <input type="color" bind:value={said.colour} /></label>
    {/if}
    <label class="row">
      Sheen
      <input type="range" min="0" max="100" step="5" bind:value={said.shine} />
    </label>
    <label class="row">
      Grain
      <select bind:value={grain}>
        <option value="none">None</option>
        <option value="upright">Upright on the picture</option>
        {#if photo}<option value="across">Across the picture</option>{/if}
      </select>
    </label>
    {#if of === 'tile'}
      <FinishTileFields bind:tile={said.tile} />
    {/if}
    <TextField label="Supplier" value={said.supplier} most={200} onset={(text) => (said.supplier = text)} />
    <div class="price">
      <TextField label="Price" value={said.price} most={12} onset={(text) => (said.price = text)} />
      <select aria-label="Priced by" bind:value={said.per}>
        <option value="m2">a m²</option>
        <option value="m">a metre</option>
      </select>
    </div>
    {#if flat}
      <figure>
        <FlatPreview pixels={flat.pixels} />
        <figcaption>Laid four times</figcaption>
      </figure>
    {/if}
    {#if problem}<p class="problem" role="alert">{problem}</p>{/if}
    <div class="done">
      <Button type="submit" look="primary" disabled={busy}>{busy ? 'Keeping it…' : 'Keep it'}</Button>
      {#if start}<Button onclick={forget} disabled={busy}>Forget it</Button>{/if}
    </div>
    {#if start}<p class="help">Rooms keep what they were given, until it is given again.</p>{/if}
  </div>
</form>

<style>
  form {
    display: grid;
    grid-template-columns: 334px minmax(230px, 1fr);
    gap: 1.4rem;
    align-items: start;
  }
  .picture,
  .fields {
    display: grid;
    gap: 0.5rem;
    justify-items: start;
  }
  .fields > :global(*) {
    width: 100%;
  }
  .empty {
    border: 1px solid var(--rule);
  }
  .row {
    display: grid;
    grid-template-columns: 7.2rem minmax(0, 1fr);
    align-items: center;
    gap: 0.5rem;
    color: var(--soft);
  }
  select,
  input[type='color'] {
    min-width: 0;
    min-height: max(30px, var(--touch));
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    color: var(--text);
  }
  input[type='color'] {
    width: 3.4rem;
    padding: 2px;
  }
  input[type='range'] {
    accent-color: var(--clay);
  }
  .price {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 0.4rem;
  }
  figure {
    margin: 0;
  }
  figcaption,
  .help {
    color: var(--soft);
    font-size: 12.5px;
  }
  .problem {
    color: var(--blocked);
    font-size: 13px;
  }
  .done {
    display: flex;
    gap: 0.5rem;
  }
  @media (max-width: 760px) {
    form {
      grid-template-columns: 1fr;
    }
  }
</style>
