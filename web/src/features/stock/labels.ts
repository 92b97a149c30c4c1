// What stands on these screens, screen by screen.

type Said = string | number;

// StockForm
export const roll = 'Roll';
export const sheet = 'Sheet';
export const offcut = 'Offcut';
export const itIsA = 'It is a';
export const vinyl = 'Vinyl';
export const colour = 'Colour';
export const whatTheColourIsCalled = 'What the colour is called';
export const width = 'Width';
export const lengthIfYouMeasuredIt = 'Length, if you measured it again';
export const length = 'Length';
export const cornerGoneWidth = 'Corner gone, width';
export const cornerGoneLength = 'Corner gone, length';
export const lot = 'Lot';
export const label = 'Label';
export const whatYouWriteOnIt = 'What you write on it.';
export const priceOfAMetre = 'Price of a metre';
export const runningOutBelow = 'Running out below';
export const itIsCutThisLength = 'It is cut: this length is what is left';
export const notCutYetItStill = 'Not cut yet: it still comes off this length';
export const keepIt = 'Keep it';
export const leaveIt = 'Leave it';

// Weigh
export const howMuchIsLeftOn = 'How much is left on a roll';
export const howMuchIsLeftOn2 = 'How much is left on a roll?';
export const kind = 'Kind';
export const rollWidth = 'Roll width';
export const theRollWeighs = 'The roll weighs';
export const itsCoreWeighs = 'Its core weighs';
export const about = (lengthMm: Said) => `about ${lengthMm}`;
export const atGM = (gramsPerM2: Said, from: Said) => `at ${gramsPerM2} g/m² (${from})`;

// StockPage
export const isOffTheShelf = (label: Said) => `“${label}” is off the shelf.`;
export const theVinylOnHand = 'the vinyl on hand';
export const vinylOnHand = 'Vinyl on hand';
export const runningOut = (it: Said) => `Running out: ${it}`;
export const nothingIsRunningOut = 'Nothing is running out.';
export const addVinyl = 'Add vinyl';
export const saveAsCsv = 'Save as CSV';
export const readACsv = 'Read a CSV';
export const nothingYetAddTheRolls =
  'Nothing yet. Add the rolls you have, and every cut says how much of them is left, what comes back, and when one is running out.';
export const size = 'Size';
export const promised = 'Promised';
export const whatToDo = 'What to do';
export const aCornerGone = ', a corner gone';
export const runningOut2 = 'running out';
export const labelFor = (label: Said) => `Label for ${label}`;
export const change = (label: Said) => `Change ${label}`;
export const change2 = 'Change';
export const takeOff = (label: Said) => `Take off: ${label}`;
export const takeOff2 = 'Take off';
