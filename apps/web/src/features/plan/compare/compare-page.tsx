import { sentence, type Units, wireSizeText, type Words } from '@hot-bead/core/base';
import type { KeptMachine } from '@hot-bead/contract/machine';
import {
  comparedPlans,
  type ComparedRow,
  jobInShop,
  type PlannedSetup,
  type StatedWork,
  type Setup,
} from '@hot-bead/core/plan';
import { gasOf, type GasId, WAY_MODES, wayModeName, WIRE_DIAMETERS_MM } from '@hot-bead/core/trade';
import { useNavigate, useSearchParams } from 'react-router';
import { usePreferences } from '../../../preferences/preferences.tsx';
import { Button, ButtonLink } from '../../../ui/button.tsx';
import { Notice } from '../../../ui/page/notices.tsx';
import { Pick } from '../../../ui/pick.tsx';
import { useChangeJob, useJob } from '../jobs/index.ts';
import { useSetup, useShop } from '../index.ts';
import { withUnit, useWords } from '../../../units/index.ts';
import { setFigures, type SetFigures, setText } from '../../terms/index.ts';
import { COMPARED_GASES, nextVariation, type Variation, variationOf, variedWork } from './variation.ts';

/** One of the two: its plan, and how its figures are set on the machine. */
interface Side {
  readonly name: string;
  readonly plan: PlannedSetup;
  readonly figures: SetFigures;
  readonly onTake?: () => void;
}

type TableSides = readonly [Side, Side];

function Value({ row, side }: { readonly row: ComparedRow; readonly side: 0 | 1 }) {
  const say = useWords();
  const { units } = usePreferences();
  const value = row.values[side];
  if (typeof value !== 'number') return <>{say(value)}</>;
  if (row.quantity === undefined || row.quantity === 'leg') return <>{value}</>;
  return <>{withUnit(row.quantity, value, units)}</>;
}

/** A cell: what the hand sets, where the machine has a control for it, else the value. */
function Cell({ row, side, figures }: { row: ComparedRow; side: 0 | 1; figures: SetFigures }) {
  const own =
    row.quantity === 'wireFeedSpeed' ? figures.wire : row.quantity === 'volts' ? figures.volts : undefined;
  return (
    <td className={`px-3 py-2 ${typeof row.values[side] === 'number' ? 'figure-text text-xl' : ''}`}>
      {own?.physical === undefined ? (
        <Value row={row} side={side} />
      ) : (
        <>
          {setText(own)} <span className="text-[15px] text-ink-soft">{own.physical}</span>
        </>
      )}
    </td>
  );
}

function Table({ rows, sides }: { readonly rows: readonly ComparedRow[]; readonly sides: TableSides }) {
  return (
    <table className="w-full rounded-md border border-line bg-plate">
      <thead>
        <tr className="border-b border-line text-left align-bottom">
          <th scope="col" className="label-text px-3 py-2">
            <span className="sr-only">Quantity</span>
          </th>
          {sides.map(({ name, onTake }, i) => (
            <th key={i === 0 ? 'planned' : 'other'} scope="col" className="px-3 py-2">
              <span className="block">{name}</span>
              {onTake ? (
                <Button className="mt-1" onClick={onTake}>
                  Take this
                </Button>
              ) : (
                <span className="text-sm font-normal text-ink-soft">● the plan as it stands</span>
              )}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <tr
            key={row.name}
            className={`border-b border-line align-baseline last:border-b-0 ${row.differs ? 'bg-action-tint' : ''}`}
          >
            <th scope="row" className="px-3 py-2 text-left font-medium">
              {row.name} {row.differs && <span className="text-sm text-action">≠ differs</span>}
            </th>
            <Cell row={row} side={0} figures={sides[0].figures} />
            <Cell row={row} side={1} figures={sides[1].figures} />
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function refusalOf(setup: Setup | undefined): Words {
  return setup?.status === 'refused' ? (setup.reasons[0] ?? '') : 'The work has no thickness yet.';
}

const LEAVE_OPEN = ['', 'as the planner chooses'] as const;

function Picks({
  variation,
  onChange,
}: {
  readonly variation: Variation;
  readonly onChange: (next: Variation) => void;
}) {
  const { units } = usePreferences();
  return (
    <div className="grid gap-3 rounded-md border border-line bg-plate p-4 sm:grid-cols-3">
      <Pick<string>
        label="Way"
        value={variation.way}
        options={[LEAVE_OPEN, ...WAY_MODES.map((w) => [`${w.way}/${w.mode}`, wayModeName(w)] as const)]}
        onPick={(way) => onChange({ ...variation, way })}
      />
      <Pick<string>
        label="Wire size"
        value={variation.wire}
        options={[
          LEAVE_OPEN,
          ...WIRE_DIAMETERS_MM.map((mm) => [String(mm), wireSizeText(mm, units)] as const),
        ]}
        onPick={(wire) => onChange({ ...variation, wire })}
      />
      <Pick<string>
        label="Gas"
        value={variation.gas}
        options={[LEAVE_OPEN, ...COMPARED_GASES.map((gas) => [gas, gasOf(gas as GasId).name] as const)]}
        onPick={(gas) => onChange({ ...variation, gas })}
      />
    </div>
  );
}

function useOther(work: StatedWork): Setup | undefined {
  const { shop } = useShop();
  const answer = jobInShop({ work, own: {} }, shop);
  return answer.status === 'answered' ? answer.setup : undefined;
}

function sideOf(
  plan: PlannedSetup,
  machine: KeptMachine | undefined,
  units: Units,
  onTake?: () => void,
): Side {
  const { way, transferMode, wire } = plan;
  const name = `${sentence(wayModeName({ way, mode: transferMode }))}, ${wireSizeText(wire.diameterMm, units)}`;
  return { name, plan, figures: setFigures(plan, machine, units), ...(onTake && { onTake }) };
}

/** Two plans for the same work side by side: what differs first, in the machine's terms, and the other to be taken. */
export function ComparePage() {
  const say = useWords();
  const { units } = usePreferences();
  const job = useJob();
  const change = useChangeJob(job.id);
  const navigate = useNavigate();
  const [search, setSearch] = useSearchParams();
  const { setup, machine } = useSetup(job);
  const isAsked = [...search.keys()].length > 0;
  const variation = isAsked || setup?.status !== 'planned' ? variationOf(search) : nextVariation(setup);
  const otherWork = variedWork(job.work, variation);
  const other = useOther(otherWork);
  const onChange = (next: Variation): void => setSearch({ ...next }, { replace: true });
  const take = (): void =>
    change.mutate({ work: otherWork, own: {} }, { onSuccess: () => void navigate(`/jobs/${job.id}`) });
  return (
    <div className="grid grid-cols-1 gap-4">
      <div className="flex items-center justify-between gap-4">
        <h2 className="text-xl font-semibold">The same work, another way</h2>
        <ButtonLink to={`/jobs/${job.id}`}>Back to the plan</ButtonLink>
      </div>
      <Picks variation={variation} onChange={onChange} />
      {setup?.status !== 'planned' && (
        <Notice tone="hot" title="The plan itself is refused">
          {say(refusalOf(setup))}
        </Notice>
      )}
      {other?.status !== 'planned' && (
        <Notice tone="hot" title="The other is not possible">
          {say(refusalOf(other))}
        </Notice>
      )}
      {setup?.status === 'planned' && other?.status === 'planned' && (
        <Table
          rows={comparedPlans([setup, other])}
          sides={[sideOf(setup, machine, units), sideOf(other, machine, units, take)]}
        />
      )}
    </div>
  );
}
