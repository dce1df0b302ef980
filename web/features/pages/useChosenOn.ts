import { useState } from 'react';

/** What the right side of the page bench shows. */
export type Side = 'papers' | 'things' | 'work';

/** What is chosen on a page: a layer, or something that lies on it. */
export interface ChosenOn {
  readonly layer: string | null;
  readonly thing: string | null;
  readonly shows: Side;
  chooseLayer: (layer: string | null) => void;
  chooseThing: (thing: string | null) => void;
  show: (side: Side) => void;
}

export function useChosenOn(first: Side): ChosenOn {
  const [layer, setLayer] = useState<string | null>(null);
  const [thing, setThing] = useState<string | null>(null);
  const [shows, show] = useState<Side>(first);
  return {
    layer,
    thing,
    shows,
    show,
    chooseLayer: (to) => {
      setLayer(to);
      setThing(null);
    },
    chooseThing: (to) => {
      setThing(to);
      setLayer(null);
      if (to !== null) show('things');
    },
  };
}
