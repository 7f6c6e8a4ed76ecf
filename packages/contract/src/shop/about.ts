import Joi from 'joi';
import { exactly } from '../base/validation.ts';

/** What a server serves. */
export interface About {
  /** Whether its shop is the invented one. */
  readonly demo: boolean;
  /** Whether the demo shop can be opened beside it. */
  readonly demoBeside: boolean;
}

/** Where the demo shop stands. */
export interface DemoAddress {
  readonly url: string;
}

export const aboutSchema = exactly<About>({
  demo: Joi.boolean().required(),
  demoBeside: Joi.boolean().required(),
});

export const demoAddressSchema = exactly<DemoAddress>({ url: Joi.string().required() });
