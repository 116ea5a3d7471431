/**
 * Number of the model that figures are computed with; goes up whenever the same
 * set-up comes to other figures, so that what is stored can be told from what
 * would be computed now. 1: pulls of both hands added up by size, a choke shares
 * the tension. 2: net pull, pinned feet, hitched material held, a muscle's side.
 * 3: labels are trusted less, hooking in takes every strand that ends there, help
 * turned round where next to nothing is asked is no fault, nine schools decide.
 */
export const MODEL = 3;
