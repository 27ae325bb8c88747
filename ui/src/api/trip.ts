import { type DBSchema, openDB } from 'idb';
import type { Schemas } from './client';

/** How it stood outdoors when it was last said, until it is said otherwise. */
export type Said = {
  motors?: 'isolated' | 'held' | 'free';
  second: string;
  transmitter?: 'off' | 'cutSet' | 'live' | 'another';
  connected?: boolean;
  /** When the pack was said to be connected. */
  since?: number;
};

/** What this phone keeps of one job: the trip's list, whose it is, and how it stood. Nothing else of the job. */
export type KeptTrip = {
  jobId: string;
  person: string;
  personName: string;
  trip: Schemas['TripView'];
  said: Said;
};

interface Shelf extends DBSchema {
  trips: { key: string; value: KeptTrip };
}

const shelf = openDB<Shelf>('zygotome-field', 1, {
  upgrade: (db) => void db.createObjectStore('trips', { keyPath: 'jobId' }),
});

export const keepTrip = async (kept: KeptTrip) => void (await (await shelf).put('trips', kept));
export const keptTrip = async (jobId: string) => (await shelf).get('trips', jobId);

/** Its person signs out: nothing of the trip stays on this device but what still waits to be sent. */
export const forgetTrips = async () => (await shelf).clear('trips');
