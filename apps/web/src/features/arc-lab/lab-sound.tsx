import { ARC_SAMPLES_PER_S } from '@hot-bead/core/arc-lab';
import { Download, Square, Volume2 } from 'lucide-react';
import { useEffect, useId, useRef, useState } from 'react';
import { Button } from '../../ui/button.tsx';
import { saveFile } from '../../ui/save-file.ts';
import {
  type ArcRecord,
  type LiveArc,
  playLive,
  soundVolume,
  stopPlaying,
  turnVolume,
  warmLive,
} from './sound/index.ts';
import { arcOf, type LabSetting } from './lab-setting.ts';

type State = 'off' | 'beginning' | 'on' | 'failed';

/** The arc’s sound while the knobs are turned: off until it is asked for. */
export function LabSound({ setting, record }: { readonly setting: LabSetting; readonly record: ArcRecord }) {
  const [state, setState] = useState<State>('off');
  const [gaps, setGaps] = useState(0);
  const [volume, setVolume] = useState(soundVolume);
  const live = useRef<LiveArc>(undefined);
  const isHere = useRef(true);
  const volumeId = useId();
  useEffect(() => live.current?.turn(arcOf(setting)), [setting]);
  useEffect(() => {
    isHere.current = true;
    warmLive();
    return () => {
      isHere.current = false;
      live.current?.stop();
      live.current = undefined;
    };
  }, []);
  const silence = (): void => {
    live.current?.stop();
    live.current = undefined;
    warmLive();
    setState('off');
  };
  const begin = async (): Promise<void> => {
    setState('beginning');
    performance.mark('arc sound asked');
    stopPlaying();
    try {
      const arc = await playLive(arcOf(setting), Date.now() % 1e6, { onGap: setGaps, onOver: silence });
      if (!isHere.current) {
        arc.stop();
        return;
      }
      performance.measure('arc sound begins', 'arc sound asked');
      live.current = arc;
      setState('on');
    } catch {
      setState('failed');
    }
  };
  const save = async (): Promise<void> => {
    const { writeWav } = await import('@hot-bead/contract/arc-lab');
    const bytes = writeWav({ samples: record.samples.sound, rate: ARC_SAMPLES_PER_S });
    const name = `arc-${setting.volts.toFixed(1)}V-${setting.wireFeedSpeedMPerMin.toFixed(1)}m-per-min.wav`;
    saveFile(name, new Blob([bytes as Uint8Array<ArrayBuffer>], { type: 'audio/wav' }));
  };
  const isOn = state === 'on' || state === 'beginning';
  return (
    <div className="flex flex-wrap items-center gap-3">
      <Button
        tone="main"
        className="min-h-14 min-w-44 px-6 text-xl"
        aria-pressed={isOn}
        onClick={isOn ? silence : () => void begin()}
      >
        {isOn ? <Square size={22} aria-hidden="true" /> : <Volume2 size={22} aria-hidden="true" />}
        {isOn ? 'Silence' : 'Hear it'}
      </Button>
      <div>
        <label htmlFor={volumeId} className="label-text">
          Volume
        </label>
        <input
          id={volumeId}
          type="range"
          min={0.05}
          max={1}
          step={0.05}
          value={volume}
          className="block h-11 w-36 accent-action"
          onChange={(event) => {
            const share = Number(event.target.value);
            setVolume(share);
            turnVolume(share);
          }}
        />
      </div>
      <Button onClick={() => void save()}>
        <Download size={18} aria-hidden="true" /> Save as WAV
      </Button>
      {state === 'failed' && (
        <p role="alert" className="text-hot">
          This browser let no sound out. Press again, or save the WAV.
        </p>
      )}
      {gaps > 0 && <p className="text-sm text-ink-soft">The sound ran dry {gaps} times.</p>}
    </div>
  );
}
