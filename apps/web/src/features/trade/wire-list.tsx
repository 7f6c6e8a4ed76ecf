import { usePreferences } from '../../preferences/preferences.tsx';
import { wireSizeText } from '@hot-bead/core/base';
import {
  type ShelfWire,
  usualClass,
  WIRE_CLASS_TABLE,
  WIRE_DIAMETERS_MM,
  type WireClass,
  type WireDiameterMm,
} from '@hot-bead/core/trade';
import { useState } from 'react';
import { Button } from '../../ui/button.tsx';
import { Removable } from '../../ui/removable.tsx';

const SELECT = 'h-11 rounded-md border border-line-strong bg-plate px-2';

interface Props {
  readonly wires: readonly ShelfWire[];
  /** What adding does: "Put it on the shelf". */
  readonly addText: string;
  /** Where they are taken from: "off the shelf". */
  readonly removeText: string;
  readonly onChange: (wires: readonly ShelfWire[]) => void;
}

/** Wires by class and size, each once. */
export function WireList({ wires, addText, removeText, onChange }: Props) {
  const { units } = usePreferences();
  const [wireClass, setWireClass] = useState<WireClass>(usualClass('solid-gas').id);
  const [diameterMm, setSize] = useState<WireDiameterMm>(0.8);
  const nameOf = (wire: ShelfWire): string => `${wireSizeText(wire.diameterMm, units)} ${wire.wireClass}`;
  const added: ShelfWire = { wireClass, diameterMm };
  const isThere = wires.some((wire) => nameOf(wire) === nameOf(added));
  return (
    <>
      {wires.length === 0 && <p>No wire yet.</p>}
      <ul className="flex flex-wrap gap-2">
        {wires.map((wire) => (
          <Removable
            key={nameOf(wire)}
            removeLabel={`Take ${nameOf(wire)} ${removeText}`}
            onRemove={() => onChange(wires.filter((other) => other !== wire))}
          >
            {nameOf(wire)}
          </Removable>
        ))}
      </ul>
      <div className="mt-2 flex flex-wrap gap-2">
        <select
          aria-label="Class of a wire to add"
          value={wireClass}
          onChange={(event) => setWireClass(event.target.value as WireClass)}
          className={SELECT}
        >
          {WIRE_CLASS_TABLE.map(({ id }) => (
            <option key={id}>{id}</option>
          ))}
        </select>
        <select
          aria-label="Size of a wire to add"
          value={diameterMm}
          onChange={(event) => setSize(Number(event.target.value) as WireDiameterMm)}
          className={SELECT}
        >
          {WIRE_DIAMETERS_MM.map((mm) => (
            <option key={mm} value={mm}>
              {wireSizeText(mm, units)}
            </option>
          ))}
        </select>
        <Button onClick={() => !isThere && onChange([...wires, added])}>{addText}</Button>
      </div>
    </>
  );
}
