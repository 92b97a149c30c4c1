// What stands on these screens, screen by screen.

type Said = string | number;

// AnswerLine
export const notLikeThis = "Can't be pressed like this";
export const thenNext = (seconds: Said) => `, then ${seconds}`;
export const wholePlanBelow = 'whole plan below';
export const toTheBench = 'Take it to the bench';

// LearnedSince
export const forWord = (dialMark: Said, seconds: Said) => `${dialMark} for ${seconds}`;
export const yourLogbookHasLearnedSince = 'Your logbook has learned since.';
export const thisJobIsStillPlanned = (agreed: Said, now: Said) =>
  ` This job is planned at ${agreed}; today it would be ${now}. Printed tickets and the bench keep the old setting until you take the new one.`;
export const thisVersionWouldSet = 'This version would set something else.';
export const agreedStays = (agreed: Said, now: Said) =>
  ` What was agreed stays: ${agreed}. By its own reckoning it would be ${now}.`;
export const compareBoth = 'Compare';
export const asAgreed = 'As agreed';
export const asNow = 'This version';
export const withLearned = 'With what was learned';
export const use = (now: Said) => `Use ${now}`;
export const keep = (agreed: Said) => `Keep ${agreed}`;

// ShelfNews
export const theShelfHasOtherFigures = (it: Said) =>
  `Your materials list has new figures for ${it}. This job keeps the old ones until you take the new ones.`;
export const takeTheNewOnes = 'Take the new ones';

// Alternatives
export const lookingForWhatWouldWork = 'Looking for something that works …';
export const noSingleChangeOfVinyl = 'No single change of vinyl, press, cover or pressure makes this work.';
export const whatWouldWorkInstead = 'What works instead';
export const use2 = (text: Said) => `Use: ${text}`;
export const useIt = 'Use it';

// OnTheTable
export const whereItGoes = (count: Said) => `Where it goes${count}`;
export const andMoreSizesAtThe = (count: Said) => `and ${count} more sizes, at the bench`;
export const vinylInRowsAsThe = 'Vinyl, in rows as it is cut';
export const pieces = (pieces: Said) => `, ${pieces} pieces`;
export const vinyl = (name: Said, pieces: Said) => `${name} vinyl${pieces}`;
export const theWithThePrintOn = (face: Said) => `The ${face} with the print on it`;

// Ticket
export const ticket = 'Ticket';
export const untitled = 'Untitled';
export const theSetting = 'the setting';
export const whereTheseNumbersComeFrom = 'Where these numbers come from';
export const inPartsEachDoneTo = (parts: Said) => `In ${parts} parts, each finished before the next`;
export const pressesInOrder = 'Presses in order';
export const allLayers = 'all layers';
export const time = 'Time';
export const byHand = 'hands-on';
export const pieces2 = (quantity: Said) => `, ${quantity} pieces`;
export const startToFinish = (quantity: Said) => `total${quantity}`;
export const takeItToTheBench = 'Take it to the bench';
export const ticketPdf = 'Ticket, PDF';
export const jobFileArtworkAndAll = 'Export job';
export const noAnswer = 'No answer yet.';
export const notComputed = 'Not calculated.';
export const theServiceDoesNotAnswer = 'The program does not answer; trying again.';
export const check = 'Check ';
export const belowPaleTheAnswerFrom = 'Shown below, faded: the answer before this change.';
export const after = (from: Said) => `after ${from}`;
export const withinS = (to: Said) => `within ${to} s`;
export const peel = (method: Said) => `peel ${method}`;
export const onAColdBench = ', on a cool surface';

// JobPage
export const theJob = 'the job';
export const saved = 'Saved';
export const notSavedSomethingBelowNeeds = 'Not saved: something below needs fixing';
export const notSavedItWasChanged = 'Not saved: changed in another window';
export const notSavedYetTheService = 'Not saved yet: the program does not answer';
export const title = 'Title';
export const undo = 'Undo';
export const redo = 'Redo';
export const stations = 'Stations';
export const item = 'Item';
export const place = 'Place';
export const artwork = 'Artwork';
export const cut = 'Cut';
export const press = 'Press';
export const sideBySide = 'Compare';
export const bench = 'Bench';
export const care = 'Care';
export const price = 'Price';
export const changedElsewhere = 'Changed in another window.';
export const somebodySavedWhileItWas = (title: Said) =>
  ` “${title}” was saved somewhere else while it was open here. Nothing is lost: choose which one to keep. Undo brings the other back.`;
export const keepMine = 'Keep mine';
export const takeTheNewerOne = 'Use the newer one';
export const notSavedYet = 'Not saved yet.';
export const theServiceDoesNotAnswer2 =
  'The program does not answer. Your changes are kept on this device and saved as soon as it does.';
export const tryNow = 'Try now';

// QuickAnswer
export const vinylsAndPresses = 'vinyls and presses';
export const howHotHowLong = 'How hot, how long?';
export const iPress = "I'm pressing ";
export const vinyl2 = 'Vinyl';
export const withVinyl = ' with ';
export const onPress = (name: Said) => ` on ${name} `;
export const paleTheAnswerFromBefore = 'Faded: the answer before this change.';
export const makeItAJob = 'Save as a job';
export const computedForThisVinylCloth =
  'Calculated for this vinyl, fabric and press from typical values, not measured on yours.';
export const theMomentBeforeThePlate = 'Just before the press opens. The orange line is where the glue is.';
export const leaveItOut = (name: Said) => `${name} (ignore them)`;
export const myWrapperSays = "My vinyl's instructions say …";
export const myPressIs = 'My press is …';
export const whatTheWrapperSays = 'What the instructions say';
export const temperature = 'Temperature';
export const pressure = 'Pressure';
export const peel2 = 'Peel';
export const whatThePressIs = 'My press';
export const plateWidth = 'Plate width';
export const plateHeight = 'Plate height';
export const dialItsErrorAndHow = 'Its dial and pressure: once, under ';
export const shelf = 'My materials';
export const thenYourPressStandsIn = '. Then you can pick your press in the sentence above.';

// Today
export const today = 'Today';
export const curing = 'Curing';
export const lowStock = 'Low stock';
export const openIt = 'Open';
export const untilWash = (left: Said) => `${left} until it can be washed`;

// JobsPage
export const somethingLifted = 'Peeling after a wash?';
export const inTheWashOrOn = 'Two questions, and what to try. No job needed.';
export const practice = 'Practice';
export const onTheBench = 'At the press now';
export const ofDone = (count: Said, count2: Said) => `${count} of ${count2} done`;
export const goOn = 'Continue';
export const yourJobs = 'Your jobs';
export const openAJobFile = 'Open a job file';
export const yourJobs2 = 'your jobs';
export const findAJobByIts = 'Search jobs';
export const noJobHasInIts = (search: Said) => `No job matches “${search}”.`;
export const nothingHereYetFillIn =
  'No jobs yet. Fill in the sentence above and save it as a job: its settings, steps and results stay together.';
export const jobs = 'Jobs';
export const showMore = 'Show more';
export const ofWord = (count: Said, total: Said) => `${count} of ${total}`;
export const isDeleted = (title: Said) => `“${title}” is deleted.`;
export const beingWorkedOut = 'Calculating …';
export const copy = (title: Said) => `Copy ${title}`;
export const copy2 = 'Copy';
export const deleteWord = (title: Said) => `Delete ${title}`;
export const deleteWord2 = 'Delete';

const count = (well: number, of: number) => (well < of ? `${well} of ${of} good` : of > 1 ? `all ${of} good` : 'good');
export const lastTime = (on: string, well: number, of: number) => `Pressed ${on}: ${count(well, of)}`;

export const setUpMyPress = 'Set up my press';
export const readTheGuide = 'Read the guide';

// Due
export const dueFirst = 'Due first';
export const lastChangedFirst = 'Last changed first';
export const sortJobs = 'Sort jobs';
export const dueOn = (day: Said) => `Due ${day}`;
export const dueToday = 'Due today';
export const dueTomorrow = 'Due tomorrow';
export const wasDue = (day: Said) => `Was due ${day}`;
export const due = 'Due';

// Tour
export const tour = 'Tour';
export const takeTheTour = 'Two-minute tour';
export const tourAt = (at: Said, of: Said) => `Tour, ${at} of ${of}`;
export const tourNext = 'Next';
export const tourEnd = 'End the tour';
export const tourKeep = 'Done, keep the example';
export const tourRemove = 'Done, remove the example';
export const tourItem =
  'Say what you press on, which vinyl, and which press. Change anything: the answer follows at once. Names, sizes and colors of several pieces go into one list here.';
export const tourPlace =
  'Where the print goes. Pick a suggestion or drag it. The placement guide prints in actual size: cut it out and lay it on the shirt.';
export const tourArtwork =
  'What is cut. Import a drawing, type text, or list names. Places too thin to weed are circled before you waste vinyl on them.';
export const tourCut =
  'What comes off your rolls and what is left over. Save the file for your cutter here; it is mirrored for you.';
export const tourPress =
  'Why the answer is what it is: the whole job over time, where the plate goes, how much leeway you have. “Ticket, PDF” prints it all on a page; “Export job” makes a file to share.';
export const tourBench =
  'At the press, the bench tells you one thing at a time, in letters you can read from across the table. Try a practice run: nothing is recorded. “Help” has the rest.';
