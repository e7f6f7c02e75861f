import { getMetadataStorage, ValidationTypes, type ValidationArguments } from 'class-validator';
import { rememberOne } from './remember';
import { nestedIn, type NestedField, type Part } from './decorators';

/** What has to hold of a field of a class. */
interface FieldCheck {
  field: string;
  /** It is asked only where all of these say so. */
  where: readonly ((object: object, value: unknown) => boolean)[];
  constraints: readonly Constraint[];
  nested: NestedField | null;
}

interface Constraint {
  holds: (value: unknown, asked: ValidationArguments) => Promise<boolean> | boolean;
  each: boolean;
  targetName: string;
  given: unknown[];
}

/**
 * Whether something is plainly right by the decorators of a class: asked before the validation library, which makes a report of every field of
 * what is right as of what is wrong. What it says no to may be right all the same: the library decides, and says what is wrong.
 */
export function isRight(ofClass: Part, value: unknown): boolean {
  const checks = checksOf(ofClass);
  if (!checks || !isPlain(value)) return false;
  for (const key in value) if (!checks.has(key)) return false;
  for (const check of checks.values()) if (!isFieldRight(check, value)) return false;
  return true;
}

function isFieldRight({ field, where, constraints, nested }: FieldCheck, object: Plain): boolean {
  const value = object[field];
  for (const asks of where) if (!asks(object, value)) return true;
  for (const { holds, each, targetName, given } of constraints) {
    const asked = { targetName, property: field, object, value, constraints: given };
    if (each && Array.isArray(value)) {
      for (const one of value) if (holds(one, asked) !== true) return false;
    } else if (holds(value, asked) !== true) return false;
  }
  if (!nested || value === undefined) return true;
  if (!nested.isList) return isPartRight(nested, value);
  return Array.isArray(value) && value.every((one) => isPartRight(nested, one));
}

function isPartRight({ parts, by }: NestedField, value: unknown): boolean {
  if (!by) return isRight(parts[0]!, value);
  const part = isPlain(value) ? by.parts.get(value[by.property]) : undefined;
  return part !== undefined && isRight(part, value);
}

type Plain = Record<string, unknown>;

/** Read from text, or made as what is: whatever else it is, is left to the library. */
const isPlain = (value: unknown): value is Plain =>
  typeof value === 'object' && value !== null && Object.getPrototypeOf(value) === Object.prototype;

/** What the decorators of a class ask for, field by field; null where they ask for what is not looked at here. */
const checksOf = rememberOne((ofClass: Part): ReadonlyMap<string, FieldCheck> | null => {
  const storage = getMetadataStorage();
  // Its own come before those of its parents.
  const nested = new Map(
    nestedIn(ofClass)
      .reverse()
      .map((one) => [one.field, one]),
  );
  const checks = new Map<string, FieldCheck>();
  const byField = storage.groupByPropertyName(
    storage.getTargetValidationMetadatas(ofClass, '', false, false),
  );
  for (const [field, metadatas] of Object.entries(byField)) {
    const where: FieldCheck['where'][number][] = [];
    const constraints: Constraint[] = [];
    for (const { type, constraints: given, constraintCls, each, validateIf, groups } of metadatas) {
      if (validateIf || (groups && groups.length > 0)) return null;
      if (type === ValidationTypes.CONDITIONAL_VALIDATION) where.push(given[0] as (typeof where)[number]);
      else if (type === ValidationTypes.NESTED_VALIDATION) {
        if (!nested.has(field)) return null;
      } else if (type === ValidationTypes.CUSTOM_VALIDATION)
        for (const { instance, async } of storage.getTargetValidatorConstraints(constraintCls)) {
          if (async) return null;
          const holds: Constraint['holds'] = (value, asked) => instance.validate(value, asked);
          constraints.push({ holds, each, targetName: ofClass.name, given });
        }
      else if (type !== ValidationTypes.WHITELIST) return null;
    }
    checks.set(field, { field, where, constraints, nested: nested.get(field) ?? null });
  }
  return checks.size > 0 ? checks : null;
});
