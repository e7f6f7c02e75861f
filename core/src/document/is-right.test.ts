import { plainToInstance, Type } from 'class-transformer';
import { IsDefined, IsInt, ValidateNested, validateSync } from 'class-validator';
import { describe, expect, it } from 'vitest';
import { room } from '../../testing/full-room';
import { argsFor, preparedFor } from '../../testing/prepared';
import { commands } from '../commands';
import { execute, type Command } from '../commands/command';
import { demoJobs } from '../demo/demo-jobs';
import { ranges } from '../ranges/shelf';
import { must } from '../result';
import { Nested, type Part } from './decorators';
import { isRight } from './is-right';
import { recordClasses, type DesignRecord } from './records';

type Json = Record<string, unknown>;

/** What the library says. */
function isRightByLibrary(ofClass: new () => object, value: object): boolean {
  const options = { whitelist: true, forbidNonWhitelisted: true, forbidUnknownValues: true };
  try {
    return validateSync(plainToInstance(ofClass, value), options).length === 0;
  } catch {
    // A placement that is none, which is looked at before the library is asked.
    return false;
  }
}

const classOf = ({ kind }: DesignRecord) => recordClasses[kind] as new () => object;

/** Records that are not much alike: of each kind those with other fields than any before. */
function records(): DesignRecord[] {
  const found = new Map<string, DesignRecord>();
  const made = (commands as readonly Command<unknown>[]).map((command) => {
    const design = preparedFor(command.id, room());
    return must(execute(command, design, argsFor(command.id, design))).design;
  });
  const designs = [...made, ...demoJobs().flatMap(({ rooms }) => rooms)];
  const own: DesignRecord[] = ranges.map(({ families, ...range }) => {
    // Of families with the same fields one.
    const few = new Map(families.map((family) => [Object.keys(family).join(' '), family]));
    return { ...range, families: [...few.values()], kind: 'range' };
  });
  own.push({ kind: 'construction', id: 'built', range: 'fathom', ways: { board: 19 } });
  for (const record of [...designs.flatMap(({ records }) => Object.values(records)), ...own])
    found.set(`${record.kind} ${[...placesIn(record).keys()].join(' ')}`, record);
  return [...found.values()];
}

type Path = readonly (string | number)[];

/** Where something stands in a value, at any depth, itself left out. */
function pathsIn(value: unknown, path: Path = []): Path[] {
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, own]) => {
    const at = [...path, Array.isArray(value) ? Number(key) : key];
    return [at, ...pathsIn(own, at)];
  });
}

/** The places in a record, of what stands in many lists alike the first. */
function placesIn(record: DesignRecord): Map<string, Path> {
  const found = new Map<string, Path>();
  for (const path of pathsIn(record)) {
    const place = path.map((key) => (typeof key === 'number' ? '*' : key)).join('.');
    if (!found.has(place)) found.set(place, path);
  }
  return found;
}

/** A copy of a record with something else at a place; without it for `undefined`. */
function withAt(record: DesignRecord, path: Path, made: unknown): Json {
  const copy = structuredClone(record) as unknown as Json;
  const holder = path.slice(0, -1).reduce<Json>((at, key) => at[key] as Json, copy);
  const last = path.at(-1)!;
  if (made !== undefined) holder[last] = made;
  else if (Array.isArray(holder)) holder.splice(Number(last), 1);
  else delete holder[last];
  return copy;
}

/** A class with these fields, and those of its parent. */
function madeOf(fields: Record<string, readonly PropertyDecorator[]>, Parent: Part = Object): Part {
  class Made extends Parent {}
  for (const [field, decorators] of Object.entries(fields))
    for (const decorate of decorators) decorate(Made.prototype, field);
  return Made;
}

/** What may be sent for something. */
const sent: readonly unknown[] = [
  ...[undefined, null, true, '', ' ', 'x', 'a'.repeat(5_000), '3', 'constructor', '__proto__'],
  ...[0, -1, 0.5, 1e9, NaN, Infinity, [], [null], [[]], [{}], ['x', 'x'], {}, { x: 1 }, { on: 'face' }],
];

describe('what is plainly right', () => {
  const all = records();

  it('has a record of every kind to be tried', () => {
    expect(new Set(all.map(({ kind }) => kind))).toEqual(new Set(Object.keys(recordClasses)));
  });

  it('are all records as they are', () => {
    expect(all.filter((record) => !isRight(classOf(record), record))).toEqual([]);
  });

  it('is what the library says, whatever stands anywhere in a record', () => {
    const other: { path: Path; record: Json }[] = [];
    const told = { right: 0, wrong: 0 };
    const seen = new Set<string>();
    for (const record of all)
      for (const [place, path] of placesIn(record)) {
        if (seen.has(`${record.kind} ${place}`)) continue;
        seen.add(`${record.kind} ${place}`);
        const tried = sent.map((made) => withAt(record, path, made));
        if (typeof path.at(-1) === 'string') tried.push(withAt(record, [...path.slice(0, -1), 'more'], 1));
        for (const one of tried) {
          const right = isRightByLibrary(classOf(record), one);
          told[right ? 'right' : 'wrong'] += 1;
          if (isRight(classOf(record), one) !== right) other.push({ path, record: one });
        }
      }
    expect(other.slice(0, 5)).toEqual([]);
    expect(Math.min(told.right, told.wrong)).toBeGreaterThan(500);
  });

  it('is nothing but plain objects: the rest is left to the library', () => {
    const room = all.find(({ kind }) => kind === 'room')!;
    const made = Object.assign(Object.create({ kind: 'room' }) as Json, room);
    expect(isRight(recordClasses.room, made)).toBe(false);
    expect(isRight(recordClasses.room, [room])).toBe(false);
    class Undecorated {}
    expect(isRight(Undecorated, {})).toBe(false);
  });

  it('is nothing whose class asks for what is not looked at', () => {
    const Part = madeOf({ one: [IsInt()] });
    const Plain = madeOf({ part: [Nested(Part)] });
    const NotOurs = madeOf({ part: [ValidateNested(), Type(() => Part)] });
    const Grouped = madeOf({ one: [IsInt({ groups: ['some'] })] });
    const Sometimes = madeOf({ one: [IsInt({ validateIf: () => false })] });
    const Defined = madeOf({ one: [IsDefined()] });
    expect(isRight(Plain, { part: { one: 1 } })).toBe(true);
    expect(isRight(Plain, { part: { one: 0.5 } })).toBe(false);
    expect(isRight(NotOurs, { part: { one: 1 } })).toBe(false);
    expect([Grouped, Sometimes, Defined].map((ofClass) => isRight(ofClass, { one: 1 }))).toEqual([
      false,
      false,
      false,
    ]);
  });

  it('is by the field of a class itself, where its parent has one of that name', () => {
    const Parent = madeOf({ part: [Nested(madeOf({ wide: [IsInt()] }))] });
    const Child = madeOf({ part: [Nested(madeOf({ high: [IsInt()] }))] }, Parent);
    for (const part of [{ wide: 1 }, { high: 1 }])
      expect(isRight(Child, { part })).toBe(isRightByLibrary(Child, { part }));
    expect([isRight(Parent, { part: { wide: 1 } }), isRight(Child, { part: { high: 1 } })]).toEqual([
      true,
      true,
    ]);
  });
});
