export {
  KEPT_STOCK,
  type KeptStockItem,
  keptStockItemSchema,
  type NewStockEntry,
  type NewStockItem,
  newStockItemSchema,
  type StockChange,
  stockChangeSchema,
  stockEntrySchema,
  stockItemSchema,
} from './stock.ts';
