import type { DataSource } from 'typeorm';

/** Takes migrations back, the last first, down to one and with it. */
export async function takenBack(file: DataSource, migration: string): Promise<void> {
  for (let last = ''; !last.startsWith(migration);) {
    const rows = (await file.query('SELECT name FROM migrations ORDER BY id DESC LIMIT 1')) as [
      { name: string },
    ];
    last = rows[0].name;
    await file.undoLastMigration();
  }
}
