import { machineDials } from '@hot-bead/core/machine';
import { lidChart } from '@hot-bead/core/terms';
import type { ChartRequest } from './chart-request.ts';

addEventListener('message', (event: MessageEvent<ChartRequest>) => {
  const { machine, ...rest } = event.data;
  postMessage(lidChart({ ...rest, machine, dials: machineDials(machine, machine.dialReadings) }));
});
