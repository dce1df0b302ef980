import type { ReactNode } from 'react';
import { Dialog, Heading, Modal, ModalOverlay } from 'react-aria-components';
import styled from 'styled-components';
import { EscapeFromNowhere } from './EscapeFromNowhere';

export interface SlipOverProps {
  title: string;
  children: (close: () => void) => ReactNode;
  /** Where it is opened by something else than a DialogTrigger round it. */
  isOpen?: boolean;
  onClose?: () => void;
  /** For what is compared side by side. @default false */
  isWide?: boolean;
}

/** A slip laid over the screen until it is dealt with or put aside. */
export function SlipOver({ title, children, isOpen, onClose, isWide = false }: SlipOverProps) {
  return (
    <Veil
      {...(isOpen === undefined ? {} : { isOpen })}
      onOpenChange={(open) => {
        if (!open) onClose?.();
      }}
      isDismissable
    >
      <Sheet $isWide={isWide}>
        <Dialog>
          {({ close }) => (
            <>
              <EscapeFromNowhere close={close} />
              <Heading slot="title">{title}</Heading>
              {children(close)}
            </>
          )}
        </Dialog>
      </Sheet>
    </Veil>
  );
}

const Veil = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  background: rgba(30, 20, 30, 0.45);
  display: grid;
  place-items: center;
  z-index: 30;
`;
const Sheet = styled(Modal)<{ $isWide: boolean }>`
  background: ${({ theme }) => theme.paper};
  color: ${({ theme }) => theme.ink};
  padding: 22px 28px;
  border-radius: 6px;
  width: min(${({ $isWide }) => ($isWide ? 1120 : 640)}px, 92vw);
  max-height: 90vh;
  overflow: auto;
  section {
    outline: none;
    display: flex;
    flex-direction: column;
    gap: 14px;
    align-items: flex-start;
  }
`;
