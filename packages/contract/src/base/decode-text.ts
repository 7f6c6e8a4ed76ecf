/** A decoder as browsers and servers have one. */
export type TextDecoderClass = new (
  label: string,
  options?: { readonly fatal?: boolean },
) => { decode(bytes: Uint8Array): string };

/** A text, and how its letters were read where that is not usual. */
export interface DecodedText {
  readonly text: string;
  readonly encoding: string | undefined;
}

/** UTF-16 without its mark: every other byte of plain text is nought. */
function utf16Order(bytes: Uint8Array): 'utf-16le' | 'utf-16be' | undefined {
  const head = bytes.subarray(0, 200);
  const noughts = (odd: 0 | 1): number => head.filter((byte, i) => i % 2 === odd && byte === 0).length;
  const most = head.length / 2;
  if (most < 4) return undefined;
  if (noughts(1) > 0.8 * most) return 'utf-16le';
  return noughts(0) > 0.8 * most ? 'utf-16be' : undefined;
}

function marked(bytes: Uint8Array): 'utf-16le' | 'utf-16be' | undefined {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return 'utf-16le';
  return bytes[0] === 0xfe && bytes[1] === 0xff ? 'utf-16be' : undefined;
}

/** The text of a file: UTF-8 as we write it, UTF-16 or Latin-1 as table programs do, and which it was. */
export function decodedText(bytes: Uint8Array, Decoder: TextDecoderClass): DecodedText {
  const wide = marked(bytes) ?? utf16Order(bytes);
  if (wide) return { text: new Decoder(wide).decode(bytes), encoding: 'UTF-16' };
  try {
    return { text: new Decoder('utf-8', { fatal: true }).decode(bytes), encoding: undefined };
  } catch {
    return {
      text: new Decoder('windows-1252').decode(bytes),
      encoding: 'Latin-1: look whether letters with accents are right',
    };
  }
}
