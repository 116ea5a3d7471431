/** Header by which a page of ours says how it reads records. */
export const PAGE_HEADER = 'otter-page';

/**
 * How this build's pages read records; raised when pages before would misread what they are told.
 * 1: what a page cannot read is put aside by id, stops nothing, and is fetched by the next build.
 */
export const PAGE = 1;
