// What stands on these screens, screen by screen.

type Said = string | number;

// PracticePage
export const practice = 'Practice';
export const practiceWhy =
  'A press that is wrong in ways nobody tells you, and a piece to press. Ruin what you like: ' +
  'nothing here reaches your logbook, your stock, or what was learned.';
export const whoPractices = 'Who practices?';
export const nobody = 'Nobody in particular';
export const addLearner = 'Somebody new';
export const name = 'Name';
export const lessons = 'Ten lessons, five minutes each';
export const more = 'More benches';
export const begin = 'Begin';
export const againNow = 'Comes again today';
export const wentWell = (due: Said) => `Went well; again on ${due}`;
export const wentWrong = (due: Said) => `Did not go well; again on ${due}`;
export const notYet = 'Not tried yet';
export const anyBench = 'A bench nobody has seen';
export const anyBenchWhy = 'Made up from a number: the same number is the same bench for everybody.';
export const number = 'Number';
export const another = 'Another number';
export const fromAFile = 'Open somebody’s file';
export const notAFile = 'That is not a practice file.';
export const may = 'May do alone';
export const mays: Record<string, string> = { peel: 'Peel', press: 'Press' };
export const mayNothing = 'Nothing yet: the first two lessons come first.';
export const forget = (who: Said) => `Forget ${who}`;

// PracticeBenchPage
export const back = 'All benches';
export const startAgain = 'Start again';
export const saveFile = 'Save as a file';
export const theBench = 'the bench';
export const clock = (time: Said) => `${time} so far`;
export const wrapper = 'The wrapper says';
export const wrapperLine = (celsius: Said, seconds: Said, pressure: Said, peel: Said) =>
  `${celsius}, ${seconds}, ${pressure} pressure, ${peel} peel`;
export const noWrapper = 'nothing is written on it. Press a scrap and look.';
export const fromTheShelf = 'From the shelf';
export const roll = 'Roll of vinyl';
export const coverSheet = 'Cover sheet';
export const underneath = 'Underneath';
export const readLabel = 'Read the care label';
export const ironDots = (dots: Said) => `Iron, dots: ${dots}`;
export const onTheTable = 'On the table';
export const cuttingPlace = 'At the cutter';
export const pressPlace = 'At the press';
export const afterPlace = 'When it is handed over';
export const change = (what: Said, state: Said) => `${what}: make it ${state}`;
export const press = 'The press';
export const dial = 'Dial';
export const setDial = 'Set';
export const pressure = 'Pressure';
export const pressures: Record<string, string> = { light: 'Light', medium: 'Medium', firm: 'Firm' };
export const measure = 'Measure the plate with a strip';
export const measured = (celsius: Said) => `The strip turned at about ${celsius}.`;
export const scrap = (seconds: Said) => `Press a scrap for ${seconds} s`;
export const scrapCame = (looks: Said) => `The scrap, cold: ${looks}`;
export const whereThePlateGoes = 'The plate goes on';
export const partOf = (part: Said, parts: Said) => `Part ${part} of ${parts}`;
export const partPressed = ', pressed';
export const onPart = (what: string, part: Said) => `Part ${part}: ${what}`;
export const speed = (times: Said) => `Clock × ${times}`;
export const forSeconds = 'Seconds, if you know them';
export const close = 'Close';
export const closeFor = (seconds: Said) => `Close for ${seconds} s`;
export const open = 'Open';
export const letCool = 'Let it lie';
export const toBench = 'Carry it to the cold bench';
export const stopWaiting = 'That is long enough';
export const lay = (vinyl: Said) => `Lay ${vinyl}`;
export const peel = 'Peel';
export const turn = 'Turn it over';
export const handOver = 'Hand it over';
export const closedFor = (seconds: Said) => `Closed: ${seconds} s`;
export const liesFor = (seconds: Said) => `Lying: ${seconds} s`;
export const touch: Record<string, string> = {
  cool: 'Cool to the touch.',
  warm: 'Warm to the touch.',
  hot: 'Too hot to hold.',
};
export const carrierOn = 'The carrier is on.';
export const nothingLaid = 'Nothing is laid on it yet.';
export const backUp = 'It lies face down.';
export const signs: Record<string, string> = {
  stuck: 'It lies flat.',
  'on-carrier': 'It comes up with its carrier. You lay it back.',
  'edges-lifted': 'Edges stand up.',
  wrinkled: 'The vinyl is wrinkled.',
  rippled: 'The foil has ripples.',
  scorched: 'It smells burnt, and the cloth is brown.',
  marked: 'The plate left a shiny box.',
  'colour-shifted': 'The cloth’s color shows in the vinyl.',
  'puff-flat': 'The foam is flat.',
};
export const weaveShows = 'The weave shows through.';
export const weaveHalf = 'The weave shows a little.';
export const weaveNot = 'No weave shows.';

// Result
export const good = 'It holds, and nothing was lost.';
export const bad = 'It cannot be handed over like this.';
export const clothLost = 'The item is lost.';
export const lifts = 'It will lift in the wash.';
export const vinylLost = 'Vinyl has to be cut again.';
export const looksWrong = 'It does not look right.';
export const unsafe = 'Somebody could have been hurt.';
export const took = (minutes: Said) => `It took ${minutes} min.`;
export const ofAlike = (good: number, of: number) =>
  `Of ${of} presses that would have failed like yours, this comes out well on ${good === of ? 'all' : good === 0 ? 'none' : good}.`;
export const whatHappened = 'What happened';
export const luck = 'This time it did no harm.';
export const careful = 'What careful work would have done';
export const carefulGood = (minutes: Said) =>
  `Not knowing what is hidden either, it would have come out well in ${minutes} min.`;
export const carefulBad = 'It would not have come out well either: this bench is a hard one.';
export const itsSteps = 'Step by step';
export const glue = 'How warm the glue was';
export const yours = 'Yours';
export const theirs = 'Careful work';
export const inTheStackAt = (seconds: Said) => `In the stack, at second ${seconds}`;
export const otherWays = 'Other ways of doing it, at this press';
export const otherWaysWhy =
  'What crafters differ on. Each way was tried here with everything else as careful work does it, and without looking in between.';
export const theWays = 'the other ways';
export const noWays = 'Nobody can plan other ways while it is not known what it is.';
export const wayHeads = ['Way', 'Comes out', 'Minutes', 'Bond of what holds', 'Heat of what it takes'];
export const wayTaken = '(careful work)';
export const wayGood = 'well';
export const wayBad = 'not well';
export const youOpened = 'you opened';
export const axisSeconds = 'Time, s';
export const next = 'All benches';

// Steps of careful work
export const steps: Record<string, (what: Said) => string> = {
  dial: (c) => `Set the dial to ${c}.`,
  pressure: (p) => `Set the pressure: ${p}.`,
  lay: (l) => `Lay ${l}.`,
  close: (s) => `Press ${s} s.`,
  wait: (s) => `Let it lie ${s} s.`,
  'to-bench': (s) => `Let it lie on the cold bench for ${s} s.`,
  peel: () => 'Peel.',
  turn: () => 'Turn it over.',
  'read-label': () => 'Read the care label.',
  patch: (s) => `Press a scrap for ${s} s, and look at it cold.`,
  cover: (c) => `Take for a cover: ${c}.`,
  underlay: (u) => `Lay underneath: ${u}.`,
  vinyl: (v) => `Take the ${v}.`,
  touch: (t) => `${t}.`,
};
