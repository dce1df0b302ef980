import {
  BookImage,
  BookOpen,
  CalendarDays,
  Image as Picture,
  LayoutTemplate,
  Package,
  PenLine,
  Ruler,
  Star,
} from 'lucide-react';
import type { ReactNode } from 'react';
import { findPlaces, hasAll, plainWords, wordsAsked, type Place } from '../../core/kit/finding';
import type { Bench } from '../../core/stock/bench';
import { pageTitle } from '../data/didWords';
import { kitWords } from '../ui/dayWords';
import { kindWords } from '../ui/lotWords';
import { Paper } from '../ui/Paper';
import { ThingDrawing } from '../ui/ThingDrawing';
import { PLACES } from './places';

/** Something found: how it is drawn, told and reached. */
export interface Hit {
  readonly key: string;
  readonly name: string;
  readonly about: string;
  readonly to: string;
  readonly drawn: ReactNode;
}

const MOST = 9;
const SWATCH = { w: 8128 * 3, h: 8128 * 2 };

/** A lot's piece that can be opened: one that lies here, else one that is out. */
const pieceOf = ({ ledger }: Bench, lot: string): string | undefined => {
  const own = [...ledger.pieces.values()].filter((piece) => piece.lot === lot);
  return (own.find(({ where }) => where === 'here') ?? own.find(({ where }) => where === 'claimed'))?.id;
};

const lotAbout = ({ lots, kits }: Bench, id: string): string => {
  const lot = lots.get(id);
  const kit = lot && kits.get(lot.kit);
  return lot ? `${kindWords(lot.kind)}${kit ? ` · ${kitWords(kit)}` : ''}` : '';
};

function thingDrawn({ lots, faces, ledger }: Bench, id: string): ReactNode {
  const lot = lots.get(id);
  const colours = faces.get(lot?.front ?? '')?.colours.map(({ hex }) => hex) ?? [];
  return lot && <ThingDrawing lot={lot} colours={colours} amounts={ledger.lots.get(id)?.here ?? {}} scale={3} />;
}

function hitOf({ kind, id, name, shows }: Place, bench: Bench): Hit {
  const key = `${kind} ${id}`;
  switch (kind) {
    case 'page':
      return { key, name: pageTitle(name), about: 'page', to: `/pages/${id}`, drawn: <BookOpen size={20} /> };
    case 'kit':
      return { key, name, about: 'kit', to: `/parcels/${id}`, drawn: <Package size={20} /> };
    case 'list':
      return {
        key,
        name: name || 'New parcel',
        about: 'parcel being unpacked',
        to: `/parcels/${id}`,
        drawn: <PenLine size={20} />,
      };
    case 'story':
      return { key, name, about: 'story', to: `/photos?story=${id}`, drawn: <CalendarDays size={20} /> };
    case 'photo': {
      const story = bench.stories.get(bench.photos.get(id)?.story ?? '')?.name ?? '';
      return { key, name, about: `photo · ${story}`, to: `/photos?photo=${id}`, drawn: <Picture size={20} /> };
    }
    case 'paper':
      return {
        key,
        name,
        about: lotAbout(bench, id),
        to: `/stash/${pieceOf(bench, id) ?? id}`,
        drawn: <Paper size={SWATCH} face={shows} scale={14} />,
      };
    case 'thing':
      return { key, name, about: lotAbout(bench, id), to: `/stash/${id}`, drawn: thingDrawn(bench, id) };
    case 'album':
      return { key, name, about: 'album', to: `/album/${id}`, drawn: <BookImage size={20} /> };
    case 'wish':
      return { key, name, about: 'wish', to: '/parcels', drawn: <Star size={20} /> };
    case 'design':
      return { key, name, about: 'design of yours', to: '/pages', drawn: <LayoutTemplate size={20} /> };
  }
}

const screensCalled = (text: string): Hit[] => {
  const asked = wordsAsked(text);
  return [...PLACES, { key: '', name: 'Settings', path: '/settings' }].flatMap((place): Hit[] =>
    place !== null && asked.length > 0 && hasAll(plainWords(place.name), asked)
      ? [{ key: place.path, name: place.name, about: 'screen', to: place.path, drawn: <Ruler size={20} /> }]
      : [],
  );
};

/** What answers to some words, the likeliest first; screens before all else. */
export const hitsFor = (text: string, places: readonly Place[], bench: Bench): Hit[] =>
  [...screensCalled(text), ...findPlaces(places, text, MOST).map((place) => hitOf(place, bench))].slice(0, MOST);
