import type { Words } from '@hot-bead/core/base';
import { useReader } from '../../../units/index.ts';
import type { SheetDrawing } from '@hot-bead/contract/records';
import {
  type ProcedureSheet,
  SHEET_DISCLAIMER,
  sheetRunHeadings,
  sheetRunTexts,
  sheetText,
} from '@hot-bead/core/records';
import { useRef } from 'react';
import { SaveChart } from '../../../drawing/chart/save-chart.tsx';
import { DETAIL_PX, OUTLINE_PX, TONE } from '../../../drawing/pen.ts';
import { Section } from '../../../ui/page/section.tsx';
import { Table } from '../../../ui/page/table.tsx';

function Drawing({ drawing, title }: { readonly drawing: SheetDrawing; readonly title: string }) {
  const frame = useRef<HTMLDivElement>(null);
  return (
    <div ref={frame}>
      <svg
        data-drawing=""
        viewBox={drawing.viewBox}
        role="img"
        aria-label={`Section of the joint: ${title}`}
        className="h-44 w-full"
      >
        {drawing.parts.map((part) => (
          <path key={part} d={part} fill={TONE} stroke="var(--ink)" strokeWidth={OUTLINE_PX} />
        ))}
        {drawing.beads.map((bead) => (
          <path
            key={bead}
            d={bead}
            fill="var(--ink-soft)"
            fillOpacity="0.4"
            stroke="var(--ink)"
            strokeWidth={DETAIL_PX}
          />
        ))}
      </svg>
      <SaveChart of={frame} name="Joint" />
    </div>
  );
}

/** A procedure sheet as it is printed. */
export function SheetView({
  sheet,
  drawing,
}: {
  readonly sheet: ProcedureSheet;
  readonly drawing: SheetDrawing;
}) {
  const reader = useReader();
  const say = (text: Words): string => sheetText(text, reader);
  return (
    <Section id="sheet" title="Preliminary procedure: not qualified">
      <dl className="mt-2 grid grid-cols-2 gap-3 border-y border-line py-3 md:grid-cols-4">
        {sheet.numbers.map(([name, value]) => {
          const [figure, range] = say(value).split(/ (?=\()/);
          return (
            <div key={name}>
              <dt className="label-text">{name}</dt>
              <dd className="figure-text text-[28px] leading-tight">{figure}</dd>
              <dd className="text-sm text-ink-soft">{range}</dd>
            </div>
          );
        })}
      </dl>
      <div className="mt-3 grid gap-x-8 gap-y-4 md:grid-cols-2">
        {sheet.parts.map(({ title, lines }) => (
          <div key={title}>
            <h3 className="font-semibold">{title}</h3>
            {title === 'Joint' && <Drawing drawing={drawing} title={say(sheet.title)} />}
            <dl>
              {lines.map(([name, value]) => (
                <div
                  key={name}
                  className="grid grid-cols-[112px_1fr] gap-2 border-b border-line py-1 last:border-b-0"
                >
                  <dt className="text-sm text-ink-soft">{name}</dt>
                  <dd className="text-[15px]">{say(value)}</dd>
                </div>
              ))}
            </dl>
          </div>
        ))}
      </div>
      <div className="mt-4 overflow-x-auto" tabIndex={0} role="region" aria-label="Runs">
        <Table columns={[...sheetRunHeadings(reader)]} className="min-w-[720px]">
          {sheet.runs.map((run) => (
            <tr key={run[0] && say(run[0])} className="border-b border-line last:border-b-0">
              {sheetRunTexts(run, reader).map((cell, i) => (
                <td key={i} className="figure-text py-1 pr-2">
                  {cell}
                </td>
              ))}
            </tr>
          ))}
        </Table>
      </div>
      <p className="mt-3 text-[15px] font-medium">{SHEET_DISCLAIMER}</p>
      <p className="text-sm text-ink-soft">
        Fields in the manner of ISO 15609-1; process ISO 4063, metal ISO/TR 15608, gas ISO 14175, positions
        ISO 6947 and AWS A3.0: all recalled. Ranges of the runs: our model.
      </p>
    </Section>
  );
}
