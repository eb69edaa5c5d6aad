/**
 * Every number of the practice that a coach may argue with: its name, unit, default and reason. Rules read these and
 * hold no figures of their own. Tables with one value per muscle (landmarks) stand beside the rule that reads them.
 */
interface Convention {
  readonly name: string;
  readonly unit: string;
  readonly default: number;
  readonly reason: string;
}

export const CONVENTIONS = {
  hardSetRir: {
    name: 'Hard-set threshold',
    unit: 'RIR',
    default: 4,
    reason: 'A working set further from failure than this adds little growth.',
  },
  effectiveReps: {
    name: 'Reps that count near failure',
    unit: 'reps',
    default: 5,
    reason: 'The last five reps before failure drive growth; a set short of them counts in part.',
  },
  exposureCredit: {
    name: 'Exposure',
    unit: 'sets',
    default: 0.5,
    reason: 'Less than this in a session is not felt as training the muscle.',
  },
  trainedHardCredit: {
    name: 'Trained hard',
    unit: 'sets',
    default: 2,
    reason: 'From two sets on, a muscle needs its full recovery gap.',
  },
  driftSeconds: {
    name: 'Drift',
    unit: 's·reps',
    default: 150,
    reason: 'At a fixed load, resting 150 s costs about one rep a set.',
  },
  driftLeast: {
    name: 'Least drift',
    unit: 'reps',
    default: 0.5,
    reason: 'Even long rests do not restore a set fully.',
  },
  driftMost: {
    name: 'Most drift',
    unit: 'reps',
    default: 3,
    reason: 'Shorter rests are a technique of their own.',
  },
  noviceLandmarks: {
    name: 'Novice floor and ceiling',
    unit: '×',
    default: 0.7,
    reason: 'Novices grow from less and tolerate less.',
  },
  advancedLandmarks: {
    name: 'Advanced floor and ceiling',
    unit: '×',
    default: 1.15,
    reason: 'Trained muscle needs more to grow and recovers from more.',
  },
  gainingFloor: {
    name: 'Floor while gaining',
    unit: '×',
    default: 0.8,
    reason: 'A surplus lets fewer sets grow.',
  },
  gainingCeiling: {
    name: 'Ceiling while gaining',
    unit: '×',
    default: 1.125,
    reason: 'A surplus speeds recovery.',
  },
  cuttingFloor: {
    name: 'Floor while cutting',
    unit: '×',
    default: 1.25,
    reason: 'A deficit asks for more to keep muscle.',
  },
  cuttingCeiling: {
    name: 'Ceiling while cutting',
    unit: '×',
    default: 0.875,
    reason: 'A deficit slows recovery.',
  },
  budgetNovice: {
    name: 'Whole-body budget, novice',
    unit: 'sets/week',
    default: 60,
    reason: 'All hard sets of a week, each once.',
  },
  budgetIntermediate: {
    name: 'Whole-body budget, intermediate',
    unit: 'sets/week',
    default: 90,
    reason: 'All hard sets of a week, each once.',
  },
  budgetAdvanced: {
    name: 'Whole-body budget, advanced',
    unit: 'sets/week',
    default: 120,
    reason: 'All hard sets of a week, each once.',
  },
  budgetGaining: {
    name: 'Budget while gaining',
    unit: '×',
    default: 1.1,
    reason: 'A surplus speeds recovery.',
  },
  budgetCutting: {
    name: 'Budget while cutting',
    unit: '×',
    default: 0.85,
    reason: 'A deficit slows recovery.',
  },
  budgetPerSport: {
    name: 'Budget per hard sport session',
    unit: 'sets',
    default: 4,
    reason: 'Other hard work draws on the same recovery.',
  },
  doseHold: {
    name: 'Fixed dose, hold',
    unit: 'direct sets/week',
    default: 3,
    reason: 'About three direct sets near failure maintain a muscle.',
  },
  doseFloor: {
    name: 'Fixed dose, grow',
    unit: 'direct sets/week',
    default: 7,
    reason: 'About seven direct sets near failure grow it.',
  },
  doseCeiling: {
    name: 'Fixed dose, most',
    unit: 'direct sets/week',
    default: 12,
    reason: 'Ten to twelve grow it as fast as it will.',
  },
  learnShare: {
    name: 'Learning from a block',
    unit: '×',
    default: 1 / 3,
    reason: 'One block is one observation: a landmark moves a third of the way.',
  },
  roundBack: {
    name: 'Reps given back inside a round',
    unit: 'reps/s',
    default: 0.2,
    reason: 'Twenty seconds between mini-sets restore about four reps.',
  },
  roundRest: {
    name: 'Longest rest inside a round',
    unit: 's',
    default: 45,
    reason: 'After longer rests a mini-set is a set of its own.',
  },
  miniCredit: {
    name: 'Further mini-sets count',
    unit: '×',
    default: 0.5,
    reason: 'The first hard mini-set is a set; each further one is half of one.',
  },
  miniReps: {
    name: 'Reps of a whole further mini-set',
    unit: 'reps',
    default: 8,
    reason: 'Equal reps, equal credit: shorter mini-sets count less.',
  },
  halfRange: {
    name: 'Half of the range',
    unit: '×',
    default: 0.5,
    reason: 'Work of a half rep, so that heavier half reps do not look like progress.',
  },
  percentStep: {
    name: 'Load a week by the percent rule',
    unit: '%',
    default: 2.5,
    reason: 'A rise that most keep up for a block.',
  },
  earnedStepLeast: {
    name: 'Least load step once earned',
    unit: '%',
    default: 2.5,
    reason: 'Less is not felt.',
  },
  earnedStepMost: {
    name: 'Most load step once earned',
    unit: '%',
    default: 5,
    reason: 'More costs the reps that earned it.',
  },
  pastFailureNoviceWeeks: {
    name: 'Weeks before a novice goes past failure',
    unit: 'weeks',
    default: 8,
    reason: 'Technique first.',
  },
  pastFailureNovice: {
    name: 'Past-failure slots a session, novice',
    unit: 'slots',
    default: 1,
    reason: 'After the first weeks.',
  },
  pastFailureIntermediate: {
    name: 'Past-failure slots a session, intermediate',
    unit: 'slots',
    default: 2,
    reason: 'More costs recovery out of proportion.',
  },
  pastFailureAdvanced: {
    name: 'Past-failure slots a session, advanced',
    unit: 'slots',
    default: 3,
    reason: 'Trained lifters judge and bear it better.',
  },
  lowSetPlan: {
    name: 'Sets an exercise in a low-set plan',
    unit: 'sets',
    default: 2,
    reason: 'With so few sets more of them may go past failure.',
  },
  groupChange: {
    name: 'Change between members of a group',
    unit: 's',
    default: 15,
    reason: 'Walking to the next exercise of a superset, giant set or circuit.',
  },
  strengthReps: {
    name: 'Reps that show strength',
    unit: 'reps',
    default: 15,
    reason: 'From more reps to failure an estimate says little about the one-rep max.',
  },
  holdShare: {
    name: 'A rep of a hold',
    unit: '%',
    default: 10,
    reason: 'A tenth of the seconds held counts as one rep in reserve.',
  },
  personalSets: {
    name: 'Sets for a personal curve',
    unit: 'sets',
    default: 6,
    reason: 'Fewer cannot tell a slope from chance.',
  },
  personalReps: {
    name: 'Different rep counts for a personal curve',
    unit: 'counts',
    default: 3,
    reason: 'Sets of one length cannot show a slope.',
  },
  biasPairs: {
    name: 'Pairs for an RIR bias',
    unit: 'pairs',
    default: 4,
    reason: 'Fewer are chance.',
  },
  biasSteady: {
    name: 'Steady RIR bias',
    unit: '%',
    default: 70,
    reason: 'So many of the pairs must point the same way.',
  },
  biasLeast: {
    name: 'Least RIR bias',
    unit: 'reps',
    default: 1,
    reason: 'Less cannot be told from a good or bad day.',
  },
  fitTolerance: {
    name: 'Fit tolerance',
    unit: 'RIR',
    default: 0.5,
    reason: 'Nearer than this, effort cannot be told apart.',
  },
  largestStep: {
    name: 'Largest load step',
    unit: '%',
    default: 10,
    reason: 'Bigger jumps change the exercise.',
  },
  gainNovice: {
    name: 'Projected gain, novice',
    unit: '%/week',
    default: 1,
    reason: 'Typical estimate; replaced by what is logged.',
  },
  gainIntermediate: {
    name: 'Projected gain, intermediate',
    unit: '%/week',
    default: 0.5,
    reason: 'Typical estimate; replaced by what is logged.',
  },
  gainAdvanced: {
    name: 'Projected gain, advanced',
    unit: '%/week',
    default: 0.25,
    reason: 'Typical estimate; replaced by what is logged.',
  },
  gainCutting: {
    name: 'Projected gain while cutting',
    unit: '×',
    default: 0.5,
    reason: 'A deficit halves progress.',
  },
  secondsPerRep: { name: 'Seconds a rep', unit: 's', default: 3, reason: 'When no tempo is prescribed.' },
  warmUpPause: {
    name: 'Pause after a warm-up set',
    unit: 's',
    default: 45,
    reason: 'Enough to change the load.',
  },
  changeOver: {
    name: 'Change-over between exercises',
    unit: 's',
    default: 90,
    reason: 'Walking, plates and set-up.',
  },
  heavyReps: {
    name: 'Heavy work',
    unit: 'reps',
    default: 6,
    reason: 'At this many reps or fewer a further ramp set helps.',
  },
  growingFrequencyNote: {
    name: 'Low frequency',
    unit: '×/week',
    default: 2,
    reason: 'Growing muscles do best at two exposures or more.',
  },
  growingFrequencyWarn: {
    name: 'Very low frequency',
    unit: '×/week',
    default: 1.5,
    reason: 'Below this, growth is clearly slower.',
  },
  highFrequencyNote: {
    name: 'High frequency',
    unit: '×/week',
    default: 4,
    reason: 'More exposures rarely add anything.',
  },
  gapHours: { name: 'Recovery gap', unit: 'h', default: 48, reason: 'Large muscles, trained hard.' },
  gapHoursSmall: {
    name: 'Recovery gap, small muscles',
    unit: 'h',
    default: 36,
    reason: 'Delts, arms, forearms, calves, abs, traps.',
  },
  gapHoursLight: {
    name: 'Recovery gap after 1-2 sets',
    unit: 'h',
    default: 24,
    reason: 'Small doses recover overnight.',
  },
  sessionCap: {
    name: 'Most sets of a muscle in a session',
    unit: 'sets',
    default: 8,
    reason: 'Further sets in one session add fatigue, not growth.',
  },
  sessionHeavyCap: {
    name: 'Most heavy sets of a muscle in a session',
    unit: 'sets',
    default: 4,
    reason: 'Further sets at six reps or fewer tax joints more than they add.',
  },
  balanceLeast: {
    name: 'Least ratio of opposing sides',
    unit: '×',
    default: 0.67,
    reason: 'Less than two to three on one side shows in posture and joints.',
  },
  balanceMost: {
    name: 'Most ratio of opposing sides',
    unit: '×',
    default: 1.5,
    reason: 'More than three to two on one side shows in posture and joints.',
  },
  strengthZone: {
    name: 'Most reps of the strength zone',
    unit: 'reps',
    default: 5,
    reason: 'Sets of five or fewer train strength first.',
  },
  sizeZone: {
    name: 'Most reps of the size zone',
    unit: 'reps',
    default: 12,
    reason: 'Up to twelve trains size first; a narrower school draws the zone from six to ten.',
  },
  noviceCompounds: {
    name: 'Compounds of a novice',
    unit: '%',
    default: 60,
    reason: 'Novices grow most from what trains many muscles at once.',
  },
  seriousSessions: {
    name: 'Sessions of a serious phase',
    unit: '×/week',
    default: 4,
    reason: 'Serious gaining or cutting needs the work spread out.',
  },
  buildingWeeks: {
    name: 'Most building weeks before a deload',
    unit: 'weeks',
    default: 8,
    reason: 'Intermediate athletes gather more fatigue than they notice.',
  },
  weekAddition: {
    name: 'Most sets added to a muscle in a week',
    unit: 'sets',
    default: 2,
    reason: 'Larger jumps cannot be told from soreness.',
  },
  weekAdditionCutting: {
    name: 'Most sets added while cutting',
    unit: 'sets',
    default: 1,
    reason: 'Recovery is short in a deficit.',
  },
  weekGrowth: {
    name: 'Growth of the whole week',
    unit: '%',
    default: 10,
    reason: 'The body recovers as one.',
  },
  weekGrowthAlways: {
    name: 'Sets a week may always grow by',
    unit: 'sets',
    default: 4,
    reason: 'Ten per cent of a short week is nothing.',
  },
  behindScore: {
    name: 'Behind',
    unit: 'reps',
    default: -2,
    reason: 'Mean of reps and RIR against target, below this.',
  },
  strainedScore: {
    name: 'Strained',
    unit: 'reps',
    default: -1,
    reason: 'Mean of reps and RIR against target, below this.',
  },
  aheadScore: {
    name: 'Ahead',
    unit: 'reps',
    default: 1,
    reason: 'Mean of reps and RIR against target, above this.',
  },
  recoverSets: {
    name: 'Sets in a recover week',
    unit: '×',
    default: 0.5,
    reason: 'Half the work lets the muscle catch up.',
  },
  recoverLoad: {
    name: 'Load in a recover week',
    unit: '×',
    default: 0.9,
    reason: 'Lighter, and further from failure.',
  },
  easyRir: {
    name: 'RIR of easy weeks',
    unit: 'RIR',
    default: 4,
    reason: 'Deload and recover weeks stay this far from failure.',
  },
  signsPropose: {
    name: 'Signs that propose a deload',
    unit: 'points',
    default: 6,
    reason: 'Of fourteen; several clear signs at once.',
  },
  signsUrge: {
    name: 'Signs that urge a deload',
    unit: 'points',
    default: 9,
    reason: 'Most signs are clear.',
  },
  signsLow: {
    name: 'Few signs',
    unit: 'points',
    default: 3,
    reason: 'With these few, someone eager to train needs no deload now.',
  },
  deloadSets: {
    name: 'Sets in a deload',
    unit: '×',
    default: 0.4,
    reason: 'Keeps the habit and the load, drops the fatigue.',
  },
} as const satisfies Record<string, Convention>;

export type ConventionId = keyof typeof CONVENTIONS;

/** The conventions in force: a number for each. */
export type Conventions = Readonly<Record<ConventionId, number>>;

export const CONVENTION_IDS = Object.keys(CONVENTIONS) as ConventionId[];

/** The defaults with a coach's, athlete's or block's own figures laid over them; later ones win. */
export function conventionsWith(...overrides: readonly Partial<Conventions>[]): Conventions {
  const defaults = Object.fromEntries(CONVENTION_IDS.map((id) => [id, CONVENTIONS[id].default])) as Record<
    ConventionId,
    number
  >;
  return Object.assign(defaults, ...overrides);
}
