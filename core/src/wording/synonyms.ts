/** Other words for what is on the shelf, as people look for it. */
export const synonyms: Readonly<Record<string, readonly string[]>> = {
  EXTRACTOR: ['HOOD'],
  VENT: ['HOOD'],
  LARDER: ['PANTRY'],
  FRIDGE: ['REFRIGERATOR'],
  STOVE: ['COOKER', 'HOB'],
  RANGE: ['COOKER'],
  COOKTOP: ['HOB'],
  CUPBOARD: ['CABINET'],
  TUB: ['BATH'],
  LOO: ['TOILET'],
  WC: ['TOILET'],
  WASHBASIN: ['BASIN'],
  WASHER: ['WASHING'],
  BIN: ['WASTE'],
  TRASH: ['WASTE'],
  KICK: ['PLINTH'],
};
