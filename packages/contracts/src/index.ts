export * from './documents/exercise.js';
export * from './documents/review.js';
export * from './documents/samples.js';
export * from './documents/setup.js';
export * from './documents/solution.js';
export * from './faults/document-faults.js';
