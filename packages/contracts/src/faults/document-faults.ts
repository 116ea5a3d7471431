import type * as z from 'zod';

/** A fault of form, in the words of the product: place, found, expected. */
export interface FormFault {
  readonly code: 'form';
  /** JSON path, beginning with `$`. */
  readonly path: string;
  readonly found: string;
  readonly expected: string;
}

export type ParseResult<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly faults: readonly FormFault[] };

/** Parses a value from outside once, at the border; all faults of form come together. */
export function parseDocument<Schema extends z.ZodType>(
  schema: Schema,
  value: unknown,
): ParseResult<z.output<Schema>> {
  const parsed = schema.safeParse(value);
  if (parsed.success) return { ok: true, value: parsed.data };
  return { ok: false, faults: toFormFaults(parsed.error.issues, value) };
}

/** Turns Zod's issues about `value` into faults; unknown keys become one fault each. */
export function toFormFaults(issues: readonly z.core.$ZodIssue[], value: unknown): FormFault[] {
  return issues.flatMap((issue) => issueFaults(issue, value, issue.path));
}

type Path = readonly PropertyKey[];

function issueFaults(issue: z.core.$ZodIssue, value: unknown, path: Path): FormFault[] {
  if (issue.code === 'unrecognized_keys') {
    return issue.keys.map((key) => ({
      code: 'form',
      path: jsonPath([...path, key]),
      found: `unknown key "${key}"`,
      expected: 'no such key',
    }));
  }
  if (issue.code === 'invalid_union') {
    const branch = likeliestBranch(issue.errors);
    if (branch !== undefined) {
      return branch.flatMap((inner) => issueFaults(inner, value, [...path, ...inner.path]));
    }
  }
  const own: unknown = issue.code === 'custom' ? issue.params?.['found'] : undefined;
  return [
    {
      code: 'form',
      path: jsonPath(path),
      found: typeof own === 'string' ? own : describe(valueAt(value, path)),
      expected: expectation(issue),
    },
  ];
}

/** The branch of a union that the value was meant for: the one that did not fail at its very root. */
function likeliestBranch(
  branches: readonly (readonly z.core.$ZodIssue[])[],
): readonly z.core.$ZodIssue[] | undefined {
  return branches.find((issues) =>
    issues.every((issue) => issue.path.length > 0 || issue.code === 'unrecognized_keys'),
  );
}

function expectation(issue: z.core.$ZodIssue): string {
  switch (issue.code) {
    case 'invalid_type':
      return TYPE_WORDS[issue.expected] ?? `a ${issue.expected}`;
    case 'too_small':
      return bound(
        issue.origin,
        issue.minimum,
        issue.inclusive === false ? 'more than' : 'at least',
      );
    case 'too_big':
      return bound(
        issue.origin,
        issue.maximum,
        issue.inclusive === false ? 'less than' : 'at most',
      );
    case 'invalid_value':
      return `one of ${issue.values.map((value) => JSON.stringify(value)).join(', ')}`;
    case 'invalid_format':
      return FORMAT_WORDS[issue.format] ?? issue.message;
    case 'invalid_union':
      return 'one of the allowed forms';
    default:
      return issue.message;
  }
}

const TYPE_WORDS: Readonly<Record<string, string>> = {
  number: 'a finite number',
  int: 'a whole number',
  string: 'a text',
  boolean: 'true or false',
  object: 'an object',
  record: 'an object',
  array: 'a list',
  tuple: 'a list of coordinates',
};

const FORMAT_WORDS: Readonly<Record<string, string>> = {
  date: 'a day as YYYY-MM-DD',
  uuid: 'a UUID',
  uuidv7: 'a UUID of version 7',
};

function bound(origin: string, limit: number | bigint, words: string): string {
  if (origin === 'array') return `a list of ${words} ${limit} entries`;
  if (origin === 'string') return `a text of ${words} ${limit} characters`;
  return `${words} ${limit}`;
}

/** `['bands', 0, 'law']` as `$.bands[0].law`; keys that are no plain names are quoted. */
export function jsonPath(path: Path): string {
  return path.reduce<string>((text, key) => {
    if (typeof key === 'number') return `${text}[${key}]`;
    const name = String(key);
    return /^[\p{L}_][\p{L}\p{N}_]*$/u.test(name)
      ? `${text}.${name}`
      : `${text}[${JSON.stringify(name)}]`;
  }, '$');
}

const LONGEST_QUOTE = 80;

function describe(value: unknown): string {
  if (value === undefined) return 'nothing';
  if (typeof value === 'number') return String(value);
  if (Array.isArray(value)) return `a list of ${value.length} entries`;
  if (typeof value === 'object' && value !== null) {
    return `an object of ${Object.keys(value).length} entries`;
  }
  const text = JSON.stringify(value) ?? typeof value;
  return text.length > LONGEST_QUOTE ? `${text.slice(0, LONGEST_QUOTE)}…` : text;
}

function valueAt(value: unknown, path: Path): unknown {
  return path.reduce<unknown>(
    (inner, key) =>
      typeof inner === 'object' && inner !== null
        ? (inner as Record<PropertyKey, unknown>)[key]
        : undefined,
    value,
  );
}
