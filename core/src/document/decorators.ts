import 'reflect-metadata';
import { Type } from 'class-transformer';
import { applyDecorators } from './apply-decorators';
import {
  ArrayMaxSize,
  ArrayMinSize,
  ArrayUnique,
  IsArray,
  IsIn,
  IsNumber,
  IsObject,
  IsString,
  Length,
  Matches,
  Max,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import type { ReasonKey } from '../reasons';
import { MOST_HEIGHT, OWN_PROFILE, trimProfiles, type TrimUse } from './limits';

/** What is wrong with a text of blanks; other reasons are said as the library says them. */
export const ONLY_BLANKS: ReasonKey = 'only-blanks';

/** A finite length in millimetres within limits. */
export function Millimetres(least: number, most: number): PropertyDecorator {
  return applyDecorators(IsNumber({ allowNaN: false, allowInfinity: false }), Min(least), Max(most));
}

/** A finite number within limits. */
export function Between(least: number, most: number): PropertyDecorator {
  return Millimetres(least, most);
}

/** A finite angle in radians within limits. */
export function Radians(least: number, most: number): PropertyDecorator {
  return Millimetres(least, most);
}

/** The id of a record: letters, digits and dashes. */
export function RecordId(): PropertyDecorator {
  return applyDecorators(IsString(), Length(1, 64), Matches(/^[A-Za-z0-9_-]+$/));
}

/** A short text a person typed: more than blanks. */
export function Words(least: number, most: number): PropertyDecorator {
  return applyDecorators(IsString(), Length(least, most), Matches(/\S/, { message: ONLY_BLANKS }));
}

/** One of a fixed list of words. */
export function OneOf(words: readonly (string | number)[]): PropertyDecorator {
  return IsIn([...words]);
}

/** Some of a fixed list of words, each once. */
export function SomeOf(words: readonly string[]): PropertyDecorator {
  return applyDecorators(
    IsArray(),
    ArrayMaxSize(words.length),
    ArrayUnique(),
    IsIn([...words], { each: true }),
  );
}

/** A profile of a trim: one of ours for its use, or one of the room's own. */
export function Profile(use: TrimUse): PropertyDecorator {
  return Matches(new RegExp(`^(?:${trimProfiles[use].join('|')}|${OWN_PROFILE.source.slice(1, -1)})$`));
}

/** One to so many finite numbers within limits. */
export function Numbers(most: number, least: number, greatest: number): PropertyDecorator {
  return applyDecorators(
    IsArray(),
    ArrayMinSize(1),
    ArrayMaxSize(most),
    IsNumber({ allowNaN: false, allowInfinity: false }, { each: true }),
    Min(least, { each: true }),
    Max(greatest, { each: true }),
  );
}

/** The sizes something is made in: one to so many lengths. */
export function Sizes(most: number): PropertyDecorator {
  return Numbers(most, 0.01, MOST_HEIGHT);
}

/** A field that may be absent, but is never null. */
export function Optional(): PropertyDecorator {
  return ValidateIf((_, value) => value !== undefined);
}

export type Part = new () => object;

/** A field of a class whose value is another class, or one of several, told apart by a word in a field; or a list of them. */
export interface NestedField {
  field: string;
  parts: readonly Part[];
  isList: boolean;
  by: { property: string; parts: ReadonlyMap<unknown, Part> } | null;
}

const nested = new Map<object, NestedField[]>();

/** The fields of a class that hold others, its parents' included. */
export function nestedIn({ prototype }: Part): NestedField[] {
  const chain: NestedField[] = [];
  for (let at: object | null = prototype; at; at = Object.getPrototypeOf(at) as object | null)
    chain.push(...(nested.get(at) ?? []));
  return chain;
}

function holds(parts: readonly Part[], isList: boolean, by: NestedField['by'] = null): PropertyDecorator {
  return (target, key) => {
    nested.set(target, [...(nested.get(target) ?? []), { field: String(key), parts, isList, by }]);
  };
}

/** A part with fields of its own; it has to be there. */
export function Nested(part: Part): PropertyDecorator {
  return applyDecorators(
    IsObject(),
    ValidateNested(),
    Type(() => part),
    holds([part], false),
  );
}

/** One of several parts with fields of their own, told apart by a word in a field that all have; it has to be there. */
export function NestedBy(property: string, parts: Readonly<Record<string, Part>>): PropertyDecorator {
  const values = Object.values(parts);
  const subTypes = Object.entries(parts).map(([name, value]) => ({ name, value }));
  return applyDecorators(
    IsObject(),
    ValidateNested(),
    Type(() => values[0]!, { discriminator: { property, subTypes }, keepDiscriminatorProperty: true }),
    holds(values, false, { property, parts: new Map(Object.entries(parts)) }),
  );
}

/** A list of so many parts with fields of their own. */
export function ListOf(part: Part, least: number, most: number): PropertyDecorator {
  return applyDecorators(
    IsArray(),
    ArrayMinSize(least),
    ArrayMaxSize(most),
    IsObject({ each: true }),
    ValidateNested({ each: true }),
    Type(() => part),
    holds([part], true),
  );
}
