/** One hand for every drawing: outlines, details, and one tone for what is solid. Widths in the drawing's own px. */
export const OUTLINE_PX = 2;
export const DETAIL_PX = 1.5;
export const TONE = 'var(--sunk)';
