import fc from 'fast-check';
import { expect, test } from 'vitest';
import { ANY_TRIMMER, planCuts } from '../../trimmer/cutting';
import { balanceOf, emptyLedger, fold, type Ledger, type LedgerEvent } from '../../stock/ledger';
import { inches } from '../../ground/length';
import { cutEvent } from '../../acts';
import { entry } from '../../acts/test/entry';
import { cutJobFor, cutSteps, idOfPiece, isMade, purposed, type WantedPiece } from '.';

const half = fc.integer({ min: 2, max: 12 }).map((n) => inches(n / 2));
const wanted = fc
  .array(fc.record({ w: half, h: half, count: fc.integer({ min: 1, max: 2 }) }), { minLength: 1, maxLength: 4 })
  .map((list) =>
    list.map((p, i): WantedPiece => ({ ...p, id: `slot${i}:p`, page: 'p', slot: `slot${i}`, face: null })),
  );

test('carrying out every step gives the planned pieces, nubbins and waste, and areas balance', () =>
  fc.assert(
    fc.property(wanted, (list) => {
      const sheets: LedgerEvent[] = [
        {
          id: 'e0',
          day: '2026-11-03',
          type: 'received',
          lot: 'moths',
          pieces: [
            { id: 'm1', w: inches(12), h: inches(12) },
            {
              id: 'm2',
              w: inches(8),
              h: inches(9),
              missing: [{ x: inches(1), y: inches(1), w: inches(2), h: inches(2) }],
            },
          ],
        },
      ];
      let ledger: Ledger = fold(sheets, emptyLedger).value!;
      const stock = ['m1', 'm2'].map((id) => {
        const { w, h, missing } = ledger.pieces.get(id)!;
        return { id, w, h, missing, count: 1, front: null, back: null, upright: false, fresh: false, since: null };
      });
      const plan = purposed(planCuts(cutJobFor(list, stock, ANY_TRIMMER), 5_000), list);
      ledger = fold(
        plan.sheets.map((sheet, i): LedgerEvent => ({
          id: `c${i}`,
          day: '2026-11-04',
          type: 'claimed',
          piece: sheet.stock,
          page: 'plan',
          // A sheet used as it is goes to its page at once.
          ...(sheet.cuts.length === 0 ? { page: 'p', slot: sheet.pieces[0]!.slot } : {}),
        })),
        ledger,
      ).value!;
      const steps = cutSteps(plan.sheets, ledger);
      steps.forEach((step, i) => {
        expect(isMade(step, ledger)).toBe(false);
        const after = fold([entry(cutEvent(step, ledger), `k${i}`)], ledger);
        expect(after.error).toBeNull();
        ledger = after.value!;
        expect(isMade(step, ledger)).toBe(true);
      });
      const { area } = balanceOf(ledger, 'moths');
      expect(area.received).toBe(area.onBench + area.left + area.wasted);
      expect(area.onBench).toBe(plan.stats.pieceArea);
      expect(area.wasted).toBe(plan.stats.wasteArea);
      for (const sheet of plan.sheets)
        for (const piece of sheet.pieces)
          expect(ledger.pieces.get(idOfPiece(sheet, piece))).toMatchObject({
            where: 'claimed',
            page: 'p',
            slot: piece.slot,
          });
    }),
    { numRuns: 60 },
  ));
