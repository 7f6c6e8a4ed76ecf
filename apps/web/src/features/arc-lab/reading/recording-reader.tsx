import { amount, words } from '@hot-bead/core/base';
import { useWords } from '../../../units/index.ts';
import { type ArcLevel, evenWord, SOUND_REFUSALS } from '@hot-bead/core/arc-lab';
import { Mic } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import { Button } from '../../../ui/button.tsx';
import { FileField } from '../../../ui/form/file-field.tsx';
import { hasMicrophone, listen } from './microphone.ts';
import { readAway, readWavAway } from './read-away.ts';
import type { RecordingTold } from './read-recorded.ts';
import { type Answered, LEVEL_SAYS, LEVEL_TURN, sureText } from './reading-words.ts';
import { SpectrogramView } from './spectrogram-view.tsx';

interface Props {
  /** What the answer can be used for, where it can. */
  readonly onTake?: (level: ArcLevel) => void;
  /** What stands beside the figures: the model’s at the plan’s setting. */
  readonly beside?: ReactNode;
}

const LEVEL_TEXT = { cold: 'text-cold', right: 'text-good', hot: 'text-hot' } as const;
/** Classes that sound alike are told by one word. */
const CLASS_SAYS = {
  stubbing: 'stubbing or crowding',
  crowding: 'stubbing or crowding',
  steady: 'a steady sizzle',
  ragged: 'ragged',
  popping: 'a long arc or popping',
  long: 'a long arc or popping',
} as const;

function Answer({ reading, onTake, beside }: Props & { readonly reading: Answered }) {
  const { level, dipClass, confidence, clicksPerS, cv } = reading;
  return (
    <div className="grid grid-cols-1 gap-1" aria-live="polite">
      <p className={`figure-text text-[40px] leading-tight ${LEVEL_TEXT[level]}`}>{LEVEL_SAYS[level]}</p>
      <p className="text-lg">
        It sounds like {CLASS_SAYS[dipClass]}: {clicksPerS.toFixed(0)} clicks a second, {evenWord(cv)}{' '}
        (scatter {cv.toFixed(2)}). {LEVEL_TURN[level]}
      </p>
      <p>{sureText(confidence)}</p>
      {beside}
      {onTake && (
        <Button
          tone="main"
          className="mt-2 min-h-14 justify-self-start text-lg"
          onClick={() => onTake(level)}
        >
          Put “{level}” into the report
        </Button>
      )}
    </div>
  );
}

function Told({ recording, ...rest }: Props & { readonly recording: RecordingTold }) {
  const say = useWords();
  if (recording.status === 'unreadable') return null;
  const { reading } = recording;
  return (
    <div className="grid grid-cols-1 gap-3">
      {reading.status === 'read' ? (
        <Answer reading={reading} {...rest} />
      ) : (
        <div role="alert" className="rounded-md border border-straw bg-straw-tint p-3">
          <p className="text-lg font-semibold">◆ Not read. {SOUND_REFUSALS[reading.code].message}</p>
          <p>{say(SOUND_REFUSALS[reading.code].todo)}</p>
        </div>
      )}
      <SpectrogramView {...recording} />
      <p className="text-sm text-ink-soft">
        ◆ Learnt on simulated sound: no real recording was used. Spray, pulse and globular are not read from
        sound.
      </p>
    </div>
  );
}

/** Reads a recording: a WAV that is picked or dropped, or what the microphone hears. */
export function RecordingReader(props: Props) {
  const say = useWords();
  const [told, setTold] = useState<RecordingTold>();
  const [error, setError] = useState<string>();
  const [doing, setDoing] = useState<string>();
  const isBusy = doing !== undefined;
  const read = async (reading: Promise<RecordingTold>): Promise<void> => {
    setDoing('Reading…');
    setTold(undefined);
    setError(undefined);
    try {
      const next = await reading;
      setTold(next);
      if (next.status === 'unreadable') setError(next.message);
    } catch (reason) {
      setError(reason instanceof Error ? reason.message : 'The recording could not be read.');
    } finally {
      setDoing(undefined);
    }
  };
  const hear = async (): Promise<void> => {
    setDoing('Listening…');
    setTold(undefined);
    setError(undefined);
    try {
      const sound = await listen((left) => setDoing(`Listening, ${left} s left`));
      await read(readAway({ sound: { samples: Float32Array.from(sound.samples), rate: sound.rate } }));
    } catch {
      setError('The microphone was not allowed, or there is none. Record with the phone and pick the WAV.');
      setDoing(undefined);
    }
  };
  return (
    <div
      className="grid grid-cols-1 gap-3"
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault();
        const file = event.dataTransfer.files[0];
        if (file && !isBusy) void read(readWavAway(file));
      }}
    >
      <div className="flex flex-wrap items-end gap-4">
        <div className="min-w-64 grow">
          <FileField
            label="WAV of 3 to 60 s, 16 to 96 kHz: pick it, or drop it here"
            accept=".wav,audio/wav,audio/x-wav"
            error={error}
            onPick={(file) => file && !isBusy && void read(readWavAway(file))}
          />
        </div>
        {hasMicrophone() && (
          <Button className="min-h-14" disabled={isBusy} onClick={() => void hear()}>
            <Mic size={20} aria-hidden="true" /> Listen now
          </Button>
        )}
      </div>
      {doing !== undefined && <p role="status">{doing}</p>}
      {told && <Told recording={told} {...props} />}
      {!told && !isBusy && (
        <p>
          Hold the phone {say(words`${amount.distance(500)}`)} from the arc, out of the spatter, and weld for
          five seconds without hammering. One arc at a time, short-circuit only.
        </p>
      )}
    </div>
  );
}
