import { type ReactNode, useState } from 'react';
import { numberOrText } from '../../units/index.ts';
import { LookUpStrip } from './look-up-strip.tsx';

/** "Want 18 V at the arc": the field, and beside it what to set for it once it can be read. */
export function VoltsWanted({ children }: { readonly children: (volts: number) => ReactNode }) {
  const [text, setText] = useState('18');
  const wanted = Number(numberOrText(text));
  const usable = wanted >= 8 && wanted <= 45;
  return (
    <LookUpStrip label="Want at the arc (V)" text={text} onChange={setText}>
      {usable ? children(wanted) : <span className="text-hot">8 to 45 V, please.</span>}
    </LookUpStrip>
  );
}
