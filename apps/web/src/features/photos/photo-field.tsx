import { contract } from '../../api/contract.ts';
import type { KeptPhoto } from '@hot-bead/contract/photos';
import { useId } from 'react';
import { api, readBy } from '../../api/client.ts';
import { useCommand } from '../../commands/use-command.ts';
import { Wrong } from '../../ui/form/wrong.tsx';

const readPhoto = readBy<KeptPhoto>(async () => (await contract.photos()).photoSchema);

/** Where a kept photo is read. */
export function photoAddress(id: string): string {
  return `/api/photos/${id}`;
}

interface Props {
  readonly label: string;
  /** The photo that was taken; undefined: none. */
  readonly photoId: string | undefined;
  readonly onKept: (id: string) => void;
}

/** A photo, kept as soon as it is taken or picked; what is no picture is refused at the field. */
export function PhotoField({ label, photoId, onKept }: Props) {
  const id = useId();
  const keep = useCommand({
    send: (file: Blob, command) => api('POST', '/photos', readPhoto, { body: file, command }),
  });
  return (
    <div className="mt-3">
      <label htmlFor={id} className="label-text">
        {label}
      </label>
      <input
        id={id}
        type="file"
        accept="image/jpeg,image/png,image/webp"
        aria-invalid={keep.error !== null}
        className="mt-1 block min-h-14 w-full py-2 file:mr-3 file:min-h-11 file:rounded-md file:border file:border-line-strong file:bg-plate file:px-4 file:font-medium"
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) keep.mutate(file, { onSuccess: (photo) => onKept(photo.id) });
        }}
      />
      {keep.isPending && <p role="status">Keeping the photo…</p>}
      {keep.error && <Wrong>{keep.error.message}</Wrong>}
      {photoId !== undefined && (
        <img src={photoAddress(photoId)} alt="The photo to this step" className="mt-2 h-28 rounded-md" />
      )}
    </div>
  );
}
