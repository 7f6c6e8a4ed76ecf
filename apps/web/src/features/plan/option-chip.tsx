import type { Job } from '@hot-bead/contract/plan';
import type { Machine } from '@hot-bead/core/machine';
import type { CompletedWork, StatedWork, Setup } from '@hot-bead/core/plan';
import { ChipEditor } from '../../ui/chip-editor.tsx';
import { OptionList } from '../../ui/option-list.tsx';
import type { Option } from './chip-options.ts';

/** What the chips of a group are drawn from, and how they change the work. */
export interface ChipGroupProps {
  readonly job: Job;
  readonly complete: CompletedWork | undefined;
  readonly setup: Setup | undefined;
  readonly machines: readonly Machine[];
  readonly set: (work: StatedWork) => void;
}

interface Props<T extends string> {
  readonly name: string;
  readonly text: string;
  readonly assumed: boolean;
  readonly value: T | undefined;
  readonly options: readonly Option<T>[];
  readonly onPick: (value: T) => void;
}

/** A chip whose editor is a list to pick from. */
export function OptionChip<T extends string>({ name, text, assumed, value, options, onPick }: Props<T>) {
  return (
    <ChipEditor name={name} text={text} assumed={assumed}>
      {(close) => (
        <OptionList
          label={name}
          value={value}
          options={options}
          onPick={(picked) => {
            onPick(picked);
            close();
          }}
        />
      )}
    </ChipEditor>
  );
}
