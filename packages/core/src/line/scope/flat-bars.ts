import { type Meaning, meaningOf, type Token } from '../meaning.ts';
import { has } from '../roles/scene.ts';

const FLAT_BAR: readonly Meaning[] = [{ kind: 'product', product: 'bar', profile: 'flat-bar' }];

/**
 * "Flat" behind a figure is flat bar where it is a part ("angle to 6 mm flat", "6 mm flat to …") or where the position is
 * said elsewhere.
 */
export function withFlatBars(tokens: readonly Token[]): readonly Token[] {
  return tokens.map((token, i) => {
    const isFlat = /^flat$/i.test(token.text) && has(token, 'position') && token.pause !== true;
    if (!isFlat || !has(tokens[i - 1], 'length') || meaningOf(tokens[i - 1], 'length')?.wireCode === true)
      return token;
    // behind a wire's size it is the position: `tee .8 flat`
    if (/^(?:0?[.,]\d{1,3}|[01][.,]\d)$/.test(tokens[i - 1]?.text ?? '')) return token;
    const otherPosition = tokens.some(
      (other, at) =>
        at !== i && !/^flat$/i.test(other.text) && (has(other, 'position') || has(other, 'vertical')),
    );
    const isPart = has(tokens[i + 1], 'connector') || has(tokens[i - 2], 'connector');
    return otherPosition || isPart ? { ...token, meanings: FLAT_BAR } : token;
  });
}
