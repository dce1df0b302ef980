import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { inches } from '../../../core/length';
import { looksOf } from '../../../core/placing';
import { isForPages, isKept, isPaper } from '../../../core/things';
import { useBench } from '../../data/benchStore';
import { useImageUrls } from '../../data/images';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Paper } from '../../ui/Paper';
import { PaperChoice } from '../../ui/PaperChoice';
import { Row, Soft, Stack } from '../../ui/Screen';
import { TextField } from '../../ui/TextField';
import type { Round } from './useRound';

/** The heart of the page as it is, and others to begin with instead. */
export function BeginWith({ round }: { round: Round }) {
  return (
    <Stack $gap={14}>
      <HeartShown round={round} />
      <h2>{round.from ? 'Or begin with' : 'Begin with'}</h2>
      <Papers round={round} />
      <Things round={round} />
      <Told label="Words, printed or of your own" name="words" round={round} />
      <Told label="Colours, such as amber, ink blue" name="colours" round={round} />
      <Soft>
        Or from the slip of anything in the <Link to="/stash">stash</Link>, and of any <Link to="/photos">photo</Link>.
      </Soft>
    </Stack>
  );
}

/** What it is: drawn, with its colours. */
function HeartShown({ round: { heart } }: { round: Round }) {
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

function Papers({ round }: { round: Round }) {
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
  return (
    <PaperChoice
      label="A paper"
      options={options}
      value={round.heart?.face ?? null}
      onChange={(face) => round.begin({ face })}
    />
  );
}

const NONE = '';

function Things({ round }: { round: Round }) {
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
        if (at > 0) round.begin({ lot: key.slice(0, at), part: key.slice(at + 1) });
      }}
    />
  );
}

function Told({ label, name, round }: { label: string; name: 'words' | 'colours'; round: Round }) {
  const [typed, setTyped] = useState('');
  const begin = (): void => {
    if (typed.trim() !== '') round.begin({ [name]: typed.trim() });
  };
  return (
    <Row style={{ alignItems: 'flex-end', flexWrap: 'nowrap' }}>
      <TextField
        label={label}
        value={typed}
        onChange={setTyped}
        onKeyDown={(event) => {
          event.continuePropagation();
          if (event.key === 'Enter') begin();
        }}
      />
      <Button aria-label={`Round these ${name}`} onPress={begin}>
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
