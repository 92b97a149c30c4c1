// What stands on these screens, screen by screen.

type Said = string | number;

// AnswerLine
export const notLikeThis = 'Not like this';
export const thenNext = (seconds: Said) => `, then ${seconds}`;
export const wholePlanBelow = 'whole plan below';
export const toTheBench = 'To the bench';

// LearnedSince
export const forWord = (dialMark: Said, seconds: Said) => `${dialMark} for ${seconds}`;
export const yourLogbookHasLearnedSince = 'Your logbook has learned since.';
export const thisJobIsStillPlanned = (agreed: Said, now: Said) =>
  ` This job is still planned at ${agreed}; by now it would be ${now}. Printed tickets and the bench keep the old setting until you take the new one.`;
export const use = (now: Said) => `Use ${now}`;
export const keep = (agreed: Said) => `Keep ${agreed}`;

// ShelfNews
export const theShelfHasOtherFigures = (it: Said) =>
  `The shelf has other figures now for ${it}. This job keeps those it was planned with until you take the new ones.`;
export const takeTheNewOnes = 'Take the new ones';

// Alternatives
export const lookingForWhatWouldWork = 'Looking for what would work …';
export const noSingleChangeOfVinyl = 'No single change of vinyl, press, cover or pressure makes this work.';
export const whatWouldWorkInstead = 'What would work instead';
export const use2 = (text: Said) => `Use: ${text}`;
export const useIt = 'Use it';

// OnTheTable
export const whereItGoes = (count: Said) => `Where it goes${count}`;
export const andMoreSizesAtThe = (count: Said) => `and ${count} more sizes, at the bench`;
export const vinylInRowsAsThe = 'Vinyl, in rows as the cutter cuts';
export const pieces = (pieces: Said) => `, ${pieces} pieces`;
export const vinyl = (name: Said, pieces: Said) => `${name} vinyl${pieces}`;
export const theWithThePrintOn = (face: Said) => `The ${face} with the print on it`;

// Ticket
export const ticket = 'Ticket';
export const untitled = 'Untitled';
export const theSetting = 'the setting';
export const setToAndPressFor = 'set to, and press for';
export const whereTheseNumbersComeFrom = 'Where these numbers come from';
export const inPartsEachDoneTo = (parts: Said) => `In ${parts} parts, each done to its end before the next`;
export const pressesInOrder = 'Presses in order';
export const allLayers = 'all layers';
export const time = 'Time';
export const byHand = 'by hand';
export const pieces2 = (quantity: Said) => `, ${quantity} pieces`;
export const startToFinish = (quantity: Said) => `start to finish${quantity}`;
export const takeItToTheBench = 'Take it to the bench';
export const ticketPdf = 'Ticket, PDF';
export const jobFileArtworkAndAll = 'Job file, artwork and all';
export const noAnswer = 'No answer.';
export const notComputed = 'Not computed.';
export const theServiceDoesNotAnswer = 'The service does not answer; it is asked again.';
export const check = 'Check ';
export const belowPaleTheAnswerFrom = 'Below, pale: the answer from before this change.';
export const after = (from: Said) => `after ${from}`;
export const withinS = (to: Said) => `within ${to} s`;
export const peel = (method: Said) => `peel ${method}`;
export const onAColdBench = ', on a cold bench';

// JobPage
export const theJob = 'the job';
export const saved = 'Saved';
export const notSavedSomethingBelowNeeds = 'Not saved: something below needs mending';
export const notSavedItWasChanged = 'Not saved: it was changed elsewhere';
export const notSavedYetTheService = 'Not saved yet: the service does not answer';
export const borderInkFontBold = 'border-ink font-bold';
export const borderTransparentTextQuietHover = 'border-transparent text-quiet hover:text-ink';
export const title = 'Title';
export const undo = 'Undo';
export const redo = 'Redo';
export const stations = 'Stations';
export const item = 'Item';
export const place = 'Place';
export const artwork = 'Artwork';
export const cut = 'Cut';
export const press = 'Press';
export const sideBySide = 'Side by side';
export const bench = 'Bench';
export const care = 'Care';
export const changedElsewhere = 'Changed elsewhere.';
export const somebodySavedWhileItWas = (title: Said) =>
  ` Somebody saved “${title}” while it was open here. Nothing is lost: choose which one stays. Undo brings the other back.`;
export const keepMine = 'Keep mine';
export const takeTheNewerOne = 'Take the newer one';
export const notSavedYet = 'Not saved yet.';
export const theServiceDoesNotAnswer2 =
  'The service does not answer. Your changes are kept on this device and saved as soon as it does.';
export const tryNow = 'Try now';

// PickedWords
export const material = 'Material';

// QuickAnswer
export const vinylsAndPresses = 'vinyls and presses';
export const howHotHowLong = 'How hot, how long?';
export const iPress = 'I press ';
export const vinyl2 = 'Vinyl';
export const on = (name: Said) => ` on ${name}  `;
export const withWord = (name: Said) => ` with ${name} `;
export const paleTheAnswerFromBefore = 'Pale: the answer from before this change.';
export const makeItAJob = 'Make it a job';
export const computedForThisVinylCloth =
  'Computed for this vinyl, cloth and press; typical figures, not measured on yours.';
export const theMomentBeforeThePlate = 'The moment before the plate opens. The ember line is the glue line.';
export const leaveItOut = (name: Said) => `${name} (leave it out)`;
export const myWrapperSays = 'My wrapper says …';
export const myPressIs = 'My press is …';
export const whatTheWrapperSays = 'What the wrapper says';
export const temperature = 'Temperature';
export const pressure = 'Pressure';
export const peel2 = 'Peel';
export const whatThePressIs = 'What the press is';
export const plateWidth = 'Plate width';
export const plateHeight = 'Plate height';
export const dialItsErrorAndHow = 'Dial, its error and how hard light is: once, on the ';
export const shelf = 'Shelf';
export const thenYourPressStandsIn = '. Then your press stands in the sentence above.';
export const peelHotWithinSOf = (to: Said) => `Peel hot, within ${to} s of opening.`;
export const onAColdBench2 = ' on a cold bench';
export const peelWarmAfterOpening = (from: Said, where: Said) => `Peel warm: ${from} after opening${where}.`;
export const peelColdAfterAbout = (from: Said, where: Said) => `Peel cold: after about ${from}${where}.`;

// JobsPage
export const somethingLifted = 'Something lifted?';
export const inTheWashOrOn = 'In the wash, or on a thing you found: two questions, and what to try. No job needed.';
export const practice = 'Practice';
export const onTheBench = 'On the bench';
export const ofDone = (count: Said, count2: Said) => `${count} of ${count2} done`;
export const goOn = 'Go on';
export const yourJobs = 'Your jobs';
export const openAJobFile = 'Open a job file';
export const yourJobs2 = 'your jobs';
export const findAJobByIts = 'Find a job by its title';
export const noJobHasInIts = (search: Said) => `No job has “${search}” in its title.`;
export const nothingHereYetFillIn =
  'Nothing here yet. Fill in the sentence above and keep it as a job: its settings, steps and results stay together.';
export const jobs = 'Jobs';
export const showMore = 'Show more';
export const ofWord = (count: Said, total: Said) => `${count} of ${total}`;
export const isDeleted = (title: Said) => `“${title}” is deleted.`;
export const beingWorkedOut = 'Being worked out …';
export const copy = (title: Said) => `Copy ${title}`;
export const copy2 = 'Copy';
export const deleteWord = (title: Said) => `Delete ${title}`;
export const deleteWord2 = 'Delete';
