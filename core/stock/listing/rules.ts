import type { Rule } from '../things';
import type { ReadLine } from './thing';

const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/** Whether a text has some words as whole words, either case, with any space between them. */
function hasWords(text: string, words: string): boolean {
  const asked = words.trim().split(/\s+/).map(escaped).join('\\s+');
  return asked !== '' && new RegExp(`(?<![\\p{L}\\p{N}])${asked}(?![\\p{L}\\p{N}])`, 'iu').test(text);
}

/**
 * A line as her rules have it: passed over, or its things of the kind she says. The rule with most words goes before
 * others.
 */
export function underRules(line: ReadLine, rules: readonly Rule[]): ReadLine {
  if (line.read === 'nothing' || line.read === 'heading') return line;
  const [rule] = rules
    .filter(({ words }) => hasWords(line.text, words))
    .sort((a, b) => b.words.trim().length - a.words.trim().length);
  if (!rule) return line;
  const { kind } = rule;
  if (kind === null) return { ...line, read: 'words', things: [] };
  const things = line.things.map((thing) => ({
    ...thing,
    kind,
    designs: null,
    doubts: thing.doubts.filter(({ about }) => about !== 'kind'),
  }));
  return { ...line, things };
}
