export { dayJob, dayJobs } from './day-job.ts';
export {
  DAY_TASKS_MOST,
  type DayOrderRequest,
  dayOrderRequestSchema,
  type DayTasks,
  dayTasksSchema,
  type ToldDay,
  toldDaySchema,
} from './day.ts';
export {
  KEPT_PIECE,
  type KeptPiece,
  keptPieceSchema,
  type NewPiece,
  newPieceSchema,
  type NewWelds,
  newWeldsSchema,
  type Piece,
  type PieceChange,
  pieceChangeSchema,
  pieceSchema,
  WELD_LINES_MOST,
} from './piece.ts';
