import type { KeptMachine } from '@hot-bead/contract';
import { Link } from 'react-router';

interface Props {
  readonly machine: KeptMachine | undefined;
  readonly text: string | undefined;
  /** Section of the machine's page where it is measured. */
  readonly anchor: 'dial' | 'volts';
}

/** The machine's terms under a figure; one that was not measured leads to where it is. */
export function MeasureIt({ machine, text, anchor }: Props) {
  if (text === undefined) return null;
  if (!machine || !text.endsWith('not measured')) return text;
  return (
    <>
      {text}:{' '}
      <Link to={`/machines/${machine.id}#${anchor}`} className="font-semibold text-action underline">
        two minutes
      </Link>
    </>
  );
}
