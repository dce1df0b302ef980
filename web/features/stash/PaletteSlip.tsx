import { useMemo, useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { coverPalette, readPalette, type PaletteMatch } from '../../../core/ground/colour';
import type { Findable } from '../../../core/kit/finding';
import { useBench } from '../../data/benchStore';
import { readPicture } from '../../workers/picturesClient';
import { MakeRound } from '../../parts/MakeRound';
import { Button } from '../../ui/Button';
import { Soft, Wrong } from '../../ui/Screen';
import { SlipOver } from '../../ui/SlipOver';
import { TextField } from '../../ui/TextField';

export interface PaletteSlipProps {
  /** What is on hand. */ things: readonly Findable[];
  /** A colour that she wants to see the things of. */ onPick: (hex: string) => void;
}

/** A colour that is owned is at most this far off (CIEDE2000). */
const WITHIN = 10;

/** What share of a challenge's or a friend's palette she owns, with which things, and what is missing. */
export function PaletteSlip({ onClose, ...props }: PaletteSlipProps & { onClose: () => void }) {
  return (
    <SlipOver title="What of a palette do I own?" isOpen onClose={onClose}>
      {(close) => (
        <Palette
          {...props}
          onPick={(hex) => {
            props.onPick(hex);
            close();
          }}
        />
      )}
    </SlipOver>
  );
}

/** A palette as it is typed or read from a file, and what of it is on hand. */
function usePalette(things: PaletteSlipProps['things']) {
  const faces = useBench((b) => b.faces);
  const [text, setText] = useState('');
  const [fileWrong, setFileWrong] = useState<string | null>(null);
  const read = useMemo(() => (text.trim() === '' ? null : readPalette(text)), [text]);
  const items = useMemo(() => {
    const lots = new Map(things.map(({ lot }) => [lot.id, lot]));
    return [...lots.values()]
      .map((lot) => ({
        id: lot.name,
        colors: [lot.front, lot.back].flatMap((id) => faces.get(id ?? '')?.colours ?? []),
      }))
      .filter(({ colors }) => colors.length > 0);
  }, [things, faces]);
  const cover = useMemo(() => (read?.ok ? coverPalette(read.value, items, WITHIN) : null), [read, items]);
  const open = async (list: FileList | null): Promise<void> => {
    const file = list?.[0];
    if (!file) return;
    setFileWrong(null);
    if (!file.type.startsWith('image/')) {
      setText(await file.text());
      return;
    }
    const picture = await readPicture(file);
    if (picture) setText(picture.colours.map(({ hex }) => hex).join(' '));
    else setFileWrong(`${file.name} cannot be read as a picture.`);
  };
  return { text, setText, fileWrong, read, cover, open };
}

/** A colour of the palette, and what comes nearest. */
function MatchLine({ match, onPick }: { match: PaletteMatch; onPick: (hex: string) => void }) {
  return (
    <li>
      <i style={{ background: match.target }} />
      <i style={{ background: match.hex ?? 'none' }} />
      <span>
        {match.target}{' '}
        {match.item === null ? (
          <Soft>nothing has a colour</Soft>
        ) : match.within ? (
          <>
            is in <strong>{match.item}</strong>
          </>
        ) : (
          <>
            <strong>is missing</strong> <Soft>nearest: {match.item}</Soft>
          </>
        )}
      </span>
      <Button look="quiet" onPress={() => onPick(match.target)}>
        show what is near
      </Button>
    </li>
  );
}

function Palette({ things, onPick }: PaletteSlipProps) {
  const { text, setText, fileWrong, read, cover, open } = usePalette(things);
  return (
    <>
      <Wide>
        <TextField
          label="Its colours, or a GIMP palette"
          value={text}
          onChange={setText}
          rows={3}
          placeholder="#e86a4a #f7c6c7 …"
          error={
            read && !read.ok
              ? read.error.kind === 'no-colours'
                ? 'There is no colour in it.'
                : `Line ${read.error.line}: ${read.error.text} is no colour.`
              : null
          }
        />
      </Wide>
      <FileTrigger acceptedFileTypes={['.gpl', '.txt', 'image/*']} onSelect={(list) => void open(list)}>
        <Button>Open a file or a picture</Button>
      </FileTrigger>
      {read?.ok && (
        <MakeRound of={`colours=${encodeURIComponent(read.value.join(' '))}`} label="What can I make of these?" />
      )}
      {fileWrong !== null && <Wrong role="alert">{fileWrong}</Wrong>}
      {cover && (
        <>
          <p role="status">
            <strong>{Math.round(cover.covered * 100)} %</strong> of it is on hand.
          </p>
          <Matches aria-label="Colour by colour">
            {cover.matches.map((match) => (
              <MatchLine key={match.target} match={match} onPick={onPick} />
            ))}
          </Matches>
        </>
      )}
      <Button slot="close">Close</Button>
    </>
  );
}

const Wide = styled.div`
  width: 100%;
`;
const Matches = styled.ul`
  width: 100%;
  li {
    display: grid;
    grid-template-columns: 34px 34px 1fr auto;
    gap: 10px;
    align-items: center;
    padding: 4px 0;
    border-bottom: 1px solid ${({ theme }) => theme.line};
  }
  i {
    width: 34px;
    height: 26px;
    border: 1px solid ${({ theme }) => theme.line};
  }
`;
