import type { Fitted } from './calibration'

/* Written by `npm run fit` (bench/forecast) from made-up pupils: 13376 days of 840 lives. docs/practice.md says
   what it comes to on others. Weights stand in the order of FEATURES. */
export const FITTED: Fitted = {
  weights: [
    0.3692, 0.3565, 0.2303, 0.125, 0.06, 0.075, 0.588, 0.05, 0.05, 0.05, 0.3693, 0.05, 1.0169, 0.7502, 0.0649, 0.4964,
    0.3348, 0.025,
  ],
  calibration: [
    [-0.7984, -1.2646],
    [-0.3935, -0.3674],
    [-0.0185, 0.0147],
    [0.2821, 0.2935],
    [0.5525, 0.5877],
    [0.8279, 0.7345],
    [1.2317, 1.0605],
    [2.0073, 1.9185],
  ],
  spread: {
    scale: [0.6484, 0.5639, 0],
    quantiles: [
      -3.2947, -2.2353, -1.6611, -1.2775, -0.9903, -0.7221, -0.5092, -0.3243, -0.1415, 0.0136, 0.1535, 0.2769, 0.404,
      0.52, 0.6532, 0.8062, 0.9926, 1.1919, 1.436, 1.8981,
    ],
  },
}
