// What stands on these screens, screen by screen.

type Said = string | number;

// Notices
export const stop = 'Stop.';
export const caution = 'Caution.';
export const why = 'Why';
export const accepted = (accepted: Said) => `Accepted: “${accepted}” `;
export const takeThatBack = 'Undo that';
export const iKnowThisGoOn = 'Got it, continue anyway';
export const inAWordWhy = 'Why, in a few words';
export const accept = 'Accept';
export const moreToKnow = 'More to know';
export const asWithEveryJob = 'Standard for every job';

// States
export const fetching = (what: Said) => `Loading ${what} …`;
export const theServiceCannotBeReached = 'Juxtherm does not answer. Is it still running?';
export const tryAgain = 'Try again';
export const close = 'Close';

// VerdictMark
export const go = 'Go';
export const caution2 = 'Caution';
export const stop2 = 'Stop';

// Figures
export const whereEachFigureComesFrom = 'Where each figure comes from';
export const source = (from: Said) => `Source: ${from}`;

// Setpoint
export const setTo = 'Set to';
export const pressFor = 'Press for';
export const theIronSMarkAbout = (celsius: Said) => `the iron's mark, about ${celsius}`;
export const pressure = (dialMark: Said, pressure: Said) => `${dialMark} · ${pressure} pressure`;
export const thenNext = (seconds: Said) => `then ${seconds}`;
export const onThe = (face: Said) => ` on the ${face}`;

// sizes
export const adultS = 'adult S';
export const adultM = 'adult M';
export const adultL = 'adult L';
export const adultXl = 'adult XL';
export const adult2xl = 'adult 2XL';
export const adult3xl = 'adult 3XL';

// Fields
export const isANumberIsAccepted = (name: Said, text: Said) => `${name} is “${text}”; a number is accepted.`;

// Clock
export const again = 'Again';

// Sandwich
export const pressOpen = 'Press open. ';
export const plate = (plate: Said) => `Plate ${plate}. `;
export const heat = 'Heat';

// HeatRibbon
export const newSetting = 'new setting';
export const theJobOverTime = 'The job over time';
export const tapAPartToLook = 'Tap a part to look inside it';
export const wait = (seconds: Said) => `wait ${seconds}`;

// Room
export const secondsPressed = 'seconds pressed';
export const short = 'not enough';
export const tooMuchForThe = (limit: Said) => `too much for the ${limit}`;
export const theWrapperSays = 'instructions say';
export const chartsSay = 'usual settings';
export const afterTheTacks = ' after the tacks';
export const howMuchRoomThereIs = 'Safe range';
export const itNeverHoldsInTime = 'it never holds in time';
export const itHoldsFromS = (holdsFromSeconds: Said) => `it holds from ${holdsFromSeconds} s`;
export const atAndNothingIsHarmed = (celsius: Said, holds: Said, mostSeconds: Said, seconds: Said) =>
  `At ${celsius} ${holds} and nothing is harmed up to ${mostSeconds} s; set to ${seconds} s.`;
export const hadTooLittle = 'had too little';
export const hadTooMuch = 'had too much';
export const yourLogbook = 'Your logbook:';
export const saysNothingOfItsHeat = 'says nothing about its heat';
export const theLargeRingThisPiece = 'the large ring: this piece';

// FigureFor
export const forMyPress = 'for my press';
export const asILookedItUp = 'looked up, or what I used last time: used as it is';
export const forAPlatePress = 'for a plate press';
export const asOnTheVinylS = 'from the vinyl’s instructions: adjusted for mine';
export const thisFigureIs = 'These figures are';
export const notGivenJudgedByHow = ' (not given: taken as yours if it is close)';

// bondWord
export const notYet = 'not yet';
export const tacked = 'tacked';
export const holds = 'holds';
export const holdsWell = 'holds well';

// Words
export const nothingFound = 'Nothing found';
export const typeForMore = (count: Said) => `Type to search ${count} more`;

// ColourCell
export const pickColour = (name: Said) => `${name}: pick`;
export const colourAccepted = 'A color such as navy, or #1b2a49.';

// NotRead
export const rowsRead = (count: Said) => `${count} ${count === 1 ? 'row' : 'rows'} added.`;
export const nothingRead = 'Nothing could be read.';
export const toCheck = (count: Said) => (count === 1 ? 'One thing to check:' : `${count} things to check:`);
export const line = (line: Said) => `Line ${line}`;
