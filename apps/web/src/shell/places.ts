import {
  AudioLines,
  ClipboardList,
  Hammer,
  type LucideIcon,
  Package,
  Plug,
  ScrollText,
  Stethoscope,
} from 'lucide-react';

export interface Place {
  readonly to: string;
  readonly name: string;
  /** Key after `g`. */
  readonly key: string;
  readonly Icon: LucideIcon;
}

/** The places of the app, in the order of the rail. */
export const PLACES: readonly Place[] = [
  { to: '/', name: 'Bench', key: 'b', Icon: Hammer },
  { to: '/jobs', name: 'Jobs', key: 'j', Icon: ClipboardList },
  { to: '/machines', name: 'Machines', key: 'm', Icon: Plug },
  { to: '/stores', name: 'Stores', key: 's', Icon: Package },
  { to: '/faults', name: 'Faults', key: 'f', Icon: Stethoscope },
  { to: '/log', name: 'Log', key: 'l', Icon: ScrollText },
  { to: '/lab', name: 'Arc lab', key: 'a', Icon: AudioLines },
];
