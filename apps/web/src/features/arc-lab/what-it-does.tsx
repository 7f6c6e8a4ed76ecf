import type { Units } from '@hot-bead/core/base';
import { ARC_CLASS_WORDS, arcText, arcBead, type ArcFeatures } from '@hot-bead/core/arc-lab';
import { BeadSection } from '../../drawing/bead-section.tsx';
import { usePreferences } from '../../preferences/preferences.tsx';
import type { ArcRecord } from './sound/index.ts';
import { withUnit } from '../../units/index.ts';
import { CLASS_FACE, LEVEL_MARK, LEVEL_TEXT, levelOfClass } from './class-look.ts';

/** Travel that the bead is drawn for, mm/min. Source: common practice. */
const TRAVEL_MM_PER_MIN = 350;

/** How thick a drop is, mm. Source: geometry, as a ball. */
const ballMm = (volumeMm3: number): number => Math.cbrt((6 * volumeMm3) / Math.PI);

/** The figures behind the words. */
function factsOf(
  { meanV, meanA, trueW, powerRatio, meanShortS, shortedShare, dropMm3, peakA, shortsPerS }: ArcFeatures,
  units: Units,
) {
  const shorts: readonly (readonly [string, string])[] =
    shortsPerS > 0
      ? [
          ['Mean short', `${(meanShortS * 1000).toFixed(1)} ms`],
          ['Shorted', `${Math.round(shortedShare * 100)} % of the time`],
          ['Current at the break', `${peakA.toFixed(0)} A`],
        ]
      : [];
  return [
    ['Mean', `${meanV.toFixed(1)} V · ${meanA.toFixed(0)} A`],
    ['True power', `${(trueW / 1000).toFixed(2)} kW (${powerRatio.toFixed(2)} × V·A)`],
    ['Drop, as a ball', withUnit('wireSize', ballMm(dropMm3), units)],
    ...shorts,
  ] as const;
}

/** What the arc does at this setting, in words, with the bead it would leave. */
export function WhatItDoes({ record }: { readonly record: ArcRecord }) {
  const { units } = usePreferences();
  const { features, arc } = record;
  const { name, heard, turn } = ARC_CLASS_WORDS[arc];
  const level = levelOfClass(arc);
  const { legMm, size, depth } = arcBead(features, record.setting, TRAVEL_MM_PER_MIN);
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_auto] items-start gap-4">
      <div>
        <p className={`figure-text text-[40px] leading-tight ${LEVEL_TEXT[level]}`} aria-live="polite">
          {LEVEL_MARK[level]} {name}
        </p>
        <p className="text-lg">
          {arcText(features, arc)}: {heard}. <span className="font-semibold">{turn}</span>
        </p>
        {record.setting.source.kind === 'pulse' && arc !== 'pulse' && (
          <p className="text-hot">
            ▲ No drop comes off with each pulse here: in this model a gas of more argon lets it, or less wire.
          </p>
        )}
        {features.burnedBack && <p className="text-hot">▲ The wire burns back to the tip at this setting.</p>}
        <dl className="mt-1 flex flex-wrap gap-x-5 text-sm">
          {factsOf(features, units).map(([what, figure]) => (
            <div key={what} className="flex gap-1">
              <dt className="text-ink-soft">{what}</dt>
              <dd className="font-medium">{figure}</dd>
            </div>
          ))}
        </dl>
      </div>
      <figure className="w-36 text-center max-md:hidden">
        <BeadSection face={CLASS_FACE[arc]} size={size} depth={depth} className="h-20 w-36" />
        <figcaption className="text-xs text-ink-soft">
          a leg of {withUnit('distance', legMm, units)} at {withUnit('travel', TRAVEL_MM_PER_MIN, units)}, our
          model
        </figcaption>
      </figure>
    </div>
  );
}
