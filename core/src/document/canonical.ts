/** The same value always written as the same text: keys sorted, no spaces. */
export function canonical(value: unknown): string {
  return JSON.stringify(sortKeys(value));
}

/** As canonical, indented for people and version control, with a newline at the end. */
export function canonicalPretty(value: unknown): string {
  return `${JSON.stringify(sortKeys(value), null, 2)}\n`;
}

function sortKeys(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(sortKeys);
  if (value === null || typeof value !== 'object') return value;
  const record = value as Record<string, unknown>;
  return Object.fromEntries(
    Object.keys(record)
      .sort()
      .map((key) => [key, sortKeys(record[key])]),
  );
}
