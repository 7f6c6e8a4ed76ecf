import { joined, thicknessText } from '@hot-bead/core/base';
import { useWords } from '../../units/index.ts';
import { USUAL_WORK } from '@hot-bead/core/plan';
import {
  gaugeTableFor,
  JOINT_NAME,
  metalName,
  PLACE_NAME,
  POSITION_NAME,
  PRIORITY_NAME,
  SURFACE_NAME,
} from '@hot-bead/core/trade';
import { usePreferences } from '../../preferences/preferences.tsx';
import { CheckList } from '../../ui/form/check-list.tsx';
import { ChipEditor } from '../../ui/chip-editor.tsx';
import { OptionList } from '../../ui/option-list.tsx';
import {
  circumstanceOptions,
  JOINT_OPTIONS,
  METAL_OPTIONS,
  OTHER_METAL_OPTIONS,
  placeOptions,
  POSITION_OPTIONS,
  priorityOptions,
  SURFACE_OPTIONS,
} from './chip-options.ts';
import { type ChipGroupProps, OptionChip } from './option-chip.tsx';
import { ThicknessEditor } from './thickness-editor.tsx';
import { WeldChip } from './weld-chip.tsx';
import { withCircumstances, withMetal, withOtherMetal, withPlace, withPriorities } from './work-changes.ts';

function MetalChip({ job, set }: ChipGroupProps) {
  const { work } = job;
  const metal = work.metal ?? USUAL_WORK.metal;
  const other = work.otherMetal === undefined ? '' : ` to ${metalName(work.otherMetal, work.otherAlloy)}`;
  return (
    <ChipEditor
      name="Metal"
      text={`${metalName(metal, work.alloy)}${other}`}
      assumed={work.metal === undefined}
    >
      {(close) => (
        <>
          <OptionList
            label="Metal"
            value={`${metal}/${work.alloy ?? ''}`}
            options={METAL_OPTIONS}
            onPick={(value) => {
              set(withMetal(work, value));
              close();
            }}
          />
          <h3 className="label-text mt-3 mb-1">Second part</h3>
          <OptionList
            label="Metal of the second part"
            value={work.otherMetal === undefined ? '' : `${work.otherMetal}/${work.otherAlloy ?? ''}`}
            options={OTHER_METAL_OPTIONS}
            onPick={(value) => {
              set(withOtherMetal(work, value));
              close();
            }}
          />
        </>
      )}
    </ChipEditor>
  );
}

function ThicknessChip({ job, set }: ChipGroupProps) {
  const { units } = usePreferences();
  const { work } = job;
  const table = gaugeTableFor(work.metal ?? USUAL_WORK.metal, work.product);
  const parts = [work.thicknessMm, work.otherThicknessMm].flatMap((mm) =>
    mm === undefined ? [] : thicknessText(mm, units, table),
  );
  return (
    <ChipEditor
      name="Thickness"
      text={parts.join(' on ') || 'how thick?'}
      assumed={work.thicknessMm === undefined}
    >
      {(close) => (
        <ThicknessEditor
          work={work}
          onSave={(next) => {
            set(next);
            close();
          }}
        />
      )}
    </ChipEditor>
  );
}

/** What matters most, and what is so around the work: lists to tick. */
function ListChips({ job, set }: ChipGroupProps) {
  const say = useWords();
  const { work } = job;
  const { priorities = [], circumstances = [] } = work;
  const aluminium = (work.metal ?? USUAL_WORK.metal).endsWith('aluminium');
  const around =
    circumstances.length === 0 ? 'around: nothing special' : `around: ${circumstances.length} marked`;
  return (
    <>
      {aluminium && (
        <ChipEditor
          name="What matters"
          text={
            say(
              joined(
                priorities.map((p) => PRIORITY_NAME[p]),
                ', ',
              ),
            ) || 'what matters: open'
          }
          assumed={priorities.length === 0}
        >
          {() => (
            <CheckList
              label="What matters"
              chosen={priorities}
              options={priorityOptions(say)}
              onChange={(chosen) => set(withPriorities(work, chosen))}
            />
          )}
        </ChipEditor>
      )}
      <ChipEditor name="Around the work" text={around} assumed={circumstances.length === 0}>
        {() => (
          <CheckList
            label="Around the work"
            chosen={circumstances}
            options={circumstanceOptions(say)}
            onChange={(chosen) => set(withCircumstances(work, chosen))}
          />
        )}
      </ChipEditor>
    </>
  );
}

/** Metal, thickness, joint, position, surface, place, what matters, what is so around. */
export function WorkChips(props: ChipGroupProps) {
  const say = useWords();
  const { job, complete, set } = props;
  const { work } = job;
  const full = complete?.work ?? { ...USUAL_WORK, ...work };
  const place = `${PLACE_NAME[full.place]}${full.windy ? ', in wind' : ''}`;
  return (
    <>
      <MetalChip {...props} />
      <ThicknessChip {...props} />
      <OptionChip
        name="Joint"
        text={JOINT_NAME[full.joint]}
        assumed={work.joint === undefined}
        value={full.joint}
        options={JOINT_OPTIONS}
        onPick={(joint) => set({ ...work, joint })}
      />
      <OptionChip
        name="Position"
        text={POSITION_NAME[full.position]}
        assumed={work.position === undefined}
        value={full.position}
        options={POSITION_OPTIONS}
        onPick={(position) => set({ ...work, position })}
      />
      <OptionChip
        name="Surface"
        text={SURFACE_NAME[full.surface]}
        assumed={work.surface === undefined}
        value={full.surface}
        options={SURFACE_OPTIONS}
        onPick={(surface) => set({ ...work, surface })}
      />
      <OptionChip
        name="Place"
        text={place}
        assumed={work.place === undefined && work.windy === undefined}
        value={full.windy ? 'wind' : full.place}
        options={placeOptions(say)}
        onPick={(value) => set(withPlace(work, value))}
      />
      <WeldChip {...props} />
      <ListChips {...props} />
    </>
  );
}
