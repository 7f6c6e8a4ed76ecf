import { physicalText, type SetFigure, type SetFigures, settingText } from './set-figure.ts';

/** A figure as it is set, as large as its place makes it: the control before it, its doubt behind. */
export function LargeFigure({ figure }: { readonly figure: SetFigure }) {
  const { control, text, unit, plusMinus } = figure;
  return (
    <span className="whitespace-nowrap">
      {control !== undefined && <span className="text-[0.4em] font-medium">{control} </span>}
      {text}
      {unit !== '' && <span className="text-[0.4em]"> {unit}</span>}
      {plusMinus !== undefined && <span className="text-[0.35em]"> ± {plusMinus}</span>}
    </span>
  );
}

/** Under a large figure of the machine's own: the physical one, and what is to be known of the control there. */
export function PhysicalLine({ figure }: { readonly figure: SetFigure }) {
  const { physical, note } = figure;
  if (physical === undefined) return null;
  return (
    <>
      {physical}
      {note !== undefined && <span className="text-ink-soft">; {note}</span>}
    </>
  );
}

/** Both figures of a setting in a row: as they are set, and the physical ones small under them. */
export function SettingInRow({ figures }: { readonly figures: SetFigures }) {
  const physical = physicalText(figures);
  return (
    <>
      <span className="figure-text block text-xl">{settingText(figures)}</span>
      {physical !== '' && <span className="block text-sm text-ink-soft">{physical}</span>}
    </>
  );
}
