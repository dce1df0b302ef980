/** Words in lines of at most so many letters; a word longer than that has a line of its own. New lines stay new. */
export function wrap(text: string, most: number): readonly string[] {
  return text
    .split('\n')
    .filter((line) => line.trim() !== '')
    .flatMap((line) => {
      const lines: string[] = [];
      for (const word of line.trim().split(/\s+/)) {
        const last = lines.at(-1);
        if (last !== undefined && last.length + 1 + word.length <= most) lines[lines.length - 1] = `${last} ${word}`;
        else lines.push(word);
      }
      return lines;
    });
}
