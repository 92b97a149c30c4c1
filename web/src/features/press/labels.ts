// What stands on these screens, screen by screen.

type Said = string | number;

// Ways
export const waysOfDoingIt = 'Ways of doing it';
export const theOthers = 'The others';
export const all = 'All';
export const asAdvisedChangeAny = (count: Said, count2: Said) => `${count} as advised (${count2}); change any`;
export const yourWayAdvised = 'Your way. Advised: ';

// Goes
export const whereThePlateComesDown = 'Where the plate comes down';
export const whereThePlateComesDown2 = 'Where the plate comes down ';
export const allOfItAtOnce = 'all of it at once';
export const inPartsEachPeeledAnd = (count: Said) => `in ${count} parts, each peeled and finished before the next`;
export const onTheBack = ', on the back';
export const press = 'Press';
export const parts = (count: Said) => `, ${count} parts`;
export const bedItSoftly = 'Bed it softly:';
export const cannotHangOffHere = (it: Said) => `  ${it} cannot hang off here.`;
export const thePlateOnTheItem = (it: Said) => `The plate on the item: ${it}.`;
export const trimTheCarrierOfTo = (layer: Said, trimToMm: Said) =>
  `Trim the carrier of ${layer} to ${trimToMm} round it`;
export const theCarrierOf = (layer: Said) => `The carrier of ${layer}`;

// Ladder
export const stepUpToIt = 'Step up to it';
export const stepUpToIt2 = 'Step up to it ';
export const aPatchAtEachOne = 'a patch at each, one after the other; stop at the first that holds';
export const stuckCloth = (it: Said, hottestClothCelsius: Said) => `stuck ${it}, cloth ${hottestClothCelsius}`;

// LearnedHere
export const forWord = (mark: Said, s: Said) => `${mark} for ${s}`;
export const fromYourLogbook = 'From your logbook';
export const notAsTheCatalogueAlone = (celsius: Said) =>
  `, not ${celsius} as the catalogue alone would have it, because of what came out here before.`;
export const itAgreesWithTheSetting = 'It agrees with the setting that the catalogue alone gives.';
export const switchedOffHereTheSetting = 'Switched off here: the setting is the one that the catalogue alone gives.';
export const everythingItTaught = 'Everything it taught';
export const andFromTheBack = (backSeconds: Said) => `, and ${backSeconds} from the back`;
export const setAsUsedBeforeFor = (celsius: Said, seconds: Said, pressure: Said, backSeconds: Said) =>
  `Set as used before: ${celsius} for ${seconds}${pressure}${backSeconds}`;
export const thePlanReckonsWhatThat = (from: Said) =>
  `${from}. The plan reckons what that comes to, and looks for nothing better.`;
export const letThePlanFindA = 'Let the plan find a setting';

// Order
export const orderOfLaying = 'Order of laying';
export const orderOfLaying2 = 'Order of laying ';
export const yourOwn = 'your own';
export const foundByThePlan = 'found by the plan';
export const thePlateClosesOnVinyl = (wished: Said, presses: Said) => `${wished}; the plate closes on vinyl ${presses}`;
export const backToThePlanS = 'Back to the plan’s order';
export const layItSo = 'Lay it so';
export const leaveTheOrderToThe = 'Leave the order to the plan';
export const heatOfTheVinyl = 'Heat of the vinyl';
export const heatOfTheVinyl2 = 'Heat of the vinyl ';
export const overAllPressesAsA = 'over all presses, as a share of its chart’s';
export const layersTheLastLaidOn = 'Layers, the last laid on top';
export const moveLaidAsNumberArrow = (id: Said, step: Said) =>
  `Move ${id}: laid as number ${step}. Arrow up lays it later, arrow down earlier.`;
export const fullPress = 'full press';
export const together = ', together';
export const press2 = (order: Said, it: Said) => `Press ${order}: ${it}`;
export const heatOfTimesItsChart = (layer: Said, words: Said, it: Said) =>
  `Heat of ${layer}: ${words} times its chart’s. ${it}.`;
export const heatedTimesWhereGoesOverlap = (times: Said) => `, heated ${times} times where goes overlap`;
export const press3 = (order: Said, seconds: Said, times: Said) => `Press ${order}, ${seconds}${times}`;
export const tooMuch = ' too much';

// Patches
export const itHolds = 'It held';
export const itLiftsALittle = 'Lifted a little';
export const itLifts = 'Came off';
export const itIsMarked = 'It is marked';
export const whatHolds = 'Pulled at a corner, cold: nothing moves.';
export const whatLiftsALittle = 'A corner or an edge lifts, the rest stays.';
export const whatLifts = 'It peels off.';
export const whatIsMarked = 'The blank shines or is scorched, or the vinyl wrinkled.';
export const fromAnEarlierJob = (day: Said) => `kept from ${day}`;
export const guideMe = 'Guide me through it';
export const patchBench = 'Test patch';
export const patchOf = (n: Said) => `Test patch ${n}`;
export const setThePress = 'Set the press';
export const itIsHot = 'It is hot';
export const cutAScrap = 'Lay a scrap';
export const itLies = 'It lies';
export const closeIt = 'Press it';
export const iCloseIt = 'I close it';
export const openItNow = 'Open it now';
export const itIsOpen = 'It is open';
export const pullAtIt = 'Let it go cold, peel, pull at a corner';
export const howDidItCome = 'What came of it?';
export const oneMore = 'One more';
export const thatIsEnough = 'Enough: on with the job';
export const noneNeeded = 'No patch is needed';
export const tryLeaning = (pressure: Said) => `Try one with ${pressure} pressure`;
export const backToTheJob = 'Back to the job';
export const holdsFrom = 'Seconds from which it holds';
export const beforeThePatches = 'before';
export const nowItIs = 'now';
export const inThePlan = (seconds: Said) => `plan: ${seconds}`;
export const testPatches = 'Test patches';
export const testPatches2 = 'Test patches ';
export const takeBack = 'Take back';
export const atThisSettingItMost = (low: Said, low2: Said) =>
  `At this setting it most likely holds from ${low}; before the patches that was ${low2}.`;

// PressStation
export const thePicturesComeBackWhen = 'The pictures come back when the item is complete: see the Item station.';
export const theHeat = 'the heat';
export const howMuchRoom = 'How much room';
export const howMuchRoom2 = 'How much room ';
export const atEachMark = 'at each mark';
export const atEachTemperature = 'at each temperature';
export const secondsAtThePlate = (dialMark: Said) => `seconds at the plate, ${dialMark}`;
export const inThePaleFieldIt =
  'The deeper the color, the more of a hundred come out well. From the dotted line on it is as well stuck as the chart means it.';
export const theRingStandsWhereOne = (aloneSeconds: Said, seconds: Said) =>
  ` The ring stands where one press by itself would: ${aloneSeconds}. The tacks before it count, so the plan’s last press takes ${seconds}.`;
export const pressesInOrder = 'Presses in order';
export const theSandwich = 'The sandwich';
export const theSandwich2 = 'The sandwich ';
export const plateClosed = 'plate closed';
export const plateOpen = 'plate open';
export const thicknessExaggerated = (plateClosed: Said) => `${plateClosed}, thickness exaggerated`;
export const hold = 'Hold';
export const play = 'Play';
export const timeWithinThisPhaseSeconds = 'Time within this phase, seconds';
export const ofS = (it: Said, it2: Said) => `${it} of ${it2} s`;
export const glueLine = 'glue line';
export const bareFace = 'bare face';
export const besideThePrint = 'beside the print';
export const howWellStuck = 'how well stuck';
export const moistureLeft = 'moisture left';
export const onEachOfParts = (whole: Said) => `, on each of ${whole} parts`;
export const pressFor = 'press';
export const toThePeel = 'to the peel';
export const firstPiece = 'First piece';
export const fromPieceOn = (piece: Said) => `From piece ${piece} on`;
