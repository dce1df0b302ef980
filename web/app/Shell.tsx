import { lazy, Suspense, useState, type ReactNode } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { useStore } from 'zustand';
import { redo, undo } from '../data/acts';
import { benchStore } from '../data/benchStore';
import { didWords } from '../data/didWords';
import type { KeyId } from '../ui/keyTable';
import { inSmallWindow } from '../ui/theme';
import { useKeys } from '../ui/useKeys';
import { AllFaces } from './AllFaces';
import { BenchTray } from './BenchTray';
import { Notice } from './Notice';
import { PLACES } from './places';
import { RulerRail } from './RulerRail';
import { UpdateBar } from './UpdateBar';

const KeysSheet = lazy(async () => ({ default: (await import('./KeysSheet')).KeysSheet }));
const FindSlip = lazy(async () => ({ default: (await import('./FindSlip')).FindSlip }));
const Recovery = lazy(async () => ({ default: (await import('./Recovery')).Recovery }));

/** Keys that work on every screen: its places, undo, help and finding. */
function useKeysEverywhere(onHelp: () => void, onFind: () => void): void {
  const go = useNavigate();
  const toPlaces = PLACES.flatMap((place) =>
    place === null ? [] : [[`go-${place.key}` as const satisfies KeyId, () => void go(place.path)]],
  );
  useKeys({
    ...Object.fromEntries(toPlaces),
    undo: () => void undo(),
    redo: () => void redo(),
    help: onHelp,
    find: onFind,
  });
}

/** What is round every screen: the rail, the tray, the notice, and keys that work everywhere. */
export function Shell({ children }: { children: ReactNode }) {
  const [isHelpOpen, setHelpOpen] = useState(false);
  const [isFinding, setFinding] = useState(false);
  const canUndo = useStore(benchStore, (s) => (s.undo ? didWords(s.undo) : null));
  const canRedo = useStore(benchStore, (s) => (s.redo ? didWords(s.redo) : null));
  const trouble = useStore(benchStore, (s) => s.trouble);
  useKeysEverywhere(
    () => setHelpOpen(true),
    () => setFinding(true),
  );
  return (
    <Room>
      <AllFaces />
      <RulerRail
        canUndo={canUndo}
        canRedo={canRedo}
        onUndo={() => void undo()}
        onRedo={() => void redo()}
        onHelp={() => setHelpOpen(true)}
        onFind={() => setFinding(true)}
      />
      <Work>
        <UpdateBar />
        <main>
          {trouble ? (
            <Suspense fallback={null}>
              <Recovery trouble={trouble} />
            </Suspense>
          ) : (
            children
          )}
        </main>
        <Notice />
        <BenchTray />
      </Work>
      {isFinding && (
        <Suspense fallback={null}>
          <FindSlip onClose={() => setFinding(false)} />
        </Suspense>
      )}
      {isHelpOpen && (
        <Suspense fallback={null}>
          <KeysSheet onClose={() => setHelpOpen(false)} />
        </Suspense>
      )}
    </Room>
  );
}

const Room = styled.div`
  display: flex;
  height: 100%;
`;
const Work = styled.div`
  flex: 1;
  min-width: 0;
  display: flex;
  flex-direction: column;
  main {
    flex: 1;
    min-height: 0;
    position: relative;
    ${inSmallWindow} {
      overflow: auto;
    }
  }
`;
