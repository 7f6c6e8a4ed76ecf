import type { KeptMachine } from '@hot-bead/contract/machine';
import { agoText } from '../../ui/ago-text.ts';
import { calibratedAt } from './calibration-age.ts';
import { PastReadings } from './past-readings.tsx';
import { ShownVolts } from './shown-volts.tsx';
import { Taps } from './taps.tsx';
import { VoltsKnob } from './volts-knob.tsx';
import { Section } from '../../ui/page/section.tsx';

function Age({ machine }: { readonly machine: KeptMachine }) {
  const { volts } = calibratedAt(machine);
  return volts ? <p className="text-sm text-ink-soft">Last read {agoText(volts, new Date())}.</p> : null;
}

const TITLE = {
  positions: 'What the taps give',
  knob: 'What the volts knob means',
  displayed: 'What the volts display is worth',
} as const;

/** What the volts control means: taps and letters, or a display held against a meter. */
export function VoltsSection({ machine }: { readonly machine: KeptMachine }) {
  const control = machine.voltsControl;
  if (!control || control.kind === 'entry') return null;
  return (
    <Section id="volts" title={TITLE[control.kind]} className="grid grid-cols-1 content-start gap-3">
      {control.kind === 'positions' && <Taps machine={machine} control={control} />}
      {control.kind === 'knob' && <VoltsKnob machine={machine} control={control} />}
      {control.kind === 'displayed' && <ShownVolts machine={machine} meter={control.meter ?? []} />}
      <Age machine={machine} />
      <PastReadings machine={machine} kind="volts" />
    </Section>
  );
}
