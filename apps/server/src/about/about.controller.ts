import { Controller, Get, HttpCode, Inject, Post } from '@nestjs/common';
import { type About, aboutSchema, type DemoAddress, demoAddressSchema } from '@hot-bead/contract/shop';
import { Answers } from '../base/api-docs.ts';
import type { Config } from '../base/config/config.ts';
import { DomainError } from '../base/errors/domain-error.ts';
import { DemoBeside } from './demo-beside.ts';

export const CONFIG = Symbol('config');

/** What this server serves, and the demo shop beside it. */
@Controller('api')
export class AboutController {
  constructor(
    @Inject(CONFIG) private readonly config: Config,
    private readonly beside: DemoBeside,
  ) {}

  @Get('about')
  @Answers(aboutSchema)
  about(): About {
    return { demo: this.config.demo, demoBeside: this.config.demoBeside === true };
  }

  @Post('demo-shop')
  @HttpCode(200)
  @Answers(demoAddressSchema)
  async openDemo(): Promise<DemoAddress> {
    if (this.config.demoBeside !== true) {
      throw new DomainError('no-demo-here', 409, 'There is no demo shop to open beside this one.');
    }
    return { url: await this.beside.open() };
  }
}
