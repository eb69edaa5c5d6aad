import { type Block, CREDITING_SCHOOLS, LANDMARK_SCHOOLS, RANGE_BINDS, TIME_MODES } from '@/core';
import { longDay } from '@/ui/words/dates';
import { deloadText, measureSentence } from '@/ui/words/deloads';
import * as screenWords from '@/ui/words/screens/block-settings';
import * as common from '@/ui/words/screens/common';
import { pausesText, type SettingColumn, shiftsText } from './setting-entry';

/** A setting of the whole block, shown in a line between words and in a drawer under its name. */
export interface Setting {
  readonly column: SettingColumn;
  readonly before: string;
  readonly after: string;
  readonly value: string;
  readonly name: string;
  readonly says: string;
  /** Its options, if it has a fixed list. */
  readonly options?: readonly string[];
  /** For rarely used settings: the usual value. Such a setting is shown behind a button. */
  readonly usual?: string;
}

/** All settings of a block, most used first. */
export function settingsOf(block: Block): readonly Setting[] {
  return [
    {
      column: 'block-name',
      before: '',
      after: '',
      value: block.name,
      name: screenWords.nameOfTheBlock,
      says: screenWords.nameOfTheBlockText,
    },
    {
      column: 'weeks',
      before: '',
      after: screenWords.weeksAfter,
      value: String(block.weeks),
      name: common.buildingWeeks,
      says: screenWords.buildingWeeksBeforeTheDeload,
    },
    {
      column: 'start-date',
      before: screenWords.fromBefore,
      after: '',
      value: longDay(block.startDate),
      name: screenWords.firstDay,
      says: screenWords.firstDayOfWeek1,
    },
    {
      column: 'cycle',
      before: screenWords.cycleBefore,
      after: screenWords.daysAfter,
      value: String(block.cycleDays),
      name: screenWords.daysInACycle,
      says: screenWords.daysInOneCycle2,
    },
    {
      column: 'first',
      before: common.rir,
      after: '',
      value: String(block.rir.first),
      name: screenWords.rirOfTheFirstWeek,
      says: screenWords.repsInReserveInWeek,
    },
    {
      column: 'last',
      before: screenWords.toBefore,
      after: '',
      value: String(block.rir.last),
      name: screenWords.rirOfTheLastWeek,
      says: screenWords.repsInReserveInThe,
    },
    {
      column: 'deload',
      before: common.deloadText,
      after: '',
      value: deloadText(block.deload),
      name: common.deload,
      says: screenWords.combineKindsWithTheLadder(
        block.deload === null ? screenWords.noDeloadIsPlanned : block.deload.map(measureSentence).join(' '),
      ),
    },
    {
      column: 'low-sets',
      usual: 'no',
      options: ['no', 'yes'],
      before: screenWords.lowVolume,
      after: '',
      value: block.lowSets ? 'yes' : 'no',
      name: screenWords.lowVolumePlan,
      says: screenWords.atMostTwoWorkingSets,
    },
    {
      column: 'range-binds',
      usual: screenWords.everySet,
      options: RANGE_BINDS,
      before: screenWords.rangeAppliesTo,
      after: '',
      value: block.rangeBinds,
      name: screenWords.repRangeAppliesTo,
      says: screenWords.everySetSet1Asks,
    },
    {
      column: 'phase-ranges',
      usual: 'yes',
      options: ['yes', 'no'],
      before: screenWords.rangesByPhase,
      after: '',
      value: block.phaseRanges ? 'yes' : 'no',
      name: screenWords.repRangesFollowThePhase,
      says: screenWords.duringACutBothEnds,
    },
    {
      column: 'load-shifts',
      usual: 'none',
      before: screenWords.shiftAllLoads,
      after: '',
      value: shiftsText(block.loadShifts),
      name: screenWords.shiftAllLoadsText,
      says: screenWords.shiftsEveryLoadFromA,
    },
    {
      column: 'after-time-off',
      usual: 'no',
      options: ['no', 'yes'],
      before: screenWords.afterTimeOff,
      after: '',
      value: block.afterReturn === null ? 'no' : 'yes',
      name: screenWords.firstBlockAfterTimeOff,
      says: screenWords.easesInAndGoesBack,
    },
    {
      column: 'pauses',
      usual: 'none',
      before: screenWords.breaksBefore,
      after: '',
      value: pausesText(block.pauses),
      name: screenWords.breaks,
      says: screenWords.daysWithoutTrainingForExample,
    },
    {
      column: 'time',
      usual: 'realistic',
      options: TIME_MODES,
      before: screenWords.sessionTimeBefore,
      after: '',
      value: block.time,
      name: screenWords.sessionTime,
      says: screenWords.realisticAddsWarmUpSets,
    },
    {
      column: 'crediting',
      usual: 'fractional',
      options: CREDITING_SCHOOLS,
      before: screenWords.countBefore,
      after: '',
      value: block.crediting,
      name: common.setCounting,
      says: screenWords.fractionalTheMusclesShareOf,
    },
    {
      column: 'landmarks',
      usual: 'ramped',
      options: LANDMARK_SCHOOLS,
      before: screenWords.volumeRangesBefore,
      after: '',
      value: block.landmarks,
      name: common.volumeRanges,
      says: screenWords.rampedMinimumToMaximumBy,
    },
  ];
}
