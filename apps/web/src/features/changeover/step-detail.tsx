import { useWords } from '../../units/index.ts';
import type { KeptMachine } from '@hot-bead/contract/machine';
import { type ChangeoverStep, type Gate, RIG_LOOKS } from '@hot-bead/core/changeover';
import type { FaultStation } from '@hot-bead/core/faults';
import type { RigAttribute } from '@hot-bead/core/machine';
import type { PlannedSetup } from '@hot-bead/core/plan';
import type { PartNeeded } from '@hot-bead/core/stores';
import { useState } from 'react';
import { StepDrawing } from '../../drawing/step-drawing.tsx';
import type { PathForm } from '../../drawing/station-symbol.tsx';
import { Button, ButtonLink } from '../../ui/button.tsx';
import { Field } from '../../ui/form/field.tsx';
import { GATE_TEXT } from './gate-text.ts';
import { type Found, LookForm } from './look-form.tsx';
import { PhotoField } from '../photos/index.ts';
import { FROM_STORES, type StepMore, StepTool } from './step-tool.tsx';

/** What is kept when a step is ticked. */
export interface Tick {
  readonly note: string;
  readonly more: StepMore;
}

interface Props {
  readonly step: ChangeoverStep;
  readonly form: PathForm;
  readonly machine: KeptMachine;
  /** The job that it is rigged for. */
  readonly jobId: string | undefined;
  readonly plan: PlannedSetup | undefined;
  readonly need: Readonly<Record<string, string>>;
  /** Attributes of a look that are asked. */
  readonly asks: readonly RigAttribute[];
  /** The gate that is to be confirmed first. */
  readonly gate: Gate | undefined;
  readonly parts: readonly PartNeeded[];
  /** Spools or bottles of Stores that the step may put on. */
  readonly choices: readonly (readonly [id: string, name: string])[];
  readonly onConfirm: (gate: Gate) => void;
  readonly onTick: (tick: Tick) => void;
  readonly onFound: (looked: Found) => void;
}

function Part({ part }: { readonly part: PartNeeded }) {
  const say = useWords();
  const words = { true: '● in Stores', false: '◆ not in Stores: get it first', undefined: '? not counted' };
  return (
    <li className={part.atHand === false ? 'font-medium' : ''}>
      {say(part.what)} <span className="text-sm">{words[String(part.atHand) as 'true']}</span>
    </li>
  );
}

/** What a step says of itself: how, how to check, and what goes wrong if it is left out. */
function Says({ row }: { readonly row: ChangeoverStep['row'] }) {
  const say = useWords();
  const lines = [
    ['check', row.check],
    ['if left out', row.ifSkipped],
    ['take', row.parts],
  ] as const;
  return (
    <>
      <p className="mt-2 text-lg leading-snug">{say(row.how)}</p>
      <dl className="mt-2 grid gap-1.5 text-[15px] leading-snug">
        {lines.map(
          ([name, text]) =>
            text !== undefined && (
              <div key={name}>
                <dt className="label-text">{name}</dt>
                <dd>{say(text)}</dd>
              </div>
            ),
        )}
      </dl>
    </>
  );
}

interface DoneProps {
  readonly props: Props;
}

function Done({ props }: DoneProps) {
  const { step, machine, plan, onTick } = props;
  const { row } = step;
  const [note, setNote] = useState('');
  const [photoId, setPhotoId] = useState<string | undefined>();
  const [mark, setMark] = useState('');
  const [chosen, setChosen] = useState(props.choices.length === 1 ? (props.choices[0]?.[0] ?? '') : '');
  const stored = FROM_STORES[row.id];
  const [feed, setFeed] = useState<'bottom' | 'top' | ''>('');
  const tick = (value: string): void => {
    const wire = plan && { wireClass: plan.wire.wireClass, diameterMm: plan.wire.diameterMm };
    onTick({
      note: value,
      more: {
        ...(wire && mark.trim() !== '' ? { rollPressure: { ...wire, mark: mark.trim() } } : {}),
        ...(photoId === undefined ? {} : { photoId }),
        ...(feed === '' ? {} : { feedDirection: feed }),
        ...(stored === undefined ? {} : { fromStores: { [stored]: chosen === '' ? null : chosen } }),
      },
    });
  };
  return (
    <>
      <StepTool
        id={row.id}
        machine={machine}
        plan={plan}
        mark={mark}
        onMark={setMark}
        feedDirection={feed}
        onFeedDirection={setFeed}
        choices={props.choices}
        chosen={chosen}
        onChoose={setChosen}
      />
      <div className="mt-4 flex flex-wrap items-end gap-3 max-md:sticky max-md:bottom-14 max-md:-mx-4 max-md:border-t max-md:border-line max-md:bg-plate max-md:px-4 max-md:py-2">
        <Button
          tone="main"
          className="min-h-14 px-8 text-lg max-md:order-2 max-md:ml-auto"
          onClick={() => tick(note)}
        >
          Done
        </Button>
        <Button className="min-h-14" onClick={() => tick(note === '' ? 'it already was' : note)}>
          It already was
        </Button>
      </div>
      <Field
        className="mt-3"
        label="Note to this step"
        value={note}
        maxLength={300}
        onChange={(event) => setNote(event.target.value)}
      />
      <PhotoField label="Photo to this step" photoId={photoId} onKept={setPhotoId} />
    </>
  );
}

/** Stations of the fault finder, by those of the steps; others have none of their own. */
const FAULT_STATION: Readonly<Record<string, FaultStation>> = {
  rolls: 'rolls',
  gas: 'gas',
  'gun-front': 'tip-nozzle',
  wire: 'spool',
  spool: 'spool',
  gun: 'machine',
  liner: 'liner',
  leads: 'leads',
  settings: 'arc/settings',
  work: 'work-clamp',
};

/** The fault finder with what is known here filled in. */
function faultAddress({ machine, jobId, step }: Props): string {
  const station = FAULT_STATION[step.row.station];
  return `/faults/new?${new URLSearchParams({
    machine: machine.id,
    ...(jobId === undefined ? {} : { job: jobId }),
    ...(station === undefined ? {} : { station }),
  })}`;
}

/** The step in hand: its drawing, what to do, its tool, and the press that keeps it. */
export function StepDetail(props: Props) {
  const say = useWords();
  const { step, form, machine, need, asks, gate, parts, onConfirm, onFound } = props;
  const { row } = step;
  const isLook = RIG_LOOKS.some(({ id }) => id === row.id);
  return (
    <section aria-label="The step" className="rounded-md border border-line bg-plate p-4">
      <StepDrawing
        id={row.id}
        station={row.station}
        form={form}
        className="rounded-md border border-line p-3"
      />
      <h2 className="mt-3 text-2xl leading-snug font-semibold">{row.verb}</h2>
      <Says row={row} />
      {parts.length > 0 && (
        <ul className="mt-2">
          {parts.map((part) => (
            <Part key={say(part.what)} part={part} />
          ))}
        </ul>
      )}
      {!step.ready && row.id !== 'stop-cannot' ? (
        <p className="mt-4 font-medium">Its turn comes: what stands above it must be done first.</p>
      ) : gate !== undefined && row.id !== 'let-cool' ? (
        <div className="mt-4 rounded-md border-2 border-hot p-4" role="group" aria-label="Gate">
          <p className="text-lg font-semibold">■ {say(GATE_TEXT[gate][0])}</p>
          <Button tone="main" className="mt-3 min-h-14 px-8 text-lg" onClick={() => onConfirm(gate)}>
            {GATE_TEXT[gate][1]}
          </Button>
        </div>
      ) : row.id === 'stop-cannot' ? null : isLook ? (
        <LookForm key={row.id} machine={machine} asks={asks} need={need} onFound={onFound} />
      ) : (
        <Done key={row.id} props={props} />
      )}
      <ButtonLink to={faultAddress(props)} tone="quiet" className="mt-2 -ml-4">
        Something is wrong here: find the fault
      </ButtonLink>
    </section>
  );
}
