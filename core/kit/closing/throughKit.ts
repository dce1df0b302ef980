import {
  addAmounts,
  historyOfLot,
  NOTHING,
  own,
  totalOf,
  type Amounts,
  type Balance,
  type Ledger,
  type LedgerEvent,
} from '../../stock/ledger';

/** What of a counted thing went through a kit of her own. */
export interface Through {
  /** Received: what was put in, less what went back. */
  readonly balance: Balance;
  /** The pages that something of the kit lies on. */
  readonly pages: readonly string[];
}

/** No more of each part than there is. */
const within = (amounts: Amounts, most: Amounts): Amounts =>
  Object.fromEntries(
    Object.entries(amounts)
      .map(([part, n]) => [part, Math.min(n, own(most, part) ?? 0)] as const)
      .filter(([, n]) => n > 0),
  );

/** What is out of the kit, by page or by name. */
class Outside {
  readonly by = new Map<string, Amounts>();

  put(where: string, amounts: Amounts): void {
    this.by.set(where, addAmounts(this.by.get(where) ?? {}, amounts));
  }
  /** Takes back as much as is there. @returns how much that was */
  take(where: string, amounts: Amounts): Amounts {
    const there = this.by.get(where) ?? {};
    const taken = within(amounts, there);
    this.by.set(where, addAmounts(there, taken, -1));
    return taken;
  }
  get total(): number {
    return [...this.by.values()].reduce((sum, amounts) => sum + totalOf(amounts), 0);
  }
}

/** The account of one kit, as it is told entry by entry. */
class Account {
  private readonly inIt = new Set<string>();
  private received = 0;
  private corrected = 0;
  private readonly gone = { given: 0, sold: 0, recycled: 0 };
  private readonly lent = new Outside();
  private readonly out = new Outside();
  readonly used = new Outside();

  constructor(private readonly kit: string) {}

  private ofKit(amounts: Amounts): Amounts {
    return Object.fromEntries(Object.entries(amounts).filter(([part]) => this.inIt.has(part)));
  }

  private gather(from: string | null, to: string | null, amounts: Amounts): void {
    if (to !== this.kit && from !== this.kit) return;
    this.received += totalOf(amounts) * (to === this.kit ? 1 : -1);
    for (const part of Object.keys(amounts)) {
      if (to === this.kit) this.inIt.add(part);
      else this.inIt.delete(part);
    }
  }

  /** What comes back lies with the kit that its part is in by now, whichever it was taken from. */
  private comesBack(from: Outside, where: string, amounts: Amounts): void {
    const taken = from.take(where, amounts);
    this.received += totalOf(this.ofKit(amounts)) - totalOf(taken);
  }

  tell(event: LedgerEvent): void {
    if (event.type === 'counted') {
      if ('change' in event) this.corrected += totalOf(this.ofKit(event.change));
      return;
    }
    if (!('amounts' in event) || !event.amounts) return;
    const { amounts } = event;
    switch (event.type) {
      case 'gathered':
        return this.gather(event.from, event.to, amounts);
      case 'received':
      case 'arrived':
        this.received += totalOf(this.ofKit(amounts));
        return;
      case 'claimed':
        return this.out.put(event.page, this.ofKit(amounts));
      case 'released':
        return this.comesBack(this.out, event.page, amounts);
      case 'used':
        return this.used.put(event.page, this.out.take(event.page, amounts));
      case 'returned':
        return this.comesBack(this.used, event.page, amounts);
      case 'lent':
        return this.lent.put('', this.ofKit(amounts));
      case 'back':
        return this.comesBack(this.lent, '', amounts);
      case 'given':
      case 'sold':
      case 'recycled':
        this.gone[event.type] += totalOf(this.ofKit(amounts));
        return;
      default:
        return;
    }
  }

  balance(left: number): Balance {
    return {
      ...NOTHING,
      ...this.gone,
      received: this.received,
      corrected: this.corrected,
      onPages: this.used.total,
      onBench: this.out.total,
      lent: this.lent.total,
      left,
    };
  }
}

/**
 * What of a counted thing went through a kit of her own, told from the ledger's entries in their order.
 * @param left what of it lies there now
 */
export function throughKit(kit: string, lot: string, ledger: Ledger, left: number): Through {
  const account = new Account(kit);
  for (const event of historyOfLot(ledger, lot)) account.tell(event);
  const pages = [...account.used.by].flatMap(([page, amounts]) => (totalOf(amounts) > 0 ? [page] : []));
  return { balance: account.balance(left), pages };
}
