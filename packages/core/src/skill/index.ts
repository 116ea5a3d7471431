export {
  type HangPlace,
  type Skill,
  SKILL_WORKS,
  type SkillLevel,
  type SkillWork,
} from './skill.js';
export { type LevelDemand, levelsByDemand } from './levels.js';
export { type Help, type HelpAt, helpOver } from './help.js';
export { hangBands, type HungBands } from './compare-hangs.js';
export { momentAtHip, type MomentAtHip } from './middle-of-body.js';
export { MOST_TURNS, type Slackness, slacknessOf, type TautWay } from './tauten.js';
export {
  type FirstHelp,
  firstHelp,
  type HelpPoint,
  type ShownEffort,
  UNKNOWN_START,
} from './first-help.js';
export { sagged } from './variations.js';
export { heightsOf, phaseAtHeight } from './target-height.js';
