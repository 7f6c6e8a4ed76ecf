import { wireSizeText } from '@hot-bead/core/base';
import { useReader } from '../../../units/index.ts';
import { FAMILY_ARC } from '@hot-bead/core/arc-lab';
import { ARC_SOUNDS, type ArcSound } from '@hot-bead/core/window';
import { useState } from 'react';
import { PlayButton } from './play-button.tsx';

interface Props {
  readonly words: Readonly<Record<ArcSound, string>>;
}

/** Another seed at each opening: the sound itself is learnt, not one recording of it. */
const SEEDS = 1e6;

/** The five sounds of an arc, to be heard beside what is asked. */
export function SoundSamples({ words }: Props) {
  const { units } = useReader();
  const [seed] = useState(() => Date.now() % SEEDS);
  return (
    <div>
      <p className="label-text mb-1">How each of them sounds</p>
      <ul className="grid grid-cols-1 gap-2 sm:grid-cols-2 md:grid-cols-3">
        {ARC_SOUNDS.map((sound) => (
          <li key={sound} className="flex items-center gap-2">
            <PlayButton arcs={[{ setting: FAMILY_ARC[sound], seed }]} what={words[sound]} />
            <span className="text-[15px]">{words[sound]}</span>
          </li>
        ))}
      </ul>
      <p className="mt-1 text-sm text-ink-soft">
        ◆ Simulated, solid steel wire of {wireSizeText(0.9, units)}. Aluminium and cored wire are not
        modelled: only the words hold for them.
      </p>
    </div>
  );
}
