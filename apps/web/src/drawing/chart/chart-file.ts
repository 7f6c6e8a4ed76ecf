/** Space around a chart in its file, and how much finer its PNG is than the screen. */
const MARGIN_PX = 8;
const PNG_SCALE = 2;

/** What of a drawing's look comes from the page's styles and must go with it. */
const STYLED = [
  'fill',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'fill-opacity',
  'font-size',
  'font-weight',
  'text-anchor',
  'visibility',
] as const;

/** A copy of a drawing that looks the same away from the page's styles, on paper of the page's colour. */
function standalone(drawing: SVGSVGElement): SVGSVGElement {
  const copy = drawing.cloneNode(true) as SVGSVGElement;
  const parts = [...copy.querySelectorAll<SVGElement>('*')];
  for (const [i, part] of [...drawing.querySelectorAll<SVGElement>('*')].entries()) {
    const style = getComputedStyle(part);
    for (const name of STYLED) parts[i]?.style.setProperty(name, style.getPropertyValue(name));
    parts[i]?.style.setProperty('font-family', 'sans-serif');
  }
  const { width, height } = drawing.getBoundingClientRect();
  // a drawing has units of its own, a chart is drawn in points of the screen
  const { x, y, width: across, height: down } = drawing.viewBox.baseVal;
  const field = {
    x: x - MARGIN_PX,
    y: y - MARGIN_PX,
    width: across + 2 * MARGIN_PX,
    height: down + 2 * MARGIN_PX,
  };
  copy.setAttribute('viewBox', Object.values(field).join(' '));
  copy.setAttribute('width', String(width + 2 * MARGIN_PX));
  copy.setAttribute('height', String(height + 2 * MARGIN_PX));
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  const paper = document.createElementNS('http://www.w3.org/2000/svg', 'rect');
  for (const [name, value] of [
    ...Object.entries(field),
    ['fill', getComputedStyle(document.documentElement).getPropertyValue('--plate').trim() || '#fff'],
  ] as const) {
    paper.setAttribute(name, String(value));
  }
  copy.prepend(paper);
  return copy;
}

function svgText(drawing: SVGSVGElement): string {
  return new XMLSerializer().serializeToString(standalone(drawing));
}

/** A chart as a drawing of its own. */
export function chartSvg(drawing: SVGSVGElement): Blob {
  return new Blob([svgText(drawing)], { type: 'image/svg+xml' });
}

/** A chart as a picture. */
export async function chartPng(drawing: SVGSVGElement): Promise<Blob> {
  const picture = new Image();
  picture.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svgText(drawing))}`;
  await picture.decode();
  const canvas = document.createElement('canvas');
  canvas.width = picture.width * PNG_SCALE;
  canvas.height = picture.height * PNG_SCALE;
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  return new Promise((resolve, reject) =>
    canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error('no picture came out'))), 'image/png'),
  );
}
