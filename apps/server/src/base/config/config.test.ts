import { ConfigError, readConfig } from './config.ts';

describe('readConfig', () => {
  it('serves port 4180 and the user’s own database unless told otherwise', () => {
    const config = readConfig({ XDG_DATA_HOME: '/data' }, []);
    expect(config).toMatchObject({ port: 4180, demo: false, databasePath: '/data/hot-bead/hot-bead.sqlite' });
  });

  it('keeps the demo shop in a database of its own', () => {
    const env = { HOT_BEAD_DB: '/mine.sqlite', HOT_BEAD_DEMO_DB: '/demo.sqlite' };
    expect(readConfig(env, ['--demo']).databasePath).toBe('/demo.sqlite');
    expect(readConfig(env, []).databasePath).toBe('/mine.sqlite');
    expect([readConfig(env, []).demoBeside, readConfig(env, ['--demo']).demoBeside]).toEqual([true, false]);
    const one = { HOT_BEAD_DB: '/one.sqlite', HOT_BEAD_DEMO_DB: '/one.sqlite' };
    expect(readConfig(one, []).demoBeside).toBe(false);
  });

  it.each(['abc', '0', '70000', '80.5', ''])('refuses port “%s”', (port) => {
    expect(() => readConfig({ HOT_BEAD_PORT: port }, [])).toThrow(ConfigError);
  });
});
