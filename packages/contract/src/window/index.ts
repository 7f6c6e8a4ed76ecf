export { type KeptProvenSetting, provenPageSchema, type ShopLearning, shopLearningSchema } from './proven.ts';
