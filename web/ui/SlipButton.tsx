import { Suspense, useState, type ReactNode } from 'react';
import { Button } from './Button';

export interface SlipButtonProps {
  label: string;
  /** The slip while it is open; its code may come only now. */
  children: (close: () => void) => ReactNode;
}

/** A button that opens a slip. */
export function SlipButton({ label, children }: SlipButtonProps) {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <Button onPress={() => setOpen(true)}>{label}</Button>
      {isOpen && <Suspense fallback={null}>{children(() => setOpen(false))}</Suspense>}
    </>
  );
}
