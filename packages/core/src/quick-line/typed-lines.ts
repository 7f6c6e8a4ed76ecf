/**
 * Lines as people type them, with what each must give. Source: a sweep of typed lines judged by the handbook's
 * quick-line page; `visible` is what must be asked about, noted or said not to be understood.
 */
export interface TypedLine {
  readonly say: string;
  readonly unit?: 'mm' | 'in';
  readonly expect: {
    readonly understood: Readonly<Record<string, unknown>>;
    readonly absent?: readonly string[];
    readonly visible?: readonly string[];
    readonly orVisible?: readonly string[];
    readonly anyOf?: readonly Readonly<Record<string, unknown>>[];
    /** Part of a refusal's code, or whether it is refused at all. */
    readonly refused?: string | boolean;
    readonly orRefused?: string;
  };
}

export const TYPED_LINES: readonly TypedLine[] = [
  {
    say: '3mm MS tee flat .8 hard wire C25',
    expect: {
      understood: {
        thicknessMm: 3,
        metal: 'carbon-steel',
        joint: 'tee',
        position: 'flat',
        wireDiameterMm: 0.8,
        way: 'solid-gas',
        gas: 'ar-co2-25',
      },
    },
  },
  {
    say: '14ga to 14ga lap .030 C25',
    expect: { understood: { thicknessMm: 1.897, joint: 'lap', wireDiameterMm: 0.8, gas: 'ar-co2-25' } },
  },
  {
    say: '3/16 angle iron to 1/4 plate fillet horiz .035 71T-11',
    expect: {
      understood: {
        thicknessMm: 4.7625,
        otherThicknessMm: 6.35,
        joint: 'tee',
        position: 'horizontal',
        wireDiameterMm: 0.9,
        wireClass: 'E71T-11',
      },
    },
  },
  {
    say: '.120 wall tube butt .030 C25',
    expect: {
      understood: {
        thicknessMm: 3.048,
        wireDiameterMm: 0.8,
        joint: 'butt',
        gas: 'ar-co2-25',
        product: 'tube',
      },
    },
  },
  {
    say: '3/8 plate open root vert up .035 hard wire dip C25',
    expect: {
      understood: {
        thicknessMm: 9.525,
        joint: 'open-butt',
        position: 'vertical-up',
        wireDiameterMm: 0.9,
        way: 'solid-gas',
        mode: 'short-circuit',
        gas: 'ar-co2-25',
      },
    },
  },
  {
    say: '2,5mm sheet lap 0,8 wire',
    expect: {
      understood: { thicknessMm: 2.5, wireDiameterMm: 0.8, joint: 'lap' },
      absent: ['otherThicknessMm'],
    },
  },
  { say: '4,0 mm tee', expect: { understood: { thicknessMm: 4, joint: 'tee' } } },
  { say: '1/8 lap downhand', expect: { understood: { thicknessMm: 3.175, joint: 'lap', position: 'flat' } } },
  {
    say: '3mm fillet overhead CO2',
    expect: { understood: { thicknessMm: 3, joint: 'tee', position: 'overhead', gas: 'co2' } },
  },
  {
    say: 'PF 6mm tee pulse 1.0',
    expect: {
      understood: { thicknessMm: 6, joint: 'tee', position: 'vertical-up', mode: 'pulse', wireDiameterMm: 1 },
    },
  },
  {
    say: '5G pipe 4mm',
    expect: { understood: { thicknessMm: 4 }, absent: ['otherThicknessMm'], visible: ['5G'] },
  },
  {
    say: '3/16 6G',
    expect: { understood: { thicknessMm: 4.7625 }, absent: ['otherThicknessMm'], visible: ['6G'] },
  },
  {
    say: '3/16 to 3/16 tee up hill',
    expect: { understood: { thicknessMm: 4.7625, joint: 'tee', position: 'vertical-up' } },
  },
  { say: 'vertical 3mm lap', expect: { understood: { thicknessMm: 3, joint: 'lap' }, visible: ['ertical'] } },
  {
    say: '0.5mm sheet butt 0.6',
    expect: { understood: { thicknessMm: 0.5, wireDiameterMm: 0.6, joint: 'butt' } },
  },
  {
    say: '20ga auto body sheet butt .023 C25 vert down',
    expect: {
      understood: { thicknessMm: 0.912, wireDiameterMm: 0.6, position: 'vertical-down', gas: 'ar-co2-25' },
    },
  },
  { say: '16-gauge lap', expect: { understood: { thicknessMm: 1.519, joint: 'lap' } } },
  { say: '3-mm tee', expect: { understood: { thicknessMm: 3, joint: 'tee' } } },
  { say: 'quarter inch plate tee', expect: { understood: { thicknessMm: 6.35 }, orRefused: 'thickness' } },
  { say: '1" plate tee .045 71T-1', expect: { understood: { thicknessMm: 25.4 }, orRefused: 'thickness' } },
  { say: '16swg ali lap', expect: { understood: { thicknessMm: 1.626 }, orRefused: 'thickness' } },
  { say: '10g plate tee', expect: { understood: { thicknessMm: [3.416, 3.251] } } },
  {
    say: '16ga ali tube tee',
    expect: { understood: { thicknessMm: 1.651, metal: 'aluminium', product: 'tube' } },
  },
  { say: '.063 alum butt', expect: { understood: { metal: 'aluminium' }, orRefused: 'thickness' } },
  {
    say: '1/8 ali tee spoolie 4043 .035',
    expect: {
      understood: {
        thicknessMm: 3.175,
        metal: 'aluminium',
        joint: 'tee',
        way: 'aluminium-spool-gun',
        wireClass: 'ER4043',
        wireDiameterMm: 0.9,
      },
    },
  },
  {
    say: '1/8 6061 to 1/4 6061 tee 3/64 4043 straight argon',
    expect: {
      understood: {
        thicknessMm: 3.175,
        otherThicknessMm: 6.35,
        wireDiameterMm: 1.2,
        wireClass: 'ER4043',
        gas: 'argon',
      },
    },
  },
  {
    say: '5083 6mm butt 4043',
    expect: { understood: { thicknessMm: 6, alloy: '5083', wireClass: 'ER4043' }, refused: 'filler' },
  },
  { say: '2024 3mm butt', expect: { understood: {}, refused: 'metal' } },
  {
    say: '6mm ali tee 1.2 5183 He/Ar 50/50',
    expect: { understood: { thicknessMm: 6, metal: 'aluminium', gas: 'ar-he-50' } },
  },
  {
    say: '10mm 5083 butt 1.6 5183 75/25 helium argon',
    expect: {
      understood: { thicknessMm: 10, alloy: '5083', wireDiameterMm: 1.6, gas: ['ar-he-75', 'ar-he-25'] },
    },
  },
  { say: '3mm ali butt no filler', expect: { understood: {}, refused: 'filler' } },
  { say: '3mm ali tee C25', expect: { understood: {}, refused: 'gas' } },
  {
    say: '3mm ali tube to 6mm plate tee push-pull gun 1.2 5356',
    expect: {
      understood: { thicknessMm: 3, otherThicknessMm: 6, wireDiameterMm: 1.2, wireClass: 'ER5356' },
      visible: ['push'],
    },
  },
  { say: '18ga 304 butt .030 308L C25', expect: { understood: {}, refused: 'gas' } },
  {
    say: '16ga stainless to 1/8 mild steel lap 309 .035 trimix',
    expect: {
      understood: {
        thicknessMm: 1.5875,
        otherThicknessMm: 3.175,
        metal: 'stainless',
        otherMetal: 'carbon-steel',
        wireClass: 'ER309LSi',
        gas: 'tri-mix',
      },
    },
  },
  { say: '3mm stainless gasless', expect: { understood: {}, refused: true } },
  { say: '3mm 409 exhaust tube butt', expect: { understood: { thicknessMm: 3 }, visible: ['409'] } },
  { say: '3mm tee C02 0.8', expect: { understood: { gas: 'co2', thicknessMm: 3 } } },
  { say: '3mm tee argon/co2', expect: { understood: { gas: ['ar-co2-18-25', 'ar-co2-25', 'ar-co2-20'] } } },
  { say: '3mm tee Argon-CO2 75-25', expect: { understood: { gas: 'ar-co2-25' } } },
  { say: '3mm tee 25/75', expect: { understood: { gas: 'ar-co2-25' }, visible: ['25/75'] } },
  { say: '3mm tee straight CO2', expect: { understood: { gas: 'co2' } } },
  { say: '3mm tee 15 % CO2 in argon', expect: { understood: { gas: 'ar-co2-15' } } },
  {
    say: '3mm tee M21',
    expect: { understood: { gas: ['ar-co2-18-25', 'ar-co2-20', 'ar-co2-18'] }, orVisible: ['M21'] },
  },
  { say: '3mm tee C100', expect: { understood: { gas: 'co2' }, orVisible: ['C100'] } },
  { say: '3mm tee argon', expect: { understood: {}, refused: 'gas' } },
  { say: '6mm tee pulse C25', expect: { understood: {}, refused: 'gas' } },
  { say: '3mm tee helium', expect: { understood: {}, orVisible: ['helium'] } },
  {
    say: 'gasless 2mm lap Suitcase',
    expect: { understood: { thicknessMm: 2, way: 'self-shielded', machineName: 'Suitcase' } },
  },
  {
    say: 'flux core with gas .045 1/2 plate flat fillet C25',
    expect: { understood: { way: 'gas-shielded-flux-core', thicknessMm: 12.7, gas: 'ar-co2-25' } },
  },
  {
    say: 'flux core C25 1/4 tee .035',
    expect: { understood: { way: 'gas-shielded-flux-core', gas: 'ar-co2-25' } },
  },
  {
    say: 'E71T-1 CO2 .045 3/8 tee',
    expect: { understood: { wireClass: ['E71T-1C'], gas: 'co2' }, refused: false },
  },
  { say: '1/2 plate tee .052 71T-1M C25', expect: { understood: { thicknessMm: 12.7 }, visible: ['.052'] } },
  {
    say: 'metal core .045 1/2 plate flat 90/10',
    expect: { understood: { way: 'metal-cored', wireDiameterMm: 1.2, thicknessMm: 12.7, gas: 'ar-co2-10' } },
  },
  {
    say: 'E71T-GS 3/16 tee two pass',
    expect: { understood: { wireClass: 'E71T-GS', thicknessMm: 4.7625 }, visible: ['pass'] },
  },
  { say: 'solid wire 3mm no gas tee', expect: { understood: {}, refused: true } },
  {
    say: 'self shielded 1/2 plate T-8 .072',
    expect: {
      understood: { thicknessMm: 12.7, wireClass: 'E71T-8' },
      absent: ['otherThicknessMm'],
      orVisible: ['.072'],
    },
  },
  {
    say: 'hot dip galv 4mm lap outdoors gasless',
    expect: {
      understood: { metal: 'coated-steel', way: 'self-shielded', place: 'outdoors', thicknessMm: 4 },
      absent: ['mode'],
      refused: false,
    },
  },
  {
    say: '3mm zinc plated bracket tee',
    expect: { understood: { metal: 'coated-steel' }, orVisible: ['zinc'] },
  },
  {
    say: 'electro zinc 1.2mm sheet lap',
    expect: { understood: { metal: 'coated-steel' }, orVisible: ['zinc'] },
  },
  { say: 'painted gate 3mm lap', expect: { understood: { circumstances: ['painted'] } } },
  { say: 'rusty 3mm angle lap', expect: { understood: { thicknessMm: 3 }, visible: ['rusty'] } },
  { say: '10 mm tee 3 pass', expect: { understood: { thicknessMm: 10 }, absent: ['otherThicknessMm'] } },
  {
    say: '1/4 fillet on 3/8 plate',
    expect: { understood: { thicknessMm: 9.525 }, absent: ['otherThicknessMm'], orVisible: ['1/4'] },
  },
  { say: '6mm tee 15mm stickout', expect: { understood: { thicknessMm: 6 }, absent: ['otherThicknessMm'] } },
  {
    say: '2mm lap 25mm stitch 50mm gap',
    expect: { understood: { thicknessMm: 2 }, absent: ['otherThicknessMm'] },
  },
  {
    say: '20mm box 1.5mm wall tee',
    expect: { understood: { thicknessMm: 1.5, product: 'tube' }, absent: ['otherThicknessMm'] },
  },
  {
    say: '25mm square tube 2mm wall tee 0.8',
    expect: { understood: { thicknessMm: 2, product: 'tube' }, absent: ['otherThicknessMm'] },
  },
  {
    say: '1/2" tube 16ga tee',
    expect: { understood: { thicknessMm: 1.651, product: 'tube' }, absent: ['otherThicknessMm'] },
  },
  {
    say: '1" square tube 16ga tee .030',
    expect: { understood: { thicknessMm: 1.651, product: 'tube' }, absent: ['otherThicknessMm'] },
  },
  {
    say: '1-1/2 x .120 tube butt .030',
    unit: 'in',
    expect: { understood: { thicknessMm: 3.048, wireDiameterMm: 0.8 }, absent: ['otherThicknessMm'] },
  },
  {
    say: '48.3x3.2 pipe butt',
    expect: { understood: { thicknessMm: 3.2, product: 'tube' }, absent: ['otherThicknessMm'] },
  },
  { say: '16mm rod to 3mm plate tee', expect: { understood: { thicknessMm: [3, 16] } } },
  { say: 'sch 40 pipe 2" butt uphill 6010', expect: { understood: {}, visible: ['6010'] } },
  {
    say: '3mm tee 12 lpm',
    expect: { understood: { thicknessMm: 3 }, absent: ['otherThicknessMm'], visible: ['lpm'] },
  },
  { say: '3mm tee 5 m/min', expect: { understood: { thicknessMm: 3 }, absent: ['otherThicknessMm'] } },
  { say: '2x 3mm plate lap', expect: { understood: { thicknessMm: 3 }, absent: ['otherThicknessMm'] } },
  {
    say: '3mm plate to 40 box tee',
    expect: { understood: { thicknessMm: 3 }, orRefused: 'thickness', absent: ['otherThicknessMm'] },
  },
  {
    say: '50x50x5 angle to 10mm plate tee 1.0 wire',
    expect: { understood: { thicknessMm: 5, otherThicknessMm: 10, product: 'section', wireDiameterMm: 1 } },
  },
  {
    say: '100x50x4 RHS to 8mm base plate tee vert up',
    expect: { understood: { thicknessMm: 4, otherThicknessMm: 8, product: 'tube', position: 'vertical-up' } },
  },
  {
    say: '2"x2"x1/8" angle tee',
    expect: { understood: { thicknessMm: 3.175 }, absent: ['otherThicknessMm'] },
  },
  { say: '50 x 3 flat bar lap', expect: { understood: { thicknessMm: 3 }, absent: ['otherThicknessMm'] } },
  { say: '25 x 6 flat bar tee', expect: { understood: { thicknessMm: 6 }, absent: ['otherThicknessMm'] } },
  {
    say: '3mm steel butt copper backing',
    expect: { understood: { metal: 'carbon-steel', thicknessMm: 3 }, refused: false },
  },
  {
    say: '2mm butt copper backing',
    expect: { understood: { thicknessMm: 2 }, absent: ['metal'], refused: false },
  },
  { say: '3mm butt ali backing bar', expect: { understood: { thicknessMm: 3 }, absent: ['metal'] } },
  {
    say: '0.8 on 3mm tee',
    expect: {
      understood: {},
      anyOf: [
        { thicknessMm: 0.8, otherThicknessMm: 3 },
        { wireDiameterMm: 0.8, thicknessMm: 3 },
      ],
    },
  },
  { say: '035 on 1/8', expect: { understood: { wireDiameterMm: 0.9, thicknessMm: 3.175 } } },
  { say: '1.2 1.2 lap', expect: { understood: {}, orRefused: 'thickness' } },
  { say: '45 thou wire 6mm tee', expect: { understood: { wireDiameterMm: 1.2, thicknessMm: 6 } } },
  {
    say: '0.6mm wire 0.8mm panel butt CO2',
    expect: { understood: { wireDiameterMm: 0.6, thicknessMm: 0.8, gas: 'co2' } },
  },
  { say: '3mm steal tee', expect: { understood: { thicknessMm: 3, metal: 'carbon-steel', joint: 'tee' } } },
  { say: '3mm stanless lap', expect: { understood: { metal: 'stainless' } } },
  { say: '3mm horizonal filet', expect: { understood: { position: 'horizontal', joint: 'tee' } } },
  { say: 'marygold 2mm butt', expect: { understood: { thicknessMm: 2 }, visible: ['arigold'] } },
  { say: 'on old tom 3mm tee', expect: { understood: { machineName: 'Old Tom', thicknessMm: 3 } } },
  { say: 'Suitcase 3mm ali spool gun', expect: { understood: {}, refused: 'spool' } },
  {
    say: 'car sill 0.7mm plug weld 0.6 wire',
    expect: {
      understood: { thicknessMm: 0.7, wireDiameterMm: 0.6, circumstances: ['vehicle'] },
      visible: ['plug'],
    },
  },
  { say: 'tack 3mm tee', expect: { understood: { thicknessMm: 3 }, visible: ['tack'] } },
  {
    say: '8mm single vee butt 1.2 spray',
    expect: {
      understood: { thicknessMm: 8, joint: 'butt', wireDiameterMm: 1.2, mode: 'spray' },
      visible: ['vee'],
    },
  },
  { say: 'TIG 2mm 304 butt', expect: { understood: {}, visible: ['TIG'] } },
  { say: 'oxy 3mm butt', expect: { understood: {}, visible: ['oxy'] } },
  { say: 'chromoly 1.6mm tube tee', expect: { understood: { thicknessMm: 1.6 }, visible: ['chromoly'] } },
  { say: 'spring steel 5mm lap', expect: { understood: {}, visible: ['spring'] } },
  { say: 'cast iron to 6mm steel plate tee', expect: { understood: {}, refused: 'metal' } },
  { say: 'rebar 12mm lap', expect: { understood: {}, visible: ['rebar'] } },
  {
    say: 'gas tank 16ga butt',
    expect: { understood: { circumstances: ['closed-vessel'], thicknessMm: 1.519 } },
  },
  {
    say: 'truck chassis 6mm lap 1.0',
    expect: { understood: { thicknessMm: 6, circumstances: ['vehicle'] }, visible: ['chassis'] },
  },
  {
    say: 'roll cage 2.5mm tube tee',
    expect: { understood: { thicknessMm: 2.5, product: 'tube' }, visible: ['cage'] },
  },
  {
    say: '3 mm tee overhead outside in the rain',
    expect: { understood: { position: 'overhead', place: 'outdoors', circumstances: ['damp'] } },
  },
  {
    say: 'tube to plate 3mm on 10mm tee',
    expect: { understood: { thicknessMm: 3, otherThicknessMm: 10, product: 'tube', joint: 'tee' } },
  },
  { say: 'lap tee flat 3mm', expect: { understood: {}, visible: ['ap'] } },
  { say: '3mm tee backhand', expect: { understood: { thicknessMm: 3 }, visible: ['backhand'] } },
  {
    say: '13 amp plug 6mm tee Old Tom',
    expect: { understood: { thicknessMm: 6, machineName: 'Old Tom' }, absent: ['otherThicknessMm'] },
  },
  {
    say: '1mm wing patch butt 0.6',
    expect: { understood: { thicknessMm: 1, wireDiameterMm: 0.6 }, absent: ['windy'] },
  },
  { say: '3mm hopper lap', expect: { understood: { thicknessMm: 3 }, absent: ['metal'], refused: false } },
  { say: '3mm seam butt', expect: { understood: { thicknessMm: 3 }, absent: ['product'] } },
  { say: 'hard 6mm plate tee', expect: { understood: { thicknessMm: 6 }, absent: ['place'] } },
  {
    say: '6061-T6 1/4 butt 3/64 5356',
    expect: { understood: { alloy: '6061', thicknessMm: 6.35, wireDiameterMm: 1.2, wireClass: 'ER5356' } },
  },
  {
    say: 'EN AW-6082 4mm tee 1.2 4043',
    expect: { understood: { alloy: '6082', thicknessMm: 4, wireDiameterMm: 1.2 } },
  },
  {
    say: '3/8 A36 to 1/4 A500 tube tee .045',
    expect: { understood: { thicknessMm: 9.525, otherThicknessMm: 6.35, wireDiameterMm: 1.2, joint: 'tee' } },
  },
  { say: '16 to 14 ga lap', expect: { understood: { thicknessMm: 1.519, otherThicknessMm: 1.897 } } },
  {
    say: '3/16-1/4 tee',
    expect: {
      understood: {},
      anyOf: [{ thicknessMm: 4.7625, otherThicknessMm: 6.35 }],
      orRefused: 'thickness',
    },
  },
  {
    say: '5083 to 6082 6mm tee 5356',
    expect: { understood: { alloy: '5083', otherAlloy: '6082', thicknessMm: 6, wireClass: 'ER5356' } },
  },
  { say: '3mm butt 2mm root gap', expect: { understood: { thicknessMm: 3 }, absent: ['otherThicknessMm'] } },
  {
    say: '60mm dia tube 3mm butt',
    expect: {
      understood: { thicknessMm: 3, product: 'tube' },
      absent: ['otherThicknessMm'],
      orRefused: 'thickness',
    },
  },
  {
    say: '2x2 11ga square tube tee',
    expect: { understood: { thicknessMm: 3.048, product: 'tube' }, absent: ['otherThicknessMm'] },
  },
  {
    say: '50x50 angle 5mm lap',
    expect: { understood: { thicknessMm: 5, product: 'section' }, absent: ['otherThicknessMm'] },
  },
  { say: '8mm 3 runs tee', expect: { understood: { thicknessMm: 8 }, absent: ['otherThicknessMm'] } },
  { say: 'sheet .8 wire .6 butt', expect: { understood: { thicknessMm: 0.8, wireDiameterMm: 0.6 } } },
  { say: '3mm tee.', expect: { understood: { thicknessMm: 3, joint: 'tee' } } },
  { say: 'farm gate 3mm lap', expect: { understood: { thicknessMm: 3 }, absent: ['surface'] } },
  { say: '8 mm 5 mm fillet', expect: { understood: { thicknessMm: 8 }, absent: ['otherThicknessMm'] } },
  { say: '3mm & 6mm tee', expect: { understood: { thicknessMm: 3, otherThicknessMm: 6, joint: 'tee' } } },
  {
    say: '82/18 3mm lap 0.8',
    expect: { understood: { gas: 'ar-co2-18', thicknessMm: 3, wireDiameterMm: 0.8 } },
  },
  {
    say: '1.5 inox 316l lap 0.8',
    expect: { understood: { thicknessMm: 1.5, metal: 'stainless', alloy: '316L', wireDiameterMm: 0.8 } },
  },
];
