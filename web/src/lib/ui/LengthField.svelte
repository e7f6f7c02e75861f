<script lang="ts">
  import {
    formatLength,
    formatLengthWithUnit,
    named,
    parseLengthWithin,
    refusalText,
    type LengthStyle,
  } from 'goodreach';
  import type { ComponentProps } from 'svelte';
  import TypedField from './TypedField.svelte';

  /** A length, mm, typed in any unit and shown in the job's. */
  interface Props extends Omit<
    ComponentProps<typeof TypedField>,
    'read' | 'show' | 'say' | 'explain' | 'step'
  > {
    style: LengthStyle;
    least?: number;
    most?: number;
  }
  let { style, least = 0, most = 30_000, label, ...rest }: Props = $props();
</script>

<TypedField
  {label}
  {...rest}
  step={style.step}
  read={(text) => parseLengthWithin(text, style.unit, named(label), least, most)}
  show={(mm) => formatLength(mm, style)}
  say={(mm) => formatLengthWithUnit(mm, style)}
  explain={({ refusal }) => refusalText(refusal, style)}
/>
