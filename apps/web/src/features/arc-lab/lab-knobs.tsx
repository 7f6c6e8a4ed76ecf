import { wireSizeText } from '@hot-bead/core/base';
import { ARC_GASES, ARC_RANGES, ARC_WIRES_MM } from '@hot-bead/core/arc-lab';
import { gasOf, type GasId } from '@hot-bead/core/trade';
import { usePreferences } from '../../preferences/preferences.tsx';
import { Pick } from '../../ui/pick.tsx';
import { Segmented } from '../../ui/segmented.tsx';
import { shownAs } from '../../units/index.ts';
import { Knob } from './knob.tsx';
import type { LabSetting } from './lab-setting.ts';

interface Props {
  readonly setting: LabSetting;
  readonly onTurn: (change: Partial<LabSetting>) => void;
}

/** Volts that are turned over here: beyond these the model only shows that it does not break. */
const VOLTS = [12, 32] as const;

/** All that is turned in the lab. */
export function LabKnobs({ setting, onTurn }: Props) {
  const { units } = usePreferences();
  const speed = shownAs('wireFeedSpeed', units);
  const distance = shownAs('distance', units);
  const isPulse = setting.source === 'pulse';
  const inUnit = ({ from }: typeof speed, [low, high]: readonly [number, number]): [number, number] => [
    from(low),
    from(high),
  ];
  return (
    <div className="grid grid-cols-1 gap-3">
      <Knob
        name="Volts, tip to work"
        unit="V"
        large
        value={setting.volts}
        range={VOLTS}
        step={0.1}
        decimals={1}
        disabled={isPulse}
        onTurn={(volts) => onTurn({ volts })}
      />
      <Knob
        name="Wire speed"
        unit={speed.unit}
        large
        value={speed.from(setting.wireFeedSpeedMPerMin)}
        range={inUnit(speed, ARC_RANGES.wireFeedSpeedMPerMin)}
        step={speed.decimals === 0 ? 5 : 0.1}
        decimals={speed.decimals}
        onTurn={(shown) => onTurn({ wireFeedSpeedMPerMin: speed.to(shown) })}
      />
      <Knob
        name="Tip to work"
        unit={distance.unit}
        value={distance.from(setting.tipToWorkMm)}
        range={inUnit(distance, ARC_RANGES.tipToWorkMm)}
        step={distance.decimals === 0 ? 1 : 0.05}
        decimals={distance.decimals}
        onTurn={(shown) => onTurn({ tipToWorkMm: distance.to(shown) })}
      />
      <div className="grid grid-cols-2 gap-3">
        <Pick<string>
          label="Wire, solid steel"
          value={String(setting.wireMm)}
          options={ARC_WIRES_MM.map((mm) => [String(mm), wireSizeText(mm, units)])}
          onPick={(picked) =>
            onTurn({ wireMm: ARC_WIRES_MM.find((mm) => String(mm) === picked) ?? setting.wireMm })
          }
        />
        <Pick<GasId>
          label="Gas"
          value={setting.gas}
          options={[...new Set<GasId>([...ARC_GASES, setting.gas])].map((id) => [id, gasOf(id).name])}
          onPick={(gas) => onTurn({ gas })}
        />
      </div>
      <div>
        <p className="label-text mb-1">Source</p>
        <Segmented
          label="Source"
          value={setting.source}
          options={[
            { value: 'volts', label: 'Constant volts' },
            { value: 'pulse', label: 'Pulse' },
          ]}
          onChange={(source) => onTurn({ source })}
        />
      </div>
      <Knob
        name="Inductance"
        unit="µH"
        value={setting.inductanceH * 1e6}
        range={[ARC_RANGES.inductanceH[0] * 1e6, ARC_RANGES.inductanceH[1] * 1e6]}
        step={10}
        decimals={0}
        disabled={isPulse}
        onTurn={(shown) => onTurn({ inductanceH: shown * 1e-6 })}
      />
      <Knob
        name="Source slope"
        unit="V per 100 A"
        value={setting.slopeVPerA * 100}
        range={[0, ARC_RANGES.slopeVPerA[1] * 100]}
        step={0.5}
        decimals={1}
        disabled={isPulse}
        onTurn={(shown) => onTurn({ slopeVPerA: shown / 100 })}
      />
    </div>
  );
}
