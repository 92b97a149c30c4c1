// What stands on these screens, screen by screen.

type Said = string | number;

// AskOpened
export const whenWasThePlateOpened = 'When did you open the press?';
export const thisProgramWasNotRunning = (planned: Said, sinceClosed: Said) =>
  `The program was not running while the press was closed, so there was no alarm. ${planned} s were planned; it closed ${sinceClosed} ago.`;
export const onTimeAfterS = (planned: Said) => `On time, after ${planned} s`;
export const onlyNow = 'Only now';
export const orAfterSoManySeconds = 'Or after this many seconds';
export const thatLong = 'Set';
export const n0ToSecondsArePossible = (sinceClosed: Said) => `0 to ${sinceClosed} seconds are possible.`;

// WhichLayer
export const onWhichLayer = 'On which layer?';
export const cannotTell = 'All of them, or hard to tell';

// LineUp
export const insteadOfPiece = (insteadOf: Said) => `instead of piece ${insteadOf}`;
export const toBePeeled = 'ready to peel';
export const putDown = 'on hold';
export const nextInLine = 'up next';
export const cooling = 'cooling';
export const soManyDone = (count: Said) => `${count} done`;
export const soManyWaiting = (count: Said) => `+ ${count} waiting`;

// PracticeMark
export const practiceNothingIsLogged = 'Practice: nothing is logged';

// BenchStation
export const testPatchFirst = 'Test patch first';

// Preparation
export const beforeTheFirstPiece = 'Before the first piece';
export const oneByOne = 'One at a time.';
export const ofLeft = (left: Said, count: Said) => `${left} of ${count} left.`;
export const whatYouLeaveOutIs = (left: Said) => `${left} Skipped steps are noted and used for troubleshooting.`;
export const leftOut = 'skipped';
export const leaveOut = 'Skip';
export const seenToTheNext = 'done, next';
export const allSeenTo = 'all done';
export const space = (next: Said) => `Space — ${next}`;
export const allOfIt = 'All done';

// LiveSandwich
export const glueLine = 'glue';
export const bareFace = 'bare fabric';
export const howWellStuck = 'bond';
export const asComputedNotMeasured = 'Calculated, not measured.';

// signs
export const aCornerLifts = 'A corner lifts';
export const comesUpWithTheCarrier = 'Lifts with the carrier';
export const noWeaveShowing = 'Fabric texture not showing';
export const wrinkles = 'Wrinkles';
export const ripplesInFoil = 'Ripples in foil';
export const foamStayedFlat = 'Puff did not rise';
export const aDent = 'A dent';
export const shinyBox = 'Press mark (shiny outline)';
export const colourChanged = 'Color changed';
export const scorched = 'Scorched';
export const liesCrooked = 'Crooked';
export const stuck = 'Held';

// Look
export const workingItOut = 'Calculating …';
export const thereIsNothingToBe = 'Nothing to do here: nothing has been pressed yet.';
export const spaceDoThat = 'Space — do that';
export const leaveItSoWriteIt = 'Accept it and note it';
export const leaveItSoGoOn = 'Accept it and continue';
export const itIsLost = 'It’s ruined, make another';
export const somethingElse = 'Something else';
export const mostLikely = 'Most likely:';
export const forTheNextOne = 'Next time:';
export const toSaveTheBlankHow = 'To save the garment: how to take it off';
export const roomForMore = (times: number) =>
  times < 1 ? 'no room for another after it' : times > 9 ? 'plenty of room' : `room for ${times} more like it`;

// Off
export const whatIsOff = 'What’s wrong?';
export const nothingCanBeSeenOn = 'The press is closed. You can leave a note.';
export const orInYourOwnWords = 'Or in your own words';
export const inYourOwnWords = 'In your own words';
export const keepIt = 'Save';
export const escNeverMind = 'Esc — never mind';
export const thePlateWasClosedLonger = (lastHold: Said) =>
  `The press was closed longer or shorter than the ${lastHold} s noted`;
export const soManySeconds = 'Correct the time';

// WiredPress
export const timingByHandTheSimulated = 'Timing: by hand. A simulated press can stand in for yours.';
export const simulatedPressHot = 'Simulated press, hot';
export const simulatedPressFromCold = 'Simulated press, from cold';
export const simulatedPressItsFiguresAre = 'Simulated press: not your plate’s figures.';
export const plateMeasured = 'plate, measured';
export const nearItsEdge = 'near its edge';
export const openThePlate = 'Open the plate';
export const closeItAndOpenIt = 'Close it, I open it myself';
export const byHandAgain = 'Back to manual';

// Working
export const theItemNow = 'The item with what is on it now, what goes on next, and the plate';
export const keepingIt = 'Saving …';
export const openedAfterSItGoes = (openedAfter: Said) =>
  `Opened after ${openedAfter} s. Continues when the program answers.`;
export const timeIsOverOpenThe = 'Time’s up: open the press.';
export const openedAfterSWithoutThe = (lastHoldSeconds: Said) =>
  `Opened after ${lastHoldSeconds} s. Without the rest it has not had enough heat; everything after this counts what was really pressed.`;
export const secondsLeft = (left: Said) => `${left} seconds left`;
export const sLeftToPeelIt = (hurry: Said) => `${hurry} s left to peel warm`;
export const itHasGoneColdGo = 'It has cooled: go slower and watch each edge.';
export const anythingWrongTapItOtherwise = 'Anything wrong? Tap it. Otherwise G: all good.';
export const thenNext = (nextText: Said) => `Then: ${nextText}`;
export const afterThisThePieceIs = 'Then this piece is done.';
export const openedEarly = 'Did you open early?';
export const pYesItIsOpen = 'P — yes';
export const escNoStillClosed = 'Esc — no, still closed';
export const itIsStillTooWarm = 'Still too warm. Peel anyway?';
export const pPeelNow = 'P — peel now';
export const notHotEnoughYetOf = (middleCelsius: Said, plannedCelsius: Said) =>
  `Not hot enough yet: ${middleCelsius} of ${plannedCelsius}.`;
export const closeItAllTheSame = 'Close it anyway';
export const gAllGood = 'G — all good';
export const space2 = (focus: Said) => `Space — ${focus}`;
export const pPlateOpened = 'P — plate opened';
export const goOnWithoutIt = 'continue without it';
export const backspace = (makingUp: Said) => `Backspace — ${makingUp}`;
export const sSomethingIsOff = 'S — something’s wrong';
export const notMinePassItOn = 'Not mine, pass it on';
export const whichSide = 'Which side';
export const onThe = 'On the';
export const plateIsClosed = 'plate is closed';
export const closeThePlate = 'close the plate';
export const notHotEnoughYet = 'not hot enough yet';

// BenchPage
export const theRun = 'the run';
export const thisRunHasNoPress = (station: Said) => `This run has no press ${station}.`;
export const now = (piece: Said, size: Said) => `Now ${piece}${size}`;
export const theServiceCannotBeReached = 'The program does not answer.';
export const whatYouSaidHereIs =
  'What you tap here is kept with its time and sent as soon as it answers. The step after this one is not known until then.';
export const theCountdownRunsOnFrom = 'The countdown keeps running. What you tap is kept here until it answers.';
export const untitled = 'Untitled';
export const about = (dialMark: Said, celsius: Said) => `${dialMark} (about ${celsius})`;
export const soundOn = 'Sound on';
export const voiceOn = 'Voice on';
export const voiceOff = 'Voice off';
export const soundOff = 'Sound off';
export const letterKeysOn = 'Letter keys on';
export const letterKeysOff = 'Letter keys off';
export const allPieces = 'All pieces';
export const exit = 'Exit';
export const thisPressHasLeftThe = 'This press has left the run.';
export const nothingForThisPressJust = 'Nothing for this press right now.';
export const piece = (number: Said) => `Piece ${number}`;
export const forVinylThatIsCut = (it: Said, count: Said) => `${it} ${count} for vinyl that is being cut again.`;
export const theLastPiecesAreAt = 'The last pieces are at other presses.';
export const everythingIsDone = 'All done.';
export const runEnded = 'Run stopped.';
export const allDone = (count: Said) => `All ${count} done.`;
export const done = 'Done.';
export const everythingIsStuck = 'All held.';
export const stuckWithSomethingToSee = (good: Said, bad: Said) => `${good} held, ${bad} needs attention.`;
export const lostOnTheWay = (lost: Said) => ` ${lost} ruined.`;
export const thisWasPracticeNothingWas = 'This was practice: nothing was logged, learned or taken from your stock.';
export const itStandsInTheLogbook = 'Saved in the logbook with the settings used.';
export const switchThePressOffAnd = 'Switch the press off and let it cool with the plate open.';
export const seeTheLogbook = 'See the logbook';
export const backToTheJob = 'Back to the job';

// BenchStation
export const underWay = 'In progress';
export const ofDone = (count: Said, count2: Said) => `${count} of ${count2} done`;
export const continueWord = 'Continue';
export const begin = 'Begin';
export const beginAnotherRun = 'Begin another run';
export const thePlanIsFrozenAs =
  'The plan is locked as it is now, the vinyl cut for this job counts as used, and results go into the logbook.';
export const beginPieces = (quantity: Said) => `Begin: ${quantity} pieces`;
export const thePlanHasAStop = 'This cannot be pressed yet: see what to change on the right.';
export const practice = 'Practice';
export const practiceFirst = 'Practice first';
export const theSameStepsWithNo =
  'The same steps with nothing to ruin, with a simulated press if you like. Nothing is logged, learned or taken from stock.';
export const practiceRun = 'Practice run';
export const rehearse = 'Or rehearse it on a press that may be off';

// CrewPage
export const ended = ', ended';
export const ofDone2 = (done: Said, wanted: Said, running: Said) => `${done} of ${wanted} done${running}`;
export const endTheRunHere = 'Stop this run';
export const no = 'No.';
export const whose = 'Name';
export const size = 'Size';
export const whereItStands = 'Status';
export const whatToDo = 'What to do';
export const presses = 'Presses';
export const inLine = 'waiting';
export const atThePress = 'at the press';
export const asksWhenItsPlateWas = 'when did the press open?';
export const waitsForItsVinyl = 'waiting for its vinyl';
export const notMade = 'not made';
export const insteadOf = (insteadOf: Said) => `instead of ${insteadOf}`;
export const pressedSAgain = (pressedAgainSeconds: Said) => `pressed ${pressedAgainSeconds} s again`;
export const lost = 'ruined';
export const cutIt = 'Cut it';
export const itIsCut = 'It is cut';
export const change = 'Change';
export const name = 'Name';
export const nameIfItHasOne = 'Name, if it has one';
export const noSize = 'no size';
export const neverMind = 'Never mind';
export const onePieceMore = 'Add a piece';
export const hasLeft = 'has left';
export const preparingOf = (left: Said, count: Said) => `preparing, ${left} of ${count}`;
export const leaves = 'Leave';
export const toItsBench = 'Open its bench';
export const anotherPressJoins = 'Add a press';
export const which = 'Which';
export const anotherLikeTheFirst = 'another like the first';
export const whatItIsCalledHere = 'Name';
export const byTheWindow = 'By the window';
export const join = 'Join';
export const twoPressesOnOneCircuit =
  'Two presses on one circuit may trip the breaker. Each press has its own plan, preparation and bench page.';

// Chips
export const garmentChip = 'item';
export const nameChip = 'name';
export const vinylChip = 'vinyl';
