// What stands on these screens, screen by screen.

type Said = string | number;

// outcomes
export const stuck = 'Stuck';
export const edgesLift = 'Edges lift';
export const cameUpWithTheCarrier = 'Came up with the carrier';
export const noWeaveShowing = 'No weave showing';
export const wrinkled = 'Wrinkled';
export const rippled = 'Rippled';
export const foamFlat = 'Foam flat';
export const dented = 'Dented';
export const shinyBox = 'Shiny box';
export const colourChanged = 'Colour changed';
export const scorched = 'Scorched';
export const crooked = 'Crooked';
export const asOnTheFirstDay = 'As on the first day';
export const anEdgeLifts = 'An edge lifts';
export const cracked = 'Cracked';
export const faded = 'Faded';
export const partsCameOff = 'Parts came off';

// LogFrame
export const borderInkFontBold = 'border-ink font-bold';
export const borderTransparentTextQuietHover = 'border-transparent text-quiet hover:text-ink';
export const logbook = 'Logbook';
export const pieces = 'Pieces';
export const whatItTaught = 'What it taught';
export const care = 'Care';
export const keptSafe = 'Kept safe';

// KeptPage
export const madeByItself = 'made by itself';
export const madeBecauseYouAsked = 'made because you asked';
export const beforeANewerProgram = 'before a newer program';
export const beforeAnotherWasPutBack = 'before another was put back';
export const beforeAWorkshopWasTaken = 'before a workshop was taken in';
export const theBackups = 'the backups';
export const itIsBack = 'It is back.';
export const whatWasHereBeforeIs = ' What was here before is kept as a backup of its own.';
export const undoPutBackWhatWas = 'Undo: put back what was here before';
export const takeTheRestIn = 'Take the rest in';
export const setAside = 'Set aside';
export const theseCouldNotBeRead =
  'These could not be read, and everything else works without them. They are still in the database, whole.';
export const withoutAName = 'Without a name';
export const backups = 'Backups';
export const makeOneNow = 'Make one now';
export const oneADayByItself =
  'One a day by itself, the newest fourteen kept, and one before anything large. They lie in ';
export const backups2 = (folder: Said) => `${folder}/backups`;
export const copyThatFolderToAnother =
  '. Copy that folder to another disk now and then: a disk that dies takes its backups with it.';
export const noneYet = 'None yet.';
export const saveACopy = 'Save a copy';
export const putItBack = (it: Said) => `Put it back: ${it}`;
export const putItBack2 = 'Put it back';
export const theWholeWorkshop = 'The whole workshop';
export const theWholeWorkshopInOne = 'The whole workshop in one file';
export const jobsWithTheirArtworkThe =
  'Jobs with their artwork, the shelf, vinyl on hand, runs, the logbook and its photos: a ZIP of open files, for another machine or a safe place.';
export const saveTheWholeWorkshop = 'Save the whole workshop';
export const takingItIn = 'Taking it in …';
export const takeAWorkshopIn = 'Take a workshop in';
export const aWorkshopThatIsTaken =
  'A workshop that is taken in stands in the place of this one. What was here before is kept as a backup and can be put back. A file that is damaged, or no workshop, is refused and nothing changes.';

// Photos
export const photos = 'Photos';
export const thePiece = 'The piece';
export const takePhotoAway = (i: Said) => `Take photo ${i} away`;
export const makingItSmall = 'Making it small …';
export const anotherPhoto = 'Another photo';
export const addAPhoto = 'Add a photo';

// Washes
export const washes = 'Washes';
export const inTheWash = 'In the wash';
export const after = (washes: Said, toLowerCase: Said) => `After ${washes}: ${toLowerCase}`;
export const takeItBack = 'Take it back';
export const howItLooks = 'How it looks';
export const noteIt = 'Note it';

// EntryDetails
export const repeatThisOrder = 'Repeat this order';
export const newJobSetAsUsed = 'New job, set as used';
export const allOfThisRun = 'All of this run';
export const remark = 'Remark';
export const lotsOfItsVinylWith = 'Lots of its vinyl, with commas between';
export const everyPieceOf = (lot: Said) => `Every piece of ${lot}`;
export const aWorkedExampleItTeaches =
  'A worked example: it teaches nothing about your workshop. Copy its job to press it as your own.';
export const itDoesNotCountNo = 'It does not count: no plan learns from it. ';
export const plansLearnFromThisPiece = 'Plans learn from this piece. ';
export const whatCameOutSaysNothing =
  'What came out says nothing of the heat of one vinyl, so no plan learns from it. ';
export const letItCountAgain = 'Let it count again';
export const itShouldNotCount = 'It should not count';
export const howMuchRoom = 'How much room';
export const howMuchRoom2 = 'How much room ';
export const allPiecesLikeThisOne = 'all pieces like this one';

// Filters
export const lost = 'Lost';
export const lookFor = 'Look for';
export const wordsAnywhere = 'Words anywhere';
export const vinyl = 'Vinyl';
export const blank = 'Blank';
export const press = 'Press';
export const whatCameOut = 'What came out';
export const byLotNameDate = 'By lot, name, date';
export const showAll = 'Show all';
export const lot = 'Lot';
export const whose = 'Whose';
export const fromWord = 'From';
export const until = 'Until';

// LogbookPage
export const newestFirst = ', newest first';
export const n1PieceWas = '1 piece was';
export const piecesWere = (total: Said) => `${total} pieces were`;
export const madeFromLot = (total: Said, lot: Said) => `${total} made from lot ${lot}.`;
export const isItABadOne = ' Is it a bad one? Each line says whose the piece is; open it to note what came of it.';
export const theLogbook = 'the logbook';
export const nothingPressedYetEveryPiece =
  'Nothing pressed yet. Every piece that goes over the bench is written down here by itself: what was set, how long it was pressed, what came out. From then on every plan learns from it.';
export const noPieceFits = 'No piece fits. ';
export const showAllOfThem = 'Show all of them';
export const when = 'When';
export const piece = 'Piece';
export const setTo = 'Set to';
export const pressed = 'Pressed';
export const theNewestAreShown = (count: Said) => `The newest ${count} are shown.`;
export const showMore = (PAGE: Said) => `Show ${PAGE} more`;
export const narrowItDownToSee = 'Narrow it down to see the others.';
export const howCameOut = (title: Said) => `How ${title} came out`;
export const untitled = 'Untitled';
export const ofWord = (piece: Said, pieces: Said) => ` ${piece} of ${pieces}`;
export const doesNotCount = 'Does not count';
export const workedExampleTeachesNothing = 'Worked example: teaches nothing';
export const measured = (plateCelsius: Said) => `measured ${plateCelsius}`;
export const andSBack = (it: Said) => `and ${it} s back`;
export const lookedUpForThisPress = 'looked up for this press';
export const asUsedBefore = 'as used before';
export const plannedS = (plannedSeconds: Said) => `planned ${plannedSeconds} s`;
export const thenItHeld = ', then it held.';
export const itDidNotComeRight = '; it did not come right.';
export const pressedSAgain = (it: Said, endedWell: Said) => `Pressed ${it} s again${endedWell}`;
export const oneWash = 'one wash';
export const after2 = (WASHED: Said, washes: Said) => `${WASHED} after ${washes}`;
export const saveAsATableCsv = (narrowed: Said) => `Save ${narrowed} as a table (CSV)`;
export const saveAsJson = 'Save as JSON';
export const readALogbookIn = 'Read a logbook in';
export const readingItIn = 'Reading it in …';
export const ofEntries = (ready: Said, total: Said) => ` ${ready} of ${total} entries`;
export const ofNewTheOthersWere = (added: Said, read: Said, read2: Said) =>
  `${added} of ${read}  ${read2} new; the others were here already.`;

// LessonLine
export const nineTimesInTenTo = (lesson: Said, lesson2: Said) => `nine times in ten: ${lesson} to ${lesson2}`;
export const plansUseIt = (about: Said) => `Plans use it: ${about}`;
export const plansUseIt2 = 'Plans use it';
export const tooLittleYetToChange = 'Too little yet to change a plan.';
export const cautiously = (lesson: Said) => `cautiously: ${lesson}`;
export const switchedOffAsTheCatalogue = 'switched off: as the catalogue says';

// TaughtPage
export const aProbeUnderThePlate = 'a probe under the plate';
export const aHeatStrip = 'a heat strip';
export const whatWasLearned = 'what was learned';
export const everyPlanBeginsWithThe =
  'Every plan begins with the catalogue’s figures and moves towards what came out here. Plate and vinyl are kept apart: a measured plate tells the one, what lifts or wrinkles the other. A single odd piece moves little.';
export const nothingYetItTakesPieces =
  'Nothing yet. It takes pieces that were pressed here and looked at, or a plate that was measured. Worked examples teach nothing.';
export const presses = 'Presses';
export const yourPressesHowHotThe = 'Your presses: how hot the face is at the same dial';
export const vinyls = 'Vinyls';
export const yourVinylsHowMuchBond = 'Your vinyls: how much bond they want on your blanks';
export const measuredPlates = 'Measured plates';
export const measureAPlate = 'Measure a plate';
export const warmThePressThroughClose =
  'Warm the press through, close it on the probe or strip with cloth and cover as usual, and wait until the figure stands. One reading says more than a dozen pieces. The plate is hot: gloves, and hands out before it closes.';
export const theDialSays = 'The dial says';
export const measured2 = 'Measured';
export const withWord = 'With';
export const dial = 'Dial';
export const offBy = 'Off by';
export const whatToDo = 'What to do';
export const heatStrip = 'heat strip';
export const takeItBack2 = (name: Said) => `Take it back: ${name}`;

// KeptPatches
export const testPatches = 'Test patches';
export const patchesCount =
  'Each counts in every later job on the same press, vinyl and blank. Strike one that misleads: a hand slipped, the wrong dial.';
export const strikeIt = 'Strike';
export const countItAgain = 'Count it again';

// Repairs
export const repairs = 'Repaired, moved or replaced';
export const repairsMean =
  'A press with a new sensor or in a new place heats differently. What was measured and pressed before then says nothing of its plate any more; what it showed of your vinyls still counts.';
export const repairedNow = 'Begin anew from today';
export const asItIsSince = (press: Said, day: Said) => `${press}: as it is since ${day}`;
