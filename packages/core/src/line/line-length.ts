/** Most characters of a line that is typed; a longer one is a list, and is read line by line. Source: our tuning. */
export const LINE_MOST = 400;

/** Longest line that the program writes itself: every slot of a job in words, with room. Source: our tuning. */
export const WRITTEN_LINE_MOST = 2000;
