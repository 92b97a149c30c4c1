// What stands on these screens, screen by screen.

type Said = string | number;

// AskOpened
export const whenWasThePlateOpened = 'When was the plate opened?';
export const thisProgramWasNotRunning = (planned: Said, sinceClosed: Said) =>
  `This program was not running while the plate was closed, so nothing rang. ${planned} s were planned; it was closed ${sinceClosed} ago.`;
export const onTimeAfterS = (planned: Said) => `On time, after ${planned} s`;
export const onlyNow = 'Only now';
export const orAfterSoManySeconds = 'Or after so many seconds';
export const thatLong = 'That long';
export const n0ToSecondsArePossible = (sinceClosed: Said) => `0 to ${sinceClosed} seconds are possible.`;

// WhichLayer
export const onWhichLayer = 'On which layer?';
export const cannotTell = 'All of them, or hard to tell';

// LineUp
export const insteadOfPiece = (insteadOf: Said) => `instead of piece ${insteadOf}`;
export const toBePeeled = 'to be peeled';
export const putDown = 'put down';
export const nextInLine = 'next in line: ';

// PracticeMark
export const practiceNothingIsLogged = 'Practice: nothing is logged';

// BenchStation
export const testPatchFirst = 'Test patch first';

// Preparation
export const beforeTheFirstPiece = 'Before the first piece';
export const oneByOne = 'One by one.';
export const ofLeft = (left: Said, count: Said) => `${left} of ${count} left.`;
export const whatYouLeaveOutIs = (left: Said) =>
  `${left} What you leave out is kept with the run, and thought of if something goes wrong.`;
export const leftOut = 'left out';
export const leaveOut = 'Leave out';
export const seenToTheNext = 'seen to, the next';
export const allSeenTo = 'all seen to';
export const space = (next: Said) => `Space — ${next}`;
export const allOfIt = 'All of it';

// LiveSandwich
export const glueLine = 'glue line';
export const bareFace = 'bare face';
export const howWellStuck = 'how well stuck';
export const asComputedNotMeasured = 'As computed, not measured.';

// signs
export const aCornerLifts = 'A corner lifts';
export const comesUpWithTheCarrier = 'Comes up with the carrier';
export const noWeaveShowing = 'No weave showing';
export const wrinkles = 'Wrinkles';
export const ripplesInFoil = 'Ripples in foil';
export const foamStayedFlat = 'Foam stayed flat';
export const aDent = 'A dent';
export const shinyBox = 'Shiny box';
export const colourChanged = 'Colour changed';
export const scorched = 'Scorched';
export const liesCrooked = 'Lies crooked';
export const stuck = 'Stuck';

// Look
export const workingItOut = 'Working it out …';
export const thereIsNothingToBe = 'There is nothing to be done about this here: nothing has been pressed yet.';
export const spaceDoThat = 'Space — do that';
export const leaveItSoWriteIt = 'Leave it so, write it down';
export const leaveItSoGoOn = 'Leave it so, go on';
export const itIsLost = 'It is lost';
export const somethingElse = 'Something else';
export const mostLikely = 'Most likely:';
export const forTheNextOne = 'For the next one:';
export const toSaveTheBlankHow = 'To save the blank: how it comes off';
export const ofTimesItsChartS = (it: Said, it2: Said, it3: Said) => `${it} + ${it2} of ${it3} times its chart’s heat`;

// Off
export const whatIsOff = 'What is off?';
export const nothingCanBeSeenOn = 'Nothing can be seen on the piece just now. A word is kept with the run.';
export const orInYourOwnWords = 'Or in your own words';
export const inYourOwnWords = 'In your own words';
export const keepIt = 'Keep it';
export const escNeverMind = 'Esc — never mind';
export const thePlateWasClosedLonger = (lastHold: Said) =>
  `The plate was closed longer or shorter than the ${lastHold} s noted`;
export const soManySeconds = 'So many seconds';

// WiredPress
export const timingByHandTheSimulated = 'Timing: by hand. The simulated press can take the place of yours.';
export const simulatedPressHot = 'Simulated press, hot';
export const simulatedPressFromCold = 'Simulated press, from cold';
export const simulatedPressItsFiguresAre = 'Simulated press: its figures are not your plate’s.';
export const plateMeasured = 'plate, measured';
export const nearItsEdge = 'near its edge';
export const openThePlate = 'Open the plate';
export const closeItAndOpenIt = 'Close it, and open it yourself';
export const byHandAgain = 'By hand again';

// Working
export const keepingIt = 'Keeping it …';
export const openedAfterSItGoes = (openedAfter: Said) =>
  `Opened after ${openedAfter} s. It goes on when the service answers.`;
export const timeIsOverOpenThe = 'Time is over: open the plate.';
export const openedAfterSWithoutThe = (lastHoldSeconds: Said) =>
  `Opened after ${lastHoldSeconds} s. Without the rest it has not had its heat; everything after this counts from what was really pressed.`;
export const secondsLeft = (left: Said) => `${left} seconds left`;
export const sLeftToPeelIt = (hurry: Said) => `${hurry} s left to peel it warm`;
export const itHasGoneColdGo = 'It has gone cold: go slower, and watch each edge.';
export const anythingWrongTapItOtherwise = 'Anything wrong? Tap it. Otherwise G: all good.';
export const thenNext = (nextText: Said) => `Then: ${nextText}`;
export const afterThisThePieceIs = 'After this the piece is done.';
export const openedEarly = 'Opened early?';
export const pYesItIsOpen = 'P — yes, it is open';
export const escNoStillClosed = 'Esc — no, still closed';
export const itIsStillTooWarm = 'It is still too warm. Peel it all the same?';
export const pPeelNow = 'P — peel now';
export const notHotEnoughYetOf = (middleCelsius: Said, plannedCelsius: Said) =>
  `Not hot enough yet: ${middleCelsius} of ${plannedCelsius}.`;
export const closeItAllTheSame = 'Close it all the same';
export const gAllGood = 'G — all good';
export const space2 = (focus: Said) => `Space — ${focus}`;
export const pPlateOpened = 'P — plate opened';
export const goOnWithoutIt = 'go on without it';
export const backspace = (makingUp: Said) => `Backspace — ${makingUp}`;
export const sSomethingIsOff = 'S — something is off';
export const notMinePassItOn = 'Not mine: pass it on';
export const whichSide = 'Which side';
export const onThe = 'On the';
export const plateIsClosed = 'plate is closed';
export const closeThePlate = 'close the plate';
export const notHotEnoughYet = 'not hot enough yet';

// BenchPage
export const theRun = 'the run';
export const thisRunHasNoPress = (station: Said) => `This run has no press ${station}.`;
export const now = (piece: Said, size: Said) => `Now ${piece}${size}`;
export const theServiceCannotBeReached = 'The service cannot be reached.';
export const whatYouSaidHereIs =
  'What you said here is kept on this page and told to it, with its time, as soon as it answers. What comes after this step is not known until then.';
export const theCountdownRunsOnFrom =
  'The countdown runs on from what it said last. What you say is kept here until it answers.';
export const untitled = 'Untitled';
export const about = (dialMark: Said, celsius: Said) => `${dialMark} (about ${celsius})`;
export const soundOn = 'Sound on';
export const soundOff = 'Sound off';
export const letterKeysOn = 'Letter keys on';
export const letterKeysOff = 'Letter keys off';
export const allPieces = 'All pieces';
export const exit = 'Exit';
export const thisPressHasLeftThe = 'This press has left the run.';
export const nothingForThisPressJust = 'Nothing for this press just now.';
export const piece = (number: Said) => `Piece ${number}`;
export const forVinylThatIsCut = (it: Said, count: Said) => `${it} ${count} for vinyl that is cut again.`;
export const theLastPiecesAreAt = 'The last pieces are at other presses.';
export const everythingIsDone = 'Everything is done.';
export const runEnded = 'Run ended.';
export const allDone = (count: Said) => `All ${count} done.`;
export const done = 'Done.';
export const everythingIsStuck = 'Everything is stuck.';
export const stuckWithSomethingToSee = (good: Said, bad: Said) => `${good} stuck, ${bad} with something to see to.`;
export const lostOnTheWay = (lost: Said) => ` ${lost} lost on the way.`;
export const thisWasPracticeNothingWas = 'This was practice: nothing was logged, learned or taken from your stock.';
export const itStandsInTheLogbook = 'It stands in the logbook with the settings used.';
export const switchThePressOffAnd = 'Switch the press off and let it cool with the plate open.';
export const seeTheLogbook = 'See the logbook';
export const backToTheJob = 'Back to the job';

// BenchStation
export const underWay = 'Under way';
export const ofDone = (count: Said, count2: Said) => `${count} of ${count2} done`;
export const continueWord = 'Continue';
export const begin = 'Begin';
export const beginAnotherRun = 'Begin another run';
export const thePlanIsFrozenAs =
  'The plan is frozen as it is now, the vinyl that was cut for this job counts as used, and what comes out goes into the logbook.';
export const beginPieces = (quantity: Said) => `Begin: ${quantity} pieces`;
export const thePlanHasAStop = 'The plan has a stop: the ticket says what it is, and what would work.';
export const practice = 'Practice';
export const practiceFirst = 'Practice first';
export const theSameStepsWithNo =
  'The same steps with no cloth at stake, with a simulated press if you like. Nothing is logged, learned or taken from your stock.';
export const practiceRun = 'Practice run';

// CrewPage
export const ended = ', ended';
export const ofDone2 = (done: Said, wanted: Said, running: Said) => `${done} of ${wanted} done${running}`;
export const endTheRunHere = 'End the run here';
export const no = 'No.';
export const whose = 'Whose';
export const size = 'Size';
export const whereItStands = 'Where it stands';
export const whatToDo = 'What to do';
export const presses = 'Presses';
export const inLine = 'in line';
export const atThePress = 'at the press';
export const asksWhenItsPlateWas = 'asks when its plate was opened';
export const waitsForItsVinyl = 'waits for its vinyl';
export const notMade = 'not made';
export const insteadOf = (insteadOf: Said) => `instead of ${insteadOf}`;
export const pressedSAgain = (pressedAgainSeconds: Said) => `pressed ${pressedAgainSeconds} s again`;
export const lost = 'lost';
export const cutIt = 'Cut it';
export const itIsCut = 'It is cut';
export const change = 'Change';
export const name = 'Name';
export const nameIfItHasOne = 'Name, if it has one';
export const noSize = 'no size';
export const neverMind = 'Never mind';
export const onePieceMore = 'One piece more';
export const hasLeft = 'has left';
export const preparingOf = (left: Said, count: Said) => `preparing, ${left} of ${count}`;
export const leaves = 'Leaves';
export const toItsBench = 'To its bench';
export const anotherPressJoins = 'Another press joins';
export const which = 'Which';
export const anotherLikeTheFirst = 'another like the first';
export const whatItIsCalledHere = 'What it is called here';
export const byTheWindow = 'By the window';
export const join = 'Join';
export const twoPressesOnOneCircuit =
  'Two presses on one circuit may trip the breaker. Each press has its own plan, its own preparation and its own bench page.';
