import { sourceText, wireSizeText } from '@hot-bead/core/base';
import { useReader } from '../../units/index.ts';
import { ARC_PARAMETER_TABLE } from '@hot-bead/core/arc-lab';
import { Table } from '../../ui/page/table.tsx';

/** What the model holds and what it does not, and every figure in it. */
export function HonestWords() {
  const { units } = useReader();
  return (
    <div className="grid grid-cols-1 gap-3">
      <p>
        The arc is simulated step by step from a small set of equations. Their physics is recalled; most
        parameters were fitted to what the trade knows (which settings stub, sizzle and crackle), none to a
        measurement. It teaches the order of things. It is no measurement of your machine.
      </p>
      <ul className="list-disc pl-5">
        <li>
          Held: the order of classes over volts and wire speed, amps within 10 % of the melting-rate equation,
          the sound of short arc.
        </li>
        <li>Weak: the peaks of stubbing are too low; popping is less uneven than in life.</li>
        <li>Put in, not found: how much more CO₂ wants, and how much an arc scatters.</li>
        <li>
          Not in it: spatter, the start, gun angle, a pool that swings in step with the shorts, aluminium,
          cored wire, wire under {wireSizeText(0.8, units)} or over {wireSizeText(1.2, units)}.
        </li>
      </ul>
      <details>
        <summary className="min-h-11 cursor-pointer py-2 font-medium text-action">Every parameter</summary>
        <Table columns={['Parameter', 'Value', 'Unit', 'Source']} className="text-sm">
          {Object.entries(ARC_PARAMETER_TABLE).map(([name, { value, unit, source }]) => (
            <tr key={name} className="border-b border-line">
              <td className="py-1">{name}</td>
              <td className="figure-text">{value}</td>
              <td>{unit}</td>
              <td>{sourceText(source)}</td>
            </tr>
          ))}
        </Table>
      </details>
    </div>
  );
}
