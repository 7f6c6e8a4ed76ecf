import { pageRequestSchema } from '@hot-bead/contract/base';
import {
  keptPieceSchema,
  newPieceSchema,
  type NewWelds,
  newWeldsSchema,
  pieceChangeSchema,
} from '@hot-bead/contract/day';
import { jobListSchema } from '@hot-bead/contract/plan';
import { Body, Controller, Get, Module, Param, Post } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger';
import { TypeOrmModule } from '@nestjs/typeorm';
import { Answers, openApi } from '../../base/api-docs.ts';
import { ContractPipe } from '../../base/errors/contract.pipe.ts';
import { Asked, type Command } from '../../history/command.ts';
import { changedRoutes } from '../../history/record-routes.ts';
import { JobsModule } from '../../plan/jobs/jobs.module.ts';
import { PieceEntity } from './piece.entity.ts';
import { PieceRecord } from './piece-record.ts';
import { PiecesService } from './pieces.service.ts';

@ApiTags('pieces')
@Controller('api/pieces')
export class PiecesController extends changedRoutes({
  kept: keptPieceSchema,
  listed: keptPieceSchema,
  made: newPieceSchema,
  changed: pieceChangeSchema,
  list: pageRequestSchema,
  says: {
    list: 'Pieces, last changed first, with how many welds each has',
    one: 'One piece',
    create: 'Begin a piece',
    change: 'Change a piece, field by field; null takes a field away',
    putAway: 'Put it away; its welds stay, and it can be brought back',
    restore: 'Bring back what was put away',
  },
}) {
  constructor(private readonly pieces: PiecesService) {
    super(pieces);
  }

  @Get(':id/welds')
  @ApiOperation({ summary: "A piece's welds, in order" })
  @Answers(jobListSchema)
  welds(@Param('id') id: string) {
    return this.pieces.welds(id);
  }

  @Post(':id/welds')
  @ApiOperation({ summary: 'Add welds, one a line: all of them or none' })
  @ApiBody({ schema: openApi(newWeldsSchema) })
  @Answers(jobListSchema, 201)
  addWelds(
    @Param('id') id: string,
    @Body(new ContractPipe(newWeldsSchema)) body: NewWelds,
    @Asked() command: Command,
  ) {
    return this.pieces.addWelds(id, body, command);
  }
}

@Module({
  imports: [TypeOrmModule.forFeature([PieceEntity]), JobsModule],
  controllers: [PiecesController],
  providers: [PieceRecord, PiecesService],
  exports: [PiecesService],
})
export class PiecesModule {}
