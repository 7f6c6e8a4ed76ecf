import type { ShopSettings } from '@hot-bead/contract';
import { COMMON_GASES, gasOf, type GasId, type Shelf } from '@hot-bead/core';
import { Button } from '../../ui/button.tsx';
import { CheckList } from '../../ui/form/check-list.tsx';
import { useChangeShop } from '../shop/index.ts';
import { WireList } from '../wire-list/index.ts';
import { Wrong } from '../../ui/form/wrong.tsx';
import { Section } from '../../ui/page/section.tsx';

const EMPTY: Shelf = { wires: [], gases: [] };
const GASES = COMMON_GASES.filter((id) => id !== 'none').map((id) => ({ value: id, label: gasOf(id).name }));

/** Wires and gases the shop has; ways that need something else stand behind, and plans say what to get. */
export function ShelfEditor({ shop }: { readonly shop: ShopSettings }) {
  const change = useChangeShop();
  const shelf = shop.shelf ?? EMPTY;
  const set = (next: Shelf | null): void => change.mutate({ ...shop, shelf: next });
  return (
    <Section id="shelf" title="On the shelf">
      <p className="text-ink-soft">
        {shop.shelf === null
          ? 'Not filled in: no way is held back for lack of wire or gas.'
          : 'Ways that need something else stand behind, and plans say what to get.'}
      </p>
      <h3 className="label-text mt-3">Wires</h3>
      <WireList
        wires={shelf.wires}
        addText="Put it on the shelf"
        removeText="off the shelf"
        onChange={(wires) => set({ ...shelf, wires })}
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
      {change.error && <Wrong>{change.error.message} The change was taken back.</Wrong>}
    </Section>
  );
}
