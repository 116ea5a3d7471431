import type { ExerciseDocument, SkillDocument } from '@wiry-otter/contracts';
import {
  type Help,
  hangBands,
  type HangPlace,
  isContinuous,
  type MomentAtHip,
  momentAtHip,
  type Rigger,
  type Setup,
  type Slackness,
  slacknessOf,
} from '@wiry-otter/core';
import type { KnownBand } from '../bands/band-law';
import { withPart } from '../setups/workbench/changes';
import type { RouteOfExercise } from '../setups/workbench/routes';
import { compositionOf, type WorkbenchInput } from '../setups/workbench/solve-workbench';
import type { WorkbenchState } from '../setups/workbench/workbench-state';

/** The route that was chosen at each place, where not the first. */
export type ChosenRoutes = Readonly<Record<string, string>>;

/** A place where the chosen bands hang, with what they do there. */
export interface HangView {
  readonly place: HangPlace;
  /** What hanging them there sets. */
  readonly part: Pick<WorkbenchState, 'routeIds'>;
  /** Ways to hang a band of that form there, the one that is shown among them. */
  readonly routes: readonly RouteOfExercise[];
  readonly route: RouteOfExercise;
  readonly setup: Setup;
  readonly help: Help;
  /** Whether this is how the set-up is. */
  readonly isSet: boolean;
}

/** Every place of a skill at which the bands that are on can hang in an exercise, solved. */
export function hangViews(
  input: WorkbenchInput,
  { hangs }: SkillDocument,
  chosen: ChosenRoutes,
  rig: Rigger,
): HangView[] {
  if (input.bands.length === 0) return [];
  const set = compositionOf(input).routes.map(({ id }) => id);
  return hangs.flatMap((place): HangView[] => {
    const routes = routesAt(input.exercise, place).filter((route) => suitsAny(route, input.bands));
    const shown = [
      ...routes.filter(({ id }) => id === chosen[place.where]),
      ...routes.filter(({ id }) => set.includes(id)),
      ...routes,
    ];
    const [route] = shown;
    if (route === undefined) return [];
    const part = { routeIds: routesTogether(shown) };
    const composition = compositionOf(withPart(input, input.bands, part));
    const hung = hangBands(composition, composition.routes, composition.bands, rig);
    if (!hung.ok || hung.value.setup.runs.length === 0) return [];
    const { help, setup } = hung.value;
    const isSet = composition.routes.every(({ id }) => set.includes(id)) && routes.length > 0;
    return [{ place, part, route, setup, help, isSet, routes: alike(routes, route) }];
  });
}

/** What is told of a place besides its help, once nothing moves. */
export interface HangDetails {
  readonly hip: MomentAtHip | undefined;
  readonly slackness: Slackness | undefined;
}

/** What the bands do to the middle of the body, and what makes slack ones taut. */
export function hangDetails(
  input: WorkbenchInput,
  { hangs }: SkillDocument,
  view: HangView,
): HangDetails {
  const folds = hangs
    .filter(({ where }) => where === view.place.where)
    .flatMap((place) => routesAt(input.exercise, place))
    .filter(({ path }) => new Set(path).size < path.length);
  const composition = compositionOf(withPart(input, input.bands, view.part));
  return { hip: momentAtHip(view.setup), slackness: slacknessOf(composition, folds) };
}

/** What each band alone does at each place: share of the need in the mean, and at the start. */
export interface BandAtPlaces {
  readonly band: KnownBand;
  readonly helps: readonly {
    readonly where: string;
    readonly help: Help;
    readonly routeId: string;
    /** It would hang slack else. */
    readonly isFolded: boolean;
  }[];
}

/** Each band by itself at every place. */
export function bandsAtPlaces(
  input: WorkbenchInput,
  skill: SkillDocument,
  bands: readonly KnownBand[],
  rig: Rigger,
): BandAtPlaces[] {
  return bands.flatMap((band): BandAtPlaces[] => {
    const alone = withPart(input, [band], { bandIds: [band.record.id] });
    const helps = hangViews(alone, skill, {}, rig).map((view) => {
      const { help, isFolded, route } = tautView(alone, skill, view, rig);
      return { where: view.place.where, help, routeId: route.id, isFolded };
    });
    return helps.length === 0 ? [] : [{ band, helps }];
  });
}

/** A place as it is, or on the first of its other routes that is taut where this one is slack all through. */
function tautView(
  input: WorkbenchInput,
  skill: SkillDocument,
  view: HangView,
  rig: Rigger,
): HangView & { readonly isFolded: boolean } {
  const { where } = view.place;
  const isFolded = ({ path }: RouteOfExercise): boolean => new Set(path).size < path.length;
  const others = view.help.slackShare < 1 ? [] : view.routes.filter(isFolded);
  const taut = others
    .flatMap(({ id }) => hangViews(input, skill, { [where]: id }, rig))
    .find(({ help, place }) => place.where === where && help.slackShare < 1);
  const shown = taut ?? view;
  return { ...shown, isFolded: isFolded(shown.route) && !isFolded(view.route) };
}

function routesAt({ routes = [] }: ExerciseDocument, place: HangPlace): RouteOfExercise[] {
  return place.routes.flatMap((id) => routes.find((route) => route.id === id) ?? []);
}

function suitsAny(route: RouteOfExercise, bands: readonly KnownBand[]): boolean {
  return bands.some(({ record }) => isContinuous(record.kind) === (route.for === 'continuous'));
}

/** The first route of each form. */
function routesTogether(routes: readonly RouteOfExercise[]): WorkbenchState['routeIds'] {
  const first = (form: RouteOfExercise['for']): string | null =>
    routes.find((route) => route.for === form)?.id ?? null;
  return { continuous: first('continuous'), open: first('open') };
}

function alike(routes: readonly RouteOfExercise[], route: RouteOfExercise): RouteOfExercise[] {
  return routes.filter((other) => other.for === route.for);
}
