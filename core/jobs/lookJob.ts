import { hexToLab } from '../ground/colour';
import { centreOfWeight, remarksOn, type Eyed, type Role, type Sheet } from '../page/eye';
import { contains, inflate, type Rect } from '../ground/geometry';
import { ticksPer, type Unit } from '../ground/length';
import { ok, type Result } from '../ground/result';
import { refuse, type JobError } from './jobError';
import { checkIds, readEach, readLengths, readPosition, readSide, type JsonLength } from './readLength';

interface JsonRect {
  x: JsonLength;
  y: JsonLength;
  w: JsonLength;
  h: JsonLength;
}
interface JsonThing extends JsonRect {
  id: string;
  role: Role;
  colour?: string;
  busy?: number;
  raised?: boolean;
  motif?: string;
  faces?: 'left' | 'right';
  subject?: JsonRect;
  words?: string[];
}

/** A look job as JSON, already found to match `docs/formats/look.job.schema.json`. */
export interface JsonLookJob {
  unit?: Unit;
  page: { w: JsonLength; h: JsonLength; spread?: boolean };
  things: JsonThing[];
  avoid?: string[];
}

function readRect(rect: JsonRect, unit: Unit, at: string): Result<Rect, JobError> {
  const corner = readLengths(rect, ['x', 'y'], readPosition, unit, at);
  if (!corner.ok) return corner;
  const size = readLengths(rect, ['w', 'h'], readSide, unit, at);
  return size.ok ? ok({ ...corner.value, ...size.value }) : size;
}

/** Edges that meet may be a tick apart once each is rounded. */
const ROUNDING = 1;

function readThing(thing: JsonThing, unit: Unit, at: string): Result<Eyed, JobError> {
  const { id, role, colour, busy = 0, raised = false, motif = null, faces = null, words = [] } = thing;
  const rect = readRect(thing, unit, at);
  if (!rect.ok) return rect;
  if (thing.subject && role !== 'photo') return refuse('no-photo', `${at}/subject`, 'only a photo has a subject');
  const subject = thing.subject ? readRect(thing.subject, unit, `${at}/subject`) : ok(null);
  if (!subject.ok) return subject;
  if (subject.value && !contains(inflate(rect.value, ROUNDING), subject.value))
    return refuse('off-the-photo', `${at}/subject`, 'the subject does not lie wholly within its photo');
  const lab = colour === undefined ? null : hexToLab(colour);
  return ok({ id, role, ...rect.value, colour: lab, busy, raised, motif, faces, subject: subject.value, words });
}

/** What a second pair of eyes would say of a page; lengths in the job's unit. */
export function look(job: JsonLookJob): Result<unknown, JobError> {
  const unit = job.unit ?? 'in';
  const page = readLengths(job.page, ['w', 'h'], readSide, unit, '/page');
  if (!page.ok) return page;
  const ids = checkIds(job.things, '/things');
  if (!ids.ok) return ids;
  const things = readEach(job.things, (thing, i) => readThing(thing, unit, `/things/${i}`));
  if (!things.ok) return things;
  const { w, h } = page.value;
  const sheet: Sheet = { w: job.page.spread ? 2 * w : w, h, things: things.value };
  const per = ticksPer(unit);
  const centre = centreOfWeight(sheet);
  return ok({
    remarks: remarksOn(sheet, job.avoid ?? []).map((remark) => ({
      ...remark,
      ...(remark.at ? { at: { x: remark.at.x / per, y: remark.at.y / per } } : {}),
    })),
    centre: centre && { x: centre.x / per, y: centre.y / per },
  });
}
