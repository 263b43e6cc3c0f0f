'use client';

import {
  type Material,
  type Medium,
  type Runs,
  type Seat,
  type Service,
  type Sex,
  type ThreadReading,
  type Region,
  readingProblems,
} from '@herrero/core';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

/** An end laid down on the bench; `E4` is its number and never moves. */
export interface LaidEnd {
  readonly number: number;
  /** In the notation of ends; 'unknown thread' where it is undecided. */
  readonly end: string;
  /** What it may be, where two were kept undecided. */
  readonly either: readonly string[];
}

/** What the fields of 'Which thread' hold; null where nothing was read, 'unknown' where it was said that it cannot be told. */
export interface ReadingFields {
  readonly sex: Sex;
  readonly diameterMm: number | null;
  readonly crests: number | null;
  readonly overMm: number | null;
  readonly runs: Runs | 'unknown';
  readonly seat: Seat | 'unknown';
  readonly tipMm: number | null;
  readonly flankDeg: 55 | 60 | null;
  /** The readings the middle was taken of, last five. */
  readonly taken: readonly number[];
}

export interface TogetherFields {
  readonly a: string;
  readonly b: string;
  readonly aMaterial: Material | null;
  readonly bMaterial: Material | null;
  /** What it is really made with; null: with what it needs. */
  readonly madeWith: readonly Medium[] | null;
  /** What the water does there; null: not said. */
  readonly service: Service | null;
}

interface BenchState {
  readonly ends: readonly LaidEnd[];
  readonly nextNumber: number;
  readonly reading: ReadingFields;
  /** The last reading a thread can have: its candidates stay while another is being put right. */
  readonly lastGood: ReadingFields | null;
  readonly together: TogetherFields;
  readonly checked: readonly (readonly [string, string])[];
  readonly region: Region | null;
  readonly read: (patch: Partial<ReadingFields>) => void;
  readonly clearReading: () => void;
  readonly lay: (end: string, either?: readonly string[]) => void;
  readonly pickUp: (number: number) => void;
  readonly join: (patch: Partial<TogetherFields>) => void;
  readonly remember: (a: string, b: string) => void;
  readonly setRegion: (region: Region | null) => void;
}

export const NOTHING_READ: ReadingFields = {
  sex: 'male',
  diameterMm: null,
  crests: null,
  overMm: null,
  runs: 'unknown',
  seat: 'unknown',
  tipMm: null,
  flankDeg: null,
  taken: [],
};

const MOST_CHECKED = 5;
const MOST_LAID = 12;

/** Five readings or more show how far they scatter; fewer are taken to be within what a caliper does by hand. */
const LEAST_SCATTER_MM = 0.1;
const scatterOf = (taken: readonly number[]): number | undefined =>
  taken.length < 5 ? undefined : Math.max(LEAST_SCATTER_MM, Math.max(...taken) - Math.min(...taken));

/** The reading that core judges; undefined while the outside is not given. */
export function readingOf(fields: ReadingFields, region: Region | null): ThreadReading | undefined {
  if (fields.diameterMm === null) return undefined;
  const { crests, overMm, runs, seat, tipMm, flankDeg } = fields;
  return {
    sex: fields.sex,
    diameterMm: fields.diameterMm,
    pitchMm: crests !== null && crests > 0 && overMm !== null ? overMm / crests : undefined,
    crests: crests !== null && crests > 0 && overMm !== null ? crests : undefined,
    runs: runs === 'unknown' ? undefined : runs,
    seat: seat === 'unknown' ? undefined : seat,
    tipMm: tipMm ?? undefined,
    flankDeg: flankDeg ?? undefined,
    scatterMm: scatterOf(fields.taken),
    region: region ?? undefined,
  };
}

const isGood = (fields: ReadingFields): boolean => {
  const reading = readingOf(fields, null);
  return reading !== undefined && readingProblems(reading).length === 0;
};

/** What lies on the bench, kept on this device: it belongs to no job. */
export const useBench = create<BenchState>()(
  persist(
    (set) => ({
      ends: [],
      nextNumber: 1,
      reading: NOTHING_READ,
      lastGood: null,
      together: { a: '3/4 NPT M', b: '3/4 NPT F', aMaterial: null, bMaterial: null, madeWith: null, service: null },
      checked: [],
      region: null,
      read: (patch) =>
        set(({ reading: before, lastGood }) => {
          const reading = { ...before, ...patch };
          return { reading, lastGood: isGood(reading) ? reading : lastGood };
        }),
      clearReading: () => set({ reading: NOTHING_READ, lastGood: null }),
      lay: (end, either = []) =>
        set(({ ends, nextNumber }) => ({
          ends: [{ number: nextNumber, end, either }, ...ends].slice(0, MOST_LAID),
          nextNumber: nextNumber + 1,
        })),
      pickUp: (number) => set(({ ends }) => ({ ends: ends.filter((one) => one.number !== number) })),
      join: (patch) => set(({ together }) => ({ together: { ...together, madeWith: null, ...patch } })),
      remember: (a, b) =>
        set(({ checked }) => ({
          checked: [
            [a, b] as const,
            ...checked.filter(([one, other]) => !(one === a && other === b) && !(one === b && other === a)),
          ].slice(0, MOST_CHECKED),
        })),
      setRegion: (region) => set({ region }),
    }),
    { name: 'herrero-bench', version: 1, skipHydration: true },
  ),
);
