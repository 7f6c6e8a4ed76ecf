import { contract } from '../../api/contract.ts';
import type { RestoreReport } from '@hot-bead/contract/files';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, readBy } from '../../api/client.ts';
import { useCommand } from '../../commands/use-command.ts';
import { Button } from '../../ui/button.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { FileField } from '../../ui/form/file-field.tsx';
import { Section } from '../../ui/page/section.tsx';
import { DOWNLOAD } from './download.ts';

const readReport = readBy<RestoreReport>(async () => (await contract.files()).restoreReportSchema);

/** Copies of the whole shop, and the way back from one. */
export function BackupSection() {
  const client = useQueryClient();
  const [file, setFile] = useState<File>();
  const [done, setDone] = useState<RestoreReport>();
  const restore = useCommand({
    send: (chosen: File, command) =>
      api('POST', '/backup/restore', readReport, {
        body: chosen.slice(0, chosen.size, 'application/octet-stream'),
        command,
      }),
    onDone: (report) => {
      setDone(report);
      void client.invalidateQueries();
    },
  });
  const pick = (chosen: File | undefined): void => {
    setDone(undefined);
    setFile(chosen);
  };
  return (
    <Section id="backup" title="The whole shop" className="grid content-start gap-4">
      <div className="grid gap-2">
        <a href="/api/backup/database" download className={DOWNLOAD}>
          Back up now
        </a>
        <p className="text-sm text-ink-soft">
          The database itself, copied while the shop goes on. Keep it on another machine.
        </p>
        <div className="grid grid-cols-2 gap-2">
          <a href="/api/backup/zip" download className={DOWNLOAD}>
            Records and photos, ZIP
          </a>
          <a href="/api/backup/json" download className={DOWNLOAD}>
            One JSON
          </a>
        </div>
        <p className="text-sm text-ink-soft">
          Open forms, to be read by other programs; either comes back exactly as it went.
        </p>
      </div>
      <div>
        <FileField
          label="Restore from a backup, a ZIP or a JSON"
          accept=".sqlite,.zip,.json,application/zip,application/json"
          error={restore.error?.message}
          onPick={pick}
        />
        {restore.isPending && <p role="status">Checking it and putting it in place…</p>}
        {done && (
          <p role="status" className="font-medium">
            Restored: {done.records} records. The shop as it was before is kept as {done.keptAs}, beside the
            database.
          </p>
        )}
      </div>
      {file && (
        <Dialog
          title="Put this in the place of the shop?"
          text={`${file.name} replaces everything that stands here now. The shop as it is now is kept as a file beside the database.`}
          onClose={() => setFile(undefined)}
        >
          <div className="flex flex-wrap justify-between gap-3">
            <Button onClick={() => setFile(undefined)}>Leave it as it is</Button>
            <Button
              tone="main"
              onClick={() => {
                restore.mutate(file);
                setFile(undefined);
              }}
            >
              Restore
            </Button>
          </div>
        </Dialog>
      )}
    </Section>
  );
}
