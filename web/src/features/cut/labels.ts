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
export const theVinylHasRunOut = 'The vinyl has run out.';
export const takeTheMatOutPieces = 'Take the mat out. Pieces cut whole are kept; the rest comes onto another mat.';
export const theRollersLostTheMat = 'The rollers lost the mat.';
export const nothingIsWhereItWas = 'Nothing is where it was. Take the mat out; what is not cut whole is cut anew.';
export const theComputerSleptAndThe = 'The computer slept, and the cutter heard nothing more.';
export const theMatHasNotMoved = 'The mat has not moved: go on. Keep the computer awake until it is done.';
export const theProgramWasStartedAnew = 'The program was started anew while the blade was down.';
export const whatTheBladeDidIs = 'What the blade did is not known. Take the mat out and cut it again.';

// TestCutLadder
export const cleanCarrierOnlyScratched = 'Clean, carrier only scratched';
export const tooShallowItTears = 'Too shallow: it tears';
export const tooDeepCarrierCut = 'Too deep: carrier cut';
export const raggedCorners = 'Ragged corners';
export const testCutWhatDoesIt = 'Test cut: what does it look like?';
export const cutWithOnThe = (tried: Said) => `Cut with ${tried} on the `;

// WeedingSheet
export const weedingSheet = 'Weeding sheet';
export const asItReadsFromThe = 'As it reads from the right side: shaded stays, numbered centres go.';
export const printIt = 'Print it';
export const toPick = (centres: Said, centres2: Said) => `${centres}  ${centres2} to pick`;
export const pieceStays = 'piece stays';
export const piecesStay = 'pieces stay';
export const ringedAbout = (pieces: Said, pieces2: Said, rings: Said, weedSeconds: Said) =>
  ` · ${pieces}  ${pieces2} · ${rings} ringed · about ${weedSeconds}`;
export const sheetFromTheRightSide = (name: Said, number: Said) => `${name}, sheet ${number} from the right side`;

// AtTheCutter
export const beingCut = 'being cut';
export const theCut = 'the cut';
export const matOf = (number: Said, count: Said, name: Said) => `Mat ${number} of ${count}: ${name}`;
export const allMatsAreCut = 'All mats are cut.';
export const aboutOfCuttingInAll = (estimated: Said) => `About ${estimated} of cutting in all`;
export const measuredSoFar = (measured: Said) => `; ${measured} measured so far`;
export const weedTheSheetsBelowThen =
  'Weed the sheets below, then press: its vinyl is taken off the shelf when the run begins at the bench, and what is left comes back as labelled offcuts.';
export const pressedWithoutTheBenchTake = 'Pressed without the bench: take the vinyl off the shelf';
export const giveThisCutUp = 'Give this cut up';
export const simulatedCutter = 'Simulated cutter.';
export const thisMatAsAFile = 'this mat as a file';
export const theSheetsAsFiles = 'the sheets as files';
export const itShowsTheOrderThe = (mat: Said) =>
  ` It shows the order, the presets and the time, and cuts nothing. Your own cutter takes ${mat}: `;
export const tickTheMatsOffHere = '. Tick the mats off here as they come out.';
export const asItLiesOnThe = (name: Said) => `${name} as it lies on the mat`;
export const preset = 'Preset';
export const vinyl = 'Vinyl';
export const cutReversed = 'cut reversed';
export const notReversed = 'not reversed';
export const ofItCarrierDown = (lengthMm: Said, mirrored: Said) => `${lengthMm} of it, carrier down, ${mirrored}`;
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
export const practiseWhatCanGoWrong = 'Practise what can go wrong';
export const theVinylEndsHere = 'The vinyl ends here';
export const theMatSlips = 'The mat slips';
export const theComputerSleeps = 'The computer sleeps';
export const theCutterStopped = 'The cutter stopped.';
export const ofCutWhole = (count: Said, count2: Said) => `${count} of ${count2} cut whole.`;
export const goOn = 'Go on';
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
export const isWord = 'Is';

// CutList
export const cutReversedOnceHereThe = 'Cut reversed, once, here: the drawing stays as it reads.';
export const notReversedThisVinylIs = 'Not reversed: this vinyl is cut as it reads.';
export const carrierSheetDown = ' Carrier sheet down.';
export const itHasARightWay = ' It has a right way up: nothing is turned.';
export const sheetAsItLiesOn = (name: Said, number: Said) => `${name}, sheet ${number} as it lies on the mat`;
export const sheetOf = (number: Said, usedLengthMm: Said, widthMm: Said, lengthUnit: Said, cutSeconds: Said) =>
  `Sheet ${number}: ${usedLengthMm} of ${widthMm} ${lengthUnit} · ${cutSeconds}`;
export const allOfIt = 'all of it';
export const fromWord = (label: Said, kind: Said) => `From “${label}”: ${kind}`;
export const comesBack = (widthMm: Said, lengthMm: Said, lengthUnit: Said) =>
  ` · ${widthMm} × ${lengthMm}  ${lengthUnit} comes back`;
export const aCornerGone = ', a corner gone';
export const nothingOfItOnHand = 'Nothing of it on hand: drawn on a roll of the usual width.';
export const theRollsAreNotEnough = 'The rolls are not enough for another such run.';
export const enoughForMore = (moreRuns: Said) => `Enough for ${moreRuns} more.`;
export const enoughOnHandIn = 'Enough on hand in:';
export const anotherColor = 'another color';
export const itIsUsedForIt = 'It is used for it. ';
export const theArtworkSColorAnd = (name: Said, taken: Said) =>
  `The artwork’s color, and “${name}” on your shelf. ${taken}Is it the same?`;
export const yesUseIt = 'Yes, use it';
export const noAnother = 'No, another';

// CutOptions
export const cutter = 'Cutter';
export const nothingIsLaidOutWider = 'Nothing is laid out wider than this.';
export const kindOfCutter = 'Kind of cutter';
export const widestItCuts = 'Widest it cuts';
export const longestItCuts = 'Longest it cuts';
export const vinylThatNeedsNoMat = 'Vinyl that needs no mat';
export const sheets = 'Sheets';
export const roomBetweenPieces = 'Room between pieces';
export const forTheScissors = 'For the scissors.';
export const packTightlyAbove = 'Pack tightly above';
export const testCutFirst13Mm = 'Test cut first, 13 mm';
export const aPatchForATest = 'A patch for a test press';

// TwoWays
export const cutAsItLies = 'Cut as it lies';
export const packedTightly = 'Packed tightly';
export const thrownAway = 'Thrown away';
export const laidSingly = 'Laid singly';
export const yourTime = 'Your time';
export const cutting = 'Cutting';
export const vinylCosts = 'Vinyl costs';
export const notKnown = 'not known';
export const twoWaysToLayIt = 'Two ways to lay it out';
export const figure = 'Figure';
export const advised = 'advised';

// CutStation
export const itCannotBeLaidOut = 'It cannot be laid out yet: the ticket says what needs mending.';
export const layoutComes = 'layout comes';
export const layoutsCome = 'layouts come';
export const waitingFirst = (before: Said, before2: Said) => `Waiting: ${before} ${before2} first`;
export const layingOut = (share: Said) => `Laying out … ${share} %`;
export const soFar = (lengthMm: Said) => `${lengthMm} so far`;
export const goodEnoughStop = 'Good enough, stop';
export const earlierCuts = 'earlier cuts';
export const vinylAndColour = 'vinyl and colour';
export const vinylsAndColours = 'vinyls and colours';
export const onThe = (
  count: Said,
  count2: Said,
  toLowerCase: Said,
  cutterWidthMm: Said,
  cutterLengthMm: Said,
  lengthUnit: Said,
) => `${count}  ${count2} on the ${toLowerCase}, ${cutterWidthMm} × ${cutterLengthMm}  ${lengthUnit}`;
export const withoutAMat = ', without a mat';
export const itWasCutBeforeAnd = ' It was cut before, and that vinyl is used up.';
export const cutIt = 'Cut it';
export const cutFile = 'Cut file:';
export const nothingToCutYetBring =
  'Nothing to cut yet: bring in artwork, or say how large a layer is, at the Artwork station.';
