import {
  keptPieceSchema,
  type NewPiece,
  newPieceSchema,
  type NewWelds,
  newWeldsSchema,
  type PieceChange,
  pieceChangeSchema,
  pieceListSchema,
  pieceWithWeldsSchema,
} from '@hot-bead/contract/day';
import { jobListSchema } from '@hot-bead/contract/plan';
import { Body, Controller, Delete, Get, HttpCode, Module, Param, Patch, Post } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger';
import { TypeOrmModule } from '@nestjs/typeorm';
import { Answers, openApi } from '../../base/api-docs.ts';
import { ContractPipe } from '../../base/errors/contract.pipe.ts';
import { Asked, type Command } from '../../history/command.ts';
import { JobsModule } from '../../plan/jobs/jobs.module.ts';
import { PieceEntity } from './piece.entity.ts';
import { PieceRecord } from './piece-record.ts';
import { PiecesService } from './pieces.service.ts';

@ApiTags('pieces')
@Controller('api/pieces')
export class PiecesController {
  constructor(private readonly pieces: PiecesService) {}

  @Get()
  @ApiOperation({ summary: 'Pieces, last changed first, with how many welds each has' })
  @Answers(pieceListSchema)
  list() {
    return this.pieces.list();
  }

  @Post()
  @ApiOperation({ summary: 'Begin a piece' })
  @ApiBody({ schema: openApi(newPieceSchema) })
  @Answers(keptPieceSchema, 201, 200)
  create(@Body(new ContractPipe(newPieceSchema)) body: NewPiece, @Asked() command: Command) {
    return this.pieces.create(body, command);
  }

  @Get(':id')
  @ApiOperation({ summary: 'One piece with its welds in order' })
  @Answers(pieceWithWeldsSchema)
  read(@Param('id') id: string) {
    return this.pieces.read(id);
  }

  @Patch(':id')
  @ApiOperation({ summary: 'Change a piece, field by field; null takes a field away' })
  @ApiBody({ schema: openApi(pieceChangeSchema) })
  @Answers(keptPieceSchema)
  change(
    @Param('id') id: string,
    @Body(new ContractPipe(pieceChangeSchema)) body: PieceChange,
    @Asked() command: Command,
  ) {
    return this.pieces.change(id, body, command);
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

  @Delete(':id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Put it away; its welds stay, and it can be brought back' })
  putAway(@Param('id') id: string, @Asked() command: Command) {
    return this.pieces.putAway(id, command);
  }

  @Post(':id/restore')
  @HttpCode(200)
  @ApiOperation({ summary: 'Bring back what was put away' })
  @Answers(keptPieceSchema)
  restore(@Param('id') id: string, @Asked() command: Command) {
    return this.pieces.restore(id, command);
  }
}

@Module({
  imports: [TypeOrmModule.forFeature([PieceEntity]), JobsModule],
  controllers: [PiecesController],
  providers: [PieceRecord, PiecesService],
  exports: [PiecesService],
})
export class PiecesModule {}
