import { Global, Module } from '@nestjs/common';
import { HeavyWork } from './heavy-work.ts';
import { WorkFolder } from './work-folder.ts';

/** What is done beside the server, and where its files are kept meanwhile. */
@Global()
@Module({ providers: [HeavyWork, WorkFolder], exports: [HeavyWork, WorkFolder] })
export class WorkModule {}
