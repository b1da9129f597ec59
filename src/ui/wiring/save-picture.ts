import { xmlText } from '@/core/border/xml-text';

/** Styles that a picture takes along, because style sheets stay behind. */
const STYLED = [
  'fill',
  'stroke',
  'stroke-width',
  'font-family',
  'font-size',
  'font-weight',
  'opacity',
  'paint-order',
] as const;

/** The picture as a standalone file: computed colors and fonts, no external references. */
export const standaloneSvg = (svg: SVGSVGElement): string => {
  const copy = svg.cloneNode(true) as SVGSVGElement;
  const originals = svg.querySelectorAll('*');
  copy.querySelectorAll('*').forEach((element, at) => {
    const style = getComputedStyle(originals[at]!);
    for (const name of STYLED) if (element.hasAttribute(name)) element.setAttribute(name, style.getPropertyValue(name));
    for (const name of ['class', 'tabindex', 'role']) element.removeAttribute(name);
  });
  const { width, height } = svg.viewBox.baseVal;
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  copy.setAttribute('width', String(width));
  copy.setAttribute('height', String(height));
  copy.removeAttribute('class');
  const ground = document.createElementNS('http://www.w3.org/2000/svg', 'rect');
  for (const [name, value] of Object.entries({
    width,
    height,
    fill: getComputedStyle(document.documentElement).backgroundColor,
  }))
    ground.setAttribute(name, String(value));
  copy.prepend(ground);
  return xmlText(new XMLSerializer().serializeToString(copy));
};

/** Twice as many pixels as units, for print. */
const PNG_SCALE = 2;

/** The picture as a PNG. */
export const pngOf = async (svg: SVGSVGElement): Promise<Blob> => {
  const { width, height } = svg.viewBox.baseVal;
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(standaloneSvg(svg))}`;
  await image.decode();
  const canvas = document.createElement('canvas');
  canvas.width = width * PNG_SCALE;
  canvas.height = height * PNG_SCALE;
  canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height);
  return new Promise((resolve, reject) =>
    canvas.toBlob(
      (blob) => (blob ? resolve(blob) : reject(new Error('The browser could not create the picture.'))),
      'image/png',
    ),
  );
};
