import { randomUUID } from 'node:crypto';
import type { MigrationInterface, QueryRunner } from 'typeorm';

interface KeptShelf {
  readonly wires?: readonly { readonly wireClass: string; readonly diameterMm: number }[];
  readonly gases?: readonly string[];
}

function shelfIn(text: string | null): KeptShelf {
  try {
    return (JSON.parse(text ?? '{}') as KeptShelf | null) ?? {};
  } catch {
    return {};
  }
}

/** What was said beside an event, photos, things in Stores, and the shelf of the settings as spools and cylinders there. */
export class RigAndStores1764600000000 implements MigrationInterface {
  name = 'RigAndStores1764600000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "event" ADD COLUMN "about" text`);
    await runner.query(
      `CREATE TABLE "stock" ("id" text PRIMARY KEY NOT NULL, "version" integer NOT NULL DEFAULT (1), "item" text NOT NULL, "shape" integer NOT NULL DEFAULT (1), "updatedAt" text NOT NULL, "awayAt" text)`,
    );
    await runner.query(
      `CREATE TABLE "photo" ("id" text PRIMARY KEY NOT NULL, "at" text NOT NULL, "widthPx" integer NOT NULL, "heightPx" integer NOT NULL, "jpeg" blob NOT NULL)`,
    );
    const rows = (await runner.query(`SELECT "shelf" FROM "shop"`)) as { shelf: string | null }[];
    const at = new Date().toISOString();
    for (const { wires = [], gases = [] } of rows.map(({ shelf }) => shelfIn(shelf))) {
      const items = [
        ...wires.map((wire) => ({ kind: 'spool', ...wire })),
        ...gases.map((gas, i) => ({ kind: 'cylinder', name: `no. ${i + 1}`, gas })),
      ];
      for (const item of items) {
        await runner.query(`INSERT INTO "stock" ("id", "item", "updatedAt") VALUES (?, ?, ?)`, [
          randomUUID(),
          JSON.stringify(item),
          at,
        ]);
      }
    }
    await runner.query(`ALTER TABLE "shop" DROP COLUMN "shelf"`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "shop" ADD COLUMN "shelf" text`);
    await runner.query(
      `UPDATE "shop" SET "shelf" = json_object('wires', json((SELECT json_group_array(json_object('wireClass', json_extract("item", '$.wireClass'), 'diameterMm', json_extract("item", '$.diameterMm'))) FROM "stock" WHERE json_extract("item", '$.kind') = 'spool' AND "awayAt" IS NULL)), 'gases', json((SELECT json_group_array(json_extract("item", '$.gas')) FROM "stock" WHERE json_extract("item", '$.kind') = 'cylinder' AND "awayAt" IS NULL))) WHERE EXISTS (SELECT 1 FROM "stock" WHERE "awayAt" IS NULL)`,
    );
    await runner.query(`DROP TABLE "photo"`);
    await runner.query(`DROP TABLE "stock"`);
    await runner.query(`ALTER TABLE "event" DROP COLUMN "about"`);
  }
}
