export { type PlanRequest, planRequestSchema, type PlanResponse, planResponseSchema } from './plan.ts';
