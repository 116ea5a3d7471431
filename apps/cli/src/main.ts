import { text } from 'node:stream/consumers';
import { runOtter } from './otter.js';

const answer = runOtter(process.argv.slice(2), await text(process.stdin));
process.stdout.write(answer.stdout);
process.stderr.write(answer.stderr);
process.exitCode = answer.exitCode;
