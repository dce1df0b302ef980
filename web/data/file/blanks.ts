import { inches } from '../../../core/ground/length';

/** Tables of which a blank record can stand in for one that is lost. */
export type BlankTable = 'kits' | 'stories' | 'pages';

const LOST = 'name lost';

/** What must stand in a record and can be made good: all but what says what it is. */
const BLANKS: Readonly<Record<string, Readonly<Record<string, unknown>>>> = {
  kits: { club: '', name: LOST, month: '', theme: [], list: '' },
  stories: { name: LOST, date: '', place: '' },
  faces: { name: LOST, pattern: 'plain', colours: [] },
  lots: { name: LOST, size: null, front: null, back: null, upright: false, note: '', line: 1 },
  photos: { name: LOST, colours: [] },
  pages: {
    format: { w: inches(12), h: inches(12), spread: false },
    design: 'grid',
    mat: 0,
    photos: [],
    papers: {},
    title: '',
    date: '',
    place: '',
    journaling: '',
    started: '2000-01-01',
    glued: null,
    finished: null,
  },
};

/** The fields of a blank record of a table; none where one cannot be made good. */
export const blankOf = (table: string): Readonly<Record<string, unknown>> =>
  Object.hasOwn(BLANKS, table) ? (BLANKS[table] ?? {}) : {};
