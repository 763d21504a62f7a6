import { cool, gas, heat, kit, leadInto, liquid, pour, solid, test, vessels, write } from './write';

const suckBack = 'as the flask cools it draws water back up the tube onto hot glass, which cracks';

const syringes = write({
  id: 'gas-in-syringes',
  name: 'Carbon dioxide into syringes',
  kind: 'gasInSyringes',
  purpose:
    'Baking soda is heated in a closed tube and its gas pushes syringes out one after the other: purge, fill, stop, test.',
  vessels: vessels('testTube', 'tube', 'collected'),
  apparatus: kit({
    'gas syringe, 60 mL': 4,
    'three-way tap': 1,
    'stopper with tube': 1,
    'clamp and stand': 2,
    grease: 1,
    'damp blue litmus paper': 1,
  }),
  steps: [
    {
      id: 'syringes',
      text: 'Grease the plungers, start each just off the bottom, clamp loosely, the spare within reach.',
      minutes: 4,
      attended: true,
    },
    {
      id: 'fill',
      text: 'Put the sodium hydrogencarbonate in the dry tube, stopper it, connect the first syringe.',
      events: [solid('tube', 'NaHCO3', 1.7)],
      minutes: 2,
      attended: true,
      uses: { balance: 1 },
    },
    {
      id: 'purge',
      text: 'Heat gently, the flame moving. Discard the first gas: at least the volume of the tube.',
      events: [heat('tube', 130)],
      minutes: 4,
      attended: true,
      uses: { burner: 1 },
      ready: ['second syringe connected to the tap'],
      needs: [
        { step: 'syringes', because: 'the second syringe is ready before the first is full' },
      ],
      caution:
        'A stuck plunger bursts the tube: take the flame away at once if it does not move. Hot glass.',
      record: ['volume discarded, mL', 'drops in the cool part'],
    },
    {
      id: 'collect',
      text: 'Turn the tap and fill the syringes one after the other; take the flame away before the last is full.',
      events: [leadInto('tube', 'collected')],
      minutes: 5,
      attended: true,
      uses: { burner: 1 },
      needs: [{ step: 'purge', because: 'the first gas is air' }],
      caution: 'It runs on for a while after the flame is gone: leave room.',
      record: ['volume in each syringe, mL'],
    },
    {
      id: 'open',
      text: 'Open the tap to the air as the tube cools, so that no plunger is sucked in.',
      minutes: 3,
      attended: true,
      events: [cool('tube')],
      after: [{ step: 'collect', maxWaitMin: 1 }],
      needs: [{ step: 'collect', because: 'the plunger creeps back as soon as the tube cools' }],
    },
    {
      id: 'test',
      text: 'Push some gas through lime water and onto damp blue litmus.',
      events: [test('collected', 'limewater'), test('collected', 'dampBlueLitmus')],
      minutes: 2,
      attended: true,
      record: ['lime water', 'litmus'],
    },
  ],
  questions: [
    'How much gas could 1.7 g make at most, at room temperature?',
    'What is the drop of liquid in the cool part?',
  ],
  disposal: 'Washing soda is left: rinsed away with water.',
});

const cracking = write({
  id: 'cracking-an-oil',
  name: 'Cracking an oil, and a test for what comes',
  kind: 'cracking',
  purpose:
    'A long alkane is cracked over hot porcelain; the gas and a saturated control meet bromine water.',
  vessels: vessels('testTube', 'cracking tube', 'product', 'control'),
  apparatus: kit({
    'mineral wool': 1,
    'porcelain chips': 1,
    'delivery tube': 1,
    'water trough': 1,
    'collecting tube with stopper': 5,
    'clamp and stand': 1,
    'safety screen': 1,
  }),
  steps: [
    {
      id: 'soak',
      text: 'Soak mineral wool with the oil at the bottom of the cracking tube of hard glass, porcelain in the middle, stopper and delivery tube into the trough. Mineral wool, not mineral oil, is the plug.',
      events: [liquid('cracking tube', 'C16H34', 2)],
      minutes: 5,
      attended: true,
      ready: ['five collecting tubes full of water'],
    },
    {
      id: 'crack',
      text: 'Heat the porcelain strongly, then warm the wool now and then so that vapour passes over it. Collect under water; the first tube is air.',
      minutes: 10,
      attended: true,
      uses: { burner: 1 },
      needs: [{ step: 'soak', because: 'the collecting tubes are full before the heat comes' }],
      notPredicted:
        'Cracking gives a mixture that depends on heat and time; the model does not follow it. The gas is taken as mostly ethene and propene.',
      caution:
        'Never let the porcelain cool with the tube under water: ' +
        suckBack +
        '. Screen in front of the class.',
      record: ['number of tubes filled', 'what is seen in the first'],
    },
    {
      id: 'lift',
      text: 'Lift the delivery tube out of the water.',
      minutes: 1,
      attended: true,
      after: [{ step: 'crack', maxWaitMin: 0 }],
      needs: [{ step: 'crack', because: 'gas is still being collected' }],
    },
    {
      id: 'flame-off',
      text: 'Only now take the flame away.',
      minutes: 1,
      attended: true,
      needs: [
        { step: 'lift', because: 'the delivery tube is out before the heat goes off: ' + suckBack },
      ],
    },
    {
      id: 'bromine',
      text: 'Shake a tube of the gas with a little bromine water.',
      events: [gas('product', 'C2H4', 0.5), test('product', 'bromineWater')],
      minutes: 2,
      attended: true,
      uses: { hood: 1 },
      caution: 'Bromine water burns and its vapour chokes: hood, gloves.',
      record: ['colour'],
    },
    {
      id: 'control',
      text: 'The control: bromine water shaken with the saturated oil, in dim light.',
      events: [liquid('control', 'C6H14', 1), pour('control', 'Br2', 0.02, 2)],
      minutes: 2,
      attended: true,
      uses: { hood: 1 },
      record: ['colour of each layer'],
    },
    {
      id: 'permanganate',
      text: 'A second proof: lead the gas into alkaline permanganate.',
      minutes: 2,
      attended: true,
      notPredicted:
        'The oxidation of alkenes by permanganate is outside the model; the usual outcome is that violet turns brown.',
      record: ['colour'],
    },
  ],
  questions: ['Why discard the first tube?', 'What does the control rule out?'],
  disposal: 'Tubes with bromine are decolourised with thiosulfate; oil and wool to solvent waste.',
});

/** Gases that heat drives off. */
export const heatedGases = [syringes, cracking] as const;
