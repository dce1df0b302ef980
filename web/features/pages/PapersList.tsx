import { useMemo } from 'react';
import styled from 'styled-components';
import { formatSize, inches } from '../../../core/length';
import { rankFaces } from '../../../core/page';
import type { Page } from '../../../core/things';
import { useBench } from '../../data/benchStore';
import { changePage } from '../../data/pageActs';
import { useSettings } from '../../data/settings';
import { Choice } from '../../ui/Choice';
import { Paper } from '../../ui/Paper';
import { Soft, Stack } from '../../ui/Screen';
import type { PageWork } from './usePageWork';

/** How near a face is to the photos, in words. CIEDE2000, mean over its colours. */
const nearWords = (difference: number): string => (!Number.isFinite(difference) ? '' : difference < 12 ? ', goes well' : difference < 22 ? ', goes' : ', far off');

/** The paper of each slot, those that go with the photos first, and the pieces it is cut into: the cut list. */
export function PapersList({ page, work, isOpen }: { page: Page; work: PageWork; isOpen: boolean }) {
  const faces = useBench((b) => b.faces);
  const system = useSettings((s) => s.system);
  const all = useMemo(() => [...faces.values()], [faces]);
  const { layout, papers, list, stock, colours } = work;
  return (
    <section aria-label="Cut list">
      <h2>Papers, and the cut list</h2>
      <Stack $gap={10} as="ul">
        {layout!.slots.map((slot) => {
          const pieces = list.filter((piece) => piece.slot === slot.id);
          if (pieces.length === 0) return null;
          const ranked = rankFaces(all, colours, slot, pieces[0]!, stock).filter(({ holds, face }) => holds > 0 || face.id === papers[slot.id]).slice(0, 24);
          const face = papers[slot.id];
          return (
            <Slot key={slot.id}>
              <Paper size={{ w: inches(2.6), h: inches(2.6) }} face={face ?? null} scale={16} />
              <div>
                {isOpen
                  ? <Choice label={slot.name} options={ranked.map((r): [string, string] => [r.face.id, `${r.face.name}${nearWords(r.difference)}`])} value={face ?? ''} onChange={(to) => { void changePage(page, (now) => ({ papers: { ...papers, ...now.papers, [slot.id]: to } }), `Chose ${faces.get(to)?.name ?? 'a paper'}`); }} />
                  : <><Soft>{slot.name}</Soft><br />{faces.get(face ?? '')?.name}</>}
                <ul>{pieces.map((piece) => <li key={piece.id} className="measure">{piece.count} × {formatSize(piece, system)}</li>)}</ul>
              </div>
            </Slot>
          );
        })}
      </Stack>
    </section>
  );
}

const Slot = styled.li`display: grid; grid-template-columns: 44px 1fr; gap: 12px; align-items: center; padding-top: 6px;`;
