import { nanoid } from 'nanoid';
import { useMemo, useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { inches, type MeasureSystem } from '../../../core/ground/length';
import { coverOf, designFrom, layOut, readDesign, writeDesign, type DesignLineError } from '../../../core/page/design';
import type { MeasuredDesign, Page } from '../../../core/stock/things';
import { useSettings } from '../../data/settings';
import { useUnsent } from '../../data/unsent';
import { Button } from '../../ui/Button';
import { Row, Soft, Stack, Wrong } from '../../ui/Screen';
import { TextField } from '../../ui/TextField';
import { DesignDrawn } from './DesignDrawn';
import { OneRectangle } from './OneRectangle';
import { lineWords } from './lineWords';
import { keepDesign, chooseDesign } from '../../../core/acts';
import { act } from '../../data/acts';
import { readDesignText } from '../../data/designFile';

export interface OwnDesignProps {
  page: Page;
  /** The page as it is, to start from; null: it cannot be laid out. */
  now: Omit<MeasuredDesign, 'id' | 'name'> | null;
  onDone: () => void;
}

/** Less than half a square inch hidden is not worth a word. */
const WORTH = inches(1) ** 2 / 2;

/** How far from an edge, and how deep a cut, in her measures. */
const EXAMPLES: Readonly<Record<MeasureSystem, readonly [string, string]>> = {
  in: ['1 1/4', '1/2'],
  cm: ['3.2', '1.3'],
};

/** What is begun with where the page cannot be laid out. */
const BEGINNING = readDesign(
  'page 12 x 12\nground 12 x 12\nstrip 12 x 3, 1 1/4 up from the foot\nphoto 4 x 6, 2 from the left, 3 down from the head\ntitle 5 x 1, at the foot, 1/2 from the left',
  'in',
);

const textOf = (now: OwnDesignProps['now'], system: MeasureSystem): string => {
  const design = now ?? BEGINNING.value?.design;
  return design ? writeDesign(design, system) : '';
};

/** A design being written: read and laid out at every letter, kept, or opened from a file. */
function useWriting({ page, now, onDone }: OwnDesignProps) {
  const { system, hold } = useSettings();
  const begun = useMemo(() => textOf(now, system), [now, system]);
  const [unsent, keepUnsent] = useUnsent(`design on ${page.id} in ${system}`);
  const [text, write] = useState(unsent || begun);
  const setText = (told: string): void => {
    write(told);
    keepUnsent(told === begun ? '' : told);
  };
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
      if (!kept) return;
      keepUnsent('');
      onDone();
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
  return { text, begun, setText, name, setName, fileWrong, read, errors, laid, covers, keep, open };
}

/** A guide's design, or her own, written as measured layers; it is drawn as she writes, with what each layer covers. */
export function OwnDesign(props: OwnDesignProps) {
  const { text, begun, setText, name, setName, fileWrong, read, errors, laid, covers, keep, open } = useWriting(props);
  const [far, deep] = EXAMPLES[useSettings((settings) => settings.system)];
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
          <OneRectangle onLay={(line) => setText(`${text.trimEnd()}\n${line}`)} />
          <Soft>
            Each line: a name, width x height, where it lies (“{far} up from the foot”, “2 from the left”, “in the
            bottom right corner”; else centred), “turned 2”, “dovetail {deep}”. Lines of one name are of one paper;
            “photo” is a photo’s place.
          </Soft>
        </Stack>
        <DesignDrawn laid={laid} covers={covers} />
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
        <FileTrigger acceptedFileTypes={['application/json', '.json']} onSelect={(list) => void open(list)}>
          <Button>Open a file</Button>
        </FileTrigger>
        {text !== begun && (
          <Button look="quiet" onPress={() => setText(begun)}>
            As the page is now
          </Button>
        )}
        <Button slot="close" look="quiet">
          Close
        </Button>
      </Row>
    </>
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
const Named = styled.div`
  flex: 1;
  min-width: 180px;
  align-self: end;
`;
