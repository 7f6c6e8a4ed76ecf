import type { KeptPhoto } from '@hot-bead/contract';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import sharp from 'sharp';
import { DomainError, notFound } from '../errors/domain-error.ts';
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
  constructor(@InjectRepository(PhotoEntity) private readonly photos: Repository<PhotoEntity>) {}

  /**
   * Keeps a photo; the same command again finds the one it kept.
   *
   * @throws {DomainError} `not-an-image`
   */
  async keep(sent: unknown, id: string): Promise<KeptPhoto> {
    const kept = await this.photos.findOne({
      where: { id },
      select: { id: true, widthPx: true, heightPx: true },
    });
    if (kept) return kept;
    const { data, info } = await rewritten(Buffer.isBuffer(sent) ? sent : Buffer.alloc(0));
    const photo = { id, widthPx: info.width, heightPx: info.height };
    await this.photos.insert({ ...photo, at: new Date().toISOString(), jpeg: data });
    return photo;
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
