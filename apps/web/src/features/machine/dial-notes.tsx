import { type Dial, dialBend, type MachineDials, type PositionDial } from '@hot-bead/core/machine';
import { usePreferences } from '../../preferences/preferences.tsx';
import { MIND_BOX } from '../../ui/page/notices.tsx';
import { withUnit } from '../../units/index.ts';
import { DialDoubts } from './reading/dial-doubts.tsx';

interface Props {
  readonly dial: Dial;
  readonly dials: MachineDials;
  readonly from: PositionDial['from'];
  readonly position: string | undefined;
  /** A place of the wire control as the machine names it. */
  readonly nameOf: (knob: number) => string;
}

function sagText({ sag, sagFrom }: MachineDials): string | undefined {
  if (sagFrom === 'regulated') return undefined;
  const share = `${(sag.start * 100).toFixed(0)} % (${(sag.low * 100).toFixed(0)} to ${(sag.high * 100).toFixed(0)})`;
  return sagFrom === 'measured'
    ? `Under arc the wire slows by ${share}: knob numbers allow for it.`
    : `Under arc the wire is taken to slow by ${share}: assumed [our model]. Read one place with an arc burning to know.`;
}

/** What the readings say that the user must settle, and what is worth knowing of this dial. */
export function DialNotes({ dial, dials, from, position, nameOf }: Props) {
  const { units } = usePreferences();
  const bend = dialBend(dial);
  const sag = sagText(dials);
  const reference = dials.referencePosition ?? '';
  return (
    <ul className="grid gap-1">
      {from === 'scaled' && (
        <li className={MIND_BOX}>
          ◆ Tap {position} has few readings: its dial has the shape of tap {reference}, through what was read
          here. Three places make it its own.
        </li>
      )}
      {from === 'guessed' && (
        <li className={MIND_BOX}>
          ◆ Tap {position} was not read: guessed from tap {reference} by the open volts. Read one place here.
        </li>
      )}
      {from === 'own' && <DialDoubts dial={dial} nameOf={nameOf} />}
      {bend && (
        <li>
          This knob is not straight: at {nameOf(bend.knob)} a straight line would say{' '}
          {withUnit('wireFeedSpeed', bend.straightMPerMin, units)}, {Math.abs(bend.offShare * 100).toFixed(0)}{' '}
          % off; it gives {withUnit('wireFeedSpeed', bend.measuredMPerMin, units)}.
        </li>
      )}
      {sag !== undefined && <li>{sag}</li>}
    </ul>
  );
}
