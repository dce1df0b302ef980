import { nanoid } from 'nanoid';
import { useMemo, useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { formatArea, formatLength, formatSize, inches } from '../../../core/length';
import { coverOf, designFrom, layOut, readDesign, writeDesign, type DesignLineError } from '../../../core/design';
import type { MeasuredDesign, Page } from '../../../core/things';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { MeasureField } from '../../ui/MeasureField';
import { PageDrawing } from '../../ui/PageDrawing';
import { designWords } from '../../ui/pageWords';
import { Row, Soft, Stack, Wrong } from '../../ui/Screen';
import { TextField } from '../../ui/TextField';
import { layerName } from './layerName';
import { lineWords } from './lineWords';
import { keepDesign, chooseDesign } from '../../../core/making';
import { act } from '../../data/acts';
import { readDesignText } from '../../data/designFile';
import { known } from '../../../core/known';

export interface OwnDesignProps {
  page: Page;
  /** The page as it is, to start from; null: it cannot be laid out. */
  now: Omit<MeasuredDesign, 'id' | 'name'> | null;
  onDone: () => void;
}

/** Less than half a square inch hidden is not worth a word. */
const WORTH = inches(1) ** 2 / 2;

const START =
  'page 12 x 12\nground 12 x 12\nstrip 12 x 3, 1 1/4 up from the foot\nphoto 4 x 6, 2 from the left, 3 down from the head\ntitle 5 x 1, at the foot, 1/2 from the left';

/** A guide's design, or her own, written as measured layers; it is drawn as she writes, with what each layer covers. */
export function OwnDesign({ page, now, onDone }: OwnDesignProps) {
  const { system, hold } = useSettings();
  const [text, setText] = useState(now ? writeDesign(now, system) : START);
  const [name, setName] = useState('');
  const [fileWrong, setFileWrong] = useState<string | null>(null);
  const read = useMemo(() => readDesign(text, system), [text, system]);
  const errors: readonly DesignLineError[] = read.ok ? [] : read.error.lines;
  const laid = useMemo(
    () => (read.ok ? layOut(designFrom({ id: 'own', name: 'own', ...read.value.design }), page) : null),
    [read, page],
  );
  const covers = useMemo(
    () => (laid?.ok ? coverOf(laid.value, hold).filter(({ hidden }) => hidden > WORTH) : []),
    [laid, hold],
  );
  const keep = (andChoose: boolean): void => {
    if (!read.ok) return;
    const own: MeasuredDesign = { id: nanoid(8), name: name.trim() || 'A design of mine', ...read.value.design };
    void act(keepDesign(own)).then(async (kept) => {
      if (kept && andChoose) await act(chooseDesign(page.id, { design: own.id, own }), { isQuiet: true });
      if (kept) onDone();
    });
  };
  const open = async (list: FileList | null): Promise<void> => {
    const file = list?.[0];
    if (!file) return;
    const design = readDesignText(await file.text());
    setFileWrong(
      design.ok
        ? null
        : `${file.name}: ${design.error.message}${design.error.at === '' ? '' : ` (${design.error.at})`}. Nothing was changed.`,
    );
    if (design.ok) {
      setText(writeDesign(design.value, system));
      setName(design.value.name);
    }
  };
  return (
    <>
      <Parts>
        <Stack>
          <TextField
            label="Layers, from the bottom up, one a line"
            value={text}
            onChange={setText}
            rows={12}
            error={errors.length > 0 ? errors.map((error) => lineWords(error)).join(' ') : null}
          />
          {read.ok &&
            read.value.vague.map(({ line, text: about }) => (
              <Soft key={line}>
                Line {line}: about {about} is taken as {about}. Measure before you cut.
              </Soft>
            ))}
          <Rectangle onLay={(line) => setText(`${text.trimEnd()}\n${line}`)} />
          <Soft>
            Each line: a name, width x height, where it lies (“1 1/4 up from the foot”, “2 from the left”, “at the
            head”; else centred), “turned 2”, “dovetail 1/2”. Lines of one name are of one paper; “photo” is a photo’s
            place.
          </Soft>
        </Stack>
        <Stack>
          {laid?.ok && (
            <PageDrawing
              layout={laid.value}
              papers={{}}
              pictures={[]}
              scale={Math.min(330 / (laid.value.size.w / 8128), 330 / (laid.value.size.h / 8128))}
              label="The design, drawn"
            />
          )}
          {laid && !laid.ok && <Wrong role="alert">{designWords(laid.error, system)}</Wrong>}
          {laid?.ok && covers.length > 0 && (
            <ul aria-label="What is covered">
              {covers.map(({ id, hidden, area, window }) => {
                const layer = known(laid.value.layers, (one) => one.id === id);
                return layer.role === 'photo' ? (
                  <li key={id}>
                    <Wrong>{layerName(laid.value, layer)} is partly covered.</Wrong>
                  </li>
                ) : (
                  <li key={id}>
                    <strong>{layerName(laid.value, layer)}</strong>{' '}
                    <Soft>
                      {formatArea(hidden, system)} of {formatArea(area, system)} hidden
                      {window && window.w > inches(1) && window.h > inches(1)
                        ? `; ${formatSize(window, system)} could be taken back`
                        : ''}
                    </Soft>
                  </li>
                );
              })}
            </ul>
          )}
        </Stack>
      </Parts>
      {fileWrong !== null && <Wrong role="alert">{fileWrong}</Wrong>}
      <Row>
        <Named>
          <TextField label="Its name" value={name} onChange={setName} placeholder="A design of mine" />
        </Named>
        <Button look="main" isDisabled={!read.ok} onPress={() => keep(true)}>
          Keep it, and lay this page so
        </Button>
        <Button isDisabled={!read.ok} onPress={() => keep(false)}>
          Keep it
        </Button>
        <FileTrigger
          acceptedFileTypes={['application/json', '.json']}
          onSelect={(list) => {
            void open(list);
          }}
        >
          <Button>Open a file</Button>
        </FileTrigger>
        <Button slot="close" look="quiet">
          Close
        </Button>
      </Row>
    </>
  );
}

/** One more rectangle by its measures, written as a line. */
function Rectangle({ onLay }: { onLay: (line: string) => void }) {
  const system = useSettings((s) => s.system);
  const [name, setName] = useState('box');
  const [[w, h, x, y], set] = useState<readonly (number | null)[]>([inches(3), inches(3), inches(1), inches(1)]);
  const is = (length: number): string => formatLength(length, system).replace('″', '');
  const field = (label: string, at: number, value: number | null | undefined) => (
    <MeasureField
      label={label}
      value={value ?? null}
      onChange={(to) => set((now) => now.map((one, i) => (i === at ? to : one)))}
      system={system}
      isOptional
    />
  );
  return (
    <Fields role="group" aria-label="Lay one more rectangle">
      <TextField label="One more" value={name} onChange={setName} />
      {field('wide', 0, w)}
      {field('high', 1, h)}
      {field('from the left', 2, x)}
      {field('from the head', 3, y)}
      <Button
        isDisabled={!w || !h || name.trim() === ''}
        onPress={() =>
          w &&
          h &&
          onLay(`${name.trim()} ${is(w)} x ${is(h)}, ${is(x ?? 0)} from the left, ${is(y ?? 0)} down from the head`)
        }
      >
        Lay it
      </Button>
    </Fields>
  );
}

const Parts = styled.div`
  display: grid;
  grid-template-columns: 1fr 340px;
  gap: 28px;
  width: 100%;
  textarea {
    font-family: 'Atkinson Hyperlegible Mono Variable', monospace;
    font-size: 15px;
  }
`;
const Fields = styled.div`
  display: grid;
  grid-template-columns: 1.2fr repeat(4, 1fr) auto;
  gap: 8px;
  align-items: end;
`;
const Named = styled.div`
  flex: 1;
  min-width: 180px;
  align-self: end;
`;
