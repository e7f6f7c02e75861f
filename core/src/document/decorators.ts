import { applyDecorators } from './apply-decorators';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsNumber,
  IsString,
  Length,
  Matches,
  Max,
  Min,
} from 'class-validator';
import { MOST_HEIGHT } from './limits';

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
  return applyDecorators(
    IsString(),
    Length(least, most),
    Matches(/\S/, { message: '$property must be more than blanks' }),
  );
}

/** One of a fixed list of words. */
export function OneOf(words: readonly (string | number)[]): PropertyDecorator {
  return IsIn([...words]);
}

/** The sizes something is made in: one to so many lengths. */
export function Sizes(most: number): PropertyDecorator {
  return applyDecorators(
    IsArray(),
    ArrayMinSize(1),
    ArrayMaxSize(most),
    IsNumber({ allowNaN: false, allowInfinity: false }, { each: true }),
    Min(0.01, { each: true }),
    Max(MOST_HEIGHT, { each: true }),
  );
}
