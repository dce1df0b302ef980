import { Dialog, Heading, Modal, ModalOverlay } from 'react-aria-components';
import styled from 'styled-components';
import { Button, Key } from '../ui/Button';
import { PLACES } from './places';

const KEYS: readonly (readonly [string, string])[] = [
  ['Ctrl Z', 'undo the last thing'], ['Ctrl Y', 'do it again'], ['Space', 'Parcels: all here · Cuts: cut'], ['0 … 9', 'Parcels: so many are here'],
  ['↑ ↓', 'Parcels: line by line'], ['Backspace', 'Cuts: take the last cut back'], ['/', 'Stash: search'], ['B', 'Stash: take to the bench'], ['N', 'Pages: a new page'], ['?', 'this sheet'],
];

/** All keys on one sheet. */
export function KeysSheet({ isOpen, onClose }: { isOpen: boolean; onClose: () => void }) {
  return (
    <Veil isOpen={isOpen} onOpenChange={(open) => { if (!open) onClose(); }} isDismissable>
      <Sheet>
        <Dialog>
          <Heading slot="title">Keys</Heading>
          <dl>
            {PLACES.filter((place) => place !== null).map(({ key, name }) => <div key={key}><dt><Key>{key}</Key></dt><dd>{name}</dd></div>)}
            {KEYS.map(([key, what]) => <div key={key}><dt><Key>{key}</Key></dt><dd>{what}</dd></div>)}
          </dl>
          <Button slot="close">Close</Button>
        </Dialog>
      </Sheet>
    </Veil>
  );
}

const Veil = styled(ModalOverlay)`position: fixed; inset: 0; background: rgba(30, 20, 30, 0.45); display: grid; place-items: center; z-index: 30;`;
const Sheet = styled(Modal)`
  background: ${({ theme }) => theme.paper}; color: ${({ theme }) => theme.ink}; padding: 22px 28px; border-radius: 6px; width: min(640px, 92vw); max-height: 90vh; overflow: auto;
  section { outline: none; display: flex; flex-direction: column; gap: 14px; align-items: flex-start; }
  dl { display: grid; grid-template-columns: 1fr 1fr; gap: 8px 28px; margin: 0; }
  dl div { display: flex; gap: 12px; align-items: baseline; } dt { min-width: 76px; } dd { margin: 0; }
`;
