// What stands on these screens, screen by screen.

type Said = string | number;

// Ways
export const waysOfDoingIt = 'Method';
export const theOthers = 'The others';
export const all = 'All';
export const asAdvisedChangeAny = (count: Said, count2: Said) => `${count} recommended (${count2}); change any`;
export const yourWayAdvised = 'Your choice. Recommended: ';

// Goes
export const whereThePlateComesDown = 'Where the plate goes';
export const whereThePlateComesDown2 = 'Where the plate goes ';
export const allOfItAtOnce = 'all in one press';
export const inPartsEachPeeledAnd = (count: Said) => `in ${count} parts, each peeled and finished before the next`;
export const onTheBack = ', on the back';
export const press = 'Press';
export const parts = (count: Said) => `, ${count} parts`;
export const bedItSoftly = 'Pad it softly:';
export const cannotHangOffHere = (it: Said) => `  ${it} cannot hang over the edge here.`;
export const thePlateOnTheItem = (it: Said) => `The plate on the item: ${it}.`;
export const trimTheCarrierOfTo = (layer: Said, trimToMm: Said) =>
  `Trim the carrier of ${layer} to ${trimToMm} around it`;
export const theCarrierOf = (layer: Said) => `The carrier of ${layer}`;

// Ladder
export const stepUpToIt = 'Work up to it';
export const stepUpToIt2 = 'Work up to it ';
export const aPatchAtEachOne = 'a test patch at each step; stop at the first that holds';
export const stuckCloth = (it: Said, hottestClothCelsius: Said) => `bond ${it}, fabric ${hottestClothCelsius}`;

// LearnedHere
export const forWord = (mark: Said, s: Said) => `${mark} for ${s}`;
export const fromYourLogbook = 'From your logbook';
export const notAsTheCatalogueAlone = (celsius: Said) =>
  `, not ${celsius} as usual, because of how earlier pieces came out.`;
export const itAgreesWithTheSetting = 'Your logbook agrees with the usual setting.';
export const switchedOffHereTheSetting = 'Switched off here: this is the usual setting.';
export const everythingItTaught = 'Everything it learned';
export const andFromTheBack = (backSeconds: Said) => `, and ${backSeconds} from the back`;
export const setAsUsedBeforeFor = (celsius: Said, seconds: Said, pressure: Said, backSeconds: Said) =>
  `Same as before: ${celsius} for ${seconds}${pressure}${backSeconds}`;
export const thePlanReckonsWhatThat = (from: Said) => `${from}. The plan works with that and looks for nothing else.`;
export const letThePlanFindA = 'Let the plan find the setting';

// Order
export const orderOfLaying = 'Layer order';
export const orderOfLaying2 = 'Layer order ';
export const yourOwn = 'yours';
export const foundByThePlan = 'found by the plan';
export const thePlateClosesOnVinyl = (wished: Said, presses: Said) => `${wished}; the press closes on vinyl ${presses}`;
export const backToThePlanS = 'Use the plan’s order';
export const layItSo = 'Use this order';
export const leaveTheOrderToThe = 'Let the plan decide';
export const heatOfTheVinyl = 'Total heat';
export const heatOfTheVinyl2 = 'Total heat ';
export const overAllPressesAsA = 'the vinyl has taken over all presses';
export const layersTheLastLaidOn = 'Layers, the last one on top';
export const moveLaidAsNumberArrow = (id: Said, step: Said) =>
  `Move ${id}: laid as number ${step}. Arrow up lays it later, arrow down earlier.`;
export const fullPress = 'full press';
export const together = ', together';
export const press2 = (order: Said, it: Said) => `Press ${order}: ${it}`;
export const heatOfTimesItsChart = (layer: Said, words: Said, it: Said) =>
  `Total heat of ${layer}: ${words} times one normal press. ${it}.`;
export const heatedTimesWhereGoesOverlap = (times: Said) => `, heated ${times} times where passes overlap`;
export const press3 = (order: Said, seconds: Said, times: Said) => `Press ${order}, ${seconds}${times}`;
export const tooMuch = ' too much';

// Patches
export const itHolds = 'It held';
export const itLiftsALittle = 'Lifted a little';
export const itLifts = 'Came off';
export const itIsMarked = 'Marked';
export const whatHolds = 'Pulled at a corner, cold: nothing moves.';
export const whatLiftsALittle = 'A corner or an edge lifts, the rest stays.';
export const whatLifts = 'It peels right off.';
export const whatIsMarked = 'The fabric is shiny or scorched, or the vinyl wrinkled.';
export const fromAnEarlierJob = (day: Said) => `kept from ${day}`;
export const guideMe = 'Guide me through it';
export const patchBench = 'Test patch';
export const patchOf = (n: Said) => `Test patch ${n}`;
export const setThePress = 'Set the press';
export const itIsHot = 'It’s hot';
export const cutAScrap = 'Place a scrap';
export const itLies = 'Placed';
export const closeIt = 'Press it';
export const iCloseIt = 'Closing now';
export const openItNow = 'Open it now';
export const itIsOpen = 'It’s open';
export const pullAtIt = 'Let it cool, peel, pull at a corner';
export const howDidItCome = 'How did it come out?';
export const oneMore = 'One more';
export const thatIsEnough = 'Enough, start the job';
export const noneNeeded = 'No patch is needed';
export const tryLeaning = (pressure: Said) => `Try one with ${pressure} pressure`;
export const backToTheJob = 'Back to the job';
export const holdsFrom = 'Seconds needed to hold';
export const beforeThePatches = 'before';
export const nowItIs = 'now';
export const inThePlan = (seconds: Said) => `plan: ${seconds}`;
export const testPatches = 'Test patches';
export const testPatches2 = 'Test patches ';
export const takeBack = 'Take back';
export const atThisSettingItMost = (low: Said, low2: Said) =>
  `At this setting it most likely holds from ${low}; before the patches that was ${low2}.`;

// PressStation
export const thePicturesComeBackWhen = 'Pictures appear once the item is complete: see Item.';
export const theHeat = 'the heat';
export const howMuchRoom = 'Safe range';
export const howMuchRoom2 = 'Safe range ';
export const atEachMark = 'at each mark';
export const atEachTemperature = 'at each temperature';
export const secondsAtThePlate = (dialMark: Said) => `seconds pressed, ${dialMark}`;
export const inThePaleFieldIt =
  'The deeper the color, the more pieces come out well. Past the dotted line the bond is as strong as the instructions intend.';
export const theRingStandsWhereOne = (aloneSeconds: Said, seconds: Said) =>
  ` The ring marks a single press: ${aloneSeconds}. The tacks before it count, so the last press takes ${seconds}.`;
export const pressesInOrder = 'Presses in order';
export const eachPressAndWhy = (count: Said) => `Each press, and why (${count})`;
export const theSandwich = 'The stack';
export const theSandwich2 = 'The stack ';
export const plateClosed = 'press closed';
export const plateOpen = 'press open';
export const thicknessExaggerated = (plateClosed: Said) => `${plateClosed}, not to scale`;
export const hold = 'Pause';
export const play = 'Play';
export const timeWithinThisPhaseSeconds = 'Time within this phase, seconds';
export const ofS = (it: Said, it2: Said) => `${it} of ${it2} s`;
export const glueLine = 'glue';
export const bareFace = 'bare fabric';
export const besideThePrint = 'beside the print';
export const howWellStuck = 'bond';
export const moistureLeft = 'moisture left';
export const onEachOfParts = (whole: Said) => `, on each of ${whole} parts`;
export const pressFor = 'press';
export const toThePeel = 'to the peel';
export const firstPiece = 'First piece';
export const fromPieceOn = (piece: Said) => `From piece ${piece} on`;
