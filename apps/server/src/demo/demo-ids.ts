/** Record ids of the documents' own ids. */
export interface DemoIds {
  readonly bands: ReadonlyMap<string, string>;
  readonly people: ReadonlyMap<string, string>;
  readonly places: ReadonlyMap<string, string>;
  readonly anchors: ReadonlyMap<string, string>;
}
