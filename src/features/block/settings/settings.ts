import { type Block, CREDITING_SCHOOLS, LANDMARK_SCHOOLS, RANGE_BINDS, TIME_MODES } from '@/core';
import { longDay } from '@/ui/words/dates';
import { deloadText, measureSentence } from '@/ui/words/deloads';
import { pausesText, type SettingColumn, shiftsText } from './setting-entry';

/** A setting of the whole block, as a line shows it between its words and a drawer under its name. */
export interface Setting {
  readonly column: SettingColumn;
  readonly before: string;
  readonly after: string;
  readonly value: string;
  readonly name: string;
  readonly says: string;
  /** What it may be, where it is one of a few. */
  readonly options?: readonly string[];
  /** Of a setting that is seldom touched: what it is in most blocks. Then it waits behind a button. */
  readonly usual?: string;
}

/** All settings of a block, those that are changed most first. */
export function settingsOf(block: Block): readonly Setting[] {
  return [
    {
      column: 'block-name',
      before: '',
      after: '',
      value: block.name,
      name: 'Name of the block',
      says: 'How the block is called.',
    },
    {
      column: 'weeks',
      before: '',
      after: 'weeks',
      value: String(block.weeks),
      name: 'Building weeks',
      says: 'Building weeks before the deload, 1 to 16.',
    },
    {
      column: 'start-date',
      before: 'from',
      after: '',
      value: longDay(block.startDate),
      name: 'First day',
      says: 'First day of week 1. Where the cycle is made of weeks it is moved back to its Monday.',
    },
    {
      column: 'cycle',
      before: 'cycle',
      after: 'days',
      value: String(block.cycleDays),
      name: 'Days in a cycle',
      says: 'Days in one pass of the cycle, 2 to 42. Seven is a week, fourteen two that alternate; others roll through the calendar. Weekly sets are cycle sets × 7 / days.',
    },
    {
      column: 'first',
      before: 'RIR',
      after: '',
      value: String(block.rir.first),
      name: 'RIR of the first week',
      says: 'Reps in reserve in week 1; 3 or 4 is usual.',
    },
    {
      column: 'last',
      before: 'to',
      after: '',
      value: String(block.rir.last),
      name: 'RIR of the last week',
      says: 'Reps in reserve in the last building week; never above the first.',
    },
    {
      column: 'deload',
      before: 'deload',
      after: '',
      value: deloadText(block.deload),
      name: 'Deload',
      says: `${block.deload === null ? 'No deload is planned.' : block.deload.map(measureSentence).join(' ')} Join several with “+”; the Ladder shows them side by side. Write “none” for none.`,
    },
    {
      column: 'low-sets',
      usual: 'no',
      options: ['no', 'yes'],
      before: 'low sets',
      after: '',
      value: block.lowSets ? 'yes' : 'no',
      name: 'Low-set plan',
      says: 'Two working sets an exercise at most: then more slots of a session may knowingly go past failure than the usual one, two or three. Sessions with more sets keep the usual limit.',
    },
    {
      column: 'range-binds',
      usual: 'every set',
      options: RANGE_BINDS,
      before: 'range binds',
      after: '',
      value: block.rangeBinds,
      name: 'The rep range binds',
      says: 'Every set: set 1 asks so many reps that the last planned set still reaches the bottom of the range. First set: later sets may fall below it.',
    },
    {
      column: 'phase-ranges',
      usual: 'yes',
      options: ['yes', 'no'],
      before: 'ranges by phase',
      after: '',
      value: block.phaseRanges ? 'yes' : 'no',
      name: 'Ranges follow the phase',
      says: 'While the athlete cuts, both ends of a rep range are five reps higher, up to thirty. No: ranges stay as written.',
    },
    {
      column: 'load-shifts',
      usual: 'none',
      before: 'all loads',
      after: '',
      value: shiftsText(block.loadShifts),
      name: 'All loads moved',
      says: 'By a share from a week on, in one go: week 4 -5 %. Several are joined by a comma, one upon the other; none takes them back.',
    },
    {
      column: 'pauses',
      usual: 'none',
      before: 'pause',
      after: '',
      value: pausesText(block.pauses),
      name: 'Pauses',
      says: 'Days without training: “7 days after week 3”. Weeks that follow start later; the loads and sets stay as planned.',
    },
    {
      column: 'time',
      usual: 'realistic',
      options: TIME_MODES,
      before: 'time',
      after: '',
      value: block.time,
      name: 'Session time',
      says: 'Realistic adds warm-up sets and change-over between exercises; strict is sets and rests alone.',
    },
    {
      column: 'crediting',
      usual: 'fractional',
      options: CREDITING_SCHOOLS,
      before: 'count',
      after: '',
      value: block.crediting,
      name: 'Counting of sets',
      says: 'Fractional: a muscle’s share of the set. Direct only: prime movers. Inclusive: every clear assistance whole. Near-failure reps: the last five reps, in fifths. Landmarks keep their own way.',
    },
    {
      column: 'landmarks',
      usual: 'ramped',
      options: LANDMARK_SCHOOLS,
      before: 'landmarks',
      after: '',
      value: block.landmarks,
      name: 'Landmarks',
      says: 'Ramped: floor to ceiling by level and phase, sets added by response. Fixed dose: direct sets near failure, 3 hold, 7 grow, 12 at most, and no ramp.',
    },
  ];
}
