export {
  KEPT_STOCK,
  type KeptStockItem,
  keptStockItemSchema,
  type NewStockEntry,
  type NewStockItem,
  newStockItemSchema,
  stockEntrySchema,
  stockItemSchema,
  stockListSchema,
  type WholeStockItem,
  wholeStockItemSchema,
} from './stock.ts';
