<script lang="ts">
  import type { Result } from 'goodreach';

  interface Props {
    label: string;
    /** null for an empty field. */
    value: number | null;
    /** What a text means, within limits; or why it can't be read, as a sentence. */
    read: (text: string) => Result<number>;
    /** A value as it is shown in the field, and as it is echoed with its unit. */
    show: (value: number) => string;
    say: (value: number) => string;
    /** A refusal as a sentence. */
    explain: (refused: Extract<Result<number>, { ok: false }>) => string;
    /** What an arrow key adds. */
    step: number;
    /** Takes the typed value; gives why not, or an empty text. */
    onset: (value: number) => string | void;
    hideLabel?: boolean;
    disabled?: boolean;
    hint?: string;
    placeholder?: string;
    /** Calls with every readable value while typing, for live previews. */
    ontype?: (value: number) => void;
    /** Calls when the field is emptied, where it may be; without it an empty field is a fault. */
    onclear?: () => string | void;
    name?: string;
    focused?: boolean;
    onleave?: () => void;
  }
  let {
    label,
    value,
    read,
    show,
    say,
    explain,
    step,
    onset,
    hideLabel = false,
    disabled = false,
    hint = '',
    placeholder = '',
    ontype,
    onclear,
    name,
    focused = false,
    onleave,
  }: Props = $props();

  const id = $props.id();
  let text: string | null = $state(null);
  let problem = $state('');
  const shown = $derived(text ?? (value === null ? '' : show(value)));
  const understood = $derived.by(() => {
    if (text === null) return '';
    const got = read(text);
    if (!got.ok) return '';
    const said = say(got.value);
    return said.replace(/\s/g, '') === text.replace(/\s/g, '') ? '' : `= ${said}`;
  });

  /** A refusal goes when what it was about has become another: by an undo, or an edit elsewhere. */
  let refused: number | null = null;
  $effect.pre(() => {
    if (problem !== '' && value !== refused) [problem, text] = ['', null];
  });

  function type(event: Event & { currentTarget: HTMLInputElement }) {
    text = event.currentTarget.value;
    problem = '';
    const got = read(text);
    if (got.ok) ontype?.(got.value);
  }

  function commit() {
    if (text === null || (text === '' && value === null)) {
      text = null;
      return;
    }
    if (text.trim() === '' && onclear) {
      problem = onclear() ?? '';
    } else {
      const got = read(text);
      problem = got.ok ? (onset(got.value) ?? '') : explain(got);
    }
    refused = value;
    if (!problem) text = null;
  }

  function keys(event: KeyboardEvent & { currentTarget: HTMLInputElement }) {
    if (event.key === 'Enter') {
      commit();
      event.preventDefault();
      if (!problem) {
        event.currentTarget.select();
        if (onleave) onleave();
        else nextField(event.currentTarget)?.focus();
      }
    } else if (event.key === 'Escape') {
      text = null;
      problem = '';
      if (onleave) onleave();
      else event.currentTarget.blur();
    } else if ((event.key === 'ArrowUp' || event.key === 'ArrowDown') && value !== null) {
      event.preventDefault();
      const next = value + step * (event.shiftKey ? 10 : 1) * (event.key === 'ArrowUp' ? 1 : -1);
      const got = read(show(next));
      if (got.ok) problem = onset(next) ?? '';
      refused = value;
      text = null;
    } else return;
    event.stopPropagation();
  }

  /** In a form, Enter goes on to the next entry: type, Enter, next. */
  function nextField(input: HTMLInputElement): HTMLElement | undefined {
    const fields = [...(input.form?.elements ?? [])].filter(
      (one): one is HTMLElement => one instanceof HTMLElement,
    );
    return fields[fields.indexOf(input) + 1];
  }

  function start(node: HTMLInputElement) {
    if (!focused) return;
    node.focus();
    node.select();
  }
</script>

<div class="field" class:inline={hideLabel}>
  <label for={id} class:visually-hidden={hideLabel}>{label}</label>
  <div class="entry">
    <input
      {id}
      {name}
      {disabled}
      {placeholder}
      value={shown}
      autocomplete="off"
      spellcheck="false"
      aria-invalid={problem !== ''}
      aria-describedby={problem ? `${id}-problem` : hint || understood ? `${id}-hint` : undefined}
      oninput={type}
      onblur={commit}
      onkeydown={keys}
      onfocus={(event) => event.currentTarget.select()}
      {@attach start}
    />
    {#if understood}<span class="understood" id="{id}-hint">{understood}</span>
    {:else if hint}<span class="hint" id="{id}-hint">{hint}</span>{/if}
  </div>
  {#if problem}<p class="problem" id="{id}-problem" role="alert">{problem}</p>{/if}
</div>

<style>
  .field {
    display: grid;
    grid-template-columns: 7.2rem minmax(0, 1fr);
    align-items: center;
    gap: 0.1rem 0.5rem;
  }
  .field.inline {
    grid-template-columns: minmax(0, 1fr);
  }
  label {
    color: var(--soft);
  }
  .entry {
    display: flex;
    align-items: center;
    gap: 0.4rem;
    min-width: 0;
  }
  input {
    width: 6.2rem;
    min-width: 0;
    min-height: max(30px, var(--touch));
    padding: 0.15rem 0.45rem;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    color: var(--tide);
    text-align: right;
    font-weight: 500;
  }
  .inline input {
    width: 9rem;
  }
  input:hover {
    border-color: var(--rule-strong);
  }
  input[aria-invalid='true'] {
    border-color: var(--blocked);
  }
  .understood,
  .hint {
    color: var(--soft);
    font-size: 12px;
    white-space: nowrap;
  }
  .understood {
    color: var(--tide);
  }
  .problem {
    grid-column: 1 / -1;
    padding: 0.3rem 0.5rem;
    border-left: 3px solid var(--blocked);
    background: color-mix(in srgb, var(--blocked) 8%, var(--sheet));
    color: var(--blocked);
    font-size: 12.5px;
    white-space: normal;
  }
</style>
