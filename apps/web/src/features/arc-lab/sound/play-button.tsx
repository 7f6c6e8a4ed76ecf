import { Square, Volume2 } from 'lucide-react';
import { useEffect, useState } from 'react';
import { Button } from '../../../ui/button.tsx';
import { type PlayedArc, playArcs, stopPlaying } from './play-arc.ts';
import { warmRecorder } from './record-away.ts';

interface Props {
  readonly arcs: readonly PlayedArc[];
  /** What is heard, after “Hear”. */
  readonly what: string;
  /** The word on it, where it is not “Hear”. */
  readonly word?: string;
  readonly className?: string;
  readonly tone?: 'main' | 'plain' | 'quiet';
  readonly onHeard?: () => void;
}

/** Plays a sound, or silences it. */
export function PlayButton({ arcs, what, word = 'Hear', className = '', tone = 'plain', onHeard }: Props) {
  const [isPlaying, setPlaying] = useState(false);
  useEffect(() => {
    warmRecorder();
    return stopPlaying;
  }, []);
  const press = (): void => {
    if (isPlaying) {
      stopPlaying();
      return;
    }
    setPlaying(true);
    onHeard?.();
    void playArcs(arcs).finally(() => setPlaying(false));
  };
  const Icon = isPlaying ? Square : Volume2;
  return (
    <Button
      tone={tone}
      className={className}
      aria-label={`${isPlaying ? 'Stop' : word} ${what}`}
      onClick={press}
    >
      <Icon size={20} aria-hidden="true" /> {isPlaying ? 'Stop' : word}
    </Button>
  );
}
