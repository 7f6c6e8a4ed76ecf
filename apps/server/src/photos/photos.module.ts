import { photoSchema } from '@hot-bead/contract/photos';
import { Controller, Get, Header, Module, Param, Post, Req, StreamableFile } from '@nestjs/common';
import { ApiConsumes, ApiOperation, ApiTags } from '@nestjs/swagger';
import { TypeOrmModule } from '@nestjs/typeorm';
import type { Request } from 'express';
import { Answers } from '../base/api-docs.ts';
import { Asked, type Command } from '../history/command.ts';
import { PhotoEntity } from './photo.entity.ts';
import { PhotoSweep } from './photo-sweep.ts';
import { PhotosService } from './photos.service.ts';

@ApiTags('photos')
@Controller('api/photos')
export class PhotosController {
  constructor(private readonly photos: PhotosService) {}

  @Post()
  @ApiOperation({
    summary: 'Keep a photo: the image itself as the body; it is written anew, without place or camera',
  })
  @ApiConsumes('image/jpeg', 'image/png', 'image/webp')
  @Answers(photoSchema, 201)
  keep(@Req() request: Request, @Asked() command: Command) {
    return this.photos.keep(request.body, command);
  }

  @Get(':id')
  @Header('Cache-Control', 'private, max-age=31536000, immutable')
  @ApiOperation({ summary: 'A photo as JPEG' })
  async read(@Param('id') id: string) {
    return new StreamableFile(await this.photos.jpeg(id), { type: 'image/jpeg' });
  }
}

@Module({
  imports: [TypeOrmModule.forFeature([PhotoEntity])],
  controllers: [PhotosController],
  providers: [PhotosService, PhotoSweep],
  exports: [PhotosService],
})
export class PhotosModule {}
