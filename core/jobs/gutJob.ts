import { coverLayers, type CoverLayer } from '../trimmer/covering';
import { ticksPer, type Unit } from '../ground/length';
import { ok, type Result } from '../ground/result';
import type { JobError } from './jobError';
import { checkIds, readEach, readLengths, readPosition, readSide, type JsonLength } from './readLength';

type JsonLayer = { id: string } & (
  | { shape: 'rect'; x: JsonLength; y: JsonLength; w: JsonLength; h: JsonLength; turn?: number }
  | { shape: 'circle'; cx: JsonLength; cy: JsonLength; d: JsonLength }
);

/** A gut job as JSON, already found to match `docs/formats/gut.job.schema.json`. */
export interface JsonGutJob {
  unit?: Unit;
  page: { w: JsonLength; h: JsonLength };
  hold?: JsonLength;
  seconds?: number;
  layers: JsonLayer[];
}

function readLayer(layer: JsonLayer, unit: Unit, at: string): Result<CoverLayer, JobError> {
  if (layer.shape === 'circle') {
    const middle = readLengths(layer, ['cx', 'cy'], readPosition, unit, at);
    if (!middle.ok) return middle;
    const size = readLengths(layer, ['d'], readSide, unit, at);
    return size.ok ? ok({ id: layer.id, shape: 'circle', ...middle.value, ...size.value }) : size;
  }
  const corner = readLengths(layer, ['x', 'y'], readPosition, unit, at);
  if (!corner.ok) return corner;
  const size = readLengths(layer, ['w', 'h'], readSide, unit, at);
  return size.ok ? ok({ id: layer.id, shape: 'rect', ...corner.value, ...size.value, turn: layer.turn ?? 0 }) : size;
}

/** What each layer of a page hides of those below, and what can be taken back; lengths in the job's unit. @param isOver whether time is up */
export function gut(job: JsonGutJob, isOver: () => boolean = () => false): Result<unknown, JobError> {
  const unit = job.unit ?? 'in';
  const ids = checkIds(job.layers, '/layers');
  if (!ids.ok) return ids;
  const page = readLengths(job.page, ['w', 'h'], readSide, unit, '/page');
  if (!page.ok) return page;
  const hold = readPosition(job.hold ?? 0, unit, '/hold');
  if (!hold.ok) return hold;
  const layers = readEach(job.layers, (layer, i) => readLayer(layer, unit, `/layers/${i}`));
  if (!layers.ok) return layers;
  const per = ticksPer(unit);
  return ok({
    layers: coverLayers(page.value, layers.value, hold.value, isOver).map(({ id, area, visible, hidden, window }) => ({
      id,
      area: area / per ** 2,
      visible: visible / per ** 2,
      hidden: hidden / per ** 2,
      window: window && { x: window.x / per, y: window.y / per, w: window.w / per, h: window.h / per },
    })),
  });
}
