/** How a link looks that gives a file. */
export const DOWNLOAD =
  'inline-flex min-h-11 items-center justify-center gap-2 rounded-md border border-line-strong bg-plate px-4 text-center text-base font-medium hover:border-action';
