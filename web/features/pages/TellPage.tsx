import { nanoid } from 'nanoid';
import { useState } from 'react';
import { CheckboxGroup, DialogTrigger, FileTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { tellPage } from '../../../core/acts';
import type { Corners } from '../../../core/seeing/straightening';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import type { Image } from '../../data/stockDb';
import { today } from '../../data/today';
import { readPicture } from '../../workers/picturesClient';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Form } from '../../ui/Form';
import { FORMATS } from '../../ui/pageWords';
import { Row, Soft, Stack, Wrong } from '../../ui/Screen';
import { SlipOver } from '../../ui/SlipOver';
import { StraightenPicture } from '../../ui/StraightenPicture';
import { TextField } from '../../ui/TextField';
import { Tick } from '../../ui/Tick';
import { useGoAfter } from '../../ui/useGoAfter';
import { KitWentOn } from './KitWentOn';
import { wentOn, type Going } from './wentOn';

/** What is told of a page so far. */
interface Said {
  readonly title: string;
  readonly date: string;
  readonly size: string;
  /** Kits that went in, and what of them. */
  readonly kits: readonly string[];
  readonly going: Going;
}

const nothingSaid = (): Said => ({ title: '', date: today(), size: FORMATS[0]?.[0] ?? '', kits: [], going: {} });

/** Tells of a page that was made without a plan; put aside in the middle, it can be gone on with. */
export function TellButton() {
  const taken = useTakenPicture();
  const [said, setSaid] = useState(nothingSaid);
  return (
    <DialogTrigger>
      <Button>A page already made</Button>
      <SlipOver title="A page already made" isWide>
        {(close) => (
          <Telling
            taken={taken}
            said={said}
            onSaid={(some) => setSaid((now) => ({ ...now, ...some }))}
            onDone={() => {
              setSaid(nothingSaid);
              taken.forget();
              close();
            }}
          />
        )}
      </SlipOver>
    </DialogTrigger>
  );
}

const CANNOT = 'That cannot be read as a picture. JPEG, PNG and WebP can.';

/** A page's picture as it is taken: the file, then straightened. */
function useTakenPicture() {
  const [file, setFile] = useState<File | null>(null);
  const [picture, setPicture] = useState<Image | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const straighten = async (corners: Corners): Promise<void> => {
    const read = file ? await readPicture(file, corners).catch(() => null) : null;
    setTrouble(read ? null : CANNOT);
    if (read) setPicture({ id: nanoid(8), type: read.type, bytes: read.bytes });
    setFile(null);
  };
  const take = (list: FileList | null): void => {
    setTrouble(null);
    setFile(list?.[0] ?? null);
  };
  return { file, picture, trouble, straighten, take, drop: () => setFile(null), forget: () => setPicture(null) };
}

interface TellingProps {
  taken: ReturnType<typeof useTakenPicture>;
  said: Said;
  onSaid: (some: Partial<Said>) => void;
  onDone: () => void;
}

function Telling({ taken, said, onSaid, onDone }: TellingProps) {
  const goAfter = useGoAfter();
  const tell = async (): Promise<void> => {
    const format = FORMATS.find(([id]) => id === said.size)?.[2];
    if (!format) return;
    const id = nanoid(8);
    const { picture } = taken;
    const told = { format, title: said.title.trim(), date: said.date, place: '' };
    const done = act(
      tellPage(id, { ...told, ...(picture ? { picture: { image: picture.id } } : {}) }, wentOn(said.going)),
      { pictures: picture ? [picture] : [] },
    );
    await goAfter(
      done.then((isDone) => {
        if (isDone) onDone();
        return isDone ? `/pages/${id}` : null;
      }),
    );
  };
  if (taken.file)
    return (
      <StraightenPicture file={taken.file} onDone={(corners) => void taken.straighten(corners)} onDrop={taken.drop} />
    );
  return (
    <Form onSend={tell} isSentByEnter={false}>
      <Row style={{ alignItems: 'flex-end' }}>
        <TextField label="Title" value={said.title} onChange={(title) => onSaid({ title })} />
        <TextField label="Date" value={said.date} onChange={(date) => onSaid({ date })} />
        <Choice
          label="Page"
          options={FORMATS.map(([id, name]) => [id, name] as const)}
          value={said.size}
          onChange={(size) => onSaid({ size })}
        />
        <FileTrigger acceptedFileTypes={['image/*']} onSelect={taken.take}>
          <Button>{taken.picture ? 'Another picture' : 'A picture of it'}</Button>
        </FileTrigger>
        <FileTrigger acceptedFileTypes={['image/*']} defaultCamera="environment" onSelect={taken.take}>
          <Button>Camera</Button>
        </FileTrigger>
        {taken.picture && <Soft role="status">its picture is there</Soft>}
      </Row>
      {taken.trouble !== null && <Wrong role="alert">{taken.trouble}</Wrong>}
      <FromKits said={said} onSaid={onSaid} />
      <Row>
        <Button look="main" type="submit">
          That is the page
        </Button>
        <Button slot="close" look="quiet">
          Not now
        </Button>
        <Soft>What is ticked is used up on it.</Soft>
      </Row>
    </Form>
  );
}

/** Which kits went in, and what of what was there. */
function FromKits({ said, onSaid }: Pick<TellingProps, 'said' | 'onSaid'>) {
  const kits = useBench((b) => b.kits);
  const inOrder = [...kits.values()].sort((a, b) => b.month.localeCompare(a.month));
  return (
    <Stack $gap={8} style={{ width: '100%' }}>
      <Kits aria-label="Kits that went in" value={[...said.kits]} onChange={(to) => onSaid({ kits: to })}>
        {inOrder.map(({ id, name }) => (
          <Tick key={id} value={id}>
            {name}
          </Tick>
        ))}
      </Kits>
      {said.kits.map((kit) => (
        <KitWentOn key={kit} kit={kit} going={said.going} onGoing={(now) => onSaid({ going: now })} />
      ))}
    </Stack>
  );
}

const Kits = styled(CheckboxGroup)`
  display: flex;
  flex-wrap: wrap;
  gap: 6px 18px;
`;
