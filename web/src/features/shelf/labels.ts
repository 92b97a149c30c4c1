// What stands on these screens, screen by screen.

type Said = string | number;

// BlankForm
export const madeOf = 'Fabric or material';
export const fibreOrMaterial = 'Fiber or material';
export const share = 'Share';
export const takeAway = 'Remove';
export const addAFibre = 'Add a fiber';
export const inAll = (sum: Said) => `${sum} % in total`;
export const thicknessOfOneLayer = 'Thickness of one layer';
export const thicknessHardlyMatters =
  'Hardly changes the seconds under a plate; leave it as it is unless the cloth is unusual.';
export const asUsual = 'standard';
export const weight = 'Weight';
export const neverHotterThan = 'Never hotter than';
export const mayOnlyBeMoreCareful = 'Can only be lower than its fibers allow.';

// CoolSpots
export const coolerPlaces = 'Cool spots';
export const foundWithAStripPrints =
  'Found with a heat strip: prints are kept out of them, or pressed in one more part.';
export const coolerAllRoundFromThe = 'Cooler all around, from the edge in';
export const notBeyondTheUsual = 'no more than usual';
export const spotFromTheLeft = (i: Said) => `Spot ${i}, from the left`;
export const fromTheTop = 'from the top';
export const removeSpot = (i: Said) => `Remove spot ${i}`;
export const addACoolSpot = 'Add a cool spot';
export const thePlateAsItHangs = 'The plate, cool spots hatched';

// PressForm
export const byFeel = 'by feel';
export const weighedOnABathroomScale = 'weighed on a bathroom scale';
export const triedWithStripsOfPaper = 'checked with paper strips';
export const usually = (usual: Said) => `usually ${usual}`;
export const kindOfPress = 'Kind of press';
export const plateWidth = 'Plate width';
export const plateHeight = 'Plate height';
export const theDialShows = 'Dial unit';
export const itStepsBy = 'Dial steps';
export const usually1 = 'usually 1';
export const usually5 = 'usually 5';
export const thePlateIsHotterThan = 'The plate runs hotter than the dial by';
export const notMeasured = 'not measured';
export const belowZeroWhenItIs = 'Negative if it runs cooler.';
export const andMayBeOffBy = 'and may be off by';
export const asUsualForItsKind = 'standard for this kind';
export const howHardLightIsI = 'How do you know the pressure?';
export const lightOnTheScale = 'Light, on the scale';
export const medium = 'Medium';
export const firm = 'Firm';
export const theStripsHoldAlikeAt = 'The strips grip the same at all four corners';

// VinylForm
export const notSaid = 'not given';
export const kindOfVinyl = 'Kind of vinyl';
export const temperatureOnTheWrapper = 'Temperature in the instructions';
export const timeOnTheWrapper = 'Time in the instructions';
export const pressure = 'Pressure';
export const peel = 'Peel';
export const thicknessIfKnown = 'Thickness, if known';
export const forOneKindOfPress = 'For one kind of press, used as it is';
export const press = 'Press';
export const temperatureThere = 'Temperature there';
export const timeThere = 'Time there';
export const pressureThere = 'Pressure there';
export const remove = 'Remove';
export const addAFigureForA = 'Add a figure for a press';

// ShelfPage
export const vinyls = 'Vinyls';
export const copyTheWrapperOnceEvery = 'Enter its instructions once; every plan uses them.';
export const addAVinyl = 'Add a vinyl';
export const blanks = 'Blanks';
export const whatTheLabelSaysIt = 'What the label says it is made of.';
export const addABlank = 'Add a blank';
export const presses = 'Presses';
export const plateDialAndHowHard = 'Plate, dial, and what “light” pressure means on it.';
export const addAPress = 'Add a press';
export const yourShelf = 'your materials';
export const isOffTheShelfJobs = (name: Said) => `“${name}” is removed. Jobs that use it keep it.`;
export const shelf = 'My materials';
export const yourOwnVinylsBlanksAnd =
  'Your own vinyls, blanks and presses. They are listed with the built-in ones and travel in the file of each job that uses them. Rolls, sheets and offcuts are under ';
export const vinylOnHand = 'Vinyl stock';
export const nothingOfYourOwnHere = 'Nothing of your own yet; the built-in ones are always there.';
export const change = (name: Said) => `Change ${name}`;
export const change2 = 'Change';
export const takeOff = (name: Said) => `Remove: ${name}`;
export const takeOff2 = 'Remove';
export const name = 'Name';
export const keepIt = 'Save';
export const leaveIt = 'Cancel';

export const isAdded = (name: Said) => `“${name}” is added.`;
export const isChanged = (name: Said) => `“${name}” is changed.`;
