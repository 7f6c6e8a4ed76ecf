import { PRACTICE } from '../base/source.ts';
import { type Case, inches } from './check-value.ts';

/** Facts out of position and of unequal parts. Source: common practice, from memory. */
export const POSITION_FACTS: readonly Case[] = [
  ...[5, 6, 8, 10, 12, 20, 25].map((thicknessMm): Case => [
    `${thicknessMm} mm steel tee, vertical up, 1.2 T-1`,
    { thicknessMm, joint: 'tee', position: 'vertical-up' },
    { wireClass: 'E71T-1M', wireDiameterMm: 1.2, gas: 'ar-co2-25' },
    { current: [170, 210], wireFeedSpeed: [6, 8], volts: [23, 25] },
    PRACTICE,
  ]),
  [
    '3 mm steel tee, vertical up, 0.8 wire',
    { thicknessMm: 3, joint: 'tee', position: 'vertical-up' },
    { wireDiameterMm: 0.8, gas: 'ar-co2-18' },
    { current: [95, 110], volts: [17, 17.5] },
    PRACTICE,
  ],
  ...(
    [
      [3.2, 200],
      [1.9, 175],
    ] as const
  ).map(([thicknessMm, inPerMin]): Case => [
    `${thicknessMm} mm steel outside corner, vertical down, pulse, 0.9 wire`,
    { thicknessMm, joint: 'outside-corner', position: 'vertical-down' },
    { wireDiameterMm: 0.9, gas: 'ar-co2-10', mode: 'pulse' },
    { wireFeedSpeed: inches(inPerMin) },
    PRACTICE,
  ]),
  [
    '3 mm steel tee, 0.8 wire',
    { thicknessMm: 3, joint: 'tee' },
    { wireDiameterMm: 0.8, gas: 'ar-co2-18' },
    { current: [130, 140], volts: [19, 19] },
    PRACTICE,
  ],
  [
    '4 mm steel tee, 1.0 wire',
    { thicknessMm: 4, joint: 'tee' },
    { wireDiameterMm: 1.0, gas: 'ar-co2-18', mode: 'short-circuit' },
    { current: [170, 180], volts: [19.5, 19.5] },
    PRACTICE,
  ],
  ...([0.8, 0.9] as const).map((wireDiameterMm): Case => [
    `3 on 6 mm steel tee, ${wireDiameterMm} wire`,
    { thicknessMm: 3, otherThicknessMm: 6, joint: 'tee' },
    { wireDiameterMm, mode: 'short-circuit' },
    { current: [150, 165] },
    PRACTICE,
  ]),
  ...(['solid-gas', 'gas-shielded-flux-core'] as const).map((way): Case => [
    `6 on 20 mm steel tee, ${way === 'solid-gas' ? 'spray' : 'flux core under gas'}`,
    { thicknessMm: 6, otherThicknessMm: 20, joint: 'tee' },
    way === 'solid-gas' ? { way, mode: 'spray' } : { way },
    { current: [240, 260] },
    PRACTICE,
  ]),
  [
    '3 mm 304 tee',
    { metal: 'stainless', alloy: '304', thicknessMm: 3, joint: 'tee' },
    { mode: 'short-circuit' },
    { current: [115, 130] },
    PRACTICE,
  ],
  [
    '4 mm 304 tee, 0.9 wire',
    { metal: 'stainless', alloy: '304', thicknessMm: 4, joint: 'tee' },
    { mode: 'short-circuit', wireDiameterMm: 0.9 },
    { current: [130, 145] },
    PRACTICE,
  ],
  ...[3.2, 4.8, 6.4, 9.5].map((thicknessMm): Case => [
    `${thicknessMm} mm steel tee, 1.2 T-11`,
    { thicknessMm, joint: 'tee' },
    { wireClass: 'E71T-11', wireDiameterMm: 1.2 },
    { current: [140, 180] },
    PRACTICE,
  ]),
];
