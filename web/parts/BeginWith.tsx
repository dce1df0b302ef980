import { useMemo, useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { Link } from 'react-router';
import styled from 'styled-components';
import { inches } from '../../core/ground/length';
import { looksOf } from '../../core/page/placing';
import { isForPages, isKept, isPaper } from '../../core/stock/things';
import { useBench } from '../data/benchStore';
import { useImageUrls } from '../data/images';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Paper } from '../ui/Paper';
import { PaperChoice } from '../ui/PaperChoice';
import { Row, Soft, Stack, Wrong } from '../ui/Screen';
import { TextField } from '../ui/TextField';
import { readPicture } from '../workers/picturesClient';
import type { HeartInHand } from './useHeart';

/** The heart of what is made as it is, and others to begin with instead. */
export function BeginWith({ from, heart, begin }: HeartInHand) {
  return (
    <Stack $gap={14}>
      <HeartShown heart={heart} />
      <h2>{from ? 'Or begin with' : 'Begin with'}</h2>
      <Papers face={heart?.face ?? null} begin={begin} />
      <Things begin={begin} />
      <Stories begin={begin} />
      <Told label="Words, printed or of your own" name="words" begin={begin} />
      <Told label="Colours, such as amber, ink blue" name="colours" begin={begin} />
      <Mood begin={begin} />
      <Soft>
        Or from the slip of anything in the <Link to="/stash">stash</Link>, and of any <Link to="/photos">photo</Link>.
      </Soft>
    </Stack>
  );
}

/** What it is: drawn, with its colours. */
function HeartShown({ heart }: Pick<HeartInHand, 'heart'>) {
  const photo = useBench((b) => b.photos.get(heart?.photo ?? ''));
  const url = useImageUrls([photo?.image ?? '']).get(photo?.image ?? '');
  if (!heart) return null;
  return (
    <div>
      <h2>{heart.name === '' ? 'These colours' : heart.name}</h2>
      {heart.face !== null && <Paper size={{ w: inches(6), h: inches(3) }} face={heart.face} scale={36} />}
      {url !== undefined && <img src={url} alt="" style={{ maxWidth: 220, maxHeight: 150 }} />}
      <Colours aria-hidden>
        {heart.colours.map(({ hex, share }) => (
          <i key={hex} style={{ background: hex, flexGrow: share }} />
        ))}
      </Colours>
    </div>
  );
}

type Beginning = Pick<HeartInHand, 'begin'>;

function Papers({ face: value, begin }: Beginning & { face: string | null }) {
  const { ledger, lots, faces } = useBench((b) => b);
  const options = useMemo(() => {
    const here = new Set(
      [...ledger.pieces.values()].flatMap(({ where, lot }) => {
        const of = lots.get(lot);
        return where === 'here' && of && isPaper(of) ? [of.front, of.back] : [];
      }),
    );
    return [...faces.values()]
      .filter(({ id }) => here.has(id))
      .map(({ id, name }) => ({ id, name, face: id, about: '' }));
  }, [ledger, lots, faces]);
  return <PaperChoice label="A paper" options={options} value={value} onChange={(face) => begin({ face })} />;
}

const NONE = '';

function Things({ begin }: Beginning) {
  const bench = useBench((b) => b);
  const options = useMemo(
    () =>
      [...bench.lots.values()]
        .filter((lot) => lot.measure === 'count' && !isKept(lot.kind) && isForPages(lot))
        .flatMap((lot) =>
          Object.keys(bench.ledger.lots.get(lot.id)?.here ?? {}).map((part): [string, string] => [
            `${lot.id}/${part}`,
            looksOf({ lot: lot.id, part }, bench)?.name ?? lot.name,
          ]),
        )
        .sort(([, a], [, b]) => a.localeCompare(b)),
    [bench],
  );
  return (
    <Choice
      label="A thing"
      options={[[NONE, 'choose a thing …'], ...options]}
      value={NONE}
      onChange={(key) => {
        const at = key.lastIndexOf('/');
        if (at > 0) begin({ lot: key.slice(0, at), part: key.slice(at + 1) });
      }}
    />
  );
}

function Stories({ begin }: Beginning) {
  const stories = useBench((b) => b.stories);
  if (stories.size === 0) return null;
  const options = [...stories.values()]
    .map(({ id, name }): [string, string] => [id, name])
    .sort(([, a], [, b]) => a.localeCompare(b));
  return (
    <Choice
      label="A story, its photos’ colours"
      options={[[NONE, 'choose a story …'], ...options]}
      value={NONE}
      onChange={(story) => {
        if (story !== NONE) begin({ story });
      }}
    />
  );
}

/** A picture that sets the mood: its main colours. */
function Mood({ begin }: Beginning) {
  const [wrong, setWrong] = useState<string | null>(null);
  const open = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    const picture = await readPicture(file);
    setWrong(picture ? null : `${file.name} cannot be read as a picture.`);
    if (picture) begin({ colours: picture.colours.map(({ hex }) => hex).join(' ') });
  };
  return (
    <>
      <FileTrigger acceptedFileTypes={['image/*']} onSelect={(list) => void open(list?.[0])}>
        <Button>A picture that sets the mood</Button>
      </FileTrigger>
      {wrong !== null && <Wrong role="alert">{wrong}</Wrong>}
    </>
  );
}

function Told({ label, name, begin }: Beginning & { label: string; name: 'words' | 'colours' }) {
  const [typed, setTyped] = useState('');
  const go = (): void => {
    if (typed.trim() !== '') begin({ [name]: typed.trim() });
  };
  return (
    <Row style={{ alignItems: 'flex-end', flexWrap: 'nowrap' }}>
      <TextField
        label={label}
        value={typed}
        onChange={setTyped}
        onKeyDown={(event) => {
          event.continuePropagation();
          if (event.key === 'Enter') go();
        }}
      />
      <Button aria-label={`Round these ${name}`} onPress={go}>
        go
      </Button>
    </Row>
  );
}

const Colours = styled.div`
  display: flex;
  height: 10px;
  width: 216px;
  margin-top: 6px;
  i {
    flex-basis: 4px;
  }
`;
