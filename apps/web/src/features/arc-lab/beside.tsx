import { useWords } from '../../units/index.ts';
import { amount, type Words, words } from '@hot-bead/core/base';
import { ARC_CLASS_WORDS, ARC_GASES, arcText } from '@hot-bead/core/arc-lab';
import { gasOf } from '@hot-bead/core/trade';
import { useEffect, useMemo, useState } from 'react';
import { Button } from '../../ui/button.tsx';
import { type ArcRecord, PlayButton, recordAway } from './sound/index.ts';
import { LEVEL_MARK, LEVEL_TEXT, levelOfClass } from './class-look.ts';
import { arcOf, type LabSetting } from './lab-setting.ts';
import { LAB_SEED } from './use-arc-record.ts';

/** The same setting but for one thing. */
interface Other {
  readonly name: Words;
  readonly change: Partial<LabSetting>;
}

const COMPARED_OVER_S = 2;
const LOW_H = 150e-6;
const HIGH_H = 600e-6;
const SLIPS_BY = 0.15;
const FURTHER_MM = 4;

/** Each gas at these knobs. */
export function gasOthers(): readonly Other[] {
  return ARC_GASES.map((gas) => ({ name: gasOf(gas).name, change: { gas } }));
}

/** What goes wrong in a shop, and what a knob does, each at one press. */
export function experiments({ wireFeedSpeedMPerMin, tipToWorkMm }: LabSetting): readonly Other[] {
  return [
    {
      name: `Wire slips: ${Math.round(SLIPS_BY * 100)} % less`,
      change: { wireFeedSpeedMPerMin: Math.max(1, (1 - SLIPS_BY) * wireFeedSpeedMPerMin) },
    },
    {
      name: words`Tip to work +${amount.distance(FURTHER_MM)}`,
      change: { tipToWorkMm: Math.min(30, tipToWorkMm + FURTHER_MM) },
    },
    { name: 'Inductance low, 150 µH', change: { inductanceH: LOW_H } },
    { name: 'Inductance high, 600 µH', change: { inductanceH: HIGH_H } },
  ];
}

interface Props {
  readonly setting: LabSetting;
  readonly others: readonly Other[];
  readonly onTake: (change: Partial<LabSetting>) => void;
}

/** Settings side by side: each is run, told, and can be heard or taken over. */
export function Beside({ setting, others, onTake }: Props) {
  const say = useWords();
  const [records, setRecords] = useState<readonly ArcRecord[]>([]);
  const settings = useMemo(
    () => others.map(({ change }) => arcOf({ ...setting, ...change })),
    [others, setting],
  );
  useEffect(() => {
    let isGone = false;
    const timer = setTimeout(() => {
      void Promise.all(settings.map((one) => recordAway(one, LAB_SEED, COMPARED_OVER_S))).then((done) => {
        if (!isGone) setRecords(done);
      });
    }, 250);
    return () => {
      isGone = true;
      clearTimeout(timer);
    };
  }, [settings]);
  return (
    <ul className="mt-2 grid grid-cols-1 gap-3 sm:grid-cols-2">
      {others.map(({ name, change }, i) => {
        const record = records[i];
        const level = record && levelOfClass(record.arc);
        return (
          <li key={say(name)} className="grid content-between gap-2 rounded-md border border-line p-3">
            <div>
              <p className="font-semibold">{say(name)}</p>
              {record && level ? (
                <>
                  <p className={`figure-text text-2xl ${LEVEL_TEXT[level]}`}>
                    {LEVEL_MARK[level]} {ARC_CLASS_WORDS[record.arc].name}
                  </p>
                  <p className="text-sm">
                    {arcText(record.features, record.arc)}; {record.features.meanA.toFixed(0)} A
                  </p>
                </>
              ) : (
                <p className="text-sm text-ink-soft">running…</p>
              )}
            </div>
            <div className="flex gap-2">
              <PlayButton
                arcs={[{ setting: settings[i] ?? arcOf(setting), seed: LAB_SEED }]}
                what={say(name)}
              />
              <Button onClick={() => onTake(change)}>Set so</Button>
            </div>
          </li>
        );
      })}
    </ul>
  );
}
