import type { Result } from '../result';
import { plainTops, type PlainTops } from '../surfaces/plain/plain-tops';
import { readTopsCase } from '../surfaces/plain/tops-case';
import { eachAnswered, type Answered } from './plain-cases';

/** The pieces of tops that are given by themselves: one case or a list of them, answered in the same order. */
export const plainTopsCommand = (text: string): Result<Answered<PlainTops>> =>
  eachAnswered(text, readTopsCase, plainTops);
