/** Where the keys of all jobs begin: whatever a machine or a bead changes of jobs is read anew by it. */
export const JOBS_KEY = ['jobs'] as const;
