/** An imperfection by its number, as it is said. */
export interface DefectWord {
  readonly code: string;
  readonly word: string;
  /** What people call it besides. */
  readonly slang?: readonly string[];
}

/** Imperfections of a weld by number. Source: ISO 6520-1, recalled; what they are called besides is our model. */
export const DEFECT_WORDS = [
  { code: '100', word: 'crack' },
  { code: '101', word: 'crack lengthways' },
  { code: '102', word: 'crack across' },
  { code: '104', word: 'crater crack', slang: ['star crack'] },
  { code: '2011', word: 'gas pore' },
  { code: '2012', word: 'pores all over' },
  { code: '2013', word: 'cluster of pores' },
  { code: '2014', word: 'line of pores' },
  { code: '2016', word: 'wormhole', slang: ['worm tracks'] },
  { code: '2017', word: 'surface pore', slang: ['pinholes'] },
  { code: '2024', word: 'crater pipe' },
  { code: '2025', word: 'open crater', slang: ['crater hole'] },
  { code: '301', word: 'slag inside' },
  { code: '303', word: 'oxide inside' },
  { code: '401', word: 'lack of fusion', slang: ['cold lap, broken open'] },
  { code: '402', word: 'lack of penetration' },
  { code: '4021', word: 'lack of penetration at the root' },
  { code: '501', word: 'undercut' },
  { code: '5013', word: 'groove at the root' },
  { code: '502', word: 'excess weld metal', slang: ['reinforcement'] },
  { code: '503', word: 'too convex', slang: ['ropey'] },
  { code: '504', word: 'excess penetration' },
  { code: '505', word: 'sharp toe' },
  { code: '506', word: 'overlap', slang: ['cold lap'] },
  { code: '5071', word: 'plates not in line', slang: ['misalignment', 'hi-lo'] },
  { code: '5072', word: 'tubes not in line' },
  { code: '508', word: 'out of angle' },
  { code: '509', word: 'sagging' },
  { code: '510', word: 'burn-through', slang: ['blow-through'] },
  { code: '511', word: 'groove not filled', slang: ['underfill'] },
  { code: '512', word: 'legs not alike' },
  { code: '513', word: 'width not even' },
  { code: '515', word: 'hollow root', slang: ['suck-back'] },
  { code: '516', word: 'porous root', slang: ['sugar'] },
  { code: '517', word: 'poor restart' },
  { code: '5213', word: 'throat too thin' },
  { code: '5214', word: 'throat too thick' },
  { code: '601', word: 'stray arc', slang: ['arc strike'] },
  { code: '602', word: 'spatter' },
  { code: '603', word: 'torn surface' },
  { code: '604', word: 'grinding mark' },
  { code: '610', word: 'temper colour' },
  { code: '615', word: 'slag left on' },
  { code: '617', word: 'gap of a fillet' },
] as const satisfies readonly DefectWord[];

/** What an imperfection is called by its number; the number itself where there is no word. */
export function defectWord(code: string): string {
  return DEFECT_WORDS.find((one) => one.code === code)?.word ?? code;
}
