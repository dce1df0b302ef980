import type { Kit } from '../../../core/stock/things';
import { Link, useParams } from 'react-router';
import { startDraft } from '../../data/begin';
import { useBench } from '../../data/benchStore';
import { KeptForNow } from '../../parts/KeptForNow';
import { NothingNew } from '../../parts/NothingNew';
import { useGoAfter } from '../../ui/useGoAfter';
import { Button } from '../../ui/Button';
import { monthWords } from '../../ui/dayWords';
import { Empty, Screen } from '../../ui/Screen';
import { Shelf } from '../../ui/Shelf';
import { DraftBench } from './DraftBench';
import { FetchList } from './FetchList';
import { GatheredKit } from './GatheredKit';
import { KitBox } from './KitBox';
import { LeadOn } from '../../ui/LeadOn';

/** All of them, those being unpacked first. */
function AllParcels({ kits, chosen }: { kits: readonly Kit[]; chosen: string | undefined }) {
  const drafts = useBench((b) => b.drafts);
  return (
    <Shelf aria-label="Parcels">
      {[...drafts.values()].map(({ id, name }) => (
        <Link key={id} to={`/parcels/${id}`} aria-current={id === chosen ? 'page' : undefined}>
          {name || 'New parcel'} <em>being unpacked</em>
        </Link>
      ))}
      {kits.map(({ id, name, month, closed }) => (
        <Link key={id} to={`/parcels/${id}`} aria-current={id === chosen ? 'page' : undefined}>
          {name} <em>{closed === undefined ? monthWords(month) : `${monthWords(month)}, closed`}</em>
        </Link>
      ))}
      {kits.length > 0 && (
        <Link to="/busters/gather">
          <em>gather one of your own …</em>
        </Link>
      )}
    </Shelf>
  );
}

/** Parcels: what a club sent, line by line, against what is in the box. */
export function ParcelsScreen() {
  const { parcel } = useParams();
  const goAfter = useGoAfter();
  const kits = useBench((b) => b.kits);
  const drafts = useBench((b) => b.drafts);
  const inOrder = [...kits.values()].sort((a, b) => b.month.localeCompare(a.month));
  const draft = parcel === undefined ? undefined : drafts.get(parcel);
  const kit = parcel === undefined ? undefined : kits.get(parcel);

  const begin = async (): Promise<void> => {
    await goAfter(
      startDraft(inOrder.find(({ gathered }) => gathered === undefined)?.club ?? '').then((id) =>
        id === null ? null : `/parcels/${id}`,
      ),
    );
  };
  const first = [...drafts.values()][0]?.id ?? inOrder[0]?.id;
  if (parcel === undefined && first !== undefined) return <LeadOn to={`/parcels/${first}`} />;

  const shelf = (
    <>
      <KeptForNow />
      {draft && <NothingNew />}
      <AllParcels kits={inOrder} chosen={parcel} />
    </>
  );
  const fetched = (id: string): void => {
    void goAfter(`/parcels/${id}`);
  };
  if (draft) return <DraftBench key={draft.id} draft={draft} shelf={shelf} />;
  const startNew = (): void => {
    void begin();
  };
  if (kit?.gathered !== undefined) return <GatheredKit key={kit.id} kit={kit} shelf={shelf} onNew={startNew} />;
  if (kit) return <KitBox kit={kit} shelf={shelf} onNew={startNew} onFetched={fetched} />;
  return (
    <Screen
      title="Parcels"
      actions={
        <>
          <FetchList onFetched={fetched} />
          <Button look="main" onPress={startNew}>
            Unpack a parcel
          </Button>
        </>
      }
    >
      {shelf}
      <Empty>
        <h2>No parcel yet</h2>
        <p>
          When a kit comes, paste its packing list here or type it line by line, and tick what is really in the box.
        </p>
        <Button look="main" onPress={startNew}>
          Unpack a parcel
        </Button>
      </Empty>
    </Screen>
  );
}
