import { pageRequestSchema } from '@hot-bead/contract/base';
import { newTestBeadSchema, testBeadChangeSchema, testBeadSchema } from '@hot-bead/contract/dial-in';
import { Controller } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { changedRoutes } from '../history/record-routes.ts';
import { TestBeadsService } from './test-beads.service.ts';

@ApiTags('test beads')
@Controller('api/jobs/:jobId/test-beads')
export class TestBeadsController extends changedRoutes({
  under: 'jobId',
  kept: testBeadSchema,
  listed: testBeadSchema,
  made: newTestBeadSchema,
  changed: testBeadChangeSchema,
  list: pageRequestSchema,
  says: {
    list: "A job's test beads, in the order welded",
    one: 'One test bead',
    create: 'Report a test bead',
    change: 'Correct a test bead, field by field; null takes away what was told',
    putAway: 'Take a test bead away; it can be restored',
    restore: 'Bring a test bead back',
  },
}) {
  constructor(beads: TestBeadsService) {
    super(beads);
  }
}
