import { expect, test } from 'vitest';
import { beginPage, chooseTechniques } from '..';
import { smallPage, unpackedWorld } from '../test/world';

const chosenOn = (world: ReturnType<typeof unpackedWorld>): readonly string[] =>
  world.bench.pages.get('p')?.work?.techniques ?? [];

test('two kinds of background work ticked in a moment, both on the page as it was drawn before, are both chosen', () => {
  const world = unpackedWorld();
  world.do(beginPage('p', smallPage()));
  world.do(chooseTechniques('p', [], ['paint']));
  world.do(chooseTechniques('p', [], ['stencil']));
  expect([...chosenOn(world)].sort()).toEqual(['paint', 'stencil']);
  world.do(chooseTechniques('p', ['paint', 'stencil'], ['stencil']));
  expect(chosenOn(world)).toEqual(['stencil']);
});
