// What stands on these screens, screen by screen.

type Said = string | number;

// BlankForm
export const madeOf = 'Made of';
export const fibreOrMaterial = 'Fibre or material';
export const share = 'Share';
export const takeAway = 'Take away';
export const addAFibre = 'Add a fibre';
export const inAll = (sum: Said) => `${sum} % in all`;
export const thicknessOfOneLayer = 'Thickness of one layer';
export const asUsual = 'as usual';
export const weight = 'Weight';
export const neverHotterThan = 'Never hotter than';
export const mayOnlyBeMoreCareful = 'May only be more careful than its fibres are.';

// CoolSpots
export const coolerPlaces = 'Cooler places';
export const foundWithAStripPrints = 'Found with a strip: prints are kept out of them, or pressed in one more part.';
export const coolerAllRoundFromThe = 'Cooler all round, from the edge in';
export const notBeyondTheUsual = 'not beyond the usual';
export const spotFromTheLeft = (i: Said) => `Spot ${i}, from the left`;
export const fromTheTop = 'from the top';
export const removeSpot = (i: Said) => `Remove spot ${i}`;
export const addACoolSpot = 'Add a cool spot';
export const thePlateAsItHangs = 'The plate as it hangs, its cooler places hatched';

// PressForm
export const byFeel = 'by feel';
export const weighedOnABathroomScale = 'weighed on a bathroom scale';
export const triedWithStripsOfPaper = 'tried with strips of paper';
export const usually = (usual: Said) => `usually ${usual}`;
export const kindOfPress = 'Kind of press';
export const plateWidth = 'Plate width';
export const plateHeight = 'Plate height';
export const theDialShows = 'The dial shows';
export const itStepsBy = 'It steps by';
export const usually1 = 'usually 1';
export const usually5 = 'usually 5';
export const thePlateIsHotterThan = 'The plate is hotter than the dial by';
export const notMeasured = 'not measured';
export const belowZeroWhenItIs = 'Below zero when it is cooler.';
export const andMayBeOffBy = 'and may be off by';
export const asUsualForItsKind = 'as usual for its kind';
export const howHardLightIsI = 'How hard light is, I know';
export const lightOnTheScale = 'Light, on the scale';
export const medium = 'Medium';
export const firm = 'Firm';
export const theStripsHoldAlikeAt = 'The strips hold alike at all four corners';

// VinylForm
export const notSaid = 'not said';
export const kindOfVinyl = 'Kind of vinyl';
export const temperatureOnTheWrapper = 'Temperature on the wrapper';
export const timeOnTheWrapper = 'Time on the wrapper';
export const pressure = 'Pressure';
export const peel = 'Peel';
export const thicknessIfKnown = 'Thickness, if known';
export const forOneKindOfPress = 'For one kind of press, used there as it is';
export const press = 'Press';
export const temperatureThere = 'Temperature there';
export const timeThere = 'Time there';
export const pressureThere = 'Pressure there';
export const remove = 'Remove';
export const addAFigureForA = 'Add a figure for a press';

// ShelfPage
export const vinyls = 'Vinyls';
export const copyTheWrapperOnceEvery = 'Copy the wrapper once; every plan goes by it.';
export const addAVinyl = 'Add a vinyl';
export const blanks = 'Blanks';
export const whatTheLabelSaysIt = 'What the label says it is made of.';
export const addABlank = 'Add a blank';
export const presses = 'Presses';
export const plateDialAndHowHard = 'Plate, dial, and how hard light is on it.';
export const addAPress = 'Add a press';
export const yourShelf = 'your shelf';
export const isOffTheShelfJobs = (name: Said) => `“${name}” is off the shelf. Jobs that use it keep it.`;
export const shelf = 'Shelf';
export const yourOwnVinylsBlanksAnd =
  'Your own vinyls, blanks and presses. They stand beside the usual ones wherever there is something to choose, and go along in the file of each job that uses them. Rolls, sheets and offcuts are under ';
export const vinylOnHand = 'Vinyl on hand';
export const nothingOfYourOwnHere = 'Nothing of your own here yet; the usual ones are always there.';
export const change = (name: Said) => `Change ${name}`;
export const change2 = 'Change';
export const takeOff = (name: Said) => `Take off: ${name}`;
export const takeOff2 = 'Take off';
export const name = 'Name';
export const keepIt = 'Keep it';
export const leaveIt = 'Leave it';
