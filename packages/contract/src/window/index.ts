export {
  type KeptProvenSetting,
  keptProvenSettingSchema,
  type ShopLearning,
  shopLearningSchema,
} from './proven.ts';
