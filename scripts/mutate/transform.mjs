import swc from '@swc/jest';

/** Reads a source as the tests do, but for the one place that stands in `HOT_BEAD_MUTANT`. */
export default {
  createTransformer(options) {
    const plain = swc.createTransformer(options);
    const mutant = () => JSON.parse(process.env.HOT_BEAD_MUTANT ?? 'null');
    const changed = (source, path) => {
      const one = mutant();
      if (one?.path !== path) return source;
      return source.slice(0, one.start) + one.text + source.slice(one.end);
    };
    return {
      canInstrument: false,
      process: (source, path, rest) => plain.process(changed(source, path), path, rest),
      // all but the changed file is taken from the cache, though each run has a configuration of its own
      getCacheKey: (source, path, rest) =>
        plain.getCacheKey(changed(source, path), path, { ...rest, configString: '' }),
    };
  },
};
