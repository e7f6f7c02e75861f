import { nest } from '../shop/nest/nest';
import { readNestCase } from '../shop/nest/nest-case';
import type { Nest } from '../shop/nest/nest-types';
import type { Result } from '../result';
import { eachAnswered, type Answered } from './plain-cases';

/** Nests the parts of a bare JSON text: one case or a list of them, answered in the same order. */
export const plainNestCommand = (text: string): Result<Answered<Nest>> =>
  eachAnswered(text, readNestCase, (one) => nest(one));
