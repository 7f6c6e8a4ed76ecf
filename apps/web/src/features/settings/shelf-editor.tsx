import type { ShopSettings } from '@hot-bead/contract';
import {
  COMMON_GASES,
  gasOf,
  type GasId,
  type Shelf,
  WIRE_CLASS_TABLE,
  WIRE_DIAMETERS_MM,
  type WireClass,
  type WireDiameterMm,
} from '@hot-bead/core';
import { X } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../../ui/button.tsx';
import { CheckList } from '../../ui/check-list.tsx';
import { useChangeShop } from '../shop/index.ts';
import { wireSizeText } from '../units/index.ts';

const EMPTY: Shelf = { wires: [], gases: [] };
const GASES = COMMON_GASES.filter((id) => id !== 'none').map((id) => ({ value: id, label: gasOf(id).name }));
const SELECT = 'h-11 rounded-md border border-line-strong bg-plate px-2';

function AddWire({ onAdd }: { readonly onAdd: (wireClass: WireClass, diameterMm: WireDiameterMm) => void }) {
  const [wireClass, setWireClass] = useState<WireClass>('ER70S-6');
  const [size, setSize] = useState<WireDiameterMm>(0.8);
  return (
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
        value={size}
        onChange={(event) => setSize(Number(event.target.value) as WireDiameterMm)}
        className={SELECT}
      >
        {WIRE_DIAMETERS_MM.map((mm) => (
          <option key={mm} value={mm}>
            {wireSizeText(mm)}
          </option>
        ))}
      </select>
      <Button onClick={() => onAdd(wireClass, size)}>Put it on the shelf</Button>
    </div>
  );
}

/** Wires and gases the shop has; ways that need something else stand behind, and plans say what to get. */
export function ShelfEditor({ shop }: { readonly shop: ShopSettings }) {
  const change = useChangeShop();
  const shelf = shop.shelf ?? EMPTY;
  const set = (next: Shelf | null): void => change.mutate({ ...shop, shelf: next });
  return (
    <section aria-labelledby="shelf" className="rounded-md border border-line bg-plate p-4">
      <h2 id="shelf" className="text-lg font-semibold">
        On the shelf
      </h2>
      <p className="text-ink-soft">
        {shop.shelf === null
          ? 'Not filled in: no way is held back for lack of wire or gas.'
          : 'Ways that need something else stand behind, and plans say what to get.'}
      </p>
      <h3 className="label-text mt-3">Wires</h3>
      {shelf.wires.length === 0 && <p>No wire yet.</p>}
      <ul className="flex flex-wrap gap-2">
        {shelf.wires.map(({ wireClass, diameterMm }) => (
          <li
            key={`${wireClass} ${diameterMm}`}
            className="flex items-center rounded-md border border-line-strong pl-3"
          >
            {wireSizeText(diameterMm)} {wireClass}
            <button
              type="button"
              aria-label={`Take ${wireSizeText(diameterMm)} ${wireClass} off the shelf`}
              className="grid size-11 place-items-center hover:text-hot"
              onClick={() =>
                set({
                  ...shelf,
                  wires: shelf.wires.filter((w) => w.wireClass !== wireClass || w.diameterMm !== diameterMm),
                })
              }
            >
              <X size={16} aria-hidden="true" />
            </button>
          </li>
        ))}
      </ul>
      <AddWire
        onAdd={(wireClass, diameterMm) => {
          const there = shelf.wires.some((w) => w.wireClass === wireClass && w.diameterMm === diameterMm);
          if (!there) set({ ...shelf, wires: [...shelf.wires, { wireClass, diameterMm }] });
        }}
      />
      <h3 className="label-text mt-3">Gases</h3>
      <div className="grid sm:grid-cols-2">
        <CheckList<GasId>
          label="Gases on the shelf"
          chosen={shelf.gases}
          options={GASES}
          onChange={(gases) => set({ ...shelf, gases })}
        />
      </div>
      {shop.shelf !== null && (
        <Button tone="quiet" onClick={() => set(null)}>
          Plan as if everything could be had
        </Button>
      )}
      {change.error && (
        <p role="alert" className="text-hot">
          {change.error.message} The change was taken back.
        </p>
      )}
    </section>
  );
}
