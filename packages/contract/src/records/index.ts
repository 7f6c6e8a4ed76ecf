export {
  type InspectionChange,
  inspectionChangeSchema,
  inspectionSchema,
  KEPT_INSPECTION,
  type KeptInspection,
  keptInspectionSchema,
  type NewInspection,
  newInspectionSchema,
} from './inspection.ts';
export { type QuoteTerms, quoteTermsSchema } from './quote.ts';
export {
  KEPT_RUN,
  type KeptRun,
  keptRunSchema,
  type NewRun,
  newRunSchema,
  type RunChange,
  runChangeSchema,
  runRecordSchema,
  type RunRecordValue,
} from './run.ts';
export {
  KEPT_SHEET,
  type KeptSheet,
  keptSheetSchema,
  type NewSheetRevision,
  newSheetRevisionSchema,
  type SheetDrawing,
  type SheetRevision,
  sheetRevisionSchema,
} from './sheet.ts';
