/** Sizes that mean something, for the theme and its looks; a cold or gloved hand decides what is large enough. */

/** The least that can be touched, and a key that ought not to be missed, and one that is hit without looking. */
export const tap = '44px';
export const sureTap = '60px';
export const blindTap = '76px';
/** Corners are all but square. */
export const radius = '3px';
/** Lines, from faint to firm. */
export const hair = '1px solid var(--hair)';
export const rule = '1.5px solid var(--hair)';
export const edge = '1.5px solid var(--ink)';
export const brokenEdge = '1.5px dashed var(--ink)';
/** Where a page changes its form: a phone in one hand; a narrow list; one column; a head with less in it. */
export const phone = '(max-width: 640px)';
export const narrow = '(max-width: 820px)';
export const column = '(max-width: 1000px)';
export const snug = '(max-width: 1400px)';
