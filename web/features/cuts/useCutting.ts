import { useRef } from 'react';
import { useNavigate } from 'react-router';
import { makeCut, setPlanAside } from '../../../core/making';
import { act, undoCutOf } from '../../data/acts';
import { useKeys } from '../../ui/useKeys';
import type { CutBenchProps } from './CutBench';
import { nth } from '../../../core/nth';

/** Making the cut that is next, taking the last one back, and planning the rest again. */
export function useCutting({ page, sheets, steps, at, others }: CutBenchProps) {
  const go = useNavigate();
  const cutting = useRef<Promise<unknown> | null>(null);
  const cutButton = useRef<HTMLButtonElement>(null);
  const cut = async (): Promise<void> => {
    if (cutting.current) return;
    cutting.current = act(makeCut(nth(steps, at)));
    await cutting.current;
    cutting.current = null;
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
  useKeys({ cut: () => void cut(), 'cut-back': back });
  return { cutButton, cut, open, back, planAgain };
}
