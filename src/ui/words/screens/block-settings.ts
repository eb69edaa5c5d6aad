export const eitherOr = (value: string, value2: string) => `${value} or ${value2}`;
export const daysAfterWeek = (days: number, after: number) => `${days} days after week ${after}`;
export const week = (week: number, more: string, percent: string) => `week ${week} ${more}${percent} %`;
export const blockSettings = 'Block settings';
export const rulesAndNumbers = (more: string) => `Rules and numbers: ${more}`;
export const defaults = 'defaults';
export const ofYourOwn = (numbers: string) => `${numbers} of your own`;
export const theNumbersBehindEveryRule = 'The numbers behind every rule, each with its reason.';
export const nameOfTheBlock = 'Name of the block';
export const nameOfTheBlockText = 'Name of the block.';
export const buildingWeeksBeforeTheDeload = 'Building weeks before the deload, 1 to 16.';
export const firstDay = 'First day';
export const firstDayOfWeek1 =
  'First day of week 1. If the cycle is a number of weeks, the block starts on that week’s Monday.';
export const daysInACycle = 'Days in a cycle';
export const daysInOneCycle2 =
  'Days in one cycle, 2 to 42. Seven is a week, fourteen two alternating weeks; other lengths rotate through the calendar. Weekly sets are cycle sets × 7 / days.';
export const rirOfTheFirstWeek = 'RIR of the first week';
export const repsInReserveInWeek = 'Reps in reserve in week 1; 3 or 4 is usual.';
export const rirOfTheLastWeek = 'RIR of the last week';
export const repsInReserveInThe = 'Reps in reserve in the last building week; never above the first.';
export const combineKindsWithTheLadder = (more: string) =>
  `${more} Combine kinds with “+”; the Ladder tab shows them side by side. Type “none” for no deload.`;
export const noDeloadIsPlanned = 'No deload is planned.';
export const lowVolume = 'low volume';
export const lowVolumePlan = 'Low-volume plan';
export const atMostTwoWorkingSets =
  'At most two working sets per exercise. In return, more exercises of a session may go past failure than the usual one, two or three. Sessions with more sets keep the usual limit.';
export const everySet = 'every set';
export const rangeAppliesTo = 'range applies to';
export const repRangeAppliesTo = 'Rep range applies to';
export const everySetSet1Asks =
  'Every set: set 1 asks enough reps for the last planned set to reach the bottom of the range. First set: later sets may fall below it.';
export const rangesByPhase = 'ranges by phase';
export const repRangesFollowThePhase = 'Rep ranges follow the phase';
export const duringACutBothEnds =
  'During a cut, both ends of a rep range go up by five reps, to thirty at most. No: ranges stay as written.';
export const shiftAllLoads = 'shift all loads';
export const shiftAllLoadsText = 'Shift all loads';
export const shiftsEveryLoadFromA =
  'Shifts every load from a week on, for example: week 4 -5 %. Separate several with commas; they add up. “none” removes them.';
export const afterTimeOff = 'after time off';
export const firstBlockAfterTimeOff = 'First block after time off';
export const easesInAndGoesBack =
  'Eases in for 2–4 weeks: half the sets, at least RIR 4, nothing to failure, loads from 85 % up to the usual ones. The sets in the split stay; the next block goes back to them.';
export const breaks = 'Breaks';
export const daysWithoutTrainingForExample =
  'Days without training, for example: 7 days after week 3. Later weeks start later; loads and sets stay as planned.';
export const sessionTime = 'Session time';
export const realisticAddsWarmUpSets =
  'Realistic adds warm-up sets and time between exercises. Strict counts sets and rests only.';
export const fractionalTheMusclesShareOf =
  'Fractional: the muscle’s share of the set. Direct only: prime movers. Inclusive: clearly assisting muscles count fully. Near-failure reps: the last five reps, in fifths. Volume ranges always use fractional sets.';
export const rampedMinimumToMaximumBy =
  'Ramped: minimum to maximum by level and phase, sets added by response. Fixed dose: direct sets near failure, 3 maintain, 7 grow, 12 at most, no ramp.';
export const breaksBefore = 'breaks';
export const sessionTimeBefore = 'session time';
export const countBefore = 'set counting';
export const volumeRangesBefore = 'volume ranges';
export const weeksAfter = 'weeks';
export const fromBefore = 'from';
export const cycleBefore = 'cycle';
export const daysAfter = 'days';
export const toBefore = 'to';
export const breakExample = '7 days after week 3';
