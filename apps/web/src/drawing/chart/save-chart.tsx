import { Download } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import type { RefObject } from 'react';
import { saveFile } from '../../ui/save-file.ts';
import { useToast } from '../../ui/toasts.tsx';
import { chartPng, chartSvg } from './chart-file.ts';

interface Props {
  /** What holds the chart's drawing. */
  readonly of: RefObject<HTMLElement | null>;
  /** What the file is called, without its ending. */
  readonly name: string;
}

const FORMS = [
  ['png', 'Picture (PNG)'],
  ['svg', 'Drawing (SVG)'],
] as const;

/** The chart or drawing as a file: a picture, or a drawing that stays sharp at any size. */
export function SaveChart({ of, name }: Props) {
  const toast = useToast();
  const save = async (form: 'png' | 'svg'): Promise<void> => {
    const drawing = of.current?.querySelector<SVGSVGElement>('svg.recharts-surface, svg[data-drawing]');
    if (!drawing) return;
    try {
      saveFile(`${name}.${form}`, form === 'svg' ? chartSvg(drawing) : await chartPng(drawing));
    } catch (error) {
      toast(`Not saved. ${error instanceof Error ? error.message : String(error)}`);
    }
  };
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger
        className="-my-2.5 inline-flex min-h-11 items-center gap-1.5 rounded-md px-2 text-sm text-action hover:underline print:hidden"
        aria-label={`Save the chart: ${name}`}
      >
        <Download size={16} aria-hidden="true" /> Save
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          className="z-40 min-w-44 rounded-md border border-line-strong bg-plate"
        >
          {FORMS.map(([form, word]) => (
            <DropdownMenu.Item
              key={form}
              className="flex min-h-11 cursor-pointer items-center px-4 outline-none data-highlighted:bg-action-tint data-highlighted:text-action"
              onSelect={() => void save(form)}
            >
              {word}
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
