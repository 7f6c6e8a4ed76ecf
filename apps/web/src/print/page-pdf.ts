import { PDFDocument, type PDFFont, type PDFPage, rgb, StandardFonts } from 'pdf-lib';
import type { Mark, PageSize, TextWidth } from './page.ts';

const INK = rgb(0.114, 0.133, 0.149);
const LINE = rgb(0.6, 0.58, 0.54);
const PLATE = rgb(0.93, 0.91, 0.87);
const BEAD = rgb(0.6, 0.62, 0.64);
const DOT_PT = 3;

/** A text as the font can write it. */
type Writable = (text: string) => string;

/** How letters that the font lacks are written: a name in another script in Latin letters, anything else as a mark. */
export async function writableIn(font: PDFFont, texts: readonly string[]): Promise<Writable> {
  const known = new Set(font.getCharacterSet());
  const has = (letter: string): boolean => known.has(letter.codePointAt(0) ?? 0);
  if (texts.every((text) => [...text].every(has))) return (text) => text;
  const { default: anyAscii } = await import('any-ascii');
  return (text) => [...text].map((letter) => (has(letter) ? letter : anyAscii(letter) || '?')).join('');
}

function drawDot(page: PDFPage, { x, y, filled }: Mark & { kind: 'dot' }): void {
  if (filled === 'whole') return page.drawCircle({ x, y, size: DOT_PT, color: INK });
  page.drawCircle({ x, y, size: DOT_PT, borderColor: INK, borderWidth: 0.8 });
  if (filled === 'half') {
    page.drawSvgPath(`M0 ${-DOT_PT}A${DOT_PT} ${DOT_PT} 0 0 0 0 ${DOT_PT}Z`, { x, y, color: INK });
  }
}

interface Fonts {
  readonly plain: PDFFont;
  readonly bold: PDFFont;
  readonly writable: Writable;
}

function draw(page: PDFPage, mark: Mark, fonts: Fonts): void {
  if (mark.kind === 'dot') return drawDot(page, mark);
  if (mark.kind === 'path') {
    const { x, y, d, scale, tone } = mark;
    const color = tone === 'plate' ? PLATE : BEAD;
    return page.drawSvgPath(d, { x, y, scale, color, borderColor: INK, borderWidth: 1 / scale });
  }
  if (mark.kind === 'square') {
    const side = 2 * DOT_PT;
    return page.drawRectangle({
      x: mark.x - DOT_PT,
      y: mark.y - DOT_PT,
      width: side,
      height: side,
      color: INK,
    });
  }
  if (mark.kind === 'rule') {
    const { x, y, widthPt } = mark;
    return page.drawLine({ start: { x, y }, end: { x: x + widthPt, y }, thickness: 0.6, color: LINE });
  }
  const font = mark.bold ? fonts.bold : fonts.plain;
  page.drawText(fonts.writable(mark.text), { x: mark.x, y: mark.y, size: mark.sizePt, font, color: INK });
}

interface Printed {
  readonly title: string;
  readonly size: PageSize;
  /** Everything that is written on it. */
  readonly texts: readonly string[];
  /** Where everything stands, by how wide the font writes. */
  readonly layout: (width: TextWidth) => readonly Mark[];
}

/** One page as a PDF. */
export async function pagePdf({ title, size, texts, layout }: Printed): Promise<Uint8Array> {
  const document = await PDFDocument.create();
  document.setTitle(title);
  document.setCreator('Hot Bead');
  const plain = await document.embedFont(StandardFonts.Helvetica);
  const bold = await document.embedFont(StandardFonts.HelveticaBold);
  const fonts: Fonts = { plain, bold, writable: await writableIn(plain, texts) };
  const { widthPt, heightPt } = size;
  const page = document.addPage([widthPt, heightPt]);
  const width: TextWidth = (text, sizePt, isBold) => {
    const font = isBold ? fonts.bold : fonts.plain;
    return font.widthOfTextAtSize(fonts.writable(text), sizePt);
  };
  for (const mark of layout(width)) draw(page, mark, fonts);
  return document.save();
}
