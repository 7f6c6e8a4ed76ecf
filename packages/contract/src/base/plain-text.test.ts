import fc from 'fast-check';
import { lineSchema, nameKey, plainLine, plainText, textSchema } from './plain-text.ts';

const BIDI = '\u202e';

describe('text as it is kept', () => {
  it('is composed, one line, and without what does not show', () => {
    expect(plainLine(`  Ka\u0308the${BIDI}\u0000\ttwo\r\nthree\ud800 `)).toBe('Käthe two three');
    expect(plainText(`one\r\ntwo${BIDI}\u0007\rthree`)).toBe('one\ntwo\nthree');
    expect(plainLine('🔥 hot')).toBe('🔥 hot');
  });

  it('is the same when it is put through once more, and holds nothing that steers', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary' }), (text) => {
        const once = plainLine(text);
        expect(plainLine(once)).toBe(once);
        expect(once).not.toMatch(/\p{Surrogate}/u);
        expect(once).not.toMatch(/[\p{Cc}\u202a-\u202e\u2066-\u2069]/u);
      }),
    );
  });

  it('is measured after it was cleaned', () => {
    const schema = lineSchema().min(1).max(3);
    expect(schema.validate(`ab${BIDI}c`)).toMatchObject({ value: 'abc' });
    expect(schema.validate('\u0000').error).toBeDefined();
    expect(schema.validate(5).error).toBeDefined();
    expect(textSchema().validate('a\nb')).toMatchObject({ value: 'a\nb' });
  });

  it('names that look alike are one', () => {
    expect(nameKey('OLD Ka\u0308the')).toBe(nameKey('old Käthe'));
    expect(nameKey('Tom')).not.toBe(nameKey('Tim'));
  });
});
