import { formatDistance } from 'date-fns';

/** "about 1 month ago"; a clock that runs ahead of ours never makes it "in 1 minute". */
export function agoText(date: Date, now: Date): string {
  return formatDistance(date > now ? now : date, now, { addSuffix: true });
}
