export {
  type BeadDetails,
  KEPT_BEAD,
  type KeptBeadParts,
  type KeptTestBead,
  type NewTestBead,
  newTestBeadSchema,
  NOTE_MAX,
  type PlanSnapshot,
  type TestBeadChange,
  testBeadChangeSchema,
  testBeadSchema,
} from './test-bead.ts';
