/** What only helps on the screen: rings, chosen layers, places for clusters. It is left out of what goes out. */
export const AID = { 'data-aid': '' } as const;

/** What an SVG refers to of the document, by id. */
const referred = (text: string): string[] =>
  [...text.matchAll(/url\(["']?#([^)"']+)["']?\)|href="#([^"]+)"/g)].map(([, a, b]) => a ?? b ?? '');

/** All that a drawing refers to elsewhere in the document: patterns, and what those refer to. */
function definitionsFor(svg: SVGSVGElement): string {
  const found = new Map<string, string>();
  const wanted = referred(svg.outerHTML);
  for (let id = wanted.pop(); id !== undefined; id = wanted.pop()) {
    const element = found.has(id) || svg.querySelector(`[id="${CSS.escape(id)}"]`) ? null : document.getElementById(id);
    if (!element) continue;
    found.set(id, element.outerHTML);
    wanted.push(...referred(element.outerHTML));
  }
  return [...found.values()].join('');
}

async function asData(url: string): Promise<string> {
  const blob = await (await fetch(url)).blob();
  return new Promise((done, fail) => {
    const reader = new FileReader();
    reader.onload = () => done(String(reader.result));
    reader.onerror = () => fail(reader.error ?? new Error(url));
    reader.readAsDataURL(blob);
  });
}

/** An SVG drawn by itself sees nothing outside: what it names by address is put into it. */
async function withPictures(text: string): Promise<string> {
  const urls = [...new Set([...text.matchAll(/href="(blob:[^"]+)"/g)].map(([, url]) => url ?? ''))];
  const data = await Promise.all(urls.map(asData));
  return urls.reduce((all, url, i) => all.replaceAll(`"${url}"`, `"${data[i]}"`), text);
}

/** The rules of the fonts that are loaded, with the fonts in them. */
async function fontRules(): Promise<string> {
  const rules = [...document.styleSheets]
    .flatMap((sheet) => [...sheet.cssRules].map((rule) => [rule, sheet.href ?? location.href] as const))
    .filter(([rule]) => rule instanceof CSSFontFaceRule);
  const loaded = [...document.fonts]
    .filter(({ status }) => status === 'loaded')
    .map(({ family, unicodeRange }) => `${family.replaceAll(/["']/g, '')} ${unicodeRange}`);
  const used = rules.filter(([rule]) => {
    const { style } = rule as CSSFontFaceRule;
    const family = style.getPropertyValue('font-family').replaceAll(/["']/g, '');
    return loaded.some((one) => one.startsWith(family)) && /latin(?!-ext)/.test(style.getPropertyValue('src'));
  });
  const texts = await Promise.all(
    used.map(async ([rule, from]) => {
      const [, url] = /url\(["']?([^)"']+)["']?\)/.exec(rule.cssText) ?? [];
      if (url === undefined) return '';
      return rule.cssText.replace(url, await asData(new URL(url, from).href));
    }),
  );
  return texts.join('');
}

/** A page as it is drawn, as an SVG that stands by itself; its size in inches. */
export async function standingSvg(svg: SVGSVGElement): Promise<{ text: string; w: number; h: number }> {
  const { width: w, height: h } = svg.viewBox.baseVal;
  const copy = svg.cloneNode(true) as SVGSVGElement;
  copy.querySelectorAll('[data-aid]').forEach((aid) => aid.remove());
  copy.removeAttribute('style');
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  copy.setAttribute('width', `${w}in`);
  copy.setAttribute('height', `${h}in`);
  const head = `<style>${await fontRules()}</style><defs>${definitionsFor(svg)}</defs>`;
  copy.insertAdjacentHTML('afterbegin', head);
  return { text: await withPictures(new XMLSerializer().serializeToString(copy)), w, h };
}

/** A page as it is drawn, in dots. @param dots to an inch */
export async function drawnPng(svg: SVGSVGElement, dots: number): Promise<{ png: Blob; w: number; h: number }> {
  const { text, w, h } = await standingSvg(svg);
  const picture = new Image();
  picture.src = URL.createObjectURL(new Blob([text], { type: 'image/svg+xml' }));
  await picture.decode();
  const canvas = Object.assign(document.createElement('canvas'), {
    width: Math.round(w * dots),
    height: Math.round(h * dots),
  });
  const context = canvas.getContext('2d');
  if (!context) throw new Error('this browser draws no pictures');
  context.fillStyle = '#fffefa';
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.drawImage(picture, 0, 0, canvas.width, canvas.height);
  URL.revokeObjectURL(picture.src);
  const png = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/png'));
  if (!png) throw new Error('the picture is too large for this browser');
  return { png, w, h };
}

/** What stands for a page within an element, in dots: its drawing, or a picture of the real page; null: neither. */
export async function shownPng(element: Element, dots: number): Promise<Blob | null> {
  const svg = element.querySelector<SVGSVGElement>('svg[data-page-drawing]');
  if (svg) return (await drawnPng(svg, dots)).png;
  const real = element.querySelector('img');
  if (!real) return null;
  await real.decode();
  const canvas = Object.assign(document.createElement('canvas'), {
    width: real.naturalWidth,
    height: real.naturalHeight,
  });
  canvas.getContext('2d')?.drawImage(real, 0, 0);
  return new Promise((done) => canvas.toBlob(done, 'image/png'));
}
