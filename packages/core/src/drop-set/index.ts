export {
  planDropSet,
  type DropSet,
  type DropSetPart,
  type DropSetSpace,
  type PlannedPart,
  type DropSetWish,
} from './plan-drop-set.js';
