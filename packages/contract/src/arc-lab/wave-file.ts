import * as library from 'wavefile';

type Library = typeof library;

/** The library's class: as a name of its module in a bundle, under its default in Node. */
export const { WaveFile } = 'WaveFile' in library ? library : (Reflect.get(library, 'default') as Library);
