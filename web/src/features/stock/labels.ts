// What stands on these screens, screen by screen.

type Said = string | number;

// StockForm
export const roll = 'Roll';
export const sheet = 'Sheet';
export const offcut = 'Offcut';
export const itIsA = 'Type';
export const vinyl = 'Vinyl';
export const colour = 'Color';
export const whatTheColourIsCalled = 'Color name';
export const width = 'Width';
export const lengthIfYouMeasuredIt = 'Length, if you measured it again';
export const length = 'Length';
export const cornerGoneWidth = 'Corner used, width';
export const cornerGoneLength = 'Corner used, length';
export const lot = 'Lot';
export const label = 'Label';
export const whatYouWriteOnIt = 'What you write on it.';
export const priceOfAMetre = 'Price per meter';
export const runningOutBelow = 'Warn below';
export const itIsCutThisLength = 'Already cut: this length is what is left';
export const notCutYetItStill = 'Not cut yet: it still comes off this length';
export const keepIt = 'Save';
export const leaveIt = 'Cancel';

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
export const isOffTheShelf = (label: Said) => `“${label}” is removed.`;
export const theVinylOnHand = 'your vinyl stock';
export const vinylOnHand = 'Vinyl stock';
export const runningOut = (it: Said) => `Low: ${it}`;
export const nothingIsRunningOut = 'Nothing is low.';
export const addVinyl = 'Add vinyl';
export const saveAsCsv = 'Save as CSV';
export const readACsv = 'Read a CSV';
export const nothingYetAddTheRolls =
  'No vinyl yet. Add your rolls, and every cut shows what is left, what comes back, and when to buy more.';
export const size = 'Size';
export const promised = 'Reserved';
export const whatToDo = 'What to do';
export const aCornerGone = ', one corner used';
export const runningOut2 = 'low';
export const labelFor = (label: Said) => `Label for ${label}`;
export const change = (label: Said) => `Change ${label}`;
export const change2 = 'Change';
export const takeOff = (label: Said) => `Remove: ${label}`;
export const takeOff2 = 'Remove';
