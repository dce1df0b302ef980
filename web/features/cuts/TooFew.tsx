import { Link } from 'react-router';
import type { CutPlan, CutStock } from '../../../core/trimmer/cutting';
import { formatSize } from '../../../core/ground/length';
import { isStrip, plansFor, type JoinedStrip, type WantedPiece } from '../../../core/page/cutlist';
import { setPlanAside } from '../../../core/acts';
import { act } from '../../data/acts';
import { Button } from '../../ui/Button';
import { pageLayout } from '../../../core/page/design';
import type { Page } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Wrong } from '../../ui/Screen';
import { JoinSlip } from './JoinSlip';
import { OtherPapers } from './OtherPapers';
import type { PieceName } from '../../parts/pieceName';
import { nth } from '../../../core/ground/nth';

export interface TooFewProps {
  plan: Pick<CutPlan, 'notCut'>;
  list: readonly WantedPiece[];
  /** Papers that may still be cut. */
  stock: readonly CutStock[];
  page: Page;
  nameOf: PieceName;
  onJoin: (joined: JoinedStrip) => void;
}

/** The pieces of a plan for which there is no paper, why, and what can be done about it. */
export function TooFew({ plan, list, stock, page, nameOf, onJoin }: TooFewProps) {
  const { pages, plans, ledger } = useBench((b) => b);
  const isPlanned = plansFor(plans, page.id, ledger).length > 0;
  const system = useSettings((s) => s.system);
  if (plan.notCut.length === 0) return null;
  const missing = list.flatMap((piece) => {
    const copies = plan.notCut.filter(({ id }) => id === piece.id);
    return copies.length > 0 ? [{ piece, copies }] : [];
  });
  const layoutFor = (wanted: WantedPiece) => {
    const layout = pageLayout(pages.get(wanted.page) ?? page);
    return layout.ok ? layout.value : null;
  };
  return (
    <Wrong role="alert" as="div">
      <strong>The papers are too few for this page.</strong>
      {missing.map(({ piece, copies }) => (
        <div key={piece.id}>
          <p>
            {copies.length} × {formatSize(piece, system)} for the {nameOf(piece, true)}:{' '}
            {nth(copies, copies.length - 1).why}.
          </p>
          <OtherPapers piece={piece} count={copies.length} stock={stock} />
          {isStrip(piece) && (
            <JoinSlip piece={piece} name={nameOf(piece)} stock={stock} layout={layoutFor(piece)} onJoin={onJoin} />
          )}
        </div>
      ))}
      {isPlanned && (
        <p>
          Sheets that are planned and not cut may have room for it.{' '}
          <Button onPress={() => void act(setPlanAside(page.id))}>Plan them again together with it</Button>
        </p>
      )}
      <p>
        Or choose a smaller page in <Link to={`/pages/${page.id}`}>Pages</Link>, or unpack more paper in{' '}
        <Link to="/parcels">Parcels</Link>.
      </p>
    </Wrong>
  );
}
