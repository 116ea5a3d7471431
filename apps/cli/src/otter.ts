import type { Fault } from '@wiry-otter/core';
import { COMMANDS } from './commands.js';

export interface Answer {
  readonly exitCode: 0 | 2;
  readonly stdout: string;
  readonly stderr: string;
}

/**
 * Runs one command on one document. A good document: the result on stdout and
 * exit 0. A bad one: nothing on stdout, one line per fault on stderr, exit 2.
 */
export function runOtter(args: readonly string[], input: string): Answer {
  const [name = '', ...rest] = args;
  const command = Object.hasOwn(COMMANDS, name) ? COMMANDS[name] : undefined;
  if (command === undefined || rest.length > 0) return refuse([usage(args)]);
  const document = parseJson(input);
  if ('problem' in document) return refuse([document.problem]);
  const result = command(document.value);
  if (!result.ok) return refuse(result.faults.map(faultLine));
  return { exitCode: 0, stdout: `${JSON.stringify(result.value, null, 1)}\n`, stderr: '' };
}

/** One fault as one line: JSON path, what was found, what was expected. */
export function faultLine({ path, found, expected }: Fault): string {
  return oneLine(`${path}: found ${found}, expected ${expected}`);
}

function usage(args: readonly string[]): string {
  const found = args.length === 0 ? 'no command' : `"${args.join(' ')}"`;
  return oneLine(
    `otter: found ${found}, expected ${Object.keys(COMMANDS).join(' | ')} with a document on stdin`,
  );
}

function parseJson(input: string): { value: unknown } | { problem: string } {
  try {
    // A byte order mark is no part of the document.
    return { value: JSON.parse(input.replace(/^\uFEFF/, '')) };
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error);
    return { problem: oneLine(`$: found text that is no JSON (${why}), expected a JSON document`) };
  }
}

function refuse(lines: readonly string[]): Answer {
  return { exitCode: 2, stdout: '', stderr: `${lines.join('\n')}\n` };
}

/** A name in a document may hold line breaks; a fault is one line all the same. */
function oneLine(text: string): string {
  return text.replace(/\s*[\r\n\u2028\u2029]+\s*/g, ' ');
}
