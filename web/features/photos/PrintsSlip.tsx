import { useMemo, useState } from 'react';
import { CheckboxGroup, DialogTrigger, Label } from 'react-aria-components';
import styled from 'styled-components';
import { formatSize } from '../../../core/ground/length';
import { layPrints, PRINT_PAPERS, type PrintPaper } from '../../../core/trimmer/prints';
import type { Photo } from '../../../core/stock/things';
import { pictureOf } from '../../data/images';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { keepFile } from '../../ui/keepFile';
import { Row, Soft, Wrong } from '../../ui/Screen';
import { PrintDrawing } from './PrintDrawing';
import { SlipOver } from '../../ui/SlipOver';
import { Tick } from '../../ui/Tick';
import { countWords } from '../../words/countWords';
import { known } from '../../../core/ground/known';

export interface PrintsSlipProps {
  photos: readonly Photo[];
  /** Addresses of the pictures by image. */
  urls: ReadonlyMap<string, string>;
  /** Which are ticked to begin with. */
  waiting: ReadonlySet<string>;
}

const NAMES: Record<PrintPaper['id'], string> = {
  '4x6': '4 × 6 prints',
  '5x7': '5 × 7 prints',
  letter: '8 1/2 × 11 at home',
};

/** Photos laid on prints so that they come apart with straight cuts: two 3 × 4 on a 4 × 6. */
export function PrintsSlip(props: PrintsSlipProps) {
  return (
    <DialogTrigger>
      <Button>Prints to make</Button>
      <SlipOver title="Prints to make">{() => <Prints {...props} />}</SlipOver>
    </DialogTrigger>
  );
}

/** Which photos are printed on what, and how they are laid there. */
function usePrints({ photos, urls, waiting }: PrintsSlipProps) {
  const [chosen, setChosen] = useState<readonly string[]>(() =>
    photos.filter(({ id }) => waiting.has(id)).map(({ id }) => id),
  );
  const [paperId, setPaper] = useState<PrintPaper['id']>('4x6');
  const paper = known(PRINT_PAPERS, ({ id }) => id === paperId);
  const laid = useMemo(
    () =>
      layPrints(
        photos.filter(({ id }) => chosen.includes(id)).map(({ id, w, h }) => ({ id, w, h, count: 1 })),
        paper,
      ),
    [photos, chosen, paper],
  );
  const pictures = useMemo(
    () =>
      new Map(
        photos.flatMap((photo) => {
          const picture = pictureOf(photo, urls);
          return picture ? [[photo.id, picture] as const] : [];
        }),
      ),
    [photos, urls],
  );
  return { chosen, setChosen, paperId, setPaper, paper, laid, pictures };
}

/** Keeps prints as files. */
function useKeeping({ paper, laid, pictures }: ReturnType<typeof usePrints>) {
  const [isBusy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const make = async (kind: 'pdf' | 'png'): Promise<void> => {
    setBusy(true);
    setTrouble(null);
    try {
      const files = await import('./printFiles');
      const printing = { paper, sheets: laid.sheets, pictures };
      if (kind === 'pdf')
        keepFile('prints.pdf', (await files.printPdf(printing)) as Uint8Array<ArrayBuffer>, 'application/pdf');
      else {
        const { name, bytes, type } = await files.printPngs(printing);
        keepFile(name, bytes as Uint8Array<ArrayBuffer>, type);
      }
    } catch (error) {
      setTrouble(String(error));
    }
    setBusy(false);
  };
  return { isBusy, trouble, make };
}

function Prints(props: PrintsSlipProps) {
  const { photos } = props;
  const system = useSettings((s) => s.system);
  const prints = usePrints(props);
  const { chosen, setChosen, paperId, setPaper, paper, laid, pictures } = prints;
  const { isBusy, trouble, make } = useKeeping(prints);
  const cannot = laid.sheets.length === 0 || isBusy;
  return (
    <>
      <Parts>
        <Photos value={[...chosen]} onChange={setChosen}>
          <Label>Photos</Label>
          {photos.map((photo) => (
            <Tick key={photo.id} value={photo.id}>{`${photo.name}, ${formatSize(photo, system)}`}</Tick>
          ))}
        </Photos>
        <div>
          <Choice<PrintPaper['id']>
            label="On"
            options={PRINT_PAPERS.map(({ id }) => [id, NAMES[id]])}
            value={paperId}
            onChange={setPaper}
          />
          <Sheets aria-label="The prints">
            {laid.sheets.map((sheet, i) => (
              <li key={i}>
                <PrintDrawing sheet={sheet} paper={paper} pictures={pictures} />
              </li>
            ))}
          </Sheets>
        </div>
      </Parts>
      {laid.tooLarge.length > 0 && (
        <Wrong role="alert">
          Too large for this paper:{' '}
          {laid.tooLarge.map((id) => photos.find((photo) => photo.id === id)?.name).join(', ')}.
        </Wrong>
      )}
      {trouble !== null && <Wrong role="alert">The file could not be made: {trouble}.</Wrong>}
      <Soft>
        {laid.sheets.length === 0
          ? 'Tick the photos to print.'
          : `${countWords(laid.sheets.length, 'print')}; the lines are where to cut. Print at full size, not fitted to the page.`}
      </Soft>
      <Row>
        <Button look="main" isDisabled={cannot} onPress={() => void make('pdf')}>
          Keep as PDF
        </Button>
        <Button isDisabled={cannot} onPress={() => void make('png')}>
          As PNG
        </Button>
        <Button slot="close" look="quiet">
          Close
        </Button>
      </Row>
    </>
  );
}

const Parts = styled.div`
  display: grid;
  grid-template-columns: 1fr 1.25fr;
  gap: 24px;
  width: 100%;
`;
const Photos = styled(CheckboxGroup)`
  display: flex;
  flex-direction: column;
  gap: 4px;
  max-height: 320px;
  overflow: auto;
  padding: 3px;
  .react-aria-Label {
    font-size: 14px;
    color: ${({ theme }) => theme.soft};
  }
`;
const Sheets = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  padding: 12px 3px;
  max-height: 260px;
  overflow: auto;
  svg {
    display: block;
    box-shadow: 0 1px 4px ${({ theme }) => theme.shade};
  }
`;
