import type { Words } from '../../base/words/words.ts';
import { type Machine, machineHas } from '../../machine/machine.ts';
import type { MachineFeature } from '../../machine/scale/machine-feature.ts';
import { type SettingId, settingRow, type SettingValue } from '../../machine/scale/setting.ts';
import type { MachineSetting } from '../../machine/scale/setting-scale.ts';
import { settingName, settingText } from '../../machine/scale/setting-text.ts';
import type { Source } from '../../base/source.ts';
import { SETTING_ROWS, type SettingJob } from './setting-rows.ts';

/** One of the settings behind the four numbers. */
export interface SecondarySetting {
  readonly feature: MachineFeature;
  /** What it is called: the machine's own word first, where it has one. */
  readonly name: string;
  /** Where to set it, on the machine's own scale where that is known. */
  readonly set: Words;
  readonly why: Words;
  readonly source: Source;
  /** Its numbers, as the plan means them. */
  readonly values: readonly SettingValue[];
}

const NAME: Readonly<Partial<Record<MachineFeature, string>>> = {
  'hot-start': 'hot start',
  'crater-fill': 'crater fill',
  'double-pulse': 'double pulse',
  'four-step': 'trigger',
  'special-four-step': 'trigger',
  'stitch-timer': 'stitch timer',
};

/** How a machine has a setting; undefined: nothing was told of it. */
export function machineSetting(machine: Machine | undefined, id: SettingId): MachineSetting | undefined {
  return machine?.settings?.find(({ setting }) => setting === id);
}

/** "level 140 %", with the machine's own word where it has one; "off" alone. */
function partText(value: SettingValue, machine: Machine | undefined, job: SettingJob): string {
  const own = machineSetting(machine, value.setting);
  const text = settingText(value, own?.scale, job);
  if (value.off) return text;
  return `${own?.name ?? settingRow(value.setting).part} ${text}`;
}

function settingOf(
  feature: MachineFeature,
  machine: Machine | undefined,
  job: SettingJob,
): readonly SecondarySetting[] {
  const setting = SETTING_ROWS[feature](job);
  if (!setting) return [];
  const { values, why, source } = setting;
  const [only] = values;
  if (only && values.length === 1 && NAME[feature] === undefined) {
    const own = machineSetting(machine, only.setting);
    const set = settingText(only, own?.scale, job);
    return [{ feature, name: settingName(only.setting, own), set, why, source, values }];
  }
  const set = setting.words ?? values.map((value) => partText(value, machine, job)).join(', ');
  return [{ feature, name: NAME[feature] ?? feature, set, why, source, values }];
}

/** Those that stand on a scale that the machine was told of. */
export function scaledSettings(
  settings: readonly SecondarySetting[],
  machine: Machine,
): readonly SecondarySetting[] {
  return settings.filter(({ values }) =>
    values.some(({ setting, off }) => !off && machineSetting(machine, setting)?.scale !== undefined),
  );
}

/**
 * The settings behind the four numbers, for what the machine has; a machine that lacks one is never told to set
 * it. Without a machine, or where its features are not known, every setting that matters is listed.
 */
export function secondarySettings(
  job: SettingJob,
  machine: Machine | undefined,
): readonly SecondarySetting[] {
  return (Object.keys(SETTING_ROWS) as MachineFeature[])
    .filter((feature) => machineHas(machine, feature) !== false)
    .flatMap((feature) => settingOf(feature, machine, job));
}
