// What stands on these screens, screen by screen.

type Said = string | number;

// PriceStation
export const thePrice = 'the price';
export const price = 'Price';
export const sellFor = (price: Said) => `${price} each`;
export const forSoMany = (count: Said, total: Said) => `${count} for ${total}`;
export const loseBelow = (cost: Said) => `Below ${cost} you lose money.`;
export const notTyped = 'Type in your hourly rate and what things cost; the rest follows.';
export const quantity = 'Pieces';
export const vinyl = 'Vinyl';
export const blank = 'Item';
export const hands = 'Hands';
export const power = 'Power';
export const other = 'Other';
export const spoilage = 'Spoilage';
export const cost = 'Cost';
export const sold = 'Price';
export const total = 'Total';
export const byQuantity = 'By how many';
export const ways = 'Other ways of doing it';
export const way = 'Way';
export const whereFrom =
  'Vinyl is what the sheets take, waste included and offcuts credited. Hands are your own speed once the bench knows it. Set-up is shared by all pieces.';

// Prices
export const yourPrices = 'What you reckon with';
export const hourly = 'An hour of work';
export const vinylPerM2 = 'A square meter of vinyl';
export const vinylHint = 'For vinyl whose price is not with your stock.';
export const blankPrice = 'The item itself';
export const kWh = 'A kilowatt-hour';
export const licence = 'Artwork license';
export const licencePer = 'Paid for';
export const eachPiece = 'each piece';
export const theOrder = 'the order';
export const delivery = 'Delivery of the order';
export const consumables = 'Carrier, blades, covers; a piece';
export const wear = 'Wear of press and cutter; a piece';
export const spoilageShare = 'Pieces that go wrong';
export const spoilageHint = 'Empty: from your logbook.';
export const margin = 'Margin';
export const markup = 'Markup';
export const marginOrMarkup = 'Price from';
export const tax = 'Sales tax';
export const taxHint = 'Rules differ: ask your local office.';
export const rounding = 'Round to';
export const cent = 'the cent';
export const half = 'the next half';
export const whole = 'the next whole';
export const ninetyNine = '.99';
export const currency = 'Currency sign';
export const save = 'Save';
export const saving = 'Saving …';
export const percent = '%';

// Quotes
export const quotes = 'Quotes';
export const newQuote = 'Give a quote';
export const customer = 'Customer';
export const validDays = 'Valid for days';
export const priceEach = 'Price each';
export const priceEachHint = (price: Said) => `Empty: ${price}`;
export const note = 'Note';
export const give = 'Give the quote';
export const quoteNumber = (number: Said) => `Quote ${number}`;
export const print = 'Print';
export const accepted = 'Accepted';
export const accept = 'Customer said yes';
export const decline = 'Declined';
export const declined = 'Declined';
export const validUntil = (day: Said) => `valid until ${day}`;
export const handover = 'Hand over on';
export const noQuotes = 'No quotes yet.';
export const pieces = (count: Said, each: Said) => `${count} at ${each}`;
export const belowCost = (cost: Said) => `That is below the cost of ${cost}.`;

// RunMoney
export const itCost = (real: Said, planned: Said) => `It cost ${real}; planned were ${planned}.`;

// BuyingPage
export const toBuy = 'To buy';
export const toBuyWhy = 'For all jobs, without what you have and have not promised.';
export const forTheDay = 'For the day';
export const forTheWeek = 'Due within a week';
export const nothingToBuy = 'Everything is there.';
export const color = 'Color';
export const howMuch = 'How much';
export const notLaid = (jobs: Said) =>
  `Not complete: in ${jobs} a piece fits no sheet. Open Cut in that job to see which.`;
export const orSheets = (sheets: Said) => `or ${sheets} sheets`;
export const orOneSheet = 'or 1 sheet';
export const forJobs = 'For';
export const item = 'Item';
export const size = 'Size';
export const howMany = 'How many';
export const patches = (count: Said) => `Test patches: ${count}, a scrap of each vinyl.`;
export const transferSheetsToBuy = (count: number, uses: number) =>
  `${count === 1 ? '1 transfer sheet' : `${count} transfer sheets`}; each serves about ${uses} times.`;
export const inAll = 'In all';
export const unknownPrices = 'Some prices are not known; add them to your stock.';
export const printList = 'Print';

// Items on hand
export const itemsOnHand = 'Items on hand';
export const addItems = 'Add items';
export const noItems = 'No items yet. Add the shirts and blanks you have; a run takes its own from them.';
export const transferSheets = 'Transfer sheets';
export const eachCosts = 'Each costs';
export const material = 'Made of';
export const left = 'On hand';
export const low = 'Warn below';
export const runningOut = 'running out';
export const change = 'Change';
export const remove = 'Remove';
export const removed = (what: Said) => `${what} removed.`;
export const cancel = 'Cancel';
export const anySize = 'any';
