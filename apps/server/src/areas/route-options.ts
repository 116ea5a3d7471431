/** What routes are told at the start. */
export interface RouteOptions {
  /** Whether the session cookie may travel over plain HTTP (loopback only). */
  readonly plainHttp: boolean;
  /** Where the simulated scale listens; null where there is none. */
  readonly gaugeUrl: string | null;
}
