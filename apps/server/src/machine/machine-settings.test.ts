import type { KeptMachine } from '@hot-bead/contract/machine';
import { asking, type RunningServer, runningServer } from '../../test/running-server.ts';

let server: RunningServer;
beforeAll(async () => {
  server = await runningServer();
});
afterAll(() => server.stop());

const HERON = {
  name: 'Heron',
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 0.8,
  loadedGas: 'ar-co2-18',
};

describe('what a machine counts and keeps', () => {
  it('keeps scales, programs and a volts knob, and says at the field what cannot be', async () => {
    const { id } = (await asking(server).post('/api/machines').send(HERON)).body as KeptMachine;
    const patch = (body: object) => asking(server).patch(`/api/machines/${id}`).send(body);
    const program = { name: '14', wireClass: 'ER70S-6', diameterMm: 0.8, gas: 'ar-co2-18', mode: 'pulse' };
    const scale = { least: 0, most: 99, unit: 'mark' };
    const good = {
      settings: [{ setting: 'inductance', name: 'Arc feel', scale }],
      programs: [program],
      standingProgram: '14',
      voltsControl: { kind: 'knob', min: 1, max: 10, places: [{ knob: 4.5, openV: 21 }] },
    };
    expect((await patch(good)).body).toMatchObject(good);
    const wrongs: readonly (readonly [object, string, string])[] = [
      [
        { settings: [{ setting: 'inductance', scale: { ...scale, least: 100 } }] },
        'settings.0.scale.most',
        'The most of a scale must lie over its least.',
      ],
      [
        { settings: [{ setting: 'inductance', scale: { ...scale, middle: 120 } }] },
        'settings.0.scale.middle',
        'The middle lies on the scale: 0 to 99.',
      ],
      [{ programs: [program, program] }, 'programs', 'Program 14 stands there twice.'],
      [
        { programs: [{ ...program, wireClass: 'ER99' }] },
        'programs.0.wireClass',
        'No wire class is called “ER99”.',
      ],
      [
        { standingProgram: '15' },
        'standingProgram',
        'That program is not in its table: add it, or take one that is.',
      ],
      [
        { voltsControl: { ...good.voltsControl, places: [{ knob: 11, openV: 20 }] } },
        'voltsControl.places.0',
        'This volts knob goes from 1 to 10.',
      ],
    ];
    for (const [wrong, field, message] of wrongs) {
      const { status, body } = await patch(wrong);
      expect([status, body]).toMatchObject([400, { field, message }]);
    }
    expect((await asking(server).get(`/api/machines/${id}`)).body).toMatchObject(good);
    const file = (await asking(server).get(`/api/machines/${id}/file.json`)).body as { machine: object };
    expect(file.machine).toMatchObject(good);
  });
});
