import type { EntryType } from '../api/contract';
import type { SharedEntries } from '../shared/stage';
import type { BalanceEntries } from './balance/entries';
import type { BindEntries } from './bind/entries';
import type { BuildEntries } from './build/entries';
import type { CheckEntries } from './check/entries';
import type { HandOverEntries } from './handover/entries';
import type { PlanEntries } from './plan/entries';
import type { ReceiveEntries } from './receive/entries';
import type { ThrowsEntries } from './throws/entries';
import type { UnpackEntries } from './unpack/entries';
import type { WireEntries } from './wire/entries';

/** What the screens record, all of them together. */
type OnScreen =
  | SharedEntries
  | ReceiveEntries
  | UnpackEntries
  | PlanEntries
  | BuildEntries
  | WireEntries
  | BindEntries
  | ThrowsEntries
  | BalanceEntries
  | CheckEntries
  | HandOverEntries;

/** What no screen records, and why that is no dead end. */
type OffScreen =
  // For other programs; the screens bring and choose a pack, and count up and down.
  | 'receive/battery'
  | 'unpack/count-set'
  | 'unpack/wrong'
  // The record goes to its owner outside the program so far.
  | 'handover/sent'
  // Lamps of older journals, taken no more.
  | 'build/propeller'
  | 'build/pack'
  | 'build/transmitter';

type None<T extends never> = T;

/** Does not compile while there is a kind of entry that no screen records: a requirement nobody could show. */
export type Unrecorded = None<Exclude<EntryType, OnScreen | OffScreen>>;
