import type { Fitted } from './calibration'

/* Written by `npm run fit` (bench/forecast) from made-up pupils: 13376 days of 840 lives. docs/practice.md says
   what it comes to on others. Weights stand in the order of FEATURES. */
export const FITTED: Fitted = {
  weights: [
    0.3728, 0.3851, 0.2523, 0.125, 0.06, 0.075, 0.5741, 0.05, 0.05, 0.05, 0.3514, 0.05, 0.9948, 0.7874, 0.05, 0.7153,
    0.2523, 0.025,
  ],
  calibration: [
    [-0.7963, -1.3726],
    [-0.3365, -0.3511],
    [0.1092, 0.1835],
    [0.4332, 0.5688],
    [0.7232, 0.7513],
    [1.0101, 0.8702],
    [1.4144, 1.1103],
    [2.1184, 1.8005],
  ],
  spread: {
    scale: [0.6187, 0.5226, 0],
    quantiles: [
      -3.3559, -2.0497, -1.4279, -1.0741, -0.7908, -0.5797, -0.422, -0.245, -0.113, 0.0214, 0.1671, 0.2889, 0.4079,
      0.5746, 0.7315, 0.9179, 1.1044, 1.3348, 1.593, 2.1577,
    ],
  },
  study: { scale: [0.7123, 0.1276, 0.6692, 0], width: 1.5678 },
}
