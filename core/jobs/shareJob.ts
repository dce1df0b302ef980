import { ticksPer, type Unit } from '../ground/length';
import { ok, type Result } from '../ground/result';
import type { Lacking, ShareJob, SharePage, SharePlan, ShareSlot } from '../kit/shareout';
import { writeSheet } from './cutJob';
import { refuse, type JobError } from './jobError';
import { checkCopies, readPaper, type JsonPaper, type JsonSize } from './paper';
import { checkIds, readEach, readLengths, readSide } from './readLength';

interface JsonSlot extends JsonSize {
  id: string;
  count?: number;
  of?: string[];
  turn?: boolean;
  unlike?: string[];
  like?: string[];
}
interface JsonPage {
  id: string;
  worth?: number;
  designs?: { atLeast?: number; atMost?: number };
  slots: JsonSlot[];
}

/** A share job as JSON, already found to match `docs/formats/share.job.schema.json`. */
export interface JsonShareJob extends JsonPaper {
  pages: JsonPage[];
}

/** Every slot that another must be like or unlike is another slot of the same page. */
function checkPairs({ slots }: JsonPage, at: string): Result<null, JobError> {
  const ids = new Set(slots.map(({ id }) => id));
  for (const [s, slot] of slots.entries())
    for (const rule of ['like', 'unlike'] as const)
      for (const [i, other] of (slot[rule] ?? []).entries()) {
        if (other === slot.id)
          return refuse('bad-slot', `${at}/slots/${s}/${rule}/${i}`, 'a slot cannot be told by itself');
        if (!ids.has(other))
          return refuse('bad-slot', `${at}/slots/${s}/${rule}/${i}`, `this page has no slot ${other}`);
      }
  return ok(null);
}

function readSlot(slot: JsonSlot, unit: Unit, at: string): Result<ShareSlot, JobError> {
  const size = readLengths(slot, ['w', 'h'], readSide, unit, at);
  if (!size.ok) return size;
  return ok({
    id: slot.id,
    ...size.value,
    count: slot.count ?? 1,
    of: slot.of ?? null,
    turn: slot.turn ?? null,
    unlike: slot.unlike ?? [],
    like: slot.like ?? [],
  });
}

function readPage(page: JsonPage, unit: Unit, at: string): Result<SharePage, JobError> {
  for (const check of [checkIds(page.slots, `${at}/slots`), checkPairs(page, at)]) if (!check.ok) return check;
  const slots = readEach(page.slots, (slot, s) => readSlot(slot, unit, `${at}/slots/${s}`));
  if (!slots.ok) return slots;
  return ok({
    id: page.id,
    worth: page.worth ?? 1,
    atLeast: page.designs?.atLeast ?? 0,
    atMost: page.designs?.atMost ?? Infinity,
    slots: slots.value,
  });
}

/** Reads a share job; every check that its schema cannot make. */
export function readShareJob(json: JsonShareJob): Result<ShareJob, JobError> {
  const copies = [
    ...json.stock.map(({ count }, i) => ({ count, at: `/stock/${i}` })),
    ...json.pages.flatMap(({ slots }, p) => slots.map(({ count }, s) => ({ count, at: `/pages/${p}/slots/${s}` }))),
  ];
  for (const check of [checkIds(json.stock, '/stock'), checkIds(json.pages, '/pages'), checkCopies(copies)])
    if (!check.ok) return check;
  const paper = readPaper(json);
  if (!paper.ok) return paper;
  const pages = readEach(json.pages, (page, p) => readPage(page, json.unit ?? 'in', `/pages/${p}`));
  return pages.ok ? ok({ ...paper.value, pages: pages.value }) : pages;
}

/** Why a page is not made, for people. */
export function lackingWords(why: Lacking): string {
  switch (why.kind) {
    case 'no-design':
      return `No paper here has a design for the slot "${why.slot}".`;
    case 'too-large':
      return `The pieces of the slot "${why.slot}" are larger than any paper of their designs.`;
    case 'no-room':
      return `No room is left for the pieces of the slot "${why.slot}".`;
    case 'rules':
      return 'No choice of the designs here keeps to the rules between its slots.';
  }
}

/** A share-out as the format gives it: lengths as numbers in the job's unit, areas in its square. */
export function writeShareResult({ pages, sheets, stats }: SharePlan, unit: Unit = 'in'): unknown {
  const per = ticksPer(unit);
  const square = per ** 2;
  const { worth, complete, fresh, cuts, pieceArea, nubbinArea, wasteArea, largestNubbin, bound, optimal } = stats;
  return {
    pages: pages.map((page) => (page.complete ? page : { id: page.id, complete: false, why: lackingWords(page.why) })),
    sheets: sheets.map((sheet) => writeSheet(sheet, per)),
    stats: {
      worth,
      complete,
      fresh,
      cuts,
      pieceArea: pieceArea / square,
      nubbinArea: nubbinArea / square,
      wasteArea: wasteArea / square,
      largestNubbin: largestNubbin / square,
      bound,
      optimal,
    },
  };
}
