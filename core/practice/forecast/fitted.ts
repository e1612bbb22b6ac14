import type { Fitted } from './calibration'

/* Written by `npm run fit` (bench/forecast) from made-up pupils: 13376 days of 840 lives. docs/practice.md says
   what it comes to on others. Weights stand in the order of FEATURES. */
export const FITTED: Fitted = {
  weights: [
    0.252, 0.3777, 0.2443, 0.125, 0.06, 0.075, 0.6387, 0.05, 0.05, 0.05, 0.331, 0.05, 0.9612, 0.735, 0.05, 0.5768,
    0.3455, 0.025,
  ],
  calibration: [
    [-0.9049, -1.4888],
    [-0.4702, -0.5376],
    [-0.0458, 0.0867],
    [0.2718, 0.4463],
    [0.538, 0.6307],
    [0.8349, 0.839],
    [1.2756, 1.1044],
    [2.055, 1.6835],
  ],
  spread: {
    scale: [0.641, 0.5298, 0.0762],
    quantiles: [
      -3.3701, -2.0957, -1.5275, -1.1756, -0.8759, -0.6576, -0.4745, -0.3049, -0.1338, 0.0085, 0.1383, 0.2515, 0.3749,
      0.519, 0.6735, 0.8535, 1.0342, 1.2752, 1.5551, 2.1196,
    ],
  },
}
