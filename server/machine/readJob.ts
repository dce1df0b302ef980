import { XMLParser, XMLValidator } from 'fast-xml-parser';
import SVGPathCommander from 'svg-path-commander';

/** On the sheet, mm. */
export interface Box {
  readonly x: number;
  readonly y: number;
  readonly w: number;
  readonly h: number;
}

/** What a machine is to cut: the sheet, what is gone of it, and the lines, each with the piece it belongs to. */
export interface MachineJob {
  readonly sheet: { readonly w: number; readonly h: number };
  readonly gone: readonly Box[];
  readonly lines: readonly (Box & { readonly piece: string })[];
}

/** Why a job is no job. */
export class NoJob extends Error {
  constructor(
    readonly code: 'not-svg' | 'no-size' | 'nothing-to-cut' | 'off-the-sheet' | 'not-a-path',
    message: string,
  ) {
    super(message);
  }
}

const MOST_LINES = 2000;
/** Of one path's data, characters; of a drawing, areas that are gone. */
const LONGEST_PATH = 20_000;
const MOST_GONE = 500;

function boxOf(d: string): Box {
  if (d.length > LONGEST_PATH) throw new NoJob('not-a-path', `a path is too long: ${d.length} characters`);
  try {
    const { x, y, width, height } = SVGPathCommander.getPathBBox(d);
    if ([x, y, width, height].every(Number.isFinite)) return { x, y, w: width, h: height };
  } catch {
    /* said below */
  }
  throw new NoJob('not-a-path', `this path cannot be read: ${d.slice(0, 60)}`);
}

/** A length such as `304.8mm`, in mm. */
function millimetres(text: unknown): number {
  const read = /^(\d+(?:\.\d+)?)(mm|cm|in)$/.exec(String(text ?? ''));
  if (!read) throw new NoJob('no-size', 'the drawing has no width and height in mm, cm or in');
  return Number(read[1]) * { mm: 1, cm: 10, in: 25.4 }[read[2] as 'mm' | 'cm' | 'in'];
}

type Attributes = Record<string, string | undefined>;

/** The drawing's outermost element. */
function drawingIn(svg: string, parser: XMLParser): (Attributes & { path?: Attributes[] }) | undefined {
  try {
    if (XMLValidator.validate(svg) === true)
      return (parser.parse(svg) as { svg?: Attributes & { path?: Attributes[] } }).svg;
  } catch {
    /* said below */
  }
  throw new NoJob('not-svg', 'this is not whole XML');
}

/** Reads an SVG job in real units. @throws {NoJob} it is not one */
export function readJob(svg: string): MachineJob {
  const parser = new XMLParser({
    ignoreAttributes: false,
    attributeNamePrefix: '',
    isArray: (name) => name === 'path',
  });
  const root = drawingIn(svg, parser);
  if (root === undefined) throw new NoJob('not-svg', 'this is not an SVG drawing');
  const sheet = { w: millimetres(root['width']), h: millimetres(root['height']) };
  const paths = Array.isArray(root.path) ? root.path : [];
  const ofClass = (name: string): Attributes[] => paths.filter((path) => path['class'] === name);
  const lines = ofClass('cut').map((path) => ({ ...boxOf(path['d'] ?? ''), piece: path['data-piece'] ?? '' }));
  if (lines.length === 0 || lines.length > MOST_LINES)
    throw new NoJob(
      'nothing-to-cut',
      `there must be 1 to ${MOST_LINES} paths of class "cut"; there are ${lines.length}`,
    );
  const off = lines.find(
    ({ x, y, w, h }) => x < -0.01 || y < -0.01 || x + w > sheet.w + 0.01 || y + h > sheet.h + 0.01,
  );
  if (off) throw new NoJob('off-the-sheet', `a line of ${off.piece || 'a piece'} runs off the sheet`);
  const gone = ofClass('gone');
  if (gone.length > MOST_GONE)
    throw new NoJob('off-the-sheet', `there may be ${MOST_GONE} areas that are gone; there are ${gone.length}`);
  return { sheet, gone: gone.map((path) => boxOf(path['d'] ?? '')), lines };
}
