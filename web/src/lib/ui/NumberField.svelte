<script lang="ts">
  import { named, ok, refuse, type Result } from 'goodreach';
  import type { ComponentProps } from 'svelte';
  import TypedField from './TypedField.svelte';

  /** A number within limits, whole unless decimals are allowed; `unit` is shown behind it. */
  interface Props extends Omit<
    ComponentProps<typeof TypedField>,
    'read' | 'show' | 'say' | 'explain' | 'step'
  > {
    least?: number;
    most: number;
    decimals?: number;
    unit?: string;
    step?: number;
  }
  let { label, least = 0, most, decimals = 0, unit = '', step = 1, ...rest }: Props = $props();

  const NUMBER = /^\d{1,9}(?:[.,]\d{0,6})?$/;
  function read(text: string): Result<number> {
    const bare = text.replace(unit, '').trim();
    const value = NUMBER.test(bare) ? Number(bare.replace(',', '.')) : Number.NaN;
    const rounded = Number(value.toFixed(decimals));
    const isRight = rounded === value && value >= least && value <= most;
    return isRight ? ok(value) : refuse('number-range', { what: named(label), value, least, most });
  }
  const show = (value: number) => `${Number(value.toFixed(decimals))}${unit && ` ${unit}`}`;
  const explain = () => `Type a ${decimals === 0 ? 'whole ' : ''}number from ${least} to ${most}.`;
</script>

<TypedField {label} {...rest} {step} {read} {show} say={show} {explain} />
