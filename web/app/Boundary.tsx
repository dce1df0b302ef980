import { Component, type ReactNode } from 'react';
import { ScreenBroken } from './ScreenBroken';

interface BoundaryProps {
  /** When this changes, what is inside is tried again: the address, say. */
  place: string;
  children: ReactNode;
}

/** Catches what a screen stumbles over, so that the rest of the window stays. React wants a class for it. */
export class Boundary extends Component<BoundaryProps, { error: Error | null; place: string }> {
  override state = { error: null as Error | null, place: this.props.place };

  static getDerivedStateFromError(error: unknown): { error: Error } {
    return { error: error instanceof Error ? error : new Error(String(error)) };
  }

  static getDerivedStateFromProps(
    { place }: BoundaryProps,
    state: { error: Error | null; place: string },
  ): { error: null; place: string } | null {
    return place === state.place ? null : { error: null, place };
  }

  override render(): ReactNode {
    const { error } = this.state;
    return error ? <ScreenBroken error={error} onAgain={() => this.setState({ error: null })} /> : this.props.children;
  }
}
