import { wireSizeText, type Words } from '@hot-bead/core/base';
import { comparedPlans, type ComparedRow, jobInShop, type StatedWork, type Setup } from '@hot-bead/core/plan';
import { gasOf, type GasId, WAY_MODES, wayModeName, WIRE_DIAMETERS_MM } from '@hot-bead/core/trade';
import { useSearchParams } from 'react-router';
import { usePreferences } from '../../../preferences/preferences.tsx';
import { ButtonLink } from '../../../ui/button.tsx';
import { Notice } from '../../../ui/page/notices.tsx';
import { Pick } from '../../../ui/pick.tsx';
import { useJob } from '../jobs/index.ts';
import { useSetup, useShop } from '../index.ts';
import { withUnit, useWords } from '../../../units/index.ts';
import { COMPARED_GASES, type Variation, variationOf, variedWork } from './variation.ts';

function Value({ row, side }: { readonly row: ComparedRow; readonly side: 0 | 1 }) {
  const say = useWords();
  const { units } = usePreferences();
  const value = row.values[side];
  const shown =
    typeof value !== 'number'
      ? say(value)
      : row.quantity === undefined || row.quantity === 'leg'
        ? String(value)
        : withUnit(row.quantity, value, units);
  return <td className={`px-3 py-2 ${typeof value === 'number' ? 'figure-text text-xl' : ''}`}>{shown}</td>;
}

function Table({ rows }: { readonly rows: readonly ComparedRow[] }) {
  return (
    <table className="w-full rounded-md border border-line bg-plate">
      <thead>
        <tr className="border-b border-line text-left">
          <th scope="col" className="label-text px-3 py-2">
            <span className="sr-only">Quantity</span>
          </th>
          <th scope="col" className="px-3 py-2">
            As planned
          </th>
          <th scope="col" className="px-3 py-2">
            The other
          </th>
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
            <Value row={row} side={0} />
            <Value row={row} side={1} />
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

/** Two plans for the same work side by side: another way, wire or gas, with what differs marked. */
export function ComparePage() {
  const say = useWords();
  const job = useJob();
  const [search, setSearch] = useSearchParams();
  const variation = variationOf(search);
  const { setup } = useSetup(job);
  const other = useOther(variedWork(job.work, variation));
  const onChange = (next: Variation): void =>
    setSearch(Object.fromEntries(Object.entries(next).filter(([, value]) => value !== '')), {
      replace: true,
    });
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
        <Table rows={comparedPlans([setup, other])} />
      )}
    </div>
  );
}
