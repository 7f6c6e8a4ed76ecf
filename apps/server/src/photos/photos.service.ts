import type { KeptPhoto } from '@hot-bead/contract/photos';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { type EntityManager, Repository } from 'typeorm';
import sharp from 'sharp';
import { Writes } from '../base/disk/writes.ts';
import { DomainError, notFound } from '../base/errors/domain-error.ts';
import type { Command } from '../history/command.ts';
import { otherCommand } from '../base/errors/domain-error.ts';
import { PhotoEntity } from './photo.entity.ts';

/** Longest side of a photo as it is kept, px; most points that are read of one: more is refused. */
const SIDE_MOST_PX = 1600;
const POINTS_MOST = 100_000_000;
const QUALITY = 78;
/** Formats that are pictures and nothing more: no drawing that could fetch or run anything. */
const TAKEN: ReadonlySet<string> = new Set(['jpeg', 'png', 'webp']);

/** What was sent, read as an image and written anew: turned upright, bounded, and without place or camera. */
async function rewritten(sent: Buffer): Promise<{ data: Buffer; info: { width: number; height: number } }> {
  try {
    const { format } = await sharp(sent).metadata();
    if (!TAKEN.has(format)) throw new Error(format);
    return await sharp(sent, { limitInputPixels: POINTS_MOST, failOn: 'error' })
      .rotate()
      .resize({ width: SIDE_MOST_PX, height: SIDE_MOST_PX, fit: 'inside', withoutEnlargement: true })
      .flatten({ background: '#ffffff' })
      .jpeg({ quality: QUALITY })
      .toBuffer({ resolveWithObject: true });
  } catch {
    throw new DomainError(
      'not-an-image',
      400,
      'This is no picture that can be read: send a JPEG, PNG or WebP.',
      'photo',
    );
  }
}

@Injectable()
export class PhotosService {
  constructor(
    @InjectRepository(PhotoEntity) private readonly photos: Repository<PhotoEntity>,
    private readonly writes: Writes,
  ) {}

  /**
   * Keeps a photo; the same command again finds the one it kept.
   *
   * @throws {DomainError} `not-an-image`; `command-id-taken` where another photo was sent under it
   */
  async keep(sent: unknown, { id, asked }: Command): Promise<KeptPhoto> {
    const kept = await this.keptBefore(this.photos.manager, id, asked);
    if (kept) return kept;
    const { data, info } = await rewritten(Buffer.isBuffer(sent) ? sent : Buffer.alloc(0));
    const photo = { id, widthPx: info.width, heightPx: info.height };
    return this.writes.transaction(async (manager) => {
      // the same may have been sent twice at once
      const before = await this.keptBefore(manager, id, asked);
      if (before) return before;
      await manager.insert(PhotoEntity, { ...photo, at: new Date().toISOString(), jpeg: data, asked });
      return photo;
    });
  }

  private async keptBefore(
    manager: EntityManager,
    id: string,
    asked: string | null,
  ): Promise<KeptPhoto | undefined> {
    const select = { id: true, widthPx: true, heightPx: true, asked: true } as const;
    const photo = await manager.findOne(PhotoEntity, { where: { id }, select });
    if (!photo) return undefined;
    const { asked: before, ...kept } = photo;
    if (before !== null && before !== asked) throw otherCommand();
    return kept as KeptPhoto;
  }

  async jpeg(id: string): Promise<Buffer> {
    const photo = await this.photos.findOneBy({ id });
    if (!photo) throw notFound('photo', id);
    return photo.jpeg;
  }

  isKept(id: string): Promise<boolean> {
    return this.photos.existsBy({ id });
  }
}
