/** Changes that change nothing, each with the reason why: they are not tried. */
export const EQUIVALENT = [];
