// What stands on these screens, screen by screen.

type Said = string | number;

// words
export const testCut = 'Test cut';
export const testPressPatch = 'Test press patch';
export const partOf = (part: Said, parts: Said) => `, part ${part} of ${parts}`;
export const piece = (number: Said, what: Said, part: Said, garment: Said) =>
  `${number}${what}${part}, piece ${garment}`;
export const ofVinylAboutToCut = (mats: Said, lengthMm: Said, cutSeconds: Said) =>
  `${mats} · ${lengthMm} of vinyl · about ${cutSeconds} to cut`;
export const theVinylHasRunOut = 'Out of vinyl.';
export const takeTheMatOutPieces = 'Take the mat out. Finished pieces are kept; the rest goes on another mat.';
export const theRollersLostTheMat = 'The mat slipped.';
export const nothingIsWhereItWas = 'Nothing lines up any more. Take the mat out; unfinished pieces are cut again.';
export const theComputerSleptAndThe = 'The computer went to sleep and the cutter stopped.';
export const theMatHasNotMoved = 'The mat has not moved: continue. Keep the computer awake until it is done.';
export const theProgramWasStartedAnew = 'The program restarted while cutting.';
export const whatTheBladeDidIs = 'It is not clear what was cut. Take the mat out and cut it again.';

// TestCutLadder
export const cleanCarrierOnlyScratched = 'Clean, carrier only scored';
export const tooShallowItTears = 'Too shallow: it tears';
export const tooDeepCarrierCut = 'Too deep: carrier cut';
export const raggedCorners = 'Ragged corners';
export const testCutWhatDoesIt = 'Test cut: what does it look like?';
export const cutWithOnThe = (tried: Said) => `Cut with ${tried} on the `;

// WeedingSheet
export const weedingSheet = 'Weeding sheet';
export const asItReadsFromThe = 'As it reads from the front: shaded stays, numbered centers come out.';
export const printIt = 'Print';
export const toPick = (centres: Said, centres2: Said) => `${centres}  ${centres2} to weed`;
export const pieceStays = 'piece stays';
export const piecesStay = 'pieces stay';
export const ringedAbout = (pieces: Said, pieces2: Said, rings: Said, weedSeconds: Said) =>
  ` · ${pieces}  ${pieces2} · ${rings} circled · about ${weedSeconds}`;
export const sheetFromTheRightSide = (name: Said, number: Said) => `${name}, sheet ${number} from the front`;

// AtTheCutter
export const beingCut = 'being cut';
export const theCut = 'the cut';
export const matOf = (number: Said, count: Said, name: Said) => `Mat ${number} of ${count}: ${name}`;
export const allMatsAreCut = 'All mats are cut.';
export const aboutOfCuttingInAll = (estimated: Said) => `About ${estimated} of cutting in all`;
export const measuredSoFar = (measured: Said) => `; ${measured} measured so far`;
export const weedTheSheetsBelowThen =
  'Weed the sheets below, then press. The vinyl comes off your stock when the run starts at the bench, and leftovers come back as labeled offcuts.';
export const pressedWithoutTheBenchTake = 'Pressed without the bench: take the vinyl off stock';
export const giveThisCutUp = 'Cancel cutting';
export const simulatedCutter = 'Simulated cutter.';
export const thisMatAsAFile = 'this mat as a file';
export const theSheetsAsFiles = 'the sheets as files';
export const itShowsTheOrderThe = (mat: Said) =>
  ` It shows the order, settings and time, and cuts nothing. For your own cutter, save ${mat}: `;
export const tickTheMatsOffHere = '. Tick the mats off here as they come out.';
export const asItLiesOnThe = (name: Said) => `${name} on the mat`;
export const preset = 'Settings';
export const vinyl = 'Vinyl';
export const cutReversed = 'mirrored';
export const notReversed = 'not mirrored';
export const ofItCarrierDown = (lengthMm: Said, mirrored: Said) => `${lengthMm}, carrier side down, ${mirrored}`;
export const pieces = 'Pieces';
export const about = 'About';
export const thisMatIs = (name: Said) => `This mat is ${name}.`;
export const iSetTheAndChecked = (preset: Said) => ` I set the ${preset} and checked it.`;
export const vinylOnTheMatIf = 'Vinyl on the mat, if shorter than drawn';
export const loadIt = 'Load it';
export const go = 'Go';
export const takeItOutAgain = 'Take it out again';
export const left = ' left';
export const cutSoFar = 'Cut so far';
export const keepTheComputerAwakeUntil =
  'Keep the computer awake until it is done, and fingers and hair off blade and rollers.';
export const practiseWhatCanGoWrong = 'Practice what can go wrong';
export const theVinylEndsHere = 'The vinyl ends here';
export const theMatSlips = 'The mat slips';
export const theComputerSleeps = 'The computer sleeps';
export const theCutterStopped = 'The cutter stopped.';
export const ofCutWhole = (count: Said, count2: Said) => `${count} of ${count2} finished.`;
export const goOn = 'Continue';
export const takeTheMatOut = 'Take the mat out';
export const cutIn = (measuredSeconds: Said) => `Cut in ${measuredSeconds}.`;
export const beforeItComesOutBend =
  ' Before it comes out: bend a corner against the light. Is every line through, and the carrier whole?';
export const peelTheMatFromThe = 'Peel the mat from the vinyl, not the vinyl from the mat.';
export const mats = 'Mats';
export const mat = 'Mat';
export const length = 'Length';
export const estimated = 'Estimated';
export const took = 'Took';
export const isWord = 'Status';

// FromShelf
export const fromYourStock = 'From your stock';
export const cutOff = (length: Said) => `${length} cut off`;
export const leftOver = (widthMm: Said, lengthMm: Said, lengthUnit: Said) =>
  `${widthMm} × ${lengthMm} ${lengthUnit} left over`;

// CutList
export const onTheMats = (count: Said) => (count === 1 ? 'On the mat' : `On the mats (${count})`);
export const matsAlike = (from: Said, to: Said) => `Mats ${from}–${to}, all alike`;
export const oneMat = (number: Said) => `Mat ${number}`;
export const cutReversedOnceHereThe = 'Mirrored once, here; your drawing stays as it reads.';
export const notReversedThisVinylIs = 'Not mirrored: this vinyl is cut as it reads.';
export const carrierSheetDown = ' Carrier sheet down.';
export const itHasARightWay = ' It has a grain: nothing is rotated.';
export const sheetAsItLiesOn = (name: Said, number: Said) => `${name}, sheet ${number} on the mat`;
export const sheetOf = (number: Said, usedLengthMm: Said, widthMm: Said, lengthUnit: Said, cutSeconds: Said) =>
  `${number}: ${widthMm} ${lengthUnit} wide × ${usedLengthMm} long · ${cutSeconds}`;
export const allOfIt = 'whole piece';
export const fromWord = (label: Said, kind: Said) => `From “${label}”: ${kind}`;
export const comesBack = (widthMm: Said, lengthMm: Said, lengthUnit: Said) =>
  ` · ${widthMm} × ${lengthMm}  ${lengthUnit} left over`;
export const aCornerGone = ', one corner used';
export const nothingOfItOnHand = 'None in stock: shown on a roll of the usual width.';
export const theRollsAreNotEnough = 'Not enough left for another run like this.';
export const enoughForMore = (moreRuns: Said) => `Enough for ${moreRuns} more.`;
export const enoughOnHandIn = 'Enough in stock in:';
export const anotherColor = 'another color';
export const itIsUsedForIt = 'It will be used. ';
export const theArtworkSColorAnd = (name: Said, taken: Said) =>
  `The artwork’s color, and “${name}” on your shelf. ${taken}Is it the same?`;
export const yesUseIt = 'Yes, use it';
export const noAnother = 'No, another';

// CutOptions
export const cutter = 'Cutter';
export const nothingIsLaidOutWider = 'Nothing is laid out wider than this.';
export const kindOfCutter = 'Kind of cutter';
export const widestItCuts = 'Cutting width';
export const longestItCuts = 'Cutting length';
export const vinylThatNeedsNoMat = 'Vinyl that needs no mat';
export const sheets = 'Sheets';
export const roomBetweenPieces = 'Gap (for trimming)';
export const forTheScissors = 'For your scissors.';
export const packTightlyAbove = 'Nest above';
export const transferSheets = 'Transfer sheets';
export const aPiece = 'a piece';
export const transferSheetsHint = 'For parts that have left their carrier. They go on the list of what to buy.';
export const testCutFirst13Mm = 'Test cut first, 13 mm';
export const aPatchForATest = 'A patch for a test press';

// TwoWays
export const cutAsItLies = 'As drawn';
export const packedTightly = 'Nested';
export const thrownAway = 'Waste';
export const laidSingly = 'On its own sheet';
export const yourTime = 'Your time';
export const cutting = 'Cutting';
export const vinylCosts = 'Vinyl costs';
export const notKnown = 'not known';
export const twoWaysToLayIt = 'Two layouts';
export const figure = 'Figure';
export const advised = 'recommended';

// CutStation
export const itCannotBeLaidOut = 'It cannot be laid out yet: see what needs fixing on the right.';
export const layoutComes = 'layout comes';
export const layoutsCome = 'layouts come';
export const waitingFirst = (before: Said, before2: Said) => `Waiting: ${before} ${before2} first`;
export const layingOut = (share: Said) => `Laying out … ${share} %`;
export const soFar = (lengthMm: Said) => `${lengthMm} so far`;
export const goodEnoughStop = 'Good enough, stop';
export const earlierCuts = 'earlier cuts';
export const vinylAndColour = 'vinyl and color';
export const vinylsAndColours = 'vinyls and colors';
export const onThe = (
  count: Said,
  count2: Said,
  toLowerCase: Said,
  cutterWidthMm: Said,
  cutterLengthMm: Said,
  lengthUnit: Said,
) => `${count}  ${count2} on the ${toLowerCase}, ${cutterWidthMm} × ${cutterLengthMm}  ${lengthUnit}`;
export const withoutAMat = ', without a mat';
export const itWasCutBeforeAnd = ' This was cut before, and that vinyl is used.';
export const cutIt = 'Cut it';
export const cutFile = 'Cut file:';
export const nothingToCutYetBring = 'Nothing to cut yet: add artwork or give a layer a size under Artwork.';
export const allIsCutAlready = 'All of it is cut already';
