import { commonPractice } from '../source';

/** Two doings of which one must come first, and why. */
export const orderFacts = {
  facts: [
    { first: 'Light the splint', then: 'Add the acid to the carbonate', why: 'the gas is gone before a match is found' },
    { first: 'Lower the flame', then: 'Open the air hole of the burner', why: 'a high flame strikes back' },
    { first: 'Lift the delivery tube out of the water', then: 'Take the flame away', why: 'cooling gas sucks water back onto hot glass' },
    { first: 'Pour the water into the flask', then: 'Add the acid to it', why: 'acid that meets little water boils and spits' },
    { first: 'Zero the balance with the empty boat on it', then: 'Put the solid on', why: 'else the boat is weighed too' },
    { first: 'Clean the magnesium with abrasive paper', then: 'Put it into the acid', why: 'its oxide delays the reaction' },
    { first: 'Let the dish cool in the desiccator', then: 'Weigh the dish', why: 'warm air lifts the pan: it reads light' },
    { first: 'Acidify with nitric acid', then: 'Add silver nitrate', why: 'carbonate and hydroxide would come down too' },
    { first: 'Acidify with hydrochloric acid', then: 'Add barium chloride', why: 'carbonate and sulfite would come down too' },
    { first: 'Discard the first gas', then: 'Collect the tubes', why: 'the first gas is the air of the apparatus' },
    { first: 'Decant the clear liquid', then: 'Wash the solid into the funnel', why: 'the solid would clog the paper' },
    { first: 'Switch the supply off', then: 'Touch the electrodes', why: 'a circuit under voltage is not touched' },
    { first: 'Test solubility in water', then: 'Try concentrated sulfuric acid', why: 'the harmless test often makes the dangerous one needless' },
    { first: 'Run the blank', then: 'Believe the positive result', why: 'a reagent may show it by itself' },
    { first: 'Put the stopper loosely in', then: 'Warm the flask', why: 'a closed flask bursts' },
    { first: 'Make the solution up to the mark', then: 'Label the bottle', why: 'the label carries what was really made' },
  ],
  source: commonPractice('steps whose order matters'),
} as const;
