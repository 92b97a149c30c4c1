// What stands on these screens, screen by screen.

type Said = string | number;

// outcomes
export const stuck = 'Held';
export const edgesLift = 'Edges lift';
export const cameUpWithTheCarrier = 'Lifted with the carrier';
export const noWeaveShowing = 'Fabric texture not showing';
export const wrinkled = 'Wrinkled';
export const rippled = 'Rippled';
export const foamFlat = 'Puff did not rise';
export const dented = 'Dented';
export const shinyBox = 'Press mark (shiny outline)';
export const colourChanged = 'Color changed';
export const scorched = 'Scorched';
export const crooked = 'Crooked';
export const asOnTheFirstDay = 'As on the first day';
export const anEdgeLifts = 'An edge lifts';
export const cracked = 'Cracked';
export const faded = 'Faded';
export const partsCameOff = 'Parts came off';

// LogFrame
export const logbook = 'Logbook';
export const pieces = 'Pieces';
export const whatItTaught = 'What it learned';
export const care = 'Care';
export const keptSafe = 'Backups';
export const helpers = 'Helpers';
export const namesAndPhotos = 'Names';

// KeptPage
export const madeByItself = 'automatic';
export const madeBecauseYouAsked = 'made by you';
export const beforeANewerProgram = 'before an update';
export const beforeAnotherWasPutBack = 'before a restore';
export const beforeAWorkshopWasTaken = 'before an import';
export const theBackups = 'the backups';
export const itIsBack = 'Restored.';
export const whatWasHereBeforeIs = ' What was here before is kept as a backup.';
export const undoPutBackWhatWas = 'Undo: restore what was here before';
export const takeTheRestIn = 'Import the rest';
export const setAside = 'Set aside';
export const theseCouldNotBeRead =
  'These could not be read; everything else works without them. They are still in the database.';
export const withoutAName = 'Without a name';
export const backups = 'Backups';
export const makeOneNow = 'Back up now';
export const oneADayByItself = 'One a day, the newest fourteen kept, and one before anything big. They are in ';
export const backups2 = (folder: Said) => `${folder}/backups`;
export const noneYet = 'None yet.';
export const saveACopy = 'Save a copy';
export const putItBack = (it: Said) => `Restore: ${it}`;
export const putItBack2 = 'Restore';
export const theWholeWorkshop = 'The whole workshop';
export const theWholeWorkshopInOne = 'The whole workshop in one file';
export const jobsWithTheirArtworkThe =
  'Jobs with artwork, materials, vinyl stock, runs, logbook and photos: one ZIP of open files, for another computer or a safe place.';
export const saveTheWholeWorkshop = 'Export the whole workshop';
export const takingItIn = 'Importing …';
export const takeAWorkshopIn = 'Import a workshop';
export const aWorkshopThatIsTaken =
  'An imported workshop replaces this one. What was here before is kept as a backup you can restore. A damaged file is refused and nothing changes.';

// Photos
export const photos = 'Photos';
export const thePiece = 'The piece';
export const takePhotoAway = (i: Said) => `Remove photo ${i}`;
export const makingItSmall = 'Shrinking it …';
export const anotherPhoto = 'Another photo';
export const addAPhoto = 'Add a photo';

// Washes
export const washes = 'Washes';
export const inTheWash = 'After washing';
export const after = (washes: Said, toLowerCase: Said) => `After ${washes}: ${toLowerCase}`;
export const takeItBack = 'Undo';
export const howItLooks = 'How it looks';
export const noteIt = 'Save';

// EntryDetails
export const repeatThisOrder = 'Repeat this order';
export const newJobSetAsUsed = 'New job with this setting';
export const pressItOnceMore = 'Press it once more, in practice';
export const allOfThisRun = 'All of this run';
export const workedOnFrom = (devices: Said) => `Worked on from ${devices}.`;
export const remark = 'Remark';
export const lotsOfItsVinylWith = 'Vinyl lots, separated by commas';
export const everyPieceOf = (lot: Said) => `Every piece of ${lot}`;
export const aWorkedExampleItTeaches = 'An example: nothing is learned from it. Copy its job to press it as your own.';
export const itDoesNotCountNo = 'Not counted: no plan learns from it. ';
export const plansLearnFromThisPiece = 'Plans learn from this piece. ';
export const whatCameOutSaysNothing =
  'The result says nothing about the heat of one vinyl, so no plan learns from it. ';
export const letItCountAgain = 'Count it again';
export const itShouldNotCount = 'Don’t learn from this';
export const howMuchRoom = 'Safe range';
export const howMuchRoom2 = 'Safe range ';
export const allPiecesLikeThisOne = 'all pieces like this one';

// Filters
export const lost = 'Lost';
export const lookFor = 'Search';
export const wordsAnywhere = 'Search';
export const vinyl = 'Vinyl';
export const blank = 'Item';
export const press = 'Press';
export const whatCameOut = 'Result';
export const byLotNameDate = 'More filters';
export const showAll = 'Show all';
export const lot = 'Lot';
export const whose = 'Name';
export const fromWord = 'From';
export const until = 'To';

// LogbookPage
export const newestFirst = ', newest first';
export const n1PieceWas = '1 piece was';
export const piecesWere = (total: Said) => `${total} pieces were`;
export const madeFromLot = (total: Said, lot: Said) => `${total} made from lot ${lot}.`;
export const isItABadOne = ' Bad lot? Each line says whose piece it is; open it to note how it went.';
export const theLogbook = 'the logbook';
export const nothingPressedYetEveryPiece =
  'Nothing pressed yet. Every piece from the bench is noted here automatically: setting, time, result. Every plan learns from it.';
export const noPieceFits = 'No matches. ';
export const showAllOfThem = 'Show all';
export const when = 'When';
export const piece = 'Piece';
export const setTo = 'Set to';
export const pressed = 'Pressed';
export const theNewestAreShown = (count: Said) => `Showing the newest ${count}.`;
export const showMore = (PAGE: Said) => `Show ${PAGE} more`;
export const narrowItDownToSee = 'Narrow the search to see the others.';
export const howCameOut = (title: Said) => `How ${title} came out`;
export const untitled = 'Untitled';
export const ofWord = (piece: Said, pieces: Said) => ` ${piece} of ${pieces}`;
export const doesNotCount = 'Not counted';
export const workedExampleTeachesNothing = 'Example: not learned from';
export const measured = (plateCelsius: Said) => `measured ${plateCelsius}`;
export const andSBack = (it: Said) => `and ${it} s back`;
export const lookedUpForThisPress = 'looked up for this press';
export const asUsedBefore = 'as used before';
export const plannedS = (plannedSeconds: Said) => `planned ${plannedSeconds} s`;
export const thenItHeld = ', then it held.';
export const itDidNotComeRight = '; it did not hold.';
export const pressedSAgain = (it: Said, endedWell: Said) => `Pressed ${it} s again${endedWell}`;
export const oneWash = 'one wash';
export const after2 = (WASHED: Said, washes: Said) => `${WASHED} after ${washes}`;
export const saveAsATableCsv = (narrowed: Said) => `Save ${narrowed} as a table (CSV)`;
export const saveAsJson = 'Save as JSON';
export const readALogbookIn = 'Import a logbook';
export const readingItIn = 'Importing …';
export const ofEntries = (ready: Said, total: Said) => ` ${ready} of ${total} entries`;
export const ofNewTheOthersWere = (added: Said, read: Said, read2: Said) =>
  `${added} of ${read}  ${read2} new; the others were already here.`;

// LessonLine
export const nineTimesInTenTo = (lesson: Said, lesson2: Said) => `likely range: ${lesson} to ${lesson2}`;
export const plansUseIt = (about: Said) => `Plans use it: ${about}`;
export const plansUseIt2 = 'Plans use it';
export const tooLittleYetToChange = 'Not enough yet to change a plan.';
export const cautiously = (lesson: Said) => `applied: ${lesson}`;
export const switchedOffAsTheCatalogue = 'off: usual figures';

// TaughtPage
export const aProbeUnderThePlate = 'a probe under the plate';
export const aHeatStrip = 'a heat strip';
export const whatWasLearned = 'what was learned';
export const everyPlanBeginsWithThe =
  'Every plan starts from typical values and moves toward your own results. Plate and vinyl are learned separately: a thermometer tells about the plate, lifting and wrinkling about the vinyl. One odd piece changes little.';
export const nothingYetItTakesPieces =
  'Nothing yet. It takes pieces pressed and checked here, or a measured plate. Examples are not learned from.';
export const presses = 'Presses';
export const yourPressesHowHotThe = 'Your presses: how hot they really run';
export const vinyls = 'Vinyls';
export const yourVinylsHowMuchBond = 'Your vinyls: how much heat they need on your blanks';
export const measuredPlates = 'Measured plates';
export const measureAPlate = 'Measure a plate';
export const warmThePressThroughClose =
  'Heat the press fully, close it on the probe or strip with fabric and cover as usual, and wait until the reading is steady. One reading tells more than a dozen pieces. The plate is hot: wear gloves, hands out before it closes.';
export const theDialSays = 'The dial says';
export const measured2 = 'Measured';
export const withWord = 'With';
export const dial = 'Dial';
export const offBy = 'Off by';
export const whatToDo = 'What to do';
export const heatStrip = 'heat strip';
export const takeItBack2 = (name: Said) => `Undo: ${name}`;

// KeptPatches
export const testPatches = 'Test patches';
export const patchesCount =
  'Each counts in every later job with the same press, vinyl and blank. Strike one that is misleading.';
export const strikeIt = 'Strike';
export const countItAgain = 'Count it again';

// Repairs
export const repairs = 'Repaired, moved or replaced';
export const repairsMean =
  'A press with a new sensor or in a new place heats differently. Earlier readings and results no longer count for its plate; what they showed about your vinyls still does.';
export const repairedNow = 'Start fresh from today';
export const asItIsSince = (press: Said, day: Said) => `${press}: counted since ${day}`;

// SecondPlace
export const secondPlace = 'A second place';
export const secondPlaceWhy =
  'If this disk dies, its backups die with it. Each backup is also copied to another disk or stick whenever it is plugged in.';
export const copyFolder = 'Folder';
export const copyFolderHint = '/media/stick/juxtherm';
export const copyThere = 'Copy there';
export const copiedAt = (at: string) => `Last copied ${at}.`;
export const notCopiedYet = 'Not copied there yet.';
export const testedAt = (at: string) => `Last test restore: ${at}. Nothing was missing.`;
export const neverTested = 'No test restore yet.';
export const tryItNow = 'Test now';
export const testing = 'Testing the newest backup …';

// AnotherWorkshop
export const anotherWorkshop = 'Another workshop';
export const anotherWorkshopWhy =
  'Jobs, your own materials, and what your pieces taught, in one signed file. Lists of names, remarks and photos stay here; titles and lettering go along as they are.';
export const weAre = 'Your workshop’s name';
export const giveAway = 'Save for another workshop';
export const lookInto = 'Open theirs';
export const ourSeal = 'Your signature, for them to compare:';
export const aWorkshop = 'An unnamed workshop';
export const signedBy = 'signed this:';
export const knownAlready = '. You have added something of theirs before.';
export const compareSeal = '. Compare it with the signature on their screen.';
export const jobsIn = (count: number, titles: string) => (count === 0 ? 'No new jobs' : `Jobs: ${count} (${titles})`);
export const ownIn = (count: number, names: string) =>
  count === 0 ? 'No new materials' : `New materials: ${count} (${names})`;
export const piecesIn = (count: number) =>
  count === 0 ? 'No new pieces' : `Pieces for your logbook, as a hint about vinyls on fabrics: ${count}`;
export const hereAlready = (count: number) => ` · ${count} you already have`;
export const takeIn = 'Add it';
export const takingIn = 'Adding it …';
export const checked = (ready: number, total: number) => `Checked ${ready} of ${total} jobs …`;
export const leaveIt = 'Not now';
export const takenIn = (jobs: number, own: number, pieces: number) =>
  `${jobs} jobs, ${own} materials, ${pieces} pieces`;
export const interrupted = 'Interrupted. Open the file again to add all of it, or remove it.';
export const takeItOut = 'Remove it again';
