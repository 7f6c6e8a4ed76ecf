export { type About, aboutSchema, type DemoAddress, demoAddressSchema } from './about.ts';
export { type ShopRates, shopRatesSchema, WORK_KINDS } from './rates.ts';
export {
  KEPT_SHOP,
  type KeptShop,
  keptShopSchema,
  type ShopChange,
  shopChangeSchema,
  type ShopSettings,
} from './shop.ts';
