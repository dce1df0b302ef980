import { useRef } from 'react';
import { useNavigate } from 'react-router';
import { makeCut, makeCuts, setPlanAside, type Deciding } from '../../../core/acts';
import { cutRun } from '../../../core/page/cutlist';
import { act, undoCutOf } from '../../data/acts';
import { useKeys } from '../../ui/useKeys';
import type { CutBenchProps } from './CutBench';
import { nth } from '../../../core/ground/nth';

/** Making the cut that is next, taking the last one back, and planning the rest again. */
export function useCutting({ page, sheets, steps, at, others }: CutBenchProps) {
  const go = useNavigate();
  const cutting = useRef<Promise<unknown> | null>(null);
  const cutButton = useRef<HTMLButtonElement>(null);
  const make = async (how: Deciding): Promise<void> => {
    if (cutting.current) return;
    cutting.current = act(how);
    await cutting.current;
    cutting.current = null;
  };
  const cut = (): Promise<void> => make(makeCut(nth(steps, at)));
  const run = cutRun(steps, at);
  const isRun = run.length > 1;
  const cutAll = (): void => {
    if (isRun) void make(makeCuts(run));
    cutButton.current?.focus();
  };
  /** A slip opened while a cut is written waits for it: it is about what comes next. */
  const open = async (): Promise<void> => {
    await cutting.current;
    cutButton.current?.focus();
  };
  const back = (): void => {
    if (at > 0) void undoCutOf(sheets.map(({ stock }) => stock));
  };
  const planAgain = (): void => {
    // The pages that were cut together stay together.
    void go(`/cuts/${page.id}`, { replace: true, state: { others } });
    void act(setPlanAside(page.id));
  };
  useKeys({ cut: () => void cut(), 'cut-back': back, ...(isRun ? { 'cut-run': cutAll } : {}) });
  return { cutButton, cut, run: isRun ? run : [], cutAll, open, back, planAgain };
}
