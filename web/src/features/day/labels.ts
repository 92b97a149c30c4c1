// What stands on these screens, screen by screen.
import { counted } from '../../app/unitMath';

type Said = string | number;

// DayPage
export const theDay = 'the day';
export const doneAt = (time: Said) => `Done at ${time}`;
export const inTime = 'Everything is in time.';
export const noneDue = 'Nothing has a due time yet.';
export const areLate = (count: number, time: Said) =>
  count === 1 ? `One job is late, by ${time}.` : `${count} jobs are late, up to ${time}.`;
export const beginBy = (time: Said) => `Begin by ${time} at the latest.`;
export const wouldHaveTo = (time: Said) => `To be in time you would have to begin at ${time}.`;
export const soonest = (time: Said) => `Nobody could be done before ${time}.`;
export const cannotBeBetter = 'It cannot be done any sooner.';
export const lookingFor = (finish: Said, bound: Said) =>
  `Looking for something better: ${finish} so far, ${bound} at best.`;
export const lookingForBetter = 'Looking for something better.';
export const stop = 'Stop';
export const lookForBetter = 'Look for something better';
export const whatNow = 'What now?';
export const printIt = 'Print';
export const toBuy = 'To buy';
export const toCalendar = 'To your calendar';
export const changeIt = 'Change the day';
export const anotherDay = 'Plan another day';
export const why = 'Why this way';
export const moved = (count: number) => (count === 0 ? 'Nothing else moved.' : `${counted(count, 'thing')} moved.`);

// Picture
export const whoDoesWhat = 'Who does what, and when';
export const handsNumber = (number: Said) => `Hands ${number}`;
export const you = 'You';
export const asAList = 'As a list';
export const who = 'Who';
export const what = 'What';
export const from = 'From';
export const to = 'To';
export const tapABar = 'Tap a bar to see what it is.';
export const heats = (press: Said, degrees: Said) => `${press}: to ${degrees}`;
export const cutting = (title: Said) => `Cut ${title}`;
export const weeding = (title: Said) => `Weed ${title}`;
export const preparing = (title: Said) => `Get ${title} ready`;
export const pressing = (title: Said) => `Press ${title}`;
export const packing = (title: Said) => `Pack ${title}`;
export const atPress = (what: Said, press: Said) => `${what} at the ${press}`;
export const piecesOf = (what: Said, pieces: Said) => `${what}, ${pieces}`;
export const piece = (number: Said) => `piece ${number}`;
export const pieces = (numbers: Said) => `pieces ${numbers}`;
export const short = { cutting: 'cut', weeding: 'weed', preparing: 'ready', pressing: 'press', packing: 'pack' };

// Jobs
export const jobs = 'Jobs';
export const job = 'Job';
export const begins = 'Begins';
export const ready = 'Ready';
export const due = 'Due';
export const waitsFor = 'Waits for';
export const washFrom = 'Wash from';
export const isLate = (time: Said) => `${time} late`;

// WhatIf
export const whatIf = 'What if';
export const asItIs = 'As it is';
export const oneHourLater = 'Begin an hour later';
export const oneHourEarlier = 'Begin an hour earlier';
export const oneMoreHelper = 'One more helper';
export const oneMorePress = 'One more press';
export const without = (title: Said) => `Without ${title}`;
export const reckon = 'Compare';
export const reckoning = 'Comparing …';
export const done = 'Done';
export const lateInAll = 'Late';
export const never = 'none';
export const changesOfHeat = 'Changes of heat';

// Pace
const shares = (share: number) =>
  share < 0.95
    ? `${Math.round((1 - share) * 100)}% quicker`
    : share > 1.05
      ? `${Math.round((share - 1) * 100)}% slower`
      : 'as is usual';
export const ownPace = (paces: readonly { kind: string; share: number }[]) =>
  `Your own speed counts here: ${paces.map((p) => `${paceOf[p.kind] ?? p.kind} ${shares(p.share)}`).join(', ')}.`;
const paceOf: Record<string, string> = {
  cut: 'loading mats',
  weed: 'weeding',
  prepare: 'getting ready',
  lay: 'laying',
  peel: 'peeling',
  inspect: 'looking it over',
  pack: 'packing',
};

// Happened
export const somethingChanged = 'Something changed';
export const helperCame = 'A helper came';
export const helperLeft = (name: Said) => `${name} left`;
export const pressBroke = (name: Said) => `${name} broke down`;
export const pressBack = (name: Said) => `${name} works again`;
export const again = 'Make a piece again';
export const drop = 'Leave a job out';
export const rush = 'A rush job';

// Setup
export const planADay = 'Plan a day';
export const planADayWhy =
  'Pick what has to be done, who helps, and what is there. You get who does what when, and by when to begin.';
export const whichJobs = 'Which jobs?';
export const noJobs = 'There are no jobs yet. Make one first.';
export const dueAt = (title: Said) => `Due: ${title}`;
export const day = 'Day';
export const beginAt = 'Begin at';
export const hands = 'Hands';
export const handsWhy = 'Everybody who works, with the hours if they are not there all day.';
export const name = 'Name';
export const comes = 'From';
export const leaves = 'Until';
export const addHands = 'Add a helper';
export const remove = (what: Said) => `Remove ${what}`;
export const breaks = 'Breaks';
export const addBreak = 'Add a break';
export const presses = 'Presses';
export const press = 'Press';
export const addPress = 'Add a press';
export const cutters = 'Cutters';
export const plan = 'Plan the day';
export const planning = 'Planning …';
export const wouldBe = (time: Said, late: number) =>
  late === 0
    ? `Done at ${time}, nothing late.`
    : `Done at ${time}; ${late === 1 ? 'one job is' : `${late} jobs are`} late.`;
export const cancel = 'Cancel';

// NowPage
export const back = 'Back to the day';
export const nothingNow = 'Free';
export const until = (time: Said) => `until ${time}`;
export const next = 'Next';
export const atTime = (time: Said, what: Said) => `${time} ${what}`;
export const doneNow = 'Done';
export const beginNow = (what: Said) => `Begin now: ${what}`;
export const longer = 'Needs 5 more minutes';
export const notYet = 'Not done yet';
export const before = (what: Said) => `Before: ${what}`;
export const allDone = 'All done for the day.';
export const beginsAt = (time: Said) => `Begins at ${time}.`;
export const openBench = 'To the bench';
export const left = (minutes: Said) => `${minutes} left`;
