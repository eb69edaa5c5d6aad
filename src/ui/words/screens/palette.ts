export const currentStrengthInTheSheet = 'Current strength in the Sheet';
export const bestSet = (value: string, unit: string, reps: number, rir: string) =>
  `Best set ${value} ${unit} × ${reps} @${rir}`;
export const repsWithLeft = (reps: number, rir: string) => `${reps} reps with ${rir} left`;
export const isOfTheOneRep = (asked: string, rir: string) => `${asked} is ${rir} % of the one-rep max.`;
export const repsToFailureBy = (rir: number, name: string) => `${rir} reps to failure by ${name}.`;
export const isMeasuredInSeconds = (name: string) => `${name} is measured in seconds.`;
export const noSetOfIsKnown = (name: string, because: string) => `No set of ${name} is known. ${because}`;
export const loadLeaves = (load: string, predictedRir: string) => `${load} leaves ${predictedRir}`;
export const isWhichLeaves = (name: string, asked: string, load: string, predictedRir: string) =>
  `${name}: ${asked} is ${load}, which leaves ${predictedRir}.`;
export const estimatedMaxByExactly = (
  source: string,
  oneRepMax: string,
  unit: string,
  name: string,
  ideal: string,
  value: string,
) => `${source}, estimated max ${oneRepMax} ${unit} by ${name}; exactly ${ideal}. ${value}`;
export const at = (name: string) => `at ${name}`;
export const joined = (load: string, words: string, reps: number, rir: string) =>
  `${load} ${words} × ${reps} @${rir}`;
export const estimatedMax = (set: string, value: string, words: string) =>
  `${set}: estimated max ${value} ${words}.`;
export const tooManyRepsToEstimate = (set: string) => `${set}: too many reps to estimate a one-rep max.`;
export const repsToFailureByWith = (rir: number, name: string, more: string) =>
  `${rir} reps to failure by ${name}${more}.`;
export const includingABodyWeightShare = (carried: string) => `, including a body weight share of ${carried}`;
export const allAthletes = 'all athletes';
export const addOne = 'add one';
export const changeThePassword = 'change the password';
export const filesBackupCsvXlsxJson = 'files, backup, csv, xlsx, json, calendar, spreadsheet';
export const termsAndKeysExplained = 'terms and keys explained';
export const onThisDevice = 'on this device';
export const searchOrAskAboutA = 'Search, or ask about a load';
export const athleteScreenCommandOrExercise =
  'Athlete, screen, command or exercise; or 8 reps 2 left, make 87.5, 100 × 8 @2';
export const howTo = 'how to';
export const theme = 'theme';
export const block = 'block';
export const athlete = 'profile';
export const exercisesAndTechniques = 'exercises and techniques';
export const splitsToStartFrom = 'splits to start from';
