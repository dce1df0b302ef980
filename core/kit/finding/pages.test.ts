import { describe, expect, test } from 'vitest';
import { beginPage, changePage, keepNote, takeSomeOut } from '../../acts';
import { smallPage, unpackedWorld } from '../../acts/test/world';
import { findPages, lotsOn, type PageQuery } from '.';

const ANY: PageQuery = { text: '', state: null, kit: null, lot: null, order: 'title' };

describe('pages that are asked for', () => {
  const world = unpackedWorld();
  world.do(beginPage('a', smallPage({ title: 'A kiln at dusk', papers: { ground: 'ink' } })));
  world.do(beginPage('b', smallPage({ title: 'The marrow', date: '2026-08-02' })));
  world.do(takeSomeOut('dots', { '': 2 }, 'b'));
  world.do(keepNote('pages', 'b', { words: 'wants more string', isForNext: false }));
  world.do(changePage('a', { journaling: 'Smoke everywhere.' }));
  const found = (some: Partial<PageQuery>): string[] => findPages({ ...ANY, ...some }, world.bench).map(({ id }) => id);

  test('by words of theirs, in any order: title, writing, papers, notes, things, month', () => {
    expect(found({ text: 'dusk kiln' })).toEqual(['a']);
    expect(found({ text: 'smoke' })).toEqual(['a']);
    expect(found({ text: 'ink' })).toEqual(['a']);
    expect(found({ text: 'string' })).toEqual(['b']);
    expect(found({ text: 'dots' })).toEqual(['b']);
    expect(found({ text: '2026-08' })).toEqual(['b']);
    expect(found({ text: 'kiln marrow' })).toEqual([]);
  });

  test('by thing, kit and state', () => {
    expect(found({ lot: 'dots' })).toEqual(['b']);
    expect([...lotsOn('b', world.bench)]).toEqual(['dots']);
    expect(found({ kit: 'k' })).toEqual(['a', 'b']);
    expect(found({ kit: 'another' })).toEqual([]);
    expect(found({ state: 'idea' })).toEqual(['a', 'b']);
    expect(found({ state: 'done' })).toEqual([]);
  });

  test('in order of their days', () => {
    expect(found({ order: 'day' })).toEqual(['b', 'a']);
  });
});
