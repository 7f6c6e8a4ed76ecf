import { type DynamicModule, Module } from '@nestjs/common';
import type { Config } from '../base/config/config.ts';
import { AboutController, CONFIG } from './about.controller.ts';
import { DemoBeside } from './demo-beside.ts';

/** What the server is, and the demo shop beside it. */
@Module({})
export class AboutModule {
  static with(config: Config): DynamicModule {
    return {
      module: AboutModule,
      controllers: [AboutController],
      providers: [{ provide: CONFIG, useValue: config }, DemoBeside],
    };
  }
}
