/**
 * Number of the model that figures are computed with; goes up whenever the same
 * set-up comes to other figures, so that what is stored can be told from what
 * would be computed now. 1: pulls of both hands added up by size, a choke shares
 * the tension. 2: net pull, pinned feet, hitched material held, a muscle's side.
 */
export const MODEL = 2;
