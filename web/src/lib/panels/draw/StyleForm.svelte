<script lang="ts">
  import {
    MOST_LINE,
    MOST_NOTES,
    pages,
    rowKinds,
    rowNames,
    setParts,
    sheetScales,
    typefaces,
    type LetterSize,
    type SetPart,
    type SheetStyle,
    type Typeface,
  } from 'goodreach';
  import Button from '$ui/Button.svelte';
  import TextField from '$ui/TextField.svelte';
  import { partNames } from './draw-words';
  import { logoOf } from './logo';

  /** A template as it is changed: what a set holds and in which order, its page and scale, how heavy its lines are, what is dimensioned, what stands in the title block and on the cover. */
  let { style, onchange }: { style: SheetStyle; onchange: (style: SheetStyle) => void } = $props();
  let problem = $state('');

  const set = (change: Partial<SheetStyle>) => onchange({ ...style, ...change });
  /** What may be left away: words, a picture, what is as usual. */
  type Optional = 'address' | 'check' | 'letters' | 'logo' | 'notes' | 'typeface';
  function say<Key extends Optional>(key: Key, value: SheetStyle[Key] | '') {
    const { [key]: _, ...without } = style;
    onchange((value ? { ...without, [key]: value } : without) as SheetStyle);
  }
  const parts = $derived([...style.parts, ...setParts.filter((part) => !style.parts.includes(part))]);
  function take(part: SetPart, taken: boolean) {
    const others = style.parts.filter((one) => one !== part);
    set({ parts: taken ? [...others, part] : others });
  }
  function earlier(part: SetPart) {
    const at = style.parts.indexOf(part);
    set({ parts: style.parts.with(at, style.parts[at - 1]!).with(at - 1, part) });
  }
  async function takeLogo({ currentTarget }: { currentTarget: HTMLInputElement }) {
    const [file] = currentTarget.files ?? [];
    currentTarget.value = '';
    if (!file) return;
    const read = await logoOf(file);
    problem = read.ok ? '' : read.problem;
    if (read.ok) set({ logo: read.logo });
  }
  const weights = { fine: 'Fine', usual: 'Usual', strong: 'Strong' } as const;
  const typefaceNames = { plain: 'Plain', narrow: 'Narrow', book: 'Book' } as const;
  const sizes = { usual: 'Usual', large: 'Large', largest: 'Largest' } as const;
</script>

<TextField
  label="Name"
  value={style.name}
  most={40}
  onset={(name) => set({ name: name.trim() || style.name })}
/>
<fieldset>
  <legend>The set holds, after its cover</legend>
  {#each parts as part (part)}
    {@const at = style.parts.indexOf(part)}
    <div class="part">
      <label>
        <input
          type="checkbox"
          checked={at >= 0}
          onchange={({ currentTarget: { checked } }) => take(part, checked)}
        />
        {partNames[part]}
      </label>
      {#if at > 0}<Button
          look="quiet"
          aria-label="Put {partNames[part]} earlier"
          onclick={() => earlier(part)}>Earlier</Button
        >{/if}
    </div>
  {/each}
</fieldset>
<label class="row">
  Page
  <select value={style.page} onchange={({ currentTarget: { value } }) => set({ page: value })}>
    {#each pages as { id } (id)}<option value={id}>{id}</option>{/each}
  </select>
</label>
<label class="row">
  Scale
  <select value={style.scale} onchange={({ currentTarget: { value } }) => set({ scale: value })}>
    {#each sheetScales as { id, text } (id)}<option value={id}>{text}</option>{/each}
  </select>
</label>
<label class="row">
  Lines
  <select
    value={style.lines}
    onchange={({ currentTarget: { value } }) => set({ lines: value as SheetStyle['lines'] })}
  >
    {#each Object.entries(weights) as [id, name] (id)}<option value={id}>{name}</option>{/each}
  </select>
</label>
<label class="row">
  Letters
  <select
    value={style.letters ?? 'usual'}
    onchange={({ currentTarget: { value } }) =>
      say('letters', value === 'usual' ? '' : (value as LetterSize))}
  >
    {#each Object.entries(sizes) as [id, name] (id)}<option value={id}>{name}</option>{/each}
  </select>
</label>
<label class="row">
  Typeface
  <select
    value={style.typeface ?? 'plain'}
    onchange={({ currentTarget: { value } }) => say('typeface', value === 'plain' ? '' : (value as Typeface))}
  >
    {#each Object.keys(typefaces) as id (id)}<option value={id}>{typefaceNames[id as Typeface]}</option
      >{/each}
  </select>
</label>
<fieldset>
  <legend>Dimensioned by itself</legend>
  {#each rowKinds as row (row)}
    <label class="part">
      <input
        type="checkbox"
        checked={!style.without.includes(row)}
        onchange={({ currentTarget: { checked } }) =>
          set({
            without: checked ? style.without.filter((one) => one !== row) : [...style.without, row],
          })}
      />
      {rowNames[row].replace(/^./, (first) => first.toUpperCase())}
    </label>
  {/each}
</fieldset>
<TextField
  label="Address"
  value={style.address ?? ''}
  most={MOST_LINE}
  onset={(words) => say('address', words.trim())}
/>
<TextField
  label="Beside the unit"
  value={style.check ?? ''}
  most={MOST_LINE}
  placeholder="to finished faces. Check on site."
  onset={(words) => say('check', words.trim())}
/>
<label class="words">
  Notes on the cover: *bold* between stars, a dash begins a point
  <textarea
    rows="4"
    maxlength={MOST_NOTES}
    value={style.notes ?? ''}
    onchange={({ currentTarget: { value } }) => say('notes', value.trim())}></textarea>
</label>
<div class="logo">
  <label class="export">
    {style.logo ? 'Another logo' : 'Logo'}
    <input
      class="visually-hidden"
      type="file"
      accept="image/png,image/jpeg,image/svg+xml"
      onchange={takeLogo}
    />
  </label>
  {#if style.logo}
    <img src="data:{style.logo.type};base64,{style.logo.data}" alt="The logo" />
    <Button look="quiet" onclick={() => say('logo', '')}>Take off</Button>
  {/if}
</div>
{#if problem}<p class="problem" role="alert">{problem}</p>{/if}

<style>
  fieldset {
    display: grid;
    margin: 0;
    padding: 0;
    border: 0;
    font-size: 13px;
  }
  legend,
  .words {
    padding: 0;
    color: var(--soft);
    font-size: 13px;
  }
  .part {
    display: flex;
    align-items: center;
    justify-content: space-between;
    min-height: max(26px, var(--touch));
  }
  .part label,
  label.part {
    display: flex;
    align-items: center;
    justify-content: start;
    gap: 0.35rem;
  }
  .words {
    display: grid;
    gap: 0.2rem;
  }
  textarea {
    min-width: 0;
    min-height: max(30px, var(--touch));
    padding: 0.1rem 0.4rem;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    color: var(--text);
    font: inherit;
  }
  .logo {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.5rem;
  }
  .logo label {
    cursor: pointer;
  }
  .logo label:focus-within {
    outline: 2px solid var(--tide);
  }
  img {
    max-width: 5rem;
    max-height: 2.2rem;
    background: #fff;
  }
</style>
