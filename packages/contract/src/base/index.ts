export { type ApiError, apiErrorSchema } from './api-error.ts';
export { decodedText } from './decode-text.ts';
export { type Page, type PageRequest, pageRequestSchema, pageSchema } from './page.ts';
export { MACHINE_MARK, nameKey, plainLine } from './plain-text.ts';
export { ContractError, type Problem, validated } from './validation.ts';
