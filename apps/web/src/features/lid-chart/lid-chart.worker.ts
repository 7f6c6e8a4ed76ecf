import { lidChart, machineDials } from '@hot-bead/core';
import type { ChartRequest } from './lid-chart.queries.ts';

addEventListener('message', (event: MessageEvent<ChartRequest>) => {
  const { machine, ...rest } = event.data;
  postMessage(lidChart({ ...rest, machine, dials: machineDials(machine, machine.dialReadings) }));
});
